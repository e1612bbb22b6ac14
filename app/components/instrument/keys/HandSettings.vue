<script setup lang="ts">
import { computed } from 'vue'
import type { FingeringSettings } from '#core/fingering'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { SETTINGS } from './settings'
import { t } from '~/composables/words'

/** Settings of a school where printed tables and teachers differ, each with why; of those that the recipe has. */
const props = defineProps<{ recipe: Partial<Omit<FingeringSettings, 'school'>> }>()
const emit = defineEmits<{ change: [some: Partial<Omit<FingeringSettings, 'school'>>] }>()
const settings = computed(() =>
  SETTINGS.flatMap(({ field, title, why, choices }) => {
    const value = props.recipe[field]
    if (value === undefined) return []
    return {
      ...{ field, value, title: t(title), why: t(why) },
      choices: choices.map((each) => ({ value: each.value, words: t(each.words), note: t(each.note) })),
      now: t(choices.find((each) => each.value === value)!.words),
    }
  }),
)
</script>

<template>
  <details v-for="setting in settings" :key="setting.field" class="border-t border-rule">
    <summary class="cursor-pointer px-[14px] py-[7px]">
      {{ setting.title }}: <b class="font-semibold">{{ setting.now.toLowerCase() }}</b>
    </summary>
    <p class="quiet px-[14px] text-[13px]">{{ setting.why }}</p>
    <ChoiceGroup
      :label="setting.title"
      tall
      :value="setting.value"
      :choices="setting.choices"
      @choose="emit('change', { [setting.field]: $event })"
    />
  </details>
</template>
