import { parseNote, pitchClass } from '../pitch'
import { KINDS } from '../material'
import { isFree } from '../study'
import type { Recipe } from '../instrument'
import { type Entry, isAbout, studyKeyOf, type StudyState, type Target } from '../practice'

/** A key that a pupil knows already: `C`, or `Am` for the minor. */
export type KnownKey = string

const nameOf = (key: KnownKey): { tonic: number; minor: boolean } => ({
  tonic: pitchClass(parseNote(key.replace(/m$/, ''))),
  minor: key.endsWith('m'),
})

/** Whether a study is a scale in a key that the pupil knows. */
export function isKnown({ material }: Recipe, knows: readonly KnownKey[]): boolean {
  if (isFree(material)) return false
  const { texture, mode, family, treatment } = KINDS[material.kind]
  if (texture !== 'run' || family !== 'scale' || treatment !== null) return false
  const own = { tonic: pitchClass(parseNote(material.tonic)), minor: mode === 'minor' }
  return knows.map(nameOf).some(({ tonic, minor }) => tonic === own.tonic && minor === own.minor)
}

/** Studies that a pupil without an exam has on the way at once, by the minutes of a day. */
export const atOnce = (minutesADay: number): number => Math.min(6, Math.max(2, Math.round(minutesADay / 5)))

/** Whether a study is through: every stage is passed, so that it is only tested now and then. */
export const isThrough = ({ stages }: Target, { stage }: StudyState): boolean => stage === stages.length - 1

/**
 * What comes next of a level's course: its studies in order, without those that are known, played or in hand already.
 * @param begun keys of studies that the pupil has on the way or has been through
 */
export function nextOfCourse(
  course: readonly Recipe[],
  { knows, begun, count }: { knows: readonly KnownKey[]; begun: ReadonlySet<string>; count: number },
): Recipe[] {
  const next: Recipe[] = []
  const taken = new Set<string>()
  for (const recipe of course) {
    if (next.length >= count) break
    const key = courseKeyOf(recipe)
    if (taken.has(key) || begun.has(key) || isKnown(recipe, knows)) continue
    taken.add(key)
    next.push(recipe)
  }
  return next
}

/** What tells a study from others of a course: its line, and the hands that play it. */
export const courseKeyOf = (recipe: Recipe): string => `${studyKeyOf(recipe)} ${recipe.hands}`

/** Studies that a record tells of, each once, the latest first. */
export function playedIn(record: readonly Entry[]): Recipe[] {
  const found: Recipe[] = []
  for (const entry of record.toReversed()) {
    if (!found.some((recipe) => isAbout(recipe, entry))) found.push(entry.study)
  }
  return found
}
