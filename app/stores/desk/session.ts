import { computed, ref, type ShallowRef, shallowRef, watch } from 'vue'
import type { RecipeInput } from '#core/instrument'
import { type Accepted, lineFor, playersIn, type RealisedStudy } from '#core/realise'
import { type Place, plain } from './pins'
import type { Solving } from './solving'

/** A recipe with the fingers that were accepted for it. */
export interface CurrentDocument {
  readonly recipe: RecipeInput
  readonly accepted: Accepted | null
}

/** Shows a recipe without having decided for it. */
function trying({ recipe, accepted, show }: Solving) {
  /** What stood here before a call was tried out. */
  const held = shallowRef<CurrentDocument | null>(null)
  function tryOut(next: RecipeInput): Promise<void> {
    held.value ??= { recipe: recipe.value, accepted: accepted.value }
    return show(plain(next))
  }
  async function leave(): Promise<void> {
    const before = held.value
    held.value = null
    if (before) await show(before.recipe, before.accepted)
  }
  return { held, tryOut, leave }
}

/** Where the teacher looks: one note, or a stretch of steps from it. */
function looking(study: ShallowRef<RealisedStudy | null>) {
  const selected = ref<Place | null>(null)
  /** The step under the pointer. */
  const pointed = ref<number | null>(null)
  /** The step from which a stretch was drawn out. */
  const anchor = shallowRef<number | null>(null)

  function stepOf(place: Place | null): number | null {
    if (!place || !study.value || !playersIn(study.value).includes(place.hand)) return null
    return lineFor(study.value, place.hand).notes[place.index]?.step ?? null
  }

  /** First and last step of the stretch; nothing where only one note is selected. */
  const range = computed<readonly [number, number] | null>(() => {
    const here = stepOf(selected.value)
    if (anchor.value === null || here === null || here === anchor.value) return null
    return here < anchor.value ? [here, anchor.value] : [anchor.value, here]
  })

  /** What is marked: the stretch, or the one note. */
  const marked = computed<readonly [number, number] | null>(() => {
    const here = stepOf(selected.value)
    return range.value ?? (here === null ? null : [here, here])
  })

  /** Goes to a note; what was drawn out is let go. */
  function select(place: Place | null): void {
    selected.value = place
    anchor.value = null
  }
  /** Goes to a note and draws the stretch out to it. */
  function extend(place: Place): void {
    anchor.value ??= stepOf(selected.value) ?? stepOf(place)
    selected.value = place
  }
  const clear = (): void => select(null)

  // a shorter study may not have that note any more
  watch(study, () => {
    if (selected.value && stepOf(selected.value) === null) clear()
    if (anchor.value !== null && study.value && anchor.value >= study.value.steps) anchor.value = null
  })

  return { selected, pointed, range, marked, select, extend, clear }
}

/**
 * The session: what is being done with the study that lies here. Where the teacher looks (score, stair, map, reasons and
 * playback all look there), and what is only tried out.
 */
export const deskSession = (solving: Solving) => ({ ...looking(solving.study), ...trying(solving) })
