import { touchedAs } from './lexiconTouch'
import { FORMS, type Form, type Related } from '../material'
import type { Interval } from '../pitch'
import { LINE_RULES } from './lexiconLine'
import { BEAT_RULES, PACE_RULES } from './lexiconTempo'
import { callMessage } from './messages'
import type { Ask, Features, Meaning, Signs } from './part'
import { fixed, type Rule, rules } from './rules'

const ask = (meaning: Ask): Meaning => ({ part: { is: 'ask', ask: meaning } })
const feature = (features: Features, question?: string): Meaning => ({
  part: { is: 'feature', features, ...(question ? { question } : {}) },
})

/** Each hand by itself is two studies, by itself and together three. */
const HANDS: readonly Rule[] = [
  ...fixed(
    [
      'hands? separately|separate|apart|alone',
      'separate|single hands',
      'one hand at a time',
      'each|either hand separately|alone|separate?',
      'each hand by|on itself|its own?',
      'hs',
      'manos? separadas',
      'por separado',
      'cada mano',
      'hande? einzeln|getrennt',
      'mit jeder hand',
    ],
    ask({ hands: 'separate' }),
  ),
  ...fixed(
    [
      'hands? separately|separate ,? and|then ,? together',
      'hands? together ,? and separately|separate',
      'hs ,? and|then? ht',
      'ht ,? and|then? hs',
      'each hand ,? and|then together',
      'manos? separadas y juntas',
    ],
    ask({ hands: 'each' }),
  ),
  ...fixed(['right|rh hand? only|alone', 'rechte hand allein', 'mano derecha sola', 'nur rechts'], {
    part: { is: 'change', change: { hands: 'right' } },
  }),
  ...fixed(['left|lh hand? only|alone', 'linke hand allein', 'mano izquierda sola', 'nur links'], {
    part: { is: 'change', change: { hands: 'left' } },
  }),
  ...fixed(['hands? together only', 'beide hande', 'ambas|las? dos manos', 'las manos juntas', 'las dos manos'], {
    part: { is: 'change', change: { hands: 'together' } },
  }),
]

/** How far the hands lie apart, however it is said; “in thirds” alone could be that, or broken, or one hand's. */
const APART: readonly Rule[] = [
  ...(
    [
      ['third', 'third|3rd|tercera|terz', 'thirds|3rds|terceras|terzen'],
      ['sixth', 'sixth|6th|sexta|sexte', 'sixths|6ths|sextas|sexten'],
      ['tenth', 'tenth|10th|decima|dezime', 'tenths|10ths|decimas|dezimen'],
    ] as const
  ).flatMap(([interval, one, many]) =>
    fixed(
      [
        `the? hands a? ${one}|${many} apart`,
        `a|at? a? ${one} apart`,
        `${many} apart`,
        `hands in ${many}`,
        `hands a ${one}`,
        `manos? a la|una? ${one}`,
        `separated by a? ${one}`,
        `in? ${many} between the? hands`,
        `im? ${one}|${many} abstand`,
      ],
      { part: { is: 'change', change: { interval } } },
    ),
  ),
  ...fixed(['in? tenths|10ths', 'en decimas', 'in dezimen', 'parallel tenths'], {
    part: { is: 'change', change: { interval: 'tenth' } },
  }),
  ...fixed(['scale|scales? in thirds|3rds', 'thirds|3rds', 'thirds scale|scales', 'en? terceras', 'in? terzen'], {
    ...feature({ shape: 'double-thirds' }, 'thirds'),
  }),
  ...fixed(['scale|scales? in sixths|6ths', 'sixths|6ths', 'sixths scale|scales', 'en? sextas', 'in? sexten'], {
    ...feature({ shape: 'double-sixths' }, 'sixths'),
  }),
  ...fixed(['scale|scales? in octaves', 'en octavas', 'in oktaven'], {
    ...feature({ shape: 'double-octaves' }, 'octaves-in'),
  }),
  ...fixed(['double octaves', 'octaves in? one hand', 'octaves in each|both|the hand|hands'], {
    ...feature({ shape: 'double-octaves' }),
  }),
]

