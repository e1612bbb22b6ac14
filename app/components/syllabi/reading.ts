import { KINDS } from '#core/material'
import type { Entry } from '#core/syllabus'

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

export interface ReadingChoice {
  readonly field: ChoiceField
  readonly words: string
  readonly options: readonly { readonly value: Entry[ChoiceField]; readonly words: string }[]
  /** Whom it is asked of; both unless said. */
  readonly plays?: string
  /** Whether an entry leaves it open at all. */
  readonly when?: (entry: Entry) => boolean
}

const several = ({ kinds }: Entry): boolean => kinds.filter((kind) => KINDS[kind].mode === 'minor').length > 1

/** What printed words may mean, choice by choice. */
export const CHOICES: readonly ReadingChoice[] = [
  {
    field: 'chooser',
    words: 'who chooses the form',
    when: several,
    options: [
      { value: 'candidate', words: 'the candidate: one serves' },
      { value: 'examiner', words: 'the examiner: all ready' },
      { value: 'both', words: 'nobody: all are played' },
    ],
  },
  {
    field: 'scope',
    words: 'one form for',
    when: (entry) => several(entry) && entry.chooser === 'candidate',
    options: [
      { value: 'key', words: 'each key by itself' },
      { value: 'entry', words: 'all keys of the line' },
      { value: 'grade', words: 'the whole exam' },
    ],
  },
  {
    field: 'hands',
    plays: 'fingers',
    words: 'hands',
    options: [
      { value: 'together', words: 'together' },
      { value: 'right', words: 'right' },
      { value: 'left', words: 'left' },
      { value: 'separate', words: 'each by itself' },
      { value: 'either', words: 'either, the candidate’s choice' },
      { value: 'each', words: 'each by itself, and together' },
    ],
  },
  {
    field: 'contraryFrom',
    plays: 'fingers',
    words: 'contrary motion begins',
    when: ({ motion }) => motion === 'contrary',
    options: [
      { value: null, words: 'either way' },
      { value: 'unison', words: 'on one key' },
      { value: 'octave', words: 'an octave apart' },
    ],
  },
  {
    field: 'tonicHand',
    plays: 'fingers',
    words: 'the tonic is in',
    when: ({ interval }) => interval !== 'octave',
    options: [
      { value: null, words: 'either hand' },
      { value: 'left', words: 'the left hand' },
      { value: 'right', words: 'the right hand' },
    ],
  },
  {
    field: 'touchChooser',
    words: 'who chooses the touch',
    when: ({ articulations }) => articulations.length > 1,
    options: [
      { value: 'candidate', words: 'the candidate: one serves' },
      { value: 'examiner', words: 'the examiner: both ready' },
      { value: 'both', words: 'nobody: both are played' },
    ],
  },
  {
    field: 'seventh',
    words: 'the seventh is named',
    when: ({ kinds }) => kinds.includes('dominant-seventh-arpeggio'),
    options: [
      { value: 'on', words: 'on its root' },
      { value: 'of', words: 'of the key' },
    ],
  },
  {
    field: 'resolution',
    plays: 'fingers',
    words: 'it ends',
    options: [
      { value: 'none', words: 'as it is' },
      { value: 'tonic-chord', words: 'on the tonic chord' },
      { value: 'cadence', words: 'with a cadence' },
    ],
  },
  {
    field: 'top',
    plays: 'sticks',
    words: 'the top note sounds',
    options: [
      { value: null, words: 'once or twice' },
      { value: 'once', words: 'once' },
      { value: 'twice', words: 'twice' },
    ],
  },
  {
    field: 'lead',
    plays: 'sticks',
    words: 'leading stick',
    options: [
      { value: 'either', words: 'either' },
      { value: 'right', words: 'right' },
      { value: 'left', words: 'left' },
      { value: 'both', words: 'right and left, each' },
    ],
  },
]
