<script setup lang="ts">
import { computed } from 'vue'
import {
  type AccordionRecipe,
  type AccordionSettings,
  type BellowsSettings,
  type Register,
  REGISTERS,
  TURNS,
  WAYS,
} from '#core/buttons'
import type { RecipeInput } from '#core/instrument'
import { BASSES, boardSize, KEY_WIDTHS, trebleOf, TREBLES, usualMake } from '#core/surface'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import InstrumentChoice from '~/components/desk/InstrumentChoice.vue'
import FreeBassChoice from './FreeBassChoice.vue'
import { boardNamed, boardWords, trebleWords } from './make'
import OwnBoard from './OwnBoard.vue'
import { t } from '~/composables/words'

/** How the bellows go, and what the instrument is: keys or buttons, how many basses, which registers. */
const props = defineProps<{ recipe: AccordionRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const own = computed(() => props.recipe.accordion)
const set = (some: Partial<AccordionSettings>, more: Partial<RecipeInput> = {}): void =>
  emit('change', { ...more, accordion: { ...own.value, ...some } })
const setBellows = (some: Partial<BellowsSettings>): void => set({ bellows: { ...own.value.bellows, ...some } })

const turns = TURNS.map((turn) => ({
  value: turn,
  words: t('accordion.turn', { turn }),
  note: t('accordion.turn.note', { turn }),
}))
const ways = WAYS.map((way) => ({ value: way, words: t('accordion.first', { way }) }))
const BEATS = [2, 4, 8, 16].map((value) => ({ value, words: t('accordion.beats', { beats: value }) }))
const bellowsWords = computed(() =>
  t('accordion.bellows', {
    turn: own.value.bellows.turn,
    beats: own.value.bellows.beats,
    first: own.value.bellows.first,
  }),
)

const trebles = TREBLES.map((value) => ({ value, words: trebleWords(value) }))
const kinds = {
  keys: trebles.filter(({ value }) => trebleOf(value).plays === 'keys'),
  buttons: trebles.filter(({ value }) => trebleOf(value).plays === 'buttons'),
}
const widths = (Object.keys(KEY_WIDTHS) as (keyof typeof KEY_WIDTHS)[]).map((value) => ({
  value,
  words: t('accordion.width', { width: value }),
  note: `${KEY_WIDTHS[value]} mm`,
}))
/** From keys to buttons schools do not go over: the other side's usual one stands. */
function setTreble(treble: AccordionSettings['treble']): void {
  const moved = trebleOf(treble).plays !== trebleOf(own.value.treble).plays
  set({ treble }, moved ? { school: undefined, startOctave: undefined } : { startOctave: undefined })
}
const basses = BASSES.map((value) => ({ value, words: t('accordion.bass', { bass: value }), note: boardWords(value) }))
const setBass = (bass: AccordionSettings['bass']): void => set(usualMake(bass))
function flip(register: Register): void {
  const { registers } = own.value
  const next = registers.includes(register) ? registers.filter((each) => each !== register) : [...registers, register]
  if (next.length > 0) set({ registers: REGISTERS.filter((each) => next.includes(each)) })
}
</script>

<template>
  <WordPanel :words="bellowsWords" :label="t('accordion.bellows.label', { words: bellowsWords })">
    <div class="flex">
      <div class="column max-w-[290px]">
        <p class="head">{{ t('accordion.turn.head') }}</p>
        <ChoiceGroup
          :label="t('accordion.turn.head')"
          tall
          :value="own.bellows.turn"
          :choices="turns"
          @choose="setBellows({ turn: $event })"
        />
      </div>
      <div class="column">
        <template v-if="own.bellows.turn === 'beats'">
          <p class="head">{{ t('accordion.beats.head') }}</p>
          <ChoiceGroup
            :label="t('accordion.beats.head')"
            :value="own.bellows.beats"
            :choices="BEATS"
            @choose="setBellows({ beats: $event })"
          />
        </template>
        <p class="head">{{ t('accordion.first.head') }}</p>
        <ChoiceGroup
          :label="t('accordion.first.head')"
          :value="own.bellows.first"
          :choices="ways"
          @choose="setBellows({ first: $event })"
        />
      </div>
    </div>
    <p class="quiet max-w-[480px] border-t border-rule px-[14px] py-2 text-[13px]">
      {{ t('accordion.turn.slur') }}
    </p> </WordPanel
  >, <InstrumentChoice :recipe="recipe" @change="emit('change', $event)" />,
  <WordPanel :words="trebleWords(own.treble)" :label="t('accordion.treble.label', { words: trebleWords(own.treble) })">
    <div class="flex">
      <div class="column">
        <p class="head">{{ t('accordion.keys') }}</p>
        <ChoiceGroup :label="t('accordion.keys')" :value="own.treble" :choices="kinds.keys" @choose="setTreble" />
      </div>
      <div class="column">
        <p class="head">{{ t('accordion.buttons') }}</p>
        <ChoiceGroup :label="t('accordion.buttons')" :value="own.treble" :choices="kinds.buttons" @choose="setTreble" />
      </div>
      <div class="column">
        <template v-if="trebleOf(own.treble).plays === 'keys'">
          <p class="head">{{ t('accordion.width.head') }}</p>
          <ChoiceGroup
            :label="t('accordion.width.head')"
            :value="own.keys"
            :choices="widths"
            @choose="set({ keys: $event })"
          />
        </template>
        <p class="head">{{ t('accordion.registers') }}</p>
        <div role="group" :aria-label="t('accordion.registers')">
          <label v-for="each in REGISTERS" :key="each" class="flex min-h-[34px] items-center gap-2 px-[14px]">
            <input
              type="checkbox"
              class="h-[18px] w-[18px] accent-ink"
              :checked="own.registers.includes(each)"
              @change="flip(each)"
            />
            {{ t('accordion.register', { register: each }) }}
          </label>
        </div>
      </div>
    </div>
    <p class="quiet max-w-[560px] border-t border-rule px-[14px] py-2 text-[13px]">
      {{ t('accordion.treble.doubt') }}
    </p> </WordPanel
  >, <FreeBassChoice :own="own" @change="set" />,
  <WordPanel :words="boardNamed(own)" :label="t('accordion.bass.label', { bass: boardSize(own) })">
    <div class="flex max-sm:flex-col">
      <div class="column">
        <p class="head">{{ t('accordion.board.head') }}</p>
        <ChoiceGroup :label="t('accordion.board.head')" :value="own.bass" :choices="basses" @choose="setBass" />
      </div>
      <div class="column px-[14px]">
        <p class="head !px-0">{{ t('accordion.make.head') }}</p>
        <OwnBoard class="w-[480px] max-w-[80vw]" :make="own" @change="set" />
      </div>
    </div>
    <p class="quiet max-w-[760px] border-t border-rule px-[14px] py-2 text-[13px]">{{ t('accordion.board.doubt') }}</p>
  </WordPanel>
</template>
