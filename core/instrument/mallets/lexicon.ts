import {
  type Damping,
  type Pedal,
  REACH_RANGE,
  type Roll,
  ROLL_STROKES,
  type Rudiment,
  type StickingSchoolId,
  type StickPin,
} from '../../sticking'
import type { Stick } from '../../study'
import { BAR_RANGES, MALLET_IDS, type MalletId, type Strike } from '../../surface'
import { type Meaning, type Saying, saying, type Slots } from '../lexicon'

const set = (change: object): Meaning => ({ change: change as Meaning['change'] })
const says = (phrases: readonly string[], change: object): Saying[] => [saying(phrases, change)]
const rules = (phrases: readonly string[], say: (slots: Slots) => Meaning | null): Saying[] => [{ phrases, say }]

const FAMILIES: Record<string, { readonly called: string; readonly usual: MalletId }> = {
  marimba: { called: 'marimba|marimbas', usual: 'marimba-4.3' },
  vibraphone: { called: 'vibraphone|vibes|vibraphon|vibrafono', usual: 'vibraphone-3.0' },
  xylophone: { called: 'xylophone|xylo|xylophon|xilofono', usual: 'xylophone-3.5' },
  glockenspiel: { called: 'glockenspiel|glock|bells', usual: 'glockenspiel-2.5' },
}

/** “marimba 4.3”: the full stop is a space to the grammar, so octaves are one number or two. */
const ofOctaves = (family: string, [whole, part = 0]: readonly number[]): Meaning | null => {
  const id = MALLET_IDS.find((each) => each === `${family}-${whole}.${part}`)
  return id ? set({ instrument: id }) : null
}

const INSTRUMENTS: Saying[] = [
  ...Object.entries(FAMILIES).flatMap(([family, { called, usual }]) => [
    ...says([called], { instrument: usual }),
    ...rules(
      [`${called} of? <n> <n> octave|octaves?`, `<n> <n> octave|octaves? ${called}`, `<n> octave ${called}`],
      ({ numbers }) => ofOctaves(family, numbers),
    ),
  ]),
]

/** Sticks that take turns, written out: `RLRL` alternates and begins with the right. */
function alternatingFrom(sticks: string): Meaning | null {
  const strokes = [...sticks].map(stickOf)
  const alternates = strokes.length >= 4 && strokes.every((each, at) => at === 0 || each !== strokes[at - 1])
  return alternates ? set({ school: 'strict', lead: strokes[0] === 'R' ? 'right' : 'left' }) : null
}

const school = (id: StickingSchoolId, phrases: readonly string[]): Saying[] => says(phrases, { school: id })
const STICKS: Saying[] = [
  ...(['right', 'left'] as const).flatMap((lead) =>
    says(
      [
        `${lead}|${lead[0]}h hand? lead|leads|leading`,
        `lead|leading with? the? ${lead} hand?`,
        `led by the? ${lead}|${lead[0]}h`,
      ],
      { lead },
    ),
  ),
  ...school('doubles', ['doubles where? they? help?', 'with doubles']),
  ...school('strict', ['strict|strictly alternation|alternating?', 'alternate|alternating', 'hand to hand']),
  ...rules(['sticking? <sticks>'], ({ sticks }) => alternatingFrom(sticks)),
  ...school('restore-lead', ['lead restored', 'restore|restored the? lead']),
  ...school('least-effort', ['least effort']),
  ...says(['top|tops struck? once'], { tops: 'once' }),
  ...says(['top|tops struck? twice', 'repeat|repeated the? top'], { tops: 'twice' }),
]

const RUDIMENTS: Record<Exclude<Rudiment, 'none'>, string> = {
  paradiddle: 'in? paradiddle|paradiddles',
  'double-paradiddle': 'in? double paradiddle|paradiddles',
  'paradiddle-diddle': 'in? paradiddle diddle|diddles',
  'inverted-paradiddle': 'in? inverted paradiddle|paradiddles',
}
const RUDIMENT: Saying[] = [
  ...(Object.keys(RUDIMENTS) as (keyof typeof RUDIMENTS)[]).flatMap((rudiment) =>
    says([RUDIMENTS[rudiment]], { rudiment }),
  ),
  ...says(['no rudiment'], { rudiment: 'none' }),
  ...says(['on every|each degree|note'], { rudimentOn: 'degree' }),
  ...says(['over the? notes', 'one note a|per stroke'], { rudimentOn: 'stroke' }),
]

const roll = (phrases: readonly string[], change: Partial<Roll>): Saying[] => says(phrases, { roll: change })
const ROLLS: Saying[] = [
  ...roll(['rolled|rolls|roll'], { manner: 'separate' }),
  ...roll(['rolled|rolls|roll through', 'changing under the? roll'], { manner: 'through' }),
  ...roll(['not rolled', 'no rolls'], { manner: 'none' }),
  ...roll(['tied rolls|roll', 'rolls tied'], { ending: 'tied' }),
  ...roll(['released rolls|roll', 'rolls released'], { ending: 'released' }),
  ...rules(['<n> strokes to|a|per the? beat'], ({ numbers: [n] }) => {
    const strokes = ROLL_STROKES.find((each) => each === n)
    return strokes ? set({ roll: { strokes } }) : null
  }),
  ...says(['up? the? ladder of strokes', 'stroke ladder'], { rhythm: { ladder: 'strokes' } }),
]

