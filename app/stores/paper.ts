import { useLocalStorage, watchDebounced } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Message } from '#core/message'
import type { KindId } from '#core/material'
import type { Motif } from '#core/study'
import { DEFAULT_MOTIF, type Level, type Task } from '#core/worksheet'
import type { Page, PaperSize, SheetLook } from '#paper'
import { type Answers, type SheetId, type StudyOut, DEFAULT_LOOK } from '#shared/paper/requests'
import { DEFAULT_INSTRUMENT, instrumentOf, narrowed, type PlayerSettings } from '#core/instrument'
import { askFile, askLatest } from '~/composables/api'
import { playerHere } from '~/composables/studio'
import { download } from '~/composables/download'
import { working } from '~/composables/working'
import { paperOf } from '#words'
import { currentRegion, t } from '~/composables/words'

/** What goes out, as a request names it: kept studies by their ids, sets by theirs, the study on the desk as it stands. */
export interface Out {
  /** Empty where what goes out has a title of its own. */
  readonly title: string
  readonly ids?: readonly string[]
  readonly sets?: readonly string[]
  readonly studies?: readonly StudyOut[]
  readonly pupil?: string
}

/** How sheets were made last is how the next are made. */
export interface PaperChoice {
  sheet: SheetId
  size: PaperSize
  look: SheetLook
  kinds: readonly KindId[]
  /** What charts and worksheets are for; empty: what is taught here. */
  instrument: string
  tasks: readonly Task[]
  /** Tonics that are asked; none, and those of the level are. */
  keys: readonly string[]
  level: Level
  each: number
  answers: Answers
  seed: number
  /** What a line of a worksheet goes on with. */
  motif: Motif
}

const DEFAULT: PaperChoice = {
  ...{ sheet: 'studies', size: 'a4', look: DEFAULT_LOOK, kinds: ['major'], instrument: '' },
  ...{
    keys: [],
    tasks: ['signature', 'notes', 'upper-marks'],
    level: 1,
    each: 4,
    answers: 'after',
    seed: 1,
    motif: DEFAULT_MOTIF,
  },
}

/** A sheet as it was made. */
interface Made {
  readonly title: string
  readonly pages: readonly Page[]
  readonly notices?: readonly Message[]
}

/** Milliseconds in which further choices are waited for. */
const PAUSE = 200
export const MAX_SEED = 999_999

/** A sheet of paper: what is chosen, its pages as they will be printed, and the file. */
export const usePaper = defineStore('paper', () => {
  const { busy, error, notice, guarded } = working()
  const usual: PaperChoice = { ...DEFAULT, size: paperOf(currentRegion.value) }
  const choice = useLocalStorage<PaperChoice>('tactum paper', usual, {
    mergeDefaults: (stored, own) => ({ ...own, ...stored, look: { ...own.look, ...stored.look } }),
  })
  /** What the sheet is of, where it is of studies. */
  const out = shallowRef<Out | null>(null)
  /** Studies that another page hands over to be printed as they stand there. */
  const given = shallowRef<NonNullable<Out['studies']>>([])
  const made = shallowRef<Made | null>(null)

  /** What charts and worksheets are for: as it is taught here, where it is that. */
  const player = computed<PlayerSettings>(() => {
    const here = { ...playerHere(), instrument: playerHere().instrument ?? DEFAULT_INSTRUMENT }
    const asked = { instrument: choice.value.instrument || here.instrument } as PlayerSettings
    return instrumentOf(asked).make === instrumentOf(here).make ? here : narrowed(here, asked)
  })
  /** What a request says of the sheet; null while it is not said of what. */
  const wanted = computed(() => {
    const { sheet, size, look, kinds, tasks, keys, level, each, answers, seed, motif } = choice.value
    if (sheet === 'chart') return { sheet, size, chart: { kinds, settings: player.value } }
    if (sheet === 'worksheet') {
      const own = tasks.includes('line') ? { motif } : {}
      const worksheet = { tasks, kinds, keys, level, each, answers, seed, ...own, settings: player.value }
      return { sheet, size, worksheet }
    }
    if (!out.value) return null
    return { sheet, size, ...out.value, ...(sheet === 'studies' && { look }) }
  })

  const latest = askLatest()
  const make = (): Promise<void> =>
    guarded(async () => {
      if (!wanted.value) return
      const pages = await latest('POST /api/paper', { ...wanted.value, as: 'pages' })
      if (pages && typeof pages === 'object' && 'pages' in pages) made.value = pages
    })
  watchDebounced(wanted, make, { debounce: PAUSE, immediate: true })

  function choose<Field extends keyof PaperChoice>(field: Field, value: PaperChoice[Field]): void {
    choice.value = { ...choice.value, [field]: value }
  }
  function look<Field extends keyof SheetLook>(field: Field, value: SheetLook[Field]): void {
    choose('look', { ...choice.value.look, [field]: value })
  }
  /** Puts something into a list or takes it out, keeping the list's own order; the last one stays. */
  function toggle<Field extends 'kinds' | 'tasks'>(
    field: Field,
    value: PaperChoice[Field][number],
    all: readonly PaperChoice[Field][number][],
  ): void {
    const now = choice.value[field] as readonly unknown[]
    const next = all.filter((each) => (each === value) !== now.includes(each))
    if (next.length > 0) choose(field, next as unknown as PaperChoice[Field])
  }

  const saved = (as: 'pdf' | 'zip', title: string, request: object): Promise<void> =>
    guarded(async () => {
      const name = download(title, as, await askFile('POST /api/paper', { ...request, as }))
      notice.value = t('files.written', { name })
    })
  const save = (): Promise<void> => saved('pdf', made.value?.title ?? '', { ...wanted.value })
  /** A file for each of some sets, in one archive. */
  function saveSets(sets: readonly string[]): Promise<void> {
    const { sheet, size, look: own } = choice.value
    return saved('zip', t('paper.sets'), { sheet, size, sets, ...(sheet === 'studies' && { look: own }) })
  }
  return { busy, error, notice, choice, player, out, given, made, wanted, choose, look, toggle, save, saveSets }
})
