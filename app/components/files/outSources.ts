import { computed, onMounted, ref, shallowRef } from 'vue'
import { useRoute } from '#imports'
import type { Pupil, StudyListing } from '#shared/api'
import { useDesk } from '~/stores/desk'
import { type Out, usePaper } from '~/stores/paper'
import { ask } from '~/composables/api'
import { t, formatMessage } from '~/composables/words'

interface Source {
  readonly value: string
  readonly words: string
  readonly note?: string
  /** What a file of it is called, where its title does not say. */
  readonly file?: string
  readonly out: () => Out
}

/** The sets of some pupils, each with how many studies it has. */
const setSources = (pupils: readonly Pupil[]) =>
  pupils.flatMap(({ id: pupil, name, sets }) =>
    sets.map(({ id, title, studies }): Source & { readonly studies: number; readonly pupil: string } => ({
      ...{ value: id, studies, pupil },
      words: t('files.set-of', { title, name }),
      note: t('files.studies', { count: studies }),
      out: () => ({ title, sets: [id] }),
    })),
  )

/** What was set for each pupil; of the set that the address names, where it names one. */
const lessonSources = (pupils: readonly Pupil[], query: Readonly<Record<string, unknown>>): Source[] =>
  pupils
    .filter(({ archived }) => !archived)
    .map(({ id, name }) => {
      const sets = id === query.pupil && query.set ? { sets: [String(query.set)] } : {}
      return { value: id, words: name, out: () => ({ title: '', pupil: id, ...sets }) }
    })

/** Studies that can go out: on the desk, in a set, in the library. The address may name a set (`set`),
 * studies (`studies`), or a source (`of`). */
export function outSources(guarded: (work: () => Promise<void>) => Promise<void>) {
  const route = useRoute()
  const desk = useDesk()
  const paper = usePaper()
  const pupils = shallowRef<readonly Pupil[]>([])
  const library = shallowRef<readonly StudyListing[]>([])
  const ready = ref(false)
  onMounted(() =>
    guarded(async () => {
      const [some, all] = await Promise.all([ask('GET /api/pupils'), ask('GET /api/studies')])
      pupils.value = some
      library.value = all.filter(({ shelf }) => shelf === 'library')
      ready.value = true
    }),
  )
  const named = computed(() =>
    String(route.query.studies ?? '')
      .split(',')
      .filter(Boolean),
  )
  const sets = computed(() => setSources(pupils.value))
  const lessons = computed(() => lessonSources(pupils.value, route.query))
  const onDesk = (): Out => {
    const { recipe, accepted } = desk.currentDocument
    return { title: '', studies: [{ recipe, ...(accepted && { accepted }) }] }
  }
  const sources = computed<Source[]>(() => [
    ...(named.value.length > 0
      ? [
          {
            value: 'chosen',
            words: t('files.chosen', { count: named.value.length }),
            out: () => ({ title: '', ids: named.value }),
          },
        ]
      : []),
    ...(paper.given.length > 0
      ? [
          {
            value: 'given',
            words: t('files.given', { count: paper.given.length }),
            out: () => ({ title: '', studies: paper.given }),
          },
        ]
      : []),
    ...(desk.study
      ? [
          {
            value: 'desk',
            words: t('files.from-the-desk'),
            note: formatMessage(desk.study.title),
            file: formatMessage(desk.study.title),
            out: onDesk,
          },
        ]
      : []),
    ...sets.value,
    {
      value: 'library',
      words: t('files.from-the-library'),
      note: t('files.studies', { count: library.value.length }),
      out: () => ({ title: t('files.from-the-library'), ids: library.value.map(({ id }) => id) }),
    },
  ])
  const picked = ref(String(route.query.pupil ?? route.query.set ?? route.query.of ?? ''))
  const source = computed(() => sources.value.find(({ value }) => value === picked.value) ?? sources.value[0]!)
  return { ready, sources, sets, lessons, picked, source }
}
