<script setup lang="ts">
import { computed } from 'vue'
import { cellsOf, type Motif, MOTIF_RANGE } from '#core/study'
import { t } from '~/composables/words'

/** A motif as a small stair: a column for each note, a line for each degree. It is clicked, or moved with the arrows. */
const props = defineProps<{ motif: Motif }>()
const emit = defineEmits<{ change: [motif: Motif] }>()

const [LEAST, MOST] = [0, 9]
const cells = computed(() => cellsOf(props.motif))
const degrees = computed(() => {
  const all = cells.value.flatMap(({ places }) => places.map((place) => place + 1))
  const [low, high] = [Math.min(LEAST, ...all), Math.max(MOST, ...all)]
  return Array.from({ length: high - low + 1 }, (_, at) => high - at)
})
const degreeAt = (at: number): number | null => {
  const [place] = cells.value[at]!.places
  return place === undefined ? null : place + 1
}

/** What a column holds instead; its length and what is struck with it go with the old degree. */
const put = (at: number, degree: number | null): void =>
  emit(
    'change',
    props.motif.map((item, other) => (other === at ? degree : item)),
  )
const press = (at: number, degree: number): void => put(at, degreeAt(at) === degree ? null : degree)
const longer = (): void => emit('change', [...props.motif, degreeAt(props.motif.length - 1) ?? 1])
const shorter = (): void => emit('change', props.motif.slice(0, -1))

const STEP: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1, PageUp: 7, PageDown: -7 }
function key(event: KeyboardEvent, at: number): void {
  if (event.key === 'Delete' || event.key === 'Backspace') return put(at, null)
  const by = STEP[event.key]
  if (by === undefined) return
  event.preventDefault()
  const { least, most } = MOTIF_RANGE.degree
  put(at, Math.max(least, Math.min(most, (degreeAt(at) ?? 1) + by)))
}
</script>

<template>
  <div class="flex items-end gap-2">
    <div class="stair" role="group" :aria-label="t('desk.shape-it.stair')">
      <div
        v-for="(cell, at) in cells"
        :key="at"
        class="note"
        role="spinbutton"
        tabindex="0"
        :aria-label="t('desk.shape-it.note', { number: at + 1 })"
        :aria-valuenow="degreeAt(at) ?? undefined"
        :aria-valuetext="degreeAt(at) === null ? t('desk.shape-it.rest') : String(degreeAt(at))"
        @keydown="key($event, at)"
      >
        <span
          v-for="degree in degrees"
          :key="degree"
          class="place"
          :class="{ on: cell.places.includes(degree - 1), root: degree === 1 || degree === 8 }"
          @click="press(at, degree)"
          >{{ cell.places.includes(degree - 1) ? degree : '' }}</span
        >
      </div>
    </div>
    <span class="flex flex-col gap-1">
      <button type="button" class="text-button tall" :disabled="motif.length >= MOTIF_RANGE.items.most" @click="longer">
        {{ t('desk.shape-it.longer') }}
      </button>
      <button type="button" class="text-button tall" :disabled="motif.length <= 1" @click="shorter">
        {{ t('desk.shape-it.shorter') }}
      </button>
    </span>
  </div>
</template>

<style scoped>
.stair {
  display: flex;
  max-width: 300px;
  overflow-x: auto;
  border: 1px solid var(--color-rule);
  background: var(--color-sheet);
}
.note {
  flex: none;
  border-right: 1px solid var(--color-rule);
}
.note:last-child {
  border-right: 0;
}
.place {
  display: block;
  width: 26px;
  height: 16px;
  border-bottom: 1px solid color-mix(in srgb, var(--color-rule) 45%, transparent);
  cursor: pointer;
  font: 600 12px/16px var(--font-serif);
  text-align: center;
}
.place.root {
  border-bottom-color: var(--color-soft);
}
.place.on {
  background: var(--color-rh-wash);
  color: var(--color-rh);
}
.tall {
  font-size: 13px;
  white-space: nowrap;
}
</style>
