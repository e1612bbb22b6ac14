import { computed, type ShallowRef } from 'vue'
import type { Alternative } from '#core/fingering'
import { pinnedNotes, type RealisedStudy } from '#core/realise'
import { type Finger, type Hand, isNotePin, type Pin, type RecipeInput } from '#core/study'
import { realiser } from '~/composables/realiser'
import { degreePin, gripPin, isEqual, type Place, plain, samePlace } from './deskPins'

/** Fingers that the teacher fixes, one by one, by degree, by grip, or a whole alternative at once. */
export function deskPinning(
  recipe: ShallowRef<RecipeInput>,
  study: ShallowRef<RealisedStudy | null>,
  set: (next: RecipeInput) => Promise<void>,
) {
  const pins = computed<readonly Pin[]>(() => recipe.value.pins ?? [])

  /** The pin that fixes a note's finger: its own, its grip's, or its degree's. */
  function pinAt(place: Place): Pin | undefined {
    const fixed = study.value && pinnedNotes(study.value).find((each) => samePlace(each, place))
    return fixed ? study.value!.recipe.pins[fixed.pin] : undefined
  }

  const setPins = (next: readonly Pin[]): Promise<void> => set({ ...recipe.value, pins: next })
  /** Pins that say nothing of a note; one that failed and is not in the study yet is found by its own place. */
  function others(place: Place): Pin[] {
    const fixing = pinAt(place)
    const own = (each: Pin): boolean => isNotePin(each) && samePlace(each, place)
    return pins.value.filter((each) => !own(each) && (!fixing || !isEqual(each, fixing)))
  }
  const pin = (place: Place, finger: Finger): Promise<void> => setPins([...others(place), { ...place, finger }])
  const free = (place: Place): Promise<void> => setPins(others(place))
  const pinDegree = (place: Place): Promise<void> =>
    study.value ? setPins([...others(place), degreePin(study.value, place)]) : Promise.resolve()
  const pinGrip = (place: Place): Promise<void> =>
    study.value ? setPins([...others(place), gripPin(study.value, place)]) : Promise.resolve()

  /** Takes another fingering of a hand; the worker finds the pins that hold it, unless something else came first. */
  async function takeAlternative(hand: Hand, { fingers }: Alternative): Promise<void> {
    const before = recipe.value
    const answer = await realiser().take(plain(before), hand, plain(fingers))
    if ('pins' in answer && recipe.value === before) await setPins(answer.pins)
  }

  return { pins, pinAt, setPins, pin, free, pinDegree, pinGrip, takeAlternative }
}
