import { ENGLISH } from './english'
import { pseudo } from './pseudo'
import { inRegion } from './region'
import type { Language } from './render'

export { ENGLISH } from './english'

let doubled: Language | undefined

/** Languages by their tag, each made when somebody first reads it. A new one is a line here. */
export const LANGUAGES: Readonly<Record<string, () => Language>> = {
  [ENGLISH.id]: () => ENGLISH,
  'en-GB': () => inRegion(ENGLISH, 'british'),
  'en-US': () => inRegion(ENGLISH, 'american'),
  // for tests: what is not from a catalogue stays single
  'en-x-pseudo': () => (doubled ??= pseudo()),
}
