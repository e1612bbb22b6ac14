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
    title: 'keys.settings.a-black-first-note',
    why: 'keys.settings.printed-tables-differ-both',
    choices: [
      { value: 'usual', words: 'keys.settings.as-tables-mostly-have', note: 'keys.settings.the-pattern-s-finger' },
      { value: 'pattern', words: 'keys.settings.the-pattern-s-finger-2', note: 'keys.settings.begin-as-every-later' },
      { value: 'two', words: 'keys.settings.begin-on-2', note: 'keys.settings.compact-2-1-2' },
    ],
  },
  {
    field: 'handSize',
    title: 'keys.settings.size-of-the-hand',
    why: 'keys.settings.how-far-the-fingers',
    choices: [
      { value: 'average', words: 'keys.settings.average', note: 'keys.settings.the-tables-are-made' },
      { value: 'small', words: 'keys.settings.small', note: 'keys.settings.fewer-stretches-5-in' },
      { value: 'large', words: 'keys.settings.large', note: 'keys.settings.wider-grips' },
    ],
  },
  {
    field: 'leftArpeggio',
    title: 'keys.settings.left-hand-in-broken',
    why: 'keys.settings.older-tables-have-4',
    choices: [
      { value: 'by-distance', words: 'keys.settings.3-or-4-as', note: 'keys.settings.the-default-each-finger' },
      { value: 'always-four', words: 'keys.settings.always-4', note: 'keys.settings.one-shape-for-every' },
    ],
  },
  {
    field: 'repeats',
    title: 'keys.settings.repeats',
    why: 'keys.settings.repeats-why',
    choices: [
      { value: 'alike', words: 'keys.settings.repeats-alike', note: 'keys.settings.repeats-alike-note' },
      { value: 'as-it-lies', words: 'keys.settings.repeats-as-it-lies', note: 'keys.settings.repeats-as-it-lies-note' },
    ],
  },
  {
    field: 'chromatic',
    title: 'keys.settings.chromatic-scale',
    why: 'keys.settings.safe-or-fast-schools',
    choices: [
      { value: 'one-three', words: 'keys.settings.1-and-3', note: 'keys.settings.3-on-every-black' },
      { value: 'fours', words: 'keys.settings.groups-of-four', note: 'keys.settings.1-2-3-4' },
      { value: 'fives', words: 'keys.settings.groups-of-five', note: 'keys.settings.all-five-fingers' },
    ],
  },
]
