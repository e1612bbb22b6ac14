<script setup lang="ts">
import { computed } from 'vue'
import type { Group } from '#core/syllabus'
import WordPanel from '~/components/frame/WordPanel.vue'

/** What a group asks of its lines, and how many of them an examiner asks. */
const props = defineProps<{ group: Group; editable: boolean }>()
const emit = defineEmits<{ change: [group: Group] }>()

const OF = { items: 'items', keys: 'keys, with all that is asked in them', entries: 'lines, as wholes' } as const
const words = computed(() => {
  const { rule, draw } = props.group
  const asked = rule === 'all' ? 'all' : `any ${rule.any} ${rule.of === 'entries' ? 'lines' : rule.of}`
  return draw === null ? asked : `${asked}, ${draw} drawn`
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
  <WordPanel :words="words" :label="`Rule of group ${group.id}`">
    <fieldset class="w-[360px] p-4 text-[14px]" :disabled="!editable">
      <legend class="sr-only">Rule of the group</legend>
      <label class="flex items-center justify-between gap-3 py-1">
        <span>the candidate prepares any</span>
        <input
          class="field w-[90px]"
          inputmode="numeric"
          placeholder="all"
          :value="group.rule === 'all' ? '' : group.rule.any"
          @change="setAny"
        />
      </label>
      <label v-if="group.rule !== 'all'" class="flex items-center justify-between gap-3 py-1">
        <span>of its</span>
        <select class="field w-[230px]" :value="group.rule.of" @change="setOf">
          <option v-for="(told, sort) in OF" :key="sort" :value="sort">{{ told }}</option>
        </select>
      </label>
      <label class="flex items-center justify-between gap-3 py-1">
        <span>the examiner asks</span>
        <input
          class="field w-[90px]"
          inputmode="numeric"
          placeholder="not said"
          :value="group.draw ?? ''"
          @change="setDraw"
        />
      </label>
    </fieldset>
  </WordPanel>
</template>