const within = (n: number, { least, most }: { least: number; most: number }): boolean => n >= least && n <= most
const isFigure = (digits: string): boolean => /^[1-4]+$/.test(digits)
const MALLETS: Saying[] = [
  ...says(['four|4 mallets|mallet'], { mallets: { count: 4 } }),
  ...says(['two|2 mallets|mallet|sticks'], { mallets: { count: 2 } }),
  ...rules(['four|4? mallets|mallet <n>'], ({ numbers: [n] }) =>
    isFigure(String(n)) ? set({ mallets: { count: 4, figure: String(n) } }) : null,
  ),
  ...rules(['permutation|permutations <n>'], ({ numbers: [n] }) =>
    isFigure(String(n)) ? set({ mallets: { count: 4, figure: String(n) } }) : null,
  ),
  ...rules(['mallet|mallets figure <n>'], ({ numbers: [n] }) =>
    isFigure(String(n)) ? set({ mallets: { figure: String(n) } }) : null,
  ),
  // strokes of several mallets at once
  ...rules(['mallet|mallets strokes <n...>'], ({ numbers }) => {
    if (!numbers.every((n) => isFigure(String(n)))) return null
    const figure = numbers.map((n) => (n > 9 ? `(${n})` : String(n))).join('')
    return set({ mallets: { figure } })
  }),
  ...rules(['chord <n...>'], ({ numbers }) => (numbers.length === 4 ? set({ mallets: { shape: numbers } }) : null)),
  ...says(['numbered from the? lowest|low'], { mallets: { numbering: 'low-to-high' } }),
  ...says(['numbered from the? highest|high'], { mallets: { numbering: 'high-to-low' } }),
  ...rules(['reach <n> mm?'], ({ numbers: [n] }) => (within(n!, REACH_RANGE) ? set({ mallets: { reach: n! } }) : null)),
]

const strike = (id: Strike, phrases: readonly string[]): Saying[] => says(phrases, { strike: id })
const BARS: Saying[] = [
  ...strike('off-centre', ['struck? off|beside the? centre|center|middle']),
  ...strike('centre', ['struck? in|at the? centre|center|middle']),
  ...strike('near-end', ['accidentals? struck? at|near the? near? end|edge']),
  ...(['size', 'gap', 'overlap'] as const).flatMap((field) =>
    rules([`${field === 'size' ? 'bars' : field} <n> ${field === 'size' ? '%|percent' : 'mm'}?`], ({ numbers: [n] }) =>
      within(n!, BAR_RANGES[field]) ? set({ bars: { [field]: n! } }) : null,
    ),
  ),
]

const pedal = (id: Pedal, phrases: readonly string[]): Saying[] => says(phrases, { ring: { pedal: id } })
const damping = (id: Damping, phrases: readonly string[]): Saying[] => says(phrases, { ring: { damping: id } })
const RING: Saying[] = [
  ...pedal('note', ['pedal with|on|at each|every note|stroke', 'pedal by the? note']),
  ...pedal('beat', ['pedal with|on|at each|every beat', 'pedal by the? beat']),
  ...pedal('bar', ['pedal with|on|at each|every bar', 'pedal by the? bar']),
  ...pedal('down', ['pedal down', 'pedal held', 'with pedal held', 'pedal throughout']),
  ...damping('none', ['no damping', 'undamped', 'without damping']),
  ...damping('next-stroke', [
    'damp|damped|damping|dampen|dampened by|with|at the? next stroke',
    'mallet damping|dampening',
    'damp|damped|dampen|dampened with|by the? mallets',
  ]),
  ...damping('other-mallet', ['damp|damped|damping|dampen|dampened by|with the? other mallet|stick']),
  ...says(['dead strokes|stroke on the? beat|beats'], { ring: { dead: 'beats' } }),
  ...says(['dead strokes|stroke', 'all strokes dead', 'muffled strokes'], { ring: { dead: 'all' } }),
  ...says(['no dead strokes', 'live strokes'], { ring: { dead: 'none' } }),
]

const stickOf = (word: string): Stick => (word.toUpperCase() === 'R' ? 'R' : 'L')
const pinned = (pin: StickPin): Meaning => set({ pins: [pin] })
const PINS: Saying[] = [
  ...rules(['pin note <n> stick <sticks>'], ({ numbers: [n], sticks }) =>
    n! >= 1 && sticks.length === 1 ? pinned({ index: n! - 1, stick: stickOf(sticks) }) : null,
  ),
  ...rules(['pin notes|note <n> sticks <sticks>'], ({ numbers: [n], sticks }) =>
    n! >= 1 ? pinned({ from: n! - 1, sticks: [...sticks].map(stickOf) }) : null,
  ),
  ...([undefined, 'up', 'down'] as const).flatMap((leg) =>
    rules([`pin degree <n> stick <sticks>${leg ? ` going? ${leg}` : ''}`], ({ numbers: [degree], sticks }) =>
      degree! >= 1 && sticks.length === 1
        ? pinned({ degree: degree!, stick: stickOf(sticks), ...(leg ? { leg } : {}) })
        : null,
    ),
  ),
]

/** Instruments with bars, and all that is asked of sticks. */
export const MALLET_LEXICON: readonly Saying[] = [
  ...[...INSTRUMENTS, ...STICKS, ...RUDIMENT, ...ROLLS, ...MALLETS, ...RING, ...BARS, ...PINS],
]
