import { NOTES_PER_BEAT, type Tempo, TEMPO_RANGE } from '../study'
import { callMessage } from './messages'
import type { Meaning } from './part'
import { fixed, type Rule, rules } from './rules'

/** Beats by their British and American names, Spanish and German ones; how many quarters each of them lasts. */
const BEATS: readonly (readonly [words: string, quarters: number])[] = [
  ['quaver|eighth|8th|♪|corchea|achtel', 0.5],
  ['dotted quaver|eighth|8th', 0.75],
  ['corchea con puntillo', 0.75],
  ['crotchet|quarter|♩|negra|viertel', 1],
  ['dotted crotchet|quarter', 1.5],
  ['negra con puntillo', 1.5],
  ['♩ ˙', 1.5],
  ['minim|half|blanca|halbe', 2],
  ['dotted minim|half', 3],
  ['semibreve|whole|redonda|ganze', 4],
]

/** So many of a beat in a minute, as so many quarters; half a quarter is rounded, and said. */
function tempoOf(count: number, quarters: number): Meaning | null {
  const exact = count * quarters
  const bpm = Math.round(exact)
  if (bpm < TEMPO_RANGE.least || bpm > TEMPO_RANGE.most) return null
  const question = bpm === exact ? {} : { question: callMessage('call.rounded', { bpm }) }
  return { part: { is: 'change', change: { tempo: { bpm } }, ...question } }
}

/** A tempo with its beat: “crotchet 80”, “minim = 60”, “dotted crotchet at 50”, “80 crotchets a minute”. */
export const BEAT_RULES: readonly Rule[] = BEATS.flatMap(([beat, quarters]) =>
  rules(
    [
      `${beat} note? =|:|at|is|about|equals|ca|mm? <n> bpm?`,
      `${beat} note? is? at <n> bpm?`,
      `tempo|mm|at ${beat} note? =|: <n>`,
      `<n> ${beat} beats? a|per|to|the the? minute`,
    ],
    ({ numbers: [n] }) => tempoOf(n!, quarters),
  ),
).concat(
  rules(['<n> crotchets|quarters a|per|to the? minute', '<n> quarter notes a|per|to the? minute'], ({ numbers: [n] }) =>
    tempoOf(n!, 1),
  ),
  rules(['<n> quavers|eighths a|per|to the? minute', '<n> eighth notes a|per|to the? minute'], ({ numbers: [n] }) =>
    tempoOf(n!, 0.5),
  ),
  rules(['<n> minims|halves a|per|to the? minute', '<n> half notes a|per|to the? minute'], ({ numbers: [n] }) =>
    tempoOf(n!, 2),
  ),
)

const LONG = callMessage('call.long-notes')

/** Notes by the name of one: “in quaver”, “quaver”. */
const SINGULAR: readonly Rule[] = (
  [
    [1, 'crotchet|negra'],
    [2, 'quaver|corchea'],
    [3, 'tresillo|triole'],
    [4, 'semiquaver|semicorchea|16th'],
    [8, 'demisemiquaver|fusa|fusas'],
  ] as const
).flatMap(([notesPerBeat, words]) =>
  fixed([`in|en? ${words} notes?`], { part: { is: 'change', change: { tempo: { notesPerBeat } } } }),
)

/** In words that are written apart, and to the beat. */
const APART: readonly Rule[] = [
  ...fixed(['in? semi quavers|quaver'], { part: { is: 'change', change: { tempo: { notesPerBeat: 4 } } } }),
  ...fixed(['in? demi semi quavers|quaver', 'in? demi semiquavers|semiquaver'], {
    part: { is: 'change', change: { tempo: { notesPerBeat: 8 } } },
  }),
  ...rules(
    ['<n> notes? to|in a|each|every|one beat', '<n> notes? a|per beat', '<n> per crotchet|quarter'],
    ({ numbers: [n] }) => (isNotes(n!) ? { part: { is: 'change', change: { tempo: { notesPerBeat: n } } } } : null),
  ),
]
const isNotes = (count: number): count is Tempo['notesPerBeat'] => (NOTES_PER_BEAT as readonly number[]).includes(count)

/** A tempo over a study: faster, slower, by so much, twice as fast; note values that no study has. */
export const PACE_RULES: readonly Rule[] = [
  ...[...SINGULAR, ...APART],
  ...fixed(['a? bit|little? faster|quicker', 'schneller', 'mas rapido', 'speed it? up'], pace({ by: 8 })),
  ...fixed(['a? bit|little? slower', 'langsamer', 'mas lento|despacio', 'slow it? down'], pace({ by: -8 })),
  ...rules(['faster|quicker by <n> bpm?', '<n> bpm? faster|quicker', 'tempo|speed up by? <n>'], ({ numbers: [n] }) =>
    pace({ by: n! }),
  ),
  ...rules(['slower by <n> bpm?', '<n> bpm? slower', 'tempo|speed down by? <n>'], ({ numbers: [n] }) =>
    pace({ by: -n! }),
  ),
  ...fixed(
    ['at? double|twice the? tempo|speed', 'twice as fast|quick', 'double tempo|speed|time', 'doppelt so schnell'],
    pace({ times: 2 }),
  ),
  ...fixed(
    ['at? half the? tempo|speed', 'half as fast|quick', 'half time', 'twice as slow', 'halb so schnell'],
    pace({ times: 0.5 }),
  ),
  ...fixed(['in? minims|semibreves|blancas|redondas', 'in? half|whole note|notes'], {
    part: { is: 'aside', message: LONG },
  }),
]

function pace(change: { readonly by: number } | { readonly times: number }): Meaning {
  return { part: { is: 'pace', pace: change } }
}
