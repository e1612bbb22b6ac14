<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { definePageMeta, useHead, useRouter } from '#imports'
import PlanItemLine from '~/components/practice/PlanItemLine.vue'
import LastEntry from '~/components/practice/LastEntry.vue'
import RecordLine from '~/components/practice/RecordLine.vue'
import { wholeDay } from '~/components/practice/dates'
import { pupilSet } from '~/components/practice/pupilSet'
import { t } from '~/composables/words'

/** Today's practice, one thing after the other, with a timer that says when to rest. */
definePageMeta({ layout: 'paper' })
const router = useRouter()
const { practice, pupil, error } = pupilSet()
useHead({ title: () => t('practice.lesson.page', { name: pupil.value?.name ?? '' }) })

const view = computed(() => practice.view)
const isToday = computed(() => view.value?.next?.day === view.value?.today)
const items = computed(() => (isToday.value ? view.value!.next!.items : []))

/** Seconds that the timer has run, all in all and since the last rest. */
const [ran, since] = [ref(0), ref(0)]
const { pause, resume, isActive } = useIntervalFn(
  () => {
    ran.value++
    since.value++
  },
  1000,
  { immediate: false },
)
/** About five minutes' rest in every half hour (common practice, no source). */
const [REST_AFTER, MINUTE] = [25 * 60, 60]
const clock = computed(() => `${Math.floor(ran.value / MINUTE)}:${String(ran.value % MINUTE).padStart(2, '0')}`)
const resting = computed(() => since.value >= REST_AFTER)
function rest(): void {
  pause()
  since.value = 0
}
</script>

<template>
  <div>
    <div class="mb-5 flex items-center gap-5 border-b-[3px] border-double border-ink pb-3 text-[14px]">
      <button type="button" class="text-button" @click="router.back()">{{ t('print.paper-bar.back') }}</button>
      <span class="ml-auto font-serif text-[24px]" role="timer" :aria-label="t('practice.lesson.timer')">{{
        clock
      }}</span>
      <button type="button" class="main-button" @click="isActive ? pause() : resume()">
        {{ isActive ? t('practice.lesson.pause') : t('practice.lesson.begin') }}
      </button>
    </div>
    <p v-if="error || practice.error" role="alert" class="text-missing">{{ error || practice.error }}</p>
    <p v-else-if="!view" class="waiting quiet aside py-20 text-center">{{ t('practice.fetching') }}</p>
    <template v-else>
      <h1 class="text-[26px]">
        {{ pupil?.name }} <span class="aside quiet text-[17px] font-normal">{{ wholeDay(view.today) }}</span>
      </h1>
      <p v-if="resting" role="alert" class="mt-3 border border-rh bg-rh-wash p-3">
        {{ t('practice.lesson.rest') }}
        <button type="button" class="plain-button ml-3" @click="rest">{{ t('practice.lesson.rested') }}</button>
      </p>
      <p v-if="items.length === 0" class="mt-5">
        {{ view.exam === null ? t('practice.choose-day') : t('practice.lesson.done') }}
      </p>
      <ul class="mt-3">
        <PlanItemLine
          v-for="item in items"
          :key="`${item.study} ${item.test}`"
          :item="item"
          :row="view.rows[item.study]!"
          :lesson="view.next!.lesson"
          roomy
          :busy="practice.busy"
          @recorded="(draft) => practice.add(view!.rows[item.study]!, draft)"
        />
      </ul>
      <LastEntry class="mt-3 text-[14px]" />
      <RecordLine class="mt-5" :rows="view.rows" :busy="practice.busy" @recorded="practice.addAll" />
      <p class="quiet mt-6 border-t border-rule pt-2 text-[12.5px]">
        {{ t('practice.today.rest') }} {{ t('practice.caution') }}
      </p>
    </template>
  </div>
</template>
