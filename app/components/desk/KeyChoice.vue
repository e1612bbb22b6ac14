<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed } from 'vue'
import { KIND_IDS, kindOf, type KindId, KINDS, usualTonics } from '#core/material'
import { noteName, printedName } from '#core/pitch'

/** Tonic and kind: the tonics stand in circle order, from seven flats to seven sharps. */
const props = defineProps<{ tonic: string; kind: KindId; words: string }>()
const emit = defineEmits<{ choose: [material: { tonic: string; kind: KindId }] }>()

const tonics = computed(() =>
  usualTonics(kindOf(props.kind)).map((note, at) => ({
    name: noteName(note),
    words: printedName(note),
    signs: at - 7 === 0 ? 'no signs' : `${Math.abs(at - 7)} ${at < 7 ? 'flats' : 'sharps'}`,
  })),
)

/** Another kind keeps the tonic if it has a signature there, else takes its twin, else begins on A or C. */
function chooseKind(kind: KindId): void {
  const usual = usualTonics(KINDS[kind]).map(noteName)
  const twins: Record<string, string> = { 'C#': 'Db', Db: 'C#', 'D#': 'Eb', 'G#': 'Ab', Gb: 'F#', 'A#': 'Bb', Cb: 'B' }
  const tonic = [props.tonic, twins[props.tonic]].find((name) => name !== undefined && usual.includes(name))
  emit('choose', { tonic: tonic ?? 'C', kind })
}
</script>

<template>
  <Popover as="div" class="relative inline-block">
    <PopoverButton class="word" :aria-label="`Key: ${words}`">{{ words }}</PopoverButton>
    <PopoverPanel class="choices w-[520px] p-4">
      <div class="grid grid-cols-[1fr_auto] gap-5">
        <div role="group" aria-label="Tonic, in circle order">
          <p class="quiet mb-2 text-[13px]">flats to sharps, by the circle</p>
          <div class="grid grid-cols-5 gap-1">
            <button
              v-for="each in tonics"
              :key="each.name"
              type="button"
              class="tonic font-serif text-[18px]"
              :aria-pressed="each.name === tonic"
              :aria-label="`${each.words}, ${each.signs}`"
              :title="each.signs"
              @click="emit('choose', { tonic: each.name, kind })"
            >
              {{ each.words }}
            </button>
          </div>
        </div>
        <div role="group" aria-label="Kind" class="border-l border-rule pl-2">
          <button
            v-for="id in KIND_IDS"
            :key="id"
            type="button"
            class="choice"
            :aria-pressed="id === kind"
            @click="chooseKind(id)"
          >
            {{ KINDS[id].words }}
          </button>
        </div>
      </div>
    </PopoverPanel>
  </Popover>
</template>

<style scoped>
.tonic {
  min-height: 44px;
  border: 1px solid transparent;
}
.tonic:hover {
  background: var(--color-page);
}
.tonic[aria-pressed='true'] {
  border-color: var(--color-ink);
  background: var(--color-ink);
  color: var(--color-sheet);
}
</style>
