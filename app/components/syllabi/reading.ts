import { KINDS } from '#core/material'
import type { Entry } from '#core/syllabus'
import { t } from '~/composables/words'

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
    get words() {
      return t('syllabi.reading.who-chooses-the-form')
    },
    when: several,
    options: [
      {
        value: 'candidate',
        get words() {
          return t('syllabi.reading.the-candidate-one-serves')
        },
      },
      {
        value: 'examiner',
        get words() {
          return t('syllabi.reading.the-examiner-all-ready')
        },
      },
      {
        value: 'both',
        get words() {
          return t('syllabi.reading.nobody-all-are-played')
        },
      },
    ],
  },
  {
    field: 'scope',
    get words() {
      return t('syllabi.reading.one-form-for')
    },
    when: (entry) => several(entry) && entry.chooser === 'candidate',
    options: [
      {
        value: 'key',
        get words() {
          return t('syllabi.reading.each-key-by-itself')
        },
      },
      {
        value: 'entry',
        get words() {
          return t('syllabi.reading.all-keys-of-the')
        },
      },
      {
        value: 'grade',
        get words() {
          return t('syllabi.reading.the-whole-exam')
        },
      },
    ],
  },
  {
    field: 'hands',
    plays: 'fingers',
    get words() {
      return t('syllabi.reading.hands')
    },
    options: [
      {
        value: 'together',
        get words() {
          return t('syllabi.reading.together')
        },
      },
      {
        value: 'right',
        get words() {
          return t('syllabi.reading.right')
        },
      },
      {
        value: 'left',
        get words() {
          return t('syllabi.reading.left')
        },
      },
      {
        value: 'separate',
        get words() {
          return t('syllabi.reading.each-by-itself')
        },
      },
      {
        value: 'either',
        get words() {
          return t('syllabi.reading.either-the-candidate-s')
        },
      },
      {
        value: 'each',
        get words() {
          return t('syllabi.reading.each-by-itself-and')
        },
      },
    ],
  },
  {
    field: 'contraryFrom',
    plays: 'fingers',
    get words() {
      return t('syllabi.reading.contrary-motion-begins')
    },
    when: ({ motion }) => motion === 'contrary',
    options: [
      {
        value: null,
        get words() {
          return t('syllabi.reading.either-way')
        },
      },
      {
        value: 'unison',
        get words() {
          return t('syllabi.reading.on-one-key')
        },
      },
      {
        value: 'octave',
        get words() {
          return t('syllabi.reading.an-octave-apart')
        },
      },
    ],
  },
  {
    field: 'tonicHand',
    plays: 'fingers',
    get words() {
      return t('syllabi.reading.the-tonic-is-in')
    },
    when: ({ interval }) => interval !== 'octave',
    options: [
      {
        value: null,
        get words() {
          return t('syllabi.reading.either-hand')
        },
      },
      {
        value: 'left',
        get words() {
          return t('syllabi.reading.the-left-hand')
        },
      },
      {
        value: 'right',
        get words() {
          return t('syllabi.reading.the-right-hand')
        },
      },
    ],
  },
  {
    field: 'touchChooser',
    get words() {
      return t('syllabi.reading.who-chooses-the-touch')
    },
    when: ({ articulations }) => articulations.length > 1,
    options: [
      {
        value: 'candidate',
        get words() {
          return t('syllabi.reading.the-candidate-one-serves')
        },
      },
      {
        value: 'examiner',
        get words() {
          return t('syllabi.reading.the-examiner-both-ready')
        },
      },
      {
        value: 'both',
        get words() {
          return t('syllabi.reading.nobody-both-are-played')
        },
      },
    ],
  },
  {
    field: 'seventh',
    get words() {
      return t('syllabi.reading.the-seventh-is-named')
    },
    when: ({ kinds }) => kinds.includes('dominant-seventh-arpeggio'),
    options: [
      {
        value: 'on',
        get words() {
          return t('syllabi.reading.on-its-root')
        },
      },
      {
        value: 'of',
        get words() {
          return t('syllabi.reading.of-the-key')
        },
      },
    ],
  },
  {
    field: 'resolution',
    plays: 'fingers',
    get words() {
      return t('syllabi.reading.it-ends')
    },
    options: [
      {
        value: 'none',
        get words() {
          return t('syllabi.reading.as-it-is')
        },
      },
      {
        value: 'tonic-chord',
        get words() {
          return t('syllabi.reading.on-the-tonic-chord')
        },
      },
      {
        value: 'cadence',
        get words() {
          return t('syllabi.reading.with-a-cadence')
        },
      },
    ],
  },
  {
    field: 'top',
    plays: 'sticks',
    get words() {
      return t('syllabi.reading.the-top-note-sounds')
    },
    options: [
      {
        value: null,
        get words() {
          return t('syllabi.reading.once-or-twice')
        },
      },
      {
        value: 'once',
        get words() {
          return t('syllabi.reading.once')
        },
      },
      {
        value: 'twice',
        get words() {
          return t('syllabi.reading.twice')
        },
      },
    ],
  },
  {
    field: 'lead',
    plays: 'sticks',
    get words() {
      return t('syllabi.reading.leading-stick')
    },
    options: [
      {
        value: 'either',
        get words() {
          return t('syllabi.reading.either')
        },
      },
      {
        value: 'right',
        get words() {
          return t('syllabi.reading.right')
        },
      },
      {
        value: 'left',
        get words() {
          return t('syllabi.reading.left')
        },
      },
      {
        value: 'both',
        get words() {
          return t('syllabi.reading.right-and-left-each')
        },
      },
    ],
  },
]
