<script setup lang="ts">
import { computed, nextTick, ref, shallowRef } from 'vue'
import { playedMotif, type Struck } from '#core/call'
import type { Recipe } from '#core/instrument'
import { intervalAt, materialOf } from '#core/material'
import { midiOf, pitchAbove } from '#core/pitch'
import { isFree, type Motif, motifText, usualNotesPerBeat } from '#core/study'
import { wordsOf } from '~/composables/api'
import { formatMessage, t } from '~/composables/words'
import { useDesk } from '~/stores/desk'
import { usePlaying } from '~/stores/playing'

/** A motif that is played in: degrees that sound under the figures of the keyboard or the mouse, or a file of music. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ use: [motif: Motif] }>()

const DEGREES = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const
/** What is struck so soon after another is struck with it. */
const TOGETHER_MILLISECONDS = 60

const [desk, playing] = [useDesk(), usePlaying()]
const key = computed(() => (isFree(props.recipe.material) ? null : props.recipe.material))
const on = ref(false)
const keys = ref<HTMLElement | null>(null)
const struck = shallowRef<readonly Struck[]>([])
const wrong = ref('')
/** Degrees that are down, by the stroke to which they belong. */
const down = new Map<number, number>()
const isDown = ref<ReadonlySet<number>>(new Set())

/** Notes to the beat as they will be: a motif with lengths takes the usual ones. */
const perBeat = computed(() => {
  const { tempo, pattern } = props.recipe
  const usual = tempo.notesPerBeat === usualNotesPerBeat(pattern)
  return usual ? usualNotesPerBeat({ figure: 'straight', motif: null }) : tempo.notesPerBeat
})
const heard = computed(() =>
  key.value && struck.value.length ? playedMotif(struck.value, key.value, perBeat.value) : null,
)
const said = computed(() => {
  if (wrong.value) return wrong.value
  if (!heard.value) return ''
  return 'fault' in heard.value ? formatMessage(heard.value.fault) : motifText(heard.value.motif)
})
const motif = computed(() => (heard.value && 'motif' in heard.value ? heard.value.motif : null))

function midiAt(degree: number): number {
  const { tonic, rising } = materialOf(key.value!)
  return midiOf(pitchAbove({ ...tonic, octave: props.recipe.startOctave }, intervalAt(rising.up, degree - 1)))
}

function press(degree: number): void {
  if (down.has(degree)) return
  const [midi, now] = [midiAt(degree), performance.now()]
  if (desk.study) void playing.strike(desk.study, midi)
  const last = struck.value.at(-1)
  const joins = last !== undefined && now - last.start < TOGETHER_MILLISECONDS
  // until it is let go it lasts as long as the one before
  const length = last ? now - last.start : 1
  struck.value = joins
    ? [...struck.value.slice(0, -1), { ...last, midis: [...last.midis, midi].sort((a, b) => a - b) }]
    : [...struck.value, { start: now, length, midis: [midi] }]
  down.set(degree, struck.value.length - 1)
  isDown.value = new Set(down.keys())
}
function release(degree: number): void {
  const at = down.get(degree)
  if (at === undefined) return
  down.delete(degree)
  isDown.value = new Set(down.keys())
  const now = performance.now()
  struck.value = struck.value.map((each, place) => (place === at ? { ...each, length: now - each.start } : each))
}

/** The degree under a figure of the keyboard; with the shift key an octave up. */
function degreeOf({ code, shiftKey, ctrlKey, metaKey, altKey }: KeyboardEvent): number | null {
  const figure = /^(?:Digit|Numpad)(\d)$/.exec(code)?.[1]
  if (figure === undefined || ctrlKey || metaKey || altKey) return null
  return Number(figure) + (shiftKey ? materialOf(key.value!).up.length : 0)
}
/** What each key of the keyboard holds down: the shift key may be let go first. */
const byCode = new Map<string, number>()
function keyDown(event: KeyboardEvent): void {
  const degree = degreeOf(event)
  if (degree === null) return
  event.preventDefault()
  event.stopPropagation()
  if (event.repeat) return
  byCode.set(event.code, degree)
  press(degree)
}
function keyUp({ code }: KeyboardEvent): void {
  const degree = byCode.get(code)
  if (degree === undefined) return
  byCode.delete(code)
  release(degree)
}
/** A button that is pressed by Enter or by speech has no pointer: a short stroke. */
function pressOnce({ detail }: MouseEvent, degree: number): void {
  if (detail > 0) return
  press(degree)
  release(degree)
}

function again(): void {
  struck.value = []
  wrong.value = ''
  down.clear()
  byCode.clear()
  isDown.value = new Set()
}
async function begin(): Promise<void> {
  again()
  on.value = true
  await nextTick()
  keys.value?.focus()
}
function use(): void {
  if (motif.value) emit('use', motif.value)
  on.value = false
}

/** The upper line of the first piece of a file. */
async function take(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  again()
  on.value = true
  try {
    const [bytes, { openFile }] = await Promise.all([file.arrayBuffer(), import('#core/formats')])
    const [line] = openFile(new Uint8Array(bytes))[0]?.lines ?? []
    struck.value = (line ?? []).map(({ start, beats, notes }) => ({
      start,
      length: beats,
      midis: notes.map(({ midi }) => midi),
    }))
  } catch (error) {
    wrong.value = wordsOf(error)
  }
}
</script>

<template>
  <div v-if="key" class="px-[14px] pb-2">
    <p class="flex flex-wrap items-baseline gap-x-4">
      <slot />
      <button type="button" class="text-button text-[13px]" @click="begin">{{ t('desk.played-in.begin') }}</button>
      <label class="text-button cursor-pointer text-[13px] focus-within:outline-2">
        {{ t('desk.played-in.file') }}
        <input class="sr-only" type="file" accept=".mid,.midi,.musicxml,.xml,.mxl" @change="take" />
      </label>
    </p>
    <template v-if="on">
      <div
        ref="keys"
        class="mt-1 flex"
        role="group"
        tabindex="0"
        :aria-label="t('desk.played-in.keys')"
        @keydown="keyDown"
        @keyup="keyUp"
      >
        <button
          v-for="degree in DEGREES"
          :key="degree"
          type="button"
          class="key"
          :class="{ down: isDown.has(degree) }"
          @pointerdown="press(degree)"
          @pointerup="release(degree)"
          @pointerleave="release(degree)"
          @click="pressOnce($event, degree)"
        >
          {{ degree }}
        </button>
      </div>
      <p class="quiet max-w-[290px] text-[13px] leading-[1.3]">{{ t('desk.played-in.how') }}</p>
      <p class="min-h-[20px] font-serif" :class="{ 'text-missing': said && !motif }" role="status">{{ said }}</p>
      <p class="flex gap-3">
        <button type="button" class="plain-button" :disabled="!motif" @click="use">
          {{ t('desk.shape-it.take') }}
        </button>
        <button type="button" class="text-button text-[13px]" @click="begin">{{ t('desk.played-in.again') }}</button>
      </p>
    </template>
  </div>
</template>

<style scoped>
.key {
  width: 29px;
  height: 36px;
  border: 1px solid var(--color-rule);
  border-right-width: 0;
  background: var(--color-sheet);
  font: 600 14px var(--font-serif);
  touch-action: none;
}
.key:last-child {
  border-right-width: 1px;
}
.key.down {
  background: var(--color-rh-wash);
  color: var(--color-rh);
}
@media (width < 640px) {
  .key {
    height: 44px;
  }
}
</style>
