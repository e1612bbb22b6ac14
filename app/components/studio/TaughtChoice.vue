<script setup lang="ts">
import { computed } from 'vue'
import { overWhole, type PlayerSettings, TAUGHT, taughtOf } from '#core/instrument'
import WordPanel from '~/components/frame/WordPanel.vue'
import { viewOfPlays } from '~/components/instrument'
import { t } from '~/composables/words'

/** What is taught, and how it is made and played: the family's own fields. */
const props = defineProps<{ id: string; instrument: string; make: PlayerSettings }>()
const emit = defineEmits<{ choose: [instrument: string, make: PlayerSettings] }>()
const fields = computed(() => viewOfPlays(taughtOf(props.instrument).family.plays).Settings)
/** As it is usually made, where nobody says otherwise. */
const own = computed(() => ({ instrument: taughtOf(props.instrument).instrument, ...props.make }) as PlayerSettings)
/** Another instrument has another make. */
const choose = (event: Event): void => emit('choose', (event.target as HTMLSelectElement).value, {})
const set = (field: string, value: unknown): void =>
  emit('choose', props.instrument, overWhole(props.make, { [field]: value }))
</script>

<template>
  <select :id="id" class="field" :value="instrument" @change="choose">
    <option v-for="each in TAUGHT" :key="each.id" :value="each.id">{{ t('name.make', { make: each.id }) }}</option>
  </select>
  <WordPanel :words="t('settings.make')" look="button">
    <fieldset class="w-[320px] p-4 max-sm:min-w-0">
      <legend class="sr-only">{{ t('settings.make') }}</legend>
      <p class="aside quiet mb-2">{{ t('settings.make.about') }}</p>
      <component :is="fields" :own="own" @set="set" />
    </fieldset>
  </WordPanel>
</template>
