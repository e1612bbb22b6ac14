import { ref, type Ref, shallowRef } from 'vue'
import type { Made, Outlet, Player } from '~/sound'
import { t } from '~/composables/words'

/** Instruments outside that notes can be sent to, once somebody asked for them, and the one that they are sent to. */
export function makeOutlets(failed: Ref<string>) {
  const outlets = shallowRef<readonly Outlet[]>([])
  const outlet = ref('')

  /** Has a player send its notes outside, or not; an outlet that was taken away leaves them here. */
  async function connected({ player, instrument }: Made): Promise<Player> {
    const { outletOf, sentTo } = await import('~/sound')
    const output = outlet.value ? await outletOf(outlet.value) : null
    if (!output) outlet.value = ''
    player.playOn(output ? sentTo(output, instrument) : instrument)
    return player
  }

  /** Asks what notes can be sent to. */
  async function findOutlets(): Promise<void> {
    failed.value = ''
    try {
      const { outlets: found, sendsNotes } = await import('~/sound')
      outlets.value = sendsNotes() ? await found() : []
      if (outlets.value.length === 0) failed.value = t('hear.playing.no-outlet')
    } catch {
      failed.value = t('hear.playing.outlet-refused')
    }
  }

  return { outlets, outlet, connected, findOutlets }
}
