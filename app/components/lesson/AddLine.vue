<script setup lang="ts">
import { computed, ref } from 'vue'
import { parseCall } from '#core/call'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { courseKeyOf, type WeekLine } from '#core/lesson'
import type { Weekday } from '#core/practice'
import type { LessonRow } from '#shared/lessonView'
import WordPanel from '~/components/frame/WordPanel.vue'
import { formatMessage, t } from '~/composables/words'
import { useLesson } from '~/stores/lesson'
import { detailWords, lineOf, titleWords } from './lines'

/** One more line for the week: typed as a teacher would say it, or taken from the set and what else the pupil has. */
const props = defineProps<{ rows: readonly LessonRow[]; days: readonly Weekday[]; busy: boolean }>()
const emit = defineEmits<{ add: [lines: WeekLine[]] }>()
const lesson = useLesson()

const line = ref('')
/** What is typed is for what the pupil plays, unless the line names something else. */
const own = computed(() => {
  const { material: _, ...rest } = (props.rows[0]?.recipe ?? {}) as Partial<Recipe>
  return 'instrument' in rest && rest.instrument ? { instrument: rest.instrument } : {}
})
const heard = computed(() => (line.value.trim() ? parseCall(line.value) : null))
const problem = computed(() => {
  if (!heard.value || heard.value.studies.length > 0) return ''
  const [first] = heard.value.problems
  return first ? formatMessage(first) : t('call.call-line.no-key')
})
/** Studies of the line; one that the pupil has already is taken as it is. */
function add(): void {
  if (!heard.value || heard.value.studies.length === 0 || props.busy) return
  const known = new Map(props.rows.map((row) => [courseKeyOf(row.recipe), row]))
  const lines = heard.value.studies.map((study) => {
    const recipe = completeRecipe({ ...own.value, ...study } as RecipeInput)
    return lineOf(known.get(courseKeyOf(recipe)) ?? { id: null, recipe }, props.days)
  })
  emit('add', lines)
  line.value = ''
}
/** What the pupil has, by where it comes from. */
const choices = computed(() => {
  const set = lesson.file?.practice?.set.studies ?? []
  const others = lesson.file?.others ?? []
  const inRows = new Set(props.rows.map(({ recipe }) => courseKeyOf(recipe)))
  return [...props.rows, ...[...set, ...others].filter(({ recipe }) => !inRows.has(courseKeyOf(recipe)))]
})
const sought = ref('')
const found = computed(() => {
  const words = sought.value.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  return choices.value.filter(({ recipe }) => {
    const hay = `${titleWords(recipe)} ${detailWords(recipe)}`.toLocaleLowerCase()
    return words.every((word) => hay.includes(word))
  })
})
const drag = (event: DragEvent, choice: (typeof choices.value)[number]): void => {
  if ('study' in choice) event.dataTransfer?.setData('text/tactum-study', String(choice.study))
}
</script>

<template>
  <form class="mt-2" @submit.prevent="add">
    <div class="flex gap-2">
      <input
        id="week-line"
        v-model="line"
        class="field min-w-0 flex-1 font-serif italic"
        autocomplete="off"
        maxlength="200"
        :aria-label="t('lesson.week.type')"
        :placeholder="t('lesson.week.type')"
        aria-describedby="week-heard"
      />
      <button type="submit" class="plain-button" :disabled="busy || !heard || heard.studies.length === 0">
        {{ t('practice.line.add') }}
      </button>
      <WordPanel :words="t('lesson.week.from')" look="button" placement="bottom-end">
        <div class="w-[min(360px,88vw)] p-4 text-[14px]">
          <input
            v-model="sought"
            class="field w-full"
            type="search"
            :aria-label="t('lesson.week.find')"
            :placeholder="t('lesson.week.find')"
          />
          <ul class="mt-2 max-h-[46vh] overflow-auto">
            <li
              v-for="choice in found"
              :key="courseKeyOf(choice.recipe)"
              :draggable="'study' in choice"
              @dragstart="drag($event, choice)"
            >
              <button
                type="button"
                class="w-full py-[5px] text-left hover:underline"
                @click="emit('add', [lineOf(choice, days)])"
              >
                <span class="font-serif font-semibold">{{ titleWords(choice.recipe) }}</span>
                <span class="quiet ml-2 text-[13px]">{{ detailWords(choice.recipe) }}</span>
              </button>
            </li>
            <li v-if="found.length === 0" class="quiet aside">{{ t('library.no-match') }}</li>
          </ul>
        </div>
      </WordPanel>
    </div>
    <p id="week-heard" class="text-[13px]" aria-live="polite">
      <span v-if="problem" class="text-missing">{{ problem }}</span>
      <span v-else-if="heard" class="quiet">{{
        heard.studies.map((study) => titleWords(completeRecipe({ ...own, ...study } as RecipeInput))).join(', ')
      }}</span>
    </p>
  </form>
</template>
