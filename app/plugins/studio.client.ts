import { defineNuxtPlugin } from '#imports'
import { ask } from '~/composables/api'
import { knewStudio, studioAsked } from '~/composables/studio'

/** What is taught here is known before the first page stands: as this browser knew it, or else from the server. */
export default defineNuxtPlugin(async () => {
  const known = studioAsked(ask('GET /api/studio'))
  if (!knewStudio()) await known
})
