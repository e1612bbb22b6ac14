<script setup lang="ts">
import { computed } from 'vue'
import { KINDS } from '#core/material'
import { choiceMessage, shapeMessage } from '#core/realise'
import { isFree, NO_BOOKENDS, PLAIN_RHYTHM, usualNotesPerBeat } from '#core/study'
import { type Recipe, type RecipeInput, shapesFor } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t, formatMessage } from '~/composables/words'

/** How the course is shaped: figure, walk, journey, accompaniment, bookends; only what this study can take. */
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

/** Choices of one part, in words. */
const choicesOf = (part: Part) => {
  return can.value[part].map((value) => ({
    value: value as string,
    words: formatMessage(choiceMessage(part, value as never)),
  }))
}
const PATTERN = ['figure', 'walk', 'journey', 'accompaniment'] as const
const BOOKENDS = ['before', 'after'] as const
const TITLES = {
  figure: t('desk.shape-choice.figure'),
  walk: t('desk.shape-choice.walk'),
  journey: t('desk.shape-choice.journey'),
  accompaniment: t('desk.shape-choice.the-hands'),
  before: t('desk.shape-choice.before-it'),
  after: t('desk.shape-choice.after-it'),
} as const

type Part = keyof typeof TITLES
const partsOf = (parts: readonly Part[]) =>
  parts
    .map((part) => ({
      part,
      title: TITLES[part],
      now: (part === 'before' || part === 'after' ? props.recipe.bookends[part] : props.recipe.pattern[part]) as string,
      choices: choicesOf(part),
    }))
    .filter(({ choices }) => choices.length > 1)
const pattern = computed(() => partsOf(PATTERN))
const bookends = computed(() => partsOf(BOOKENDS))

/** Another figure takes its own notes to the beat, unless the teacher asked for others. */
function choosePattern(part: Part, value: string): void {
  const { pattern: before, tempo } = props.recipe
  const usual = tempo.notesPerBeat === usualNotesPerBeat(before)
  emit('change', {
    pattern: { ...before, [part]: value },
    ...(part === 'figure' && usual ? { tempo: { bpm: tempo.bpm } } : {}),
  })
}
const chooseBookend = (part: Part, value: string): void =>
  emit('change', { bookends: { ...props.recipe.bookends, [part]: value } })
const straighten = (): void => emit('change', { pattern: {}, bookends: NO_BOOKENDS })
</script>

<template>
  <WordPanel :words="words" :label="t('desk.shape-choice.pattern', { words })">
    <div class="shape">
      <p v-if="pattern.length === 0" class="quiet p-3">{{ t('desk.shape-choice.no-pattern') }}</p>
      <div v-else class="flex">
        <div v-for="each in pattern" :key="each.part" class="column">
          <p class="head">{{ each.title }}</p>
          <ChoiceGroup
            :label="each.title"
            :value="each.now"
            :choices="each.choices"
            @choose="choosePattern(each.part, $event)"
          />
        </div>
        <div v-if="bookends.length" class="column">
          <template v-for="each in bookends" :key="each.part">
            <p class="head">{{ each.title }}</p>
            <ChoiceGroup
              :label="each.title"
              :value="each.now"
              :choices="each.choices"
              @choose="chooseBookend(each.part, $event)"
            />
          </template>
        </div>
      </div>
      <p v-if="pattern.length" class="quiet flex border-t border-rule px-[14px] py-2 text-[13px]">
        {{ t('desk.shape-choice.combine') }}
        <button type="button" class="text-button ml-auto text-ink" @click="straighten">
          {{ t('desk.shape-choice.straight-again') }}
        </button>
      </p>
    </div>
  </WordPanel>
</template>
