<script setup lang="ts">
import { ref } from 'vue'
import { TAUGHT } from '#core/instrument'
import type { Pupil } from '#shared/api'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import { isTwice } from './twice'

/** A new pupil; one who is called like another is only added when that is said again. */
const props = defineProps<{ names: readonly string[] }>()
const emit = defineEmits<{ added: [] }>()

const { error, guarded } = working()
const name = ref('')
const instrument = ref<Pupil['instrument']>('piano')
const remark = ref('')
const confirmed = ref('')
function addPupil(): void {
  const wanted = name.value.trim().replace(/\s+/g, ' ')
  remark.value = ''
  if (!wanted) {
    remark.value = t('sets.index.name-first')
  } else if (isTwice(wanted, props.names) && confirmed.value !== wanted) {
    confirmed.value = wanted
    remark.value = `${t('sets.index.twice', { name: wanted })} ${t('sets.index.add-all-the-same')}`
  } else void add(wanted)
}
const add = (wanted: string): Promise<void> =>
  guarded(async () => {
    await ask('POST /api/pupils', {}, { name: wanted, instrument: instrument.value })
    name.value = confirmed.value = ''
    emit('added')
  })
</script>

<template>
  <form class="flex flex-wrap items-end gap-3 border-t border-rule pt-4" @submit.prevent="addPupil">
    <label class="text-[14px]">
      {{ t('sets.index.new-pupil') }}
      <input
        v-model="name"
        class="field mt-1 block w-[230px]"
        maxlength="80"
        aria-describedby="new-pupil"
        :placeholder="t('sets.index.new-pupil-name')"
      />
    </label>
    <label class="text-[14px]">
      {{ t('sets.index.plays') }}
      <select v-model="instrument" class="field mt-1 block">
        <option v-for="{ id } in TAUGHT" :key="id" :value="id">{{ t('name.make', { make: id }) }}</option>
      </select>
    </label>
    <button class="plain-button h-[34px]" type="submit">{{ t('sets.index.add') }}</button>
    <p id="new-pupil" role="status" class="w-full text-[14px] text-missing">{{ remark || error }}</p>
  </form>
</template>
