<script setup lang="ts">
import { HAND_SIZES } from '#core/fingering'
import type { Settings } from '#core/syllabus'
import SelectRow from '~/components/frame/SelectRow.vue'
import { t } from '~/composables/words'

/** The size of a pupil's hands, of whatever fingers play. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{ choose: [size: string] }>()
</script>

<template>
  <SelectRow
    :label="t('keys.pupil-fields.hands')"
    :value="own.handSize ?? 'average'"
    :choices="HAND_SIZES.map((value) => ({ value, words: t('name.hand-size', { size: value }) }))"
    @choose="emit('choose', $event)"
  />
</template>
