<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { NuxtLink } from '#components'
import { definePageMeta, useHead, useRoute, useRouter } from '#imports'
import type { ItemMarks } from '#core/syllabus'
import type { Exam, StudySet } from '#shared/api'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import RichWords from '~/components/frame/RichWords.vue'
import ExamCall from '~/components/exam/ExamCall.vue'
import ExamRecord from '~/components/exam/ExamRecord.vue'
import { begunFor, isOf, markedIn, unmarked } from '~/components/exam/begun'
import type { Drawn } from '~/components/exam/drawn'
import { t } from '~/composables/words'

/** A mock exam: drawn as an examiner would, called one at a time, marked by the board's criteria, kept. */
definePageMeta({ layout: 'paper' })
const route = useRoute()
const router = useRouter()
const set = shallowRef<StudySet | null>(null)
const drawn = shallowRef<Drawn | null>(null)
const stored = shallowRef<Exam | null>(null)
const seed = ref(0)
const typed = ref('')
const { busy: saving, error, guarded } = working()
const begun = begunFor(String(route.params.id))
/** How many calls were marked when it was taken up again; null where it is new. */
const takenUp = ref<number | null>(null)
const drawnOtherwise = ref(false)

/** A draw's number: short enough to be written down, so that the same exam can be held again. */
const MAX_SEED = 99_999
const anySeed = (): number => 1 + Math.floor(Math.random() * MAX_SEED)

onMounted(() =>
  guarded(async () => {
    set.value = await ask('GET /api/sets/:id', { id: String(route.params.id) })
    const fromUrl = Number(route.query.seed)
    typed.value = String(Number.isInteger(fromUrl) && fromUrl > 0 ? fromUrl : (begun.value?.seed ?? anySeed()))
    // what was half marked when the page went away is taken up where it was left
    if (begun.value && markedIn(begun.value) > 0 && begun.value.seed === Number(typed.value)) await draw()
  }),
)
async function draw(): Promise<void> {
  const number = Number(typed.value)
  if (!Number.isInteger(number) || number < 1 || number > MAX_SEED) {
    error.value = t('sets.exam.seed-range', { MAX_SEED })
    return
  }
  seed.value = number
  await guarded(async () => {
    const found = await ask('GET /api/sets/:id/draw', { id: String(route.params.id), seed: number })
    const before = begun.value
    const same = before !== null && before.seed === number && markedIn(before) > 0
    takenUp.value = same && isOf(before, found) ? markedIn(before) : null
    drawnOtherwise.value = same && takenUp.value === null
    if (takenUp.value === null) begun.value = unmarked(number, found)
    drawn.value = found
    await router.replace({ query: { seed: String(number) } })
  })
}
const keep = (marks: readonly ItemMarks[], notes: readonly string[], unfinished: boolean): Promise<void> =>
  guarded(async () => {
    const { expected } = begun.value!
    const held = { setId: set.value!.id, seed: seed.value, marks, notes, expected, unfinished }
    stored.value = await ask('POST /api/exams', {}, held)
    begun.value = null
  })
function again(): void {
  stored.value = drawn.value = begun.value = null
  takenUp.value = null
  typed.value = String(anySeed())
}
const graded = computed(() => Boolean(set.value?.gradeId))
useHead({
  title: () => (set.value ? t('sets.exam.mock-exam', { name: set.value.pupil.name }) : t('sets.exam.page-title')),
})
</script>

<template>
  <div class="min-h-[80vh]">
    <p class="not-printed mb-4 flex items-baseline gap-5 border-b-[3px] border-double border-ink pb-2 text-[14px]">
      <NuxtLink class="text-button" :to="`/sets/${route.params.id}`">{{ t('sets.exam.to-set') }}</NuxtLink>
      <span v-if="drawn" class="quiet ml-auto">{{ t('sets.exam.draw-heading', { seed }) }}</span>
    </p>
    <p v-if="error" role="alert" class="mb-3 text-missing">{{ error }}</p>
    <p v-if="!set && !error" class="waiting quiet aside py-20 text-center">{{ t('sets.exam.fetching') }}</p>
    <ExamRecord v-if="stored" :exam="stored">
      <button type="button" class="main-button" @click="again">{{ t('sets.exam.another-draw') }}</button>
    </ExamRecord>
    <template v-else-if="drawn && begun">
      <p v-if="takenUp !== null" role="status" class="mb-3 text-[14.5px]">
        <RichWords :message="{ code: 'exam.exam-call.put-back', params: { count: takenUp } }">
          <template #a="{ text }"
            ><button type="button" class="text-button" @click="again">{{ text }}</button></template
          >
        </RichWords>
      </p>
      <p v-else-if="drawnOtherwise" role="status" class="mb-3 text-[14.5px]">
        {{ t('exam.exam-call.drawn-otherwise') }}
      </p>
      <ExamCall :key="seed" :drawn="drawn" :begun="begun" :saving="saving" @marked="begun = $event" @done="keep" />
    </template>
    <div v-else-if="set" class="mx-auto max-w-[620px] py-10">
      <h1 class="text-[30px]">{{ t('sets.exam.heading', { name: set.pupil.name }) }}</h1>
      <p v-if="!graded" class="quiet mt-4">
        <RichWords :message="{ code: 'sets.exam.no-grade', params: { title: set.title } }">
          <template #a="{ text }"
            ><NuxtLink class="underline" :to="`/sets/${set.id}`">{{ text }}</NuxtLink></template
          >
        </RichWords>
      </p>
      <form v-else class="mt-5" @submit.prevent="draw">
        <p>
          {{ t('sets.exam.explained') }}
        </p>
        <p class="mt-6 flex items-end gap-4">
          <label class="text-[14px]">
            {{ t('sets.exam.draw-number') }}
            <input v-model="typed" class="field mt-1 block w-[110px]" inputmode="numeric" />
          </label>
          <button type="submit" class="main-button">{{ t('sets.exam.draw') }}</button>
        </p>
        <p class="quiet mt-3 text-[13.5px]">{{ t('sets.exam.seed-why') }}</p>
      </form>
    </div>
  </div>
</template>
