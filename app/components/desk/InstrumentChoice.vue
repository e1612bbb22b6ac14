<script setup lang="ts">
import { computed } from 'vue'
import { families, type Instrument, instrumentOf, movedTo, type Recipe, type RecipeInput } from '#core/instrument'
import { capital } from '#core/message'
import { pitchRange } from './compass'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t, formatMessage } from '~/composables/words'

/** What stands on the floor, by make and size, each with its range as written. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const SOUNDS: Record<number, string> = {
  0: t('desk.instrument-choice.transposes-not'),
  12: t('desk.instrument-choice.transposes-octave'),
  24: t('desk.instrument-choice.transposes-two-octaves'),
}
const called = (make: string): string => t('name.make', { make })
const sizeWords = ({ size }: Instrument): string => (size ?? '').replace('2.67', '2⅔').replace('.0', '')
/** A column for each make that comes in sizes; what comes in one stands with its family. */
const columns = families().flatMap(({ id: family, instruments }) =>
  [...new Set(instruments.map(({ make }) => make))].map((make) => {
    const own = instruments.filter((each) => each.make === make)
    const single = own[0]!.size === null
    return {
      make,
      head: single ? null : called(make),
      label: single ? t('desk.instrument-choice.family', { family }) : called(make),
      note: single ? t('desk.instrument-choice.family', { family }) : SOUNDS[own[0]!.transposition],
      choices: own.map((each) => ({
        value: each.id,
        words: single
          ? formatMessage(capital({ code: 'name.make', params: { make } }))
          : t('desk.instrument-choice.octaves', { sizeWords: sizeWords(each) }),
        ...(single ? {} : { note: pitchRange(each) }),
      })),
    }
  }),
)
const words = computed(() => {
  const own = instrumentOf(props.recipe)
  return own.size === null ? called(own.make) : t('name.instrument', { make: own.make, size: sizeWords(own) })
})
const choose = (instrument: Recipe['instrument']): void => emit('change', movedTo(props.recipe, instrument))
</script>

<template>
  <WordPanel :words="words" :label="t('desk.instrument-choice.instrument', { words })">
    <div class="flex">
      <div v-for="each in columns" :key="each.make" class="column">
        <p class="head">
          <span v-if="each.head" class="block font-serif text-[15px] font-semibold text-ink">{{ each.head }}</span>{{
            each.note
          }}
        </p>
        <ChoiceGroup :label="each.label" :value="recipe.instrument" :choices="each.choices" @choose="choose" />
      </div>
    </div>
    <p class="quiet border-t border-rule px-[14px] py-2 text-[13px]">
      {{ t('desk.instrument-choice.ranges') }}
    </p>
  </WordPanel>
</template>
