import isEqual from 'fast-deep-equal'
import { computed, shallowRef } from 'vue'
import type { Accepted } from '#core/realise'
import { movesNotes, overlaid, type RecipeInput } from '#core/instrument'
import { t } from '~/composables/words'
import { type Named, namedChange } from './changeWords'
import { deskHistory } from './history'
import { deskPinning } from './pinning'
import { plain } from './pins'
import { deskSession, type CurrentDocument } from './session'
import { deskSolving, FIRST } from './solving'

/**
 * The document: the study as the teacher shapes it, its changes with their way back, its pins; with the session in which
 * that is done.
 */
export function deskDocument() {
  const solving = deskSolving()
  const { recipe, study, fault, standsIn, departs, accepted, show, again, settled } = solving
  const { held, tryOut, leave, clear, ...looking } = deskSession(solving)
  const history = deskHistory(async (next, fingers) => {
    held.value = null
    await show(next, fingers)
  })
  /** The recipe whose pins were let go, so that they can be put back. */
  const letGo = shallowRef<RecipeInput | null>(null)

  /** What is kept of this study, as it was when it was kept; null where none of it is. */
  const stored = shallowRef<CurrentDocument | null>({ recipe: FIRST, accepted: null })
  /** What lies here; what is only tried out does not count. */
  const currentDocument = computed<CurrentDocument>(
    () => held.value ?? { recipe: recipe.value, accepted: accepted.value },
  )
  /** Whether it differs from what is kept: by value, so that what is changed and changed back is not changed. */
  const changed = computed(() => !isEqual(currentDocument.value, stored.value))

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
    // what was not asked is as it was realised: only then is it known what a whole part changes
    const moves = movesNotes(study.value ? (overlaid(study.value.recipe, before) as RecipeInput) : before, some)
    letGo.value = moves && pinning.pins.value.length > 0 ? before : null
    // a field given as undefined goes back to its default
    const next = plain({ ...before, ...some })
    if (moves) {
      delete next.pins
      if (!('startOctave' in some)) delete next.startOctave
    }
    return set(next)
  }

  /** A whole recipe in this one's place, pins and all. */
  function replace(next: RecipeInput): Promise<void> {
    letGo.value = null
    return set(plain(next))
  }

  const putBack = (): Promise<void> => {
    const before = letGo.value
    letGo.value = null
    return before ? set(before) : Promise.resolve()
  }

  /** The engine has changed its mind since the study was saved: take its new fingers. */
  const takeEngine = (): Promise<void> => set({ ...recipe.value }, { words: t('desk.desk-study.engine'), sort: '' })

  /** Starts from a recipe as if nothing had been done to it yet. */
  function lay(next: RecipeInput, fingers: Accepted | null = null): Promise<void> {
    clear()
    letGo.value = held.value = null
    stored.value = { recipe: next, accepted: fingers }
    history.begin(next, fingers)
    return show(next, fingers)
  }

  const { undoes, redoes, undo, redo, undoLog, retrace } = history
  return {
    ...{ recipe, study, fault, standsIn, departs, accepted, letGo, changed, currentDocument, stored, held, settled },
    ...{ undoes, redoes, undo, redo, undoLog, retrace },
    ...{ change, replace, again, tryOut, leave, putBack, takeEngine, lay },
    ...looking,
    ...pinning,
  }
}

export type DeskDocument = ReturnType<typeof deskDocument>
