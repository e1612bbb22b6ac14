<script setup lang="ts">
import { computed } from 'vue'
import { parseNote, printedName } from '#core/pitch'
import { octaveWords } from '#core/realise'
import { ARTICULATIONS, COURSES, type Recipe, type RecipeInput } from '#core/study'
import { KINDS } from '#core/material'
import type { RealisedStudy } from '#core/realise'
import KeyChoice from './KeyChoice.vue'
import TempoChoice from './TempoChoice.vue'
import WordChoice from './WordChoice.vue'

/** The title is the control: every dotted word opens its choices where it stands. */
const props = defineProps<{ recipe: RecipeInput; study: RealisedStudy }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

/** What is asked, shown at once; what the core filled in, for everything else. */
const now = computed<Recipe>(() => {
  const { recipe } = props.study
  return { ...recipe, ...props.recipe, tempo: { ...recipe.tempo, ...props.recipe.tempo } } as Recipe
})
const keyWords = computed(
  () => `${printedName(parseNote(now.value.material.tonic))} ${KINDS[now.value.material.kind].words}`,
)

const HANDS = [
  { value: 'together similar', words: 'hands together' },
  { value: 'together contrary', words: 'contrary motion' },
  { value: 'right similar', words: 'right hand' },
  { value: 'left similar', words: 'left hand' },
] as const
const hands = computed(() => `${now.value.hands} ${now.value.hands === 'together' ? now.value.motion : 'similar'}`)
const handsNow = computed(() => HANDS.find((each) => each.value === hands.value) ?? HANDS[0])
function chooseHands(value: string): void {
  const [which, motion] = value.split(' ') as [Recipe['hands'], Recipe['motion']]
  emit('change', { hands: which, motion })
}

const OCTAVES = [1, 2, 3, 4].map((value) => ({ value, words: octaveWords(value) }))
const COURSE_WORDS = { 'up-down': 'up and down', up: 'up only', down: 'down only', 'down-up': 'down and up' }
const courses = COURSES.map((value) => ({ value, words: COURSE_WORDS[value] }))
const touches = ARTICULATIONS.map((value) => ({ value, words: value }))
const starts = computed(() =>
  Array.from({ length: 7 }, (_, at) => ({
    value: at + 1,
    words: `from ${printedName(parseNote(now.value.material.tonic))}${at + 1}`,
    note: at + 1 === props.study.recipe.startOctave ? 'as it stands' : '',
  })),
)
const startWords = computed(
  () => starts.value.find((each) => each.value === now.value.startOctave)?.words ?? `octave ${now.value.startOctave}`,
)
</script>

<template>
  <h1 class="flex flex-wrap items-baseline gap-x-[10px] text-[26px] leading-[1.3]">
    <KeyChoice
      :tonic="now.material.tonic"
      :kind="now.material.kind"
      :words="keyWords"
      @choose="emit('change', { material: $event })"
    />
    <span class="dot" aria-hidden="true">·</span>
    <WordChoice label="Hands" :words="handsNow.words" :value="hands" :options="HANDS" @choose="chooseHands" />
    <span class="dot" aria-hidden="true">·</span>
    <WordChoice
      label="Octaves"
      :words="octaveWords(now.octaves)"
      :value="now.octaves"
      :options="OCTAVES"
      @choose="emit('change', { octaves: $event })"
    />
    <span class="dot" aria-hidden="true">·</span>
    <WordChoice
      label="Touch"
      :words="now.articulation"
      :value="now.articulation"
      :options="touches"
      @choose="emit('change', { articulation: $event })"
    />
    <span class="dot" aria-hidden="true">·</span>
    <TempoChoice :tempo="now.tempo" @choose="emit('change', { tempo: $event })" />
    <span class="aside quiet ml-1 text-[16px] font-normal">
      <WordChoice
        label="Course"
        :words="COURSE_WORDS[now.course]"
        :value="now.course"
        :options="courses"
        @choose="emit('change', { course: $event })"
      />,
      <WordChoice
        label="Start"
        :words="startWords"
        :value="now.startOctave"
        :options="starts"
        @choose="emit('change', { startOctave: $event })"
      />
    </span>
    <button
      v-if="study.twin"
      type="button"
      class="aside quiet text-[15px] font-normal hover:underline"
      title="The same keys under another name"
      @click="emit('change', { material: { ...now.material, tonic: study.twin.tonic } })"
    >
      = {{ study.twin.title }}
    </button>
  </h1>
</template>

<style scoped>
.dot {
  color: var(--color-soft);
  font-weight: 400;
}
</style>
