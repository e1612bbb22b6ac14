<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed } from 'vue'
import type { FingerRecipe } from '#core/fingering'
import { familyOf, type RecipeInput } from '#core/instrument'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import { SETTINGS } from './settings'
import { t, tell } from '~/composables/words'

/** The school and its settings; each default says so, and why. */
const props = defineProps<{ recipe: FingerRecipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()
const schools = familyOf(props.recipe).schools.map(({ id, called, idea }, at) => ({
  value: id as FingerRecipe['school'],
  words: at === 0 ? t('keys.school-choice.the-default-as-exams', { what: tell(called) }) : tell(called),
  note: tell(idea),
}))
const school = computed(() => familyOf(props.recipe).schools.find(({ id }) => id === props.recipe.school)!)
const settings = computed(() =>
  SETTINGS.map(({ field, title, why, choices }) => ({
    ...{ field, title: t(title), why: t(why) },
    choices: choices.map(({ value, words, note }) => ({ value, words: t(words), note: t(note) })),
    now: t(choices.find((each) => each.value === props.recipe[field])!.words),
  })),
)
</script>

<template>
  <Popover as="div" class="relative inline-block">
    <PopoverButton class="quiet border-b border-dotted border-soft text-[13px]">{{
      tell(school.called)
    }}</PopoverButton>
    <PopoverPanel class="choices right-0 max-h-[620px] w-[350px] overflow-y-auto py-2 text-[14px]">
      <ChoiceGroup
        :label="t('keys.school-choice.school')"
        tall
        :value="recipe.school"
        :choices="schools"
        @choose="emit('change', { school: $event })"
      />
      <details v-for="setting in settings" :key="setting.field" class="border-t border-rule">
        <summary class="cursor-pointer px-[14px] py-[7px]">
          {{ setting.title }}: <b class="font-semibold">{{ setting.now.toLowerCase() }}</b>
        </summary>
        <p class="quiet px-[14px] text-[13px]">{{ setting.why }}</p>
        <ChoiceGroup
          :label="setting.title"
          tall
          :value="recipe[setting.field]"
          :choices="setting.choices"
          @choose="emit('change', { [setting.field]: $event })"
        />
      </details>
      <p class="quiet border-t border-rule px-[14px] pt-2 text-[13px]">
        {{ t('keys.school-choice.figures-in-brackets-say') }}
      </p>
    </PopoverPanel>
  </Popover>
</template>
