<script setup lang="ts">
import { computed } from 'vue'
import { KINDS } from '#core/material'
import { choiceMessage, shapeMessage } from '#core/realise'
import { isFree, NO_BOOKENDS, PLAIN_RHYTHM, usualNotesPerBeat } from '#core/study'
import { type Recipe, type RecipeInput, shapesFor } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t, formatMessage } from '~/composables/words'
import CadenceChoice from './shape/CadenceChoice.vue'
import KeyJoints from './shape/KeyJoints.vue'
import KeysTravelled from './shape/KeysTravelled.vue'
import LineSketch from './shape/LineSketch.vue'
import MotifChoice from './shape/MotifChoice.vue'
import WayChoice from './shape/WayChoice.vue'

/** Shape it: motif, how it moves, through which keys, what the hands do, what stands before and after; drawn at once. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const kind = computed(() => (isFree(props.recipe.material) ? null : KINDS[props.recipe.material.kind]))
const can = computed(() => shapesFor(kind.value, props.recipe))
const words = computed(
  () =>
    shapeMessage({ ...props.recipe, rhythm: PLAIN_RHYTHM })
      .map(formatMessage)
      .join(', ') || formatMessage(choiceMessage('figure', 'straight')),
)
const takesAny = computed(
  () =>
    can.value.motif ||
    [can.value.figure, can.value.walk, can.value.accompaniment, can.value.before].some((some) => some.length > 1),
)

type Part = 'accompaniment' | 'before' | 'after'
const TITLES = {
  accompaniment: t('desk.shape-choice.the-hands'),
  before: t('desk.shape-choice.before-it'),
  after: t('desk.shape-choice.after-it'),
} as const
const rest = computed(() =>
  (['accompaniment', 'before', 'after'] as const)
    .map((part: Part) => ({
      part,
      title: TITLES[part],
      now: (part === 'accompaniment' ? props.recipe.pattern.accompaniment : props.recipe.bookends[part]) as string,
      choices: can.value[part].map((value) => ({
        value: value as string,
        words: formatMessage(choiceMessage(part, value as never)),
      })),
    }))
    .filter(({ choices }) => choices.length > 1),
)

/** Another motif takes its own notes to the beat, unless the teacher asked for others. */
function reshape(some: NonNullable<RecipeInput['pattern']>): void {
  const { pattern: before, tempo } = props.recipe
  const usual = tempo.notesPerBeat === usualNotesPerBeat(before)
  const another = 'motif' in some || 'figure' in some
  emit('change', { pattern: { ...before, ...some }, ...(another && usual ? { tempo: { bpm: tempo.bpm } } : {}) })
}
function choose(part: Part, value: string): void {
  if (part === 'accompaniment') reshape({ accompaniment: value as never })
  else emit('change', { bookends: { ...props.recipe.bookends, [part]: value } })
}
const straighten = (): void => emit('change', { pattern: {}, bookends: NO_BOOKENDS })
</script>

<template>
  <WordPanel :words="words" :label="t('desk.shape-choice.pattern', { words })">
    <div class="shape">
      <p v-if="!takesAny" class="quiet p-3">{{ t('desk.shape-choice.no-pattern') }}</p>
      <template v-else>
        <div class="border-b border-rule px-[14px] py-1"><LineSketch :recipe="recipe" /></div>
        <div class="flex flex-wrap">
          <div class="column">
            <p class="head">{{ t('desk.shape-it.motif') }}</p>
            <MotifChoice :recipe="recipe" :figures="can.figure" :takes-motif="can.motif" @change="reshape" />
          </div>
          <div class="column">
            <p class="head">{{ t('desk.shape-it.moves') }}</p>
            <WayChoice :recipe="recipe" :walks="can.walk" @change="reshape" />
            <KeyJoints :recipe="recipe" @change="reshape" />
          </div>
          <div v-if="can.keySteps.length" class="column">
            <p class="head">{{ t('desk.shape-it.keys') }}</p>
            <KeysTravelled :recipe="recipe" :steps="can.keySteps" @change="reshape" />
          </div>
          <div v-if="rest.length" class="column">
            <template v-for="each in rest" :key="each.part">
              <p class="head">{{ each.title }}</p>
              <ChoiceGroup
                :label="each.title"
                :value="each.now"
                :choices="each.choices"
                @choose="choose(each.part, $event)"
              />
            </template>
            <CadenceChoice
              v-if="recipe.bookends.after === 'cadence'"
              :recipe="recipe"
              @change="emit('change', { bookends: { ...recipe.bookends, ...$event } })"
            />
          </div>
        </div>
        <p class="quiet flex px-[14px] py-2 text-[13px]">
          {{ t('desk.shape-choice.combine') }}
          <button type="button" class="text-button ml-auto text-ink" @click="straighten">
            {{ t('desk.shape-choice.straight-again') }}
          </button>
        </p>
      </template>
    </div>
  </WordPanel>
</template>
