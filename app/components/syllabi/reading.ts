import type { RequiredSticks } from '#core/instrument'
import { KINDS, leadsToKey } from '#core/material'
import { DEFAULT_FIGURES, LONG_FIGURES, RUDIMENTS } from '#core/sticking'
import { MALLET_INSTRUMENTS } from '#core/surface'
import type { Entry } from '#core/syllabus'
import type { Code } from '#words'

/** What an entry says in a field, or of its sticks. */
type Value = string | number | boolean | null
type SticksField = `sticks.${keyof RequiredSticks}`
type PlainField =
  | 'chooser'
  | 'scope'
  | 'hands'
  | 'contraryFrom'
  | 'tonicHand'
  | 'touchChooser'
  | 'seventh'
  | 'resolution'
  | 'top'
  | 'lead'
  | 'bass'
  | 'bellows'
  | 'treble'
  | 'board'
  | 'rolled'
  | 'mallets'
export type ChoiceField = PlainField | SticksField

interface ReadingChoice {
  readonly field: ChoiceField
  readonly words: Code
  readonly options: readonly {
    readonly value: Value
    readonly words: Code
    readonly params?: { readonly [name: string]: string }
  }[]
  /** Whom it is asked of; all unless said. */
  readonly plays?: readonly string[]
  /** Whether an entry leaves it open at all. */
  readonly when?: (entry: Entry) => boolean
}

const sticksField = (field: ChoiceField): keyof RequiredSticks | null =>
  field.startsWith('sticks.') ? (field.slice('sticks.'.length) as keyof RequiredSticks) : null

/** What an entry says; null where it leaves a question of sticks open. */
export function valueOf(entry: Entry, field: ChoiceField): Value {
  const own = sticksField(field)
  return own ? (entry.sticks?.[own] ?? null) : (entry[field as PlainField] as Value)
}

/** An entry that says something else in a field; nothing at all of its sticks where the last answer goes. */
export function withValue(entry: Entry, field: ChoiceField, value: Value): Entry {
  const own = sticksField(field)
  if (!own) return { ...entry, [field]: value }
  const { [own]: _, ...others } = entry.sticks ?? {}
  const sticks = value === null ? others : { ...others, [own]: value }
  return { ...entry, sticks: Object.keys(sticks).length > 0 ? (sticks as RequiredSticks) : null }
}

const ANY = { value: null, words: 'syllabi.reading.sticks.any' } as const
const several = ({ kinds }: Entry): boolean => kinds.filter((kind) => KINDS[kind].mode === 'minor').length > 1

const MAKES = [...new Set(MALLET_INSTRUMENTS.map(({ family }) => family))]

