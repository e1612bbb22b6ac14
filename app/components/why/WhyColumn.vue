<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, ref, watch } from 'vue'
import { NuxtLink } from '#components'
import { BEYOND, PRICE_SCALE } from '#core/fingering'
import { familyOf, type Other, type AnyPin, type Player, type RecipeInput } from '#core/instrument'
import { printedName } from '#core/pitch'
import { lineFor, notesMessages, othersOf, playersIn, type RealisedStudy } from '#core/realise'
import { partsMessage } from '#core/difficulty'
import { viewOf, wordsOf } from '~/components/instrument'
import type { Place } from '~/stores/desk'
import type { Lettered } from './letters'
import { useShowing } from '~/stores/showing'
import { t, formatMessage } from '~/composables/words'

const props = defineProps<{
  study: RealisedStudy
  lettered: readonly Lettered[]
  selected: Place | null
  step?: number | null
  range?: readonly [number, number] | null
}>()
const emit = defineEmits<{
  point: [step: number | null]
  select: [place: Place, extend?: boolean]
  take: [player: Player, marks: readonly string[], pins: readonly AnyPin[]]
  change: [some: Partial<RecipeInput>]
}>()

const INK: Partial<Record<Player, string>> = { right: 'text-rh', left: 'text-lh' }
const view = computed(() => viewOf(props.study))
const words = computed(() => wordsOf(props.study))
const players = computed(() => playersIn(props.study))
const chosen = ref<Player>('right')
watch(
  () => props.selected?.hand,
  (player) => player && (chosen.value = player),
)
const player = computed(() => (players.value.includes(chosen.value) ? chosen.value : players.value[0]!))
/** Ruled-out patterns are shown only where there is nothing else, and then one. */
const others = computed(() => {
  const all = othersOf(props.study, player.value)
  const sensible = all.filter((each) => each.price < BEYOND)
  return sensible.length > 0 ? sensible : all.slice(0, 1)
})
/** How the first key is found and why a note has a double sharp or flat; where the hands meet. */
const told = computed(() =>
  [
    { heading: 'why.why-column.notes', sentences: notesMessages(props.study) } as const,
    {
      heading: 'why.why-column.hands-together',
      sentences: familyOf(props.study.recipe).meetings(props.study),
    } as const,
  ].filter(({ sentences }) => sentences.length > 0),
)
/** A long list of reasons is cut; the rest comes on demand. */
const SHOWN = 10
const all = ref(false)
/** Whether a reason speaks of the selected note. */
const isHere = ({ reason }: Lettered): boolean =>
  props.selected?.hand === reason.hand && reason.indices.includes(props.selected.index)
const shown = computed(() => (all.value ? props.lettered : props.lettered.slice(0, SHOWN)))
const stepAt = ({ reason }: Lettered): number => lineFor(props.study, reason.hand).notes[reason.indices[0]!]!.step
const hardness = computed(() => partsMessage(props.study.difficulty))
/** Where another way departs, by note. */
const departsAt = (each: Other): string => {
  const note = lineFor(props.study, player.value).notes[each.departs]
  return note ? t('why.why-column.from-note', { printedName: printedName(note.pitch), value: each.departs + 1 }) : ''
}
const { shown: showing } = storeToRefs(useShowing())
/** A price in points, on demand; beyond the school's first rule a figure says nothing any more. */
function figure(points: number | null): string {
  if (points === null || !showing.value.figures) return ''
  if (points >= BEYOND) return t('why.why-column.impossible')
  const rounded = Math.round(points * 10) / 10
  return rounded > 0 ? t('why.why-column.costs-more', { rounded }) : t('why.why-column.as-good')
}
const priced = computed(() =>
  [...props.lettered.map(({ reason }) => reason), ...others.value].some(({ price }) => price),
)
</script>

