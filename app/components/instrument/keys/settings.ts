import type { FingeringSettings } from '#core/fingering'
import type { Code } from '#words'

/** One setting of a school: what it is about, why sources differ, and its choices with the default first. */
interface Setting {
  readonly field: Exclude<keyof FingeringSettings, 'school'>
  readonly title: Code
  readonly why: Code
  readonly choices: readonly { readonly value: string; readonly words: Code; readonly note: Code }[]
}

/** Where printed tables and teachers differ; docs/schools.md tells more of each. */
export const SETTINGS: readonly Setting[] = [
  {
    field: 'firstFinger',
    title: 'keys.settings.black-start',
    why: 'keys.settings.black-start-why',
    choices: [
      { value: 'usual', words: 'keys.settings.black-start-tables', note: 'keys.settings.black-start-tables-why' },
      { value: 'pattern', words: 'keys.settings.black-start-pattern', note: 'keys.settings.black-start-later' },
      { value: 'two', words: 'keys.settings.black-start-two', note: 'keys.settings.black-start-compact' },
    ],
  },
  {
    field: 'handSize',
    title: 'keys.settings.hand-size',
    why: 'keys.settings.hand-size-why',
    choices: [
      { value: 'average', words: 'keys.settings.average', note: 'keys.settings.hand-average' },
      { value: 'small', words: 'keys.settings.small', note: 'keys.settings.hand-small' },
      { value: 'large', words: 'keys.settings.large', note: 'keys.settings.wider-grips' },
    ],
  },
  {
    field: 'leftArpeggio',
    title: 'keys.settings.triads',
    why: 'keys.settings.triads-why',
    choices: [
      { value: 'by-distance', words: 'keys.settings.triads-keys', note: 'keys.settings.triads-keys-why' },
      { value: 'always-four', words: 'keys.settings.triads-four', note: 'keys.settings.triads-shape' },
    ],
  },
  {
    field: 'repeats',
    title: 'keys.settings.repeats',
    why: 'keys.settings.repeats-why',
    choices: [
      { value: 'alike', words: 'keys.settings.repeats-alike', note: 'keys.settings.repeats-alike-note' },
      { value: 'by-step', words: 'keys.settings.repeats-by-step', note: 'keys.settings.repeats-by-step-note' },
      { value: 'as-it-lies', words: 'keys.settings.repeats-as-it-lies', note: 'keys.settings.repeats-as-it-lies-note' },
    ],
  },
  {
    field: 'chromatic',
    title: 'keys.settings.chromatic-scale',
    why: 'keys.settings.chromatic-why',
    choices: [
      { value: 'one-three', words: 'keys.settings.chromatic-three', note: 'keys.settings.chromatic-three-why' },
      { value: 'fours', words: 'keys.settings.chromatic-four', note: 'keys.settings.chromatic-four-why' },
      { value: 'fives', words: 'keys.settings.chromatic-five', note: 'keys.settings.chromatic-five-why' },
    ],
  },
]
