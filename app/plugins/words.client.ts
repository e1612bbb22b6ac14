import { defineNuxtPlugin, onNuxtReady, useRouter } from '#imports'
import { allWords } from '~/composables/words'

/** The desk stands with the words of the first page; any other page waits for the rest, which is fetched when there is time. */
export default defineNuxtPlugin(() => {
  useRouter().beforeResolve(async ({ path }) => {
    if (path !== '/' && !path.startsWith('/desk')) await allWords()
  })
  onNuxtReady(() => void allWords())
})
