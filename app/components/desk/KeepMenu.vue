<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { navigateTo } from '#imports'
import { downloadJson } from '~/composables/download'
import type { Desk } from '~/stores/desk'

/** How the study is kept, what was done to it, and what else can be done with it; at the head of the page. */
const props = defineProps<{ desk: Desk }>()
const emit = defineEmits<{ save: []; duplicate: []; fresh: []; file: [file: File]; asked: [] }>()

const words = computed(() => {
  const { state, savedAt, changed, safe } = props.desk
  const time = savedAt ? new Date(savedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }) : ''
  if (state === 'saving') return 'saving …'
  if (state === 'two-versions') return 'saved elsewhere meanwhile'
  if (state === 'waiting') return safe ? 'server gone: kept in this browser' : 'server gone: not saved'
  if (state === 'new') return changed ? (safe ? 'kept in this browser' : 'not saved yet') : 'not saved yet'
  return state === 'changed' ? `changed since ${time}` : `saved ${time}`
})
const canSave = computed(() => !['saved', 'saving'].includes(props.desk.state))

const file = ref<HTMLInputElement>()
const download = (): void => downloadJson(props.desk.study!.title, props.desk.study!.recipe)
function upload(event: Event): void {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) emit('file', input.files[0])
  input.value = ''
}
const items = computed(() => {
  const { id } = props.desk
  return [
    { words: 'New', does: () => emit('fresh') },
    ...(id
      ? [
          { words: 'Duplicate', does: () => emit('duplicate') },
          { words: 'Print', does: () => void navigateTo(`/print/study/${id}`) },
        ]
      : []),
    { words: 'Where is this asked?', does: () => emit('asked') },
    { words: 'Export', does: download },
    { words: 'Import', does: () => file.value?.click() },
  ]
})
</script>

<template>
  <div class="flex min-w-0 items-baseline gap-4 text-[14px]">
    <span class="flex min-w-0 items-baseline gap-3">
      <button
        type="button"
        class="step"
        :disabled="!desk.undoes"
        :aria-label="desk.undoes ? `Undo ${desk.undoes}` : 'Undo'"
        :title="desk.undoes ? `Undo ${desk.undoes} (Ctrl+Z)` : ''"
        @click="desk.undo"
      >
        Undo<span v-if="desk.undoes" class="what aside">{{ desk.undoes }}</span>
      </button>
      <button
        type="button"
        class="step"
        :disabled="!desk.redoes"
        :aria-label="desk.redoes ? `Redo ${desk.redoes}` : 'Redo'"
        :title="desk.redoes ? `Redo ${desk.redoes} (Ctrl+Shift+Z)` : ''"
        @click="desk.redo"
      >
        Redo
      </button>
    </span>
    <span class="quiet whitespace-nowrap" role="status">{{ words }}</span>
    <Menu as="div" class="relative">
      <MenuButton class="text-button whitespace-nowrap">More</MenuButton>
      <MenuItems class="choices right-0 min-w-[150px]">
        <MenuItem v-for="item in items" :key="item.words" v-slot="{ active }">
          <button type="button" class="choice" :class="{ 'bg-page': active }" @click="item.does">
            {{ item.words }}
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
    <input
      ref="file"
      class="hidden"
      type="file"
      accept=".json,application/json"
      aria-label="Import a study file"
      @change="upload"
    />
    <button type="button" class="main-button save" :disabled="!canSave" @click="emit('save')">Save</button>
  </div>
</template>

<style scoped>
.step {
  display: inline-flex;
  align-items: baseline;
  min-width: 0;
  min-height: 26px;
}
.step:disabled {
  color: var(--color-soft);
  cursor: default;
}
.step:not(:disabled) {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.what {
  display: inline-block;
  max-width: 190px;
  margin-left: 6px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.save {
  min-height: 26px;
  padding: 1px 14px;
}
@media (max-width: 1100px) {
  .what {
    display: none;
  }
}
</style>
