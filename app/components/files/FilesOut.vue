<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, onMounted, type Ref, ref, shallowRef } from 'vue'
import { useRoute } from '#imports'
import { formatOf } from '#core/formats'
import { type KindId, KIND_IDS, KINDS, kindNamed } from '#core/material'
import { FILE_FORMATS, type FileFormat } from '#shared/fileFormats'
import type { RecipeInput } from '#core/instrument'
import type { Pupil, Study, StudyListing, StudySet } from '#shared/api'
import RichWords from '~/components/frame/RichWords.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import { ask, askFile } from '~/composables/api'
import { download } from '~/composables/download'
import { working } from '~/composables/working'
import { t, tell } from '~/composables/words'
import { useDesk } from '~/stores/desk'

/** Studies that go out: what, in which format. The address may name a set (`set`) or studies (`studies`). */
const route = useRoute()
const desk = useDesk()
const { busy, error, told, guarded } = working()
const pupils = shallowRef<readonly Pupil[]>([])
const library = shallowRef<readonly StudyListing[]>([])
onMounted(() =>
  guarded(async () => {
    const [some, all] = await Promise.all([ask<Pupil[]>('/api/pupils'), ask<StudyListing[]>('/api/studies')])
    pupils.value = some
    library.value = all.filter(({ shelf }) => shelf === 'library')
  }),
)

const named = computed(() =>
  String(route.query.studies ?? '')
    .split(',')
    .filter(Boolean),
)
const sources = computed(() => [
  ...(named.value.length ? [{ value: 'chosen', words: t('files.chosen', { count: named.value.length }) }] : []),
  ...(desk.study ? [{ value: 'desk', words: t('files.from-the-desk'), note: tell(desk.study.title) }] : []),
  ...pupils.value.flatMap(({ name, sets }) =>
    sets.map(({ id, title, studies }) => ({
      value: id,
      words: t('files.set-of', { title, name }),
      note: t('files.studies', { count: studies }),
    })),
  ),
  { value: 'chart', words: t('files.chart') },
  { value: 'library', words: t('files.from-the-library'), note: t('files.studies', { count: library.value.length }) },
])
const picked = ref(String(route.query.set ?? ''))
const source = computed(() => sources.value.find(({ value }) => value === picked.value) ?? sources.value[0]!)

const format = ref<FileFormat>('musicxml')
const extensionOf = (id: FileFormat): string => (id === 'pdf' ? id : formatOf(id).extensions[0]!)
const formats = FILE_FORMATS.map((id) => ({
  value: id,
  words: t('files.format.name', { format: id }),
  note: `.${extensionOf(id)}`,
}))
/** How a sheet was made last is how the next is made. */
const sheet = useLocalStorage('tactum sheet', { paper: 'a4', fingers: 'all', large: 'usual' } as const, {
  mergeDefaults: true,
}) as Ref<{ paper: 'a4' | 'letter'; fingers: 'all' | 'crossings' | 'none'; large: 'usual' | 'large' }>
const SHEET = {
  paper: ['a4', 'letter'],
  fingers: ['all', 'crossings', 'none'],
  large: ['usual', 'large'],
} as const
const sheetChoices = (['paper', 'fingers', 'large'] as const).map((field) => ({
  field,
  label: t(`files.sheet.${field}`),
  options: SHEET[field].map((value) => ({ value: value as string, words: t('files.sheet.value', { value }) })),
}))
const setSheet = (field: keyof typeof SHEET, value: string): void => {
  sheet.value = { ...sheet.value, [field]: value }
}
const strokes = ref<'strokes' | 'long'>('strokes')
const rolls = (['strokes', 'long'] as const).map((value) => ({ value, words: t(`files.rolls.${value}`) }))

/** Kinds of which a chart says something: runs of single notes. */
const CHARTED = KIND_IDS.filter((id) => KINDS[id].texture === 'run' && !KINDS[id].second)
/** What a chart is of. */
const kind = ref<KindId>('major')
const kinds = CHARTED.map((id) => ({ value: id, words: tell(kindNamed({ id })) }))
const isChart = computed(() => source.value.value === 'chart')
/** A chart is paper; what else goes out as paper is a choice. */
const written = computed<FileFormat>(() => (isChart.value ? 'pdf' : format.value))

