<script setup lang="ts">
import type { AccordionStudy } from '#pictures'
import type { Place } from '~/stores/desk'
import { t } from '~/composables/words'
import BoardPicture from './BoardPicture.vue'

/** The buttons of the left hand, seen while the notes are read. */
defineProps<{ study: AccordionStudy; step: number | null; range?: readonly [number, number] | null }>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()
const WIDTH = 250
</script>

<template>
  <figure v-if="study.bass" class="mb-3 border-b border-rule pb-1">
    <figcaption class="quiet text-[12.5px]">
      {{ t('accordion.beside', { bass: study.recipe.accordion.bass }) }}
    </figcaption>
    <BoardPicture
      v-bind="{ study, step, range }"
      :width="WIDTH"
      :facing="false"
      beside
      @select="(place, extend) => emit('select', place, extend)"
      @point="emit('point', $event)"
    />
  </figure>
</template>