<template>
  <div class="text-[13.5px] leading-[1.42]">
    <component
      :is="view.Beside"
      v-if="view.Beside"
      :study="study"
      :step="step ?? null"
      :range="range"
      @select="(place: Place, extend: boolean) => emit('select', place, extend)"
      @point="emit('point', $event)"
    />
    <div class="head">
      <h2>{{ t(words.headings.why) }}</h2>
      <span class="flex flex-wrap items-baseline gap-x-3">
        <button
          v-if="priced"
          type="button"
          class="text-button whitespace-nowrap"
          :aria-pressed="showing.figures"
          @click="showing.figures = !showing.figures"
        >
          {{ t('why.why-column.figures') }}
        </button>
        <component :is="view.Schools" :recipe="study.recipe" @change="emit('change', $event)" />
      </span>
    </div>
    <ul>
      <li v-for="{ letter, reason } in shown" :key="letter">
        <button
          type="button"
          class="note"
          :class="{ here: isHere({ letter, reason }) }"
          @click="emit('select', { hand: reason.hand, index: reason.indices[0]! })"
          @pointerenter="emit('point', stepAt({ letter, reason }))"
          @pointerleave="emit('point', null)"
        >
          <span class="letter">{{ letter }}</span>
          <span>
            <b :class="INK[reason.hand]">{{ words.short(reason.hand) }}</b> {{ formatMessage(reason.message) }}
            <span v-if="reason.price && showing.figures" class="quiet whitespace-nowrap"
              >({{ figure(reason.price) }})</span
            >
          </span>
        </button>
      </li>
      <li v-if="lettered.length === 0" class="quiet aside py-[7px]">
        {{ words.noReasons(study) }}
      </li>
    </ul>
    <button v-if="lettered.length > SHOWN" type="button" class="text-button" :aria-expanded="all" @click="all = !all">
      {{
        all ? t('why.why-column.fewer-reasons') : t('why.why-column.more-reasons', { SHOWN: lettered.length - SHOWN })
      }}
    </button>

    <template v-for="{ heading, sentences } in told" :key="heading">
      <div class="head">
        <h2>{{ t(heading) }}</h2>
      </div>
      <ul>
        <li v-for="(sentence, at) in sentences" :key="at" class="py-[7px]">{{ formatMessage(sentence) }}</li>
      </ul>
    </template>

    <div v-if="others.length || words.noOthers" class="head">
      <h2>{{ t(words.headings.others) }}</h2>
      <span v-if="players.length > 1 || words.noOthers" class="flex gap-3">
        <button
          v-for="each in players"
          :key="each"
          type="button"
          class="min-h-[24px]"
          :class="each === player ? 'font-semibold' : 'quiet underline underline-offset-3'"
          :aria-pressed="each === player"
          @click="chosen = each"
        >
          {{ words.called(each) }}
        </button>
      </span>
    </div>
    <ul>
      <li v-for="(each, at) in others" :key="at" class="flex items-center gap-3 py-[8px]">
        <span class="flex-1">
          <span class="block font-serif text-[15px] font-semibold" :class="INK[player]">{{
            formatMessage(each.pattern)
          }}</span>
          <span class="quiet"
            >{{ formatMessage(each.message) }} ({{
              [figure(each.price), departsAt(each)].filter(Boolean).join('; ')
            }})</span
          >
        </span>
        <button
          type="button"
          class="plain-button"
          :aria-label="
            t('why.why-column.take-for', { what: formatMessage(each.pattern), called: words.called(player) })
          "
          @click="emit('take', player, each.marks, (each.pins ?? []) as readonly AnyPin[])"
        >
          {{ t('why.why-column.take') }}
        </button>
      </li>
      <li v-if="others.length === 0 && words.noOthers" class="quiet aside py-[7px]">{{ t(words.noOthers) }}</li>
    </ul>
    <p v-if="priced && showing.figures && study.plays !== 'sticks'" class="quiet mt-2 text-[13px]">
      {{ t('why.why-column.scale', PRICE_SCALE) }}
    </p>
    <NuxtLink to="/compare" class="plain-button mt-3 inline-block leading-[20px]">{{
      t('why.why-column.compare')
    }}</NuxtLink>

    <div class="head">
      <h2>{{ t('why.why-column.how-hard') }}</h2>
      <span class="font-serif text-[16px] font-semibold tabular-nums">{{ Math.round(study.difficulty.total) }}</span>
    </div>
    <ul>
      <li v-for="(part, at) in hardness" :key="at" class="flex justify-between gap-3 py-[4px]">
        <span class="quiet">{{ formatMessage(part.part) }}</span><span class="whitespace-nowrap tabular-nums">{{
          formatMessage(part.amount)
        }}</span>
      </li>
    </ul>
    <p class="quiet mt-2 text-[13px]">{{ t(words.difficultyOrder) }}</p>
    <p v-if="words.caution" class="quiet mt-3 text-[13px]">{{ t(words.caution) }}</p>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  justify-content: space-between;
  flex-wrap: wrap;
  align-items: baseline;
  column-gap: 12px;
  padding: 8px 0 5px;
}
.head:not(:first-child) {
  margin-top: 14px;
}
h2 {
  font-size: 18px;
  white-space: nowrap;
}
li {
  border-bottom: 1px solid var(--color-rule);
}
.note {
  display: grid;
  grid-template-columns: 22px 1fr;
  width: 100%;
  padding: 7px 0;
  text-align: left;
}
.note.here {
  box-shadow: inset 3px 0 0 var(--color-ink);
  padding-left: 8px;
}
.note:hover {
  background: var(--color-sheet);
}
.letter {
  font-family: var(--font-serif);
  font-style: italic;
  font-weight: 650;
  font-size: 15px;
}
</style>
