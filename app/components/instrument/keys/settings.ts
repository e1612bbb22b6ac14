import type { FingeringSettings } from '#core/fingering'

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
    title: 'A black first note where the pattern has 3 or 4',
    why: 'Printed tables differ; both are right.',
    choices: [
      {
        value: 'usual',
        words: 'As tables mostly have it',
        note: 'the pattern’s finger in scales, 2 in arpeggios: the default',
      },
      { value: 'pattern', words: 'The pattern’s finger', note: 'begin as every later octave goes on' },
      { value: 'two', words: 'Begin on 2', note: 'compact: 2 1, 2 3 1 before the first thumb' },
    ],
  },
  {
    field: 'handSize',
    title: 'Size of the hand',
    why: 'How far the fingers reach, a seventh more or less.',
    choices: [
      { value: 'average', words: 'Average', note: 'the tables are made for it: the default' },
      { value: 'small', words: 'Small', note: 'fewer stretches, 5 in octaves on black keys too' },
      { value: 'large', words: 'Large', note: 'wider grips' },
    ],
  },
  {
    field: 'leftArpeggio',
    title: 'Left hand in broken triads',
    why: 'Older tables have 4 throughout, newer ones 3 where the third is black.',
    choices: [
      { value: 'by-distance', words: '3 or 4, as the keys lie', note: 'the default: each finger over its own key' },
      { value: 'always-four', words: 'Always 4', note: 'one shape for every key' },
    ],
  },
  {
    field: 'chromatic',
    title: 'Chromatic scale',
    why: 'Safe or fast: schools part here.',
    choices: [
      { value: 'one-three', words: '1 and 3', note: '3 on every black key, 2 between white neighbours: the default' },
      { value: 'fours', words: 'Groups of four', note: '1 2 3 4: fewer thumbs, faster, harder' },
      { value: 'fives', words: 'Groups of five', note: 'all five fingers' },
    ],
  },
]
