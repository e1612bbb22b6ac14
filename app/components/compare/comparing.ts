import { computed, ref, shallowRef, watch } from 'vue'
import { compareStudies, differenceMessage, type Differences, legMessage } from '#core/compare'
import { playersIn, type RealisedStudy } from '#core/realise'
import { errorMessage } from '#words'
import { ask, wordsOf } from '~/composables/api'
import { newestOnly, realised } from '~/composables/realiser'
import type { Desk } from '~/stores/desk'
import { type WantedStudy, MAX_COMPARED } from './beside'
import { besides } from './choices'
import { t, formatMessage } from '~/composables/words'

/** A study with what it is called here. */
interface Labelled {
  readonly label: string
  readonly study: RealisedStudy
}

/** Realises what is asked for; what cannot be played is left out and said. */
async function studiesOf(wanted: readonly WantedStudy[]): Promise<{ studies: Labelled[]; fault: string }> {
  const plain = JSON.parse(JSON.stringify(wanted)) as WantedStudy[]
  const answers = await Promise.all(
    plain.map(({ recipe, accepted, take }) =>
      realised((api) => (take ? api.taken(recipe, take) : api.realise(recipe, accepted))),
    ),
  )
  const studies = answers.flatMap((answer, at) =>
    'study' in answer ? [{ label: plain[at]!.label, study: answer.study }] : [],
  )
  return {
    studies,
    fault: answers.flatMap((answer) => ('fault' in answer ? [formatMessage(errorMessage(answer.fault))] : []))[0] ?? '',
  }
}

/** Studies of the library with their accepted fingers, as many as can be compared. */
async function fromLibrary(ids: readonly string[]): Promise<WantedStudy[]> {
  const studies = await Promise.all(ids.slice(0, MAX_COMPARED).map((id) => ask('GET /api/studies/:id', { id })))
  return studies.map(({ title, recipe, accepted }) => ({ label: formatMessage(title), recipe, accepted }))
}

const marks = (differences: Differences, side: 'a' | 'b'): string[] =>
  Object.entries(differences.hands).flatMap(([hand, { notes, fingers }]) =>
    [...notes, ...fingers].map((change) => `${hand} ${change[side]}`),
  )

/**
 * Two to four studies side by side: the one on the desk and what is laid beside it, or some from the library.
 * @param ids of studies in the library; the first of them is what the others are held against
 * @param beside which of the desk's choices
 */
export function comparing(desk: Desk, ids: () => readonly string[], beside: () => unknown) {
  const choices = computed(() => (desk.study && ids().length === 0 ? besides(desk.study, desk.departs.length > 0) : []))
  const chosen = computed(() => choices.value.find((each) => each.value === beside()) ?? choices.value[0] ?? null)
  const others = shallowRef<readonly Labelled[]>([])
  const own = shallowRef<Labelled | null>(null)
  const fault = ref('')
  const newest = newestOnly()

  const base = computed<Labelled | null>(() => {
    if (ids().length > 0) return own.value
    return desk.study ? { label: chosen.value?.base ?? t('compare.comparing.desk'), study: desk.study } : null
  })

  async function load(): Promise<void> {
    const shelf = ids()
    const answer = await newest(async () => {
      try {
        return await studiesOf(shelf.length > 0 ? await fromLibrary(shelf) : (chosen.value?.recipes ?? []))
      } catch (error) {
        return { studies: [] as Labelled[], fault: wordsOf(error) }
      }
    })
    if (!answer) return
    fault.value = answer.fault
    own.value = shelf.length > 0 ? (answer.studies[0] ?? null) : null
    others.value = shelf.length > 0 ? answer.studies.slice(1) : answer.studies
  }
  watch([chosen, () => ids().join()], load, { immediate: true })

  const compared = computed(() => {
    const first = base.value?.study
    if (!first) return []
    return others.value.map(({ label, study }) => {
      const differences = compareStudies(first, study)
      const words = differenceMessage(first, study, differences).map(formatMessage)
      return { label, study, words, changed: new Set(marks(differences, 'b')), mine: marks(differences, 'a') }
    })
  })
  /** The first itself, framed where any of the others differs; what it changes on its own way down said beside it. */
  const rows = computed(() => {
    if (!base.value) return []
    const { label, study } = base.value
    const down = playersIn(study).flatMap((hand) => legMessage(study, hand).map(formatMessage))
    const here = ids().length > 0 ? [] : [t('compare.comparing.desk')]
    const changed = new Set(compared.value.flatMap((row) => row.mine))
    return [{ label, study, words: [...here, ...down], changed }, ...compared.value]
  })
  const glance = computed(() => (base.value ? [base.value, ...others.value] : []))

  return { choices, chosen, base, others, rows, glance, fault }
}
