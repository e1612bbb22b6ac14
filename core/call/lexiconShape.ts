import {
  ACCENTS,
  type Bookends,
  type Course,
  type Hands,
  MAX_OCTAVES,
  NOTES_PER_BEAT,
  type RhythmShape,
  SWING_RANGE,
  type Tempo,
  TEMPO_RANGE,
} from '../study'
import type { RecipeInput } from '../instrument'
import { NAMED_LINES } from './lexiconLine'
import type { Meaning } from './part'
import { fixed, type Rule, rules } from './rules'

type Change = Omit<RecipeInput, 'material'>
const set = (change: Change): Meaning => ({ part: { is: 'change', change } })
const more = (octaves: number): Meaning => ({ part: { is: 'more', octaves } })
const says = (phrases: readonly string[], change: Change): Rule[] => fixed(phrases, set(change))

const hands = (phrases: readonly string[], which: Hands): Rule[] => says(phrases, { hands: which })
const course = (phrases: readonly string[], which: Course): Rule[] => says(phrases, { course: which })

const HANDS: Rule[] = [
  ...hands(
    ['together|ht|tog|juntas|zusammen', 'hands together', 'both hands', 'manos juntas', 'hande zusammen'],
    'together',
  ),
  ...hands(['right|rechte|rechts hand?', 'rh|md', 'mano derecha', 'rechte hand'], 'right'),
  ...hands(['left|linke|links hand?', 'lh', 'mano izquierda', 'linke hand'], 'left'),
]

const MOTION: Rule[] = [
  ...says(['contrary|contr motion?', 'in? opposite directions|motion', 'movimiento? contrario', 'gegenbewegung'], {
    motion: 'contrary',
  }),
  ...says(['similar|parallel|sim motion?', 'movimiento? paralelo|directo'], { motion: 'similar' }),
  ...(['third', 'sixth', 'tenth'] as const).flatMap((interval) =>
    says([`hands? a? ${interval}|${interval}s apart`, `in ${interval}s between the? hands`], { interval }),
  ),
  // in the chromatic scale, and as keys have it
  ...(['third', 'sixth', 'tenth'] as const).flatMap((interval) =>
    (['major', 'minor'] as const).flatMap((exact) =>
      fixed([`hands? a? ${exact} ${interval} apart`], { part: { is: 'change', change: { interval }, exact } }),
    ),
  ),
  ...says(['hands? an? octave apart'], { interval: 'octave' }),
  ...says(['from|beginning|starting an octave apart?'], { contraryFrom: 'octave' }),
  ...(['third', 'sixth', 'tenth'] as const).flatMap((contraryFrom) =>
    says([`from|beginning|starting a ${contraryFrom} apart`, `from a ${contraryFrom}`], { contraryFrom }),
  ),
  ...says(['from|beginning|starting in|at|on? the|a? unison', 'from|on one key'], { contraryFrom: 'unison' }),
  ...(['right', 'left'] as const).flatMap((hand) =>
    says(
      [
        `${hand}|${hand[0]}h hand? on the? tonic`,
        `${hand}|${hand[0]}h hand? starts|starting|begins|beginning on the? tonic|keynote`,
        `${hand}|${hand[0]}h hand? starts|starting|begins|beginning? on the? key note`,
      ],
      { tonicHand: hand },
    ),
  ),
]

const OCTAVES: Rule[] = [
  ...rules(['<n> octaves|octave|oct|octs|8ve|8ves|8va|octava|octavas|oktave|oktaven|ottave'], ({ numbers: [n] }) =>
    n! >= 1 && n! <= MAX_OCTAVES ? set({ octaves: n! }) : null,
  ),
  ...fixed(['one|an|1 more octave', 'one|an octave more|longer', 'an? octave longer'], more(1)),
  ...fixed(['one|an octave less|fewer|shorter', 'one octave fewer', 'one|1 less|fewer octave'], more(-1)),
  ...rules(['from octave <n>'], ({ numbers: [n] }) => (n! >= 0 && n! <= 8 ? set({ startOctave: n! }) : null)),
]

const INVERSION: Rule[] = [
  ...rules(['<n> inversion|inv|umkehrung', 'inversion|inv <n>'], ({ numbers: [n] }) =>
    n! >= 0 && n! <= 3 ? { part: { is: 'inversion', inversion: n! } } : null,
  ),
  ...fixed(['root position|pos only?', 'grundstellung'], { part: { is: 'inversion', inversion: 0 } }),
]

const COURSE: Rule[] = [
  ...course(
    [
      'ascending|asc and|&|then|/ descending|desc',
      'ascending|asc descending|desc',
      'up and|& down|back',
      'up then? down',
      'there and back',
      'auf und ab',
      'sube y baja',
    ],
    'up-down',
  ),
  ...course(
    ['descending|desc and|&|then ascending|asc', 'descending|desc first', 'down and|& up|back', 'down first'],
    'down-up',
  ),
  ...course(['up only?', 'ascending|asc|ascendente|aufwarts only?', 'only up|ascending'], 'up'),
  ...course(['down only?', 'descending|desc|descendente|abwarts only?', 'only down|descending'], 'down'),
]

