<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { parsePitch, pitchName } from '#core/pitch'
import { type FreePitches, isFree } from '#core/study'
import type { Recipe } from '#core/instrument'
import { t } from '~/composables/words'

/** Pitches typed by hand: a pattern that no kind names. Notes struck together are joined by a plus. */
const props = defineProps<{ material: Recipe['material'] }>()
const emit = defineEmits<{ choose: [material: FreePitches] }>()

const written = (material: Recipe['material']): string =>
  isFree(material) ? material.pitches.map((each) => (typeof each === 'string' ? each : each.join('+'))).join(' ') : ''
const text = ref(written(props.material))
watch(
  () => props.material,
  (next) => isFree(next) && (text.value = written(next)),
)

/** Capitals and signs as people type them. */
const tidy = (word: string): string =>
  word
    .replace(/[♯]/g, '#')
    .replace(/[♭]/g, 'b')
    .replace(/^[a-g]/, (letter) => letter.toUpperCase())

const read = computed<{ pitches: (string | string[])[]; fault: string }>(() => {
  const words = text.value.split(/[\s,;]+/).filter(Boolean)
  const pitches: (string | string[])[] = []
  for (const word of words) {
    try {
      const names = word.split('+').map((each) => pitchName(parsePitch(tidy(each))))
      pitches.push(names.length > 1 ? names : names[0]!)
    } catch {
      return { pitches, fault: t('desk.pitch-entry.not-a-pitch', { slice: word.slice(0, 12) }) }
    }
  }
  return { pitches, fault: '' }
})
const ready = computed(() => read.value.pitches.length > 0 && !read.value.fault)
const choose = (): void => {
  if (ready.value) emit('choose', { pitches: read.value.pitches })
}
</script>

<template>
  <form class="mt-3 border-t border-rule pt-[10px]" @submit.prevent="choose">
    <label class="flex items-center gap-2">
      <span class="quiet w-[80px] shrink-0 text-[13px]">{{ t('desk.pitch-entry.own') }}</span>
      <input
        v-model="text"
        class="field min-w-0 flex-1 font-serif"
        :placeholder="t('desk.pitch-entry.example')"
        :aria-label="t('desk.pitch-entry.label')"
        :aria-invalid="read.fault !== ''"
        spellcheck="false"
        maxlength="3000"
      />
      <button type="submit" class="plain-button" :disabled="!ready">{{ t('desk.pitch-entry.finger-these') }}</button>
    </label>
    <p v-if="read.fault" role="alert" class="mt-1 text-[13px] text-missing">{{ read.fault }}</p>
  </form>
</template>
