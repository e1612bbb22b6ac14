<script setup lang="ts">
import { computed, ref } from 'vue'
import { NuxtLink } from '#components'
import { formatOf } from '#core/formats'
import { FILE_FORMATS, type FileFormat } from '#shared/fileFormats'
import RichWords from '~/components/frame/RichWords.vue'
import WordChoice from '~/components/frame/WordChoice.vue'
import { ask, askFile } from '~/composables/api'
import { download } from '~/composables/download'
import { outSources } from '~/components/files/outSources'
import { working } from '~/composables/working'
import { downloadAt } from '~/composables/downloads'
import { t } from '~/composables/words'

/** Studies that go out: what, in which format. */
const { busy, error, notice, guarded } = working()
const { sources, sets, picked, source } = outSources(guarded)
/** The set that goes out, if it is one: its pupil's record and dates go out too. */
const ofSet = computed(() => sets.value.find(({ value }) => value === source.value?.value))

const format = ref<FileFormat>('musicxml')
const extensionOf = (id: FileFormat): string => formatOf(id).extensions[0]!
const formats = FILE_FORMATS.map((id) => ({
  value: id,
  words: t('files.format.name', { format: id }),
  note: `.${extensionOf(id)}`,
}))
const strokes = ref<'strokes' | 'long'>('strokes')
const rolls = (['strokes', 'long'] as const).map((value) => ({ value, words: t(`files.rolls.${value}`) }))

/** Studies by their ids: those of a set in its order. */
async function studiesOf({ sets = [], ids = [] }: { sets?: readonly string[]; ids?: readonly string[] }) {
  const own = await Promise.all(sets.map((id) => ask('GET /api/sets/:id', { id })))
  return [...ids, ...own.flatMap(({ studies }) => studies.map(({ id }) => id))]
}

const paper = computed(() => ({ path: '/paper', query: { ...(picked.value && { set: picked.value }) } }))
const write = (): Promise<void> =>
  guarded(async () => {
    const { title, studies = [], ...named } = source.value.out()
    const ids = await studiesOf(named)
    if (ids.length + studies.length === 0) throw new Error(t('files.nothing'))
    const request = { format: format.value, title, strokes: strokes.value === 'strokes', ids, studies }
    const file = await askFile('POST /api/files/write', request)
    const name = download(title || (source.value.file ?? source.value.words), extensionOf(format.value), file)
    notice.value = t('files.written', { name })
  })
</script>

<template>
  <section :aria-label="t('files.out')">
    <h2 class="text-[19px]">{{ t('files.out') }}</h2>
    <p class="mt-2 font-serif text-[21px] leading-[34px]">
      <RichWords :message="{ code: 'files.write-as', params: {} }">
        <template #a>
          <WordChoice
            :label="t('files.what')"
            :words="source.words"
            :value="source.value"
            :options="sources"
            @choose="picked = $event"
          />
        </template>
        <template #b>
          <WordChoice
            :label="t('files.format')"
            :words="t('files.format.name', { format })"
            :value="format"
            :options="formats"
            @choose="format = $event"
          />
        </template>
      </RichWords>
    </p>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">{{ t('files.format.for', { format }) }}</p>
    <p v-if="format === 'midi'" class="mt-2 text-[14.5px]">
      {{ t('files.rolls') }}
      <WordChoice
        :label="t('files.rolls')"
        :words="t(`files.rolls.${strokes}`)"
        :value="strokes"
        :options="rolls"
        @choose="strokes = $event"
      />
    </p>
    <p class="mt-4 flex items-baseline gap-4">
      <button type="button" class="main-button" :disabled="busy" @click="write">{{ t('files.write') }}</button>
      <NuxtLink class="text-button" :to="paper">{{ t('files.to-paper') }}</NuxtLink>
      <span v-if="busy" class="quiet aside text-[14px]" role="status">{{ t('files.writing') }}</span>
      <span v-else-if="notice" class="text-[14px]" role="status">{{ notice }}</span>
    </p>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p v-if="ofSet" class="mt-4 text-[14.5px]">
      <RichWords :message="{ code: 'files.also', params: {} }">
        <template #a="{ text }"
          ><a class="text-button" :href="downloadAt('GET /api/sets/:id/calendar', ofSet.value)" download>{{
            text
          }}</a></template
        >
        <template #b="{ text }"
          ><a class="text-button" :href="downloadAt('GET /api/pupils/:id/export', ofSet.pupil)" download>{{
            text
          }}</a></template
        >
      </RichWords>
    </p>
  </section>
</template>
