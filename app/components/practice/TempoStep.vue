<script setup lang="ts">
import { t } from '~/composables/words'
import { tapping } from './tempo'

/** A tempo by steps, by the wheel, by typing or by taps. Beats a minute. */
defineProps<{ label: string; big?: boolean; small?: boolean }>()
const bpm = defineModel<number>({ required: true })
const [MIN, MAX] = [20, 300]
const tapped = tapping()

const set = (value: number): void => {
  if (Number.isFinite(value)) bpm.value = Math.min(MAX, Math.max(MIN, Math.round(value)))
}
const turn = (event: WheelEvent): void => set(bpm.value + (event.deltaY < 0 ? 1 : -1))
const tap = (): void => set(tapped() ?? bpm.value)
</script>

<template>
  <span
    class="tempo inline-flex items-stretch"
    :class="{ big, small }"
    role="group"
    :aria-label="label"
    @wheel.prevent="turn"
  >
    <button type="button" :aria-label="t('practice.tempo.slower')" @click="set(bpm - 2)">−</button>
    <label class="flex items-center gap-1 px-1 font-serif">
      <span v-if="!small" aria-hidden="true">♩ =</span>
      <input
        :value="bpm"
        inputmode="numeric"
        :aria-label="t('practice.tempo.bpm')"
        @change="set(Number(($event.target as HTMLInputElement).value))"
        @keydown.up.prevent="set(bpm + 1)"
        @keydown.down.prevent="set(bpm - 1)"
      />
    </label>
    <button type="button" :aria-label="t('practice.tempo.faster')" @click="set(bpm + 2)">+</button>
    <button v-if="!small" type="button" class="tap" @click="tap">{{ t('practice.tempo.tap') }}</button>
  </span>
</template>

<style scoped>
.tempo {
  border: 1px solid var(--color-rule);
  border-radius: 3px;
  font-size: 13px;
  background: var(--color-sheet);
}
.tempo button {
  min-width: 26px;
  min-height: 26px;
}
.tempo button:hover {
  background: var(--color-page);
}
.tempo .tap {
  padding: 0 7px;
  border-left: 1px solid var(--color-rule);
  color: var(--color-soft);
}
.tempo input {
  min-width: 26px;
  min-height: 24px;
  width: 3.2ch;
  background: transparent;
}
.small {
  font-size: 12.5px;
}
.small label {
  padding: 0;
}
.small button {
  min-width: 24px;
}
.big {
  font-size: 22px;
}
.big button {
  min-width: 48px;
  min-height: 48px;
}
@media (pointer: coarse) {
  .tempo button,
  .small button {
    min-width: 44px;
    min-height: 44px;
  }
}
</style>
