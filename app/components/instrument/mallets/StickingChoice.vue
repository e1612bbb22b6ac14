<script setup lang="ts">
import { computed } from 'vue'
import type { MalletRecipe } from '#core/sticking'
import { BAR_RANGES, type BarSettings } from '#core/surface'
import { familyOf, hasLead, type RecipeInput } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t, formatMessage } from '~/composables/words'

/** The school of sticking and what is uncertain about the instrument; each default says so, and why. */
const props = defineProps<{ recipe: MalletRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()

const schools = familyOf(props.recipe).schools.map(({ id, called, idea }) => ({
  value: id as MalletRecipe['school'],
  words:
    id === 'doubles'
      ? t('mallets.sticking-choice.default-scales', { what: formatMessage(called) })
      : id === 'strict'
        ? t('mallets.sticking-choice.default-chords', { what: formatMessage(called) })
        : formatMessage(called),
  note: formatMessage(idea),
}))
const school = computed(() => familyOf(props.recipe).schools.find(({ id }) => id === props.recipe.school)!)
const STRIKE = [
  {
    value: 'off-centre',
    words: t('mallets.sticking-choice.strike-off-middle'),
    note: t('mallets.sticking-choice.strike-off-middle-why'),
  },
  {
    value: 'centre',
    words: t('mallets.sticking-choice.strike-middle'),
    note: t('mallets.sticking-choice.strike-middle-why'),
  },
  {
    value: 'near-end',
    words: t('mallets.sticking-choice.strike-edge'),
    note: t('mallets.sticking-choice.strike-edge-why'),
  },
] as const
const FIELDS = [
  {
    field: 'size',
    words: t('mallets.sticking-choice.all-bars'),
    unit: t('mallets.sticking-choice.width'),
    usual: 100,
  },
  {
    field: 'gap',
    words: t('mallets.sticking-choice.gap'),
    unit: t('mallets.sticking-choice.mm'),
    usual: '',
  },
  {
    field: 'overlap',
    words: t('mallets.sticking-choice.overhang'),
    unit: t('mallets.sticking-choice.mm'),
    usual: '',
  },
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
const words = computed(() => (decides.value ? formatMessage(school.value.called) : t('mallets.sticking-choice.label')))
const details = computed(() => STRIKE.find((each) => each.value === props.recipe.strike)!.words.toLowerCase())
</script>

<template>
  <WordPanel :words="words" :label="decides ? t('mallets.sticking-choice.word', { words }) : words">
    <div class="w-[360px] py-1 text-[14px]">
      <template v-if="decides">
        <ChoiceGroup
          :label="t('mallets.sticking-choice.label-school')"
          tall
          :value="recipe.school"
          :choices="schools"
          @choose="emit('change', { school: $event })"
        />
        <p class="quiet border-t border-rule px-[14px] py-2 text-[13px]">
          {{ t('mallets.sticking-choice.note') }}
        </p>
      </template>
      <details class="border-t border-rule">
        <summary class="cursor-pointer px-[14px] py-[7px]">
          {{ t('mallets.sticking-choice.strike') }} <b class="font-semibold">{{ details }}</b>
        </summary>
        <ChoiceGroup
          :label="t('mallets.sticking-choice.label-strike')"
          tall
          :value="recipe.strike"
          :choices="STRIKE"
          @choose="emit('change', { strike: $event })"
        />
      </details>
      <details class="border-t border-rule">
        <summary class="cursor-pointer px-[14px] py-[7px]">
          {{ t('mallets.sticking-choice.measures') }}
        </summary>
        <p class="quiet px-[14px] text-[13px]">
          {{ t('mallets.sticking-choice.measures-why') }}
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
        {{ t('mallets.sticking-choice.prices') }}
      </p>
    </div>
  </WordPanel>
</template>
