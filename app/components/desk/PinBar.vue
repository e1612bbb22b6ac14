<script setup lang="ts">
import { computed } from 'vue'
import { printedName } from '#core/pitch'
import { KINDS, materialOf } from '#core/material'
import { type AnyPin, familyOf, shapesFor } from '#core/instrument'
import { lineFor, marksOf, playersIn, takesPins } from '#core/realise'
import { isDegreePin, isFree, isGripPin, motifTaken, motifText, PLAIN_PATTERN } from '#core/study'
import { wordsOf } from '~/components/instrument'
import type { Desk } from '~/stores/desk'
import { hasDegrees } from '~/stores/desk'
import { t, formatMessage } from '~/composables/words'

/** What can be done with the finger or stick under the hand, for those without keys to press. */
const props = defineProps<{ desk: Desk }>()

const here = computed(() => {
  const { selected, study } = props.desk
  if (!selected || !study) return null
  const { notes } = lineFor(study, selected.hand)
  const note = notes[selected.index]
  if (!note) return null
  const view = wordsOf(study)
  const isNamed = playersIn(study).length > 1 || view.short(selected.hand) !== ''
  const player = view.called(selected.hand)
  return {
    place: selected,
    words: t('desk.pin-bar.note', {
      ...{ named: isNamed ? 'yes' : 'no', player },
      ...{ value: selected.index + 1, printedName: printedName(note.pitch) },
    }),
    mark: marksOf(study, selected.hand)[selected.index]!,
    marks: familyOf(study.recipe).pins.marksFor(selected.hand),
    can: takesPins(study, selected.hand),
    also: familyOf(study.recipe).pins.alsoAt(study.recipe, study, selected.hand, selected.index),
    repeats: familyOf(study.recipe).pins.inRepeats(study, selected.hand, selected.index)?.marks.join(' '),
    stretch: t(view.stretchWords.pin),
    pinned: props.desk.pinAt(selected),
    /** Only where the octave comes again is there an every octave. */
    again: hasDegrees(study) && notes.some(({ degree }, at) => degree === note.degree && at !== selected.index),
  }
})
const label = (mark: string): string =>
  t('desk.pin-bar.pin-mark', { markWords: wordsOf(props.desk.study!).markWords(mark) })
function freeWords(pin: AnyPin): string {
  if (isDegreePin(pin)) return t('desk.pin-bar.free-octaves')
  if (!isGripPin(pin)) return t('desk.pin-bar.free-one')
  return t(wordsOf(props.desk.study!).stretchWords.free)
}
/** What is marked out, as a motif: where the study is a run that can be moved, in one key. */
const motif = computed(() => {
  const { range, selected, study } = props.desk
  if (!range || !selected || !study || isFree(study.recipe.material) || study.sections) return null
  const kind = KINDS[study.recipe.material.kind]
  if (!shapesFor(kind, study.recipe).motif) return null
  const [from, to] = range
  const { notes } = lineFor(study, selected.hand)
  return motifTaken(
    notes.filter(({ step }) => step >= from && step <= to),
    materialOf(study.recipe.material),
  )
})
function takeMotif(): void {
  const { recipe } = props.desk.study!
  const { figure, walk } = PLAIN_PATTERN
  const pattern = { ...recipe.pattern, motif: motif.value, figure, walk }
  // the line that follows has other notes under the stretch
  props.desk.select(here.value!.place)
  void props.desk.change({ pattern })
}
const pinAlso = (at: number): void => void props.desk.pinAlso(here.value!.place, here.value!.also[at]!.pin as AnyPin)
const hint = computed(() => (props.desk.study ? wordsOf(props.desk.study).hint(props.desk.study) : ''))
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-4 border-t border-rule px-4 py-[5px] text-[14px] sm:min-h-[40px]">
    <template v-if="here">
      <span class="min-w-[210px]">{{ here.words }}</span>
      <template v-if="here.can">
        <span role="group" :aria-label="t('desk.pin-bar.pin', { words: here.words })" class="flex gap-1">
          <button
            v-for="mark in here.marks"
            :key="mark"
            type="button"
            class="pin font-serif"
            :aria-pressed="here.mark === mark"
            :aria-label="label(mark)"
            @click="desk.pin(here.place, mark)"
          >
            {{ mark }}
          </button>
        </span>
        <select
          v-if="here.also.length > 0"
          class="field h-[30px] max-w-[220px]"
          :aria-label="t('desk.pin-bar.also', { words: here.words })"
          :value="here.also.findIndex(({ stands }) => stands)"
          @change="pinAlso(Number(($event.target as HTMLSelectElement).value))"
        >
          <option v-for="(each, at) in here.also" :key="at" :value="at">{{ formatMessage(each.message) }}</option>
        </select>
        <button v-if="here.again" type="button" class="text-button" @click="desk.pinDegree(here.place)">
          {{ t('desk.pin-bar.every-octave', { mark: here.mark }) }}
        </button>
        <button v-if="here.repeats" type="button" class="text-button" @click="desk.pinRepeats(here.place)">
          {{ t('desk.pin-bar.every-repeat', { marks: here.repeats }) }}
        </button>
        <button type="button" class="text-button" @click="desk.pinGrip(here.place)">{{ here.stretch }}</button>
      </template>
      <span v-else class="quiet">{{ t('desk.pin-bar.fixed-by-pattern') }}</span>
      <button v-if="motif" type="button" class="text-button" @click="takeMotif">
        {{ t('desk.pin-bar.as-motif', { motif: motifText(motif) }) }}
      </button>
      <button v-if="here.pinned" type="button" class="text-button" @click="desk.free(here.place)">
        {{ freeWords(here.pinned) }}
      </button>
    </template>
    <span v-else class="quiet hidden sm:inline">{{ hint }}</span>
    <button v-if="desk.pins.length" type="button" class="text-button ml-auto" @click="desk.setPins([])">
      {{ t('desk.pin-bar.free', { count: desk.pins.length }) }}
    </button>
  </div>
</template>

<style scoped>
.pin {
  width: 28px;
  height: 28px;
  border: 1px solid var(--color-rule);
  font-size: 15px;
}
.pin:hover {
  border-color: var(--color-ink);
}
.pin[aria-pressed='true'] {
  background: var(--color-ink);
  border-color: var(--color-ink);
  color: var(--color-sheet);
}
</style>
