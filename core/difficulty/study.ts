import { FREE, type KindId, KINDS } from '../material'
import { type CommonRecipe, isFree, isPlainPattern, notesPerMinute, PLAIN_RHYTHM } from '../study'
import { type Measures, rising } from './measures'

/** A study as far as difficulty goes, whoever plays it. */
export interface Asked {
  readonly recipe: CommonRecipe
  /** What its stretches are made of, and in how many keys. */
  readonly kinds: readonly (KindId | 'pitches')[]
  readonly keys: number
}

/** How much a kind has to be kept in mind is put down from 0 to so much. */
const MOST_MEMORY = 10
/** Stretches of several kinds, such as modes in a chain. */
const MORE_KINDS = 0.5
/** Notes a minute, and keys besides the first, at which a measure stands at a half (ours). */
const HALF = { notesPerMinute: 240, keys: 3 }

const memoryOf = (kind: KindId | 'pitches'): number => (kind === 'pitches' ? FREE : KINDS[kind]).memory

/** What a study asks of anyone. */
export function askedMeasures({ recipe, kinds, keys }: Asked): Measures {
  const memory = Math.max(0, ...kinds.map(memoryOf)) + (new Set(kinds).size > 1 ? MORE_KINDS : 0)
  const inversion = isFree(recipe.material) ? 0 : (recipe.material.inversion ?? 0)
  const even = JSON.stringify(recipe.rhythm) === JSON.stringify(PLAIN_RHYTHM)
  return {
    form: Math.min(1, memory / MOST_MEMORY),
    inverted: inversion > 0 ? 1 : 0,
    manyKeys: rising(Math.max(0, keys - 1), HALF.keys),
    pattern: isPlainPattern(recipe.pattern) ? 0 : 1,
    speed: rising(notesPerMinute(recipe.tempo), HALF.notesPerMinute),
    staccato: recipe.articulation === 'staccato' || recipe.touch ? 1 : 0,
    touchesApart: recipe.touch ? 1 : 0,
    uneven: even ? 0 : 1,
  }
}
