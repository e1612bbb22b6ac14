<script setup lang="ts">
import { computed } from 'vue'
import { STICKING_SCHOOL_LIST, stickingSchoolOf, type MalletRecipe } from '#core/sticking'
import { BAR_RANGES, type BarSettings } from '#core/surface'
import { type RecipeInput, hasLead } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'

/** The school of sticking and what is uncertain about the instrument; each default says so, and why. */
const props = defineProps<{ recipe: MalletRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const schools = STICKING_SCHOOL_LIST.map(({ id, words, idea }) => ({
  value: id,
  words:
    id === 'doubles'
      ? `${words}: the default in scales`
      : id === 'strict'
        ? `${words}: the default in broken chords`
        : words,
  note: idea,
}))
const school = computed(() => stickingSchoolOf(props.recipe.school))
const STRIKE = [
  { value: 'off-centre', words: 'Just off the middle', note: 'the usual place on a marimba: the default' },
  { value: 'centre', words: 'In the middle', note: 'fullest, over the resonators' },
  {
    value: 'near-end',
    words: 'Accidentals at their near end',
    note: 'less than half the way out and in; a thinner sound',
  },
] as const
const FIELDS = [
  { field: 'size', words: 'all bars', unit: '% of what is usual', usual: 100 },
  { field: 'gap', words: 'gap between naturals', unit: 'mm', usual: '' },
  { field: 'overlap', words: 'accidentals overhang by', unit: 'mm', usual: '' },
] as const
function setBar(field: keyof BarSettings, event: Event): void {
  const { value } = event.target as HTMLInputElement
  const number = value === '' ? (field === 'size' ? 100 : null) : Number(value)
  emit('change', { bars: { ...props.recipe.bars, [field]: number } })
}
/** Rudiments, rolls, double stops and figures leave a school nothing to decide. */
const decides = computed(() => {
  const { rudiment, roll } = props.recipe
  return hasLead(props.recipe) && rudiment === 'none' && roll.manner === 'none'
})
const words = computed(() => (decides.value ? school.value.words : 'strike and bars'))
const details = computed(() => STRIKE.find((each) => each.value === props.recipe.strike)!.words.toLowerCase())
</script>

<template>
  <WordPanel :words="words" :label="decides ? `School of sticking: ${words}` : words">
    <div class="w-[360px] py-1 text-[14px]">
      <template v-if="decides">
        <ChoiceGroup
          label="School of sticking"
          tall
          :value="school.id"
          :choices="schools"
          @choose="emit('change', { school: $event })"
        />
        <p class="quiet border-t border-rule px-[14px] py-2 text-[13px]">
          No sticking is the official one: teachers differ. Practise both leads.
        </p>
      </template>
      <details class="border-t border-rule">
        <summary class="cursor-pointer px-[14px] py-[7px]">
          Where bars are struck: <b class="font-semibold">{{ details }}</b>
        </summary>
        <ChoiceGroup
          label="Where bars are struck"
          tall
          :value="recipe.strike"
          :choices="STRIKE"
          @choose="emit('change', { strike: $event })"
        />
      </details>
      <details class="border-t border-rule">
        <summary class="cursor-pointer px-[14px] py-[7px]">Measures of the bars</summary>
        <p class="quiet px-[14px] text-[13px]">
          Makers differ by some ten per cent, and widths change in steps. Measure yours; an empty field is the usual
          one.
        </p>
        <label v-for="each in FIELDS" :key="each.field" class="flex items-baseline gap-2 px-[14px] py-1 text-[13.5px]">
          <span class="flex-1">{{ each.words }}</span>
          <input
            class="field w-[64px] tabular-nums"
            type="number"
            :min="BAR_RANGES[each.field].least"
            :max="BAR_RANGES[each.field].most"
            :value="recipe.bars[each.field] ?? each.usual"
            @change="setBar(each.field, $event)"
          />
          <span class="quiet w-[120px]">{{ each.unit }}</span>
        </label>
      </details>
      <p class="quiet border-t border-rule px-[14px] pt-2 text-[13px]">
        Figures in brackets are points of effort: a double 1 at six strokes a second, a hard crossing 2. They are ours,
        to be tuned, and nobody has measured them.
      </p>
    </div>
  </WordPanel>
</template>
