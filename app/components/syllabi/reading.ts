import { KINDS, leadsToKey } from '#core/material'
import type { Entry } from '#core/syllabus'
import type { Code } from '#words'

export type ChoiceField =
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

interface ReadingChoice {
  readonly field: ChoiceField
  readonly words: Code
  readonly options: readonly { readonly value: Entry[ChoiceField]; readonly words: Code }[]
  /** Whom it is asked of; all unless said. */
  readonly plays?: readonly string[]
  /** Whether an entry leaves it open at all. */
  readonly when?: (entry: Entry) => boolean
}

const several = ({ kinds }: Entry): boolean => kinds.filter((kind) => KINDS[kind].mode === 'minor').length > 1

/** What printed words may mean, choice by choice. */
export const CHOICES: readonly ReadingChoice[] = [
  {
    field: 'chooser',
    words: 'syllabi.reading.who-chooses-the-form',
    when: several,
    options: [
      { value: 'candidate', words: 'syllabi.reading.the-candidate-one-serves' },
      { value: 'examiner', words: 'syllabi.reading.the-examiner-all-ready' },
      { value: 'both', words: 'syllabi.reading.nobody-all-are-played' },
    ],
  },
  {
    field: 'scope',
    words: 'syllabi.reading.one-form-for',
    when: (entry) => several(entry) && entry.chooser === 'candidate',
    options: [
      { value: 'key', words: 'syllabi.reading.each-key-by-itself' },
      { value: 'entry', words: 'syllabi.reading.all-keys-of-the' },
      { value: 'grade', words: 'syllabi.reading.the-whole-exam' },
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
      { value: 'separate', words: 'syllabi.reading.each-by-itself' },
      { value: 'either', words: 'syllabi.reading.either-the-candidate-s' },
      { value: 'each', words: 'syllabi.reading.each-by-itself-and' },
    ],
  },
  {
    field: 'contraryFrom',
    plays: ['fingers'],
    words: 'syllabi.reading.contrary-motion-begins',
    when: ({ motion }) => motion === 'contrary',
    options: [
      { value: null, words: 'syllabi.reading.either-way' },
      { value: 'unison', words: 'syllabi.reading.on-one-key' },
      { value: 'octave', words: 'syllabi.reading.an-octave-apart' },
    ],
  },
  {
    field: 'tonicHand',
    plays: ['fingers'],
    words: 'syllabi.reading.the-tonic-is-in',
    when: ({ interval }) => interval !== 'octave',
    options: [
      { value: null, words: 'syllabi.reading.either-hand' },
      { value: 'left', words: 'syllabi.reading.the-left-hand' },
      { value: 'right', words: 'syllabi.reading.the-right-hand' },
    ],
  },
  {
    field: 'touchChooser',
    words: 'syllabi.reading.who-chooses-the-touch',
    when: ({ articulations }) => articulations.length > 1,
    options: [
      { value: 'candidate', words: 'syllabi.reading.the-candidate-one-serves' },
      { value: 'examiner', words: 'syllabi.reading.the-examiner-both-ready' },
      { value: 'both', words: 'syllabi.reading.nobody-both-are-played' },
    ],
  },
  {
    field: 'seventh',
    words: 'syllabi.reading.the-seventh-is-named',
    when: ({ kinds }) => kinds.some((kind) => leadsToKey(KINDS[kind])),
    options: [
      { value: 'on', words: 'syllabi.reading.on-its-root' },
      { value: 'of', words: 'syllabi.reading.of-the-key' },
    ],
  },
  {
    field: 'resolution',
    plays: ['fingers', 'accordion'],
    words: 'syllabi.reading.it-ends',
    options: [
      { value: 'none', words: 'syllabi.reading.as-it-is' },
      { value: 'tonic-chord', words: 'syllabi.reading.on-the-tonic-chord' },
      { value: 'cadence', words: 'syllabi.reading.with-a-cadence' },
    ],
  },
  {
    field: 'top',
    plays: ['sticks'],
    words: 'syllabi.reading.the-top-note-sounds',
    options: [
      { value: null, words: 'syllabi.reading.once-or-twice' },
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
      { value: 'both', words: 'syllabi.reading.right-and-left-each' },
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
]
