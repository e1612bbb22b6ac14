<script setup lang="ts">
import { ref } from 'vue'
import type { Syllabus } from '#core/syllabus'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** A copy of a list: the teacher's own, or the edition of another year. */
const props = defineProps<{ syllabus: Syllabus }>()
const emit = defineEmits<{ made: [id: string] }>()

const year = Number(props.syllabus.edition)
const title = ref(props.syllabus.title)
const edition = ref(Number.isInteger(year) && year > 0 ? String(year + 1) : '')
const follows = ref(true)
const { error, guarded } = working()
const copy = (): Promise<void> =>
  guarded(async () => {
    const body = { title: title.value, edition: edition.value, follows: follows.value }
    emit('made', (await ask('POST /api/syllabi/:id/copy', { id: props.syllabus.id }, body)).id)
  })
</script>

<template>
  <form class="w-[320px] p-4 text-[14px]" @submit.prevent="copy">
    <label class="block"
      >{{ t('syllabi.copy-form.title') }} <input v-model="title" class="field mt-1 w-full" maxlength="120" required
    /></label>
    <label class="mt-2 block"
      >{{ t('syllabi.copy-form.edition') }} <input v-model="edition" class="field mt-1 w-full" maxlength="40"
    /></label>
    <label class="mt-2 flex min-h-[26px] items-center gap-2">
      <input v-model="follows" type="checkbox" />
      {{ t('syllabi.copy-form.it-follows', { one: syllabus.edition || t('syllabi.copy-form.this-one') }) }}
    </label>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p class="mt-3">
      <button type="submit" class="plain-button">{{ t('syllabi.copy-form.make') }}</button>
    </p>
  </form>
</template>
