<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import type { StudySet } from '#shared/api'
import RichWords from '~/components/frame/RichWords.vue'
import { ask } from '~/composables/api'
import { t } from '~/composables/words'

/** Where the study stands in the set that it was opened from: back to it, and to its neighbours. */
const props = defineProps<{ setId: string; studyId: string }>()
const set = shallowRef<StudySet | null>(null)
watch(
  () => props.setId,
  async (id) => {
    // a set that is gone has no places
    set.value = await ask('GET /api/sets/:id', { id }).catch(() => null)
  },
  { immediate: true },
)
const at = computed(() => set.value?.studies.findIndex(({ id }) => id === props.studyId) ?? -1)
const beside = (by: number): string | null => {
  const other = set.value?.studies[at.value + by]
  return other ? `/desk/${other.id}?set=${props.setId}` : null
}
const neighbours = computed(() => [
  { to: at.value > 0 ? beside(-1) : null, words: `‹ ${t('desk.set-place.before')}` },
  { to: beside(1), words: `${t('desk.set-place.after')} ›` },
])
</script>

<template>
  <nav v-if="set && at >= 0" class="mb-1 flex flex-wrap gap-x-4 text-[14px]" :aria-label="t('desk.set-place.place')">
    <span>
      <RichWords
        :message="{
          code: 'desk.set-place.of',
          params: { name: set.pupil.name, title: set.title, at: at + 1, of: set.studies.length },
        }"
      >
        <template #a="{ text }"
          ><NuxtLink class="text-button" :to="`/sets/${setId}`">{{ text }}</NuxtLink></template
        >
      </RichWords>
    </span>
    <template v-for="each in neighbours" :key="each.words">
      <NuxtLink v-if="each.to" class="text-button" :to="each.to">{{ each.words }}</NuxtLink>
    </template>
  </nav>
</template>
