import { REQUIREMENT_RULES } from './lexiconRequirement'
import { KEYS_OF_RULES } from './lexiconKeysOf'
import { PRINTED_LINES } from './lexiconLine'
import { readerFor, RULES } from './read'
import type { Token } from './scan'

/** Lines in which the syllables of a scale are names of notes, and in which As and Es are. */
const ROMANCE =
  /\b(mayor|menor|majeur|mineur|maggiore|minore|escala|gamme|scala|arpegio|manos|sostenido|bemol|di[eè]se)/i
const SYLLABLES = ['do', 'ut', 're', 'mi', 'fa', 'sol', 'la', 'si', 'as', 'es']
/** After the letter A, these say that it is a key. */
const AFTER_A = [
  ...['major', 'minor', 'maj', 'min', 'flat', 'sharp', 'harmonic', 'melodic', 'natural', 'dur', 'moll', 'dorian'],
  ...['phrygian', 'lydian', 'mixolydian', 'aeolian', 'locrian', 'ionian', 'and', 'or', ',', ';'],
]

/** Printed in small letters, `a` and `as` are words of a sentence unless what follows makes them keys. */
const isKey = (tokens: readonly Token[], at: number): boolean => {
  const { text, typed } = tokens[at]!
  if (typed === 'a') return AFTER_A.includes(tokens[at + 1]?.text ?? ';')
  return (
    !SYLLABLES.includes(text) ||
    tokens.some((token) => ROMANCE.test(token.text) || ['dur', 'moll'].includes(token.text))
  )
}

/** Reads the words of a printed line. */
export const readPrinted = readerFor([...REQUIREMENT_RULES, ...KEYS_OF_RULES, ...PRINTED_LINES, ...RULES], {
  isName: isKey,
})