const related = (by: Related['by'], mode: Related['mode'], form: Form | null = null): Meaning => ({
  part: { is: 'related', related: { by, mode, form } },
})
/** “Relative minor”, “its parallel major”, “the relative of A minor”, “tonic minor”. */
const RELATED: readonly Rule[] = [
  ...(
    [
      ['signature', 'relative', 'relativa|relativo|paralleltonart'],
      ['tonic', 'parallel', 'homonima|homonimo|variante'],
    ] as const
  ).flatMap(([by, word, foreign]) => [
    ...(['major', 'minor'] as const).flatMap((mode) =>
      fixed(
        [
          `its|the? ${word} ${mode}${mode === 'minor' ? '|min' : '|maj'} key?`,
          ...(by === 'tonic' ? [`its|the? tonic ${mode}`] : []),
          `su|la|el? ${mode === 'minor' ? 'menor' : 'mayor'} ${foreign}`,
          `su|la|el? ${foreign} ${mode === 'minor' ? 'menor' : 'mayor'}`,
        ],
        related(by, mode),
      ),
    ),
    ...FORMS.flatMap((form) =>
      fixed(
        [
          `its|the? ${word} ${form} minor`,
          `its|the? ${form} ${word} minor`,
          `its|the? ${word} minor ,? ${form}`,
          ...(by === 'tonic' ? [`its|the? tonic ${form} minor`] : []),
        ],
        related(by, 'minor', form),
      ),
    ),
    ...fixed([`its|the? minor ${word}`], related(by, 'minor')),
    ...fixed([`its|the? major ${word}`], related(by, 'major')),
    ...fixed([`its|the ${word} key?`, `${word} key`, `su|la|el? ${foreign}`], related(by, null)),
    ...(by === 'signature' ? fixed(['its|the? relative'], related(by, null)) : []),
  ]),
]

/** Intervals by name, to which a study is moved. */
const INTERVALS: readonly (readonly [words: string, interval: Interval])[] = [
  ['a|one? semitone', { steps: 1, semitones: 1 }],
  ['a|one? half step|tone', { steps: 1, semitones: 1 }],
  ['a? minor second', { steps: 1, semitones: 1 }],
  ['a|one? tone', { steps: 1, semitones: 2 }],
  ['a|one? whole step|tone', { steps: 1, semitones: 2 }],
  ['a? major? second', { steps: 1, semitones: 2 }],
  ['a? minor third', { steps: 2, semitones: 3 }],
  ['a? major third', { steps: 2, semitones: 4 }],
  ['a? perfect? fourth', { steps: 3, semitones: 5 }],
  ['a? tritone', { steps: 3, semitones: 6 }],
  ['a? perfect? fifth', { steps: 4, semitones: 7 }],
  ['a? minor sixth', { steps: 5, semitones: 8 }],
  ['a? major sixth', { steps: 5, semitones: 9 }],
  ['un semitono', { steps: 1, semitones: 1 }],
  ['un tono', { steps: 1, semitones: 2 }],
  ['una cuarta', { steps: 3, semitones: 5 }],
  ['una quinta', { steps: 4, semitones: 7 }],
  ['einen halbton', { steps: 1, semitones: 1 }],
  ['einen ganzton', { steps: 1, semitones: 2 }],
]
const moved = (by: Interval): Meaning => ({ part: { is: 'moved', by } })
const MOVED: readonly Rule[] = [
  ...INTERVALS.flatMap(([words, { steps, semitones }]) => [
    ...fixed(
      [
        `the? same ${words} higher|up|hoher|arriba`,
        `${words} higher|up|hoher`,
        `transpose|transposed|move|moved it? up? by? ${words}`,
        `up|raise|raised it? by? ${words}`,
        `${words} mas? arriba|alto`,
      ],
      moved({ steps, semitones }),
    ),
    ...fixed(
      [
        `the? same ${words} lower|down|tiefer|abajo`,
        `${words} lower|down|tiefer`,
        `transpose|transposed|move|moved it? down by? ${words}`,
        `down|lower|lowered it? by? ${words}`,
        `${words} mas? abajo|bajo`,
      ],
      moved({ steps: -steps, semitones: -semitones }),
    ),
  ]),
  ...fixed(
    [
      'the? next key',
      'the? next|nearest sharp key',
      'next in|round|around the? circle of? fifths?',
      'one sharp more',
      'one more sharp',
    ],
    moved({ steps: 4, semitones: 7 }),
  ),
  ...fixed(['the? next flat key', 'the? previous key', 'one flat more', 'one more flat'], {
    ...moved({ steps: 3, semitones: 5 }),
  }),
]

