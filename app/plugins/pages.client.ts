import { defineNuxtPlugin, useRouter } from '#imports'
import { noteMissing, noteTrouble } from '~/composables/connection'

/** How browsers say that a part of the program could not be fetched. */
const UNFETCHED = /import|fetch|load|module/i

/** A page that was not fetched yet while the server is away is opened when it is back; the page that is open stays. */
export default defineNuxtPlugin((nuxt) => {
  const router = useRouter()
  const missing = (path: string): void => {
    noteMissing(() => router.push(path))
    void noteTrouble('away')
  }
  router.onError((error: unknown, to) => {
    if (error instanceof Error && UNFETCHED.test(error.message)) missing(to.fullPath)
  })
  nuxt.hook('app:chunkError', () => void noteTrouble('away'))
})
