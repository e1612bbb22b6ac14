<script setup lang="ts">
import { dateOf, dayOf } from '#core/practice'
import { t } from '~/composables/words'

/** The day that entries are of, a day's number: today unless another is chosen. */
const props = defineProps<{ today: number; id: string }>()
const day = defineModel<number>({ required: true })

function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  const chosen = dayOf(input.value)
  day.value = chosen === null || chosen > props.today ? props.today : chosen
  input.value = dateOf(day.value)
}
</script>

<template>
  <p class="flex flex-wrap items-baseline gap-2 text-[13px]">
    <label :for="id">{{ t('practice.day') }}</label>
    <input :id="id" type="date" class="field" :value="dateOf(day)" :max="dateOf(today)" @change="choose" />
    <button v-if="day !== today" type="button" class="text-button" @click="day = today">
      {{ t('practice.day.today') }}
    </button>
  </p>
</template>
