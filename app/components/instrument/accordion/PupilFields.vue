<script setup lang="ts">
import { BUTTON_SCHOOLS, KEY_SCHOOLS, LEFT_SCHOOLS, buttonsMessage } from '#core/buttons'
import { computed } from 'vue'
import { families } from '#core/instrument'
import type { Settings } from '#core/syllabus'
import {
  type BassCount,
  BASSES,
  type SaidMake,
  isUsualMake,
  KEY_WIDTHS,
  PAIRED_MAKES,
  type Treble,
  trebleOf,
  TREBLES,
  usualMake,
} from '#core/surface'
import ClefsRow from '../ClefsRow.vue'
import SelectRow from '~/components/frame/SelectRow.vue'
import HandSizeRow from '../keys/HandSizeRow.vue'
import { boardNamed, trebleWords } from './make'
import OwnBoard from './OwnBoard.vue'
import { t, formatMessage } from '~/composables/words'

/** What a pupil plays, and by which schools: kept for every study that is made for this pupil. */
const props = defineProps<{ own: Settings }>()
const emit = defineEmits<{ set: [field: 'clefs' | 'school' | 'handSize' | 'accordion', value: unknown] }>()
const treble = computed(() => (props.own.accordion?.treble ?? 'keys-41') as Treble)
const schools = computed(() => {
  const among: readonly string[] = trebleOf(treble.value).plays === 'keys' ? KEY_SCHOOLS : BUTTON_SCHOOLS
  return families()
    .find(({ plays }) => plays === 'accordion')!
    .schools.filter(({ id }) => among.includes(id))
})
const WIDTHS = Object.keys(KEY_WIDTHS) as (keyof typeof KEY_WIDTHS)[]
/** What right hands have to choose from: one rank of reeds, or several at once. */
const REGISTER_SETS = ['8', '16_8', '8_4', '16', '4', '16_4', '16_8_4']
const registers = computed(() => props.own.accordion?.registers ?? ['8'])
/** Keyboards and boards that go together: one choice for both. */
const pairs = computed(() => [
  ...PAIRED_MAKES.map(([keys, bass]) => ({
    value: `${keys} ${bass}`,
    words: t('accordion.pair', { keys: trebleWords(keys), bass }),
  })),
  { value: OTHER, words: t('accordion.pair.other') },
])
const OTHER = 'other'
const pair = computed(() => {
  const own = `${treble.value} ${props.own.accordion?.bass ?? 120}`
  return pairs.value.some(({ value }) => value === own) ? own : OTHER
})
function setPair(value: string): void {
  const found = PAIRED_MAKES.find(([keys, bass]) => value === `${keys} ${bass}`)
  if (!found) return
  const [keys, bass] = found
  const moved = trebleOf(treble.value).plays !== 'keys'
  setMake({ treble: keys, ...usualMake(bass) })
  if (moved) emit('set', 'school', KEY_SCHOOLS[0])
}
const setMake = (some: object): void => emit('set', 'accordion', some)
const setBass = (bass: BassCount): void => setMake(usualMake(bass))
/** The board, with what its maker did otherwise. */
const board = computed<SaidMake>(() => props.own.accordion ?? {})
/** A school of keys is none of buttons: what does not go over is the usual one again. */
function setTreble(next: Treble): void {
  const moved = trebleOf(next).plays !== trebleOf(treble.value).plays
  setMake({ treble: next })
  if (moved) emit('set', 'school', trebleOf(next).plays === 'keys' ? KEY_SCHOOLS[0] : BUTTON_SCHOOLS[0])
}
</script>

<template>
  <SelectRow :label="t('accordion.pupil.make')" :value="pair" :choices="pairs" @choose="setPair" />
  <SelectRow
    :label="t('accordion.pupil.treble')"
    :value="treble"
    :choices="TREBLES.map((value) => ({ value, words: trebleWords(value) }))"
    @choose="setTreble"
  />
  <SelectRow
    :label="t('accordion.pupil.bass')"
    :value="own.accordion?.bass ?? 120"
    :choices="BASSES.map((value) => ({ value, words: t('accordion.bass', { bass: value }) }))"
    @choose="setBass"
  />
  <details class="pb-1">
    <summary>{{ isUsualMake(board) ? t('accordion.make.other') : boardNamed(board) }}</summary>
    <OwnBoard class="py-1" :make="board" @change="setMake" />
  </details>
  <SelectRow
    v-if="trebleOf(treble).plays === 'keys'"
    :label="t('accordion.width.head')"
    :value="own.accordion?.keys ?? 'full'"
    :choices="WIDTHS.map((value) => ({ value, words: t('accordion.width', { width: value }) }))"
    @choose="setMake({ keys: $event })"
  />
  <SelectRow
    :label="t('accordion.pupil.register')"
    :value="registers.join('_')"
    :choices="REGISTER_SETS.map((value) => ({ value, words: t('accordion.register.name', { registers: value }) }))"
    @choose="setMake({ registers: $event.split('_') })"
  />
  <SelectRow
    :label="t('accordion.right-school')"
    :value="own.school ?? schools[0]!.id"
    :choices="schools.map(({ id, called }) => ({ value: id, words: formatMessage(called) }))"
    @choose="emit('set', 'school', $event)"
  />
  <SelectRow
    :label="t('accordion.left-school')"
    :value="own.accordion?.left?.school ?? 'four-three'"
    :choices="LEFT_SCHOOLS.map((value) => ({ value, words: formatMessage(buttonsMessage(`left.${value}`)) }))"
    @choose="setMake({ left: { school: $event } })"
  />
  <ClefsRow :own="own" @choose="emit('set', 'clefs', $event)" />
  <HandSizeRow :own="own" @choose="emit('set', 'handSize', $event)" />
</template>
