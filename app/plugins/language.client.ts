import { defineNuxtPlugin } from '#imports'
import { readAsBefore, speak } from '~/composables/words'
import type { Language } from '#words'

/** Languages besides English, each fetched where it is spoken. */
const OTHERS: Readonly<Record<string, () => Promise<Language>>> = {
  pseudo: async () => (await import('#words/pseudo')).pseudo(),
}

/** The language that this browser was set to speaks before the first page stands. */
export default defineNuxtPlugin(async () => {
  readAsBefore()
  const other = OTHERS[localStorage.getItem('tactum language') ?? '']
  if (!other) return
  const language = await other()
  speak(language)
  document.documentElement.lang = language.id
})
