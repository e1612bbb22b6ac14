import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw } from 'vue'
import type { Fault } from '#core/pitch'
import type { Accepted, RealisedStudy } from '#core/realise'
import type { Finger, Hand, Pin, Recipe, RecipeInput } from '#core/study'
import type { Study } from '#shared/api'
import { ApiError, ask, wordsOf } from '~/composables/api'
import { newestOnly, realiser } from '~/composables/realiser'

export interface Place {
  readonly hand: Hand
  readonly index: number
}

export type SaveState = 'new' | 'saved' | 'changed' | 'saving'

const FIRST: RecipeInput = { material: { tonic: 'C', kind: 'major' }, hands: 'together', octaves: 2 }

/** Fields that move or change notes: pins count notes, so they cannot outlive such a change. */
const STRUCTURE = ['material', 'hands', 'motion', 'octaves', 'course'] as const

/** Structured clones refuse proxies. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(toRaw(value))) as T

/** The study on the desk: its recipe, what the core makes of it, where the teacher is looking, and how it is kept. */
export const useDesk = defineStore('desk', () => {
  const recipe = shallowRef<RecipeInput>(FIRST)
  const study = shallowRef<RealisedStudy | null>(null)
  const fault = shallowRef<(Fault & { details?: Readonly<Record<string, unknown>> }) | null>(null)
  const departs = shallowRef<Place[]>([])
  const accepted = shallowRef<Accepted | null>(null)
  const selected = ref<Place | null>(null)
  const pointed = ref<number | null>(null)
  const id = ref<string | null>(null)
  const version = ref(0)
  const state = ref<SaveState>('new')
  const savedAt = ref<string | null>(null)
  const conflict = shallowRef<Study | null>(null)
  const saveError = ref<string | null>(null)
  const letGo = shallowRef<RecipeInput | null>(null)
  const newest = newestOnly()

  const pins = computed<readonly Pin[]>(() => recipe.value.pins ?? [])
  const pinAt = (place: Place): Pin | undefined =>
    pins.value.find((pin) => pin.hand === place.hand && pin.index === place.index)

  async function solve(): Promise<void> {
    const answer = await newest(realiser().realise(plain(recipe.value), plain(accepted.value) ?? undefined))
    if (!answer) return
    if ('fault' in answer) {
      fault.value = answer.fault
      return
    }
    fault.value = null
    study.value = answer.study
    departs.value = answer.departs
  }

  function set(next: RecipeInput): Promise<void> {
    recipe.value = next
    accepted.value = null
    if (state.value === 'saved') state.value = 'changed'
    return solve()
  }

  /** Changes some fields. Where notes move, pins are let go (and can be put back), and the start is chosen anew. */
  function change(some: Partial<RecipeInput>): Promise<void> {
    const moves = STRUCTURE.some((field) => field in some)
    const before = recipe.value
    letGo.value = moves && pins.value.length > 0 ? before : null
    const next = { ...before, ...some }
    if (moves) {
      delete next.pins
      if (!('startOctave' in some)) delete next.startOctave
    }
    return set(next)
  }

  const putBack = (): Promise<void> => {
    const before = letGo.value
    letGo.value = null
    return before ? set(before) : Promise.resolve()
  }

  const setPins = (next: readonly Pin[]): Promise<void> => set({ ...recipe.value, pins: next })

  function pin(place: Place, finger: Finger): Promise<void> {
    const others = pins.value.filter((each) => each.hand !== place.hand || each.index !== place.index)
    return setPins([...others, { ...place, finger }])
  }

  const free = (place: Place): Promise<void> =>
    setPins(pins.value.filter((each) => each.hand !== place.hand || each.index !== place.index))

  async function takePattern(hand: Hand, pattern: { up: readonly Finger[]; down: readonly Finger[] }) {
    const answer = await realiser().pinsFor(plain(recipe.value), hand, plain(pattern))
    if ('pins' in answer) await setPins(answer.pins)
    else fault.value = answer.fault
  }

  /** The engine has changed its mind since the study was saved: take its new fingers. */
  const takeEngine = (): Promise<void> => set({ ...recipe.value })

  function show(saved: Study): Promise<void> {
    recipe.value = saved.recipe
    accepted.value = saved.accepted
    id.value = saved.id
    version.value = saved.version
    savedAt.value = saved.updatedAt
    state.value = 'saved'
    selected.value = letGo.value = conflict.value = saveError.value = null
    return solve()
  }

  const open = async (which: string): Promise<void> => show(await ask<Study>(`/api/studies/${which}`))

  function begin(from: RecipeInput = FIRST): Promise<void> {
    id.value = savedAt.value = selected.value = letGo.value = conflict.value = saveError.value = null
    version.value = 0
    state.value = 'new'
    recipe.value = from
    accepted.value = null
    return solve()
  }

  function settle(saved: Study): void {
    id.value = saved.id
    version.value = saved.version
    savedAt.value = saved.updatedAt
    accepted.value = saved.accepted
    state.value = 'saved'
    conflict.value = null
  }

  /** Saves over `onVersion`; a stale save shows both versions instead. */
  async function save(onVersion = version.value): Promise<boolean> {
    const before = state.value
    state.value = 'saving'
    saveError.value = null
    const sent = recipe.value
    try {
      const body = { recipe: study.value?.recipe ?? sent }
      const keeping = accepted.value ? { accepted: accepted.value } : {}
      const saved = id.value
        ? await ask<Study>(`/api/studies/${id.value}`, 'PUT', { ...body, ...keeping, version: onVersion })
        : await ask<Study>('/api/studies', 'POST', body)
      settle(saved)
      if (recipe.value !== sent) state.value = 'changed'
      return true
    } catch (error) {
      state.value = before
      if (error instanceof ApiError && error.status === 409) conflict.value = error.fault.current as Study
      else saveError.value = wordsOf(error)
      return false
    }
  }

  const keepMine = (): Promise<boolean> => save(conflict.value!.version)
  const takeTheirs = (): Promise<void> => show(conflict.value!)

  /** Leaves the saved study as it is and goes on with a copy that has not been saved yet. */
  function duplicate(): void {
    id.value = savedAt.value = conflict.value = null
    version.value = 0
    state.value = 'new'
  }

  return {
    recipe,
    study,
    fault,
    departs,
    selected,
    pointed,
    id,
    state,
    savedAt,
    conflict,
    saveError,
    letGo,
    pins,
    pinAt,
    change,
    putBack,
    setPins,
    pin,
    free,
    takePattern,
    takeEngine,
    open,
    begin,
    save,
    keepMine,
    takeTheirs,
    duplicate,
  }
})

export type Desk = ReturnType<typeof useDesk>
export type { Recipe }
