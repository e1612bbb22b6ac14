<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { type ItemMarks, resultOf } from '#core/syllabus'
import { type Begun, markedIn } from './begun'
import type { Drawn } from './drawn'
import { marked, t, formatMessage } from '~/composables/words'

/** One call at a time: read out, played, marked, on to the next. */
const props = defineProps<{ drawn: Drawn; begun: Begun; saving: boolean }>()
const emit = defineEmits<{
  /** Marks are emitted as they are made, so that it can be kept. */
  marked: [begun: Begun]
  done: [marks: readonly ItemMarks[], notes: readonly string[], unfinished: boolean]
}>()

const criteria = computed(() => props.drawn.marking.criteria)
const at = ref(props.begun.at)
const marks = ref<(number | null)[][]>(props.begun.marks.map((own) => [...own]))
const notes = ref<string[]>([...props.begun.notes])
const row = ref(Math.max(0, marks.value[at.value]!.indexOf(null)))
const item = computed(() => props.drawn.items[at.value]!)
const last = computed(() => at.value === props.drawn.items.length - 1)
const open = computed(() => marks.value.findIndex((own) => own.includes(null)))
const result = computed(() => resultOf(props.drawn.marking, marks.value))
const heading = ref<HTMLElement>()
// what comes back is what was emitted: only the draw is taken from it
const { seed, expected } = props.begun
const now = computed((): Begun => ({ seed, expected, marks: marks.value, notes: notes.value, at: at.value }))
watch(now, (begun) => emit('marked', begun), { deep: true })

const tempo = computed(() => `${t('name.beat', { beat: item.value.beat })} = ${item.value.bpm}`)

const range = (most: number): number[] => Array.from({ length: most + 1 }, (_, mark) => mark)

async function go(to: number): Promise<void> {
  if (to < 0 || to >= props.drawn.items.length) return
  at.value = to
  row.value = Math.max(0, marks.value[to]!.indexOf(null))
  await nextTick()
  heading.value?.focus()
}
function mark(criterion: number, value: number): void {
  marks.value[at.value]![criterion] = value
  row.value = Math.min(criterion + 1, criteria.value.length - 1)
}
/** Figures mark the criterion in turn; arrows choose it, or the call. */
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const target = event.target as HTMLElement
  if (event.ctrlKey || event.metaKey || event.altKey || target.closest('input, textarea')) return
  const figure = Number(event.key)
  if (/^\d$/.test(event.key) && figure <= criteria.value[row.value]!.most) mark(row.value, figure)
  else if (event.key === 'ArrowDown') row.value = Math.min(row.value + 1, criteria.value.length - 1)
  else if (event.key === 'ArrowUp') row.value = Math.max(row.value - 1, 0)
  else if (event.key === 'ArrowRight' || event.key === 'PageDown') void go(at.value + 1)
  else if (event.key === 'ArrowLeft' || event.key === 'PageUp') void go(at.value - 1)
  else return
  event.preventDefault()
})
</script>

<template>
  <section :aria-label="t('exam.exam-call.call')">
    <p class="quiet text-[15px]" role="status">
      {{
        t('exam.exam-call.of', {
          syllabus: drawn.syllabus,
          grade: drawn.grade,
          value: at + 1,
          count: drawn.items.length,
        })
      }}
    </p>
    <h1 ref="heading" tabindex="-1" class="call mt-6">{{ formatMessage(item.call) }}</h1>
    <p class="quiet mt-4 text-[16px]">
      {{ t('exam.exam-call.tempo', { tempo, notesPerMinute: item.notesPerMinute })
      }}<span v-if="!item.printed" class="text-rh"> · {{ t('exam.exam-call.not-printed') }}</span>
    </p>
    <div class="mt-8 max-w-[760px] border-t border-ink">
      <div
        v-for="(criterion, place) in criteria"
        :key="criterion.id"
        class="flex flex-wrap items-center gap-4 border-b border-rule py-2 pl-3"
        :class="{ turn: place === row }"
      >
        <span :id="`criterion-${criterion.id}`" class="w-[250px] font-serif text-[18px]">{{
          marked(criterion.title)
        }}</span>
        <span role="group" :aria-labelledby="`criterion-${criterion.id}`" class="flex gap-2">
          <button
            v-for="value in range(criterion.most)"
            :key="value"
            type="button"
            class="figure"
            :aria-pressed="marks[at]![place] === value"
            @click="mark(place, value)"
          >
            {{ value }}
          </button>
        </span>
      </div>
      <label class="mt-3 flex items-center gap-3 text-[14px]">
        <span class="quiet">{{ t('exam.exam-call.note') }}</span>
        <input v-model="notes[at]" class="field flex-1" maxlength="400" :placeholder="t('exam.exam-call.remark')" />
      </label>
    </div>
    <p class="mt-7 flex flex-wrap items-center gap-4">
      <button type="button" class="plain-button big" :disabled="at === 0" @click="go(at - 1)">
        {{ t('exam.exam-call.before') }}
      </button>
      <button v-if="!last" type="button" class="main-button big" @click="go(at + 1)">
        {{ t('exam.exam-call.next-call') }}
      </button>
      <button
        v-if="last || open < 0"
        type="button"
        class="main-button big"
        :disabled="open >= 0 || saving"
        @click="emit('done', marks, notes, false)"
      >
        {{ saving ? t('exam.exam-call.keeping') : t('exam.exam-call.save') }}
      </button>
      <button
        v-if="open >= 0 && markedIn(now) > 0"
        type="button"
        class="text-button"
        :disabled="saving"
        @click="emit('done', marks, notes, true)"
      >
        {{ t('exam.exam-call.keep-as-it-stands') }}
      </button>
      <span v-if="result.mark !== null" class="font-serif text-[18px]">{{
        t('exam.exam-call.result', { mark: result.mark, total: result.total, band: marked(result.band ?? '') })
      }}</span>
      <button v-else-if="last" type="button" class="text-button" @click="go(open)">
        {{ t('exam.exam-call.unmarked', { value: open + 1 }) }}
      </button>
      <span class="quiet ml-auto text-[13.5px]">{{ t('exam.exam-call.keys') }}</span>
    </p>
  </section>
</template>

<style scoped>
.call {
  max-width: 900px;
  font-size: clamp(34px, 5vw, 58px);
  line-height: 1.15;
  outline: none;
}
.turn {
  box-shadow: inset 3px 0 0 var(--color-ink);
}
.figure {
  width: 44px;
  height: 44px;
  border: 1px solid var(--color-soft);
  border-radius: 3px;
  background: var(--color-sheet);
  font-family: var(--font-serif);
  font-size: 19px;
}
.figure[aria-pressed='true'] {
  background: var(--color-ink);
  color: var(--color-sheet);
}
.big {
  min-height: 44px;
  padding: 6px 22px;
  font-size: 16px;
}
</style>
