<script setup lang="ts">
import { boardSize } from '#core/surface'
import type { AccordionStudy } from '#pictures'
import type { Place } from '~/stores/desk'
import { t } from '~/composables/words'
import BoardPicture from './BoardPicture.vue'
import TreblePicture from './TreblePicture.vue'

/** The buttons of the left hand, seen while the notes are read. */
defineProps<{ study: AccordionStudy; step: number | null; range?: readonly [number, number] | null }>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()
const WIDTH = 250
</script>

<template>
  <figure v-if="study.hands.left" class="mb-3 border-b border-rule pb-2">
    <figcaption class="quiet text-[12.5px]">
      {{ t('accordion.free.words', { system: study.recipe.accordion.free.system }) }}
    </figcaption>
    <TreblePicture
      v-bind="{ study, step, range }"
      hand="left"
      :width="WIDTH"
      :facing="false"
      @select="(place, extend) => emit('select', place, extend)"
      @point="emit('point', $event)"
    />
  </figure>
  <figure v-else-if="study.bass" class="mb-3 border-b border-rule pb-1">
    <figcaption class="quiet text-[12.5px]">
      {{ t('accordion.beside', { bass: boardSize(study.recipe.accordion) }) }}
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
