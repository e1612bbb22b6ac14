import isEqual from 'fast-deep-equal'
import { computed, shallowRef } from 'vue'
import type { Accepted } from '#core/realise'
import { movesNotes, type RecipeInput } from '#core/instrument'
import { type Named, namedChange } from './changeWords'
import { deskHistory } from './deskHistory'
import { deskPinning } from './deskPinning'
import { plain } from './deskPins'
import { deskSelection } from './deskSelection'
import { deskSolving, FIRST } from './deskSolving'
import { t } from '~/composables/words'

/** A recipe with the fingers that were accepted for it. */
export interface Standing {
  readonly recipe: RecipeInput
  readonly accepted: Accepted | null
}

export type { Place } from './deskPins'
export { FIRST }

/** The study as the teacher shapes it: changes, pins, alternatives, and where the eye is. */
export function deskStudy() {
  const { recipe, study, fault, departs, accepted, show, again, settled } = deskSolving()
  const history = deskHistory(async (next, fingers) => {
    held.value = null
    await show(next, fingers)
  })
  const selection = deskSelection(study)
  const letGo = shallowRef<RecipeInput | null>(null)
  /** What stood here before a call was tried out. */
  const held = shallowRef<Standing | null>(null)

  /** What is kept of this study, as it was when it was kept; null where none of it is. */
  const kept = shallowRef<Standing | null>({ recipe: FIRST, accepted: null })
  /** What lies here; what is only tried out does not count. */
  const standing = computed<Standing>(() => held.value ?? { recipe: recipe.value, accepted: accepted.value })
  /** Whether it differs from what is kept: by value, so that what is changed and changed back is not changed. */
  const changed = computed(() => !isEqual(standing.value, kept.value))

  function set(next: RecipeInput, named?: Named): Promise<void> {
    const { words, sort } = named ?? namedChange(held.value?.recipe ?? recipe.value, next, study.value)
    held.value = null
    history.note(next, words, sort)
    return show(next)
  }

  const pinning = deskPinning(recipe, study, set)

  /** Changes some fields. Where notes move, pins are let go (and can be put back), and the start is chosen anew. */
  function change(some: Partial<RecipeInput>): Promise<void> {
    const before = recipe.value
    const moves = movesNotes(before, some)
    letGo.value = moves && pinning.pins.value.length > 0 ? before : null
    // a field given as undefined goes back to its default
    const next = plain({ ...before, ...some })
    if (moves) {
      delete next.pins
      if (!('startOctave' in some)) delete next.startOctave
    }
    return set(next)
  }

  /** Puts a whole recipe in this one's place, pins and all. */
  function put(next: RecipeInput): Promise<void> {
    letGo.value = null
    return set(plain(next))
  }

  /** Shows a recipe without having decided for it; `put` decides, `leave` goes back. */
  function tryOut(next: RecipeInput): Promise<void> {
    held.value ??= { recipe: recipe.value, accepted: accepted.value }
    return show(plain(next))
  }
  async function leave(): Promise<void> {
    const before = held.value
    held.value = null
    if (before) await show(before.recipe, before.accepted)
  }

  const putBack = (): Promise<void> => {
    const before = letGo.value
    letGo.value = null
    return before ? set(before) : Promise.resolve()
  }

  /** The engine has changed its mind since the study was saved: take its new fingers. */
  const takeEngine = (): Promise<void> =>
    set({ ...recipe.value }, { words: t('desk.desk-study.today-s-fingers'), sort: '' })

  /** Starts from a recipe as if nothing had been done to it yet. */
  function lay(next: RecipeInput, fingers: Accepted | null = null): Promise<void> {
    selection.clear()
    letGo.value = held.value = null
    kept.value = { recipe: next, accepted: fingers }
    history.begin(next, fingers)
    return show(next, fingers)
  }

  const { undoes, redoes, undo, redo } = history
  const { selected, pointed, range, marked, select, extend } = selection
  return {
    ...{ recipe, study, fault, departs, accepted, letGo, changed, standing, kept, held, settled },
    ...{ selected, pointed, range, marked, select, extend, undoes, redoes, undo, redo },
    ...{ change, put, again, tryOut, leave, putBack, takeEngine, lay },
    ...pinning,
  }
}

export type DeskStudy = ReturnType<typeof deskStudy>
