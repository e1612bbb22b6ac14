import { familyOf, type Recipe, type Template } from '#core/instrument'
import type { Entry, WhoPlays, WrittenPreparation } from '#core/practice'
import { type ExamDraw, openDraw } from '#core/syllabus'
import type { StoredAim, StoredEntry, StoredRoute, PupilRecord, Study } from './api'

/** The way through a recipe's studies: the teacher's own for its school, or for all schools; undefined is the usual. */
export const templatesOf =
  (routes: readonly StoredRoute[]) =>
  (recipe: Recipe): Template | undefined => {
    const { id } = familyOf(recipe)
    const own = routes.filter(({ family }) => family === id)
    return (own.find(({ school }) => school === recipe.school) ?? own.find(({ school }) => school === ''))?.steps
  }

/** A record with each study once, as it is sent. */
export function packed(entries: readonly StoredEntry[]): PupilRecord {
  const places = new Map<string, number>()
  // most share one object: only what is met for the first time is compared with the others
  const known = new Map<Recipe, number>()
  const recipes: Recipe[] = []
  const placeOf = (study: Recipe): number => {
    const key = JSON.stringify(study)
    const at = places.get(key) ?? recipes.push(study) - 1
    places.set(key, at)
    known.set(study, at)
    return at
  }
  const shared = entries.map(({ study, ...rest }) => ({ ...rest, recipe: known.get(study) ?? placeOf(study) }))
  return { recipes, entries: shared }
}

/** The same as it is worked with. */
export const unpacked = ({ recipes, entries }: PupilRecord): StoredEntry[] =>
  entries.map(({ recipe, ...rest }) => ({ ...rest, study: recipes[recipe]! }))

/** What a plan for a set is made from. */
interface Planned {
  readonly set: { readonly studies: readonly Pick<Study, 'id' | 'recipe'>[] }
  readonly aim: Omit<StoredAim, 'version'>
  readonly record: readonly Entry[]
  readonly draw: ExamDraw | null
  readonly routes: readonly StoredRoute[]
  readonly who: WhoPlays
  readonly today: string
}

/** A set with its aim and record, as the core reads it. */
export function writtenOf({ set, aim, record, draw, routes, who, today }: Planned): WrittenPreparation {
  const studies = set.studies.map(({ recipe }) => recipe)
  // what somebody further east has written of tomorrow waits until then
  const until = record.filter(({ date }) => date <= today)
  const places = new Map(set.studies.map(({ id }, at) => [id, at]))
  return {
    ...{ exam: aim.exam, minutesADay: aim.minutesADay, days: aim.days, lesson: aim.lesson, away: aim.away },
    ...{ studies, record: until, today, draw: draw ?? openDraw(studies.length), templateFor: templatesOf(routes) },
    ...who,
    pins: aim.pins.flatMap(({ studyId, week }) => (places.has(studyId) ? [{ study: places.get(studyId)!, week }] : [])),
  }
}
