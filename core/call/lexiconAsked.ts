import type { Ask, Said, Signs } from './part'
import { fixed, type Rule, rules } from './rules'

const ask = (said: Ask): Said => ({ part: { is: 'ask', ask: said } })
const says = (phrases: readonly string[], said: Ask): Rule[] => fixed(phrases, ask(said))

const CHOICES: Rule[] = [
  ...fixed(['or|oder|o|/'], { part: { is: 'or' } }),
  ...says(
    [
      'at? the? candidate|candidates|pupil|pupils|player|players s? choice|option',
      'the? candidate|pupil|player to? chooses|choose|choosing',
      'own choice',
    ],
    { chooser: 'candidate' },
  ),
  ...says(
    [
      'at? the? examiner|examiners s? choice|option',
      'the? examiner to? chooses|choose|names|name',
      'chosen|named by the? examiner',
      'as the examiner asks',
    ],
    { chooser: 'examiner' },
  ),
  ...says(['both forms|touches|ways?'], { chooser: 'both' }),
  ...says(['the? same form|touch throughout|for all? keys?', 'one form for all keys?'], { scope: 'entry' }),
  ...says(
    [
      'the? same form for|in the? whole|entire exam|examination|grade',
      'one form for|throughout the? exam|examination|grade',
    ],
    { scope: 'grade' },
  ),
  ...says(['in? each key by itself', 'for each key'], { scope: 'key' }),
  ...rules(
    [
      'any <n> of? the? following|these|keys|key?',
      '<n> keys|key of? the? candidate|candidates s? choice',
      'choose any? <n> of|from?',
    ],
    ({ numbers: [n] }) => (n! >= 1 && n! <= 60 ? ask({ pick: n! }) : null),
  ),
  ...says(['of|in|on? the? above|same keys|key'], { above: true }),
]

const upTo = (sharps: number, flats: number): Said => {
  const signs: Signs = { sharps, flats, exact: false }
  return { part: { is: 'signs', signs } }
}
const SIGNS: Rule[] = [
  ...rules(['up to <n> sharps|sharp or|and flats|flat', 'up to <n> sharps|sharp / flats|flat'], ({ numbers: [n] }) =>
    n! <= 7 ? upTo(n!, n!) : null,
  ),
  ...rules(['up to <n> sharps|sharp and|or up? to? <n> flats|flat'], ({ numbers: [sharps, flats] }) =>
    sharps! <= 7 && flats! <= 7 ? upTo(sharps!, flats!) : null,
  ),
]

/** Keys left out: up to three of them. */
const EXCEPT: Rule[] = rules(
  [
    'except|excluding|without <note>',
    'except|excluding|without <note> and|, <note>',
    'except <note> , <note> and|, <note>',
  ],
  ({ notes }) => ask({ except: notes.map(({ note }) => note) }),
)

const STARTS: Rule[] = [
  ...says(['starting|beginning? on|from any note|key', 'any starting note'], { starts: 'all' }),
  ...says(['starting|beginning? on|from any black key|note'], { starts: 'black' }),
  ...says(['starting|beginning? on|from any white key|note'], { starts: 'white' }),
]

const HANDS: Rule[] = [
  ...says(
    [
      'hands? separately|separate',
      'hs',
      'each|either hand separately|alone',
      'each hand',
      'hande einzeln',
      'manos separadas',
    ],
    { hands: 'separate' },
  ),
  ...says(['either hand', 'one hand'], { hands: 'either' }),
  ...says(
    [
      'hands? separately|separate and together',
      'hs and ht',
      'hands? together and separately',
      'each hand and together',
    ],
    { hands: 'each' },
  ),
  ...says(['both leads', 'leading with each|both hand|hands', 'either hand leading'], { lead: 'both' }),
  ...says(['either lead', 'lead free|as you like'], { lead: 'either' }),
]

const PLAYING: Rule[] = [
  ...says(['in the? keys|key of'], { seventh: 'of' }),
  ...says(['from|by memory|heart', 'memory'], { memory: true }),
  ...says(['top note? repeated|twice', 'repeating the? top note?'], { top: 'twice' }),
  ...says(['top note? once', 'top note? not repeated'], { top: 'once' }),
  ...says(['resolved|resolving|resolve|resolution to|on? the? tonic? chord?', 'ending on the? tonic chord'], {
    resolution: 'tonic-chord',
  }),
  ...['forte', 'mezzo forte', 'mezzo piano', 'pianissimo', 'fortissimo', 'crescendo', 'diminuendo'].flatMap((word) =>
    says([word], { condition: word }),
  ),
]

const BEATS = [
  ['eighth', 'quaver|eighth|♪'],
  ['quarter', 'crotchet|quarter|♩'],
  ['dotted-quarter', 'dotted crotchet|quarter'],
  ['half', 'minim|half'],
] as const

const TEMPO: Rule[] = [
  ...BEATS.flatMap(([beat, words]) => [
    ...says([`${words} note? beat|beats?`], { beat }),
    ...rules([`${words} note? = <n>`], ({ numbers: [n] }) => tempo(beat, n!)),
    ...rules([`${words} note? = <n> to? <n>`], ({ numbers: [n, most] }) =>
      most! >= n! ? tempo(beat, n!, most) : null,
    ),
  ]),
  ...says(['at least', 'minimum|min tempo?', 'or faster'], { kind: 'minimum' }),
  ...says(['recommended|suggested|about|ca|c tempo?'], { kind: 'recommended' }),
]

/** A beat and its speed say two things at once: the tempo stands in the change, the beat beside it. */
function tempo(beat: NonNullable<Ask['beat']>, bpm: number, most?: number): Said | null {
  if (bpm < 20 || bpm > 240 || (most ?? 20) > 240) return null
  return { part: { is: 'ask', ask: { beat, bpm, ...(most ? { most } : {}) } } }
}

const FILLERS: Rule[] = fixed(
  ['all? requirements?|scales|to be|played|scale|a|an|is|are|be|s|notes|exam|;|for|by|as|each|both|–'],
  { part: { is: 'filler' } },
)

/** What only boards' lists say. */
export const ASKED_RULES: readonly Rule[] = [
  ...[...CHOICES, ...SIGNS, ...EXCEPT, ...STARTS, ...HANDS, ...PLAYING, ...TEMPO, ...FILLERS],
]
