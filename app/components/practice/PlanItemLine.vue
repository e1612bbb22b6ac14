<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Outcome, Where } from '#core/practice'
import { materialName } from '#core/realise'
import { wordsFor } from '~/components/instrument'
import { t, formatMessage } from '~/composables/words'
import type { Item, Row } from '~/practice'
import type { EntryDraft } from '~/stores/practice'
import { stageWords } from '~/components/lesson/lines'
import OutcomeButtons from './OutcomeButtons.vue'
import { bpmOf, notesOf } from './tempo'
import TempoStep from './TempoStep.vue'

/** One thing to do today: what, how, what to watch for, and how it went by one press. */
const props = defineProps<{ item: Item; row: Row; lesson: boolean; busy: boolean; roomy?: boolean }>()
const emit = defineEmits<{ recorded: [draft: EntryDraft]; open: [] }>()

const bpm = ref(0)
watch(
  () => props.item,
  ({ tempo }) => (bpm.value = bpmOf(tempo, props.row.recipe)),
  { immediate: true },
)
/** What went wrong is worked at in its place. */
const stage = computed(() =>
  props.item.where === undefined && (!props.item.test || props.item.stage === 'cold')
    ? formatMessage({ code: 'stage', params: { stage: props.item.stage } })
    : stageWords({ ...props.item, where: props.item.where ?? null, study: props.row.recipe }),
)
const kind = computed(() => (props.item.test ? 'cold-test' : props.lesson ? 'lesson' : 'home'))

function recorded(outcome: Outcome, where?: Where): void {
  const { hands, octaves, minutes, stage: id } = props.item
  emit('recorded', {
    ...{ outcome, tempo: notesOf(bpm.value, props.row.recipe), kind: kind.value, hands, octaves, minutes },
    ...(where ? { where } : {}),
    ...(id === 'cold' ? {} : { stage: id }),
  })
}
</script>

<template>
  <li class="border-b border-rule py-2">
    <p class="flex items-baseline gap-2">
      <button
        type="button"
        class="min-w-0 truncate text-left font-serif text-[15.5px] font-semibold hover:underline"
        @click="emit('open')"
      >
        {{ formatMessage(materialName(row.recipe)) }}
      </button>
      <span class="quiet min-w-0 flex-1 truncate text-[12.5px]">{{ wordsFor(row.recipe).programme(row.recipe) }}</span>
      <span class="quiet text-[13px] whitespace-nowrap">{{ t('practice.minutes', { minutes: item.minutes }) }}</span>
    </p>
    <p class="text-[14px]">
      {{ stage }}{{ item.watch ? ' · ' : ''
      }}<span v-if="item.watch" class="aside quiet text-[13.5px]">{{ formatMessage(item.watch) }}</span>
    </p>
    <div class="mt-[5px] flex flex-wrap items-start justify-between gap-1">
      <OutcomeButtons :title="formatMessage(row.title)" :recipe="row.recipe" :busy="busy" @recorded="recorded" />
      <TempoStep v-model="bpm" :small="!roomy" :label="t('practice.tempo.of', { title: formatMessage(row.title) })" />
    </div>
  </li>
</template>
