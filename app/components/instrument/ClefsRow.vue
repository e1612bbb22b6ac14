<script setup lang="ts">
import { CLEFS, type Clefs } from '#core/study'
import type { Settings } from '#core/syllabus'
import SelectRow from '~/components/frame/SelectRow.vue'
import { t } from '~/composables/words'

/** Whether a player's staves change their clefs. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{ choose: [clefs: Clefs] }>()
</script>

<template>
  <SelectRow
    :label="t('name.clefs.label')"
    :value="own.clefs ?? 'changing'"
    :choices="CLEFS.map((value) => ({ value, words: t('name.clefs', { clefs: value }) }))"
    @choose="emit('choose', $event)"
  />
</template>
