<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useHead, useRoute } from '#imports'
import { type SheetId, SHEETS } from '#shared/paper/requests'
import RichWords from '~/components/frame/RichWords.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import KeysChoice from '~/components/paper/KeysChoice.vue'
import LookChoice from '~/components/paper/LookChoice.vue'
import PaperPreview from '~/components/paper/PaperPreview.vue'
import WordRow from '~/components/paper/WordRow.vue'
import WorksheetChoice from '~/components/paper/WorksheetChoice.vue'
import { outSources } from '~/components/files/outSources'
import { working } from '~/composables/working'
import { t, formatMessage } from '~/composables/words'
import { usePaper } from '~/stores/paper'

/** Sheets of paper: which, of what, with what on it; beside it the pages as they will be printed. */
useHead({ title: t('paper.head') })
const route = useRoute()
const paper = usePaper()
const { error, guarded } = working()
const { ready, sources, sets, lessons, picked } = outSources(guarded)
const wanted = SHEETS.find((sheet) => sheet === route.query.sheet)
if (wanted) paper.choose('sheet', wanted)
else if (route.query.set !== undefined || route.query.studies !== undefined) {
  if (!['studies', 'cards'].includes(paper.choice.sheet)) paper.choose('sheet', 'studies')
}

const sheet = computed(() => paper.choice.sheet)
const needsStudies = computed(() => ['studies', 'cards', 'week', 'lesson'].includes(sheet.value))
/** A week is of a set, a lesson of a pupil. */
const offered = computed(() =>
  sheet.value === 'week' ? sets.value : sheet.value === 'lesson' ? lessons.value : sources.value,
)
const chosenSource = computed(() => offered.value.find(({ value }) => value === picked.value) ?? offered.value[0])
watch(
  [ready, chosenSource],
  () => {
    paper.out = ready.value && chosenSource.value ? chosenSource.value.out() : null
  },
  { immediate: true },
)
const sheets = SHEETS.map((value) => ({
  value,
  words: t('paper.sheet.name', { sheet: value }),
  note: t('paper.sheet.note', { sheet: value }),
}))
const sizes = (['a4', 'letter'] as const).map((value) => ({ value, words: t('paper.size.name', { size: value }) }))
const preview = ref<InstanceType<typeof PaperPreview>>()
const chooseSheet = (value: SheetId): void => paper.choose('sheet', value)
/** Sets that have something to print. */
const filled = computed(() => sets.value.filter(({ studies }) => studies > 0).map(({ value }) => value))
</script>

<template>
  <div class="pt-[22px]">
    <h1 class="text-[26px]">{{ t('paper.title') }}</h1>
    <div class="mt-3 grid gap-x-12 gap-y-6 border-t border-ink pt-3 lg:grid-cols-[400px_1fr]">
      <section :aria-label="t('paper.sheet')" class="self-start lg:sticky lg:top-4">
        <p class="font-serif text-[21px] leading-[34px]">
          <RichWords :message="{ code: needsStudies ? 'paper.make-of' : 'paper.make', params: {} }">
            <template #a>
              <WordChoice
                :label="t('paper.sheet')"
                :words="t('paper.sheet.name', { sheet })"
                :value="sheet"
                :options="sheets"
                @choose="chooseSheet"
              />
            </template>
            <template #b>
              <WordChoice
                v-if="chosenSource"
                :label="t('paper.of')"
                :words="chosenSource.words"
                :value="chosenSource.value"
                :options="offered"
                @choose="picked = $event"
              />
            </template>
          </RichWords>
        </p>
        <div class="mt-3 border-t border-rule">
          <LookChoice v-if="sheet === 'studies'" />
          <KeysChoice v-if="sheet === 'chart' || sheet === 'worksheet'" />
          <WorksheetChoice v-if="sheet === 'worksheet'" />
          <WordRow
            :label="t('paper.size')"
            :value="paper.choice.size"
            :options="sizes"
            @choose="paper.choose('size', $event)"
          />
        </div>
        <p class="mt-4 flex flex-wrap items-baseline gap-x-4 gap-y-2">
          <button type="button" class="main-button" :disabled="!paper.made" @click="preview?.print()">
            {{ t('paper.print') }}
          </button>
          <button type="button" class="main-button" :disabled="!paper.made" @click="paper.save()">
            {{ t('paper.pdf') }}
          </button>
          <button
            v-if="(sheet === 'studies' || sheet === 'cards') && filled.length > 0"
            type="button"
            class="text-button"
            @click="paper.saveSets(filled)"
          >
            {{ t('paper.zip', { count: filled.length }) }}
          </button>
        </p>
        <p v-if="error || paper.error" role="alert" class="mt-2 text-missing">{{ error || paper.error }}</p>
        <p v-for="(each, at) in paper.made?.notices" :key="at" class="mt-2 text-[14px]" role="status">
          {{ formatMessage(each) }}
        </p>
      </section>
      <section :aria-label="t('paper.preview')">
        <p class="quiet mb-2 text-[14px]" role="status">
          <template v-if="paper.busy">{{ t('paper.making') }}</template>
          <template v-else-if="paper.notice">{{ paper.notice }}</template>
          <template v-else-if="paper.made">{{ t('paper.pages', { count: paper.made.pages.length }) }}</template>
        </p>
        <PaperPreview v-if="paper.made" ref="preview" :pages="paper.made.pages" :size="paper.choice.size" />
      </section>
    </div>
  </div>
</template>
