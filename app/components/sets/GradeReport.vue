<script setup lang="ts">
import { computed } from 'vue'
import type { GradeReport } from '#core/syllabus'
import StatusMark from './StatusMark.vue'

const props = defineProps<{ report: GradeReport }>()

const groups = computed(() =>
  props.report.groups.map((group) => ({
    ...group,
    atoms: props.report.atoms.filter((atom) => atom.group === group.id),
  })),
)
</script>

<template>
  <section v-for="group in groups" :key="group.id" class="mt-5">
    <h3 class="flex items-baseline justify-between gap-3 border-b border-rule pb-[5px] text-[16px]">
      <span>{{ group.id }}. {{ group.title }}</span>
      <span class="quiet font-sans text-[13px] font-normal whitespace-nowrap"
        >{{ group.covered }} of {{ group.required }}</span
      >
    </h3>
    <ul class="text-[14.5px]">
      <li v-for="atom in group.atoms" :key="atom.id" class="mt-[8px] flex items-start gap-3">
        <StatusMark :status="atom.status" class="mt-[4px]" />
        <span>
          <span :class="{ quiet: atom.status === 'not-needed' }">{{ atom.words }}</span>
          <span v-if="atom.status === 'near'" class="aside block text-[14px] text-rh">
            no. {{ atom.study! + 1 }}: {{ atom.reasons.join('; ') }}
          </span>
          <span v-if="atom.status === 'not-needed'" class="aside quiet"> (enough without it)</span>
        </span>
      </li>
    </ul>
  </section>
</template>
