import { printedName } from '../pitch'
import type { Ask, Said, Signs } from './part'
import { fixed, type Rule, rules } from './rules'

const ask = (said: Ask, words: string): Said => ({ part: { is: 'ask', ask: said }, words })
const says = (phrases: readonly string[], said: Ask, words: string): Rule[] => fixed(phrases, ask(said, words))

const CHOICES: Rule[] = [
  ...fixed(['or|oder|o|/'], { part: { is: 'or' }, words: '' }),
  ...says(
    [
      'at? the? candidate|candidates|pupil|pupils|player|players s? choice|option',
      'the? candidate|pupil|player to? chooses|choose|choosing',
      'own choice',
    ],
    { chooser: 'candidate' },
    'the candidate chooses',
  ),
  ...says(
    [
      'at? the? examiner|examiners s? choice|option',
      'the? examiner to? chooses|choose|names|name',
      'chosen|named by the? examiner',
      'as the examiner asks',
    ],
    { chooser: 'examiner' },
    'the examiner chooses',
  ),
  ...says(['both forms|touches|ways?'], { chooser: 'both' }, 'both'),
  ...says(
    ['the? same form|touch throughout|for all? keys?', 'one form for all keys?'],
    { scope: 'entry' },
    'one form for all of these',
  ),
  ...says(
    [
      'the? same form for|in the? whole|entire exam|examination|grade',
      'one form for|throughout the? exam|examination|grade',
    ],
    { scope: 'grade' },
    'one form for the whole exam',
  ),
  ...says(['in? each key by itself', 'for each key'], { scope: 'key' }, 'each key by itself'),
  ...rules(
    [
      'any <n> of? the? following|these|keys|key?',
      '<n> keys|key of? the? candidate|candidates s? choice',
      'choose any? <n> of|from?',
    ],
    ({ numbers: [n] }) => (n! >= 1 && n! <= 60 ? ask({ pick: n! }, `any ${n}`) : null),
  ),
  ...says(['of|in|on? the? above|same keys|key'], { above: true }, 'the keys of the entry above'),
]

const upTo = (sharps: number, flats: number): Said => {
  const signs: Signs = { sharps, flats, exact: false }
  return { part: { is: 'signs', signs }, words: `up to ${sharps} sharps and ${flats} flats` }
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
  ({ notes }) =>
    ask({ except: notes.map(({ note }) => note) }, `without ${notes.map(({ note }) => printedName(note)).join(', ')}`),
)

const STARTS: Rule[] = [
  ...says(
    ['starting|beginning? on|from any note|key', 'any starting note'],
    { starts: 'all' },
    'from any of the twelve notes',
  ),
  ...says(['starting|beginning? on|from any black key|note'], { starts: 'black' }, 'from any black key'),
  ...says(['starting|beginning? on|from any white key|note'], { starts: 'white' }, 'from any white key'),
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
    'each hand by itself',
  ),
  ...says(['either hand', 'one hand'], { hands: 'either' }, 'either hand'),
  ...says(
    [
      'hands? separately|separate and together',
      'hs and ht',
      'hands? together and separately',
      'each hand and together',
    ],
    { hands: 'each' },
    'each hand, and together',
  ),
  ...says(
    ['both leads', 'leading with each|both hand|hands', 'either hand leading'],
    { lead: 'both' },
    'with either lead',
  ),
  ...says(['either lead', 'lead free|as you like'], { lead: 'either' }, 'any lead'),
]

const PLAYING: Rule[] = [
  ...says(['in the? keys|key of'], { seventh: 'of' }, 'of the key'),
  ...says(['from|by memory|heart', 'memory'], { memory: true }, 'from memory'),
  ...says(['top note? repeated|twice', 'repeating the? top note?'], { top: 'twice' }, 'top note twice'),
  ...says(['top note? once', 'top note? not repeated'], { top: 'once' }, 'top note once'),
  ...says(
    ['resolved|resolving|resolve|resolution to|on? the? tonic? chord?', 'ending on the? tonic chord'],
    { resolution: 'tonic-chord' },
    'resolved on the tonic chord',
  ),
  ...['forte', 'mezzo forte', 'mezzo piano', 'pianissimo', 'fortissimo', 'crescendo', 'diminuendo'].flatMap((word) =>
    says([word], { condition: word }, word),
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
    ...says([`${words} note? beat|beats?`], { beat }, `${beat.replace('-', ' ')} beats`),
    ...rules([`${words} note? = <n>`], ({ numbers: [n] }) => tempo(beat, n!)),
    ...rules([`${words} note? = <n> to? <n>`], ({ numbers: [n, most] }) =>
      most! >= n! ? tempo(beat, n!, most) : null,
    ),
  ]),
  ...says(['at least', 'minimum|min tempo?', 'or faster'], { kind: 'minimum' }, 'at least'),
  ...says(['recommended|suggested|about|ca|c tempo?'], { kind: 'recommended' }, 'about'),
]

/** A beat and its speed say two things at once: the tempo stands in the change, the beat beside it. */
function tempo(beat: NonNullable<Ask['beat']>, bpm: number, most?: number): Said | null {
  if (bpm < 20 || bpm > 240 || (most ?? 20) > 240) return null
  const words = `${beat.replace('-', ' ')} = ${bpm}${most ? ` to ${most}` : ''}`
  return { part: { is: 'ask', ask: { beat, bpm, ...(most ? { most } : {}) } }, words }
}

const FILLERS: Rule[] = fixed(
  ['all? requirements?|scales|to be|played|scale|a|an|is|are|be|s|notes|exam|;|for|by|as|each|both|–'],
  { part: { is: 'filler' }, words: '' },
)

/** What only boards' lists say. */
export const ASKED_RULES: readonly Rule[] = [
  ...[...CHOICES, ...SIGNS, ...EXCEPT, ...STARTS, ...HANDS, ...PLAYING, ...TEMPO, ...FILLERS],
]
