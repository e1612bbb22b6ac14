<script setup lang="ts">
import { computed, onMounted, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import type { RecipeInput } from '#core/instrument'
import type { ChangePreview, Shelf } from '#shared/api'
import ChangeMany from '~/components/changes/ChangeMany.vue'
import ChangeSheet from '~/components/changes/ChangeSheet.vue'
import RichWords from '~/components/frame/RichWords.vue'
import { MAX_COMPARED } from '~/components/compare/beside'
import SetList from '~/components/sets/SetList.vue'
import ShelfTabs from '~/components/frame/ShelfTabs.vue'
import SureButton from '~/components/frame/SureButton.vue'
import FilterSentence from '~/components/library/FilterSentence.vue'
import { type Filter, finding } from '~/components/library/finding'
import TrashList from '~/components/library/TrashList.vue'
import StudyList from '~/components/library/StudyList.vue'
import TagChoice from '~/components/library/TagChoice.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { shelves } from '~/stores/shelves'
import { t } from '~/composables/words'

useHead({ title: t('library.library-tactum') })
const { studies, tags, done, error, busy, titleOf, start, undo, ...actions } = shelves()
const { move, tag, duplicate, putInSet, destroy, preview, changed } = actions
const { sought, found, onShelf, facetsOf, filtered, clear } = finding(studies, titleOf)
onMounted(start)

/** An address names no more studies than this. */
const MAX_IN_ADDRESS = 50
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

const countOn = (shelf: Shelf): number => (studies.value ?? []).filter((study) => study.shelf === shelf).length
const tabs = computed(() => [
  { value: 'library' as Shelf, words: t('library.library'), count: countOn('library') },
  { value: 'archive' as Shelf, words: t('library.archive'), count: countOn('archive') },
  { value: 'bin' as Shelf, words: t('library.bin'), count: countOn('bin') },
])
const setFilter = (name: Filter, value: string): void => {
  sought.value = { ...sought.value, [name]: value }
}
async function shelveChosen(shelf: Shelf): Promise<void> {
  await move(ids.value, shelf)
  if (!error.value) chooseNone()
}
const changes = shallowRef<ChangePreview | null>(null)
async function showChange(some: Partial<RecipeInput>): Promise<void> {
  changes.value = await preview(ids.value, some)
}
const EMPTY: Record<Shelf, string> = {
  library: t('library.none'),
  archive: t('library.none-archived'),
  bin: t('library.the-bin-is-empty'),
}
</script>

<template>
  <div class="pt-[16px]">
    <div class="flex flex-wrap items-baseline gap-x-8 gap-y-1">
      <h1 class="text-[26px]">{{ t('library.library') }}</h1>
      <ShelfTabs :label="t('library.shelf')" :value="sought.shelf" :shelves="tabs" @choose="sought.shelf = $event" />
      <label class="ml-auto text-[14px]">
        {{ t('library.find') }}
        <input
          v-model="sought.words"
          class="field ml-2 w-[min(280px,60vw)]"
          type="search"
          :placeholder="t('library.search')"
        />
      </label>
    </div>
    <div class="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <FilterSentence :sought="sought" :facets="facetsOf" @choose="setFilter" />
      <button v-if="filtered" type="button" class="text-button text-[14px] whitespace-nowrap" @click="clear">
        {{ t('library.show-all') }}
      </button>
      <button
        type="button"
        class="text-button ml-auto text-[14px] whitespace-nowrap"
        @click="sought.order = sought.order === 'newest' ? 'title' : 'newest'"
      >
        {{ sought.order === 'newest' ? t('library.newest-first') : t('library.by-title') }}
      </button>
    </div>
    <div class="mt-3 flex min-h-[40px] flex-wrap items-center gap-3 text-[14px]">
      <span class="tabular-nums" role="status">
        {{ studies ? t('library.found', { count: found.length, chosen: handful.length }) : t('library.not-read') }}
      </span>
      <template v-if="handful.length">
        <TagChoice :studies="handful" :known="tags" :disabled="busy" @tag="(add, off) => tag(ids, add, off)" />
        <ChangeMany v-if="sought.shelf !== 'bin'" :studies="handful" :disabled="busy" @show="showChange" />
        <WordPanel
          v-if="sought.shelf !== 'bin'"
          v-slot="{ close }"
          :words="t('library.to-set')"
          look="button"
          :disabled="busy"
        >
          <SetList @choose="(set) => (close(), putInSet(ids, set))" />
        </WordPanel>
        <button type="button" class="plain-button" :disabled="busy" @click="duplicate(ids)">
          {{ t('library.duplicate') }}
        </button>
        <NuxtLink
          v-if="ids.length <= MAX_IN_ADDRESS"
          class="plain-button leading-[20px]"
          :to="`/files?studies=${ids.join(',')}`"
          >{{ t('files.export') }}</NuxtLink
        >
        <NuxtLink
          v-if="ids.length <= MAX_IN_ADDRESS"
          class="plain-button leading-[20px]"
          :to="`/paper?studies=${ids.join(',')}`"
          >{{ t('paper.print') }}</NuxtLink
        >
        <NuxtLink
          v-if="ids.length > 1 && ids.length <= MAX_COMPARED"
          class="plain-button leading-[20px]"
          :to="`/compare?studies=${ids.join(',')}`"
        >
          {{ t('library.compare') }}
        </NuxtLink>
        <button
          v-if="sought.shelf === 'library'"
          type="button"
          class="plain-button"
          :disabled="busy"
          @click="shelveChosen('archive')"
        >
          {{ t('library.archive') }}
        </button>
        <button v-else type="button" class="plain-button" :disabled="busy" @click="shelveChosen('library')">
          {{ t('library.restore') }}
        </button>
        <button
          v-if="sought.shelf !== 'bin'"
          type="button"
          class="plain-button"
          :disabled="busy"
          @click="shelveChosen('bin')"
        >
          {{ t('library.to-bin') }}
        </button>
        <SureButton
          v-else
          class="plain-button"
          :question="t('library.delete-for-good', { count: handful.length })"
          :yes="t('library.delete')"
          @sure="destroy(ids)"
        >
          {{ t('library.delete-for-good-short') }}
        </SureButton>
        <button type="button" class="text-button" @click="chooseNone">{{ t('library.choose-none') }}</button>
      </template>
      <button v-if="found.length && handful.length < found.length" type="button" class="text-button" @click="chooseAll">
        {{ t('library.choose-all', { count: found.length }) }}
      </button>
      <span class="ml-auto" role="status">
        {{ done?.words }}
        <button v-if="done?.undo" type="button" class="text-button ml-2" @click="undo">{{ t('library.undo') }}</button>
      </span>
    </div>
    <ChangeSheet
      v-if="changes"
      :preview="changes"
      @close="changes = null"
      @done="((changes = null), changed($event))"
    />
    <p v-if="error" role="alert" class="py-1 text-missing">{{ error }}</p>
    <p v-if="!studies && !error" class="waiting quiet aside py-20">{{ t('library.fetching') }}</p>
    <p v-else-if="studies && onShelf.length === 0" class="mt-4 max-w-[560px] border border-rule bg-sheet p-6">
      {{ EMPTY[sought.shelf] }}
      <template v-if="sought.shelf === 'library'">
        <RichWords :message="{ code: 'library.begin-at-the-desk' }">
          <template #a="{ text }"
            ><NuxtLink class="underline" to="/desk">{{ text }}</NuxtLink></template
          >
        </RichWords>
      </template>
    </p>
    <p v-else-if="studies && found.length === 0" class="quiet aside mt-6">{{ t('library.no-match') }}</p>
    <StudyList v-else-if="studies" :studies="found" :chosen="chosen" @choose="choose" />
    <TrashList v-if="sought.shelf === 'bin'" />
  </div>
</template>
