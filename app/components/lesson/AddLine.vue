<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { parseCall } from '#core/call'
import type { Recipe } from '#core/instrument'
import { courseKeyOf, type WeekLine } from '#core/lesson'
import type { DomainError } from '#core/message'
import type { Weekday } from '#core/practice'
import { fittedRecipe } from '#core/realise'
import { errorMessage } from '#words'
import type { LessonRow } from '#shared/lessonView'
import type { StudyListing } from '#shared/api'
import WordPanel from '~/components/frame/WordPanel.vue'
import { ask } from '~/composables/api'
import { playerHere, playerOfPupil } from '~/composables/studio'
import { formatMessage, t } from '~/composables/words'
import { useLesson } from '~/stores/lesson'
import { dragged } from './dragging'
import { detailWords, lineOf, titleWords } from './lines'

/** Studies of the library that are shown at once. */
const MAX_FOUND = 20

/** One more line for the week: typed as a teacher would say it, or taken from the set and what else the pupil has. */
const props = defineProps<{ rows: readonly LessonRow[]; days: readonly Weekday[] }>()
const emit = defineEmits<{ add: [lines: WeekLine[]] }>()
const lesson = useLesson()

const line = ref('')
/** What is typed is for what the pupil plays, unless the line names something else. */
const player = computed(() => (lesson.file ? playerOfPupil(lesson.file.pupil) : playerHere()))
const heard = computed(() => (line.value.trim() ? parseCall(line.value, { player: player.value }) : null))
/** The studies of the line as they stand on the pupil's instrument, or why one of them cannot. */
const fitted = computed<{ recipes: Recipe[]; problem: string }>(() => {
  if (!heard.value) return { recipes: [], problem: '' }
  const { studies, problems } = heard.value
  if (studies.length === 0)
    return { recipes: [], problem: problems[0] ? formatMessage(problems[0]) : t('call.call-line.no-key') }
  try {
    return { recipes: studies.map((study) => fittedRecipe(study)), problem: '' }
  } catch (error) {
    return { recipes: [], problem: formatMessage(errorMessage((error as DomainError).toData())) }
  }
})
/** Studies of the line; one that the pupil has already is taken as it is. */
function add(): void {
  const { recipes } = fitted.value
  if (recipes.length === 0) return
  const known = new Map(props.rows.map((row) => [courseKeyOf(row.recipe), row]))
  const lines = recipes.map((recipe) => lineOf(known.get(courseKeyOf(recipe)) ?? { id: null, recipe }, props.days))
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
/** Studies of the library that the words find, once somebody looks for more than the pupil has. */
const library = shallowRef<readonly StudyListing[] | null>(null)
const inLibrary = computed(() => {
  if (!library.value || !sought.value.trim()) return []
  const words = sought.value.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  const own = new Set(choices.value.map(({ id }) => id))
  const fits = ({ id, title, shelf }: StudyListing): boolean => {
    const hay = formatMessage(title).toLocaleLowerCase()
    return shelf === 'library' && !own.has(id) && words.every((word) => hay.includes(word))
  }
  return library.value.filter(fits).slice(0, MAX_FOUND)
})
const look = async (): Promise<void> => {
  library.value ??= await ask('GET /api/studies').catch(() => null)
}
async function addFromLibrary({ id }: StudyListing): Promise<void> {
  const { recipe } = await ask('GET /api/studies/:id', { id })
  emit('add', [lineOf({ id, recipe }, props.days)])
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
      <button type="submit" class="plain-button" :disabled="fitted.recipes.length === 0">
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
            @input="look"
          />
          <ul class="mt-2 max-h-[46vh] overflow-auto">
            <li
              v-for="choice in found"
              :key="courseKeyOf(choice.recipe)"
              draggable="true"
              @dragstart="dragged($event, choice)"
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
            <li v-for="study in inLibrary" :key="study.id">
              <button type="button" class="w-full py-[5px] text-left hover:underline" @click="addFromLibrary(study)">
                <span class="font-serif font-semibold">{{ formatMessage(study.title) }}</span>
                <span class="quiet ml-2 text-[13px]">{{ t('lesson.week.library') }}</span>
              </button>
            </li>
            <li v-if="found.length + inLibrary.length === 0" class="quiet aside">{{ t('library.no-match') }}</li>
          </ul>
        </div>
      </WordPanel>
    </div>
    <p id="week-heard" class="text-[13px]" aria-live="polite">
      <span v-if="fitted.problem" class="text-missing">{{ fitted.problem }}</span>
      <span v-else-if="heard" class="quiet">{{ fitted.recipes.map(titleWords).join(', ') }}</span>
    </p>
  </form>
</template>
