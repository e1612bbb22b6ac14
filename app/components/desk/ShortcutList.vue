<script setup lang="ts">
import DialogSheet from '~/components/frame/DialogSheet.vue'
import type { Shortcut } from '~/composables/shortcuts'
import { useShowing } from '~/stores/showing'

/** Every key that does something at the desk. */
const props = defineProps<{ shortcuts: readonly Shortcut[] }>()
const emit = defineEmits<{ close: [] }>()
const showing = useShowing()

const KEYS: Record<string, string> = { ' ': 'Space' }
const keyWords = ({ key, ctrl, shift }: Shortcut): string =>
  [ctrl && 'Ctrl', shift && 'Shift', KEYS[key] ?? key.toUpperCase()].filter(Boolean).join(' + ')
const single = props.shortcuts.filter(({ ctrl }) => !ctrl)
const others = props.shortcuts.filter(({ ctrl }) => ctrl)
const ON_FINGERS = [
  ['← →', 'the note before, the note after'],
  ['↑ ↓', 'the other voice, the other hand'],
  ['Home, End', 'first note, last note'],
  ['Shift + arrows', 'mark a stretch out, to loop it'],
  ['1 … 5', 'pin that finger'],
  ['R, L', 'on mallets, pin that stick'],
  ['0, Delete', 'free it'],
  ['Esc', 'let the marked stretch go'],
] as const
</script>

<template>
  <DialogSheet title="Keys at the desk" @close="emit('close')">
    <div class="mt-4 grid grid-cols-2 gap-10 text-[14px]">
      <section>
        <h3>Anywhere but in a text field</h3>
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
        <h3>On a finger of the score</h3>
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
        Single keys do something (switch this off for speech input)
      </label>
      <button type="button" class="main-button" @click="emit('close')">Close</button>
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
