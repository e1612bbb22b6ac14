import { noteName } from '../pitch'
import { chordsAt } from './chordsCalled'
import { type CalledKey, keysAt } from './keysCalled'
import { motifAt, type MotifReading } from './motifCalled'
import type { Meaning } from './part'
import type { Token } from './scan'
import { type NameReading, noteNameAt } from './noteNames'

/** What a slot of a phrase took from the line. */
interface Taken {
  readonly numbers: readonly number[]
  readonly notes: readonly NameReading[]
  readonly pitches: readonly (string | readonly string[])[]
  /** Sticks in a row, `rlrr`. */
  readonly sticks: string
  readonly motifs: readonly MotifReading[]
  readonly keys: readonly CalledKey[]
  /** Chords by their degrees. */
  readonly chords: readonly string[]
}

/** A phrase of the grammar: slots in order, each with its alternatives; what the whole of it says. */
export interface Rule {
  readonly slots: readonly Slot[]
  /** The phrase as it is offered to a person. */
  readonly shown: string
  /** Returns null where the numbers make no sense. */
  readonly say: (taken: Taken) => Meaning | null
}

export interface Slot {
  readonly words: readonly string[]
  readonly optional: boolean
  readonly class: 'number' | 'numbers' | 'note' | 'keys' | 'pitches' | 'sticks' | 'motif' | 'chords' | null
}

/**
 * A phrase as it is written in the lexicon: words in order, `a|b` for alternatives, `?` after what may be left out,
 * `<n>` for a number in figures or words, `<n...>` for some numbers, `<note>` for a note's name, `<key...>` for keys,
 * `<pitch...>` for pitches with their octaves, joined by `+` where they sound together, `<sticks>` for R and L in a row,
 * `<motif>` for degrees in figures, `<chord...>` for chords by their degrees.
 */
function slotsOf(phrase: string): Slot[] {
  return phrase.split(' ').map((written) => {
    const optional = written.endsWith('?')
    const text = optional ? written.slice(0, -1) : written
    if (text === '<n>') return { words: [], optional, class: 'number' }
    if (text === '<n...>') return { words: [], optional, class: 'numbers' }
    if (text === '<pitch...>') return { words: [], optional, class: 'pitches' }
    if (text === '<sticks>') return { words: [], optional, class: 'sticks' }
    if (text === '<note>') return { words: [], optional, class: 'note' }
    if (text === '<key...>') return { words: [], optional, class: 'keys' }
    if (text === '<motif>') return { words: [], optional, class: 'motif' }
    if (text === '<chord...>') return { words: [], optional, class: 'chords' }
    return { words: text.split('|'), optional, class: null }
  })
}

const SHOWN: Readonly<Record<string, string>> = {
  number: '2',
  numbers: '1 2 3',
  note: 'C',
  pitches: 'C4 E4 G4',
  sticks: 'R',
  keys: 'C, E♭, A',
  motif: '1 4 2 3',
  chords: 'I IV V I',
}

/** The shortest way to say a phrase: first alternatives, nothing optional. */
const shownOf = (slots: readonly Slot[]): string =>
  slots
    .filter((slot) => !slot.optional)
    .map((slot) => SHOWN[slot.class ?? 'words'] ?? slot.words[0]!)
    .join(' ')

/** Rules for several phrases that say the same. */
export const rules = (phrases: readonly string[], say: Rule['say']): Rule[] =>
  phrases.map((phrase) => {
    const slots = slotsOf(phrase)
    return { slots, shown: shownOf(slots), say }
  })

/** Rules whose phrases take nothing from the line. */
export const fixed = (phrases: readonly string[], meaning: Meaning): Rule[] => rules(phrases, () => meaning)

const NUMBERS: Readonly<Record<string, number>> = Object.fromEntries(
  [
    ['no', 'zero', 'kein', 'keine', 'ningun'],
    ['one', 'single', 'first', 'un', 'una', 'uno', 'primera', 'ein', 'eine', 'erste'],
    ['two', 'second', 'dos', 'segunda', 'zwei', 'zweite'],
    ['three', 'third', 'tres', 'tercera', 'drei', 'dritte'],
    ['four', 'fourth', 'cuatro', 'vier'],
    ['five', 'cinco', 'fuenf', 'funf'],
    ['six', 'seis', 'sechs'],
    ['seven', 'siete', 'sieben'],
    ['eight', 'ocho', 'acht'],
    ['nine', 'nueve', 'neun'],
    ['ten', 'diez', 'zehn'],
    ['eleven', 'once', 'elf'],
    ['twelve', 'doce', 'zwolf'],
  ].flatMap((words, value) => words.map((word) => [word, value] as const)),
)

export const numberWords = Object.keys(NUMBERS)

