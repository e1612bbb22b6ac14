import { familyOf, pupilWishes, type RecipeInput, taughtOf } from '#core/instrument'
import type { BulkEdit, ChangePreview, Study } from '#shared/api'
import {
  type Db,
  getPupil,
  getStudio,
  getStudy,
  holdersOf,
  insertChange,
  inTransaction,
  type Pool,
  studiesInSetsOf,
  studiesNamed,
  takeChange,
  updateStudy,
} from './db'
import { refuse } from './messages'
import { notFound, stale } from './httpError'
import { playing } from './players'
import { changedIn } from './work'

type Some = Partial<RecipeInput>

/** What some studies would come to; those that have all of it already are counted only. */
async function previewed(db: Db, studio: number, studies: readonly Study[], some: Some): Promise<ChangePreview> {
  const changed = await changedIn(studies, some)
  const holders = await holdersOf(
    db,
    studio,
    studies.map(({ id }) => id),
  )
  return {
    some,
    same: changed.filter((each) => each === null).length,
    studies: studies.flatMap(({ id, version, title }, at) => {
      const found = changed[at]
      if (!found) return []
      const { title: after, marks, wrong } = found
      return [{ id, version, before: title, after, marks, wrong, pupils: holders.get(id) ?? [] }]
    }),
  }
}

/** What a change would make of some studies; nothing is stored. @throws DomainError for more than is done at once */
export async function previewChange(
  pool: Pool,
  studio: number,
  ids: readonly string[],
  some: Some,
): Promise<ChangePreview> {
  return previewed(pool, studio, await studiesNamed(pool, studio, ids), some)
}

/** What a pupil's studies would be if they were made the way the pupil plays. @throws HttpError 404 */
export async function previewForPupil(pool: Pool, studio: number, id: string): Promise<ChangePreview> {
  const pupil = await getPupil(pool, studio, id)
  if (!pupil) throw notFound('pupil')
  const { settings: here } = await getStudio(pool, studio)
  const { family } = taughtOf(pupil.instrument)
  const own = (await studiesInSetsOf(pool, studio, id)).filter(({ recipe }) => familyOf(recipe) === family)
  return previewed(pool, studio, own, pupilWishes(here, playing(pupil)))
}

/** The study as it was seen. @throws HttpError 404, 409 */
async function seen(db: Db, studio: number, { id, version }: Pick<Study, 'id' | 'version'>): Promise<Study> {
  const study = await getStudy(db, studio, id)
  if (!study) throw notFound('study')
  if (study.version !== version) throw stale('study', study)
  return study
}

/**
 * Changes several studies at once, all or none, over the versions that were seen.
 * @throws HttpError 404, 409; DomainError where one of them cannot be so
 */
export async function changeMany(
  pool: Pool,
  studio: number,
  wanted: readonly Pick<Study, 'id' | 'version'>[],
  some: Some,
): Promise<BulkEdit> {
  const studies: Study[] = []
  for (const each of wanted) studies.push(await seen(pool, studio, each))
  const changed = await changedIn(studies, some)
  const at = changed.findIndex((each) => each?.wrong)
  if (at >= 0) throw refuse('change.unplayable', { why: changed[at]!.wrong! }, `studies[${at}]`)
  return inTransaction(pool, async (db) => {
    const before: Pick<Study, 'id' | 'recipe' | 'accepted' | 'version'>[] = []
    for (const [at, { id, version, recipe, accepted }] of studies.entries()) {
      const content = changed[at]?.content
      if (!content) continue
      const saved = await updateStudy(db, studio, id, version, content)
      if (!saved) throw stale('study', await getStudy(db, studio, id))
      before.push({ id, recipe, accepted, version: saved.version })
    }
    return { id: await insertChange(db, studio, before), changed: before.length }
  })
}

/** Takes a change back, but for what was worked on since. @throws HttpError 404 */
export function undoChange(pool: Pool, studio: number, id: string): Promise<{ back: number; stay: number }> {
  return inTransaction(pool, async (db) => {
    const before = await takeChange(db, studio, id)
    if (!before) throw notFound('change')
    let back = 0
    for (const { id: study, version, recipe, accepted } of before) {
      if (await updateStudy(db, studio, study, version, { recipe, accepted })) back++
    }
    return { back, stay: before.length - back }
  })
}
