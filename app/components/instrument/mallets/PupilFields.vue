<script setup lang="ts">
import { NUMBERINGS, STICKING_SCHOOLS } from '#core/sticking'
import { MALLET_IDS, STRIKES } from '#core/surface'
import { familyOf } from '#core/instrument'
import type { Settings } from '#core/syllabus'
import ClefsRow from '../ClefsRow.vue'
import SelectRow from '~/components/frame/SelectRow.vue'
import { instrumentCalled } from '../words'
import { t, formatMessage } from '~/composables/words'

/** How a pupil's sticks play: the school, and what stands in the room. */
defineProps<{ own: Settings }>()
const emit = defineEmits<{
  set: [field: 'clefs' | 'school' | 'instrument' | 'lead' | 'strike' | 'mallets', value: unknown]
}>()
const LEADS = ['right', 'left'] as const
const { schools } = familyOf({ instrument: MALLET_IDS[0] })
const called = (id: string) => schools.find((school) => school.id === id)!.called
</script>

<template>
  <SelectRow
    :label="t('mallets.pupil-fields.school')"
    :value="own.school ?? 'doubles'"
    :choices="STICKING_SCHOOLS.map((value) => ({ value, words: formatMessage(called(value)) }))"
    @choose="emit('set', 'school', $event)"
  />
  <SelectRow
    :label="t('mallets.pupil-fields.instrument')"
    :value="own.instrument ?? 'marimba-5.0'"
    :choices="MALLET_IDS.map((value) => ({ value, words: instrumentCalled({ instrument: value }) }))"
    @choose="emit('set', 'instrument', $event)"
  />
  <SelectRow
    :label="t('mallets.pupil-fields.lead')"
    :value="own.lead ?? 'right'"
    :choices="LEADS.map((value) => ({ value, words: t('mallets.lead-choice.lead-name', { lead: value }) }))"
    @choose="emit('set', 'lead', $event)"
  />
  <SelectRow
    :label="t('mallets.pupil-fields.strike')"
    :value="own.strike ?? 'off-centre'"
    :choices="STRIKES.map((value) => ({ value, words: t('mallets.strike', { strike: value }) }))"
    @choose="emit('set', 'strike', $event)"
  />
  <SelectRow
    :label="t('mallets.pupil-fields.numbering')"
    :value="own.mallets?.numbering ?? 'low-to-high'"
    :choices="NUMBERINGS.map((value) => ({ value, words: t('mallets.numbering', { numbering: value }) }))"
    @choose="emit('set', 'mallets', { numbering: $event })"
  />
  <ClefsRow :own="own" @choose="emit('set', 'clefs', $event)" />
</template>
