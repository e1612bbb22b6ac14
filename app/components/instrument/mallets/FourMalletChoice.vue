<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import {
  LONG_FIGURES,
  permutations,
  strokeTypes,
  DEFAULT_FIGURES,
  type Mallets,
  REACH_RANGE,
  strokesOf,
} from '#core/sticking'
import type { RecipeInput } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { t } from '~/composables/words'

/** Four mallets: the order of their strokes, the chord they are held over, how they are numbered, how far a hand reaches. */
const props = defineProps<{ mallets: Mallets }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const change = (some: Partial<Mallets>): void => emit('change', { mallets: { ...props.mallets, ...some } })
/** All 24 orders by the stroke that they begin with; the usual ones are set bold. */
const groups = computed(() => {
  const byStroke = new Map<string, string[]>()
  for (const { figure, stroke } of permutations(props.mallets.numbering)) {
    const words = t(`stroke.${stroke}`)
    byStroke.set(words, [...(byStroke.get(words) ?? []), figure])
  }
  return [...byStroke].map(([words, figures]) => ({ words, figures }))
})
const usual = new Set<string>(DEFAULT_FIGURES)
const typed = ref(props.mallets.figure)
watch(
  () => props.mallets.figure,
  (figure) => (typed.value = figure),
)
const strokes = computed(() => {
  const { figure, numbering } = props.mallets
  // a figure that is none has been refused, and is still being typed
  if (!strokesOf(figure)) return ''
  return [...new Set(strokeTypes(figure, numbering))].map((type) => t(`stroke.${type}`)).join('; ')
})
const SHAPES = [
  { value: '0 2 4 7', words: t('mallets.four-mallet-choice.chord-triad') },
  { value: '0 2 4 6', words: t('mallets.four-mallet-choice.seventh-chord') },
  { value: '0 4 7 9', words: t('mallets.four-mallet-choice.chord-open') },
  { value: '0 2 7 9', words: t('mallets.four-mallet-choice.chord-thirds') },
  { value: '0 5 7 12', words: t('mallets.four-mallet-choice.chord-sixths') },
] as const
const shape = computed(() => props.mallets.shape.join(' '))
const NUMBERINGS = [
  { value: 'low-to-high', words: t('mallets.four-mallet-choice.from-lowest') },
  { value: 'high-to-low', words: t('mallets.four-mallet-choice.from-highest') },
] as const
</script>

<template>
  <div class="column w-[300px]">
    <p class="head">{{ t('mallets.four-mallet-choice.order') }}</p>
    <div class="px-[14px]">
      <div v-for="group in groups" :key="group.words" class="mb-2">
        <p class="quiet text-[12.5px]">{{ t('mallets.four-mallet-choice.begins', { words: group.words }) }}</p>
        <div
          role="group"
          :aria-label="t('mallets.four-mallet-choice.begins-with', { words: group.words })"
          class="flex flex-wrap"
        >
          <button
            v-for="figure in group.figures"
            :key="figure"
            type="button"
            class="figure"
            :class="{ usual: usual.has(figure) }"
            :aria-pressed="mallets.figure === figure"
            @click="change({ figure })"
          >
            {{ figure }}
          </button>
        </div>
      </div>
      <p class="quiet text-[12.5px]">{{ t('mallets.four-mallet-choice.order-why') }}</p>
      <div class="flex flex-wrap items-center">
        <button
          v-for="figure in [...LONG_FIGURES, '(12)(34)']"
          :key="figure"
          type="button"
          class="figure"
          :aria-pressed="mallets.figure === figure"
          @click="change({ figure })"
        >
          {{ figure }}
        </button>
      </div>
      <form class="mt-1 flex items-center gap-2 text-[13px]" @submit.prevent="change({ figure: typed })">
        <label for="figure">{{ t('mallets.four-mallet-choice.your-own') }}</label>
        <input id="figure" v-model.trim="typed" class="field w-[120px]" maxlength="32" />
        <button type="submit" class="plain-button">{{ t('mallets.four-mallet-choice.take') }}</button>
      </form>
      <p class="quiet mt-1 text-[12.5px]">{{ strokes }}</p>
    </div>
  </div>
  <div class="column max-w-[260px]">
    <p class="head">{{ t('mallets.four-mallet-choice.chord-label') }}</p>
    <ChoiceGroup
      :label="t('mallets.four-mallet-choice.chord')"
      :value="shape"
      :choices="SHAPES"
      @choose="change({ shape: $event.split(' ').map(Number) })"
    />
    <p class="head">{{ t('mallets.four-mallet-choice.numbering') }}</p>
    <ChoiceGroup
      :label="t('mallets.four-mallet-choice.numbering')"
      :value="mallets.numbering"
      :choices="NUMBERINGS"
      @choose="change({ numbering: $event })"
    />
    <label class="block px-[14px] pt-2 text-[13px]">
      {{ t('mallets.four-mallet-choice.reach') }}
      <input
        class="field w-[72px] tabular-nums"
        type="number"
        step="10"
        :min="REACH_RANGE.least"
        :max="REACH_RANGE.most"
        :value="mallets.reach"
        @change="change({ reach: Number(($event.target as HTMLInputElement).value) })"
      />
      {{ t('mallets.four-mallet-choice.mm') }}
      <span class="quiet block text-[12.5px]">{{ t('mallets.four-mallet-choice.reach-why') }}</span>
    </label>
  </div>
</template>

<style scoped>
.figure {
  min-height: 26px;
  padding: 1px 6px;
  font-family: var(--font-serif);
  font-size: 13.5px;
  font-variant-numeric: tabular-nums;
}
.figure:hover {
  background: var(--color-page);
}
.figure.usual {
  font-weight: 650;
}
.figure[aria-pressed='true'] {
  background: var(--color-ink);
  color: var(--color-sheet);
}
</style>
