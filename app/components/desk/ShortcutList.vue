<script setup lang="ts">
import DialogSheet from '~/components/frame/DialogSheet.vue'
import type { Shortcut } from '~/composables/shortcuts'
import { useShowing } from '~/stores/showing'
import { t } from '~/composables/words'

/** Every key that does something at the desk. */
const props = defineProps<{ shortcuts: readonly Shortcut[] }>()
const emit = defineEmits<{ close: [] }>()
const showing = useShowing()

const KEYS: Record<string, string> = { ' ': t('desk.shortcut-list.space') }
const keyWords = ({ key, ctrl, shift }: Shortcut): string =>
  [ctrl && t('desk.shortcut-list.ctrl'), shift && t('desk.shortcut-list.shift'), KEYS[key] ?? key.toUpperCase()]
    .filter(Boolean)
    .join(' + ')
const single = props.shortcuts.filter(({ ctrl }) => !ctrl)
const others = props.shortcuts.filter(({ ctrl }) => ctrl)
const ON_FINGERS = [
  ['← →', t('desk.shortcut-list.note-step')],
  ['↑ ↓', t('desk.shortcut-list.other-voice')],
  [t('desk.shortcut-list.home-end'), t('desk.shortcut-list.ends')],
  [t('desk.shortcut-list.shift-arrows'), t('desk.shortcut-list.mark')],
  ['1 … 5', t('desk.shortcut-list.pin-finger')],
  ['R, L', t('desk.shortcut-list.pin-stick')],
  [t('desk.shortcut-list.delete'), t('desk.shortcut-list.free-it')],
  [t('desk.shortcut-list.esc'), t('desk.shortcut-list.unmark')],
] as const
</script>

<template>
  <DialogSheet :title="t('desk.shortcut-list.heading')" @close="emit('close')">
    <div class="mt-4 grid grid-cols-2 gap-10 text-[14px]">
      <section>
        <h3>{{ t('desk.shortcut-list.anywhere') }}</h3>
        <dl>
          <div v-for="each in [...single, ...others]" :key="keyWords(each)" class="row">
            <dt>
              <kbd>{{ keyWords(each) }}</kbd>
            </dt>
            <dd>{{ each.words }}</dd>
          </div>
        </dl>
      </section>
      <section>
        <h3>{{ t('desk.shortcut-list.on-finger') }}</h3>
        <dl>
          <div v-for="[keys, words] in ON_FINGERS" :key="keys" class="row">
            <dt>
              <kbd>{{ keys }}</kbd>
            </dt>
            <dd>{{ words }}</dd>
          </div>
        </dl>
      </section>
    </div>
    <div class="mt-5 flex items-center justify-between">
      <label class="flex items-center gap-2 text-[14px]">
        <input v-model="showing.shown.singleKeys" type="checkbox" class="h-[18px] w-[18px] accent-ink" />
        {{ t('desk.shortcut-list.single-keys') }}
      </label>
      <button type="button" class="main-button" @click="emit('close')">{{ t('desk.shortcut-list.close') }}</button>
    </div>
  </DialogSheet>
</template>

<style scoped>
h3 {
  border-bottom: 1px solid var(--color-ink);
  padding-bottom: 4px;
  font-size: 15px;
}
.row {
  display: grid;
  grid-template-columns: 130px 1fr;
  align-items: baseline;
  border-bottom: 1px solid var(--color-rule);
  padding: 5px 0;
}
kbd {
  font-family: var(--font-serif);
  font-weight: 600;
}
</style>
