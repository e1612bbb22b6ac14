import type { Recipe } from '../instrument'
import { currentEntries, type Entry, studyKeyOf } from './entry'

/** Studies of a record that are none of those that are practised, each once. */
export function practisedBeside(studies: readonly Recipe[], record: readonly Entry[]): Recipe[] {
  const known = new Set(studies.map((each) => `${studyKeyOf(each)} ${each.hands}`))
  const found = new Map<string, Recipe>()
  for (const { study } of currentEntries(record)) {
    const studyKey = `${studyKeyOf(study)} ${study.hands}`
    if (!known.has(studyKey)) found.set(studyKey, study)
  }
  return [...found.values()]
}
