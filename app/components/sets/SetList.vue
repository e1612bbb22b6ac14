<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { Pupil } from '#shared/api'
import { ask, wordsOf } from '~/composables/api'
import { t } from '~/composables/words'

/** Every pupil with their sets, to put something into one. */
const emit = defineEmits<{ choose: [set: { id: string; words: string }] }>()

const pupils = ref<Pupil[] | null>(null)
const told = ref(t('sets.set-list.fetching-the-sets'))
onMounted(async () => {
  try {
    pupils.value = await ask<Pupil[]>('/api/pupils')
    told.value = ''
  } catch (error) {
    told.value = wordsOf(error)
  }
})
</script>

<template>
  <p v-if="told" role="status" class="quiet">{{ told }}</p>
  <p v-else-if="pupils?.length === 0" class="quiet aside">{{ t('sets.set-list.no-pupil-yet-they') }}</p>
  <div v-for="pupil in pupils" :key="pupil.id" class="mb-2">
    <p class="font-serif font-semibold">{{ pupil.name }}</p>
    <button
      v-for="set in pupil.sets"
      :key="set.id"
      type="button"
      class="choice"
      @click="emit('choose', { id: set.id, words: `${pupil.name}, ${set.title}` })"
    >
      {{ set.title }} <span class="quiet text-[13px]">{{ set.studies }}</span>
    </button>
    <p v-if="pupil.sets.length === 0" class="quiet aside px-[14px] text-[13px]">{{ t('sets.set-list.no-set-yet') }}</p>
  </div>
</template>
