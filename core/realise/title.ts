import { type Material, twinOf } from '../material'
import { noteName, printedName } from '../pitch'
import type { Recipe } from '../study'

const NUMBERS = ['no', 'one', 'two', 'three', 'four']

export const octaveWords = (octaves: number): string =>
  `${NUMBERS[octaves] ?? octaves} octave${octaves === 1 ? '' : 's'}`

export function handWords(recipe: Pick<Recipe, 'hands' | 'motion'>): string {
  if (recipe.hands === 'together') {
    return recipe.motion === 'contrary' ? 'contrary motion' : 'hands together'
  }
  return `${recipe.hands} hand`
}

/** “G♯ harmonic minor”. */
export const materialWords = (material: Material): string => `${printedName(material.tonic)} ${material.kind.words}`

/** “G♯ harmonic minor, hands together, two octaves”. */
export function titleOf(recipe: Recipe, material: Material): string {
  const course = recipe.course === 'up-down' ? '' : `, ${recipe.course.replace('-', ' and ')}`
  return `${materialWords(material)}, ${handWords(recipe)}, ${octaveWords(recipe.octaves)}${course}`
}

/** The other name of the same keys, if it has a key signature. */
export function twinWords(material: Material): { tonic: string; title: string } | null {
  const twin = twinOf(material.tonic, material.kind)
  return twin && { tonic: noteName(twin), title: `${printedName(twin)} ${material.kind.words}` }
}
