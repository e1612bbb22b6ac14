<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { NuxtLink } from '#components'
import type { Trashed } from '#shared/api'
import SureButton from '~/components/frame/SureButton.vue'
import { ask } from '~/composables/api'
import { onBack } from '~/composables/connection'
import { working } from '~/composables/working'
import { locale, t } from '~/composables/words'

/** Pupils, sets, mock exams and lists that were thrown away: each can be put back as it was. */
const PLACES = { pupil: 'pupils', set: 'sets', exam: 'exams', syllabus: 'syllabi' } as const

const things = shallowRef<readonly Trashed[]>([])
const back = shallowRef<{ readonly title: string; readonly to: string } | null>(null)
const { busy, error, guarded } = working()

const load = (): Promise<void> =>
  guarded(async () => {
    things.value = await ask('GET /api/bin')
  })
onMounted(load)
onBack(load)

const putBack = ({ id, title }: Trashed): Promise<void> =>
  guarded(async () => {
    const thing = await ask('POST /api/bin/:id/restore', { id }, {})
    back.value = { title, to: `/${PLACES[thing.what]}/${thing.id}` }
    things.value = await ask('GET /api/bin')
  })
const dropForGood = ({ id }: Trashed): Promise<void> =>
  guarded(async () => {
    await ask('DELETE /api/bin/:id', { id })
    things.value = await ask('GET /api/bin')
  })
const day = (moment: string): string => new Date(moment).toLocaleDateString(locale(), { day: 'numeric', month: 'long' })
</script>

<template>
  <section
    v-if="things.length || back || error"
    :aria-label="t('library.thrown-away.title')"
    class="mt-6 max-w-[760px]"
  >
    <h2 class="text-[17px]">{{ t('library.thrown-away.title') }}</h2>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-if="back" role="status" class="mt-1 text-[14px]">
      {{ t('library.thrown-away.back', { title: back.title }) }}
      <NuxtLink class="text-button" :to="back.to">{{ t('library.thrown-away.go') }}</NuxtLink>
    </p>
    <ul class="mt-1 text-[14.5px]">
      <li v-for="thing in things" :key="thing.id" class="flex items-baseline gap-3 border-b border-rule py-[6px]">
        <span class="min-w-0 flex-1 break-words">{{ thing.title }}</span>
        <span class="quiet">{{ t('library.thrown-away.what', { what: thing.what, day: day(thing.trashedAt) }) }}</span>
        <button
          type="button"
          class="text-button"
          :aria-label="t('library.thrown-away.put-back-named', { title: thing.title })"
          :disabled="busy"
          @click="putBack(thing)"
        >
          {{ t('library.thrown-away.put-back') }}
        </button>
        <SureButton
          class="text-button"
          :aria-label="t('library.thrown-away.delete-named', { title: thing.title })"
          :question="t('library.thrown-away.for-good')"
          :yes="t('library.thrown-away.yes')"
          :disabled="busy"
          @sure="dropForGood(thing)"
          >{{ t('library.thrown-away.delete') }}</SureButton
        >
      </li>
    </ul>
  </section>
</template>
