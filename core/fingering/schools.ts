import type { Material } from '../material'
import type { Hand } from '../study'
import { type FingeringSettings, type HandSize, SCHOOLS, type SchoolId } from './settings'
import { FINGERS, type School, SEMITONE, type Spans, type Term, UNEVEN } from './school'

/**
 * Widest and comfortable spans in semitones. Source: R. Parncutt, J. A. Sloboda, E. F. Clarke, M. Raekallio, P. Desain,
 * An ergonomic model of keyboard fingering for melodic fragments, Music Perception 14(4), 1997 (MaxPrac and MaxComf;
 * from memory).
 */
const WIDEST: Spans = {
  1: { 2: 10, 3: 12, 4: 14, 5: 15 },
  2: { 3: 5, 4: 7, 5: 10 },
  3: { 4: 4, 5: 7 },
  4: { 5: 5 },
}

const COMFORTABLE: Spans = {
  1: { 2: 8, 3: 10, 4: 12, 5: 13 },
  2: { 3: 3, 4: 5, 5: 8 },
  3: { 4: 2, 5: 5 },
  4: { 5: 3 },
}

const scaled = (spans: Spans, by: number, more = 0): Spans =>
  Object.fromEntries(
    Object.entries(spans).map(([lower, others]) => [
      lower,
      Object.fromEntries(Object.entries(others).map(([higher, span]) => [higher, span * by + more])),
    ]),
  )

/**
 * The conservatory school. The order of its habits is common practice, derived from the printed tables (Hanon,
 * The Virtuoso Pianist, 1873, nos. 39-43; Cooke, Mastering the Scales and Arpeggios, 1913; both from memory). The
 * numbers are ours. Reaches are the widest that those tables ask of each pair, rounded; the third finger gives way to
 * the fourth beyond them.
 */
export const CONSERVATORY: School = {
  id: 'conservatory',
  weights: {
    'thumb-on-black': 1000,
    'tonic-without-thumb': 50,
    'little-finger-inside': 1000,
    'moved-thumb': 5,
    pass: 26,
    'pass-at-white': 4,
    'pass-by-two': 6,
    'pass-by-five': 200,
    'pass-at-end': 12,
    'far-pass': 1,
    'fourth-on-white': 3,
    'four-before-three': 2,
    'third-in-triad': 0,
    'third-and-fourth': 0,
    'black-off-group': 0,
    'black-without-third': 0,
    'white-without-thumb': 0,
    stretch: 2,
    'skipped-finger': 1,
    'hand-shape': 0,
    cramped: 80,
    'finger-change': 12,
    slide: 40,
    shift: 3000,
    'shift-distance': 0.2,
    'finger-again': 16,
    'voice-crossed': 9,
    'chord-opened': 1,
    'five-on-black': 3,
    'weak-finger': 1,
    'thumb-left-out': 25,
    'another-shape': 20,
    'outer-again': 300,
    'outer-slide': 12,
    'double-shape': 120,
    'double-end': 150,
    'off-pattern': 30,
    'end-off-pattern': 8,
  },
  reach: {
    1: { 2: 100, 3: 111, 4: 150, 5: 180 },
    2: { 3: 60, 4: 95, 5: 130 },
    3: { 4: 50, 5: 95 },
    4: { 5: 62 },
  },
  chordReach: scaled(COMFORTABLE, SEMITONE),
  widest: scaled(WIDEST, SEMITONE, UNEVEN),
  skipRoom: 42,
  passReach: 80,
  widestPass: 8 * SEMITONE,
  inside: [1, 2, 3, 4],
  pattern: 'octave',
  slides: false,
}

/** A school that differs from the conservatory's in some of its data. */
const like = (id: SchoolId, own: Partial<School>, weights: Weights): School => ({
  ...CONSERVATORY,
  ...own,
  id,
  weights: { ...CONSERVATORY.weights, ...weights },
})
type Weights = Partial<Record<Term, number>>

/** Schools as data; where each comes from and where they disagree stands in docs/schools.md. Common practice. */
export const ALL_SCHOOLS: Readonly<Record<SchoolId, School>> = {
  conservatory: CONSERVATORY,
  'black-key-pivot': like(
    'black-key-pivot',
    {},
    // a trace of the tonic's right remains, so that keys without black keys still begin on the thumb
    { 'tonic-without-thumb': 1, 'four-before-three': 1, 'pass-at-white': 12 },
  ),
  'one-fingering-for-all': like(
    'one-fingering-for-all',
    {
      pattern: 'as-on-c',
    },
    { 'thumb-on-black': 0, 'fourth-on-white': 0, 'pass-at-white': 0, 'off-pattern': 300, 'end-off-pattern': 30 },
  ),
  'black-groups': like('black-groups', {}, { 'black-off-group': 40, 'tonic-without-thumb': 5, 'four-before-three': 1 }),
  'two-hand-tetrachords': like('two-hand-tetrachords', {}, {}),
  'free-and-smooth': like(
    'free-and-smooth',
    {
      pattern: 'none',
      slides: true,
    },
    { 'thumb-on-black': 9, 'tonic-without-thumb': 0, 'fourth-on-white': 1, 'four-before-three': 0, cramped: 20 },
  ),
}

/** How much farther or less far than the average hand's the fingers of a size reach; ours, editable. */
export const HAND_SCALE: Readonly<Record<HandSize, number>> = { small: 0.87, average: 1, large: 1.13 }