interface Out {
  readonly title: string
  readonly ids?: readonly string[]
  readonly studies?: readonly { readonly recipe: RecipeInput; readonly accepted?: Study['accepted'] }[]
}
/** What is named: studies that are kept by their ids, the one on the desk as it stands. */
async function outOf(value: string): Promise<Out> {
  if (value === 'desk') {
    const { recipe, accepted } = desk.standing
    return { title: tell(desk.study!.title), studies: [{ recipe, ...(accepted && { accepted }) }] }
  }
  if (value === 'library') return { title: t('files.from-the-library'), ids: library.value.map(({ id }) => id) }
  if (value === 'chosen') return { title: '', ids: named.value }
  if (value === 'chart') return { title: t('print.chart.title', { kind: tell(kindNamed({ id: kind.value })) }) }
  const { title, studies } = await ask<StudySet>(`/api/sets/${value}`)
  return { title, ids: studies.map(({ id }) => id) }
}

const write = (): Promise<void> =>
  guarded(async () => {
    const { title, ids = [], studies = [] } = await outOf(source.value.value)
    if (!isChart.value && ids.length + studies.length === 0) throw new Error(t('files.nothing'))
    const file = await askFile('/api/files/write', {
      ...{ format: written.value, title, strokes: strokes.value === 'strokes' },
      ...(isChart.value ? { chart: { kind: kind.value } } : { ids, studies }),
      sheet: { ...sheet.value, large: sheet.value.large === 'large' },
    })
    const name = download(title || source.value.words, extensionOf(written.value), file)
    told.value = t('files.written', { name })
  })
</script>

<template>
  <section :aria-label="t('files.out')">
    <h2 class="text-[19px]">{{ t('files.out') }}</h2>
    <p class="mt-2 font-serif text-[21px] leading-[34px]">
      <RichWords :said="{ code: isChart ? 'files.write-chart' : 'files.write-as', params: {} }">
        <template #a>
          <WordChoice
            :label="t('files.what')"
            :words="source.words"
            :value="source.value"
            :options="sources"
            @choose="picked = $event"
          />
        </template>
        <template #i>
          <WordChoice
            :label="t('files.kind')"
            :words="tell(kindNamed({ id: kind }))"
            :value="kind"
            :options="kinds"
            @choose="kind = $event"
          />
        </template>
        <template #b>
          <WordChoice
            :label="t('files.format')"
            :words="t('files.format.name', { format })"
            :value="format"
            :options="formats"
            @choose="format = $event"
          />
        </template>
      </RichWords>
    </p>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">
      {{ isChart ? t('files.chart.for') : t('files.format.for', { format }) }}
    </p>
    <p v-if="written === 'midi'" class="mt-2 text-[14.5px]">
      {{ t('files.rolls') }}
      <WordChoice
        :label="t('files.rolls')"
        :words="t(`files.rolls.${strokes}`)"
        :value="strokes"
        :options="rolls"
        @choose="strokes = $event"
      />
    </p>
    <p v-if="written === 'pdf'" class="mt-2 flex flex-wrap gap-x-6 text-[14.5px]">
      <span v-for="each in sheetChoices.slice(0, isChart ? 1 : 3)" :key="each.field">
        {{ each.label }}
        <WordChoice
          :label="each.label"
          :words="t('files.sheet.value', { value: sheet[each.field] })"
          :value="sheet[each.field] as string"
          :options="each.options"
          @choose="setSheet(each.field, $event)"
        />
      </span>
    </p>
    <p class="mt-4 flex items-baseline gap-4">
      <button type="button" class="main-button" :disabled="busy" @click="write">{{ t('files.write') }}</button>
      <span v-if="busy" class="quiet aside text-[14px]" role="status">{{ t('files.writing') }}</span>
      <span v-else-if="told" class="text-[14px]" role="status">{{ told }}</span>
    </p>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
  </section>
</template>
