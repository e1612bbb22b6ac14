import { computed, ref } from 'vue'
import { nameIn, type NameSystem, parseNote, parsePitch } from '#core/pitch'
import type { Message, Params } from '#core/message'
import { type Code, ENGLISH, type Language, type Piece, type Reader, say, sayPieces } from '#words'

const language = ref<Language>(ENGLISH)
/** How notes are called in sentences; systems that depend on the key are for the score alone. */
const system = ref<NameSystem>('letters')
const IN_SENTENCES: readonly string[] = ['letters', 'german', 'fixed-do']

const C = { tonic: parseNote('C'), minor: false }
const isPitch = (name: string): boolean => /\d$/.test(name)
const noteWords = (name: string): string => nameIn(system.value, isPitch(name) ? parsePitch(name) : parseNote(name), C)

const reader = computed<Reader>(() => ({ language: language.value, note: noteWords }))

/** What the page says for a code, in the reader's language. */
export const t = (code: Code, params?: Params): string => say(params ? { code, params } : { code }, reader.value)

/** A message of the core or the server, in the reader's language. */
export const tell = (message: Message): string => say(message, reader.value)

/** The same piece by piece, for sentences that are set in several types. */
export const pieces = (code: Code, params?: Params): Piece[] =>
  sayPieces(params ? { code, params } : { code }, reader.value)

/** Names notes in sentences as they are named under the staves, where that says anything by itself. */
export function nameNotesIn(chosen: string): void {
  system.value = IN_SENTENCES.includes(chosen) ? (chosen as NameSystem) : 'letters'
}

/** Speaks another language from now on. */
export function speak(other: Language): void {
  language.value = other
}

/** The language that is spoken: its id for `lang`, its locale for dates. */
export const spoken = computed(() => ({ id: language.value.id, locale: language.value.locale }))
