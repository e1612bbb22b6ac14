<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed } from 'vue'
import { SCHOOL_LIST, schoolOf } from '#core/fingering'
import type { Recipe, RecipeInput } from '#core/study'
import { SETTINGS } from './settings'

/** The school and its settings; each default says so, and why. */
const props = defineProps<{ recipe: Recipe }>()
const emit = defineEmits<{ change: [some: Partial<RecipeInput>] }>()
const school = computed(() => schoolOf(props.recipe.school))
const settings = computed(() =>
  SETTINGS.map((setting) => ({
    ...setting,
    now: setting.choices.find((each) => each.value === props.recipe[setting.field])!,
  })),
)
</script>

<template>
  <Popover as="div" class="relative inline-block">
    <PopoverButton class="quiet border-b border-dotted border-soft text-[13px]">{{ school.words }}</PopoverButton>
    <PopoverPanel class="choices right-0 max-h-[620px] w-[350px] overflow-y-auto py-2 text-[14px]">
      <div role="group" aria-label="School">
        <button
          v-for="each in SCHOOL_LIST"
          :key="each.id"
          type="button"
          class="choice"
          :aria-pressed="each.id === school.id"
          @click="emit('change', { school: each.id })"
        >
          {{ each.words }}<template v-if="each === SCHOOL_LIST[0]">: the default, as exams and books expect</template>
          <span class="quiet block text-[13px] leading-[1.35] font-normal">{{ each.idea }}</span>
        </button>
      </div>
      <details v-for="setting in settings" :key="setting.field" class="border-t border-rule">
        <summary class="cursor-pointer px-[14px] py-[7px]">
          {{ setting.title }}: <b class="font-semibold">{{ setting.now.words.toLowerCase() }}</b>
        </summary>
        <p class="quiet px-[14px] text-[13px]">{{ setting.why }}</p>
        <div role="group" :aria-label="setting.title">
          <button
            v-for="each in setting.choices"
            :key="each.value"
            type="button"
            class="choice"
            :aria-pressed="each.value === setting.now.value"
            @click="emit('change', { [setting.field]: each.value })"
          >
            {{ each.words }}
            <span class="quiet block text-[13px] font-normal">{{ each.note }}</span>
          </button>
        </div>
      </details>
      <p class="quiet border-t border-rule px-[14px] pt-2 text-[13px]">
        Figures in brackets say what the next best would cost more, in this school’s points.
      </p>
    </PopoverPanel>
  </Popover>
</template>
