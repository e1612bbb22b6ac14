import { KINDS, type NamedMaterial } from '../material'
import { parseNote, pitchClass } from '../pitch'
import { apartWords, octaveWords, shapeWords } from '../realise'
import { isFree, isMallets, notesPerMinute, type Recipe } from '../study'
import type { Atom, Requirement } from './model'

/** One field in which a study falls short of a requirement, and how much it takes to mend. */
export interface Shortfall {
  readonly field: 'kind' | 'hands' | 'motion' | 'interval' | 'octaves' | 'course' | 'pattern' | 'articulation' | 'tempo'
  readonly words: string
  readonly effort: number
}

/** How a study stands to an atom: the variant it comes nearest to and what is short. Nothing short: covered. */
export interface Match {
  readonly variant: number
  readonly short: readonly Shortfall[]
  readonly effort: number
}

/** More fields short than this, and the study is simply another one. */
const MOST_SHORT = 2

const HANDS = { together: 'hands together', right: 'the right hand', left: 'the left hand' } as const

/** Requirements name chords from their root. */
function related(material: NamedMaterial, requirement: Requirement): boolean {
  const [own, asked] = [KINDS[material.kind], KINDS[requirement.kind]]
  const sameKeys = pitchClass(parseNote(material.tonic)) === pitchClass(parseNote(requirement.tonic))
  return sameKeys && own.family === asked.family && own.mode === asked.mode && !material.inversion
}

function shortfalls(recipe: Recipe, { kind }: NamedMaterial, asked: Requirement): Shortfall[] {
  const found: Shortfall[] = []
  const miss = (field: Shortfall['field'], words: string, effort: number) => found.push({ field, words, effort })
  if (kind !== asked.kind) miss('kind', `${KINDS[asked.kind].words} asked, this is ${KINDS[kind].words}`, 40)
  if (recipe.hands !== asked.hands) {
    miss('hands', `${HANDS[asked.hands]} asked, this is ${HANDS[recipe.hands]}`, 50)
  } else if (asked.hands === 'together' && recipe.motion !== asked.motion) {
    miss('motion', `${asked.motion} motion asked, this is ${recipe.motion}`, 50)
  }
  const apart = apartWords(recipe)
  if (apart && asked.hands === 'together') miss('interval', `hands an octave apart asked, these lie ${apart}`, 50)
  if (recipe.octaves < asked.octaves) {
    miss('octaves', `${octaveWords(recipe.octaves)}, ${asked.octaves} asked`, 20 * (asked.octaves - recipe.octaves))
  }
  if (recipe.course !== asked.course) {
    miss('course', `${asked.course.replace('-', ' and ')} asked, this goes ${recipe.course.replace('-', ' and ')}`, 10)
  }
  const shape = shapeWords(recipe)
  if (shape) miss('pattern', `the plain course asked, this is ${shape}`, 50)
  if (asked.articulations.length > 0 && !asked.articulations.includes(recipe.articulation)) {
    miss('articulation', `${asked.articulations.join(' or ')} asked, this is ${recipe.articulation}`, 10)
  }
  const [own, least] = [notesPerMinute(recipe.tempo), notesPerMinute(asked.tempo)]
  if (own < least) miss('tempo', `${own} of ${least} notes a minute`, Math.ceil((30 * (least - own)) / least))
  return found
}

/** Holds a study against an atom; null where it is another study altogether. Enharmonic names count as equal. */
export function matchOf(recipe: Recipe, atom: Atom): Match | null {
  const { material } = recipe
  // syllabi on file are for the piano: sticks on bars are other studies
  if (isFree(material) || isMallets(recipe)) return null
  let best: Match | null = null
  atom.variants.forEach((requirement, variant) => {
    if (!related(material, requirement)) return
    const short = shortfalls(recipe, material, requirement)
    if (short.length > MOST_SHORT) return
    const effort = short.reduce((sum, each) => sum + each.effort, 0)
    if (!best || effort < best.effort) best = { variant, short, effort }
  })
  return best
}