/** What printed words may mean, choice by choice. */
export const CHOICES: readonly ReadingChoice[] = [
  {
    field: 'chooser',
    words: 'syllabi.reading.form-chooser',
    when: several,
    options: [
      { value: 'candidate', words: 'syllabi.reading.form-candidate' },
      { value: 'examiner', words: 'syllabi.reading.form-examiner' },
      { value: 'both', words: 'syllabi.reading.form-all' },
    ],
  },
  {
    field: 'scope',
    words: 'syllabi.reading.form-scope',
    when: (entry) => several(entry) && entry.chooser === 'candidate',
    options: [
      { value: 'key', words: 'syllabi.reading.scope-key' },
      { value: 'entry', words: 'syllabi.reading.scope-entry' },
      { value: 'grade', words: 'syllabi.reading.scope-exam' },
    ],
  },
  {
    field: 'hands',
    plays: ['fingers', 'accordion'],
    words: 'syllabi.reading.hands',
    options: [
      { value: 'together', words: 'syllabi.reading.together' },
      { value: 'right', words: 'syllabi.reading.right' },
      { value: 'left', words: 'syllabi.reading.left' },
      { value: 'separate', words: 'syllabi.reading.hands-separate' },
      { value: 'either', words: 'syllabi.reading.hands-either' },
      { value: 'each', words: 'syllabi.reading.hands-each' },
    ],
  },
  {
    field: 'contraryFrom',
    plays: ['fingers'],
    words: 'syllabi.reading.contrary',
    when: ({ motion }) => motion === 'contrary',
    options: [
      { value: null, words: 'syllabi.reading.either-way' },
      { value: 'unison', words: 'syllabi.reading.contrary-unison' },
      { value: 'octave', words: 'syllabi.reading.contrary-octave' },
      { value: 'third', words: 'syllabi.reading.contrary-third' },
      { value: 'sixth', words: 'syllabi.reading.contrary-sixth' },
      { value: 'tenth', words: 'syllabi.reading.contrary-tenth' },
    ],
  },
  {
    field: 'tonicHand',
    plays: ['fingers'],
    words: 'syllabi.reading.tonic-hand',
    when: ({ interval }) => interval !== 'octave',
    options: [
      { value: null, words: 'syllabi.reading.either-hand' },
      { value: 'left', words: 'syllabi.reading.tonic-left' },
      { value: 'right', words: 'syllabi.reading.tonic-right' },
    ],
  },
  {
    field: 'touchChooser',
    words: 'syllabi.reading.touch-chooser',
    when: ({ articulations }) => articulations.length > 1,
    options: [
      { value: 'candidate', words: 'syllabi.reading.form-candidate' },
      { value: 'examiner', words: 'syllabi.reading.touch-examiner' },
      { value: 'both', words: 'syllabi.reading.touch-both' },
    ],
  },
  {
    field: 'seventh',
    words: 'syllabi.reading.seventh',
    when: ({ kinds }) => kinds.some((kind) => leadsToKey(KINDS[kind])),
    options: [
      { value: 'on', words: 'syllabi.reading.seventh-on' },
      { value: 'of', words: 'syllabi.reading.seventh-of' },
    ],
  },
  {
    field: 'resolution',
    plays: ['fingers', 'accordion'],
    words: 'syllabi.reading.it-ends',
    options: [
      { value: 'none', words: 'syllabi.reading.ends-plain' },
      { value: 'tonic-chord', words: 'syllabi.reading.ends-chord' },
      { value: 'cadence', words: 'syllabi.reading.ends-cadence' },
    ],
  },
  {
    field: 'top',
    plays: ['sticks'],
    words: 'syllabi.reading.top',
    options: [
      { value: null, words: 'syllabi.reading.top-either' },
      { value: 'once', words: 'syllabi.reading.once' },
      { value: 'twice', words: 'syllabi.reading.twice' },
    ],
  },
  {
    field: 'lead',
    plays: ['sticks'],
    words: 'syllabi.reading.leading-stick',
    options: [
      { value: 'either', words: 'syllabi.reading.either' },
      { value: 'right', words: 'syllabi.reading.right' },
      { value: 'left', words: 'syllabi.reading.left' },
      { value: 'both', words: 'syllabi.reading.lead-each' },
    ],
  },
  {
    field: 'sticks.make',
    plays: ['sticks'],
    words: 'syllabi.reading.sticks.make',
    options: [ANY, ...MAKES.map((make) => ({ value: make, words: 'name.make' as const, params: { make } }))],
  },
  {
    field: 'sticks.alternating',
    plays: ['sticks'],
    when: ({ mallets, rolled, sticks }) => mallets === 2 && !rolled && !sticks?.rudiment,
    words: 'syllabi.reading.sticks.alternating',
    options: [ANY, { value: true, words: 'syllabi.reading.sticks.hand-to-hand' }],
  },
  {
    field: 'sticks.rudiment',
    plays: ['sticks'],
    when: ({ mallets, rolled }) => mallets === 2 && !rolled,
    words: 'syllabi.reading.sticks.rudiment',
    options: [
      { value: null, words: 'desk.change-words.none' },
      ...RUDIMENTS.flatMap((id) => (id === 'none' ? [] : [{ value: id, words: `rudiment.${id}` as const }])),
    ],
  },
  {
    field: 'rolled',
    plays: ['sticks'],
    when: ({ mallets, sticks }) => mallets === 2 && !sticks?.rudiment,
    words: 'syllabi.reading.sticks.notes',
    options: [
      { value: false, words: 'syllabi.reading.sticks.struck' },
      { value: true, words: 'syllabi.reading.sticks.rolled' },
    ],
  },
  {
    field: 'mallets',
    plays: ['sticks'],
    when: ({ rolled, sticks }) => !rolled && !sticks?.rudiment,
    words: 'syllabi.reading.sticks.mallets',
    options: [
      { value: 2, words: 'syllabi.reading.sticks.two' },
      { value: 4, words: 'syllabi.reading.sticks.four' },
    ],
  },
  {
    field: 'sticks.figure',
    plays: ['sticks'],
    when: ({ mallets }) => mallets === 4,
    words: 'syllabi.reading.sticks.figure',
    options: [
      ANY,
      ...[...DEFAULT_FIGURES, ...LONG_FIGURES].map((figure) => ({
        ...{ value: figure, words: 'syllabi.reading.sticks.order' as const },
        params: { figure },
      })),
    ],
  },
  {
    field: 'bass',
    plays: ['accordion'],
    when: ({ hands }) => hands !== 'right',
    words: 'syllabi.reading.bass',
    options: [
      { value: null, words: 'syllabi.reading.bass.any' },
      { value: 'scale', words: 'syllabi.reading.bass.scale' },
      { value: 'alternating', words: 'syllabi.reading.bass.alternating' },
      { value: 'waltz', words: 'syllabi.reading.bass.waltz' },
      { value: 'chords', words: 'syllabi.reading.bass.chords' },
      { value: 'cadence', words: 'syllabi.reading.bass.cadence' },
      { value: 'held-bass', words: 'syllabi.reading.bass.held-bass' },
    ],
  },
  {
    field: 'bellows',
    plays: ['accordion'],
    words: 'syllabi.reading.bellows',
    options: [
      { value: null, words: 'syllabi.reading.bellows.any' },
      { value: 'top', words: 'syllabi.reading.bellows.top' },
      { value: 'octave', words: 'syllabi.reading.bellows.octave' },
      { value: 'beats', words: 'syllabi.reading.bellows.beats' },
      { value: 'shake', words: 'syllabi.reading.bellows.shake' },
    ],
  },
  {
    field: 'treble',
    plays: ['accordion'],
    words: 'syllabi.reading.treble',
    options: [
      { value: null, words: 'syllabi.reading.treble.any' },
      { value: 'keys', words: 'syllabi.reading.treble.keys' },
      { value: 'buttons', words: 'syllabi.reading.treble.buttons' },
    ],
  },
  {
    field: 'board',
    plays: ['accordion'],
    words: 'syllabi.reading.board',
    options: [
      { value: null, words: 'syllabi.reading.board.any' },
      { value: 'standard', words: 'syllabi.reading.board.standard' },
      { value: 'free', words: 'syllabi.reading.board.free' },
    ],
  },
]
