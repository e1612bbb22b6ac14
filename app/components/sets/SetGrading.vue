<script setup lang="ts">
import { computed, ref } from 'vue'
import { NuxtLink } from '#components'
import { taughtOf } from '#core/instrument'
import type { Message } from '#core/message'
import ChoicesSheet from './ChoicesSheet.vue'
import GradeReport from './GradeReport.vue'
import NewerNotice from './NewerNotice.vue'
import PolicyChoice from './PolicyChoice.vue'
import ReadinessLine from './ReadinessLine.vue'
import TubeLadder from './TubeLadder.vue'
import type { useSet } from '~/stores/set'
import { gapMessage, t } from '~/composables/words'
import RichWords from '~/components/frame/RichWords.vue'

/** Where a set stands, and what can be done about it. */
const props = defineProps<{ store: ReturnType<typeof useSet> }>()
const emit = defineEmits<{ grade: [syllabusId: string, gradeId: string] }>()

const set = computed(() => props.store.set!)
const current = computed(() => props.store.report!)
const report = computed(() => current.value.report)
const asking = ref(false)
/** Questions that the list leaves open: what is counted rests on how they are read. */
const open = computed(() => report.value?.entries.reduce((sum, entry) => sum + entry.open.length, 0) ?? 0)

const known = computed(() => current.value.preferences.choices ?? {})
/** What the list leaves open and this pupil was not asked before. */
const unasked = computed(() => current.value.choices.filter(({ id }) => known.value[id] === undefined))
/** What is missing is added at once where the list leaves no choice that was not made already. */
function addAll(): void {
  if (unasked.value.length > 0) asking.value = true
  else void props.store.addMissing()
}
async function build(choices: Record<string, string>): Promise<void> {
  asking.value = false
  await props.store.addMissing({ choices })
}
const drop = (places: readonly number[]): Promise<void> =>
  props.store.change({ studies: set.value.studies.filter((_, at) => !places.includes(at)) })
const counted = computed((): Message => {
  const { covered, near, missing, surplus } = report.value!
  return { code: 'sets.set-grading.counted', params: { covered, near, missing, surplus: surplus.length } }
})
const later = (): void => emit('grade', current.value.newer!.syllabusId, set.value.gradeId!)
</script>

<template>
  <TubeLadder
    :placements="current.placements"
    :syllabus-id="set.syllabusId"
    :grade-id="set.gradeId"
    @choose="(syllabusId, gradeId) => emit('grade', syllabusId, gradeId)"
  />
  <p v-if="current.placements.length === 0" class="quiet mt-2">
    <RichWords :message="{ code: 'sets.set-grading.no-list' }">
      <template #a="{ text }"
        ><NuxtLink class="underline" to="/syllabi">{{ text }}</NuxtLink></template
      >
    </RichWords>
  </p>
  <template v-if="report">
    <NewerNotice
      v-if="current.newer"
      :newer="current.newer"
      :set="set"
      :busy="store.busy"
      @move="later"
      @settle="store.settleList()"
      @drop="drop"
    />
    <div class="mt-4 flex flex-wrap items-center justify-between gap-x-4 gap-y-2 text-[14.5px]">
      <p>
        <RichWords :message="counted" />{{ ` ${gapMessage(report)} ` }}
        <span v-if="open" class="aside text-rh">{{ `${t('sets.set-grading.counted-as-read-open', { open })} ` }}</span>
        <PolicyChoice
          class="ml-1"
          :policies="set.policies"
          :fingers="taughtOf(set.pupil.instrument).family.examined.saysHands"
          @change="(policies) => store.change({ policies })"
        />
      </p>
      <span v-if="report.missing > 0" class="flex items-baseline gap-4">
        <button
          v-if="current.choices.length > 0 && unasked.length === 0"
          type="button"
          class="text-button"
          @click="asking = true"
        >
          {{ t('sets.set-grading.as-chosen', { name: set.pupil.name }) }}
        </button>
        <button type="button" class="main-button" :disabled="store.busy" @click="addAll">
          {{ t('sets.set-grading.add-missing', { missing: report.missing }) }}
        </button>
      </span>
    </div>
    <ReadinessLine
      v-if="current.readiness"
      class="mt-2"
      :readiness="current.readiness"
      :record="`/pupils/${set.pupil.id}?set=${set.id}`"
    />
    <p class="mt-2 flex gap-5 text-[14px]">
      <NuxtLink class="text-button" :to="`/sets/${set.id}/coverage`">{{ t('sets.set-grading.coverage') }}</NuxtLink>
      <NuxtLink class="text-button" :to="`/sets/${set.id}/exam`">{{ t('sets.set-grading.mock-exam') }}</NuxtLink>
    </p>
    <GradeReport
      :report="report"
      :practice-states="current.readiness?.practiceStates ?? {}"
      :busy="store.busy"
      @mend="(atom) => store.mend(atom)"
      @add="(only) => store.addMissing({ only })"
    />
    <ChoicesSheet
      v-if="asking"
      :pupil="set.pupil.name"
      :missing="report.missing"
      :choices="current.choices"
      :known="known"
      @close="asking = false"
      @build="build"
    />
  </template>
  <p v-else-if="current.placements.length" class="quiet mt-6">
    {{ t('sets.set-grading.choose') }}
  </p>
</template>
