<script setup lang="ts">
import type { Coverage } from '#core/syllabus'
import StatusMark from './StatusMark.vue'
import { t, formatMessage } from '~/composables/words'

/** Keys in circle order against what is asked in them; status by shape, so that it prints in one ink. */
defineProps<{ coverage: Coverage }>()

const LEGEND = [
  { status: 'covered', words: t('sets.coverage-grid.covered') },
  { status: 'near', words: t('sets.coverage-grid.near') },
  { status: 'missing', words: t('sets.coverage-grid.missing') },
  { status: 'not-needed', words: t('sets.coverage-grid.spare') },
] as const
</script>

<template>
  <div>
    <table class="w-full border-collapse text-[13px]">
      <caption class="sr-only">
        {{
          t('sets.coverage-grid.label')
        }}
      </caption>
      <thead>
        <tr class="border-b border-ink">
          <th scope="col" class="pb-1 text-left font-normal">
            <span class="sr-only">{{ t('sets.coverage-grid.type') }}</span>
          </th>
          <th v-for="(key, at) in coverage.keys" :key="at" scope="col" class="key">{{ formatMessage(key) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, place) in coverage.rows" :key="place" class="border-b border-rule">
          <th scope="row" class="py-[5px] pr-2 text-left leading-[1.25] font-normal max-sm:min-w-[150px]">
            {{ formatMessage(row.words) }}
          </th>
          <td v-for="(cells, at) in row.cells" :key="at" class="text-center align-middle">
            <StatusMark
              v-for="cell in cells"
              :key="cell.atom"
              class="mx-px inline-block"
              :status="cell.status"
              :title="formatMessage(cell.words)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <p class="quiet mt-2 flex gap-5 text-[12.5px]" aria-hidden="true">
      <span v-for="each in LEGEND" :key="each.status" class="flex items-center gap-[6px]">
        <StatusMark :status="each.status" /> {{ each.words }}
      </span>
      <span>{{ t('sets.coverage-grid.legend-none') }}</span>
    </p>
  </div>
</template>

<style scoped>
.key {
  width: 5.1%;
  min-width: 34px;
  padding-bottom: 4px;
  font-family: var(--font-serif);
  font-size: 14px;
  font-weight: 600;
}
</style>
