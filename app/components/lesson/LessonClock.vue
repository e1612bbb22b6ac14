<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { t } from '~/composables/words'

/** The lesson's own clock: it runs from when it is started, and says when hands want a rest. */
const props = defineProps<{ minutes: number }>()
const emit = defineEmits<{ started: [] }>()

const [SECOND, MINUTE] = [1000, 60]
/** About five minutes' rest in every half hour (common practice, no source). */
const REST_AFTER = 25 * MINUTE
const [ran, since] = [ref(0), ref(0)]
const { pause, resume, isActive } = useIntervalFn(
  () => {
    ran.value++
    since.value++
  },
  SECOND,
  { immediate: false },
)
const clock = computed(() => `${Math.floor(ran.value / MINUTE)}:${String(ran.value % MINUTE).padStart(2, '0')}`)
const resting = computed(() => since.value >= REST_AFTER)
function start(): void {
  if (ran.value === 0) emit('started')
  resume()
}
function rest(): void {
  pause()
  since.value = 0
}
const left = computed(() => t('lesson.clock.of', { minutes: props.minutes }))
</script>

<template>
  <div class="flex flex-wrap items-baseline gap-3">
    <span class="font-serif text-[24px]" role="timer" :aria-label="t('practice.lesson.timer')">{{ clock }}</span>
    <span class="quiet text-[14px]">{{ left }}</span>
    <button type="button" class="plain-button" @click="isActive ? pause() : start()">
      {{ isActive ? t('practice.lesson.pause') : t('practice.lesson.begin') }}
    </button>
    <p v-if="resting" role="alert" class="w-full border border-rh bg-rh-wash p-2 text-[14px]">
      {{ t('practice.lesson.rest') }}
      <button type="button" class="plain-button ml-3" @click="rest">{{ t('practice.lesson.rested') }}</button>
    </p>
  </div>
</template>
