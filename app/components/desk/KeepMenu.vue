<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { navigateTo } from '#imports'
import { downloadJson } from '~/composables/download'
import type { Desk } from '~/stores/desk'
import WordPanel from '~/components/frame/WordPanel.vue'
import { currentTrouble } from '~/composables/connection'
import { locale, t, formatMessage } from '~/composables/words'

/** How the study is kept, what was done to it, and what else can be done with it; at the head of the page. */
const props = defineProps<{ desk: Desk }>()
const emit = defineEmits<{ save: []; duplicate: []; fresh: []; file: [file: File]; matches: [] }>()

const words = computed(() => {
  const { state, keeping, changed, safe } = props.desk
  const savedAt = keeping.saved?.updatedAt
  const time = savedAt ? new Date(savedAt).toLocaleTimeString(locale(), { hour: '2-digit', minute: '2-digit' }) : ''
  if (state === 'saving') return t('desk.keep-menu.saving')
  if (state === 'two-versions') return t('desk.keep-menu.conflict')
  if (state === 'waiting') {
    const trouble = currentTrouble.value ?? 'away'
    return safe ? t('desk.keep-menu.offline-kept', { trouble }) : t('desk.keep-menu.offline-unsaved', { trouble })
  }
  if (state === 'new')
    return changed
      ? safe
        ? t('desk.keep-menu.kept-in-this-browser')
        : t('desk.keep-menu.nowhere')
      : t('desk.keep-menu.not-saved-yet')
  if (state === 'changed' && props.desk.set) return t('desk.keep-menu.trial')
  return state === 'changed' ? t('desk.keep-menu.changed-since', { time }) : t('desk.keep-menu.saved', { time })
})
/** What that word means, for whoever asks. */
const meaning = computed(() => {
  const { state, safe, set } = props.desk
  if (state === 'new') return safe ? t('desk.keep-menu.means-new') : t('desk.keep-menu.means-nowhere')
  if (state === 'changed') return set ? t('desk.keep-menu.means-trial') : t('desk.keep-menu.means-changed')
  if (state === 'waiting') return t('desk.keep-menu.means-waiting')
  return state === 'two-versions' ? t('desk.keep-menu.means-two-versions') : t('desk.keep-menu.means-saved')
})
const canSave = computed(() => !['saved', 'saving'].includes(props.desk.state))

const file = ref<HTMLInputElement>()
const download = () => void downloadJson(formatMessage(props.desk.study!.title), props.desk.study!.recipe)
function upload(event: Event): void {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) emit('file', input.files[0])
  input.value = ''
}
const items = computed(() => {
  const { id } = props.desk
  return [
    { words: t('desk.keep-menu.new'), does: () => emit('fresh') },
    ...(id ? [{ words: t('desk.keep-menu.duplicate'), does: () => emit('duplicate') }] : []),
    { words: t('desk.keep-menu.print'), does: () => void navigateTo('/paper?of=desk&sheet=studies') },
    { words: t('desk.keep-menu.exam-matches'), does: () => emit('matches') },
    { words: t('desk.keep-menu.export'), does: download },
    { words: t('desk.keep-menu.import'), does: () => file.value?.click() },
    { words: t('desk.keep-menu.other-formats'), does: () => void navigateTo('/files') },
  ]
})
</script>

<template>
  <div class="flex min-w-0 flex-wrap items-baseline gap-x-4 gap-y-1 pb-1 text-[14px] xl:flex-nowrap">
    <span class="flex min-w-0 items-baseline gap-3">
      <button
        type="button"
        class="step"
        :disabled="!desk.undoes"
        :aria-label="desk.undoes ? t('desk.keep-menu.undo', { undoes: desk.undoes }) : t('desk.keep-menu.undo-short')"
        :title="desk.undoes ? t('desk.keep-menu.undo-named', { undoes: desk.undoes }) : ''"
        @click="desk.undo"
      >
        {{ t('desk.keep-menu.undo-short') }}<span v-if="desk.undoes" class="what aside">{{ desk.undoes }}</span>
      </button>
      <button
        type="button"
        class="step"
        :disabled="!desk.redoes"
        :aria-label="desk.redoes ? t('desk.keep-menu.redo', { redoes: desk.redoes }) : t('desk.keep-menu.redo-short')"
        :title="desk.redoes ? t('desk.keep-menu.redo-named', { redoes: desk.redoes }) : ''"
        @click="desk.redo"
      >
        {{ t('desk.keep-menu.redo-short') }}
      </button>
    </span>
    <span class="min-w-0 whitespace-nowrap xl:truncate" role="status"
      ><WordPanel :words="words" :label="t('desk.keep-menu.means', { words })" look="aside">
        <p class="w-[290px] p-4 text-[14px] whitespace-normal" tabindex="0">{{ meaning }}</p>
      </WordPanel></span
    >
    <Menu as="div" class="relative">
      <MenuButton class="text-button whitespace-nowrap">{{ t('desk.keep-menu.more') }}</MenuButton>
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
      :aria-label="t('desk.keep-menu.import-file')"
      @change="upload"
    />
    <button type="button" class="main-button save" :disabled="!canSave" @click="emit('save')">
      {{ desk.set && desk.id ? t('desk.keep-menu.save-in-set') : t('desk.keep-menu.save') }}
    </button>
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
  max-width: 120px;
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
