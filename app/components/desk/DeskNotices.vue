<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { isFree } from '#core/study'
import type { RecipeInput } from '#core/instrument'
import type { Desk } from '~/stores/desk'
import type { Aside } from '~/stores/deskAside'

/** What stands between the title and the sheet when something needs saying, each with its way out. */
const props = defineProps<{ desk: Desk }>()
const emit = defineEmits<{ back: [aside: Aside]; decide: [] }>()

const fits = computed(() => {
  const octave = props.desk.fault?.details?.fits
  return typeof octave === 'number' ? octave : null
})
const fewer = computed(() => {
  const octaves = props.desk.fault?.details?.octaves
  return props.desk.fault?.code === 'range' && fits.value === null && typeof octaves === 'number' ? octaves : null
})
const twin = computed(() => {
  const tonic = props.desk.fault?.details?.twin
  const { material } = props.desk.recipe
  return typeof tonic === 'string' && !isFree(material) ? { ...material, tonic } : null
})
/** A school or a distance that does not go with the material: one press goes back to what does. */
const MENDS: Record<string, { words: string; some: Partial<RecipeInput> }> = {
  'school.material': { words: 'Take the conservatory school', some: { school: 'conservatory' } },
  'motion.material': { words: 'Take similar motion', some: { motion: 'similar' } },
  'pattern.material': { words: 'Play it straight', some: { pattern: {}, bookends: {} } },
  'pattern.length': { words: 'Play it straight', some: { pattern: {}, rhythm: {} } },
  'rhythm.beat': { words: 'Take even notes', some: { rhythm: {} } },
  'interval.motion': { words: 'Take an octave apart', some: { interval: 'octave' } },
  'interval.material': { words: 'Take an octave apart', some: { interval: 'octave' } },
}
const mend = computed(() => MENDS[props.desk.fault?.code ?? ''])
const pinConflict = computed(() => props.desk.fault?.code.startsWith('pin.') ?? false)
const lastPinOff = () => props.desk.setPins(props.desk.pins.slice(0, -1))
</script>

<template>
  <div class="text-[14px]">
    <div v-if="desk.fault" role="alert" class="notice text-missing">
      <span>{{ desk.fault.message }} <span class="quiet">The last study that works is shown.</span></span>
      <button
        v-if="fits !== null"
        type="button"
        class="plain-button text-ink"
        @click="desk.change({ startOctave: fits })"
      >
        Start in octave {{ fits }}
      </button>
      <button
        v-if="fewer !== null"
        type="button"
        class="plain-button text-ink"
        @click="desk.change({ octaves: fewer })"
      >
        Take {{ fewer === 1 ? 'one octave' : `${fewer} octaves` }}
      </button>
      <button v-if="twin" type="button" class="plain-button text-ink" @click="desk.change({ material: twin })">
        Take the twin
      </button>
      <button v-if="mend" type="button" class="plain-button text-ink" @click="desk.change(mend.some)">
        {{ mend.words }}
      </button>
      <button v-if="pinConflict" type="button" class="plain-button text-ink" @click="lastPinOff">
        Free the last pin
      </button>
    </div>
    <div v-if="desk.saveError" role="alert" class="notice text-missing">{{ desk.saveError }}</div>
    <div v-if="desk.conflict && !desk.deciding" role="alert" class="notice">
      <span>Another window saved this study meanwhile. Nothing has been overwritten; this desk goes on.</span>
      <button type="button" class="plain-button" @click="emit('decide')">See both</button>
    </div>
    <div v-for="(aside, at) in desk.asides" :key="`${at} ${aside.title}`" role="status" class="notice">
      <span>“{{ aside.title }}” was not saved before another came to the desk.</span>
      <button
        type="button"
        class="plain-button"
        :aria-label="`Back to it: “${aside.title}”`"
        @click="emit('back', aside)"
      >
        Back to it
      </button>
      <button
        type="button"
        class="text-button"
        :aria-label="`Let it go: “${aside.title}”`"
        @click="desk.letAsideGo(aside)"
      >
        Let it go
      </button>
    </div>
    <div v-if="desk.letGo" role="status" class="notice">
      <span>The notes moved, so the pins were let go.</span>
      <button type="button" class="plain-button" @click="desk.putBack()">Put them back</button>
    </div>
    <div v-if="desk.departs.length" role="status" class="notice">
      <span>
        Shown as it was saved. Today’s engine would change {{ desk.departs.length }}
        {{ desk.departs.length === 1 ? 'note' : 'notes' }} otherwise.
      </span>
      <NuxtLink class="plain-button" to="/compare?beside=today">Compare</NuxtLink>
      <button type="button" class="plain-button" @click="desk.takeEngine()">Take today’s</button>
    </div>
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 6px 0;
}
</style>
