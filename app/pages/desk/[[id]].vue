<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useHead, useRoute, useRouter } from '#imports'
import type { RecipeInput } from '#core/study'
import ConflictDialog from '~/components/desk/ConflictDialog.vue'
import DeskNotices from '~/components/desk/DeskNotices.vue'
import PinBar from '~/components/desk/PinBar.vue'
import SaveBar from '~/components/desk/SaveBar.vue'
import TitleSentence from '~/components/desk/TitleSentence.vue'
import PianoMap from '~/components/map/PianoMap.vue'
import ScoreSystem from '~/components/score/ScoreSystem.vue'
import StairChart from '~/components/stair/StairChart.vue'
import { letteredReasons, letterMarks } from '~/components/why/letters'
import WhyColumn from '~/components/why/WhyColumn.vue'
import { wordsOf } from '~/composables/api'
import { fingerKeys } from '~/composables/fingerKeys'
import { realiser } from '~/composables/realiser'
import { engravingReady, layoutOf } from '~/engraving'
import { useDesk } from '~/stores/desk'
import type { Aside } from '~/stores/deskAside'

const route = useRoute()
const router = useRouter()
const desk = useDesk()
const onKey = fingerKeys(desk)
const failed = ref('')
const sheet = ref<HTMLElement>()
const { width: sheetWidth } = useElementSize(sheet)

const width = computed(() => Math.max(560, Math.floor(sheetWidth.value) - 20))
const systems = computed(() => (desk.study && sheetWidth.value > 0 ? layoutOf(desk.study, width.value) : []))
const stairHeight = computed(() => (systems.value.length > 1 ? 216 : 224))
const lettered = computed(() => (desk.study ? letteredReasons(desk.study) : []))
const letters = computed(() => letterMarks(lettered.value))
/** The pointer leads; without it the map shows where the selection is. */
const step = computed(() => desk.pointed ?? selectedStep.value)
const selectedStep = computed(() => {
  const { selected, study } = desk
  return (selected && study?.hands[selected.hand]?.notes[selected.index]?.step) ?? null
})

async function open(): Promise<void> {
  const id = typeof route.params.id === 'string' ? route.params.id : ''
  failed.value = ''
  if (id && id === desk.id) return
  try {
    if (id) await desk.open(id)
    else if (desk.id || !desk.study) await desk.begin()
  } catch (error) {
    failed.value = wordsOf(error)
  }
}
// the engraving face travels while the worker solves
void engravingReady()
void open()
watch(() => route.params.id, open)
useHead({ title: () => (desk.study ? `${desk.study.title} · Tactum` : 'Desk · Tactum') })

async function save(): Promise<void> {
  if (await desk.save()) await router.replace(desk.address)
}
async function keepMine(): Promise<void> {
  await desk.keepMine()
}
async function keepBoth(): Promise<void> {
  desk.duplicate()
  await save()
}
async function duplicate(): Promise<void> {
  desk.duplicate()
  await router.replace('/desk')
}
async function fresh(): Promise<void> {
  await desk.begin()
  await router.replace('/desk')
}
async function back(aside: Aside): Promise<void> {
  await desk.bringBack(aside)
  await router.replace(desk.address)
}
async function importFile(file: File): Promise<void> {
  failed.value = ''
  try {
    if (file.size > 1_000_000) throw new Error(`${file.name} is larger than 1 MB: not a study.`)
    const recipe = JSON.parse(await file.text()) as RecipeInput
    const answer = await realiser().realise(recipe)
    if ('fault' in answer) throw new Error(answer.fault.message)
    await desk.begin(answer.study.recipe)
    await router.replace('/desk')
  } catch (error) {
    failed.value = `${file.name}: ${wordsOf(error)}`
  }
}
</script>

<template>
  <div class="pt-[14px]">
    <p v-if="failed" role="alert" class="mb-2 text-missing">{{ failed }}</p>
    <p v-if="!desk.study && !failed" class="waiting quiet aside py-40 text-center">opening the study …</p>
    <template v-if="desk.study">
      <TitleSentence :recipe="desk.recipe" :study="desk.study" @change="desk.change" />
      <DeskNotices :desk="desk" @back="back" />
      <div class="mt-[10px] grid grid-cols-1 gap-[20px] lg:grid-cols-[minmax(0,1fr)_252px]">
        <section ref="sheet" class="self-start border border-rule bg-sheet" aria-label="The study">
          <div v-for="system in systems" :key="system.from" class="px-[10px] pt-1">
            <ScoreSystem
              :study="desk.study"
              :system="system"
              :width="width"
              :selected="desk.selected"
              :pointed="desk.pointed"
              :letters="letters"
              interactive
              @select="desk.selected = $event"
              @point="desk.pointed = $event"
              @key="onKey"
            />
            <StairChart
              :study="desk.study"
              :system="system"
              :width="width"
              :height="stairHeight"
              :selected="desk.selected"
              :pointed="desk.pointed"
              :letters="letters"
              @select="desk.selected = $event"
              @point="desk.pointed = $event"
            />
          </div>
          <div v-if="width" class="px-[10px] pb-2"><PianoMap :study="desk.study" :width="width" :step="step" /></div>
          <PinBar :desk="desk" />
          <SaveBar :desk="desk" @save="save" @duplicate="duplicate" @fresh="fresh" @file="importFile" />
        </section>
        <aside aria-label="Reasons and alternatives">
          <WhyColumn
            :study="desk.study"
            :lettered="lettered"
            :selected="desk.selected"
            @point="desk.pointed = $event"
            @select="desk.selected = $event"
            @take="desk.takeAlternative"
            @change="desk.change"
          />
        </aside>
      </div>
    </template>
    <ConflictDialog
      v-if="desk.conflict && desk.study"
      :mine="desk.study"
      :theirs="desk.conflict"
      @mine="keepMine"
      @theirs="desk.takeTheirs"
      @both="keepBoth"
      @close="desk.conflict = null"
    />
  </div>
</template>