/** A number in figures or words; `1st` counts as 1. */
function numberAt(tokens: readonly Token[], at: number): number | null {
  const token = tokens[at]
  if (!token || token.kind === 'sign') return null
  const figures = Number.parseInt(token.text, 10)
  if (!Number.isNaN(figures)) return figures
  return Object.hasOwn(NUMBERS, token.text) ? NUMBERS[token.text]! : null
}

interface Matched {
  readonly next: number
  readonly taken: Taken
}

export const NOTHING: Taken = { numbers: [], notes: [], pitches: [], sticks: '', motifs: [], keys: [], chords: [] }

function numbersAt(tokens: readonly Token[], from: number): Matched[] {
  const numbers: number[] = []
  for (let at = from; ; at++) {
    const number = numberAt(tokens, at)
    if (number === null) return at > from ? [{ next: at, taken: { ...NOTHING, numbers } }] : []
    numbers.push(number)
  }
}

/** One pitch: a name and its octave. */
function pitchAt(tokens: readonly Token[], at: number): { name: string; next: number } | null {
  const note = noteNameAt(tokens, at, false)
  const octave = note && tokens[note.next]
  if (!note || octave?.kind !== 'number' || octave.text.length > 1) return null
  return { name: noteName(note.note) + octave.text, next: note.next + 1 }
}

/** Pitches one after another; `+` joins those that are struck together. */
function pitchesAt(tokens: readonly Token[], from: number): Matched[] {
  const pitches: string[][] = []
  let at = from
  let joins = false
  for (;;) {
    const pitch = pitchAt(tokens, at)
    if (!pitch) break
    if (joins) pitches.at(-1)!.push(pitch.name)
    else pitches.push([pitch.name])
    at = pitch.next
    joins = tokens[at]?.text === '+'
    if (joins || tokens[at]?.text === ',') at++
  }
  const listed = pitches.map((chord) => (chord.length === 1 ? chord[0]! : chord))
  return pitches.length > 0 ? [{ next: at, taken: { ...NOTHING, pitches: listed } }] : []
}

/** The motif that begins here. */
function motifsAt(tokens: readonly Token[], at: number): Matched[] {
  const found = motifAt(tokens, at)
  return found ? [{ next: found.next, taken: { ...NOTHING, motifs: [found] } }] : []
}

/** Chords one after another. */
function chordsMatched(tokens: readonly Token[], at: number): Matched[] {
  const found = chordsAt(tokens, at)
  return found ? [{ next: found.next, taken: { ...NOTHING, chords: found.chords } }] : []
}

/** Keys one after another. */
function keysMatched(tokens: readonly Token[], from: number, german: boolean): Matched[] {
  const found = keysAt(tokens, from, german)
  return found ? [{ next: found.next, taken: { ...NOTHING, keys: found.keys } }] : []
}

function slotAt(slot: Slot, tokens: readonly Token[], at: number, german: boolean): Matched[] {
  if (slot.class === 'number') {
    const number = numberAt(tokens, at)
    return number === null ? [] : [{ next: at + 1, taken: { ...NOTHING, numbers: [number] } }]
  }
  if (slot.class === 'numbers') return numbersAt(tokens, at)
  if (slot.class === 'pitches') return pitchesAt(tokens, at)
  if (slot.class === 'motif') return motifsAt(tokens, at)
  if (slot.class === 'keys') return keysMatched(tokens, at, german)
  if (slot.class === 'chords') return chordsMatched(tokens, at)
  if (slot.class === 'note') {
    const note = noteNameAt(tokens, at, german)
    return note ? [{ next: note.next, taken: { ...NOTHING, notes: [note] } }] : []
  }
  const token = tokens[at]
  if (slot.class === 'sticks') {
    return token && /^[rl]+$/.test(token.text) ? [{ next: at + 1, taken: { ...NOTHING, sticks: token.text } }] : []
  }
  return token && slot.words.includes(token.text) ? [{ next: at + 1, taken: NOTHING }] : []
}

const joined = (one: Taken, other: Taken): Taken => ({
  numbers: [...one.numbers, ...other.numbers],
  notes: [...one.notes, ...other.notes],
  pitches: [...one.pitches, ...other.pitches],
  sticks: one.sticks + other.sticks,
  motifs: [...one.motifs, ...other.motifs],
  keys: [...one.keys, ...other.keys],
  chords: [...one.chords, ...other.chords],
})

/** All ways in which a rule fits the tokens from a place on, with what it took. */
export function matches({ slots }: Rule, tokens: readonly Token[], from: number, german: boolean): Matched[] {
  let open: Matched[] = [{ next: from, taken: NOTHING }]
  for (const slot of slots) {
    open = open.flatMap(({ next, taken }) => {
      const on = slotAt(slot, tokens, next, german).map((more) => ({
        next: more.next,
        taken: joined(taken, more.taken),
      }))
      return slot.optional ? [...on, { next, taken }] : on
    })
    if (open.length === 0) return []
  }
  return open.filter(({ next }) => next > from)
}
