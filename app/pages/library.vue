<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, onMounted, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import type { Shelf } from '#shared/api'
import { MOST_COMPARED } from '~/components/compare/comparing'
import SetList from '~/components/sets/SetList.vue'
import SureButton from '~/components/frame/SureButton.vue'
import FilterSentence from '~/components/library/FilterSentence.vue'
import { type Filter, finding } from '~/components/library/finding'
import StudyList from '~/components/library/StudyList.vue'
import TagChoice from '~/components/library/TagChoice.vue'
import { shelves } from '~/stores/shelves'

useHead({ title: 'Library · Tactum' })
const { studies, tags, done, error, working, titleOf, start, move, tag, duplicate, putInSet, destroy, undo } = shelves()
const { sought, found, onShelf, facetsOf, filtered, clear } = finding(studies, titleOf)
onMounted(start)

const chosen = shallowRef<ReadonlySet<string>>(new Set())
/** What is chosen and still to be seen. */
const handful = computed(() => found.value.filter(({ id }) => chosen.value.has(id)))
const ids = computed(() => handful.value.map(({ id }) => id))
const last = shallowRef('')
/** Chooses a study or lets it go; with Shift all from the last one on. */
function choose(id: string, through: boolean): void {
  const order = found.value.map((study) => study.id)
  const [from, to] = [order.indexOf(last.value), order.indexOf(id)].toSorted((a, b) => a - b)
  const some = through && from! >= 0 ? order.slice(from, to! + 1) : [id]
  const on = !chosen.value.has(id)
  const next = new Set(chosen.value)
  for (const each of some) {
    if (on) next.add(each)
    else next.delete(each)
  }
  chosen.value = next
  last.value = id
}
const chooseAll = (): void => {
  chosen.value = new Set(found.value.map(({ id }) => id))
}
const chooseNone = (): void => {
  chosen.value = new Set()
}
watch(() => sought.value.shelf, chooseNone)

const SHELVES = [
  { shelf: 'library', words: 'Library' },
  { shelf: 'archive', words: 'Archive' },
  { shelf: 'bin', words: 'Bin' },
] as const satisfies readonly { shelf: Shelf; words: string }[]
const countOn = (shelf: Shelf): number => (studies.value ?? []).filter((study) => study.shelf === shelf).length
const setFilter = (name: Filter, value: string): void => {
  sought.value = { ...sought.value, [name]: value }
}
async function shelveChosen(shelf: Shelf): Promise<void> {
  await move(ids.value, shelf)
  if (!error.value) chooseNone()
}
const EMPTY: Record<Shelf, string> = {
  library: 'No study saved yet.',
  archive: 'Nothing in the archive. What is put here is out of the way, and found again.',
  bin: 'The bin is empty.',
}
</script>

<template>
  <div class="pt-[16px]">
    <div class="flex items-baseline gap-8">
      <h1 class="text-[26px]">Library</h1>
      <div role="group" aria-label="Shelf" class="flex gap-5 text-[15px]">
        <button
          v-for="each in SHELVES"
          :key="each.shelf"
          type="button"
          class="min-h-[30px]"
          :class="each.shelf === sought.shelf ? 'font-semibold' : 'quiet underline underline-offset-3'"
          :aria-pressed="each.shelf === sought.shelf"
          @click="sought.shelf = each.shelf"
        >
          {{ each.words }} <span class="tabular-nums">{{ countOn(each.shelf) }}</span>
        </button>
      </div>
      <label class="ml-auto text-[14px]">
        Find
        <input
          v-model="sought.words"
          class="field ml-2 w-[280px]"
          type="search"
          placeholder="title, tag or pupil: g# minor Nell"
        />
      </label>
    </div>
    <div class="mt-2 flex items-baseline gap-4">
      <FilterSentence :sought="sought" :facets="facetsOf" @choose="setFilter" />
      <button v-if="filtered" type="button" class="text-button text-[14px] whitespace-nowrap" @click="clear">
        Show all
      </button>
      <button
        type="button"
        class="text-button ml-auto text-[14px] whitespace-nowrap"
        @click="sought.order = sought.order === 'newest' ? 'title' : 'newest'"
      >
        {{ sought.order === 'newest' ? 'newest first' : 'by title' }}
      </button>
    </div>
    <div class="mt-3 flex min-h-[40px] flex-wrap items-center gap-3 text-[14px]">
      <span class="tabular-nums" role="status">
        {{ found.length }} found<template v-if="handful.length">, {{ handful.length }} chosen</template>
      </span>
      <template v-if="handful.length">
        <TagChoice :studies="handful" :known="tags" :disabled="working" @tag="(add, off) => tag(ids, add, off)" />
        <Popover v-if="sought.shelf !== 'bin'" as="div" class="relative">
          <PopoverButton class="plain-button" :disabled="working">Into a set</PopoverButton>
          <PopoverPanel v-slot="{ close }" class="choices max-h-[380px] w-[280px] overflow-auto p-3">
            <SetList @choose="(set) => (close(), putInSet(ids, set))" />
          </PopoverPanel>
        </Popover>
        <button type="button" class="plain-button" :disabled="working" @click="duplicate(ids)">Duplicate</button>
        <NuxtLink
          v-if="ids.length > 1 && ids.length <= MOST_COMPARED"
          class="plain-button leading-[20px]"
          :to="`/compare?studies=${ids.join(',')}`"
        >
          Compare
        </NuxtLink>
        <button
          v-if="sought.shelf === 'library'"
          type="button"
          class="plain-button"
          :disabled="working"
          @click="shelveChosen('archive')"
        >
          Archive
        </button>
        <button v-else type="button" class="plain-button" :disabled="working" @click="shelveChosen('library')">
          Back to the library
        </button>
        <button
          v-if="sought.shelf !== 'bin'"
          type="button"
          class="plain-button"
          :disabled="working"
          @click="shelveChosen('bin')"
        >
          To the bin
        </button>
        <SureButton
          v-else
          class="plain-button"
          :question="`Delete ${handful.length} for good?`"
          yes="Delete"
          @sure="destroy(ids)"
        >
          Delete for good
        </SureButton>
        <button type="button" class="text-button" @click="chooseNone">Choose none</button>
      </template>
      <button v-if="found.length && handful.length < found.length" type="button" class="text-button" @click="chooseAll">
        Choose all {{ found.length }}
      </button>
      <span class="ml-auto" role="status">
        {{ done?.words }}
        <button v-if="done?.undo" type="button" class="text-button ml-2" @click="undo">Undo</button>
      </span>
    </div>
    <p v-if="error" role="alert" class="py-1 text-missing">{{ error }}</p>
    <p v-if="!studies && !error" class="waiting quiet aside py-20">fetching the studies …</p>
    <p v-else-if="studies && onShelf.length === 0" class="mt-4 max-w-[560px] border border-rule bg-sheet p-6">
      {{ EMPTY[sought.shelf] }}
      <template v-if="sought.shelf === 'library'">
        Go to the <NuxtLink class="underline" to="/desk">desk</NuxtLink>, name a key in the title and press Save.
      </template>
    </p>
    <p v-else-if="studies && found.length === 0" class="quiet aside mt-6">No study is called that.</p>
    <StudyList v-else-if="studies" :studies="found" :chosen="chosen" @choose="choose" />
  </div>
</template>
