<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRoute, useRouter } from '#imports'
import { acceptedOf, type RealisedStudy } from '#core/realise'
import CompareRow from '~/components/compare/CompareRow.vue'
import { comparing } from '~/components/compare/comparing'
import DegreeTable from '~/components/compare/DegreeTable.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import { useDesk } from '~/stores/desk'
import { usePaper } from '~/stores/paper'
import { t, formatMessage } from '~/composables/words'

/** Studies beside each other, note over note: forms, schools, the next best, more octaves, or some of the library. */
const desk = useDesk()
const route = useRoute()
const router = useRouter()
const ids = computed(() =>
  String(route.query.studies ?? '')
    .split(',')
    .filter(Boolean),
)
if (!desk.study && ids.value.length === 0) void desk.begin()

const { choices, chosen, base, others, rows, glance, fault } = comparing(
  desk,
  () => ids.value,
  () => route.query.beside,
)
const pointed = ref<number | null>(null)
const sheet = ref<HTMLElement>()
const { width: sheetWidth } = useElementSize(sheet)
const width = computed(() => Math.max(300, Math.floor(sheetWidth.value) - (sheetWidth.value > 970 ? 252 : 4)))

async function toDesk(study: RealisedStudy): Promise<void> {
  // what is compared with the desk changes it; what comes from the library comes as a study of its own
  if (ids.value.length > 0) await desk.begin(study.recipe)
  else await desk.replace(study.recipe)
  await router.push(desk.address)
}
/** Takes what stands side by side to paper, with the marks that stand. */
async function toPaper(): Promise<void> {
  usePaper().given = rows.value.map(({ study }) => ({ recipe: study.recipe, accepted: acceptedOf(study) }))
  await router.push('/paper?of=given&sheet=studies')
}
useHead({ title: t('compare.page-title') })
</script>

<template>
  <div class="pt-[14px]">
    <p v-if="fault" role="alert" class="mb-2 text-missing">{{ fault }}</p>
    <p v-if="!base && !fault" class="waiting quiet aside py-40 text-center">{{ t('compare.opening') }}</p>
    <template v-if="base">
      <h1 class="flex flex-wrap items-baseline gap-x-[12px] text-[24px] leading-[1.3]">
        <NuxtLink v-if="ids.length === 0" :to="desk.address" class="word" :title="t('compare.to-desk')">
          {{ formatMessage(base.study.title) }}
        </NuxtLink>
        <span v-else>{{ t('compare.heading', { count: rows.length }) }}</span>
        <template v-if="chosen">
          <span class="aside quiet text-[17px] font-normal">{{ t('compare.beside') }}</span>
          <WordChoice
            :label="t('compare.beside-label')"
            :words="chosen.words"
            :value="chosen.value"
            :options="choices"
            @choose="router.replace({ query: { beside: $event } })"
          />
        </template>
        <button type="button" class="text-button ml-auto text-[15px] font-normal" @click="toPaper">
          {{ t('paper.print') }}
        </button>
      </h1>
      <div ref="sheet" class="mt-3">
        <div class="mb-4 overflow-x-auto" tabindex="0" role="region" :aria-label="t('compare.glance')">
          <DegreeTable v-if="others.length" :studies="glance" />
        </div>
        <template v-if="sheetWidth">
          <CompareRow
            v-for="(row, at) in rows"
            :key="`${at} ${row.label}`"
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
              :aria-label="t('compare.put-on-desk', { label: row.label })"
              @click="toDesk(row.study)"
            >
              {{ t('compare.put-on-desk-short') }}
            </button>
          </CompareRow>
        </template>
      </div>
    </template>
  </div>
</template>
