<script setup lang="ts">
import { computed, ref } from 'vue'
import { type PlayerSettings, TAUGHT } from '#core/instrument'
import { type Region, REGIONS } from '#words'
import { ask } from '~/composables/api'
import { currentStudio, showStudio } from '~/composables/studio'
import { working } from '~/composables/working'
import { currentRegion, t } from '~/composables/words'
import TaughtChoice from './TaughtChoice.vue'

/** What the studio is called, whose it is, what is taught in it, and how dates and note values are written. */
const { busy, error, notice, guarded } = working()
const name = ref(currentStudio.value!.name)
const teacher = ref(currentStudio.value!.teacher)
const instrument = ref(currentStudio.value!.settings.instrument ?? TAUGHT[0]!.id)
const region = ref<Region>(currentStudio.value!.settings.region ?? currentRegion.value)
const make = ref<PlayerSettings>({ ...currentStudio.value!.settings.make })
const choose = (value: string, own: PlayerSettings): void => {
  instrument.value = value
  make.value = own
}
const altered = computed(() => {
  const { name: before, teacher: whose, settings } = currentStudio.value!
  return (
    name.value.trim() !== before ||
    teacher.value.trim() !== whose ||
    instrument.value !== settings.instrument ||
    region.value !== settings.region ||
    JSON.stringify(make.value) !== JSON.stringify(settings.make)
  )
})
const save = (): Promise<void> =>
  guarded(async () => {
    const settings = { instrument: instrument.value, make: make.value, region: region.value, welcomed: true }
    showStudio(await ask('PUT /api/studio', {}, { name: name.value.trim(), teacher: teacher.value.trim(), settings }))
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
    <div>
      <label class="block" for="studio-instrument">{{ t('settings.instrument') }}</label>
      <span class="mt-1 flex items-end gap-2">
        <TaughtChoice id="studio-instrument" v-bind="{ instrument, make }" @choose="choose" />
      </span>
    </div>
    <label>
      {{ t('settings.region') }}
      <select v-model="region" class="field mt-1 block">
        <option v-for="each in REGIONS" :key="each" :value="each">
          {{ t('settings.region.name', { region: each }) }}
        </option>
      </select>
    </label>
    <button type="submit" class="plain-button" :disabled="busy || !name.trim() || !altered">
      {{ t('studio.save') }}
    </button>
    <span role="status" class="quiet">{{ notice }}</span>
    <p v-if="currentStudio?.isDemo" class="quiet aside w-full">{{ t('studio.is-demo') }}</p>
    <p v-if="error" role="alert" class="w-full text-missing">{{ error }}</p>
  </form>
</template>
