import type { Kind } from '#core/material'
import { type MalletRecipe, type RecipeInput, type Rudiment, RUDIMENTS } from '#core/study'

/** Ways of striking, as a player would name them; only one of them at a time. */
export type Manner = Exclude<Rudiment, 'none'> | 'school' | 'separate' | 'through' | 'four'

export const MANNERS: readonly { readonly value: Manner; readonly words: string; readonly note?: string }[] = [
  { value: 'school', words: 'hand to hand' },
  { value: 'paradiddle', words: 'paradiddles' },
  { value: 'double-paradiddle', words: 'double paradiddles' },
  { value: 'paradiddle-diddle', words: 'paradiddle-diddles' },
  { value: 'inverted-paradiddle', words: 'inverted paradiddles' },
  { value: 'separate', words: 'rolled note by note' },
  { value: 'through', words: 'rolled through', note: 'the notes change under the roll' },
  { value: 'four', words: 'four mallets' },
]

export function mannerOf({ mallets, rudiment, roll }: MalletRecipe): Manner {
  if (mallets.count === 4) return 'four'
  if (rudiment !== 'none') return rudiment
  return roll.manner === 'none' ? 'school' : roll.manner
}

const isRudiment = (manner: Manner): manner is Exclude<Rudiment, 'none'> =>
  (RUDIMENTS as readonly string[]).includes(manner)

/** What changes when notes are struck in another manner: the others are left, and so are ladders that do not go with it. */
export function withManner(recipe: MalletRecipe, manner: Manner): Partial<RecipeInput> {
  const { roll, mallets, rhythm, pattern, tempo } = recipe
  const rolled = manner === 'separate' || manner === 'through'
  const rudiment = isRudiment(manner) ? manner : 'none'
  const ladders = rolled ? ['none', 'strokes'] : ['none', 'notes', 'octaves']
  return {
    roll: { ...roll, manner: rolled ? manner : 'none' },
    rudiment,
    mallets: { ...mallets, count: manner === 'four' ? 4 : 2 },
    // notes to the beat go with the manner: a rudiment or a figure fills a beat, a rolled note is one
    tempo: { bpm: tempo.bpm },
    rhythm: {
      ...rhythm,
      ladder: ladders.includes(rhythm.ladder) ? rhythm.ladder : 'none',
      lengths: 'even',
      swing: 50,
    },
    pattern: manner === 'four' ? { ...pattern, figure: 'straight' } : pattern,
  }
}

/** Which manners some material takes: single notes through a run all of them; double stops no rudiment; null is a list of pitches. */
export function takesManner(kind: Kind | null, manner: Manner): boolean {
  if (manner === 'four') return kind?.texture === 'run' && !kind.second
  return !kind?.second || ['school', 'separate', 'through'].includes(manner)
}

/** What changes in the strokes where other material does not take them as they are. */
export const strokesFor = (recipe: MalletRecipe, kind: Kind | null): Partial<RecipeInput> =>
  takesManner(kind, mannerOf(recipe)) ? {} : withManner(recipe, 'school')
