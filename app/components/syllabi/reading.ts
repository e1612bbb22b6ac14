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
  | 'board'

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
