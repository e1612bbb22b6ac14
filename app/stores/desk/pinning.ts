import isEqual from 'fast-deep-equal'
import { computed, type ShallowRef } from 'vue'
import { pinnedNotes, type RealisedStudy } from '#core/realise'
import { isNotePin } from '#core/study'
import { type AnyPin, familyOf, type Player, type RecipeInput } from '#core/instrument'
import { realised } from '~/composables/realiser'
import { degreePin, gripPin, type Place, plain, samePlace } from './pins'

/** Fingers or sticks that the teacher fixes, one by one, by degree, by grip, or a whole alternative at once. */
export function deskPinning(
  recipe: ShallowRef<RecipeInput>,
  study: ShallowRef<RealisedStudy | null>,
  set: (next: RecipeInput) => Promise<void>,
) {
  const family = () => familyOf(recipe.value)
  const pins = computed<readonly AnyPin[]>(() => recipe.value.pins ?? [])

  /** The pin that fixes a note's finger: its own, its grip's, or its degree's. */
  function pinAt(place: Place): AnyPin | undefined {
    const fixed = study.value && pinnedNotes(study.value).find((each) => samePlace(each, place))
    return fixed ? study.value!.recipe.pins[fixed.pin] : undefined
  }

  const setPins = (next: readonly AnyPin[]): Promise<void> => set({ ...recipe.value, pins: next })
  /** Pins that say nothing of a note; one that failed and is not in the study yet is found by its own place. */
  function others(place: Place): AnyPin[] {
    const fixing = pinAt(place)
    const own = (each: AnyPin): boolean =>
      isNotePin(each) && samePlace({ hand: family().pins.playerOf(each), index: each.index }, place)
    return pins.value.filter((each) => !own(each) && (!fixing || !isEqual(each, fixing)))
  }
  const pin = (place: Place, mark: string): Promise<void> =>
    setPins([...others(place), family().pins.atNote(place.hand, place.index, mark) as AnyPin])
  /** Pins something else than a mark to a note, such as a button. */
  const pinAlso = (place: Place, also: AnyPin): Promise<void> => setPins([...others(place), also])
  const free = (place: Place): Promise<void> => setPins(others(place))
  const pinDegree = (place: Place): Promise<void> =>
    study.value ? setPins([...others(place), degreePin(study.value, place)]) : Promise.resolve()
  const pinGrip = (place: Place): Promise<void> =>
    study.value ? setPins([...others(place), gripPin(study.value, place)]) : Promise.resolve()
  /** Gives every repeat of a figure what the one at a place has; it stands instead of all else pinned for that player. */
  function pinRepeats({ hand, index }: Place): Promise<void> {
    const { playerOf, inRepeats } = family().pins
    const repeats = study.value && inRepeats(study.value, hand, index)
    if (!repeats) return Promise.resolve()
    return setPins([...pins.value.filter((each) => playerOf(each) !== hand), ...(repeats.pins as AnyPin[])])
  }

  /** Takes other fingers or sticks; the worker finds the pins that hold them, unless something else came first. */
  async function takeAlternative(player: Player, marks: readonly string[], own: readonly AnyPin[] = []): Promise<void> {
    const before = recipe.value
    const answer = await realised((api) => api.take(plain(before), plain({ player, marks, pins: own })))
    if ('pins' in answer && recipe.value === before) await setPins(answer.pins)
  }

  return { pins, pinAt, setPins, pin, pinAlso, free, pinDegree, pinGrip, pinRepeats, takeAlternative }
}
