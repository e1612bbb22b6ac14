<script setup lang="ts">
import { familyForList } from '#core/instrument'
import { computed, ref } from 'vue'
import type { ListContext } from '#core/call'
import type { Entry, Group, Syllabus } from '#core/syllabus'
import EntryLine from './EntryLine.vue'
import { addGroup, type At, contextOf, typedEntries, withEntries, withGroup } from './edits'
import GroupRule from './GroupRule.vue'
import LineEditor from './LineEditor.vue'
import { t } from '~/composables/words'

/** A group of a grade: its title, its rule, its lines. */
const props = defineProps<{
  syllabus: Syllabus
  at: Omit<At, 'entry'>
  editable: boolean
  /** Items by entry; null while they cannot be counted. */
  items: ReadonlyMap<string, number> | null
  faults: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ change: [words: string, syllabus: Syllabus] }>()

const grade = computed(() => props.syllabus.grades[props.at.grade]!)
const group = computed(() => grade.value.groups[props.at.group]!)
const path = computed(() => `grades[${props.at.grade}].groups[${props.at.group}]`)
/** What is wrong with the group itself; what is wrong with a line stands at the line. */
const fault = computed(
  () => [...props.faults].find(([place]) => place.startsWith(path.value) && !place.includes('.entries['))?.[1] ?? '',
)
const faultAt = (entry: number): string =>
  [...props.faults].find(([place]) => place.startsWith(`${path.value}.entries[${entry}]`))?.[1] ?? ''
/** A grade holds a line at the least. */
const removable = computed(() => group.value.entries.length > 1 || grade.value.groups.length > 1)

const put = (words: string, entries: readonly Entry[]): void =>
  emit('change', words, withEntries(props.syllabus, props.at, entries))
const change = (words: string, next: Group): void => emit('change', words, withGroup(props.syllabus, props.at, next))

/** After which line a new one is being typed; it is in the list once it is taken. */
const drafting = ref<number | null>(null)

/** Takes a typed line in the place of another, or beneath it; as many entries as its preview said. */
function laid(entry: number, instead: 0 | 1, line: string): number {
  const at = { ...props.at, entry: instead ? entry : entry + 1 }
  const entries = typedEntries(props.syllabus, at, line, instead === 1)
  const words = instead
    ? t('syllabi.group-block.change-words', { id: group.value.entries[entry]!.id })
    : t('syllabi.group-block.change-new-line')
  put(words, group.value.entries.toSpliced(at.entry, instead, ...entries))
  return entries.length
}
function type(entry: number, line: string | null, goes: boolean): void {
  const count = line === null ? 1 : laid(entry, 1, line)
  drafting.value = goes ? entry + count - 1 : null
}
function typeNew(line: string, goes: boolean): void {
  const entry = drafting.value!
  const count = laid(entry, 0, line)
  drafting.value = goes ? entry + count : null
}
function move(entry: number, by: number): void {
  const to = entry + by
  const { entries } = group.value
  if (to < 0 || to >= entries.length) return
  put(t('syllabi.group-block.change-order'), entries.toSpliced(entry, 1).toSpliced(to, 0, entries[entry]!))
}
function remove(entry: number): void {
  const { entries, id } = group.value
  if (entries.length > 1) put(t('syllabi.group-block.without', { id: entries[entry]!.id }), entries.toSpliced(entry, 1))
  else emit('change', t('syllabi.group-block.without-group', { id }), withGroup(props.syllabus, props.at))
}
function rename(event: Event): void {
  const title = (event.target as HTMLInputElement).value.trim()
  if (title && title !== group.value.title)
    change(t('syllabi.group-block.change-title', { id: group.value.id }), { ...group.value, title })
}
const last = computed(() => props.at.group === grade.value.groups.length - 1)
const contextAt = (entry: number): ListContext => contextOf(props.syllabus, { ...props.at, entry })
</script>

<template>
  <div
    role="group"
    :aria-label="t('syllabi.group-block.group', { title: grade.title, id: group.id })"
    class="break-inside-avoid"
  >
    <div class="flex items-baseline gap-2">
      <h3 class="flex min-w-0 flex-1 items-baseline gap-1 text-[16px]">
        {{ group.id }}.
        <input
          v-if="editable"
          class="typed min-w-0 flex-1"
          :value="group.title"
          maxlength="200"
          :aria-label="t('syllabi.group-block.title', { id: group.id })"
          @change="rename"
        />
        <template v-else>{{ group.title }}</template>
      </h3>
      <GroupRule
        :group="group"
        :editable="editable"
        @change="(next) => change(t('syllabi.group-block.change-rule', { id: group.id }), next)"
      />
    </div>
    <p v-if="fault" role="alert" class="text-[13px] text-missing">{{ fault }}</p>
    <ul>
      <template v-for="(entry, place) in group.entries" :key="entry.id">
        <EntryLine
          :entry="entry"
          :items="items?.get(entry.id) ?? null"
          :fault="faultAt(place)"
          :editable="editable"
          :removable="removable"
          :plays="familyForList(syllabus.instrument).plays"
          :context="contextAt(place)"
          @type="(line, goes) => type(place, line, goes)"
          @move="move(place, $event)"
          @remove="remove(place)"
          @change="
            (next) =>
              put(t('syllabi.group-block.change-reading', { id: next.id }), group.entries.toSpliced(place, 1, next))
          "
        />
        <li v-if="drafting === place" :key="`new after ${place}`" class="border-b border-rule py-[6px]">
          <LineEditor
            :id="`${group.id}-new`"
            words=""
            :context="contextAt(place + 1)"
            :label="t('syllabi.group-block.new-line-label')"
            @take="typeNew"
            @leave="drafting = null"
          />
        </li>
      </template>
    </ul>
    <p v-if="editable" class="mt-1 flex gap-4 text-[13.5px]">
      <button type="button" class="text-button" @click="drafting = group.entries.length - 1">
        {{ t('syllabi.group-block.add-line') }}
      </button>
      <button
        v-if="last"
        type="button"
        class="text-button"
        @click="emit('change', t('syllabi.group-block.change-new-group'), addGroup(syllabus, at.grade))"
      >
        {{ t('syllabi.group-block.add-group') }}
      </button>
    </p>
  </div>
</template>
