<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { RealisedStudy } from '#core/realise'
import { notesTold } from '#core/study'
import { familyOf } from '#core/instrument'
import type { Study } from '#shared/api'
import ScoreSystem from '~/components/score/ScoreSystem.vue'
import { wordsOf } from '~/composables/api'
import { realised } from '~/composables/realiser'
import type { Realised } from '~/workers/realise.worker'
import { faultMessage } from '#words'
import { layoutOf } from '~/engraving'
import { t, tell } from '~/composables/words'

/** A study on paper, with the fingers that were accepted. */
const props = defineProps<{ study: Study; number?: number }>()
const emit = defineEmits<{ ready: [] }>()

/** Drawn wide and shrunk by the browser to the paper's width: lines stay sharp, since they are vectors. */
const WIDTH = 900
const NARROWEST = 21
const drawn = shallowRef<RealisedStudy | null>(null)
const error = ref('')
const systems = computed(() => (drawn.value ? layoutOf(drawn.value, WIDTH, NARROWEST) : []))
const tempo = computed(() => {
  const { recipe } = props.study
  const notes = t('print.printed-study.in', { notesTold: tell(notesTold(recipe.tempo.notesPerBeat)) })
  return familyOf(recipe).hasTouch ? `${notes}, ${t('name.touch', { touch: recipe.articulation })}` : notes
})

onMounted(async () => {
  const { recipe, accepted } = JSON.parse(JSON.stringify(props.study)) as Study
  try {
    const answer = await realised((api) => api.realise(recipe, accepted) as Promise<Realised>)
    if ('study' in answer) drawn.value = answer.study
    else error.value = tell(faultMessage(answer.fault))
  } catch (problem) {
    error.value = wordsOf(problem)
  }
  // the rest of a set can be printed all the same
  emit('ready')
})
</script>

<template>
  <article class="mb-5 break-inside-avoid">
    <h2 class="flex items-baseline text-[17px]">
      <span v-if="number" class="quiet w-[28px] font-normal">{{ number }}</span>
      <span>{{ tell(study.title) }}</span>
      <span class="leader" aria-hidden="true"></span>
      <span class="text-[14px] font-normal"
        >♩ = {{ study.recipe.tempo.bpm }} <em>{{ tempo }}</em></span
      >
    </h2>
    <p v-if="error" role="alert" class="py-4 text-missing">{{ error }}</p>
    <p v-else-if="!drawn" class="waiting quiet aside py-8 text-center">{{ t('print.printed-study.engraving') }}</p>
    <div v-for="system in systems" :key="system.from" class="sheet-line">
      <ScoreSystem v-if="drawn" :study="drawn" :system="system" :width="WIDTH" />
    </div>
  </article>
</template>

<style scoped>
.sheet-line {
  break-inside: avoid;
}
@media print {
  /* A4 leaves 182 mm (688 px) between the margins, Letter 188 mm */
  .sheet-line {
    zoom: 0.76;
  }
}
</style>
