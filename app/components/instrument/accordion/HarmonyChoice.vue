<script setup lang="ts">
import { computed } from 'vue'
import { type AccordionRecipe, type Degree, DEGREES, HARMONIES, type LeftSettings } from '#core/buttons'
import type { RecipeInput } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { t } from '~/composables/words'

/** How the left hand's strokes go: how often, how long chords last, and which chord each bar has. */
const props = defineProps<{ recipe: AccordionRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const left = computed(() => props.recipe.accordion.left)
const set = (some: Partial<LeftSettings>): void =>
  emit('change', { accordion: { ...props.recipe.accordion, left: { ...left.value, ...some } } })
const EVERY = ([1, 2] as const).map((value) => ({ value, words: t('accordion.every', { every: value }) }))
const HELD = (['no', 'yes'] as const).map((value) => ({ value, words: t('accordion.held', { held: value }) }))
const harmonies = HARMONIES.map((value) => ({
  value,
  words: t('accordion.harmony', { harmony: value }),
  note: t('accordion.harmony.note', { harmony: value }),
}))
const DEFAULT: readonly Degree[] = ['I', 'I', 'V7', 'I']
const setHarmony = (harmony: LeftSettings['harmony']): void =>
  set({ harmony, ...(harmony === 'own' && left.value.bars.length === 0 ? { bars: DEFAULT } : {}) })
const setBar = (at: number, degree: Degree): void =>
  set({ bars: left.value.bars.map((each, bar) => (bar === at ? degree : each)) })
</script>

<template>
  <div v-if="left.part === 'alternating' || left.part === 'chords'" class="column">
    <p class="head">{{ t('accordion.strokes') }}</p>
    <ChoiceGroup
      :label="t('accordion.strokes')"
      :value="left.every"
      :choices="EVERY"
      @choose="set({ every: $event })"
    />
    <template v-if="left.part === 'chords'">
      <p class="head">{{ t('accordion.chords-are') }}</p>
      <ChoiceGroup
        :label="t('accordion.chords-are')"
        :value="left.held ? 'yes' : 'no'"
        :choices="HELD"
        @choose="set({ held: $event === 'yes' })"
      />
    </template>
  </div>
  <div v-if="left.part !== 'cadence'" class="column max-w-[300px]">
    <p class="head">{{ t('accordion.harmony.head') }}</p>
    <ChoiceGroup
      :label="t('accordion.harmony.head')"
      tall
      :value="left.harmony"
      :choices="harmonies"
      @choose="setHarmony"
    />
    <div v-if="left.harmony === 'own'" class="px-[14px] pb-2">
      <p class="quiet text-[13px]">{{ t('accordion.bars') }}</p>
      <ol class="flex flex-wrap gap-1">
        <li v-for="(degree, bar) in left.bars" :key="bar">
          <select
            class="field w-[62px]"
            :aria-label="t('accordion.bar', { bar: bar + 1 })"
            :value="degree"
            @change="setBar(bar, ($event.target as HTMLSelectElement).value as Degree)"
          >
            <option v-for="each in DEGREES" :key="each" :value="each">{{ each }}</option>
          </select>
        </li>
      </ol>
      <p class="mt-1 flex gap-4 text-[13px]">
        <button type="button" class="underline" @click="set({ bars: [...left.bars, 'I'] })">
          {{ t('accordion.bar.more') }}
        </button>
        <button
          v-if="left.bars.length > 1"
          type="button"
          class="underline"
          @click="set({ bars: left.bars.slice(0, -1) })"
        >
          {{ t('accordion.bar.fewer') }}
        </button>
      </p>
    </div>
  </div>
</template>
