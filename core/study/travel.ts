import { keyNamed, KINDS, materialOf, type NamedMaterial } from '../material'
import { named } from '../message'
import { modulo, noteName, parseNote } from '../pitch'
import {
  type Course,
  courseOfKeys,
  KEY_STEPS,
  type KeyCourse,
  type KeyList,
  type KeyPlace,
  type LegWay,
  semitonesOf,
} from './line'
import { studyMessage } from './messages'
import type { CommonRecipe } from './recipe'
import type { Section } from './section'

const materialOfRecipe = (recipe: CommonRecipe): NamedMaterial => recipe.material as NamedMaterial

const OCTAVE = 12
/** Farther than this from the first tonic no key of a list begins. */
const WITHIN = OCTAVE - 1

const startsDown = (course: Course): boolean => course.startsWith('down')
const OPPOSITE: Record<Course, Course> = { up: 'down', down: 'up', 'up-down': 'up', 'down-up': 'down' }

/** The course of a key: all of it, or one leg, up and down by turns. */
function courseOfKey(course: Course, legs: LegWay, at: number): Course {
  if (legs === 'each') return course
  const first: Course = startsDown(course) ? 'down' : 'up'
  return at % 2 === 0 ? first : OPPOSITE[first]
}

/** Where a leg begins and ends over its own tonic. */
const edges = (course: Course, span: number): { begins: number; ends: number } => ({
  begins: startsDown(course) ? span : 0,
  ends: course === 'up' || course === 'down-up' ? span : 0,
})

/** Keys of a list: each as near as it can be to where the one before ended, within an octave of the first. */
function listed(recipe: CommonRecipe, { keys, legs }: KeyList): KeyPlace[] {
  const first = materialOfRecipe(recipe)
  const materials = keys.map((key): NamedMaterial => (typeof key === 'string' ? { ...first, tonic: key } : key))
  const several = new Set(materials.map(({ kind }) => kind)).size > 1
  const origin = semitonesOf(parseNote(first.tonic))
  const span = OCTAVE * recipe.octaves
  let end: number | null = null
  return materials.map((material, at) => {
    const apart = modulo(semitonesOf(parseNote(material.tonic)) - origin, OCTAVE)
    const { begins, ends } = edges(courseOfKey(recipe.course, legs, at), span)
    const off = (over: number): number => (end === null ? Math.abs(over) : Math.abs(over + begins - end))
    const above = off(apart) <= off(apart - OCTAVE) || apart - OCTAVE < -WITHIN
    const over = above ? apart : apart - OCTAVE
    end = over + ends
    const label = several ? keyNamed(material) : studyMessage('section.key', { tonic: named(material.tonic) })
    return { material, over, label }
  })
}

/** The keys of a journey, from where it sets out. */
function keysIn(recipe: CommonRecipe, course: KeyList | KeyCourse): readonly KeyPlace[] {
  if ('keys' in course) return listed(recipe, course)
  const keys = KEY_STEPS[course.by].keys(materialOfRecipe(recipe))
  return Array.from({ length: course.count }, (_, at) => keys[at % keys.length]!)
}

/** Which signs stand at the clef: each key's own, if all have the same; else every sign before its note. */
function signatureOver(course: KeyList | KeyCourse, keys: readonly KeyPlace[]): CommonRecipe['signature'] {
  if ('by' in course) return KEY_STEPS[course.by].signature
  return new Set(keys.map(({ material }) => materialOf(material).fifths)).size === 1 ? 'own' : 'none'
}

/** One section for each key of the journey; the recipe itself where there is none. */
export function travelled(recipe: CommonRecipe): Section[] {
  const first = materialOfRecipe(recipe)
  const course = courseOfKeys(recipe.pattern.journey, first)
  if (!course) return [{ recipe, label: [] }]
  const keys = keysIn(recipe, course)
  const signature = signatureOver(course, keys)
  const fingeredAs = 'by' in course && KEY_STEPS[course.by].sharesFingers ? majorOf(first) : undefined
  const origin = OCTAVE * recipe.startOctave + semitonesOf(parseNote(first.tonic))
  return keys.map(({ material, over, label }, at) => ({
    recipe: {
      ...recipe,
      material,
      startOctave: Math.round((origin + over - semitonesOf(parseNote(material.tonic))) / OCTAVE),
      course: courseOfKey(recipe.course, course.legs, at),
      signature,
    },
    label: [label],
    ...(fingeredAs ? { fingeredAs } : {}),
    ...(at < keys.length - 1 ? { link: recipe.pattern.link } : {}),
  }))
}

/** The major key that has a scale's notes: what its modes are fingered as. */
function majorOf({ tonic, kind }: NamedMaterial): NamedMaterial {
  const { up } = materialOf({ tonic, kind })
  const degree = (KINDS[kind].modeOf?.degree ?? 1) - 1
  return { tonic: noteName(up[modulo(-degree, up.length)]!), kind: 'major' }
}
