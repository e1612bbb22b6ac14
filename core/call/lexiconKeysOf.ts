import { type Form, FORMS, type Related } from '../material'
import type { Ask } from './part'
import { fixed, type Rule, rules } from './rules'

const WORDS = [
  ['signature', 'relative'],
  ['tonic', 'tonic|parallel'],
] as const
/** What is said of the mode, one key or several, and the form of minor that it names. */
const MODES: readonly (readonly [mode: 'major' | 'minor', form: Form | null])[] = [
  ['major', null],
  ['minor', null],
  ...FORMS.map((form) => ['minor', form] as const),
]

/** “The relative minor of G”, “its tonic minor”, “their relative minors”. */
const RELATED: readonly Rule[] = WORDS.flatMap(([by, word]) =>
  MODES.flatMap(([mode, form]) => {
    const related: Related = { by, mode, form }
    const named = (one: string) => [
      `${word} ${form ? `${form} ` : ''}${one} key?`,
      ...(form ? [`${form} ${word} ${one} key?`] : []),
    ]
    return [
      ...named(mode).flatMap((phrase) => [
        ...fixed([`the? ${phrase} of|to`], { part: { is: 'related-keys', related, of: true } }),
        ...fixed([`its|the|and|with? ${phrase}`], { part: { is: 'related-keys', related } }),
      ]),
      ...named(`${mode}s`).flatMap((phrase) => [
        ...fixed([`the? ${phrase} of|to`], { part: { is: 'related-keys', related, all: true, of: true } }),
        ...fixed([`their|the? ${phrase}`], { part: { is: 'related-keys', related, all: true } }),
      ]),
    ]
  }),
)

/** Keys by the colour of their first note. */
const COLOURS: readonly Rule[] = (['black', 'white'] as const).flatMap((starts) => {
  const says = (phrases: readonly string[], ask: Ask): Rule[] => fixed(phrases, { part: { is: 'ask', ask } })
  return [
    ...says([`${starts} note|key keys?`, `on|beginning|starting on? the? ${starts} notes|keys`], { starts }),
    ...says(
      [
        `on? all|every|each of? the? ${starts} note|key|notes|keys keys?`,
        `starting|beginning on all|every|each of? the? ${starts} note|key|notes|keys`,
      ],
      { starts, every: true },
    ),
  ]
})

/** Keys by the sort of their signs; “the A flat keys” are none. */
const SIGNED: readonly Rule[] = (['sharp', 'flat'] as const).flatMap((sign) =>
  fixed([`all|every|the|in the? ${sign} key|keys`, `in? all the? ${sign} key|keys`], {
    part: { is: 'ask', ask: { signed: `${sign}s` } },
  }),
)

/** “RH begins on D, LH on F sharp”: which hand has the tonic, and how far apart they lie. */
const HANDS_ON: readonly Rule[] = [true, false].flatMap((rightFirst) => {
  const [right, left] = ['right|rh hand?', 'left|lh hand?']
  const begins = 'begins|starts|beginning|starting|begin|start'
  const [one, two] = rightFirst ? [right, left] : [left, right]
  return rules(
    [
      `the? ${one} ${begins} on|from <note> ,? and? the? ${two} ${begins}? on|from? <note>`,
      `the? ${one} ${begins} on|from <note> ,? and? ${begins}? the? ${two} ${begins}? on|from? <note>`,
      `the? ${one} on|from <note> ,? and? the? ${two} on|from <note>`,
    ],
    ({ notes: [first, second] }) => {
      if (!first || !second) return null
      const [a, b] = rightFirst ? [first.note, second.note] : [second.note, first.note]
      return { part: { is: 'ask', ask: { handsOn: { right: a, left: b } } } }
    },
  )
})

/** “LH starting on A”: where the hands lie apart, which of them has the tonic. */
const HAND_ON: readonly Rule[] = (['right', 'left'] as const).flatMap((hand) =>
  rules([`the? ${hand}|${hand[0]}h hand? begins|starts|beginning|starting on|from <note>`], ({ notes: [first] }) =>
    first ? { part: { is: 'ask', ask: { handsOn: { [hand]: first.note } } } } : null,
  ),
)

/** Keys that a list names by another key, by their first note, or by the note on which each hand begins. */
export const KEYS_OF_RULES: readonly Rule[] = [...RELATED, ...COLOURS, ...SIGNED, ...HANDS_ON, ...HAND_ON]
