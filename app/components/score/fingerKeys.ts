import { familyOf } from '#core/instrument'
import { nextTick } from 'vue'
import { lineFor, playersIn, type RealisedStudy } from '#core/realise'
import type { Hand, LineNote } from '#core/study'
import type { Desk, Place } from '~/stores/desk'

const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 }

/** The note above or below at the same step: in the same chord, or in the other hand. */
function above(study: RealisedStudy, { hand, index }: Place, way: 1 | -1): Place | null {
  const { notes } = lineFor(study, hand)
  const { step } = notes[index]!
  if (notes[index + way]?.step === step) return { hand, index: index + way }
  const other: Hand = way === 1 ? 'right' : 'left'
  const others = other === hand || !playersIn(study).includes(other) ? [] : lineFor(study, other).notes
  const met =
    way === 1 ? others.findIndex((note) => note.step === step) : others.findLastIndex((note) => note.step === step)
  return met < 0 ? null : { hand: other, index: met }
}

/** The same voice of the step before or after, or the nearest that there is. */
function beside(notes: readonly LineNote[], { hand, index }: Place, way: number): Place | null {
  const { step } = notes[index]!
  const voice = index - notes.findIndex((note) => note.step === step)
  const next = way === 1 ? notes.find((note) => note.step > step) : notes.findLast((note) => note.step < step)
  if (!next) return null
  const first = notes.findIndex((note) => note.step === next.step)
  const size = notes.filter((note) => note.step === next.step).length
  return { hand, index: first + Math.min(voice, size - 1) }
}

/**
 * Keys on a finger or stick: arrows move, with Shift they mark out, 1 to 5 (or R and L) pin, 0 or Delete frees, Escape
 * lets the marked go.
 */
export function fingerKeys(desk: Desk) {
  async function goTo(place: Place, extend: boolean): Promise<void> {
    if (extend) desk.extend(place)
    else desk.select(place)
    await nextTick()
    const finger = document.querySelector<SVGGElement>(`[data-finger="${place.hand} ${place.index}"]`)
    finger?.focus()
    // clear of the bars at the foot
    finger?.closest('.system')?.scrollIntoView({ block: 'nearest' })
  }

  function neighbour(place: Place, key: string): Place | null {
    const { notes } = lineFor(desk.study!, place.hand)
    if (key === 'Home') return { ...place, index: 0 }
    if (key === 'End') return { ...place, index: notes.length - 1 }
    if (key === 'ArrowUp' || key === 'ArrowDown') return above(desk.study!, place, key === 'ArrowUp' ? 1 : -1)
    return STEPS[key] ? beside(notes, place, STEPS[key]) : null
  }

  return function onKey(event: KeyboardEvent): void {
    const place = desk.selected
    if (!place || event.ctrlKey || event.metaKey || event.altKey) return
    const next = neighbour(place, event.key)
    const mark = familyOf(desk.study!.recipe).pins.markOf(event.key)
    if (next) void goTo(next, event.shiftKey)
    else if (event.key === 'Escape') desk.select(place)
    else if (mark !== null) void desk.pin(place, mark)
    else if (['0', 'Delete', 'Backspace'].includes(event.key)) void desk.free(place)
    else return
    event.preventDefault()
  }
}
