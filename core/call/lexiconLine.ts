import { noteName } from '../pitch'
import {
  type Bookends,
  type Figure,
  FIGURE_ROWS,
  JOURNEY_ROWS,
  type JourneyName,
  KEY_STEP_CALLS,
  type KeyStep,
  LINK_CALLS,
  type LinkId,
  MAX_CHORDS,
  MAX_KEYS,
  MAX_STEP,
  type Pattern,
  type Return,
  type Sequence,
  type Walk,
  WALK_ROWS,
} from '../study'
import type { RecipeInput } from '../instrument'
import type { Meaning } from './part'
import { fixed, type Rule, rules } from './rules'

type Change = Omit<RecipeInput, 'material'>
const set = (change: Change): Meaning => ({ part: { is: 'change', change } })
/** Parts of a pattern as they are said: keys without their number, legs without their keys. */
type Said = { readonly [field in keyof Pattern]?: unknown }
const pattern = (some: Said, more: Change = {}): Meaning => set({ ...more, pattern: some as Change['pattern'] })
const sequence = (some: Partial<Sequence>, more: Change = {}): Meaning => pattern({ sequence: some }, more)

type Rows<K extends string> = Readonly<Record<K, { readonly calls: readonly string[] }>>
/** Every phrase of a table of named values. */
const named = <K extends string>(rows: Rows<K>, say: (name: K) => Meaning): Rule[] =>
  (Object.keys(rows) as K[]).flatMap((name) => fixed(rows[name].calls, say(name)))

/** A name takes the place of a motif of one's own. */
const PLAIN = { motif: null, sequence: undefined } as const

/** Figures, walks and journeys by their names: what printed lists say as well. */
export const NAMED_LINES: readonly Rule[] = [
  ...named<Figure>(FIGURE_ROWS, (figure) => pattern({ ...PLAIN, figure })),
  ...named<Walk>(WALK_ROWS, (walk) => pattern({ ...PLAIN, walk })),
  ...named<JourneyName>(JOURNEY_ROWS, (journey) => pattern({ journey, link: undefined })),
]

/** A motif stands in the place of figure and walk. */
const motif = (own: Pattern['motif'], step: number | null): Meaning =>
  pattern({ motif: own, figure: 'straight', walk: 'straight', ...(step === null ? {} : { sequence: { step } }) })

const EVERY = ['on|over|from every|each degree|note', 'en|sobre|desde cada grado|nota', 'por grados']
/** A row of figures that is a motif by itself; one number alone is a tempo. */
const [AT_LEAST, PIECES] = [3, 2]

/** A motif with a word that says so; figures by themselves say other things in printed lists. */
const WORDED_MOTIFS: readonly Rule[] = [
  ...rules(['motif|motivo|degrees|grados :? <motif>'], ({ motifs: [found] }) => motif(found!.motif, found!.step)),
  ...rules(
    EVERY.map((every) => `<motif> ${every}`),
    ({ motifs: [found] }) => motif(found!.motif, found!.step ?? 1),
  ),
  ...rules(['<motif> on|over|from every|each <n> degree|note', '<motif> every <n> degrees'], (taken) => {
    const step = taken.numbers.at(-1)!
    return step >= 1 && step <= MAX_STEP ? motif(taken.motifs[0]!.motif, step) : null
  }),
]

const MOTIFS: readonly Rule[] = [
  ...WORDED_MOTIFS,
  ...rules(['<motif>'], ({ motifs: [found] }) =>
    found!.items >= AT_LEAST && found!.pieces >= PIECES ? motif(found!.motif, found!.step) : null,
  ),
  ...fixed(['no motif', 'sin motivo'], pattern({ ...PLAIN })),
]

const back = (how: Return, more: Change = {}): Meaning => sequence({ return: how }, more)
const BOTH = { course: 'up-down' } as const
const BACK: readonly (readonly [how: Exclude<Return, object>, words: readonly string[]])[] = [
  ['mirrored', ['mirrored|inverted', 'upside down', 'en? espejo', 'invertido|invertida']],
  ['retrograde', ['retrograde|backwards', 'back to front', 'en? retrogrado', 'al reves']],
  ['same', ['the same', 'as it stands', 'sin cambiar']],
]

const SEQUENCES: readonly Rule[] = [
  ...fixed(EVERY, sequence({ step: 1 })),
  ...rules(['on|over|from every|each <n> degree|note', 'en|sobre cada <n> grado'], ({ numbers: [n] }) =>
    n! >= 1 && n! <= MAX_STEP ? sequence({ step: n! }) : null,
  ),
  ...fixed(['on|over|from every other degree|note'], sequence({ step: 2 })),
  ...fixed(['on the first degree only?', 'without moving', 'sin mover'], sequence({ step: 0 })),
  ...BACK.flatMap(([how, words]) => [
    ...fixed(
      words.flatMap((each) => [`back ${each}`, `${each} on the way back`, `vuelta ${each}`, `vuelve ${each}`]),
      back(how),
    ),
    ...fixed(
      words.flatMap((each) => [`up ,? and? back ${each}`, `sube ,? y? vuelve ${each}`]),
      back(how, BOTH),
    ),
  ]),
  ...rules(['back with <motif>', 'vuelve con <motif>'], ({ motifs: [found] }) => back({ motif: found!.motif }, BOTH)),
  ...fixed(['one way only', 'no way back', 'solo ida', 'sin vuelta'], back('none')),
  ...fixed(['climbing', 'the motif climbs', 'ascendiendo'], sequence({ direction: 'up' })),
  ...fixed(['coming down', 'the motif comes down', 'descendiendo'], sequence({ direction: 'down' })),
  ...fixed(['as the course goes'], sequence({ direction: 'course' })),
]

