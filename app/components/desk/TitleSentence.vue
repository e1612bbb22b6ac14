<script setup lang="ts">
import { computed, ref } from 'vue'
import { familyOf, overlaid, type Recipe, type RecipeInput, withMaterial } from '#core/instrument'
import { parseNote, printedName } from '#core/pitch'
import { materialName, octavesMessage, type RealisedStudy } from '#core/realise'
import { COURSES, handsOf, isFree } from '#core/study'
import { viewOf } from '~/components/instrument'
import KeyChoice from './KeyChoice.vue'
import RhythmChoice from './RhythmChoice.vue'
import ShapeChoice from './ShapeChoice.vue'
import TempoChoice from './TempoChoice.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import { t, formatMessage } from '~/composables/words'

/** The title is the control: every dotted word opens its choices where it stands. */
const props = defineProps<{ recipe: RecipeInput; study: RealisedStudy }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

/** What is asked, shown at once; what the core filled in, for everything else. */
/** On a phone the title has two lines; the rest is behind a word. */
const whole = ref(false)
const now = computed<Recipe>(() => overlaid(props.study.recipe, props.recipe))
const view = computed(() => viewOf(props.study))
const named = computed(() => (isFree(now.value.material) ? null : now.value.material))
const keyWords = computed(() => formatMessage(materialName(now.value)))
const change = (some: Partial<RecipeInput>): void => emit('change', some)
const chooseMaterial = (material: Recipe['material']): void => change(withMaterial(now.value, material))

const OCTAVES = [1, 2, 3, 4].map((value) => ({ value, words: formatMessage(octavesMessage(value)) }))
const COURSE_WORDS = {
  'up-down': t('desk.title-sentence.course-up-down'),
  up: t('desk.title-sentence.up-only'),
  down: t('desk.title-sentence.down-only'),
  'down-up': t('desk.title-sentence.course-down-up'),
}
const courses = COURSES.map((value) => ({ value, words: COURSE_WORDS[value] }))
/** A study that lies within no compass begins where the instrument has it. */
const placed = computed(() => handsOf(now.value.hands).some((hand) => familyOf(now.value).hasCompass(hand)))
const starts = computed(() =>
  Array.from({ length: 7 }, (_, at) => ({
    value: at + 1,
    words: t('desk.title-sentence.from', {
      parseNote: named.value ? printedName(parseNote(named.value.tonic)) : '',
      value: at + 1,
    }),
    note: at + 1 === props.study.recipe.startOctave ? t('desk.title-sentence.as-listed') : '',
  })),
)
const startWords = computed(
  () =>
    starts.value.find((each) => each.value === now.value.startOctave)?.words ??
    t('desk.title-sentence.octave', { startOctave: now.value.startOctave }),
)
</script>

<template>
  <h1
    class="flex flex-wrap items-baseline gap-x-[10px] text-[26px] leading-[1.3] max-sm:gap-x-[7px] max-sm:text-[19px] max-sm:leading-[1.5]"
  >
    <KeyChoice
      :material="now.material"
      :signature="now.signature"
      :recipe="now"
      :words="keyWords"
      @choose="chooseMaterial"
      @write="emit('change', { clefs: $event })"
      @sign="emit('change', { signature: $event })"
    />
    <span class="dot" aria-hidden="true">·</span>
    <component :is="view.Players" :recipe="now" @change="change" />
    <span v-if="named && familyOf(now).inOctaves(now)" class="dot" aria-hidden="true">·</span>
    <WordChoice
      v-if="named && familyOf(now).inOctaves(now)"
      :label="t('desk.title-sentence.octaves')"
      :words="formatMessage(octavesMessage(now.octaves))"
      :value="now.octaves"
      :options="OCTAVES"
      @choose="emit('change', { octaves: $event })"
    />
    <span class="dot" :class="{ 'max-sm:hidden': !whole }" aria-hidden="true">·</span>
    <component :is="view.Strokes" :class="{ 'max-sm:hidden': !whole }" :recipe="now" :study="study" @change="change" />
    <span class="dot" aria-hidden="true">·</span>
    <TempoChoice :tempo="now.tempo" @choose="emit('change', { tempo: $event })" />
    <button
      type="button"
      class="text-button font-sans text-[14px] font-normal sm:hidden"
      :aria-expanded="whole"
      :aria-label="t('desk.title-sentence.more-label')"
      @click="whole = !whole"
    >
      {{ whole ? t('desk.title-sentence.less') : t('desk.title-sentence.more') }}
    </button>
    <span class="aside quiet ml-1 text-[16px] font-normal" :class="{ 'max-sm:hidden': !whole }">
      <WordChoice
        :label="t('desk.title-sentence.course')"
        :words="COURSE_WORDS[now.course]"
        :value="now.course"
        :options="courses"
        @choose="emit('change', { course: $event })"
      /><template v-if="named">, </template>
      <WordChoice
        v-if="named && placed"
        :label="t('desk.title-sentence.start')"
        :words="startWords"
        :value="now.startOctave"
        :options="starts"
        @choose="emit('change', { startOctave: $event })"
      />
      <template v-if="named"
        ><template v-if="placed">, </template><ShapeChoice :recipe="now" @change="change" />,
        <RhythmChoice :recipe="now" @change="change"
      /></template>
      <template v-if="view.Last">, <component :is="view.Last" :recipe="now" @change="change" /></template>
    </span>
    <button
      v-if="study.twin && named"
      type="button"
      class="aside quiet text-[15px] font-normal hover:underline"
      :class="{ 'max-sm:hidden': !whole }"
      :title="t('desk.title-sentence.twin')"
      @click="emit('change', { material: { ...named, tonic: study.twin.tonic } })"
    >
      = {{ formatMessage(study.twin.title) }}
    </button>
  </h1>
</template>

<style scoped>
.dot {
  color: var(--color-soft);
  font-weight: 400;
}
</style>
