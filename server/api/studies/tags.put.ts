import { MAX_TAGS } from '#shared/api'
import { bodies } from '#shared/schemas'
import { inTransaction, tagStudies } from '../../db'
import { readChecked, route } from '../../http'
import { refuse } from '../../messages'

export default route('PUT /api/studies/tags', async ({ event, db, studio }) => {
  const { ids, add, remove } = await readChecked(event, bodies.tags)
  await inTransaction(db, async (client) => {
    if (!(await tagStudies(client, studio, ids, add, remove, MAX_TAGS)))
      throw refuse('tags.most', { most: MAX_TAGS }, 'add')
  })
  return { ok: true }
})
