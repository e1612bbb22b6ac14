<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { alters, familyOf, pupilWishes, taughtOf } from '#core/instrument'
import type { BulkEdit, ChangePreview, Preferences, StudySet } from '#shared/api'
import ChangeSheet from '~/components/changes/ChangeSheet.vue'
import { undoChange } from '~/composables/undoing'
import { ask } from '~/composables/api'
import { taughtHere } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** Studies of a set that are not made the way its pupil plays: what they would be is shown, and done if it is wanted. */
const props = defineProps<{ set: StudySet; preferences: Preferences }>()
const emit = defineEmits<{ changed: [] }>()

const { busy, error, guarded } = working()
const own = computed(() =>
  pupilWishes(taughtHere(), { instrument: props.set.pupil.instrument, settings: props.preferences.settings }),
)
const others = computed(() => {
  const { family } = taughtOf(props.set.pupil.instrument)
  return props.set.studies.filter(
    ({ recipe }) => familyOf(recipe) === family && Object.keys(alters(recipe, own.value)).length > 0,
  )
})
const preview = shallowRef<ChangePreview | null>(null)
const done = shallowRef<BulkEdit | null>(null)
const undone = shallowRef('')
const show = (): Promise<void> =>
  guarded(async () => {
    const ids = others.value.map(({ id }) => id)
    preview.value = await ask('POST /api/changes/preview', {}, { ids, some: own.value })
  })
function change(made: BulkEdit): void {
  preview.value = null
  done.value = made
  emit('changed')
}
const undo = (): Promise<void> =>
  guarded(async () => {
    undone.value = await undoChange(done.value!.id)
    done.value = null
    emit('changed')
  })
</script>

<template>
  <div v-if="others.length || done || undone || error" class="text-[14px]">
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-if="done" role="status">
      {{ t('changes.done', { count: done.changed }) }}
      <button type="button" class="text-button ml-2" :disabled="busy" @click="undo">{{ t('changes.undo') }}</button>
    </p>
    <p v-else-if="undone" role="status">{{ undone }}</p>
    <p v-else-if="others.length">
      {{ t('sets.other-ways', { count: others.length, name: set.pupil.name }) }}
      <button type="button" class="text-button ml-1" :disabled="busy" @click="show">{{ t('changes.show') }}</button>
    </p>
    <ChangeSheet v-if="preview" :preview="preview" :own="set.pupil.name" @close="preview = null" @done="change" />
  </div>
</template>
