import type { Ref } from 'vue'
import type { RealisedStudy } from '#core/realise'
import type { Player } from '~/sound'
import { wordsOf } from '~/composables/api'
import { t } from '~/composables/words'

/** How long a note that is only tried is held. */
const SECONDS = 0.5

/** Lets one note of a study's instrument be heard; where there is no sound, that is said and nothing else happens. */
export const makeStriking =
  (opened: (study: RealisedStudy) => Promise<Player>, failed: Ref<string>) =>
  async (study: RealisedStudy, midi: number): Promise<void> => {
    try {
      ;(await opened(study)).strike(midi, SECONDS)
    } catch (error) {
      failed.value = t('hear.playing.no-sound', { wordsOf: wordsOf(error) })
    }
  }
