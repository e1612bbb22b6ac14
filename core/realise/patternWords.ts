import type { Accompaniment, Bookends, CommonRecipe, Figure, Journey, Ladder, Lengths, Walk } from '../study'

/** How every part of a pattern stands in a title; empty for what is plain. */
const FIGURE: Record<Figure, string> = {
  straight: '',
  'groups-of-three': 'in groups of three',
  'groups-of-four': 'in groups of four',
  'broken-thirds': 'in broken thirds',
  'broken-fourths': 'in broken fourths',
  'broken-fifths': 'in broken fifths',
  'broken-sixths': 'in broken sixths',
  'broken-sevenths': 'in broken sevenths',
  'fourth-then-second': 'a fourth then a second',
  'fifth-then-third': 'a fifth then a third',
  'seventh-then-sixth': 'a seventh then a sixth',
  'broken-triads': 'in broken triads',
  'broken-seventh-chords': 'in broken seventh chords',
}
const WALK: Record<Walk, string> = {
  straight: '',
  loops: 'in loops',
  'crossing-loops': 'loops around the crossings',
  'add-a-note': 'adding a note',
  'five-finger-first': 'five degrees first',
}
const JOURNEY: Record<Journey, string> = {
  'one-key': '',
  'relay-half-step': 'relay by half steps',
  'relay-fourth': 'relay by fourths',
  'mode-chain': 'modes in a chain',
  'one-fewer': 'one sign fewer each time',
}
const ACCOMPANIMENT: Record<Accompaniment, string> = {
  none: '',
  'held-tonic': 'tonic held in the left hand',
  'scale-in-bass': 'scale in the bass',
}
const LADDER: Record<Ladder, string> = {
  none: '',
  notes: 'up the ladder of notes',
  octaves: 'an octave more each time, and faster',
  strokes: 'up the ladder of strokes',
}
const LENGTHS: Record<Lengths, string> = { even: '', 'long-short': 'long-short', 'short-long': 'short-long' }
const BEFORE: Record<Bookends['before'], string> = { none: '', 'five-finger': 'five-finger run before' }
const AFTER: Record<Bookends['after'], string> = {
  none: '',
  'tonic-chord': 'tonic chord after',
  cadence: 'cadence after',
}

/** Words of each choice, for menus; what is plain says so. */
export const shapingWords = {
  figure: { ...FIGURE, straight: 'straight' },
  walk: { ...WALK, straight: 'straight through' },
  journey: { ...JOURNEY, 'one-key': 'in one key' },
  accompaniment: { ...ACCOMPANIMENT, none: 'both hands play' },
  ladder: { ...LADDER, none: 'one rhythm' },
  lengths: { ...LENGTHS, even: 'even' },
  before: { ...BEFORE, none: 'nothing before' },
  after: { ...AFTER, none: 'nothing after' },
} as const

const told = (words: readonly string[]): string[] => words.filter((each) => each !== '')

export const rhythmWords = ({ rhythm }: Pick<CommonRecipe, 'rhythm'>): string[] =>
  told([
    LADDER[rhythm.ladder],
    LENGTHS[rhythm.lengths],
    rhythm.swing === 50 ? '' : `swing ${rhythm.swing} %`,
    rhythm.accents === 0 ? '' : `accent every ${rhythm.accents}`,
  ])

export const bookendWords = ({ bookends }: Pick<CommonRecipe, 'bookends'>): string[] =>
  told([BEFORE[bookends.before], AFTER[bookends.after]])

/** What a title says of pattern, rhythm and bookends: nothing where all is plain. */
export function patternWords(recipe: Pick<CommonRecipe, 'pattern' | 'rhythm' | 'bookends'>): string[] {
  const { figure, walk, journey, accompaniment } = recipe.pattern
  return [
    ...told([FIGURE[figure], WALK[walk], JOURNEY[journey], ACCOMPANIMENT[accompaniment]]),
    ...rhythmWords(recipe),
    ...bookendWords(recipe),
  ]
}

/** What makes it another course than the plain one, in words; empty where nothing does. Accents and swing do not. */
export function shapeWords({ pattern, rhythm }: Pick<CommonRecipe, 'pattern' | 'rhythm'>): string {
  const { figure, walk, journey, accompaniment } = pattern
  return told([
    ...[FIGURE[figure], WALK[walk], JOURNEY[journey], ACCOMPANIMENT[accompaniment]],
    ...[LADDER[rhythm.ladder], LENGTHS[rhythm.lengths]],
  ]).join(', ')
}