const DRAW: readonly Rule[] = fixed(
  [
    'draw|pick|choose me? a|any|some key',
    'draw|pick|choose me? a|any|some',
    'a? random key?',
    'any key?',
    'surprise me',
    'draw one|lots?',
  ],
  { part: { is: 'draw' } },
)

/** Where it begins that is not on its tonic; a chord of a key, by the key's name. */
const PLACES: readonly Rule[] = [
  ...rules(
    [
      'start|starts|starting|beginning|begin|begins on|from|with? the? note? <note>',
      'from the? note? <note>',
      'desde <note>',
    ],
    ({ notes: [start] }) => (start ? ask({ start: start.note }) : null),
  ),
  ...rules(['from|starting|beginning on? the? <n> degree|note'], ({ numbers: [n] }) =>
    n! >= 1 && n! <= 7 ? ask({ degree: n! }) : null,
  ),
  ...rules(
    ['from <note> <n>', 'start|starts|starting|beginning|begin|begins on|from <note> <n>'],
    ({ numbers: [n] }) => (n! >= 0 && n! <= 8 ? { part: { is: 'change', change: { startOctave: n! } } } : null),
  ),
  ...fixed(['in|of the? key|keys of', 'belonging to', 'in|of the key|keys'], ask({ seventh: 'of' })),
]
const DOMINANT: Features = { quality: 'dominant', shape: 'seventh' }
/** Chords as they are written, and by the degree they stand on. */
const CHORDS: readonly Rule[] = [
  ...fixed(['v 7 of|in', 'v7 of|in', 'five seven of', 'v 7 chord? of|in'], {
    part: { is: 'feature', features: DOMINANT, of: true },
  }),
  ...fixed(['dominantseptakkord|dominantsept', 'septima? de? dominante', 'dominant septakkord'], feature(DOMINANT)),
  ...fixed(
    ['verminderter? septakkord', 'verminderte septakkord', 'septima disminuida', 'acorde de septima disminuida'],
    feature({ quality: 'diminished', shape: 'seventh' }),
  ),
  ...fixed(['m|min|minor 7|7th|seventh flat|b 5|five', 'ø 7?'], {
    ...feature({ quality: 'half-diminished', shape: 'seventh' }),
  }),
  ...fixed(['° 7|7th'], feature({ quality: 'diminished', shape: 'seventh' })),
  ...fixed(['°'], feature({ quality: 'diminished' })),
  ...fixed(['m'], feature({ quality: 'minor' })),
  ...fixed(['sus 4|four'], feature({ named: 'suspended-fourth-arpeggio' })),
  ...fixed(['m 7|7th', 'minor 7'], feature({ quality: 'minor', shape: 'seventh' })),
  ...fixed(['dreiklang|dreiklange', 'arpegiado'], feature({ shape: 'arpeggio' })),
  ...fixed(['septakkord|septakkorde', 'acorde de septima'], feature({ shape: 'seventh' })),
  ...fixed(['primary chords|triads', 'i iv v', 'i iv v i'], feature({ shape: 'cadence' }, 'primary-chords')),
  ...fixed(['gebrochene? akkorde', 'acordes? quebrados'], feature({ shape: 'broken-chord' })),
  ...fixed(['5 finger|fingers|note|notes scale|scales|position|pattern?', 'first five notes', 'funfton raum?'], {
    ...feature({ shape: 'five-finger' }),
  }),
  ...fixed(['tonleitern|tonleiter|skala|scala|gamme'], feature({ shape: 'scale' })),
  ...fixed(['zigeunermoll|harmonisches moll', 'harmonisches'], feature({ form: 'harmonic', quality: 'minor' })),
  ...fixed(['melodisches moll?'], feature({ form: 'melodic', quality: 'minor' })),
  ...fixed(['naturlich|naturliches|reines moll?'], feature({ form: 'natural', quality: 'minor' })),
]

