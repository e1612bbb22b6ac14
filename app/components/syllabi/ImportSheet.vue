<script setup lang="ts">
import { LISTED } from '#core/instrument'
import { computed, nextTick, onScopeDispose, ref, shallowRef } from 'vue'
import type { Preview } from '#shared/syllabusCsv'
import { ask, askLong } from '~/composables/api'
import { working } from '~/composables/working'
import { question, t, formatMessage } from '~/composables/words'

/** A file before it is put on file: how each line is read, and everything that is wrong, to be mended where it stands. */
const props = defineProps<{ name: string; bytes: ArrayBuffer }>()
const emit = defineEmits<{ stored: [id: string]; close: [] }>()

const preview = shallowRef<Preview | null>(null)
const { busy, error, guarded } = working()
const title = ref('')
const board = ref('')
const instrument = ref('piano')
/** The file's own bytes until somebody types: they may be in any encoding. */
const text = ref(
  new TextDecoder('utf-8')
    .decode(props.bytes)
    .replace(/^\uFEFF/, '')
    .replace(/\r\n?/g, '\n'),
)
const typed = ref(false)
const area = ref<HTMLTextAreaElement>()
const isCsv = computed(() => !/^\s*[{[]/.test(text.value))

const stopped = ref(false)
/** Lines read so far, while a file is being read. */
const reading = shallowRef<{ readonly read: number; readonly of: number } | null>(null)

/** A preview that is still being read is given up when another is asked for, or the sheet is put away. */
let request = new AbortController()
onScopeDispose(() => request.abort())

const check = (): Promise<void> =>
  guarded(async () => {
    request.abort()
    stopped.value = false
    const { signal } = (request = new AbortController())
    const usual = { title: title.value, board: board.value, instrument: instrument.value }
    const body = typed.value ? text.value : props.bytes
    try {
      const soFar = (read: number, of: number) => (reading.value = { read, of })
      preview.value = await askLong('POST /api/syllabi/preview', usual, body, { signal, soFar })
    } catch (problem) {
      if (!signal.aborted) throw problem
    } finally {
      if (request.signal === signal) reading.value = null
    }
  })
void check()

function stop(): void {
  request.abort()
  stopped.value = true
}

const store = (): Promise<void> =>
  guarded(async () => {
    emit('stored', (await ask('POST /api/syllabi', {}, preview.value!.syllabus)).id)
  })
/** Puts the cursor on a line of the file. */
async function goTo(line: number): Promise<void> {
  const lines = text.value.split('\n')
  const from = lines.slice(0, line - 1).reduce((sum, each) => sum + each.length + 1, 0)
  await nextTick()
  area.value?.focus()
  area.value?.setSelectionRange(from, from + (lines[line - 1]?.length ?? 0))
  area.value?.scrollTo({ top: Math.max(0, line - 4) * 20 })
}
const rows = computed(() => preview.value?.rows ?? [])
const entries = computed(() => rows.value.reduce((sum, row) => sum + row.entries, 0))
</script>

<template>
  <section :aria-label="t('syllabi.import-sheet.heading')" class="mt-4 border border-ink bg-sheet p-5">
    <h2 class="flex items-baseline justify-between gap-4 text-[19px]">
      {{ name }}
      <button type="button" class="text-button font-sans text-[14px] font-normal" @click="emit('close')">
        {{ t('syllabi.import-sheet.dismiss') }}
      </button>
    </h2>
    <p v-if="error" role="alert" class="mt-1 text-missing">{{ error }}</p>
    <div v-if="isCsv" class="mt-2 flex flex-wrap items-end gap-4 text-[14px]">
      <label
        >{{ t('syllabi.import-sheet.title')
        }}<input
          v-model="title"
          class="field mt-1 block w-[250px]"
          :placeholder="t('syllabi.import-sheet.unless')"
          maxlength="120"
      /></label>
      <label
        >{{ t('syllabi.import-sheet.board')
        }}<input
          v-model="board"
          class="field mt-1 block w-[200px]"
          :placeholder="t('syllabi.import-sheet.unless')"
          maxlength="120"
      /></label>
      <label>
        {{ t('syllabi.import-sheet.instrument') }}
        <select v-model="instrument" class="field mt-1 block">
          <option v-for="each in LISTED" :key="each" :value="each">{{ each }}</option>
        </select>
      </label>
      <button type="button" class="plain-button h-[34px]" :disabled="busy" @click="check">
        {{ t('syllabi.import-sheet.check-again') }}
      </button>
    </div>
    <p v-if="reading" class="mt-3 flex items-center gap-3 text-[14.5px]">
      <label class="flex items-center gap-3">
        {{ t('syllabi.import-sheet.reading', reading) }}
        <progress class="reading" :value="reading.read" :max="reading.of" />
      </label>
      <button type="button" class="text-button" @click="stop">{{ t('syllabi.import-sheet.stop') }}</button>
    </p>
    <p v-if="stopped && !reading" role="status" class="mt-3 text-[14.5px]">
      {{ t('syllabi.import-sheet.stopped') }}
    </p>
    <template v-if="preview">
      <p role="status" class="mt-3 text-[14.5px]">
        <template v-if="preview.problems.length">
          <b>{{ t('syllabi.import-sheet.wrong', { count: preview.problems.length }) }}</b>
          {{ t('syllabi.import-sheet.not-stored') }}
        </template>
        <template v-else>
          <b>{{ preview.syllabus!.title }}</b>{{
            t('syllabi.import-sheet.entries-plural-1-other', { count: preview.syllabus!.grades.length, entries })
          }}
        </template>
      </p>
      <ul
        v-if="preview.problems.length"
        class="mt-1 max-h-[170px] overflow-auto text-[14px]"
        tabindex="0"
        :aria-label="t('syllabi.import-sheet.problems')"
      >
        <li v-for="(problem, at) in preview.problems" :key="at" class="flex gap-3 py-[2px]">
          <button
            v-if="problem.line"
            type="button"
            class="text-button w-[64px] shrink-0 text-left"
            @click="goTo(problem.line)"
          >
            {{ t('syllabi.import-sheet.line', { line: problem.line }) }}
          </button>
          <span v-else class="w-[64px] shrink-0">{{ t('syllabi.import-sheet.the-file') }}</span>
          <code v-if="problem.field" class="quiet">{{ problem.field }}</code>
          <span class="text-missing">{{ formatMessage(problem.message) }}</span>
        </li>
      </ul>
      <label class="mt-3 block text-[14px]">
        {{ t('syllabi.import-sheet.edit') }}
        <textarea
          ref="area"
          v-model="text"
          class="field mt-1 w-full font-mono text-[13px] leading-[20px]"
          rows="9"
          wrap="off"
          spellcheck="false"
          @input="typed = true"
        ></textarea>
      </label>
      <details v-if="rows.length" class="mt-2 text-[14px]">
        <summary class="cursor-pointer">{{ t('syllabi.import-sheet.readings') }}</summary>
        <ul class="mt-1 max-h-[260px] overflow-auto" tabindex="0" :aria-label="t('syllabi.import-sheet.lines')">
          <li v-for="(row, at) in rows" :key="at" class="flex gap-3 border-b border-rule py-[3px]">
            <span class="quiet w-[130px] shrink-0">{{ row.grade }}, {{ row.group }}</span>
            <span class="flex-1">
              {{ row.words || t('syllabi.import-sheet.by-columns') }}
              <span v-for="open in row.open" :key="open" class="aside block text-rh">? {{ question(open) }}</span>
            </span>
          </li>
        </ul>
      </details>
      <p class="mt-4 flex gap-4">
        <button v-if="!isCsv" type="button" class="plain-button" :disabled="busy" @click="check">
          {{ t('syllabi.import-sheet.check-again') }}
        </button>
        <button type="button" class="main-button" :disabled="!preview.syllabus || busy" @click="store">
          {{ t('syllabi.import-sheet.save') }}
        </button>
      </p>
    </template>
  </section>
</template>

<style scoped>
.reading {
  width: 220px;
  height: 9px;
  appearance: none;
  border: 1px solid var(--color-ink);
}
.reading::-webkit-progress-bar {
  background: var(--color-sheet);
}
.reading::-webkit-progress-value {
  background: var(--color-ink);
}
.reading::-moz-progress-bar {
  background: var(--color-ink);
}
</style>
