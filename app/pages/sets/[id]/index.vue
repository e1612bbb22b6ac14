<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRoute, useRouter } from '#imports'
import RichWords from '~/components/frame/RichWords.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import SureButton from '~/components/frame/SureButton.vue'
import OtherWays from '~/components/sets/OtherWays.vue'
import ProgrammeFoot from '~/components/sets/ProgrammeFoot.vue'
import ProgrammeList from '~/components/sets/ProgrammeList.vue'
import SetExams from '~/components/sets/SetExams.vue'
import SetGrading from '~/components/sets/SetGrading.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { taughtOf } from '#core/instrument'
import { ask, wordsOf } from '~/composables/api'
import { useSet } from '~/stores/set'
import { t } from '~/composables/words'

const route = useRoute()
const router = useRouter()
const store = useSet()
const title = ref('')

onMounted(() => store.open(String(route.params.id)))
watch(
  () => store.set?.title,
  (now) => (title.value = now ?? ''),
)
useHead({
  title: () =>
    store.set
      ? t('sets.index.tactum', { name: store.set.pupil.name, title: store.set.title })
      : t('sets.index.set-tactum'),
})

const report = computed(() => store.report?.report ?? null)
const near = computed(
  () => new Set(report.value?.atoms.flatMap((atom) => (atom.status === 'near' ? [atom.study!] : [])) ?? []),
)
const surplus = computed(() => new Set(report.value?.surplus ?? []))
/** “Tern Quay” of “Tern Quay Awards”. */
const shortBoard = (board: string): string => board.replace(/\s+\S+$/, '')
const against = computed(() => {
  const { grade } = store
  return grade ? `${shortBoard(grade.syllabus.board)}, ${grade.grade.title}` : t('sets.index.no-grade')
})
const grades = computed(() =>
  store.syllabi
    .filter(({ instrument }) => instrument === taughtOf(store.set?.pupil.instrument ?? '').list)
    .flatMap((syllabus) =>
      syllabus.grades.map((grade) => ({
        value: `${syllabus.id}\n${grade.id}`,
        words: `${shortBoard(syllabus.board)}, ${grade.title}`,
        note: [t('sets.index.listed', { atoms: grade.atoms }), syllabus.edition].filter(Boolean).join(', '),
      })),
    ),
)
const gradeValue = computed(() => `${store.set?.syllabusId}\n${store.set?.gradeId}`)

function chooseGrade(syllabusId: string, gradeId: string): void {
  void store.change({ syllabusId, gradeId })
}
function chooseValue(value: string): void {
  const [syllabusId, gradeId] = value.split('\n') as [string, string]
  chooseGrade(syllabusId, gradeId)
}
async function rename(close: () => void): Promise<void> {
  if (title.value.trim()) await store.change({ title: title.value.trim() })
  close()
}
async function removeSet(): Promise<void> {
  try {
    await ask('DELETE /api/sets/:id', { id: store.set!.id })
    await router.push('/pupils')
  } catch (error) {
    store.error = wordsOf(error)
  }
}
</script>

