<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { Pupil } from '#shared/api'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** The pupils who come, found by typing, to choose one of them. */
const emit = defineEmits<{ choose: [pupil: string] }>()

/** So many are shown; the others are found by typing on. */
const MAX = 40
const pupils = shallowRef<readonly Pupil[] | null>(null)
const sought = ref('')
const { error, guarded } = working()
onMounted(() =>
  guarded(async () => {
    pupils.value = (await ask('GET /api/pupils')).filter(({ archived }) => !archived)
  }),
)
const found = computed(() => {
  const words = sought.value.trim().toLocaleLowerCase()
  return (pupils.value ?? []).filter(({ name }) => name.toLocaleLowerCase().includes(words))
})
</script>

<template>
  <div class="w-[260px] p-3">
    <input
      v-model="sought"
      class="field mb-2 w-full"
      type="search"
      :aria-label="t('sets.pupil-pick.find')"
      :placeholder="t('sets.pupil-pick.find')"
    />
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-else-if="pupils && found.length === 0" role="status" class="quiet aside">
      {{ t('sets.index.nobody-called-so') }}
    </p>
    <ul class="max-h-[250px] overflow-auto">
      <li v-for="pupil in found.slice(0, MAX)" :key="pupil.id">
        <button type="button" class="choice" @click="emit('choose', pupil.id)">{{ pupil.name }}</button>
      </li>
    </ul>
    <p v-if="found.length > MAX" class="quiet aside text-[13px]">
      {{ t('sets.pupil-pick.more', { count: found.length - MAX }) }}
    </p>
  </div>
</template>
