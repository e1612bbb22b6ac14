<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useElementBounding, useMediaQuery } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { BulkEdit, ExamListing, Progress, Pupil } from '#shared/api'
import PupilCard from './PupilCard.vue'

/** Pupils in two columns, or in one where there is no room; only those in view are drawn, so that hundreds scroll as ten do. */
const props = defineProps<{
  pupils: readonly Pupil[]
  names: readonly { readonly id: string; readonly name: string }[]
  exams: readonly ExamListing[]
  progress: readonly Progress[]
}>()
const emit = defineEmits<{ changed: []; left: [words: string, bin: string]; refingered: [change: BulkEdit] }>()

/** So many of the latest mock exams stand with their pupil. */
const MAX_EXAMS = 5
const DEFAULT_HEIGHT = 190
const wide = useMediaQuery('(min-width: 1024px)')
const columns = computed(() => (wide.value ? 2 : 1))
const rows = computed(() =>
  Array.from({ length: Math.ceil(props.pupils.length / columns.value) }, (_, at) =>
    props.pupils.slice(at * columns.value, (at + 1) * columns.value),
  ),
)
const list = ref<HTMLElement>()
const { top } = useElementBounding(list)
const margin = computed(() => Math.max(0, Math.round(top.value + window.scrollY)))
const virtualizer = useWindowVirtualizer(
  computed(() => ({
    count: rows.value.length,
    estimateSize: () => DEFAULT_HEIGHT,
    overscan: 4,
    scrollMargin: margin.value,
    getItemKey: (at: number) => rows.value[at]?.[0]?.id ?? at,
  })),
)
const drawn = computed(() => virtualizer.value.getVirtualItems())
const measure = (row: unknown): void => {
  if (row instanceof HTMLElement) virtualizer.value.measureElement(row)
}

const progressBySet = computed(
  () => new Map(props.progress.filter(({ over, wrong }) => !over && !wrong).map((way) => [way.setId, way])),
)
const examsOf = (pupil: Pupil): ExamListing[] =>
  props.exams.filter((exam) => exam.pupil.id === pupil.id).slice(0, MAX_EXAMS)
const othersThan = (pupil: Pupil): string[] => props.names.filter(({ id }) => id !== pupil.id).map(({ name }) => name)
</script>

<template>
  <div ref="list" class="relative" :style="{ height: `${virtualizer.getTotalSize()}px` }">
    <div
      v-for="row in drawn"
      :key="String(row.key)"
      :ref="measure"
      :data-index="row.index"
      class="absolute left-0 grid w-full grid-cols-1 gap-x-12 gap-y-7 pb-7 lg:grid-cols-2"
      :style="{ top: `${row.start - margin}px` }"
    >
      <PupilCard
        v-for="pupil in rows[row.index]"
        :key="pupil.id"
        :pupil="pupil"
        :others="othersThan(pupil)"
        :exams="examsOf(pupil)"
        :progress="progressBySet"
        @changed="emit('changed')"
        @left="(words, bin) => emit('left', words, bin)"
        @refingered="emit('refingered', $event)"
      />
    </div>
  </div>
</template>
