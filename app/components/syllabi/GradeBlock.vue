<script setup lang="ts">
import { computed } from 'vue'
import type { Grade, Syllabus } from '#core/syllabus'
import SureButton from '~/components/frame/SureButton.vue'
import { copyGrade, withGrade } from './edits'
import GroupBlock from './GroupBlock.vue'
import { t } from '~/composables/words'

/** A row of the grid: the grade on the left, its groups beside one another as the list prints them. */
const props = defineProps<{
  syllabus: Syllabus
  at: number
  items: ReadonlyMap<string, number> | null
  editable: boolean
  faults: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ change: [words: string, syllabus: Syllabus] }>()

const grade = computed(() => props.syllabus.grades[props.at]!)
const total = computed(() => [...(props.items?.values() ?? [])].reduce((sum, count) => sum + count, 0))
const others = computed(() => props.syllabus.grades.filter((_, at) => at !== props.at))
const fault = computed(
  () =>
    [...props.faults].find(([place]) => place.startsWith(`grades[${props.at}].`) && !place.includes('.groups['))?.[1] ??
    '',
)
const change = (words: string, next: Grade): void => emit('change', words, withGrade(props.syllabus, props.at, next))
function rename(event: Event): void {
  const title = (event.target as HTMLInputElement).value.trim()
  if (title) change(t('syllabi.grade-block.change-title'), { ...grade.value, title })
}
function ask(event: Event): void {
  const number = Number((event.target as HTMLInputElement).value)
  const draw = Number.isInteger(number) && number > 0 ? number : null
  change(t('syllabi.grade-block.change-draw', { title: grade.value.title }), { ...grade.value, draw })
}
function include(event: Event): void {
  const includes = (event.target as HTMLSelectElement).value || null
  change(t('syllabi.grade-block.what-includes', { title: grade.value.title }), { ...grade.value, includes })
}
</script>

<template>
  <section
    :id="`grade-${grade.id}`"
    class="grid gap-x-6 gap-y-2 border-t border-ink pt-3 sm:grid-cols-[150px_minmax(0,1fr)]"
    :aria-label="grade.title"
  >
    <header class="self-start lg:sticky lg:top-3">
      <h2 class="text-[20px]">
        <input
          v-if="editable"
          class="typed w-full"
          :value="grade.title"
          maxlength="80"
          :aria-label="t('syllabi.grade-block.title-of', { title: grade.title })"
          @change="rename"
        />
        <template v-else>{{ grade.title }}</template>
      </h2>
      <p class="quiet text-[14px]">
        {{ items === null ? t('syllabi.grade-block.not-counted') : t('syllabi.grade-block.items', { total }) }}
      </p>
      <label v-if="editable && others.length" class="mt-2 block text-[13px]">
        <span class="quiet">{{ t('syllabi.grade-block.includes') }}</span>
        <select class="field w-full text-[13px]" :value="grade.includes ?? ''" @change="include">
          <option value="">{{ t('syllabi.grade-block.nothing-else') }}</option>
          <option v-for="other in others" :key="other.id" :value="other.id">{{ other.title }}</option>
        </select>
      </label>
      <label v-if="editable" class="mt-2 block text-[13px]">
        <span class="quiet">{{ t('syllabi.grade-block.draw') }}</span>
        <input
          class="field w-full text-[13px]"
          inputmode="numeric"
          :placeholder="t('syllabi.grade-block.draw-by-groups')"
          :value="grade.draw ?? ''"
          @change="ask"
        />
      </label>
      <p v-if="!editable && grade.includes" class="quiet aside text-[13px]">
        {{
          t('syllabi.grade-block.includes-named', {
            title: syllabus.grades.find(({ id }) => id === grade.includes)?.title ?? '',
          })
        }}
      </p>
      <p v-if="fault" role="alert" class="text-[13px] text-missing">{{ fault }}</p>
      <p v-if="editable" class="mt-2 flex flex-col items-start gap-1 text-[13.5px]">
        <button
          type="button"
          class="text-button"
          @click="emit('change', t('syllabi.grade-block.new-grade', { title: grade.title }), copyGrade(syllabus, at))"
        >
          {{ t('syllabi.grade-block.copy') }}
        </button>
        <SureButton
          v-if="syllabus.grades.length > 1"
          class="text-button"
          :question="t('syllabi.grade-block.delete-sure')"
          :yes="t('syllabi.grade-block.delete-yes')"
          @sure="emit('change', t('syllabi.grade-block.without', { title: grade.title }), withGrade(syllabus, at))"
          >{{ t('syllabi.grade-block.delete') }}</SureButton
        >
      </p>
    </header>
    <div class="grid grid-cols-1 gap-x-8 gap-y-5 pb-6 xl:grid-cols-2">
      <GroupBlock
        v-for="(group, place) in grade.groups"
        :key="group.id"
        :syllabus="syllabus"
        :at="{ grade: at, group: place }"
        :editable="editable"
        :items="items"
        :faults="faults"
        @change="(words, next) => emit('change', words, next)"
      />
    </div>
  </section>
</template>
