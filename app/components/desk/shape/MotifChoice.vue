<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { motifWritten, typedMotif } from '#core/call'
import { choiceMessage } from '#core/realise'
import type { Recipe, RecipeInput } from '#core/instrument'
import { type Figure, isFree, type Motif, patternNamed, PLAIN_PATTERN } from '#core/study'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { formatMessage, t } from '~/composables/words'
import MotifStair from './MotifStair.vue'
import PlayedIn from './PlayedIn.vue'
import TypedField from './TypedField.vue'

/** What is moved: a figure by its name, or a motif of one's own, typed, clicked on its stair. */
const props = defineProps<{ recipe: Recipe; figures: readonly Figure[]; takesMotif: boolean }>()
const emit = defineEmits<{ change: [pattern: NonNullable<RecipeInput['pattern']>] }>()

const motif = computed(() => props.recipe.pattern.motif)
const text = ref('')
watch(motif, (next) => (text.value = next ? motifWritten(next) : ''), { immediate: true })

const read = computed(() => {
  const { material } = props.recipe
  return isFree(material) || text.value.trim() === '' ? null : typedMotif(text.value, material)
})
const fault = computed(() => (read.value && 'fault' in read.value ? formatMessage(read.value.fault) : ''))

/** A motif stands in the place of figure and walk. */
const take = (own: Motif, step: number | null = null): void =>
  emit('change', {
    motif: own,
    figure: PLAIN_PATTERN.figure,
    walk: PLAIN_PATTERN.walk,
    ...(step === null ? {} : { sequence: { ...props.recipe.pattern.sequence, step } }),
  })
function takeTyped(): void {
  if (read.value && 'motif' in read.value) take(read.value.motif, read.value.step)
}
const takeFigure = (figure: string): void =>
  emit('change', { motif: null, sequence: PLAIN_PATTERN.sequence, figure: figure as Figure })

const choices = computed(() =>
  props.figures.map((figure) => ({
    value: figure as string,
    words: formatMessage(
      figure === PLAIN_PATTERN.figure ? choiceMessage('figure', PLAIN_PATTERN.figure) : patternNamed(figure),
    ),
  })),
)
const START: Motif = [1, 2, 3, 1]
</script>

<template>
  <div>
    <TypedField
      v-if="takesMotif"
      id="motif-text"
      v-model="text"
      :label="t('desk.shape-it.own')"
      :example="t('desk.shape-it.example')"
      :most="200"
      :ready="read !== null && fault === ''"
      :fault="fault"
      @use="takeTyped"
    >
      <MotifStair v-if="motif" :motif="motif" @change="take($event)" />
    </TypedField>
    <PlayedIn v-if="takesMotif" :recipe="recipe" @use="take($event)">
      <button v-if="!motif" type="button" class="text-button text-[13px]" @click="take(START)">
        {{ t('desk.shape-it.begin') }}
      </button>
    </PlayedIn>
    <ChoiceGroup
      class="figures"
      :label="t('desk.shape-it.named')"
      :value="motif ? '' : recipe.pattern.figure"
      :choices="choices"
      @choose="takeFigure"
    />
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-auto-flow: column;
  grid-template-rows: repeat(7, auto);
}
@media (width < 640px) {
  .figures {
    display: block;
  }
}
</style>