<template>
  <div class="pt-[14px]">
    <p v-if="store.error" role="alert" class="mb-2 text-missing">{{ store.error }}</p>
    <p v-if="!store.set && !store.error" class="waiting quiet aside py-40 text-center">
      {{ t('sets.index.fetching-set') }}
    </p>
    <template v-if="store.set">
      <div class="flex flex-wrap items-baseline justify-between gap-4">
        <h1 class="flex flex-wrap items-baseline gap-x-[10px] text-[26px]">
          <span>{{ store.set.pupil.name }}</span>
          <span class="quiet font-normal" aria-hidden="true">·</span>
          <WordPanel
            v-slot="{ close }"
            :words="store.set.title"
            :label="t('sets.index.set', { title: store.set.title })"
          >
            <form class="w-[300px] p-4 text-[15px] font-normal" @submit.prevent="rename(close)">
              <label for="set-title" class="block text-[14px] font-medium">{{ t('sets.index.title') }}</label>
              <div class="mt-1 flex gap-2">
                <input id="set-title" v-model="title" class="field min-w-0 flex-1" maxlength="120" />
                <button type="submit" class="plain-button">{{ t('sets.index.rename') }}</button>
              </div>
              <p class="mt-3 border-t border-rule pt-2">
                <SureButton
                  class="text-button text-[14px]"
                  :question="t('frame.sure-button.sure-bin')"
                  :yes="t('frame.sure-button.delete')"
                  @sure="removeSet"
                >
                  {{ t('sets.index.delete') }}
                </SureButton>
              </p>
              <p class="quiet text-[13px]">{{ t('sets.index.delete-why') }}</p>
            </form>
          </WordPanel>
          <span class="quiet font-normal" aria-hidden="true">·</span>
          <span>{{ t('sets.index.against') }}</span>
          <span v-if="grades.length === 0" class="quiet font-normal">{{ against }}</span>
          <WordChoice
            v-else
            :label="t('sets.index.grade')"
            :words="against"
            :value="gradeValue"
            :options="grades"
            @choose="chooseValue"
          />
          <span v-if="report" class="aside quiet text-[16px] font-normal">
            {{ t('sets.index.counts', { covered: report.covered, required: report.required }) }}
          </span>
        </h1>
        <span class="flex items-baseline gap-4 text-[14px]">
          <button
            v-if="store.back && !store.busy"
            type="button"
            class="text-button max-w-[340px] truncate"
            :title="store.back.words"
            @click="store.undoLast()"
          >
            {{ t('sets.index.undo', { words: store.back.words }) }}
          </button>
          <button v-else-if="store.taken && !store.busy" type="button" class="text-button" @click="store.putBack()">
            {{ t('sets.index.put-back', { value: store.taken.at + 1 }) }}
          </button>
          <span class="quiet" role="status">{{
            store.busy ? t('sets.index.saving') : store.notice || t('name.saved')
          }}</span>
        </span>
      </div>

      <div
        v-if="store.conflict"
        role="alert"
        class="mt-2 flex flex-wrap items-center gap-4 border border-missing p-3 text-[14px]"
      >
        <span class="flex-1">
          {{
            t('sets.index.conflict', {
              title: store.conflict.current.title,
              count: store.conflict.current.studies.length,
              title2: store.conflict.wanted.title,
              count2: store.conflict.wanted.studies.length,
            })
          }}
        </span>
        <button type="button" class="plain-button" @click="store.takeTheirs()">
          {{ t('sets.index.take-theirs') }}
        </button>
        <button type="button" class="plain-button" @click="store.keepMine()">{{ t('sets.index.keep-mine') }}</button>
      </div>

      <div class="mt-[10px] grid grid-cols-1 gap-[26px] lg:grid-cols-[minmax(0,520px)_minmax(0,1fr)]">
        <section class="flex flex-col self-start border border-rule bg-sheet" :aria-label="t('sets.index.programme')">
          <ProgrammeList
            v-if="store.set.studies.length"
            class="py-3"
            :set-id="store.set.id"
            :studies="store.set.studies"
            :near="near"
            :surplus="surplus"
            @move="store.move"
            @remove="store.remove"
          />
          <div v-else class="px-8 py-14 text-center">
            <p class="font-serif text-[19px] font-semibold">{{ t('sets.index.empty') }}</p>
            <p class="quiet mt-2">
              <RichWords :message="{ code: 'sets.index.empty-how' }">
                <template #a="{ text }"
                  ><NuxtLink class="underline" to="/desk">{{ text }}</NuxtLink></template
                >
              </RichWords>
            </p>
          </div>
          <ProgrammeFoot
            :set-id="store.set.id"
            :studies="store.set.studies.length"
            :busy="store.busy"
            @order="(by) => store.order(by)"
          />
        </section>
        <section :aria-label="t('sets.index.grading')">
          <h2 class="text-[18px]">{{ t('sets.index.grading-label') }}</h2>
          <p v-if="!store.report" class="waiting quiet aside py-6">{{ t('sets.index.grading-now') }}</p>
          <template v-else>
            <OtherWays
              class="mb-2"
              :set="store.set"
              :preferences="store.report.preferences"
              @changed="store.open(store.set.id)"
            />
            <SetGrading :store="store" @grade="chooseGrade" />
          </template>
          <SetExams :key="store.set.id" class="mt-6" :set-id="store.set.id" />
        </section>
      </div>
    </template>
  </div>
</template>
