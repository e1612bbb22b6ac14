<script setup lang="ts">
import { computed } from 'vue'
import { type Policies, DEFAULT_POLICIES } from '#core/syllabus'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'

/** What counts, where teachers and boards differ; kept with the set. */
const props = defineProps<{ policies: Partial<Policies>; fingers: boolean }>()
const emit = defineEmits<{ change: [policies: Partial<Policies>] }>()

const CHOICES = [
  { field: 'moreOctaves', words: t('sets.policy-choice.more-octaves') },
  { field: 'fasterTempo', words: t('sets.policy-choice.faster') },
  {
    field: 'anyTouch',
    words: t('sets.policy-choice.any-touch'),
    else: t('sets.policy-choice.any-touch-else'),
  },
  {
    field: 'togetherForSeparate',
    words: t('sets.policy-choice.together'),
    else: t('sets.policy-choice.together-why'),
    fingers: true,
  },
] as const

const now = computed<Policies>(() => ({ ...DEFAULT_POLICIES, ...props.policies }))
const shown = computed(() => CHOICES.filter((choice) => props.fingers || !('fingers' in choice)))
const departs = computed(() => shown.value.filter(({ field }) => now.value[field] !== DEFAULT_POLICIES[field]).length)
const words = computed(() =>
  departs.value === 0 ? t('sets.policy-choice.word') : t('sets.policy-choice.word-unusual', { departs: departs.value }),
)
const set = (field: keyof Policies, value: boolean): void => emit('change', { ...props.policies, [field]: value })
</script>

<template>
  <WordPanel :words="words" :label="t('sets.policy-choice.what-counts')">
    <fieldset class="w-[330px] p-4 text-[14px]">
      <legend class="sr-only">{{ t('sets.policy-choice.heading') }}</legend>
      <p class="aside quiet mb-2">{{ t('sets.policy-choice.lead') }}</p>
      <label v-for="choice in shown" :key="choice.field" class="flex min-h-[30px] items-start gap-2 py-1">
        <input
          type="checkbox"
          class="mt-[3px]"
          :checked="now[choice.field]"
          @change="set(choice.field, ($event.target as HTMLInputElement).checked)"
        />
        <span>
          {{ choice.words }}
          <span v-if="'else' in choice" class="quiet block text-[13px]">{{ choice.else }}</span>
        </span>
      </label>
    </fieldset>
  </WordPanel>
</template>