const exactly = (side: 'sharps' | 'flats', count: number): Meaning | null => {
  const signs: Signs = { sharps: null, flats: null, exact: true, [side]: count }
  return count >= 1 && count <= 7 ? { part: { is: 'signs', signs } } : null
}
/** “Three flats”; “no sharps or flats”. */
const SIGNS: readonly Rule[] = [
  ...(['sharps', 'flats'] as const).flatMap((side) =>
    rules(
      [
        `the? key|keys|scale|scales? of|with|has? <n> ${side}|${side.slice(0, -1)}`,
        `key signature of <n> ${side}|${side.slice(0, -1)}`,
        `con <n> ${side === 'sharps' ? 'sostenidos' : 'bemoles'}`,
        `mit <n> ${side === 'sharps' ? 'kreuzen' : 'been'}`,
      ],
      ({ numbers: [n] }) => exactly(side, n!),
    ),
  ),
  ...fixed(['no sharps or|and flats', 'no accidentals', 'without sharps or flats'], {
    part: { is: 'signs', signs: { sharps: 0, flats: 0, exact: true } },
  }),
]

/** What is called and is no study. */
const ASIDE: readonly Rule[] = rules(
  ['grade|grado|stufe <n> scales|scale|arpeggios|list|set|exam|technical?', 'all the? grade <n> scales?'],
  ({ numbers: [grade] }) => ({ part: { is: 'aside', message: callMessage('call.grade', { grade: grade! }) } }),
)

/** Courses and touches as they are said, in more words and languages. */
const MORE: readonly Rule[] = [
  ...fixed(['contrary directions|ways?', 'opposite directions|motion', 'in gegenbewegung', 'en movimiento contrario'], {
    part: { is: 'change', change: { motion: 'contrary' } },
  }),
  ...fixed(['in parallelbewegung', 'parallelbewegung', 'in parallel motion', 'en movimiento paralelo|directo'], {
    part: { is: 'change', change: { motion: 'similar' } },
  }),
  ...fixed(
    ['up and then down', 'both ways', 'up and back down', 'arriba y abajo', 'auf und abwarts', 'subiendo y bajando'],
    {
      part: { is: 'change', change: { course: 'up-down' } },
    },
  ),
  ...fixed(['just up', 'subiendo', 'solo subiendo', 'nur aufwarts'], {
    part: { is: 'change', change: { course: 'up' } },
  }),
  ...fixed(['just down', 'bajando', 'solo bajando', 'nur abwarts'], {
    part: { is: 'change', change: { course: 'down' } },
  }),
  ...fixed(['smooth|smoothly|gebunden|ligado'], { part: { is: 'change', change: touchedAs('legato') } }),
  ...fixed(['detached|picado'], { part: { is: 'change', change: touchedAs('staccato') } }),
]

/** Words that a sentence needs in other languages. */
const FOREIGN: readonly Rule[] = fixed(['von|auf|uber|sobre|im|el|del|both|me|a|an'], { part: { is: 'filler' } })

/** What a caller says, and a printed list does not. */
export const CALLED_RULES: readonly Rule[] = [
  ...[...HANDS, ...APART, ...RELATED, ...MOVED, ...DRAW, ...PLACES, ...CHORDS, ...SIGNS, ...ASIDE, ...MORE, ...FOREIGN],
  ...[...BEAT_RULES, ...PACE_RULES, ...LINE_RULES],
]