const keys = (journey: object): Meaning => pattern({ journey, link: undefined })
/** “All twelve keys by half steps”: the same as by half steps. */
const ALL = ['through|in all the? keys', 'all the? keys', 'por|en todas las? tonalidades']
const COUNTED = ['through|in? all? the? <n> keys', 'por|en? las? <n> tonalidades']

/** By a step through all keys, or so many. */
const KEYS_BY_STEP: readonly Rule[] = (Object.keys(KEY_STEP_CALLS) as KeyStep[]).flatMap((by) => {
  const calls = KEY_STEP_CALLS[by]
  return [
    ...fixed(
      calls.flatMap((call) => ALL.map((all) => `${all} ,? ${call}`)),
      keys({ by, count: undefined }),
    ),
    ...rules(
      calls.flatMap((call) => [...COUNTED.map((all) => `${all} ,? ${call}`), `${call} ,? <n> keys|tonalidades`]),
      ({ numbers: [n] }) => (n! >= 1 && n! <= MAX_KEYS ? keys({ by, count: n! }) : null),
    ),
  ]
})

/** The step alone. */
const STEPS: readonly Rule[] = (Object.keys(KEY_STEP_CALLS) as KeyStep[]).flatMap((by) =>
  fixed(KEY_STEP_CALLS[by], keys({ by, count: undefined })),
)

const TURNS = ['up and|& down in turn', 'up and|& down by turns', 'one up ,? one down', 'alternately', 'por turnos']

const LISTED_KEYS: readonly Rule[] = [
  ...rules(['through the? keys? of? <key...>', 'por las? tonalidades? de? <key...>'], ({ keys: named }) =>
    named.length <= MAX_KEYS ? keys({ keys: named }) : null,
  ),
  ...rules(['up in <note> ,? and? down in <note>', 'sube en <note> ,? y? baja en <note>'], ({ notes }) =>
    keys({ keys: notes.map(({ note }) => noteName(note)), legs: 'alternate' }),
  ),
]

const KEYS: readonly Rule[] = [
  ...STEPS,
  ...KEYS_BY_STEP,
  ...LISTED_KEYS,
  ...fixed(TURNS, pattern({ journey: { legs: 'alternate' } })),
  ...fixed(['each key whole', 'whole keys', 'cada una entera'], pattern({ journey: { legs: 'each' } })),
  // a tune goes through the keys as they are learned, by fourths
  ...fixed(
    ['own|my tune ,? in|through all the? keys', 'mi|la? melodia en todas las? tonalidades'],
    keys({ by: 'fourth', count: undefined }),
  ),
]

/** Lines that have no name, as printed lists say them: “in minor thirds” alone is another thing there. */
export const PRINTED_LINES: readonly Rule[] = [...WORDED_MOTIFS, ...KEYS_BY_STEP, ...LISTED_KEYS]

const LINKS: readonly Rule[] = (Object.keys(LINK_CALLS) as LinkId[]).flatMap((link) =>
  fixed(LINK_CALLS[link], pattern({ link })),
)

const LEFT = 'left|lh hand?'
const hands = (accompaniment: Pattern['accompaniment'], phrases: readonly string[]): Rule[] =>
  fixed(phrases, pattern({ accompaniment }, { hands: 'together', motion: 'similar', interval: 'octave' }))

const HOLDS: readonly Rule[] = [
  ...hands('held-tonic', [
    `${LEFT} holds|holding the? root|tonic`,
    'the? root|tonic rings through',
    'izquierda sostiene|mantiene la? tonica|fundamental',
    'mano izquierda sostiene|mantiene la? tonica|fundamental',
  ]),
  ...hands('held-fifth', [
    `${LEFT} holds root and fifth`,
    'over two note chords',
    'izquierda sostiene fundamental y quinta',
  ]),
  ...hands('held-shell', [
    `${LEFT} holds shells|shell`,
    'over shells',
    'izquierda sostiene fundamental tercera y septima',
  ]),
  ...hands('by-turns', [
    'one hand|stick|mallet up ,? the? other down',
    'hands|sticks|mallets by turns',
    'una mano|baqueta sube ,? la? otra baja',
  ]),
  ...hands('handed-over', ['one line for both hands', 'de mano en mano', 'de una mano a la otra']),
]

const cadence = (some: Partial<Bookends>): Meaning => set({ bookends: some })

const CADENCES: readonly Rule[] = [
  ...rules(
    ['with? closing chords <chord...>', 'closing|ending with <chord...>', 'acordes finales <chord...>'],
    ({ chords }) => (chords.length <= MAX_CHORDS ? cadence({ after: 'cadence', chords }) : null),
  ),
  ...fixed(['the? usual cadence'], cadence({ chords: null })),
  ...fixed(['root left ,? chord right', 'roots in the? left hand', 'fundamental a la izquierda'], {
    ...cadence({ voicing: 'root-and-chord' }),
  }),
  ...fixed(['chords in both hands'], cadence({ voicing: 'close' })),
  ...fixed(['chord names beneath', 'chord symbols', 'nombres de los? acordes'], cadence({ labels: 'names' })),
  ...fixed(['chord degrees beneath', 'degrees beneath', 'grados de los? acordes'], cadence({ labels: 'degrees' })),
  ...fixed(['no chord names'], cadence({ labels: 'none' })),
]

/** Lines as a teacher calls them. */
export const LINE_RULES: readonly Rule[] = [...MOTIFS, ...SEQUENCES, ...KEYS, ...LINKS, ...HOLDS, ...CADENCES]
