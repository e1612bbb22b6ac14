<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { StudioListing } from '#shared/api'
import SureButton from '~/components/frame/SureButton.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { ask } from '~/composables/api'
import { currentStudio, reloadAll } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** Studios that there are: another is opened, an empty one begun, the demo made anew. */
const studios = shallowRef<readonly StudioListing[]>([])
const name = ref('')
const { busy, error, guarded } = working()
const load = (): Promise<void> =>
  guarded(async () => {
    studios.value = await ask('GET /api/studios')
  })
onMounted(load)
defineExpose({ load })

/** Another studio is on every page from now on. */
const switching = (work: () => Promise<unknown>): Promise<void> =>
  guarded(async () => {
    await work()
    reloadAll()
  })
const open = (id: number): Promise<void> => switching(() => ask('POST /api/studios/:id/open', { id }, {}))
const startEmpty = (): Promise<void> => switching(() => ask('POST /api/studios', {}, { name: name.value.trim() }))
const restoreDemo = (): Promise<void> => switching(() => ask('POST /api/studios/demo', {}, {}))
const deleteDemo = (): Promise<void> => switching(() => ask('DELETE /api/studios/demo'))
const hasDemo = computed(
  () => studios.value.some(({ isDemo }) => isDemo) && studios.value.some(({ isDemo }) => !isDemo),
)
const isOpen = ({ id }: StudioListing): boolean => id === currentStudio.value?.id
</script>

<template>
  <section :aria-label="t('studio.others')">
    <h2 class="text-[19px]">{{ t('studio.others') }}</h2>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <ul class="mt-2 max-w-[560px] text-[14.5px]">
      <li v-for="studio in studios" :key="studio.id" class="flex flex-wrap items-baseline py-[3px]">
        <span class="font-serif font-semibold">{{ studio.name }}</span>
        <span v-if="studio.isDemo" class="aside quiet ml-2">{{ t('studio.others.demo') }}</span>
        <span class="leader" aria-hidden="true"></span>
        <span class="quiet mr-3">{{
          t('studio.others.holds', { pupils: studio.pupils, studies: studio.studies })
        }}</span>
        <span v-if="isOpen(studio)" class="aside">{{ t('studio.others.is-open') }}</span>
        <button
          v-else
          type="button"
          class="text-button"
          :aria-label="t('studio.others.open-label', { name: studio.name })"
          :disabled="busy"
          @click="open(studio.id)"
        >
          {{ t('studio.others.open') }}
        </button>
      </li>
    </ul>
    <p class="mt-3 flex flex-wrap items-baseline gap-4">
      <WordPanel :words="t('studio.others.empty')" look="button" :disabled="busy">
        <form class="grid w-[320px] gap-2 p-4 text-[14px]" @submit.prevent="startEmpty">
          <p class="quiet">{{ t('studio.others.empty-about') }}</p>
          <label>
            {{ t('studio.name') }}
            <input v-model="name" class="field mt-1 block w-full" maxlength="80" />
          </label>
          <button type="submit" class="main-button justify-self-start" :disabled="busy || !name.trim()">
            {{ t('studio.others.create') }}
          </button>
        </form>
      </WordPanel>
      <SureButton
        class="text-button"
        :question="t('studio.others.restore-demo-sure')"
        :yes="t('studio.others.restore-demo-yes')"
        :disabled="busy"
        @sure="restoreDemo"
        >{{ t('studio.others.restore-demo') }}</SureButton
      >
      <SureButton
        v-if="hasDemo"
        class="text-button"
        :question="t('studio.others.delete-demo-sure')"
        :yes="t('studio.others.delete-demo')"
        :disabled="busy"
        @sure="deleteDemo"
        >{{ t('studio.others.delete-demo') }}</SureButton
      >
    </p>
  </section>
</template>
