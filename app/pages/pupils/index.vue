<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import { useHead } from '#imports'
import type { BulkEdit, ExamListing, Progress, Pupil } from '#shared/api'
import { undoChange } from '~/composables/undoing'
import ShelfTabs from '~/components/frame/ShelfTabs.vue'
import NewPupil from '~/components/pupils/NewPupil.vue'
import PupilList from '~/components/pupils/PupilList.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

useHead({ title: t('sets.index.pupils-tactum') })
const pupils = shallowRef<readonly Pupil[] | null>(null)
const exams = shallowRef<readonly ExamListing[]>([])
const progress = shallowRef<readonly Progress[]>([])
const { busy, error, guarded } = working()
/** What was done last, and how it is taken back. */
const done = shallowRef<{ readonly words: string; readonly undo: (() => Promise<string>) | null } | null>(null)

const read = async (): Promise<void> => {
  ;[pupils.value, exams.value] = await Promise.all([ask('GET /api/pupils'), ask('GET /api/exams')])
  // plans take their time: the pupils are there before them
  progress.value = await ask('GET /api/progress')
}
const load = (): Promise<void> => guarded(read)
onMounted(load)

/** More than these are found by typing. */
const FEW = 8
const sought = ref('')
const archived = ref(false)
const comingOrNot = (not: boolean): Pupil[] => (pupils.value ?? []).filter((pupil) => pupil.archived === not)
const shelves = computed(() => [
  { value: false, words: t('sets.index.coming'), count: comingOrNot(false).length },
  { value: true, words: t('sets.index.no-more'), count: comingOrNot(true).length },
])
const found = computed(() => {
  const words = sought.value.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  return comingOrNot(archived.value).filter(({ name, note }) => {
    const hay = `${name} ${note}`.toLocaleLowerCase()
    return words.every((word) => hay.includes(word))
  })
})

async function left(words: string, bin: string): Promise<void> {
  await load()
  const undo = async (): Promise<string> => {
    await ask('POST /api/bin/:id/restore', { id: bin }, {})
    return t('sets.index.back')
  }
  done.value = { words, undo }
}
async function refingered({ id, changed }: BulkEdit): Promise<void> {
  done.value = { words: t('changes.done', { count: changed }), undo: () => undoChange(id) }
  await load()
}
const undo = (): Promise<void> =>
  guarded(async () => {
    done.value = { words: await done.value!.undo!(), undo: null }
    await read()
  })
</script>

<template>
  <div class="pt-[22px]">
    <div class="flex flex-wrap items-baseline gap-x-8 gap-y-1">
      <h1 class="text-[26px]">{{ t('sets.index.pupils') }}</h1>
      <ShelfTabs
        v-if="shelves[1]!.count || archived"
        :label="t('sets.index.who')"
        :value="archived"
        :shelves="shelves"
        @choose="archived = $event"
      />
      <label v-if="(pupils?.length ?? 0) > FEW" class="ml-auto text-[14px]">
        {{ t('sets.index.find') }}
        <input
          v-model="sought"
          class="field ml-2 w-[min(240px,60vw)]"
          type="search"
          :placeholder="t('sets.index.search')"
        />
      </label>
    </div>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p v-if="done" role="status" class="mt-2 text-[14.5px]">
      {{ done.words }}
      <button v-if="done.undo" type="button" class="text-button ml-2" :disabled="busy" @click="undo">
        {{ t('changes.undo') }}
      </button>
    </p>
    <p v-if="!pupils && !error" class="waiting quiet aside py-20">{{ t('sets.index.fetching') }}</p>
    <p v-if="pupils?.length === 0" class="mt-6 max-w-[560px] border border-rule bg-sheet p-6">
      {{ t('sets.index.no-pupils') }}
    </p>
    <p v-if="pupils?.length && found.length === 0" role="status" class="quiet aside mt-6">
      {{ t('sets.index.nobody-called-so') }}
    </p>
    <PupilList
      v-if="pupils"
      class="mt-6"
      :pupils="found"
      :names="pupils"
      :exams="exams"
      :progress="progress"
      @changed="load"
      @left="left"
      @refingered="refingered"
    />
    <NewPupil v-if="pupils" class="mt-3" :names="pupils.map(({ name }) => name)" @added="load" />
  </div>
</template>
