import type { FingeringSettings } from '#core/fingering'
import { t } from '~/composables/words'

/** One setting of a school: what it is about, why sources differ, and its choices with the default first. */
export interface Setting {
  readonly field: Exclude<keyof FingeringSettings, 'school'>
  readonly title: string
  readonly why: string
  readonly choices: readonly { readonly value: string; readonly words: string; readonly note: string }[]
}

/** Where printed tables and teachers differ; docs/schools.md tells more of each. */
export const SETTINGS: readonly Setting[] = [
  {
    field: 'firstFinger',
    get title() {
      return t('keys.settings.a-black-first-note')
    },
    get why() {
      return t('keys.settings.printed-tables-differ-both')
    },
    choices: [
      {
        value: 'usual',
        get words() {
          return t('keys.settings.as-tables-mostly-have')
        },
        get note() {
          return t('keys.settings.the-pattern-s-finger')
        },
      },
      {
        value: 'pattern',
        get words() {
          return t('keys.settings.the-pattern-s-finger-2')
        },
        get note() {
          return t('keys.settings.begin-as-every-later')
        },
      },
      {
        value: 'two',
        get words() {
          return t('keys.settings.begin-on-2')
        },
        get note() {
          return t('keys.settings.compact-2-1-2')
        },
      },
    ],
  },
  {
    field: 'handSize',
    get title() {
      return t('keys.settings.size-of-the-hand')
    },
    get why() {
      return t('keys.settings.how-far-the-fingers')
    },
    choices: [
      {
        value: 'average',
        get words() {
          return t('keys.settings.average')
        },
        get note() {
          return t('keys.settings.the-tables-are-made')
        },
      },
      {
        value: 'small',
        get words() {
          return t('keys.settings.small')
        },
        get note() {
          return t('keys.settings.fewer-stretches-5-in')
        },
      },
      {
        value: 'large',
        get words() {
          return t('keys.settings.large')
        },
        get note() {
          return t('keys.settings.wider-grips')
        },
      },
    ],
  },
  {
    field: 'leftArpeggio',
    get title() {
      return t('keys.settings.left-hand-in-broken')
    },
    get why() {
      return t('keys.settings.older-tables-have-4')
    },
    choices: [
      {
        value: 'by-distance',
        get words() {
          return t('keys.settings.3-or-4-as')
        },
        get note() {
          return t('keys.settings.the-default-each-finger')
        },
      },
      {
        value: 'always-four',
        get words() {
          return t('keys.settings.always-4')
        },
        get note() {
          return t('keys.settings.one-shape-for-every')
        },
      },
    ],
  },
  {
    field: 'chromatic',
    get title() {
      return t('keys.settings.chromatic-scale')
    },
    get why() {
      return t('keys.settings.safe-or-fast-schools')
    },
    choices: [
      {
        value: 'one-three',
        get words() {
          return t('keys.settings.1-and-3')
        },
        get note() {
          return t('keys.settings.3-on-every-black')
        },
      },
      {
        value: 'fours',
        get words() {
          return t('keys.settings.groups-of-four')
        },
        get note() {
          return t('keys.settings.1-2-3-4')
        },
      },
      {
        value: 'fives',
        get words() {
          return t('keys.settings.groups-of-five')
        },
        get note() {
          return t('keys.settings.all-five-fingers')
        },
      },
    ],
  },
]
