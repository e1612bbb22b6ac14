import { defineNuxtPlugin, onNuxtReady, useRouter } from '#imports'
import { allWords, wantWords } from '~/composables/words'

/** By then the first study is painted, in milliseconds. */
const AFTER = 1000

/** The desk stands with the words of the first page; any other page waits for the rest, which is fetched when there is time. */
export default defineNuxtPlugin(() => {
  useRouter().beforeResolve(async ({ path }) => {
    if (path !== '/' && !path.startsWith('/desk')) await allWords()
  })
  onNuxtReady(() => void setTimeout(wantWords, AFTER))
})
