import { nextTick } from 'vue'
import type { Finger, Hand } from '#core/study'
import type { Desk, Place } from '~/stores/desk'

const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 }

/** Keys on a finger: arrows move, 1 to 5 pin, 0 or Delete frees, Escape lets go. */
export function fingerKeys(desk: Desk) {
  async function goTo(place: Place): Promise<void> {
    desk.selected = place
    await nextTick()
    document.querySelector<SVGGElement>(`[data-finger="${place.hand} ${place.index}"]`)?.focus()
  }

  function neighbour(place: Place, key: string): Place | null {
    const study = desk.study!
    if (key === 'Home') return { ...place, index: 0 }
    if (key === 'End') return { ...place, index: study.steps - 1 }
    if (key === 'ArrowUp' || key === 'ArrowDown') {
      const hand: Hand = key === 'ArrowUp' ? 'right' : 'left'
      return study.hands[hand] && hand !== place.hand ? { hand, index: place.index } : null
    }
    const index = place.index + (STEPS[key] ?? 0)
    return STEPS[key] && index >= 0 && index < study.steps ? { ...place, index } : null
  }

  return function onKey(event: KeyboardEvent): void {
    const place = desk.selected
    if (!place || event.ctrlKey || event.metaKey || event.altKey) return
    const next = neighbour(place, event.key)
    if (next) void goTo(next)
    else if (/^[1-5]$/.test(event.key)) void desk.pin(place, Number(event.key) as Finger)
    else if (['0', 'Delete', 'Backspace'].includes(event.key)) void desk.free(place)
    else return
    event.preventDefault()
  }
}
