<script setup lang="ts">
import isSame from 'fast-deep-equal'
import { computed, defineAsyncComponent } from 'vue'
import { parseNote, printedName } from '#core/pitch'
import { hasLead, octaveWords } from '#core/realise'
import {
  ARTICULATIONS,
  COURSES,
  fitShape,
  type Hand,
  isFree,
  isMallets,
  type Recipe,
  type RecipeInput,
} from '#core/study'
import { FREE, KINDS } from '#core/material'
import type { RealisedStudy } from '#core/realise'
import InstrumentChoice from './InstrumentChoice.vue'
import KeyChoice from './KeyChoice.vue'
import RhythmChoice from './RhythmChoice.vue'
import { strokesFor } from './strokes'
import ShapeChoice from './ShapeChoice.vue'
import TempoChoice from './TempoChoice.vue'
import WordChoice from '~/components/frame/WordChoice.vue'

const StrokesChoice = defineAsyncComponent(() => import('./StrokesChoice.vue'))

/** The title is the control: every dotted word opens its choices where it stands. */
const props = defineProps<{ recipe: RecipeInput; study: RealisedStudy }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

/** What is asked, shown at once; what the core filled in, for everything else. */
const now = computed<Recipe>(() => {
  const { recipe: whole } = props.study
  const asked = props.recipe
  // until the study has moved to another sort of instrument, its words are still the old one's
  if (((asked.instrument ?? 'piano') === 'piano') !== !isMallets(whole)) return whole
  const parts = Object.fromEntries(PARTS.map((part) => [part, { ...whole[part], ...asked[part] }])) as unknown as Pick<
    Recipe,
    (typeof PARTS)[number]
  >
  const sticks = isMallets(whole)
    ? Object.fromEntries(STICK_PARTS.map((part) => [part, { ...whole[part], ...asked[part] }]))
    : {}
  return { ...whole, ...asked, ...parts, ...sticks } as Recipe
})
/** What of the pattern and the bookends goes with other material, or other hands. */
function fitted(material: Recipe['material'], some: Partial<HandsChoice>): Partial<RecipeInput> {
  const fit = fitShape(now.value, isFree(material) ? null : KINDS[material.kind], { ...now.value, ...some })
  return Object.fromEntries(
    Object.entries(fit).filter(([part, value]) => !isSame(value, now.value[part as keyof typeof fit])),
  )
}
const PARTS = ['tempo', 'pattern', 'rhythm', 'bookends'] as const
const STICK_PARTS = ['roll', 'mallets', 'bars'] as const
const LEADS = (['right', 'left'] as const).map((value) => ({ value, words: `${value} lead` }))
const INVERSIONS = ['', ', 1st inversion', ', 2nd inversion', ', 3rd inversion']
const named = computed(() => (isFree(now.value.material) ? null : now.value.material))
const keyWords = computed(() => {
  if (!named.value) return props.study.title.split(',')[0]!
  const { tonic, kind, inversion = 0 } = named.value
  return `${printedName(parseNote(tonic))} ${KINDS[kind].words}${INVERSIONS[inversion]}`
})
/** Runs alone have contrary motion, and hands a third, sixth or tenth apart. */
const kind = computed(() => (named.value ? KINDS[named.value.kind] : null))
const runs = computed(() => kind.value?.texture === 'run' && now.value.school !== 'two-hand-tetrachords')
const apart = computed(() => runs.value && !kind.value!.second && [7, 12].includes(kind.value!.up.length))