const PATTERNS: Rule[] = [
  ...NAMED_LINES,
  ...says(['tonic held in? the? left|lh? hand?', 'held|hold|holding the? tonic', 'tonic drone|pedal'], {
    pattern: { accompaniment: 'held-tonic' },
  }),
  ...says(['scale in the? bass|left', 'under held chords'], { pattern: { accompaniment: 'scale-in-bass' } }),
  ...says(['root and fifth held in the? left|lh? hand?'], { pattern: { accompaniment: 'held-fifth' } }),
  ...says(['shell|shells held in the? left|lh? hand?'], { pattern: { accompaniment: 'held-shell' } }),
  ...says(['right|rh hand? up ,? left|lh hand? down'], { pattern: { accompaniment: 'by-turns' } }),
  ...says(['from hand to hand'], { pattern: { accompaniment: 'handed-over' } }),
  ...says(['both hands play'], { pattern: { accompaniment: 'none' } }),
]

const NOTES: Record<Tempo['notesPerBeat'], string> = {
  1: 'in? quarters|quarter|crotchets|negras|viertel notes?',
  2: 'in? eighths|8ths|eighth|quavers|corcheas|achtel notes?',
  3: 'in? triplets|triplet|tresillos|triolen',
  4: 'in? sixteenths|16ths|sixteenth|semiquavers|semicorcheas|sechzehntel notes?',
  6: 'in? sextuplets|sextuplet|seisillos|sextolen',
  8: 'in? thirty seconds|second',
}
const rhythm = (phrases: readonly string[], change: Partial<RhythmShape>): Rule[] => says(phrases, { rhythm: change })
const bookends = (phrases: readonly string[], change: Partial<Bookends>): Rule[] => says(phrases, { bookends: change })

const isNotes = (n: number | undefined): n is Tempo['notesPerBeat'] =>
  (NOTES_PER_BEAT as readonly unknown[]).includes(n)
const isAccent = (n: number | undefined): n is RhythmShape['accents'] => (ACCENTS as readonly unknown[]).includes(n)

const RHYTHM: Rule[] = [
  ...NOTES_PER_BEAT.flatMap((count) => says([NOTES[count]], { tempo: { notesPerBeat: count } })),
  ...says(['in? 32nds', 'demisemiquavers'], { tempo: { notesPerBeat: 8 } }),
  ...rules(['<n> to|a|per the? beat', '<n> notes to|a|per the? beat'], ({ numbers: [n] }) =>
    isNotes(n) ? set({ tempo: { notesPerBeat: n } }) : null,
  ),
  ...rhythm(['even notes|rhythm?', 'one rhythm'], { lengths: 'even', ladder: 'none' }),
  ...rhythm(['long short', 'dotted'], { lengths: 'long-short' }),
  ...rhythm(['short long', 'reverse dotted', 'snap'], { lengths: 'short-long' }),
  ...rhythm(['swing', 'swung'], { swing: 67 }),
  ...rules(['swing|swung <n> %|percent?'], ({ numbers: [n] }) =>
    n! >= SWING_RANGE.least && n! <= SWING_RANGE.most ? set({ rhythm: { swing: n! } }) : null,
  ),
  ...rules(['accent|accents every|on|of <n>', 'accents every <n> notes'], ({ numbers: [n] }) =>
    isAccent(n) ? set({ rhythm: { accents: n } }) : null,
  ),
  ...rhythm(['no accents'], { accents: 0 }),
  ...rhythm(['up? the? ladder of? notes?', 'rhythm ladder', 'note ladder'], { ladder: 'notes' }),
  ...rhythm(
    ['an? octave more each? time ,? and? faster?', 'octave ladder', 'ladder of octaves', 'rhythm? ladder with octaves'],
    {
      ladder: 'octaves',
    },
  ),
  ...bookends(['five finger run|position before|first', 'five fingers before|first'], { before: 'five-finger' }),
  ...bookends(['with? the? tonic chord after?'], { after: 'tonic-chord' }),
  ...bookends(['cadence after', 'with a? cadence|cadences', 'and a? cadence'], { after: 'cadence' }),
  ...bookends(['nothing before'], { before: 'none' }),
  ...bookends(['nothing after'], { after: 'none' }),
]

const tempo = (n: number): Meaning | null =>
  n >= TEMPO_RANGE.least && n <= TEMPO_RANGE.most ? set({ tempo: { bpm: n } }) : null
const TEMPO: Rule[] = rules(
  ['<n> bpm', 'at|tempo|mm|@|= <n> bpm?', 'quarter|crotchet|negra|♩ = <n>', '♩ <n>'],
  ({ numbers: [n] }) => tempo(n!),
)

/** What a caller may leave out, and a printed line may not: what a number counts. */
export const BARE_NUMBERS: readonly Rule[] = rules(['<n>'], ({ numbers: [n] }) => tempo(n!))

/** Everything that shapes a study. */
export const SHAPE_RULES: readonly Rule[] = [
  ...[...HANDS, ...MOTION, ...OCTAVES, ...INVERSION, ...COURSE],
  ...[...PATTERNS, ...RHYTHM, ...TEMPO],
]
