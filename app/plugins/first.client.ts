import { defineNuxtPlugin } from '#imports'
import { realised } from '~/composables/realiser'

/** The first study is worked out while the page that shows it is still on its way: its worker begins with the application. */
export default defineNuxtPlugin(() => {
  if (/^\/(desk|$)/.test(location.pathname)) realised.wake()
})
