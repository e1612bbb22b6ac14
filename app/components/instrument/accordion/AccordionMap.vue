<script setup lang="ts">
import { useShowing } from '~/stores/showing'
import type { Place } from '~/stores/desk'
import BoardPicture from './BoardPicture.vue'
import TreblePicture from './TreblePicture.vue'
import type { AccordionStudy } from '#pictures'
import { t } from '~/composables/words'

/** Both sides of the instrument with the fingers on them: as the hands find them, or as one looks at it. */
defineProps<{
  study: AccordionStudy
  width: number
  step: number | null
  range?: readonly [number, number] | null
}>()
const emit = defineEmits<{ select: [place: Place, extend: boolean]; point: [step: number | null] }>()
const showing = useShowing()
const GAP = 140
</script>

<template>
  <figure class="relative">
    <figcaption class="quiet flex items-baseline justify-between px-2 text-[12.5px]">
      <span class="aside">{{
        t(showing.shown.facing ? 'accordion.map.facing' : study.bass ? 'accordion.map.hand' : 'accordion.map.hand.only')
      }}</span>
      <button type="button" class="text-button min-h-[26px]" @click="showing.shown.facing = !showing.shown.facing">
        {{ showing.shown.facing ? t('accordion.map.turn-hand') : t('accordion.map.turn-facing') }}
      </button>
    </figcaption>
    <div :class="showing.shown.facing ? 'flex items-start justify-center' : ''" :style="{ columnGap: `${GAP}px` }">
      <TreblePicture
        v-if="study.hands.right"
        v-bind="{ study, width, step, range }"
        :facing="showing.shown.facing"
        @select="(place, extend) => emit('select', place, extend)"
        @point="emit('point', $event)"
      />
      <TreblePicture
        v-if="study.hands.left"
        v-bind="{ study, width, step, range }"
        hand="left"
        :facing="showing.shown.facing"
        @select="(place, extend) => emit('select', place, extend)"
        @point="emit('point', $event)"
      />
      <BoardPicture
        v-if="study.bass"
        v-bind="{ study, width, step, range }"
        :facing="showing.shown.facing"
        @select="(place, extend) => emit('select', place, extend)"
        @point="emit('point', $event)"
      />
    </div>
  </figure>
</template>
