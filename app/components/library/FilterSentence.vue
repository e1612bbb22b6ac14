<script setup lang="ts">
import { computed } from 'vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import { type Facet, type Filter, FILTER_NAMES, type Sought } from './finding'
import { t } from '~/composables/words'

/** What the library shows, as a sentence whose words are its filters. */
const props = defineProps<{ sought: Sought; facets: (name: Filter) => Facet[] }>()
const emit = defineEmits<{ choose: [name: Filter, value: string] }>()

const ANY: Record<Filter, { label: string; any: string }> = {
  instrument: { label: t('library.filter-sentence.instrument'), any: t('library.filter-sentence.any-instrument') },
  tonic: { label: t('library.filter-sentence.key'), any: t('library.filter-sentence.any-key') },
  kind: { label: t('library.filter-sentence.kind'), any: t('library.filter-sentence.any-kind') },
  hands: { label: t('library.filter-sentence.hands'), any: t('library.filter-sentence.any-hands') },
  pupil: { label: t('library.filter-sentence.pupil'), any: t('library.filter-sentence.any-pupil') },
  syllabus: { label: t('library.filter-sentence.syllabus'), any: t('library.filter-sentence.any-syllabus') },
  tag: { label: t('library.filter-sentence.tag'), any: t('library.filter-sentence.any-tag') },
}
const filters = computed(() =>
  FILTER_NAMES.map((name) => {
    const facets = props.facets(name)
    const now = props.sought[name]
    const { label, any } = ANY[name]
    const options = [
      { value: '', words: any, note: '' },
      ...facets.map(({ value, words, count }) => ({ value, words, note: String(count) })),
    ]
    return { name, label, now, options, words: options.find(({ value }) => value === now)?.words ?? now }
  }),
)
</script>

<template>
  <p class="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
    <WordChoice
      v-for="each in filters"
      :key="each.name"
      class="filter"
      :class="{ set: each.now }"
      :label="each.label"
      :words="each.words"
      :value="each.now"
      :options="each.options"
      @choose="emit('choose', each.name, $event)"
    />
  </p>
</template>

<style scoped>
.filter {
  color: var(--color-soft);
}
.filter.set {
  color: var(--color-ink);
  font-weight: 600;
}
.filter :deep(.choices) {
  max-height: 420px;
  overflow-y: auto;
  color: var(--color-ink);
}
</style>
