<script setup lang="ts">
import { computed, ref } from 'vue'
import { MAX_LEVEL } from '#core/lesson'
import type { Pupil } from '#shared/api'
import DialogSheet from '~/components/frame/DialogSheet.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import type { Row } from '~/practice'
import type { EntryDraft } from '~/stores/practice'
import { namesOf } from './names'

/** What a new pupil knows already: many studies by one press, how well, and the level that the pupil is at. */
const props = defineProps<{ rows: readonly Row[]; pupil: Pupil; busy: boolean }>()
const emit = defineEmits<{ recorded: [all: { row: Row; draft: EntryDraft }[]]; level: []; close: [] }>()

const { busy: saving, error, guarded } = working()
const names = computed(() => namesOf(props.rows.map(({ recipe }) => recipe)))
const untried = computed(() => props.rows.filter(({ practiceState }) => practiceState === 'untried'))
const chosen = ref(new Set<number>())
const all = computed(() => untried.value.length > 0 && untried.value.every(({ study }) => chosen.value.has(study)))
const HOW = ['tempo', 'slowly', 'alone'] as const
const how = ref<(typeof HOW)[number]>('tempo')
const level = ref<number | ''>(props.pupil.learning.level ?? '')

function choose(study: number): void {
  const next = new Set(chosen.value)
  if (!next.delete(study)) next.add(study)
  chosen.value = next
}
const chooseAll = (): void => {
  chosen.value = new Set(all.value ? [] : untried.value.map(({ study }) => study))
}

/** What is said of a study that is known so well: the whole at a tempo, or each part of it by itself. */
function draftsOf(row: Row): EntryDraft[] {
  const right = { outcome: 'right', kind: 'lesson', minutes: 0 } as const
  if (how.value === 'tempo') return [{ ...right, tempo: row.required }]
  if (how.value === 'slowly') return [{ ...right, tempo: row.tempo }]
  const alone = row.stages.filter(({ plain, full }) => plain && !full)
  const parts = alone.filter(({ hands }) => hands !== row.recipe.hands)
  return (parts.length > 0 ? parts : alone.slice(0, 1)).map(({ id, hands, octaves }) => ({
    ...right,
    ...{ tempo: row.tempo, stage: id, hands, octaves },
  }))
}
const save = (): Promise<void> =>
  guarded(async () => {
    const { id, name, note, learning } = props.pupil
    const said = level.value === '' ? null : level.value
    if (said !== learning.level) {
      await ask('PUT /api/pupils/:id', { id }, { name, note, learning: { level: said } })
      emit('level')
    }
    const known = untried.value.filter(({ study }) => chosen.value.has(study))
    if (known.length > 0)
      emit(
        'recorded',
        known.flatMap((row) => draftsOf(row).map((draft) => ({ row, draft }))),
      )
    emit('close')
  })
</script>

<template>
  <DialogSheet :title="t('practice.known.title', { name: pupil.name })" @close="emit('close')">
    <p class="quiet mt-1 text-[14px]">{{ t('practice.known.what') }}</p>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <form class="mt-3 text-[14.5px]" @submit.prevent="save">
      <p class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <label>
          {{ t('pupils.level') }}
          <select v-model="level" class="field ml-1">
            <option value="">{{ t('pupils.level.none') }}</option>
            <option v-for="each in MAX_LEVEL" :key="each" :value="each">{{ each }}</option>
          </select>
        </label>
        <label>
          {{ t('practice.known.how') }}
          <select v-model="how" class="field ml-1">
            <option v-for="each in HOW" :key="each" :value="each">{{ t('practice.known.well', { how: each }) }}</option>
          </select>
        </label>
      </p>
      <p class="mt-3 border-b border-rule pb-1">
        <label class="flex min-h-[28px] items-center gap-2">
          <input type="checkbox" :checked="all" @change="chooseAll" />
          {{ t('practice.known.all', { count: untried.length }) }}
        </label>
      </p>
      <ul class="max-h-[44vh] overflow-y-auto">
        <li v-for="row in untried" :key="row.id">
          <label class="flex min-h-[28px] items-center gap-2">
            <input type="checkbox" :checked="chosen.has(row.study)" @change="choose(row.study)" />
            <span class="font-serif">{{ names[row.study] }}</span>
          </label>
        </li>
      </ul>
      <p class="mt-4 flex gap-3">
        <button type="submit" class="main-button" :disabled="busy || saving">
          {{ t('practice.known.save', { count: chosen.size }) }}
        </button>
        <button type="button" class="plain-button" @click="emit('close')">{{ t('practice.known.cancel') }}</button>
      </p>
    </form>
  </DialogSheet>
</template>
