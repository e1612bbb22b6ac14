<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import {
  FAMILIES,
  type Family,
  inversionsOf,
  keyNamed,
  type Kind,
  type KindId,
  KINDS,
  type NamedMaterial,
  neighbourMessage,
  neighboursOf,
  scalesOver,
  type Signature,
  SIGNATURES,
  signatureOf,
  stepsMessage,
  twinOf,
  usualTonics,
} from '#core/material'
import { noteName, parseNote, printedName } from '#core/pitch'
import { CLEFS, type Clefs, type FreePitches, isFree } from '#core/study'
import { familyOf, type Recipe } from '#core/instrument'
import { FAMILY_WORDS, kindsIn, shortWords } from './families'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import PitchEntry from './PitchEntry.vue'
import { formatMessage, t } from '~/composables/words'

/** Tonic and kind: tonics in circle order, kinds by family; or the teacher's own pitches. */
const props = defineProps<{
  material: Recipe['material']
  signature: Signature
  words: string
  /** What it is for: not everything can be played on everything. */
  recipe: Recipe
}>()
const emit = defineEmits<{
  choose: [material: NamedMaterial | FreePitches]
  sign: [signature: Signature]
  write: [clefs: Clefs]
}>()

const named = computed<NamedMaterial | null>(() => (isFree(props.material) ? null : props.material))
const kind = computed(() => KINDS[named.value?.kind ?? 'major'])
const tonic = computed(() => named.value?.tonic ?? 'C')
/** What the key shares with those beside it, and its steps. */
const beside = computed(() => {
  const own = named.value
  if (!own) return []
  const neighbours = neighboursOf(own).map((each) => neighbourMessage(each, own))
  return (neighbours.length > 0 ? [...neighbours, stepsMessage(own)] : []).map(formatMessage)
})
/** Scales that are played over it, where it is a chord. */
const overIt = computed(() =>
  (named.value ? scalesOver(named.value) : [])
    .filter((scale) => takes(KINDS[scale.kind]))
    .map((scale) => ({ scale, words: formatMessage(keyNamed(scale)) })),
)
const family = ref<Family>(kind.value.family)
watch(kind, (next) => (family.value = next.family))
const takes = (some: Kind): boolean => {
  const material = { tonic: 'C', kind: some.id as KindId }
  return familyOf(props.recipe).takes(material, some)
}
const kinds = computed(() =>
  kindsIn(family.value)
    .filter((id) => takes(KINDS[id]))
    .map((value) => ({ value, words: shortWords(value) })),
)
/** What the open drawer is called; a list of pitches lies in none. */
const drawer = computed(() => (family.value === 'free' ? '' : t(FAMILY_WORDS[family.value])))
const families = computed(() =>
  FAMILIES.filter((each) => kindsIn(each).some((id) => takes(KINDS[id]))).map((value) => ({
    value,
    words: t(FAMILY_WORDS[value as keyof typeof FAMILY_WORDS]),
  })),
)

const signsOf = (fifths: number): string =>
  fifths === 0
    ? t('desk.key-choice.no-signs')
    : t('desk.key-choice.signs', { count: Math.abs(fifths), of: fifths < 0 ? 'flat' : 'sharp' })
/** By the circle from flats to sharps; or by fourths, from C on and round, as many mallet players go. */
const order = useLocalStorage<'circle' | 'fourths'>('tactum key order', 'circle')
const ordered = computed(() => {
  const byCircle = usualTonics(kind.value)
  if (order.value === 'circle') return byCircle
  const fourths = byCircle.toReversed()
  const start = fourths.findIndex((note) => noteName(note) === 'C')
  return [...fourths.slice(start), ...fourths.slice(0, start)]
})
const tonics = computed(() =>
  ordered.value.map((note) => ({
    name: noteName(note),
    words: printedName(note),
    signs: kind.value.signature === null ? t('desk.key-choice.signature-none') : signsOf(signatureOf(note, kind.value)),
  })),
)

/** Another kind keeps the tonic if it is usual there, else takes its twin, else begins on C. */
function chooseKind(id: KindId): void {
  const usual = usualTonics(KINDS[id]).map(noteName)
  const here = parseNote(tonic.value)
  const twin = twinOf(here, KINDS[id])
  const next = [tonic.value, twin && noteName(twin)].find((name) => name && usual.includes(name))
  emit('choose', { tonic: next ?? 'C', kind: id })
}

const INVERSIONS = [
  t('desk.key-choice.root-position'),
  t('desk.key-choice.first-inversion'),
  t('desk.key-choice.second-inversion'),
  t('desk.key-choice.third-inversion'),
]
const inversions = computed(() => (named.value ? inversionsOf(kind.value) : 1))
const SIGNATURE_WORDS: Record<Signature, string> = {
  own: t('desk.key-choice.its-own'),
  parallel: t('desk.key-choice.signature-parent'),
  none: t('desk.key-choice.none'),
}
const isMode = computed(() => named.value && kind.value.family === 'mode')
</script>

