import type { StudySet } from '#shared/api'
import { ask } from '~/composables/api'
import { onBack } from '~/composables/connection'
import { t } from '~/composables/words'
import type { SetKeeping } from './setKeeping'

/** What was asked of a set and not answered: once the server is back, the set itself tells whether it was done. */
export function setUnanswered({ set, notice, guarded, settle }: SetKeeping) {
  let open: Pick<StudySet, 'id' | 'version'> | null = null
  const unanswered = (id: string, version: number): void => {
    open = { id, version }
  }

  async function askAbout({ id, version }: Pick<StudySet, 'id' | 'version'>): Promise<void> {
    const current = await ask('GET /api/sets/:id', { id })
    if (set.value?.id !== id) return
    const done = current.version > version
    if (done) await settle(current)
    notice.value = t(done ? 'sets.set-grading.was-done' : 'sets.set-grading.was-not-done')
  }
  onBack(() => {
    if (!open) return undefined
    const about = open
    open = null
    return guarded(() => askAbout(about))
  })
  return unanswered
}
