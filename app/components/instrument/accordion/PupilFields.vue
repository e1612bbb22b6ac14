<script setup lang="ts">
import { BUTTON_SCHOOLS, KEY_SCHOOLS, LEFT_SCHOOLS, tellButtons } from '#core/buttons'
import { computed } from 'vue'
import { HAND_SIZES } from '#core/fingering'
import { families } from '#core/instrument'
import type { Settings } from '#core/syllabus'
import { type BassCount, BASSES, type Treble, trebleOf, TREBLES, usualRows } from '#core/surface'
import { trebleWords } from './make'
import { t, tell } from '~/composables/words'

/** What a pupil plays, and by which schools: kept for every study that is made for this pupil. */
const props = defineProps<{ own: Settings }>()
const emit = defineEmits<{ set: [field: 'school' | 'handSize' | 'accordion', value: unknown] }>()
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const treble = computed(() => (props.own.accordion?.treble ?? 'keys-41') as Treble)
const schools = computed(() => {
  const among: readonly string[] = trebleOf(treble.value).plays === 'keys' ? KEY_SCHOOLS : BUTTON_SCHOOLS
  return families()
    .find(({ plays }) => plays === 'accordion')!
    .schools.filter(({ id }) => among.includes(id))
})
const setMake = (some: object): void => emit('set', 'accordion', some)
const setBass = (bass: BassCount): void => setMake({ bass, rows: usualRows(bass) })
/** A school of keys is none of buttons: what does not go over is the usual one again. */
function setTreble(next: Treble): void {
  const moved = trebleOf(next).plays !== trebleOf(treble.value).plays
  setMake({ treble: next })
  if (moved) emit('set', 'school', trebleOf(next).plays === 'keys' ? KEY_SCHOOLS[0] : BUTTON_SCHOOLS[0])
}
</script>

<template>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('accordion.pupil.treble') }}
    <select class="field w-[200px]" :value="treble" @change="setTreble(valueOf($event) as Treble)">
      <option v-for="each in TREBLES" :key="each" :value="each">{{ trebleWords(each) }}</option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('accordion.pupil.bass') }}
    <select
      class="field w-[200px]"
      :value="own.accordion?.bass ?? 120"
      @change="setBass(Number(valueOf($event)) as BassCount)"
    >
      <option v-for="each in BASSES" :key="each" :value="each">{{ t('accordion.bass', { bass: each }) }}</option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('accordion.right-school') }}
    <select
      class="field w-[200px]"
      :value="own.school ?? schools[0]!.id"
      @change="emit('set', 'school', valueOf($event))"
    >
      <option v-for="school in schools" :key="school.id" :value="school.id">{{ tell(school.called) }}</option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('accordion.left-school') }}
    <select
      class="field w-[200px]"
      :value="own.accordion?.left?.school ?? 'four-three'"
      @change="setMake({ left: { school: valueOf($event) } })"
    >
      <option v-for="school in LEFT_SCHOOLS" :key="school" :value="school">
        {{ tell(tellButtons(`left.${school}`)) }}
      </option>
    </select>
  </label>
  <label class="flex items-center justify-between gap-3 py-1">
    {{ t('keys.pupil-fields.hands') }}
    <select
      class="field w-[200px]"
      :value="own.handSize ?? 'average'"
      @change="emit('set', 'handSize', valueOf($event))"
    >
      <option v-for="size in HAND_SIZES" :key="size" :value="size">{{ t('name.hand-size', { size }) }}</option>
    </select>
  </label>
</template>
