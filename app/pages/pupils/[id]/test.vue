<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { definePageMeta, useHead, useRouter } from '#imports'
import type { Outcome, Where } from '#core/practice'
import OutcomeButtons from '~/components/practice/OutcomeButtons.vue'
import TempoStep from '~/components/practice/TempoStep.vue'
import { bpmOf, notesOf } from '~/components/practice/tempo'
import { pupilSet } from '~/components/practice/pupilSet'
import { t, formatMessage } from '~/composables/words'
import type { Row } from '~/practice'

/** Cold tests on the stand: what is due is called once each, large; no repairs. By key, touch or pedal. */
definePageMeta({ layout: 'paper' })
const router = useRouter()
const { practice, pupil, error } = pupilSet()
useHead({ title: () => t('practice.test.page', { name: pupil.value?.name ?? '' }) })

/** What is called stays as it was when it began: what goes wrong is asked again another day. */
const calls = ref<Row[] | null>(null)
const at = ref(0)
const bpm = ref(0)
const heading = ref<HTMLElement>()
const buttons = ref<InstanceType<typeof OutcomeButtons>>()
const outcomes = ref(new Map<string, Outcome>())

watch(
  () => practice.view,
  (view) => {
    if (!view || calls.value) return
    const planned = new Set(
      view.next?.day === view.today ? view.next.items.filter(({ test }) => test).map(({ study }) => study) : [],
    )
    const isDue = ({ study, due, lastSeen }: Row): boolean =>
      lastSeen !== view.today && (planned.has(study) || (due !== null && due <= view.today))
    calls.value = view.rows.filter(isDue)
    set()
  },
  { immediate: true },
)
const row = computed(() => calls.value?.[at.value] ?? null)
const over = computed(() => calls.value !== null && at.value >= calls.value.length)
function set(): void {
  if (row.value)
    bpm.value = bpmOf(Math.min(row.value.required, row.value.cleanTempo || row.value.tempo), row.value.recipe)
}
async function next(): Promise<void> {
  at.value++
  set()
  await nextTick()
  heading.value?.focus()
}
async function say(outcome: Outcome, where?: Where): Promise<void> {
  const own = row.value!
  await practice.add(own, {
    ...{ outcome, tempo: notesOf(bpm.value, own.recipe), kind: 'cold-test', minutes: 1 },
    ...(where ? { where } : {}),
  })
  if (practice.error) return
  outcomes.value = new Map([...outcomes.value, [own.id, outcome]])
  await next()
}
const KEYS: Readonly<Record<string, Outcome>> = {
  '1': 'right',
  '2': 'hesitated',
  '3': 'wrong',
  PageDown: 'right',
  PageUp: 'wrong',
}
/** A pedal sends Page Down; figures do for a keyboard. */
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const outcome = KEYS[event.key]
  if (!outcome || !row.value || practice.busy || (event.target as HTMLElement).closest('input, .where')) return
  event.preventDefault()
  // a foot does not look for the note
  if (event.key === 'PageUp') void say('wrong')
  else void buttons.value?.press(outcome)
})
const counted = computed(() => ({
  right: [...outcomes.value.values()].filter((outcome) => outcome === 'right').length,
  all: outcomes.value.size,
}))
</script>

<template>
  <div>
    <div class="mb-5 flex items-center gap-5 border-b-[3px] border-double border-ink pb-3 text-[14px]">
      <button type="button" class="text-button" @click="router.back()">{{ t('print.paper-bar.back') }}</button>
      <span class="aside quiet">{{ pupil?.name }}</span>
      <span v-if="row" class="ml-auto" role="status">{{
        t('practice.test.of', { at: at + 1, all: calls!.length })
      }}</span>
    </div>
    <p v-if="error || practice.error" role="alert" class="text-missing">{{ error || practice.error }}</p>
    <p v-if="!calls && !error" class="waiting quiet aside py-20 text-center">{{ t('practice.fetching') }}</p>
    <section v-if="row" class="pt-[7vh] text-center" :aria-label="t('practice.test.call')">
      <h1 ref="heading" tabindex="-1" class="text-[clamp(34px,6vw,64px)] leading-[1.15] outline-none">
        {{ formatMessage(row.title) }}
      </h1>
      <p class="aside quiet mt-4 text-[20px]">{{ t('practice.test.once') }}</p>
      <p class="mt-10">
        <TempoStep v-model="bpm" big :label="t('practice.tempo.of', { title: formatMessage(row.title) })" />
      </p>
      <p class="quiet mt-1 text-[15px]">{{ t('practice.test.asked', { bpm: bpmOf(row.required, row.recipe) }) }}</p>
      <div class="mt-10 flex justify-center">
        <OutcomeButtons
          ref="buttons"
          :title="formatMessage(row.title)"
          :recipe="row.recipe"
          :busy="practice.busy"
          big
          @recorded="say"
        />
      </div>
      <p class="quiet mt-8 text-[14px]">{{ t('practice.test.keys') }}</p>
    </section>
    <section v-else-if="over" class="pt-[10vh] text-center">
      <h1 ref="heading" tabindex="-1" class="text-[34px] outline-none">
        {{ counted.all ? t('practice.test.over', counted) : t('practice.test.none') }}
      </h1>
      <ul class="mx-auto mt-6 max-w-[460px] text-left">
        <li v-for="call in calls" :key="call.id" class="flex items-baseline py-1">
          <span class="font-serif">{{ formatMessage(call.title) }}</span>
          <span class="leader" aria-hidden="true"></span>
          <span>{{ t('practice.outcome', { outcome: outcomes.get(call.id) ?? 'none' }) }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>
