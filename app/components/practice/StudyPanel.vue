<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from '#imports'
import type { Message } from '#core/message'
import type { RecipeInput, Stage } from '#core/instrument'
import { dateOf, dayOf, type Outcome, currentEntries, type Where, weekOf } from '#core/practice'
import type { StoredEntry } from '#shared/api'
import { working } from '~/composables/working'
import { t, formatMessage } from '~/composables/words'
import { practised, type Row } from '~/practice'
import { useDesk } from '~/stores/desk'
import type { EntryDraft } from '~/stores/practice'
import { longDay, shortDay } from './dates'
import EntryLine from './EntryLine.vue'
import OutcomeButtons from './OutcomeButtons.vue'
import { bpmOf, notesOf } from './tempo'
import { tempoMeant } from './told'
import TempoStep from './TempoStep.vue'

/** A study of the record from near: its way, how it stands, what was played, and what is entered now. */
const props = defineProps<{
  row: Row
  entries: readonly StoredEntry[]
  today: number
  exam: number | null
  pin: string | null
  busy: boolean
}>()
const emit = defineEmits<{
  recorded: [draft: EntryDraft]
  correct: [entry: StoredEntry, some: Partial<EntryDraft>]
  pin: [week: number | null]
  close: []
}>()

const router = useRouter()
const desk = useDesk()
const { error, guarded } = working()
const bpm = ref(0)
const stageStudies = shallowRef<{ stage: Stage; studies: readonly { recipe: RecipeInput; title: Message }[] } | null>(
  null,
)
const tempoNow = computed(() => tempoMeant(props.row, null))
watch(
  () => [props.row.id, tempoNow.value] as const,
  ([id], before) => {
    bpm.value = bpmOf(tempoNow.value, props.row.recipe)
    if (id !== before?.[0]) stageStudies.value = null
  },
  { immediate: true },
)
/** The chance, and what it may well be instead. */
const likely = computed(() => {
  const [chance, low, high] = [props.row.chance, props.row.between.low, props.row.between.high].map((each) =>
    Math.round(each * 100),
  ) as [number, number, number]
  const day = props.exam === null ? 'none' : longDay(props.exam)
  return t('practice.study.likely', { chance, low, high, day })
})
const counting = computed(() => new Set(currentEntries(props.entries).map(({ id }) => id)))
const MAX_ENTRIES = 8
const latest = computed(() =>
  props.entries
    .filter(({ id }) => counting.value.has(id))
    .toReversed()
    .slice(0, MAX_ENTRIES),
)
const weeks = computed(() => {
  const { today, exam } = props
  if (exam === null) return []
  const all: number[] = []
  for (let week = weekOf(today); week < exam - 2; week += 7) all.push(week)
  return all
})
const pinned = computed(() => (props.pin ? dateOf(weekOf(dayOf(props.pin)!)) : ''))
const recorded = (outcome: Outcome, where?: Where): void =>
  emit('recorded', {
    ...{ outcome, tempo: notesOf(bpm.value, props.row.recipe), kind: 'lesson' },
    ...(where ? { where } : {}),
  })

/** The studies of a stage, as the study is played now. */
const show = (stage: Stage): Promise<void> =>
  guarded(async () => {
    const { recipe } = JSON.parse(JSON.stringify({ recipe: props.row.recipe })) as Pick<Row, 'recipe'>
    const answer = await practised((api) => api.stage(recipe, { ...stage }, bpm.value))
    stageStudies.value = 'studies' in answer ? { stage, studies: answer.studies } : { stage, studies: [] }
  })
async function open(recipe: RecipeInput): Promise<void> {
  await desk.begin(recipe)
  await router.push('/desk')
}
const choose = (event: Event): void => {
  const { value } = event.target as HTMLSelectElement
  emit('pin', value ? dayOf(value) : null)
}
</script>

<template>
  <section class="border border-ink bg-sheet p-4" :aria-label="formatMessage(row.title)">
    <h2 class="flex items-baseline gap-2 text-[17px]">
      <span class="flex-1">{{ formatMessage(row.title) }}</span>
      <button type="button" class="text-button font-sans text-[13px] font-normal" @click="emit('close')">
        {{ t('practice.study.close') }}
      </button>
    </h2>
    <p class="quiet text-[13.5px]">
      {{
        t('practice.study.stands', {
          practiceState: { code: 'practice-state', params: { practiceState: row.practiceState } },
          clean: bpmOf(row.cleanTempo, row.recipe),
          required: bpmOf(row.required, row.recipe),
          recall: Math.round(row.recall * 100),
          due: row.due === null ? 'none' : shortDay(Math.max(row.due, today)),
        })
      }}
    </p>
    <p class="quiet text-[13.5px]">{{ likely }}</p>
    <p class="mt-3"><TempoStep v-model="bpm" :label="t('practice.tempo.of', { title: formatMessage(row.title) })" /></p>
    <OutcomeButtons
      class="mt-2"
      :title="formatMessage(row.title)"
      :recipe="row.recipe"
      :busy="busy"
      @recorded="recorded"
    />

    <h3 class="mt-4 text-[15px]">{{ t('practice.study.way') }}</h3>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <ol class="text-[14px]">
      <li v-for="(stage, at) in row.stages" :key="stage.id" class="py-[2px]">
        <button
          type="button"
          class="text-left hover:underline"
          :class="{ quiet: at < row.stage, 'font-semibold': at === row.stage }"
          @click="show(stage)"
        >
          {{ formatMessage({ code: 'stage', params: { stage: stage.id } }) }}
          <span v-if="at < row.stage" class="aside text-[13px]">{{ t('practice.study.passed') }}</span>
          <span v-else-if="at === row.stage" class="aside text-[13px] font-normal">{{ t('practice.study.here') }}</span>
        </button>
        <ul v-if="stageStudies?.stage.id === stage.id" class="pl-3">
          <li v-for="(each, place) in stageStudies.studies" :key="place">
            <button type="button" class="text-button text-left text-[13.5px]" @click="open(each.recipe)">
              {{ t('practice.study.open', { title: formatMessage(each.title) }) }}
            </button>
          </li>
          <li v-if="stageStudies.studies.length === 0" class="quiet text-[13.5px]">
            {{ t('practice.study.nothing') }}
          </li>
        </ul>
      </li>
    </ol>
    <label v-if="weeks.length" class="mt-3 block text-[14px]">
      {{ t('practice.study.week') }}
      <select class="field mt-1 block" :value="pinned" @change="choose">
        <option value="">{{ t('practice.study.free-tempo') }}</option>
        <option v-for="week in weeks" :key="week" :value="dateOf(week)">
          {{ longDay(week) }}
        </option>
      </select>
    </label>
    <h3 class="mt-4 text-[15px]">{{ t('practice.study.played') }}</h3>
    <ul class="text-[13.5px]">
      <EntryLine
        v-for="entry in latest"
        :key="entry.id"
        :entry="entry"
        :recipe="row.recipe"
        :busy="busy"
        @correct="(some) => emit('correct', entry, some)"
      />
      <li v-if="latest.length === 0" class="quiet aside">{{ t('practice.study.unplayed') }}</li>
    </ul>
  </section>
</template>
