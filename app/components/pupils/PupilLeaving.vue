<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import type { Belongings, Pupil } from '#shared/api'
import SureButton from '~/components/frame/SureButton.vue'
import PupilTeachers from '~/components/people/PupilTeachers.vue'
import { ask } from '~/composables/api'
import { pupilArchive } from '~/composables/downloads'
import { currentSession } from '~/composables/session'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** A pupil who comes no more: archived with everything, moved to the bin, or erased, once it is said what goes with that. */
const props = defineProps<{ pupil: Pupil }>()
const emit = defineEmits<{ archived: []; left: [words: string, bin: string] }>()

const goes = shallowRef<Belongings | null>(null)
const { busy, error, guarded } = working()
onMounted(() =>
  guarded(async () => {
    goes.value = await ask('GET /api/pupils/:id/belongings', { id: props.pupil.id })
  }),
)
const question = computed(() => t('sets.pupil-leaving.question', { name: props.pupil.name, ...goes.value }))
const archive = (): Promise<void> =>
  guarded(async () => {
    await ask('PUT /api/pupils/:id/archived', { id: props.pupil.id }, { archived: !props.pupil.archived })
    emit('archived')
  })
const throwAway = (): Promise<void> =>
  guarded(async () => {
    const { bin } = await ask('DELETE /api/pupils/:id', { id: props.pupil.id })
    emit('left', t('sets.pupil-leaving.gone', { name: props.pupil.name }), bin)
  })
const erase = (): Promise<void> =>
  guarded(async () => {
    await ask('POST /api/pupils/:id/erase', { id: props.pupil.id }, {})
    emit('archived')
  })
const archiveAddress = computed(() => pupilArchive(props.pupil.id))
</script>

<template>
  <div>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <button type="button" class="text-button" :disabled="busy" @click="archive">
        {{ pupil.archived ? t('sets.pupil-leaving.restore') : t('sets.pupil-leaving.archive') }}
      </button>
      <SureButton
        v-if="goes"
        class="text-button"
        :question="question"
        :yes="t('frame.sure-button.delete')"
        :disabled="busy"
        @sure="throwAway"
        >{{ t('sets.pupil-leaving.delete') }}</SureButton
      >
    </p>
    <p class="quiet mt-1 text-[13px]">{{ t('sets.pupil-leaving.explained') }}</p>
    <p class="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <a class="text-button" :href="archiveAddress" download>{{ t('sets.pupil-leaving.export') }}</a>
      <SureButton
        class="text-button"
        :question="t('sets.pupil-leaving.erase-question', { name: pupil.name })"
        :yes="t('sets.pupil-leaving.erase')"
        :disabled="busy"
        @sure="erase"
        >{{ t('sets.pupil-leaving.erase') }}</SureButton
      >
    </p>
    <PupilTeachers v-if="currentSession?.teacher" class="mt-2" :pupil="pupil" @handed-over="emit('archived')" />
  </div>
</template>
