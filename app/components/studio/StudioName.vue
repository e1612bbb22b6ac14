<script setup lang="ts">
import { computed, ref } from 'vue'
import { ask } from '~/composables/api'
import { currentStudio, showStudio } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** What the studio is called, and whose it is. */
const { busy, error, notice, guarded } = working()
const name = ref(currentStudio.value!.name)
const teacher = ref(currentStudio.value!.teacher)
const altered = computed(
  () => name.value.trim() !== currentStudio.value!.name || teacher.value.trim() !== currentStudio.value!.teacher,
)
const save = (): Promise<void> =>
  guarded(async () => {
    showStudio(await ask('PUT /api/studio', {}, { name: name.value.trim(), teacher: teacher.value.trim() }))
    notice.value = t('studio.saved')
  })
</script>

<template>
  <form class="flex flex-wrap items-end gap-x-4 gap-y-2 text-[14px]" @submit.prevent="save">
    <label>
      {{ t('studio.name') }}
      <input v-model="name" class="field mt-1 block w-[min(280px,80vw)]" maxlength="80" :aria-invalid="!name.trim()" />
    </label>
    <label>
      {{ t('studio.teacher') }}
      <input v-model="teacher" class="field mt-1 block w-[min(220px,80vw)]" maxlength="80" />
    </label>
    <button type="submit" class="plain-button" :disabled="busy || !name.trim() || !altered">
      {{ t('studio.save') }}
    </button>
    <span role="status" class="quiet">{{ notice }}</span>
    <p v-if="currentStudio?.isDemo" class="quiet aside w-full">{{ t('studio.is-demo') }}</p>
    <p v-if="error" role="alert" class="w-full text-missing">{{ error }}</p>
  </form>
</template>
