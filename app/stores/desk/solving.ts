import { shallowRef } from 'vue'
import type { ErrorData as Fault, DomainError } from '#core/message'
import type { Accepted, RealisedStudy } from '#core/realise'
import { altered, familyOf, INSTRUMENT_IDS, playerSettingsOf, type RecipeInput } from '#core/instrument'
import { newestOnly, realised } from '~/composables/realiser'
import { playerHere } from '~/composables/studio'
import type { Realised } from '~/workers/realise.worker'
import { type Place, plain } from './pins'

export const FIRST: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'together', octaves: 2 }

/** What lies on the desk when nothing else does: on the instrument that is taught here. */
export function firstStudy(): RecipeInput {
  return altered(FIRST, playerHere())
}

/** What stands on the desk where nothing of the instrument that is asked for did: its usual study, as it is made here. */
function standInFor(next: RecipeInput): RecipeInput | null {
  const known = next.instrument === undefined || (INSTRUMENT_IDS as readonly string[]).includes(next.instrument)
  return known ? altered(FIRST, playerSettingsOf(next)) : null
}

/**
 * The recipe and what the core's worker makes of it. A recipe that fails leaves the last good study in place; where that
 * is another instrument's, the usual study of the one that is asked for stands in.
 */
export function deskSolving() {
  const recipe = shallowRef<RecipeInput>(FIRST)
  const study = shallowRef<RealisedStudy | null>(null)
  const fault = shallowRef<(Fault & { details?: Readonly<Record<string, unknown>> }) | null>(null)
  const departs = shallowRef<Place[]>([])
  const accepted = shallowRef<Accepted | null>(null)
  /** Whether the study is not what was asked for last that can be played, but the instrument's usual one. */
  const standsIn = shallowRef(false)
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

  /** After a fault: what is shown is of the instrument that is asked for. */
  async function standIn(next: RecipeInput): Promise<void> {
    const usual = standInFor(next)
    if (!usual || (study.value && familyOf(study.value.recipe) === familyOf(usual))) return
    const answer = await newest(() => answered(usual, null))
    if (!answer || 'fault' in answer) return
    study.value = answer.study
    departs.value = []
    standsIn.value = true
  }

  async function solve(next: RecipeInput, fingers: Accepted | null): Promise<void> {
    const answer = await newest(() => answered(next, fingers))
    if (!answer) return
    if ('fault' in answer) {
      fault.value = answer.fault
      return standIn(next)
    }
    fault.value = null
    standsIn.value = false
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

  return { recipe, study, fault, standsIn, departs, accepted, show, again, settled }
}

export type Solving = ReturnType<typeof deskSolving>