/** Chromatic runs have habits of their own: 3 on black and 1 on white, or long groups on few thumbs. */
const CHROMATIC: Record<FingeringSettings['chromatic'], { weights: Weights; inside?: School['inside'] }> = {
  'one-three': {
    weights: {
      'black-without-third': 60,
      'white-without-thumb': 8,
      'tonic-without-thumb': 0,
      'skipped-finger': 0,
      pass: 1,
      'pass-by-two': 0,
      'pass-at-end': 0,
      'end-off-pattern': 30,
      cramped: 0,
    },
  },
  fours: { weights: { 'tonic-without-thumb': 5 } },
  fives: {
    weights: { 'tonic-without-thumb': 5, 'little-finger-inside': 0, 'pass-by-five': 4, 'fourth-on-white': 0 },
    inside: FINGERS,
  },
}

/** In chromatic double notes each key has its two fingers wherever one starts: all but the ends keep them. */
const CHROMATIC_PAIRS: Weights = { 'off-pattern': 400, 'double-end': 60, 'tonic-without-thumb': 0 }

/** 3 and 4 lie too close together for a minor third in a triad. */
const TRIAD: Weights = { 'third-and-fourth': 1000 }

/** So a finger may be left out within a minor third, whichever its keys, mm. */
const TRIAD_SKIP_ROOM = 32

/** Over a black third 4 and 2 lie close together; whoever wants 4 everywhere accepts that. */
const ALWAYS_FOUR: Weights = { 'third-in-triad': 60, cramped: 5 }

const HABITLESS: readonly SchoolId[] = ['free-and-smooth', 'one-fingering-for-all']

/** A school as one hand of one study has it: settings, material and hand size worked in. */
export interface CostProfile extends School {
  /** Tells manners apart, for whatever is remembered of them. */
  readonly key: string
}

/** A keyboard on which a hand plays otherwise than on a piano. */
export interface Make {
  readonly id: string
  /** How much farther its fingers reach, measured on a piano's keys. */
  readonly reach: number
  /** How much dearer some cost terms are. */
  readonly dearer: Partial<Record<Term, number>>
}
const PIANO_MAKE: Make = { id: 'piano', reach: 1, dearer: {} }

const dearerBy = (weights: School['weights'], { dearer }: Make): School['weights'] => ({
  ...weights,
  ...Object.fromEntries(Object.entries(dearer).map(([term, by]) => [term, weights[term as Term] * by])),
})

const MANNERS = new Map<string, CostProfile>()

/** What of a material has habits of its own. */
interface Habits {
  readonly chromatic: boolean
  readonly chromaticPairs: boolean
  readonly triad: boolean
}

function costProfileOf(
  settings: FingeringSettings,
  hand: Hand,
  { chromatic, chromaticPairs, triad }: Habits,
  make: Make,
): CostProfile {
  const school = ALL_SCHOOLS[settings.school]
  const habit = chromatic && !HABITLESS.includes(school.id) ? CHROMATIC[settings.chromatic] : { weights: {} }
  const four = triad && hand === 'left' && settings.leftArpeggio === 'always-four' ? ALWAYS_FOUR : {}
  const by = HAND_SCALE[settings.handSize] * make.reach
  return {
    ...school,
    ...('inside' in habit && habit.inside ? { inside: habit.inside } : {}),
    weights: dearerBy(
      {
        ...school.weights,
        ...habit.weights,
        ...(triad ? TRIAD : {}),
        ...(chromaticPairs ? CHROMATIC_PAIRS : {}),
        ...four,
      },
      make,
    ),
    ...(triad ? { skipRoom: TRIAD_SKIP_ROOM } : {}),
    reach: scaled(school.reach, by),
    chordReach: scaled(school.chordReach, by),
    widest: scaled(school.widest, by),
    passReach: school.passReach * by,
    widestPass: school.widestPass * by,
    key: '',
  }
}

/** The school of some settings for one hand and material; remembered, since it is asked for again and again. */
export function costProfileFor(
  settings: FingeringSettings,
  hand: Hand,
  material: Material,
  make = PIANO_MAKE,
): CostProfile {
  const chromatic = material.kind.spelling === 'plain' && !material.kind.second
  const chromaticPairs = material.kind.spelling === 'plain' && material.kind.second !== undefined
  const triad = material.kind.family === 'arpeggio'
  const { school, leftArpeggio, handSize } = settings
  const habits = [triad && leftArpeggio, chromatic && settings.chromatic, chromaticPairs]
  const key = [make.id, school, hand, handSize, ...habits].join(' ')
  const known = MANNERS.get(key)
  if (known) return known
  const costProfile = { ...costProfileOf(settings, hand, { chromatic, chromaticPairs, triad }, make), key }
  MANNERS.set(key, costProfile)
  return costProfile
}

/** Without a pattern the hand at rest is the measure: fingers over their keys rather than a particular finger. */
const AT_EASE: Weights = { 'skipped-finger': 0, 'hand-shape': 0.06, 'fourth-on-white': 1 }

/** Profiles that differ from others by some weights, each made once. */
function variantBy(weights: Weights): (profile: CostProfile) => CostProfile {
  const made = new WeakMap<CostProfile, CostProfile>()
  return (profile) => {
    const known = made.get(profile)
    if (known) return known
    const variant = { ...profile, weights: { ...profile.weights, ...weights } }
    made.set(profile, variant)
    return variant
  }
}

/** Where no octave repeats there is no habit to keep, and the hand's own shape decides. */
export const shapely = variantBy(AT_EASE)

/** Where repeats keep their shape: it gives way to pins only. */
export const keepsShape = variantBy({ 'off-pattern': 300, 'end-off-pattern': 300 })

/** Where a line grows note by note: inside it each note has the finger that the whole line will need. */
export const keepsPattern = variantBy({ 'off-pattern': 300 })

const schoolOf = (id: SchoolId): School => ALL_SCHOOLS[id]
/** Schools in the order in which they are offered, the default first. */
export const SCHOOL_LIST: readonly School[] = SCHOOLS.map(schoolOf)
