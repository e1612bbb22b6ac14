import { setResponseStatus } from 'h3'
import { bodies } from '#shared/schemas'
import { idParam, readChecked, route } from '../../../http'
import { packed } from '#shared/preparation'
import { addEntries, type AskedEntry } from '../../../record'
import { completed } from '../../../studies'

export default route('POST /api/pupils/:id/record', async ({ event, db, studio }) => {
  const { entries } = await readChecked(event, bodies.entries)
  const asked = entries.map((entry: AskedEntry, at: number) =>
    entry.study ? { ...entry, study: completed(entry.study, `entries[${at}].study`) } : entry,
  )
  const added = await addEntries(db, studio, idParam(event, 'pupil'), asked)
  setResponseStatus(event, 201)
  return packed(added)
})
