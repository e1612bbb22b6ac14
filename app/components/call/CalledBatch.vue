<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import type { RecipeInput } from '#core/instrument'
import type { ErrorData, Message } from '#core/message'
import { errorMessage } from '#words'
import { wordsOf } from '~/composables/api'
import { newestOnly, realised } from '~/composables/realiser'
import SetList from '~/components/sets/SetList.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { addToSet, binStudies, saveStudies } from '~/stores/library'
import { t, formatMessage } from '~/composables/words'

/** Several studies called at once: what they would be, and where to keep them. */
const props = defineProps<{ recipes: readonly RecipeInput[]; ready: boolean }>()

/** Ids of what was kept just now, so that it can be taken back. */
const saved = shallowRef<readonly string[]>([])

/** Whether it is to be kept as soon as it can be. */
const requested = shallowRef(false)

type Title = { title: Message } | { fault: ErrorData }
const titles = shallowRef<readonly Title[]>([])
const newest = newestOnly()
watch(
  () => JSON.stringify(props.recipes),
  async (recipes) => {
    saved.value = []
    requested.value = false
    const work = () => realised((api) => api.titles(JSON.parse(recipes)) as Promise<Title[]>)
    titles.value = (await newest(work)) ?? titles.value
  },
  { immediate: true },
)
const faults = computed(() => titles.value.filter((each) => 'fault' in each).length)
const can = computed(() => props.ready && faults.value === 0 && titles.value.length === props.recipes.length)

const notice = shallowRef('')
const working = shallowRef(false)

async function work(words: string, what: () => Promise<void>): Promise<void> {
  notice.value = words
  working.value = true
  try {
    await what()
  } catch (error) {
    notice.value = wordsOf(error)
  } finally {
    working.value = false
  }
}
const keep = (): Promise<void> =>
  work(t('call.called-batch.keeping'), async () => {
    saved.value = await saveStudies(props.recipes)
    notice.value = t('call.called-batch.saved', { count: saved.value.length })
  })
/** Enter on the line does what the button says, as soon as it can be done. */
watch([requested, can], () => {
  if (!requested.value || !can.value) return
  requested.value = false
  if (!working.value && saved.value.length === 0) void keep()
})
defineExpose({ keep: () => void (requested.value = true) })
const keepInSet = (set: { id: string; words: string }): Promise<void> =>
  work(t('call.called-batch.keeping'), async () => {
    saved.value = saved.value.length > 0 ? saved.value : await saveStudies(props.recipes)
    const added = await addToSet(set.id, saved.value)
    notice.value = t('call.called-batch.added', { added, words: set.words })
  })
const undo = (): Promise<void> =>
  work(t('call.called-batch.taking-back'), async () => {
    await binStudies(saved.value)
    saved.value = []
    notice.value = t('call.called-batch.undone')
  })
</script>

<template>
  <div class="mt-2 text-[14px]">
    <div class="flex flex-wrap items-center gap-4">
      <button type="button" class="main-button" :disabled="!can || working || saved.length > 0" @click="keep">
        {{ t('call.called-batch.save', { count: recipes.length }) }}
      </button>
      <WordPanel
        v-slot="{ close }"
        :words="t('call.called-batch.save-to-set')"
        look="button"
        :disabled="!can || working"
      >
        <SetList :recipe="recipes[0]" @choose="(set) => (close(), keepInSet(set))" />
      </WordPanel>
      <span role="status">{{ notice }}</span>
      <template v-if="saved.length && !working">
        <button type="button" class="text-button" @click="undo">{{ t('call.called-batch.take-back') }}</button>
        <NuxtLink class="text-button" to="/library">{{ t('call.called-batch.library') }}</NuxtLink>
      </template>
    </div>
    <ol
      class="mt-2 max-h-[180px] columns-1 gap-8 overflow-y-auto lg:columns-2"
      :aria-label="t('call.called-batch.the-studies')"
      tabindex="0"
    >
      <li v-for="(each, at) in titles" :key="at" class="break-inside-avoid py-[2px]">
        <span class="quiet mr-2 inline-block w-6 text-right tabular-nums">{{ at + 1 }}</span>
        <span v-if="'title' in each" class="font-serif">{{ formatMessage(each.title) }}</span>
        <span v-else class="text-missing">{{ formatMessage(errorMessage(each.fault)) }}</span>
      </li>
    </ol>
  </div>
</template>
