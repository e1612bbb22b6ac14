<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { EVEN, type Help, helpMessage } from '#core/practice'
import RichWords from '~/components/frame/RichWords.vue'
import { t, formatMessage } from '~/composables/words'
import type { PracticeView } from '~/practice'
import ForecastsKept from './ForecastsKept.vue'
import { namesOf } from './names'
import { longDay } from './dates'

/** Whether it will do by the day, what will not, and what would: each of them to be tried by one press. */
const props = defineProps<{
  view: PracticeView
  help: readonly Help[] | null
  tried: Help | null
  busy: boolean
  trying: boolean
  set: string
}>()
const emit = defineEmits<{ ask: []; try: [help: Help] }>()

const MAX_NAMED = 4
const then = computed(() => props.view.then!)
const named = computed(() => {
  const names = namesOf(props.view.rows.map(({ recipe }) => recipe))
  const all = then.value.notReady.map((study) => names[study]!)
  return [
    ...all.slice(0, MAX_NAMED),
    ...(all.length > MAX_NAMED ? [t('practice.will.more', { count: all.length - MAX_NAMED })] : []),
  ]
})
const hundred = (chance: number): number => Math.round(chance * 100)
const sum = computed(() => ({
  code: 'practice.will.sum',
  params: {
    day: longDay(props.view.exam!),
    right: then.value.right,
    all: props.view.rows.length,
  },
}))
/** Said where it says something. */
const interval = computed(() => {
  const [low, high] = [hundred(then.value.low), hundred(then.value.high)]
  return low === high ? { low: 'none', high: 'none' } : { low, high }
})
const comesTo = (help: Help): string =>
  t('practice.will.comes-to', { chance: hundred(help.chance), open: help.notReady.length })
</script>

<template>
  <section id="will" :aria-label="t('practice.will.title')">
    <h2 class="text-[19px]">{{ t('practice.will.title') }}</h2>
    <p class="mt-1 text-[14px]">
      <RichWords :message="sum" />
      {{ named.length ? t('practice.will.not-yet', { named: named.join(', ') }) : t('practice.will.all') }}
    </p>
    <p v-if="view.lacking" class="mt-1 text-[13.5px] text-missing">
      {{ t('practice.will.lacking', { count: view.lacking }) }}
      <NuxtLink class="text-button text-ink" :to="set">{{ t('practice.will.add') }}</NuxtLink>
    </p>
    <p class="quiet mt-1 text-[13.5px]">
      {{
        t('practice.will.chance', {
          drawn: then.drawn,
          lacking: view.lacking,
          chance: hundred(then.chance),
          ...interval,
        })
      }}
      {{ t('practice.will.rests', { tests: view.tests }) }}
    </p>
    <p v-if="view.unseen.length" class="mt-1 text-[13.5px] text-missing">
      {{ t('practice.will.unseen', { count: view.unseen.length }) }}
    </p>
    <template v-if="help || then.notReady.length || then.chance < EVEN">
      <p v-if="!help" class="mt-2">
        <button type="button" class="text-button text-[14px]" :disabled="busy" @click="emit('ask')">
          {{ trying ? t('practice.will.working') : t('practice.will.what-would-help') }}
        </button>
      </p>
      <ul v-else class="mt-2 text-[13.5px]">
        <li v-for="each in help" :key="each.change" class="flex items-baseline gap-2 py-[3px]">
          <button
            type="button"
            class="text-button font-medium"
            :class="{ tried: each === tried }"
            :aria-pressed="each === tried"
            :disabled="busy"
            @click="emit('try', each)"
          >
            {{ formatMessage(helpMessage(each)) }}
          </button>
          <span class="quiet">{{ comesTo(each) }}</span>
        </li>
        <li v-if="help.length === 0" class="quiet">{{ t('practice.will.nothing') }}</li>
      </ul>
    </template>
    <ForecastsKept />
  </section>
</template>

<style scoped>
.tried {
  font-weight: 700;
  text-decoration-thickness: 2px;
}
</style>
