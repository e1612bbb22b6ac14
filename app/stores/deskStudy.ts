import { computed, ref, shallowRef, toRaw } from 'vue'
import type { Alternative } from '#core/fingering'
import type { Fault } from '#core/pitch'
import { type Accepted, pinnedNotes, type RealisedStudy, takeAlternative as alternativePins } from '#core/realise'
import { type Finger, type Hand, isNotePin, type Pin, type RecipeInput } from '#core/study'
import { newestOnly, realiser } from '~/composables/realiser'
import type { Realised } from '~/workers/realise.worker'
import { degreePin, gripPin, isEqual, type Place, samePlace } from './deskPins'

export type { Place } from './deskPins'

export const FIRST: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'together', octaves: 2 }

/** Fields that move or change notes: pins count notes, so they cannot outlive such a change. */
const STRUCTURE = ['material', 'hands', 'motion', 'interval', 'tonicHand', 'octaves', 'course'] as const

/** Structured clones refuse proxies. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

/** The recipe and what the core's worker makes of it. A recipe that fails leaves the last good study in place. */
function solving() {
  const recipe = shallowRef<RecipeInput>(FIRST)
  const study = shallowRef<RealisedStudy | null>(null)
  const fault = shallowRef<(Fault & { details?: Readonly<Record<string, unknown>> }) | null>(null)
  const departs = shallowRef<Place[]>([])
  const accepted = shallowRef<Accepted | null>(null)
  const newest = newestOnly()

  /** Shows a recipe, with the fingers that were accepted for it, if any. */
  async function show(next: RecipeInput, fingers: Accepted | null = null): Promise<void> {
    recipe.value = next
    accepted.value = fingers
    const work = realiser().realise(plain(next), plain(fingers) ?? undefined)
    const answer = await newest(work as Promise<Realised>)
    if (!answer) return
    if ('fault' in answer) {
      fault.value = answer.fault
      return
    }
    fault.value = null
    study.value = answer.study
    departs.value = answer.departs
  }
  return { recipe, study, fault, departs, accepted, show }
}

/** The study as the teacher shapes it: changes, pins, alternatives, and where the eye is. */
export function deskStudy() {
  const { recipe, study, fault, departs, accepted, show } = solving()
  const selected = ref<Place | null>(null)
  const pointed = ref<number | null>(null)
  const letGo = shallowRef<RecipeInput | null>(null)
  const changed = ref(false)

  const pins = computed<readonly Pin[]>(() => recipe.value.pins ?? [])
  /** The pin that fixes a note's finger: its own, its grip's, or its degree's. */
  function pinAt(place: Place): Pin | undefined {
    const fixed = study.value && pinnedNotes(study.value).find((each) => samePlace(each, place))
    return fixed ? study.value!.recipe.pins[fixed.pin] : undefined
  }

  function set(next: RecipeInput): Promise<void> {
    changed.value = true
    return show(next)
  }

  /** Changes some fields. Where notes move, pins are let go (and can be put back), and the start is chosen anew. */
  function change(some: Partial<RecipeInput>): Promise<void> {
    const moves = STRUCTURE.some((field) => field in some)
    const before = recipe.value
    letGo.value = moves && pins.value.length > 0 ? before : null
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

  const putBack = (): Promise<void> => {
    const before = letGo.value
    letGo.value = null
    return before ? set(before) : Promise.resolve()
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

  const takeAlternative = (hand: Hand, alternative: Alternative): Promise<void> =>
    study.value ? setPins(alternativePins(study.value, hand, alternative)) : Promise.resolve()

  /** The engine has changed its mind since the study was saved: take its new fingers. */
  const takeEngine = (): Promise<void> => set({ ...recipe.value })

  /** Starts from a recipe as if nothing had been done to it yet. */
  function lay(next: RecipeInput, fingers: Accepted | null = null): Promise<void> {
    selected.value = letGo.value = null
    changed.value = false
    return show(next, fingers)
  }

  return {
    ...{ recipe, study, fault, departs, accepted, selected, pointed, letGo, changed, pins },
    ...{ pinAt, change, put, putBack, setPins, pin, free, pinDegree, pinGrip, takeAlternative, takeEngine, lay },
  }
}

export type DeskStudy = ReturnType<typeof deskStudy>
