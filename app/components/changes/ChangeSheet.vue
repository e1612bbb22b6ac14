<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BulkEdit, ChangePreview } from '#shared/api'
import DialogSheet from '~/components/frame/DialogSheet.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t, formatMessage } from '~/composables/words'

/** What a change would make of several studies, each to be left out; nothing is changed before that is said. */
const props = defineProps<{
  preview: ChangePreview
  /** Whose studies these are: what somebody else's set holds too is left out at first. */
  own?: string
}>()
const emit = defineEmits<{ close: []; done: [change: BulkEdit] }>()

const { busy, error, guarded } = working()
const studies = computed(() =>
  props.preview.studies.map((study) => {
    const others = props.own === undefined ? [] : study.pupils.filter((pupil) => pupil !== props.own)
    const [before, after] = [formatMessage(study.before), study.after ? formatMessage(study.after) : '']
    return { ...study, others, before, after: after === before ? '' : after }
  }),
)
const taken = ref(
  new Set(studies.value.filter(({ wrong, others }) => !wrong && others.length === 0).map(({ id }) => id)),
)
function toggle(id: string): void {
  if (!taken.value.delete(id)) taken.value.add(id)
}
const change = (): Promise<void> =>
  guarded(async () => {
    const some = studies.value.filter(({ id }) => taken.value.has(id)).map(({ id, version }) => ({ id, version }))
    emit('done', await ask('POST /api/changes', {}, { studies: some, some: props.preview.some }))
  })
</script>

<template>
  <DialogSheet :title="t('changes.title')" @close="emit('close')">
    <p class="mt-1 text-[14.5px]">
      {{ studies.length ? t('changes.found', { count: studies.length }) : t('changes.none') }}
      <span v-if="preview.same" class="quiet">{{ t('changes.same', { count: preview.same }) }}</span>
    </p>
    <ul
      v-if="studies.length"
      class="mt-3 max-h-[420px] overflow-auto border-y border-rule"
      tabindex="0"
      :aria-label="t('changes.title')"
    >
      <li v-for="study in studies" :key="study.id" class="flex items-baseline gap-3 border-b border-rule py-[6px]">
        <input
          type="checkbox"
          class="h-[17px] w-[17px] shrink-0 self-center accent-ink"
          :aria-label="t('changes.take', { title: study.before })"
          :checked="taken.has(study.id)"
          :disabled="study.wrong !== null"
          @change="toggle(study.id)"
        />
        <span class="min-w-0 flex-1 font-serif text-[15.5px]">
          {{ study.before }}
          <span v-if="study.after" class="block text-[14.5px]">{{ t('changes.becomes', { title: study.after }) }}</span>
          <span v-if="study.wrong" class="block font-sans text-[13.5px] text-missing">{{
            formatMessage(study.wrong)
          }}</span>
          <span v-if="study.others.length" class="quiet block font-sans text-[13.5px]">{{
            t('changes.others', { names: study.others.join(', ') })
          }}</span>
        </span>
        <span v-if="!study.wrong" class="quiet aside shrink-0 text-[13.5px]">{{
          study.marks === null ? t('changes.notes') : t('changes.marks', { count: study.marks })
        }}</span>
      </li>
    </ul>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p class="mt-4 flex flex-wrap items-baseline gap-4">
      <button
        v-if="studies.length"
        type="button"
        class="main-button"
        :disabled="busy || taken.size === 0"
        @click="change"
      >
        {{ t('changes.change', { count: taken.size }) }}
      </button>
      <button type="button" class="plain-button" @click="emit('close')">{{ t('changes.leave') }}</button>
      <span v-if="busy" class="quiet aside text-[14px]" role="status">{{ t('changes.changing') }}</span>
    </p>
  </DialogSheet>
</template>
