import { shallowRef } from 'vue'
import type { ErrorData as Fault, DomainError } from '#core/message'
import type { Accepted, RealisedStudy } from '#core/realise'
import { altered, type RecipeInput } from '#core/instrument'
import { newestOnly, realised } from '~/composables/realiser'
import { playerHere } from '~/composables/studio'
import type { Realised } from '~/workers/realise.worker'
import { type Place, plain } from './pins'

export const FIRST: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'together', octaves: 2 }

/** What lies on the desk when nothing else does: on the instrument that is taught here. */
export function firstStudy(): RecipeInput {
  return altered(FIRST, playerHere())
}

/** The recipe and what the core's worker makes of it. A recipe that fails leaves the last good study in place. */
export function deskSolving() {
  const recipe = shallowRef<RecipeInput>(FIRST)
  const study = shallowRef<RealisedStudy | null>(null)
  const fault = shallowRef<(Fault & { details?: Readonly<Record<string, unknown>> }) | null>(null)
  const departs = shallowRef<Place[]>([])
  const accepted = shallowRef<Accepted | null>(null)
  const newest = newestOnly()

  let working = Promise.resolve()

  /** What the worker makes of a recipe; that it failed is an answer too. */
  async function answered(next: RecipeInput, fingers: Accepted | null): Promise<Realised> {
    try {
      return await realised((api) => api.realise(plain(next), plain(fingers) ?? undefined) as Promise<Realised>)
    } catch (error) {
      return { fault: (error as DomainError).toData() }
    }
  }

  async function solve(next: RecipeInput, fingers: Accepted | null): Promise<void> {
    const answer = await newest(() => answered(next, fingers))
    if (!answer) return
    if ('fault' in answer) {
      fault.value = answer.fault
      return
    }
    fault.value = null
    study.value = answer.study
    departs.value = answer.departs
  }

  /** Shows a recipe, with the fingers that were accepted for it, if any. */
  function show(next: RecipeInput, fingers: Accepted | null = null): Promise<void> {
    recipe.value = next
    accepted.value = fingers
    working = solve(next, fingers)
    return working
  }

  /** Asks once more for what is asked, after something went wrong that was not expected. */
  const again = (): Promise<void> => show(recipe.value, accepted.value)

  /** Waits until the study (or the fault) is that of the recipe. */
  async function settled(): Promise<void> {
    let waited: Promise<void>
    do {
      waited = working
      await waited
    } while (waited !== working)
  }

  return { recipe, study, fault, departs, accepted, show, again, settled }
}

export type Solving = ReturnType<typeof deskSolving>
