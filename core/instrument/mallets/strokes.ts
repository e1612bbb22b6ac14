import type { Kind } from '../../material'
import { type MalletRecipe, type Rudiment, RUDIMENTS } from '../../sticking'
import type { Ladder } from '../../study'

/** Ways of striking, as a player would name them; only one of them at a time. */
export const MANNERS = [
  'school',
  'paradiddle',
  'double-paradiddle',
  'paradiddle-diddle',
  'inverted-paradiddle',
  'separate',
  'through',
  'four',
] as const
export type Manner = (typeof MANNERS)[number]

export function mannerOf({ mallets, rudiment, roll }: MalletRecipe): Manner {
  if (mallets.count === 4) return 'four'
  if (rudiment !== 'none') return rudiment
  return roll.manner === 'none' ? 'school' : roll.manner
}

const isRudiment = (manner: Manner): manner is Exclude<Rudiment, 'none'> =>
  (RUDIMENTS as readonly string[]).includes(manner)

/** Rolls climb strokes, everything else notes or octaves. */
export const laddersFor = (rolled: boolean): readonly Ladder[] =>
  rolled ? ['none', 'strokes'] : ['none', 'notes', 'octaves']

/** What changes when notes are struck in another manner: the others are left, and so are ladders that do not go with it. */
export function withManner(recipe: MalletRecipe, manner: Manner) {
  const { roll, mallets, rhythm, pattern, tempo, ring } = recipe
  const rolled = manner === 'separate' || manner === 'through'
  const rudiment: Rudiment = isRudiment(manner) ? manner : 'none'
  return {
    roll: { ...roll, manner: rolled ? manner : ('none' as const) },
    rudiment,
    // a roll keeps its bars ringing, and none of these leaves a mallet free
    ring: {
      ...ring,
      ...(rolled ? { dead: 'none' as const } : {}),
      ...(manner === 'school' ? {} : { damping: 'none' as const }),
    },
    mallets: { ...mallets, count: manner === 'four' ? (4 as const) : (2 as const) },
    // notes to the beat go with the manner: a rudiment or a figure fills a beat, a rolled note is one
    tempo: { bpm: tempo.bpm },
    rhythm: {
      ...rhythm,
      ladder: laddersFor(rolled).includes(rhythm.ladder) ? rhythm.ladder : ('none' as const),
      lengths: 'even' as const,
      swing: 50,
    },
    pattern: {
      ...pattern,
      ...(manner === 'four' ? { figure: 'straight' as const } : {}),
      ...(manner === 'school' ? {} : { accompaniment: 'none' as const }),
    },
  }
}

/** Which manners some material takes: single notes through a run all of them; double stops no rudiment; null is a list of pitches. */
export function takesManner(kind: Kind | null, manner: Manner): boolean {
  if (manner === 'four') return kind?.texture === 'run' && !kind.second
  return !kind?.second || ['school', 'separate', 'through'].includes(manner)
}

/** What changes in the strokes where other material does not take them as they are. */
export const strokesFor = (recipe: MalletRecipe, kind: Kind | null) => ({
  ...(takesManner(kind, mannerOf(recipe)) ? {} : withManner(recipe, 'school')),
  // double notes take both mallets
  ...(kind?.second && recipe.ring.damping !== 'none' ? { ring: { ...recipe.ring, damping: 'none' as const } } : {}),
})