type HandsChoice = Pick<Recipe, 'hands' | 'motion' | 'interval' | 'tonicHand' | 'contraryFrom'>
const choice = (hands: Recipe['hands'], more: Partial<HandsChoice> = {}): HandsChoice => ({
  hands,
  motion: 'similar',
  interval: 'octave',
  tonicHand: 'left',
  contraryFrom: 'unison',
  ...more,
})
const optionOf = (value: HandsChoice, words: string, note = '') => ({ value: JSON.stringify(value), words, note })
const APART = (['third', 'sixth', 'tenth'] as const).flatMap((interval) =>
  (['left', 'right'] as const satisfies readonly Hand[]).map((tonicHand) =>
    optionOf(choice('together', { interval, tonicHand }), `a ${interval} apart`, `${tonicHand} hand on the tonic`),
  ),
)
const HANDS = computed(() => [
  optionOf(choice('together'), 'hands together'),
  ...(runs.value
    ? [
        optionOf(choice('together', { motion: 'contrary' }), 'contrary motion'),
        optionOf(choice('together', { motion: 'contrary', contraryFrom: 'octave' }), 'contrary, from an octave apart'),
      ]
    : []),
  optionOf(choice('right'), 'right hand'),
  optionOf(choice('left'), 'left hand'),
  ...(apart.value ? APART : []),
])
const hands = computed(() => {
  const { hands: which, motion, interval, tonicHand, contraryFrom } = now.value
  if (which !== 'together') return JSON.stringify(choice(which))
  if (motion === 'contrary') return JSON.stringify(choice(which, { motion, contraryFrom }))
  return JSON.stringify(interval === 'octave' ? choice(which) : choice(which, { interval, tonicHand }))
})
const handsWords = computed(() => HANDS.value.find((each) => each.value === hands.value)?.words ?? 'hands together')
/** Another family of material may lie elsewhere, be shorter, and know other ways for the hands. */
function chooseMaterial(material: Recipe['material']): void {
  const next = isFree(material) ? FREE : KINDS[material.kind]
  const before = kind.value ?? FREE
  const sameTexture = next.texture === before.texture
  const sameShape = sameTexture && !next.second === !before.second && next.up.length === before.up.length
  const keepsHands = sameShape || (next.texture === 'run' && now.value.interval === 'octave')
  const hands = keepsHands ? {} : ({ motion: 'similar', interval: 'octave' } as const)
  emit('change', {
    material,
    ...(sameTexture ? {} : { octaves: undefined, course: undefined, tempo: undefined }),
    ...hands,
    ...(isMallets(now.value) ? strokesFor(now.value, isFree(material) ? null : next) : {}),
    ...fitted(material, hands),
  })
}
function chooseHands(value: string): void {
  const chosen = JSON.parse(value) as HandsChoice
  emit('change', { ...chosen, ...fitted(now.value.material, chosen) })
}

const OCTAVES = [1, 2, 3, 4].map((value) => ({ value, words: octaveWords(value) }))
const COURSE_WORDS = { 'up-down': 'up and down', up: 'up only', down: 'down only', 'down-up': 'down and up' }
const courses = COURSES.map((value) => ({ value, words: COURSE_WORDS[value] }))
const touches = ARTICULATIONS.map((value) => ({ value, words: value }))
const starts = computed(() =>
  Array.from({ length: 7 }, (_, at) => ({
    value: at + 1,
    words: `from ${named.value ? printedName(parseNote(named.value.tonic)) : ''}${at + 1}`,
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
      :material="now.material"
      :signature="now.signature"
      :sticks="isMallets(now)"
      :words="keyWords"
      @choose="chooseMaterial"
      @sign="emit('change', { signature: $event })"
    />
    <span class="dot" aria-hidden="true">·</span>
    <template v-if="isMallets(now)">
      <InstrumentChoice :recipe="now" @change="emit('change', $event)" />
      <template v-if="hasLead(now)">
        <span class="dot" aria-hidden="true">·</span>
        <WordChoice
          label="Lead"
          :words="`${now.lead} lead`"
          :value="now.lead"
          :options="LEADS"
          @choose="emit('change', { lead: $event })"
        />
      </template>
    </template>
    <WordChoice v-else label="Hands" :words="handsWords" :value="hands" :options="HANDS" @choose="chooseHands" />
    <span v-if="named" class="dot" aria-hidden="true">·</span>
    <WordChoice
      v-if="named"
      label="Octaves"
      :words="octaveWords(now.octaves)"
      :value="now.octaves"
      :options="OCTAVES"
      @choose="emit('change', { octaves: $event })"
    />
    <span class="dot" aria-hidden="true">·</span>
    <StrokesChoice v-if="isMallets(now)" :recipe="now" :study="study" @change="emit('change', $event)" />
    <WordChoice
      v-else
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
      /><template v-if="named">, </template>
      <WordChoice
        v-if="named"
        label="Start"
        :words="startWords"
        :value="now.startOctave"
        :options="starts"
        @choose="emit('change', { startOctave: $event })"
      />
      <template v-if="named"
        >, <ShapeChoice :recipe="now" @change="emit('change', $event)" />,
        <RhythmChoice :recipe="now" @change="emit('change', $event)"
      /></template>
      <template v-if="!isMallets(now)">, <InstrumentChoice :recipe="now" @change="emit('change', $event)" /></template>
    </span>
    <button
      v-if="study.twin && named"
      type="button"
      class="aside quiet text-[15px] font-normal hover:underline"
      title="The same keys under another name"
      @click="emit('change', { material: { ...named, tonic: study.twin.tonic } })"
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
