import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { packed } from '#shared/preparation'
import { addEntries, type EntryRequest } from '../../../record'
import { completed } from '../../../studies'

export default route('POST /api/pupils/:id/record', async ({ event, db, studio }) => {
  const { entries } = await readChecked(event, bodies.entries)
  const requests = entries.map((entry: EntryRequest, at: number) =>
    entry.study ? { ...entry, study: completed(entry.study, `entries[${at}].study`) } : entry,
  )
  const added = await addEntries(db, studio, idParam(event, 'pupil'), requests)
  setResponseStatus(event, 201)
  return packed(added)
})
