import type { Ask, Meaning, Signs } from './part'
import { fixed, type Rule, rules } from './rules'

const ask = (meaning: Ask): Meaning => ({ part: { is: 'ask', ask: meaning } })
const says = (phrases: readonly string[], meaning: Ask): Rule[] => fixed(phrases, ask(meaning))

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
  ...fixed(['in? both minor? forms', 'both minors'], { part: { is: 'two-minors' } }),
  ...fixed(['in? either minor? form'], { part: { is: 'two-minors', either: true } }),
  ...fixed(['in? all? three forms|minors', 'all? three minor forms|scales'], { part: { is: 'three-minors' } }),
  ...says(['both touches|ways'], { chooser: 'both' }),
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
  ...says(['one of :?'], { pick: 1 }),
  ...says(['of|in|on? the? above|same keys|key'], { above: true }),
]

const upTo = (sharps: number, flats: number): Meaning => {
  const signs: Signs = { sharps, flats, exact: false }
  return { part: { is: 'signs', signs } }
}
const SIGNS: Rule[] = [
  ...rules(['up to <n> sharps|sharp or|and flats|flat', 'up to <n> sharps|sharp / flats|flat'], ({ numbers: [n] }) =>
    n! <= 7 ? upTo(n!, n!) : null,
  ),
  ...rules(
    ['up to and including <n> sharps or|and flats', 'no more than <n> sharps or|and flats'],
    ({ numbers: [n] }) => (n! <= 7 ? upTo(n!, n!) : null),
  ),
  ...rules(
    [
      'up to <n> sharps|sharp and|or up? to? <n> flats|flat',
      'up to and including <n> sharps|sharp and|or up? to? <n> flats|flat',
    ],
    ({ numbers: [sharps, flats] }) => (sharps! <= 7 && flats! <= 7 ? upTo(sharps!, flats!) : null),
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
  ...rules(
    ['start|starts|starting|beginning|begin|begins on|from the? note? <note>', 'from the? note? <note>'],
    ({ notes: [start] }) => (start ? ask({ start: start.note }) : null),
  ),
  ...says(
    ['hands? starting|beginning? on|from the? same note|key', 'from|on the? same note|key', 'starting together'],
    {
      handsFrom: 'unison',
    },
  ),
  ...rules(['both? thumbs on <note>', 'both? thumbs on the? same|one key|note'], () => ask({ handsFrom: 'unison' })),
  ...says(['hands? starting|beginning an octave apart'], { handsFrom: 'octave' }),
  ...(['third', 'sixth', 'tenth'] as const).flatMap((handsFrom) =>
    says([`hands? starting|beginning a ${handsFrom} apart`], { handsFrom }),
  ),
  ...says(['starting|beginning? on|from any note|key', 'any starting note'], { starts: 'all' }),
  ...says(['starting|beginning? on|from any|a black key|note'], { starts: 'black' }),
  ...says(['starting|beginning? on|from any|a white key|note'], { starts: 'white' }),
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
  ...says(['separate hands', 'hands alone', 'hands separately|separate only', 'each hand separately|alone? only'], {
    hands: 'separate',
  }),
  ...fixed(['right|rh hand? only|alone'], { part: { is: 'change', change: { hands: 'right' } } }),
  ...fixed(['left|lh hand? only|alone'], { part: { is: 'change', change: { hands: 'left' } } }),
  ...fixed(['hands? together|ht only'], { part: { is: 'change', change: { hands: 'together' } } }),
  ...says(['both hands'], { hands: 'together', question: 'both-hands' }),
  ...says(
    [
      'hands? separately|separate and together',
      'hs and ht',
      'hands? together and separately',
      'hands? separately|separate ,? then together',
      'each hand separately ,? and|then together',
      'separately and together',
      'each hand and together',
    ],
    { hands: 'each' },
  ),
  ...says(['both leads', 'leading with each|both hand|hands', 'either hand leading'], { lead: 'both' }),
  ...(['right', 'left'] as const).flatMap((lead) =>
    says([`starting|beginning|begun with|on the? ${lead} hand|stick`], { lead }),
  ),
  ...says(['either lead', 'lead free|as you like'], { lead: 'either' }),
]

/** Asked, shown and not graded. */
const CONDITIONS = [
  ...['forte', 'piano', 'mezzo forte', 'mezzo piano', 'pianissimo', 'fortissimo', 'crescendo', 'diminuendo'],
  ...['cantabile', 'soft', 'loud', 'tenuto', 'with pedal', 'without pedal', 'no pedal', 'evenly'],
  ...['with good tone', 'with a good tone', 'with even tone', 'with an even tone', 'good tone', 'even tone'],
  ...['slowly', 'at a slow tempo', 'at a steady tempo', 'steadily', 'fluently', 'musically', 'expressively'],
  ...['as fast as possible', 'rhythmically', 'with dynamics', 'with dynamic shading', 'with shape'],
]

const INVERSIONS: Rule[] = [
  ...rules(
    [
      '<n> and|& <n> inversion|inversions',
      '<n> , <n> and|& <n> inversion|inversions',
      '<n> inversion|inversions and|& <n> inversion|inversions',
    ],
    ({ numbers: [first, ...more] }) =>
      [first!, ...more].every((n) => n >= 1 && n <= 3) ? { part: { is: 'inversion', inversion: first!, more } } : null,
  ),
  ...rules(
    ['root position ,|and|& <n> and|& <n> inversion|inversions', 'root position ,|and|& <n> inversion'],
    ({ numbers }) =>
      numbers.every((n) => n >= 1 && n <= 3) ? { part: { is: 'inversion', inversion: 0, more: numbers } } : null,
  ),
  ...says(
    [
      'in? root? position? and|& all inversions',
      'root position and|& inversions',
      'in? all positions|inversions',
      'each inversion in turn',
    ],
    {
      positions: true,
    },
  ),
]

/** Chords of an accordion's board. */
const BOARD: Rule[] = [
  {
    phrases: [
      'left hand? chords of|in|on?',
      'chords of|in|on|for',
      'chord buttons of|in|on?',
      'chords of|in|with the left hand',
    ],
    accordion: { left: { part: 'chords' } },
  },
  { phrases: ['primary chords of|in|on?', 'i iv v7? chords? in|of?'], accordion: { left: { part: 'cadence' } } },
].flatMap(({ phrases, accordion }) =>
  fixed(phrases, { part: { is: 'change', change: { accordion }, usual: { hands: 'left' } } } as never),
)

const SIDES = ['right', 'left'] as const

const PLAYING: Rule[] = [
  ...says(['in the? keys|key of', 'in those|these|that|this keys|key'], { seventh: 'of' }),
  ...says(['from|by memory|heart', 'memory'], { memory: true }),
  ...says(['top note? repeated|twice', 'repeating the? top note?'], { top: 'twice' }),
  ...says(['top note? once', 'top note? not repeated'], { top: 'once' }),
  ...says(['resolved|resolving|resolve|resolution to|on? the? tonic? chord?', 'ending on the? tonic chord'], {
    resolution: 'tonic-chord',
  }),
  ...CONDITIONS.flatMap((words) => says([words], { condition: words })),
  ...says(
    ['crescendo|cresc going|coming? up|ascending ,? and? diminuendo|dim|decrescendo going|coming? down|descending'],
    {
      condition: 'crescendo and diminuendo',
    },
  ),
  ...says(['swing|swung rhythm|rhythms|quavers|eighths?'], { condition: 'swung' }),
  ...rules(['in <n> / <n> time', 'in <n> <n> time'], ({ numbers: [beats, of] }) =>
    ask({ condition: `in ${beats}/${of} time` }),
  ),
  ...says(['in|with? a? dotted rhythm|rhythms'], { condition: 'dotted rhythm' }),
  // alone it says what is usual: of what is meant besides, the words are kept
  ...SIDES.flatMap((side) =>
    says([`legato in the? ${side}|${side[0]}h hand?`], { condition: `legato in the ${side} hand` }),
  ),
]

const BEATS = [
  ['eighth', 'quaver|eighth|♪'],
  ['quarter', 'crotchet|quarter|♩'],
  ['dotted-eighth', 'dotted quaver|eighth'],
  ['dotted-quarter', 'dotted crotchet|quarter'],
  ['dotted-half', 'dotted minim|half'],
  ['whole', 'semibreve|whole'],
  ['half', 'minim|half'],
] as const

const PLURAL: Record<(typeof BEATS)[number][0], string> = {
  eighth: 'quavers|eighths',
  'dotted-eighth': 'dotted quavers|eighths',
  quarter: 'crotchets|quarters beats?',
  'dotted-quarter': 'dotted crotchets|quarters',
  'dotted-half': 'dotted minims|halves',
  half: 'minims|halves',
  whole: 'semibreves|wholes',
}

/** Intervals in one hand, broken, or between the hands: the word alone does not say. */
const IN_INTERVALS: Rule[] = (['thirds', 'sixths', 'octaves'] as const).flatMap((name) =>
  fixed([`scale|scales? in ${name}`, ...(name === 'octaves' ? [] : [`${name} scale|scales?`])], {
    part: { is: 'feature', features: { shape: `double-${name}` }, question: name === 'octaves' ? 'octaves-in' : name },
  }),
)

const TEMPO: Rule[] = [
  ...rules(['mm|tempo =|: <n>', '@ <n>'], ({ numbers: [n] }) =>
    n! >= 20 && n! <= 240 ? ask({ bpm: n!, question: 'no-beat' }) : null,
  ),
  ...(
    [
      ['quarter', '♩'],
      ['eighth', '♪'],
    ] as const
  ).flatMap(([beat, sign]) => rules([`${sign} ˙ = <n>`], ({ numbers: [n] }) => tempo(`dotted-${beat}`, n!))),
  ...BEATS.flatMap(([beat, words]) => [
    ...rules([`<n> ${PLURAL[beat]} a|per|to the? minute`], ({ numbers: [n] }) => tempo(beat, n!)),
    ...rules([`mm|tempo|at ,? ${words} note? =? <n>`], ({ numbers: [n] }) => tempo(beat, n!)),
    ...rules([`${words} note? : <n>`, `${words} note? at|about|ca =? <n>`], ({ numbers: [n] }) => tempo(beat, n!)),
    ...says([`${words} note? beat|beats?`], { beat }),
    ...rules([`${words} note? = <n>`], ({ numbers: [n] }) => tempo(beat, n!)),
    ...rules([`${words} note? = <n> to? <n>`], ({ numbers: [n, most] }) =>
      most! >= n! ? tempo(beat, n!, most) : null,
    ),
  ]),
  ...says(['at least', 'minimum|min tempo?', 'or faster'], { kind: 'minimum' }),
  ...says(['recommended|suggested|about|ca tempo?'], { kind: 'recommended' }),
]

/** A beat and its speed say two things at once: the tempo stands in the change, the beat beside it. */
function tempo(beat: NonNullable<Ask['beat']>, bpm: number, most?: number): Meaning | null {
  if (bpm < 20 || bpm > 240 || (most ?? 20) > 240) return null
  return { part: { is: 'ask', ask: { beat, bpm, ...(most ? { most } : {}) } } }
}

/** Words that a printed sentence needs and that say nothing; whatever could say something is not among them. */
const FILLERS: Rule[] = fixed(
  [
    'and|&|,|with|in|the|of|on|key|keys|form|:|;|a|an|is|are|be|s|for|by|y|en|de|und|mit|con|at|tempo|mm',
    'all? requirements?',
    'key signatures of?',
    'following keys|scales?',
    'hands? start|starting|beginning|begins on the? key? note|keynote|tonic|key',
    'to be? played|prepared',
    'played|play',
    'form only',
    'only',
    'either',
    'in? a? compass|range of?',
    'speed',
    'as? exam',
    '"|“|”|‘|’|*|•',
  ],
  { part: { is: 'filler' } },
)

/** What only boards' lists say. */
export const REQUIREMENT_RULES: readonly Rule[] = [
  ...[
    ...CHOICES,
    ...SIGNS,
    ...EXCEPT,
    ...STARTS,
    ...HANDS,
    ...INVERSIONS,
    ...IN_INTERVALS,
    ...BOARD,
    ...PLAYING,
    ...TEMPO,
    ...FILLERS,
  ],
]
