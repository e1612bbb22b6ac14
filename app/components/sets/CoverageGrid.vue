<script setup lang="ts">
import type { Coverage } from '#core/syllabus'
import StatusMark from './StatusMark.vue'

/** Keys in circle order against what is asked in them; status by shape, so that it prints in one ink. */
defineProps<{ coverage: Coverage }>()

const LEGEND = [
  { status: 'covered', words: 'covered' },
  { status: 'near', words: 'near' },
  { status: 'missing', words: 'missing' },
  { status: 'not-needed', words: 'enough without it' },
] as const
</script>

<template>
  <div>
    <table class="w-full border-collapse text-[13px]">
      <caption class="sr-only">
        Coverage: keys in circle order against types
      </caption>
      <thead>
        <tr class="border-b border-ink">
          <th scope="col" class="pb-1 text-left font-normal"><span class="sr-only">Type</span></th>
          <th v-for="key in coverage.keys" :key="key" scope="col" class="key">{{ key }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in coverage.rows" :key="row.words" class="border-b border-rule">
          <th scope="row" class="py-[5px] pr-2 text-left leading-[1.25] font-normal">{{ row.words }}</th>
          <td v-for="(cells, at) in row.cells" :key="at" class="text-center align-middle">
            <StatusMark
              v-for="cell in cells"
              :key="cell.atom"
              class="mx-px inline-block"
              :status="cell.status"
              :title="cell.words"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <p class="quiet mt-2 flex gap-5 text-[12.5px]" aria-hidden="true">
      <span v-for="each in LEGEND" :key="each.status" class="flex items-center gap-[6px]">
        <StatusMark :status="each.status" /> {{ each.words }}
      </span>
      <span>no mark: not asked</span>
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
