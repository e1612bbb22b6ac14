<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRoute, useRouter } from '#imports'
import { compareStudies, differenceWords, type Differences, legWords } from '#core/compare'
import type { RealisedStudy } from '#core/realise'
import { besides } from '~/components/compare/choices'
import CompareRow from '~/components/compare/CompareRow.vue'
import DegreeTable from '~/components/compare/DegreeTable.vue'
import WordChoice from '~/components/desk/WordChoice.vue'
import { realiser } from '~/composables/realiser'
import { useDesk } from '~/stores/desk'

/** The study on the desk and others beside it, note over note: forms, schools, the next best, more octaves. */
const desk = useDesk()
const route = useRoute()
const router = useRouter()
if (!desk.study) void desk.begin()

const choices = computed(() => (desk.study ? besides(desk.study) : []))
const chosen = computed(
  () => choices.value.find((each) => each.value === route.query.beside) ?? choices.value[0] ?? null,
)
const others = shallowRef<readonly { label: string; study: RealisedStudy }[]>([])
const fault = ref('')
const pointed = ref<number | null>(null)
const sheet = ref<HTMLElement>()
const { width: sheetWidth } = useElementSize(sheet)
const width = computed(() => Math.max(520, Math.floor(sheetWidth.value) - 252))

let asked = 0
watch(
  chosen,
  async (beside) => {
    const mine = ++asked
    if (!beside) return
    const recipes = JSON.parse(JSON.stringify(beside.recipes)) as typeof beside.recipes
    const answers = await Promise.all(recipes.map(({ recipe }) => realiser().realise(recipe)))
    if (mine !== asked) return
    fault.value = answers.flatMap((answer) => ('fault' in answer ? [answer.fault.message] : []))[0] ?? ''
    others.value = answers.flatMap((answer, at) =>
      'study' in answer ? [{ label: recipes[at]!.label, study: answer.study }] : [],
    )
  },
  { immediate: true },
)

const marks = (differences: Differences, side: 'a' | 'b'): string[] =>
  Object.entries(differences.hands).flatMap(([hand, { notes, fingers }]) =>
    [...notes, ...fingers].map((change) => `${hand} ${change[side]}`),
  )
const rows = computed(() => {
  const base = desk.study
  if (!base) return []
  return others.value.map(({ label, study }) => {
    const differences = compareStudies(base, study)
    const words = differenceWords(base, study, differences)
    return { label, study, words, changed: new Set(marks(differences, 'b')), mine: marks(differences, 'a') }
  })
})
const glance = computed(() => (desk.study ? [{ label: base.value, study: desk.study }, ...others.value] : []))

const base = computed(() => chosen.value?.base ?? 'on the desk')
/** What the study itself changes on its way down. */
const down = computed(() =>
  desk.study ? (['right', 'left'] as const).flatMap((hand) => legWords(desk.study!, hand)) : [],
)

/** The study itself first, framed where any of the others differs. */
const shown = computed(() => {
  if (!desk.study || sheetWidth.value === 0) return []
  const changed = new Set(rows.value.flatMap((row) => row.mine))
  return [{ label: base.value, study: desk.study, words: ['on the desk', ...down.value], changed }, ...rows.value]
})

async function toDesk(study: RealisedStudy): Promise<void> {
  await desk.put(study.recipe)
  await router.push(desk.address)
}
useHead({ title: 'Side by side · Tactum' })
</script>

<template>
  <div class="pt-[14px]">
    <p v-if="!desk.study" class="waiting quiet aside py-40 text-center">opening the study …</p>
    <template v-else>
      <h1 class="flex flex-wrap items-baseline gap-x-[12px] text-[24px] leading-[1.3]">
        <NuxtLink :to="desk.address" class="word" title="Back to the desk">{{ desk.study.title }}</NuxtLink>
        <span class="aside quiet text-[17px] font-normal">beside</span>
        <WordChoice
          v-if="chosen"
          label="Beside"
          :words="chosen.words"
          :value="chosen.value"
          :options="choices"
          @choose="router.replace({ query: { beside: $event } })"
        />
      </h1>
      <p v-if="fault" role="alert" class="mt-2 text-missing">{{ fault }}</p>
      <div ref="sheet" class="mt-3">
        <DegreeTable v-if="others.length" :studies="glance" class="mb-4" />
        <CompareRow
          v-for="row in shown"
          :key="row.label"
          :study="row.study"
          :label="row.label"
          :words="row.words"
          :width="width"
          :changed="row.changed"
          :pointed="pointed"
          @point="pointed = $event"
        >
          <button
            v-if="row.study !== desk.study"
            type="button"
            class="plain-button mt-2"
            :aria-label="`Put this on the desk: ${row.label}`"
            @click="toDesk(row.study)"
          >
            Put this on the desk
          </button>
        </CompareRow>
      </div>
    </template>
  </div>
</template>
