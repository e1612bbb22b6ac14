import { ask } from '~/composables/api'
import { t } from '~/composables/words'

/** Takes a change of several studies back. @returns what came of it, in words */
export const undoChange = async (id: string): Promise<string> =>
  t('changes.undone', await ask('POST /api/changes/:id/undo', { id }, {}))