<template>
  <WordPanel :words="words" :label="t('desk.key-choice.key', { words })">
    <div class="w-[700px] p-4">
      <div class="grid grid-cols-[250px_140px_1fr]">
        <div class="pr-4">
          <p class="quiet mb-2 text-[13px]">
            {{ order === 'circle' ? t('desk.key-choice.order-circle-why') : t('desk.key-choice.order-fourths') }}
            <button type="button" class="text-button ml-1" @click="order = order === 'circle' ? 'fourths' : 'circle'">
              {{ order === 'circle' ? t('desk.key-choice.by-fourths') : t('desk.key-choice.order-circle') }}
            </button>
          </p>
          <div
            role="group"
            :aria-label="order === 'circle' ? t('desk.key-choice.tonic-circle') : t('desk.key-choice.tonic-fourths')"
            class="grid grid-cols-5 gap-1"
          >
            <button
              v-for="each in tonics"
              :key="each.name"
              type="button"
              class="tonic font-serif text-[18px]"
              :aria-pressed="named !== null && each.name === tonic"
              :aria-label="`${each.words}, ${each.signs}`"
              :title="each.signs"
              @click="
                emit('choose', {
                  tonic: each.name,
                  kind: kind.id as KindId,
                  ...(named?.inversion ? { inversion: named.inversion } : {}),
                })
              "
            >
              {{ each.words }}
            </button>
          </div>
        </div>
        <ChoiceGroup
          class="border-l border-rule"
          :label="t('desk.key-choice.family')"
          :value="family"
          :choices="families"
          @choose="family = $event"
        />
        <ChoiceGroup
          class="max-h-[310px] overflow-y-auto border-l border-rule"
          :label="t('desk.key-choice.kind', { family: drawer })"
          :value="named ? kind.id : ''"
          :choices="kinds"
          @choose="chooseKind($event as KindId)"
        />
      </div>
      <div v-if="inversions > 1" role="group" :aria-label="t('desk.key-choice.inversion')" class="row">
        <span class="quiet w-[80px] text-[13px]">{{ t('desk.key-choice.begins-in') }}</span>
        <button
          v-for="(each, inversion) in INVERSIONS.slice(0, inversions)"
          :key="each"
          type="button"
          class="small"
          :aria-pressed="(named?.inversion ?? 0) === inversion"
          @click="emit('choose', { tonic, kind: kind.id as KindId, inversion })"
        >
          {{ each }}
        </button>
      </div>
      <div v-if="overIt.length" role="group" :aria-label="t('desk.key-choice.scales')" class="row">
        <span class="quiet text-[13px]">{{ t('desk.key-choice.scales') }}</span>
        <button
          v-for="each in overIt"
          :key="each.words"
          type="button"
          class="small"
          @click="emit('choose', each.scale)"
        >
          {{ each.words }}
        </button>
      </div>
      <div v-if="isMode" role="group" :aria-label="t('desk.key-choice.key-signature')" class="row">
        <span class="quiet w-[80px] text-[13px]">{{ t('desk.key-choice.signature') }}</span>
        <button
          v-for="each in SIGNATURES"
          :key="each"
          type="button"
          class="small"
          :aria-pressed="signature === each"
          @click="emit('sign', each)"
        >
          {{ SIGNATURE_WORDS[each] }}
        </button>
        <span class="quiet text-[13px]">{{ t('desk.key-choice.signature-why') }}</span>
      </div>
      <div role="group" :aria-label="t('desk.key-choice.clefs')" class="row">
        <span class="quiet w-[80px] text-[13px]">{{ t('desk.key-choice.clefs') }}</span>
        <button
          v-for="each in CLEFS"
          :key="each"
          type="button"
          class="small"
          :aria-pressed="recipe.clefs === each"
          @click="emit('write', each)"
        >
          {{ t('name.clefs', { clefs: each }) }}
        </button>
      </div>
      <ul v-if="beside.length" class="quiet mt-3 border-t border-rule pt-[10px] text-[13px] leading-[1.5]">
        <li v-for="each in beside" :key="each">{{ each }}</li>
      </ul>
      <PitchEntry :material="material" @choose="emit('choose', $event)" />
    </div>
  </WordPanel>
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
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px;
  margin-top: 12px;
  border-top: 1px solid var(--color-rule);
  padding-top: 10px;
}
.small {
  min-height: 30px;
  padding: 2px 9px;
  font-size: 14px;
}
.small:hover {
  background: var(--color-page);
}
.small[aria-pressed='true'] {
  font-weight: 650;
  box-shadow: inset 0 -3px 0 var(--color-ink);
}
</style>
