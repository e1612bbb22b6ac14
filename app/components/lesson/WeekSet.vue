<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { NuxtLink } from '#components'
import { courseKeyOf, type WeekLine } from '#core/lesson'
import type { LessonLine, LessonView } from '#shared/lessonView'
import { sortableList } from '~/composables/sortableList'
import { formatMessage, t } from '~/composables/words'
import { useLesson } from '~/stores/lesson'
import AddLine from './AddLine.vue'
import { droppedIn, isDragged } from './dragging'
import LineEditor from './LineEditor.vue'
import { apartOf } from '~/components/practice/names'
import { howWords, lineOf, titleWords } from './lines'

/** What is set from this lesson to the next: lines in order, changed where they stand, printed as one sheet. */
const props = defineProps<{ view: LessonView }>()
const lesson = useLesson()

const lines = computed<readonly LessonLine[]>(() => props.view.lines)
const apart = computed(() =>
  apartOf(
    lines.value.map(({ study }) => study),
    props.view.rows.map(({ recipe }) => recipe),
  ),
)
const days = computed(() => lesson.file!.pupil.learning.days)
const minutes = computed(() => {
  const busiest = days.value.map((day) =>
    lines.value.reduce((sum, line) => sum + (line.days.includes(day) ? line.minutes : 0), 0),
  )
  return Math.max(0, ...busiest)
})
const list = ref<HTMLElement>()
function move(from: number, to: number): void {
  const id = lines.value[from]?.id
  if (id === undefined || to < 0 || to >= lines.value.length) return
  void lesson.changeWeek((all) => {
    const moved = all.find((line) => line.id === id)
    return moved ? all.filter((line) => line !== moved).toSpliced(to, 0, moved) : all
  })
}
sortableList(list, move)
const change = (changed: WeekLine): Promise<void> =>
  lesson.changeWeek((all) => all.map((line) => (line.id === changed.id ? changed : line)))
const remove = (id: string): Promise<void> => lesson.changeWeek((all) => all.filter((line) => line.id !== id))
const add = (...more: WeekLine[]): Promise<void> => lesson.changeWeek((all) => [...all, ...more])

async function onKey(event: KeyboardEvent, at: number): Promise<void> {
  if (event.key === 'Delete') await remove(lines.value[at]!.id)
  if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  const to = at + (event.key === 'ArrowUp' ? -1 : 1)
  move(at, to)
  await nextTick()
  list.value?.querySelectorAll<HTMLElement>('.grip')[to]?.focus()
}

/** A study that is dragged here from the lesson, the set or the library. */
const over = ref(false)
function drop(event: DragEvent): void {
  over.value = false
  const found = droppedIn(event)
  if (!found) return
  const known = props.view.rows.find(({ recipe }) => courseKeyOf(recipe) === courseKeyOf(found.recipe))
  void add(lineOf(known ?? found, days.value))
}
function dragOver(event: DragEvent): void {
  if (!isDragged(event)) return
  event.preventDefault()
  over.value = true
}
const to = computed(
  () =>
    `/paper?sheet=lesson&pupil=${lesson.file!.pupil.id}${lesson.file!.practice ? `&set=${lesson.file!.practice.set.id}` : ''}`,
)
</script>

<template>
  <section
    :aria-label="t('lesson.week')"
    :class="{ over }"
    @dragover="dragOver"
    @dragleave="over = false"
    @drop.prevent="drop"
  >
    <h2 class="flex items-baseline justify-between gap-2 border-b border-rule pb-[6px] text-[20px]">
      {{ t('lesson.week') }}
      <span class="quiet font-sans text-[13px] font-normal">{{
        view.proposed
          ? t('lesson.week.proposed', { minutes })
          : t('lesson.week.minutes', { days: days.length, minutes })
      }}</span>
    </h2>
    <p v-if="lines.length === 0" class="quiet aside py-3">{{ t('lesson.week.none') }}</p>
    <ol ref="list">
      <li v-for="(line, at) in lines" :key="line.id" class="border-b border-rule py-[8px]">
        <p class="flex items-baseline gap-2">
          <button
            type="button"
            class="grip cursor-grab text-left font-serif text-[16px] font-semibold"
            :aria-description="t('lesson.week.keys')"
            @keydown="onKey($event, at)"
          >
            {{ titleWords(line.study) }}
          </button>
          <span class="quiet text-[12.5px]">{{ apart[at] }}</span>
          <span class="leader" aria-hidden="true"></span>
          <span class="quiet text-[13px] whitespace-nowrap">{{
            t('practice.minutes', { minutes: line.minutes })
          }}</span>
        </p>
        <p class="text-[14px]">
          <LineEditor
            :line="line"
            :words="howWords(line)"
            :first="at === 0"
            :last="at === lines.length - 1"
            @change="change"
            @remove="remove(line.id)"
            @move="move(at, at + $event)"
          />
        </p>
        <p class="aside quiet text-[13.5px]">
          {{
            line.note || (line.watch ? formatMessage(line.watch) : t('lesson.line.because', { because: line.because }))
          }}
        </p>
      </li>
    </ol>
    <AddLine :rows="view.rows" :days="days" @add="(more) => add(...more)" />
    <p class="mt-3 flex flex-wrap items-baseline gap-3">
      <NuxtLink class="main-button" :to="to" @click="lesson.keep()">{{ t('lesson.week.print') }}</NuxtLink>
      <button v-if="view.proposed" type="button" class="plain-button" :disabled="lesson.busy" @click="lesson.keep()">
        {{ t('lesson.week.save') }}
      </button>
      <button v-else type="button" class="text-button text-[14px]" :disabled="lesson.busy" @click="lesson.propose()">
        {{ t('lesson.week.propose') }}
      </button>
      <button
        type="button"
        class="text-button ml-auto text-[14px]"
        :disabled="lesson.busy || lesson.done.length === 0"
        @click="lesson.undoLast()"
      >
        {{ t('lesson.undo') }}
      </button>
    </p>
  </section>
</template>

<style scoped>
.over {
  outline: 2px dashed var(--color-ink);
  outline-offset: 6px;
}
</style>
