<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { Pupil } from '#shared/api'
import type { PupilPeople, PupilShare } from '#shared/people'
import SureButton from '~/components/frame/SureButton.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** Whose a pupil is, who else sees the pupil, and to whom the pupil goes. */
const { pupil } = defineProps<{ pupil: Pick<Pupil, 'id' | 'name'> }>()
const emit = defineEmits<{ handedOver: [] }>()
const { busy, error, guarded } = working()
const people = shallowRef<PupilPeople | null>(null)
const load = (): Promise<void> =>
  guarded(async () => {
    people.value = await ask('GET /api/pupils/:id/people', { id: pupil.id })
  })
onMounted(load)
const others = computed(() => people.value?.colleagues.filter(({ id }) => id !== people.value!.teacherId) ?? [])
const to = ref('')
const nameOf = (id: string): string => others.value.find((each) => each.id === id)?.name ?? ''
const handOver = (): Promise<void> =>
  guarded(async () => {
    await ask('PUT /api/pupils/:id/teacher', { id: pupil.id }, { teacherId: to.value })
    emit('handedOver')
  })

const shareOf = (id: string): PupilShare | undefined => people.value?.shares.find(({ teacherId }) => teacherId === id)
const write = (shares: readonly PupilShare[]): Promise<void> =>
  guarded(async () => {
    await ask('PUT /api/pupils/:id/shares', { id: pupil.id }, { shares })
    await load()
  })
const rest = (id: string): PupilShare[] => people.value!.shares.filter(({ teacherId }) => teacherId !== id)
const toggle = (id: string, on: boolean): Promise<void> =>
  write(on ? [...rest(id), { teacherId: id, until: null }] : rest(id))
const until = (id: string, day: string): Promise<void> => write([...rest(id), { teacherId: id, until: day || null }])
</script>

<template>
  <div v-if="others.length > 0" class="border-t border-rule pt-2">
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <fieldset>
      <legend>{{ t('people.pupil.shared') }}</legend>
      <p v-for="colleague in others" :key="colleague.id" class="flex flex-wrap items-baseline gap-x-3">
        <label class="flex items-baseline gap-2">
          <input
            type="checkbox"
            :checked="shareOf(colleague.id) !== undefined"
            :disabled="busy"
            @change="toggle(colleague.id, ($event.target as HTMLInputElement).checked)"
          />
          {{ colleague.name }}
        </label>
        <label v-if="shareOf(colleague.id)" class="quiet">
          {{ t('people.pupil.until') }}
          <input
            class="field"
            type="date"
            :value="shareOf(colleague.id)!.until ?? ''"
            :disabled="busy"
            @change="until(colleague.id, ($event.target as HTMLInputElement).value)"
          />
        </label>
      </p>
    </fieldset>
    <p class="mt-2 flex flex-wrap items-baseline gap-2">
      <label>
        {{ t('people.pupil.hand-over') }}
        <select v-model="to" class="field">
          <option value=""></option>
          <option v-for="colleague in others" :key="colleague.id" :value="colleague.id">{{ colleague.name }}</option>
        </select>
      </label>
      <SureButton
        v-if="to"
        class="text-button"
        :question="t('people.pupil.hand-over-sure', { name: pupil.name, teacher: nameOf(to) })"
        :yes="t('people.pupil.hand-over-yes')"
        :disabled="busy"
        @sure="handOver"
        >{{ t('people.pupil.hand-over-yes') }}</SureButton
      >
    </p>
  </div>
</template>
