<script setup lang="ts">
import { SCHOOLS } from '#core/fingering'
import { familyOf } from '#core/instrument'
import type { Settings } from '#core/syllabus'
import ClefsRow from '../ClefsRow.vue'
import SelectRow from '~/components/frame/SelectRow.vue'
import HandSizeRow from './HandSizeRow.vue'
import { t, formatMessage } from '~/composables/words'

/** How a pupil's fingers play: the school, and the size of the hands. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{ set: [field: 'clefs' | 'school' | 'handSize', value: string] }>()
const { schools } = familyOf({})
const called = (id: string) => schools.find((school) => school.id === id)!.called
</script>

<template>
  <SelectRow
    :label="t('keys.pupil-fields.school')"
    :value="own.school ?? 'conservatory'"
    :choices="SCHOOLS.map((value) => ({ value, words: formatMessage(called(value)) }))"
    @choose="emit('set', 'school', $event)"
  />
  <ClefsRow :own="own" @choose="emit('set', 'clefs', $event)" />
  <HandSizeRow :own="own" @choose="emit('set', 'handSize', $event)" />
</template>
