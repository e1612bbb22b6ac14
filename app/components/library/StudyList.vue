<script setup lang="ts">
import { useVirtualList } from '@vueuse/core'
import { computed, toRef, watch } from 'vue'
import { NuxtLink } from '#components'
import type { StudyListing } from '#shared/api'
import { locale, t, formatMessage } from '~/composables/words'

/** The studies found, a line each; only those in view are drawn, so that thousands scroll as tens do. */
const props = defineProps<{ studies: readonly StudyListing[]; chosen: ReadonlySet<string> }>()
const emit = defineEmits<{ choose: [id: string, through: boolean] }>()

const ROW = 36
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(
  toRef(() => props.studies as StudyListing[]),
  { itemHeight: ROW, overscan: 12 },
)
watch(
  () => props.studies,
  () => scrollTo(0),
)
const now = new Date()
/** The time today, the day this year, else the year too. */
const when = (iso: string): string => {
  const date = new Date(iso)
  if (date.toDateString() === now.toDateString()) {
    return date.toLocaleTimeString(locale(), { hour: '2-digit', minute: '2-digit' })
  }
  const year = date.getFullYear() === now.getFullYear() ? undefined : 'numeric'
  return date.toLocaleDateString(locale(), { day: 'numeric', month: 'short', year })
}
const rows = computed(() =>
  list.value.map(({ data, index }) => ({
    ...data,
    index,
    where: [...data.tags, ...data.pupils].join(', '),
    when: when(data.updatedAt),
  })),
)
</script>

<template>
  <div
    v-bind="containerProps"
    class="shelf"
    tabindex="0"
    role="region"
    :aria-label="t('library.study-list.studies-found')"
  >
    <ul v-bind="wrapperProps">
      <li
        v-for="study in rows"
        :key="study.id"
        class="row"
        :class="{ chosen: chosen.has(study.id) }"
        :aria-setsize="studies.length"
        :aria-posinset="study.index + 1"
      >
        <label class="pick">
          <input
            type="checkbox"
            class="h-[17px] w-[17px] accent-ink"
            :checked="chosen.has(study.id)"
            :aria-label="t('library.study-list.choose', { what: formatMessage(study.title) })"
            @click="emit('choose', study.id, $event.shiftKey)"
          />
        </label>
        <NuxtLink class="title" :to="`/desk/${study.id}`">{{ formatMessage(study.title) }}</NuxtLink>
        <span class="leader max-sm:hidden" aria-hidden="true"></span>
        <span class="aside quiet where max-sm:hidden">{{ study.where }}</span>
        <span class="quiet w-[64px] shrink-0 text-right tabular-nums max-sm:ml-auto">♩ = {{ study.bpm }}</span>
        <span class="quiet w-[70px] text-right tabular-nums max-sm:hidden">{{ study.when }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.shelf {
  height: calc(100vh - 250px);
  min-height: 300px;
  border-top: 1px solid var(--color-ink);
  border-bottom: 1px solid var(--color-rule);
}
.row {
  display: flex;
  height: 36px;
  align-items: baseline;
  gap: 4px;
  padding: 5px 10px 0 0;
  font-size: 14px;
  white-space: nowrap;
}
.row.chosen {
  background: var(--color-sheet);
  box-shadow: inset 3px 0 0 var(--color-ink);
}
.pick {
  display: inline-flex;
  flex: none;
  align-self: center;
  width: 34px;
  height: 30px;
  margin-top: -5px;
  align-items: center;
  justify-content: center;
}
.title {
  overflow: hidden;
  text-overflow: ellipsis;
  font-family: var(--font-serif);
  font-size: 16px;
}
.title:hover {
  text-decoration: underline;
}
.where {
  max-width: 280px;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
