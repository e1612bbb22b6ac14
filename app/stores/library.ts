import type { RecipeInput } from '#core/instrument'
import type { Shelf } from '#shared/api'
import { ask } from '~/composables/api'

/** Keeps several studies at once, all or none. @returns their ids in order */
export async function saveStudies(recipes: readonly RecipeInput[]): Promise<string[]> {
  const { studies } = await ask('POST /api/studies/batch', {}, { recipes })
  return studies.map(({ id }) => id)
}

/** Puts studies at the end of a set; those that it holds already stay where they are. @returns how many were added */
export async function addToSet(setId: string, ids: readonly string[]): Promise<number> {
  const { title, syllabusId, gradeId, version, studies } = await ask('GET /api/sets/:id', { id: setId })
  const already = studies.map((study) => study.id)
  const fresh = ids.filter((id) => !already.includes(id))
  if (fresh.length === 0) return 0
  const studyIds = [...already, ...fresh]
  await ask('PUT /api/sets/:id', { id: setId }, { title, syllabusId, gradeId, version, studyIds })
  return fresh.length
}

/** Moves studies to the library, the archive or the bin. */
export async function shelve(ids: readonly string[], shelf: Shelf): Promise<void> {
  await ask('PUT /api/studies/shelf', {}, { ids, shelf })
}
export const binStudies = (ids: readonly string[]): Promise<void> => shelve(ids, 'bin')
