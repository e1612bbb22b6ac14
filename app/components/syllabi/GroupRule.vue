<script setup lang="ts">
import { computed } from 'vue'
import type { Group } from '#core/syllabus'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'

/** What a group asks of its lines, and how many of them an examiner asks. */
const props = defineProps<{ group: Group; editable: boolean }>()
const emit = defineEmits<{ change: [group: Group] }>()

const OF = {
  items: t('syllabi.group-rule.items'),
  keys: t('syllabi.group-rule.of-keys'),
  entries: t('syllabi.group-rule.of-entries'),
} as const
const words = computed(() => {
  const { rule, draw } = props.group
  const required =
    rule === 'all' ? t('syllabi.group-rule.all') : t('syllabi.group-rule.any', { any: rule.any, of: rule.of })
  return draw === null ? required : t('syllabi.group-rule.drawn', { required, draw })
})
const numberOf = (event: Event): number | null => {
  const number = Number((event.target as HTMLInputElement).value)
  return Number.isInteger(number) && number > 0 ? number : null
}
function setAny(event: Event): void {
  const any = numberOf(event)
  const of = props.group.rule === 'all' ? 'items' : props.group.rule.of
  emit('change', { ...props.group, rule: any === null ? 'all' : { any, of } })
}
const setOf = (event: Event): void => {
  const of = (event.target as HTMLSelectElement).value as keyof typeof OF
  if (props.group.rule !== 'all') emit('change', { ...props.group, rule: { ...props.group.rule, of } })
}
const setDraw = (event: Event): void => emit('change', { ...props.group, draw: numberOf(event) })
</script>

<template>
  <WordPanel :words="words" :label="t('syllabi.group-rule.label', { id: group.id })">
    <fieldset class="w-[360px] p-4 text-[14px]" :disabled="!editable">
      <legend class="sr-only">{{ t('syllabi.group-rule.heading') }}</legend>
      <label class="flex items-center justify-between gap-3 py-1">
        <span>{{ t('syllabi.group-rule.any-lead') }}</span>
        <input
          class="field w-[90px]"
          inputmode="numeric"
          :placeholder="t('syllabi.group-rule.all')"
          :value="group.rule === 'all' ? '' : group.rule.any"
          @change="setAny"
        />
      </label>
      <label v-if="group.rule !== 'all'" class="flex items-center justify-between gap-3 py-1">
        <span>{{ t('syllabi.group-rule.of-its') }}</span>
        <select class="field w-[230px]" :value="group.rule.of" @change="setOf">
          <option v-for="(parts, sort) in OF" :key="sort" :value="sort">{{ parts }}</option>
        </select>
      </label>
      <label class="flex items-center justify-between gap-3 py-1">
        <span>{{ t('syllabi.group-rule.draw') }}</span>
        <input
          class="field w-[90px]"
          inputmode="numeric"
          :placeholder="t('syllabi.group-rule.not-said')"
          :value="group.draw ?? ''"
          @change="setDraw"
        />
      </label>
    </fieldset>
  </WordPanel>
</template>
