<script setup lang="ts">
import { computed } from 'vue'
import type { RealisedStudy } from '#core/realise'
import { viewOf } from '~/components/instrument'
import ScoreSystem from '~/components/score/ScoreSystem.vue'
import { layoutOf } from '~/engraving'

/** One of the studies that are compared: score and stair, what differs framed. */
const props = defineProps<{
  study: RealisedStudy
  label: string
  words: readonly string[]
  width: number
  changed: ReadonlySet<string>
  pointed: number | null
}>()
const emit = defineEmits<{ point: [step: number | null] }>()

const NARROWEST = 21
const STAIR = 132
const systems = computed(() => layoutOf(props.study, props.width, { narrowest: NARROWEST }))
</script>

<template>
  <section class="grid grid-cols-1 gap-[20px] border-t border-ink py-2 lg:grid-cols-[minmax(0,1fr)_232px]">
    <div class="bg-sheet">
      <template v-for="system in systems" :key="system.from">
        <ScoreSystem
          :study="study"
          :system="system"
          :width="width"
          :pointed="pointed"
          :changed="changed"
          @point="emit('point', $event)"
        />
        <component
          :is="viewOf(study).Stair"
          :study="study"
          :system="system"
          :width="width"
          :height="STAIR"
          :pointed="pointed"
          :changed="changed"
          @point="emit('point', $event)"
        />
      </template>
    </div>
    <div class="text-[13.5px]">
      <h2 class="text-[18px]">{{ label }}</h2>
      <ul>
        <li v-for="sentence in words" :key="sentence" class="border-b border-rule py-[6px]">{{ sentence }}</li>
      </ul>
      <slot />
    </div>
  </section>
</template>
