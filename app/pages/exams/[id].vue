<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import { NuxtLink } from '#components'
import { definePageMeta, useHead, useRoute, useRouter } from '#imports'
import type { Exam } from '#shared/api'
import ExamRecord from '~/components/exam/ExamRecord.vue'
import SureButton from '~/components/frame/SureButton.vue'
import PaperBar from '~/components/print/PaperBar.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** A mock exam out of a pupil's record. */
definePageMeta({ layout: 'paper' })
const route = useRoute()
const router = useRouter()
const exam = shallowRef<Exam | null>(null)
const { error, guarded } = working()
onMounted(() =>
  guarded(async () => {
    exam.value = await ask('GET /api/exams/:id', { id: String(route.params.id) })
  }),
)
const remove = () =>
  guarded(async () => {
    await ask('DELETE /api/exams/:id', { id: String(route.params.id) })
    await router.push('/pupils')
  })
useHead({
  title: () => (exam.value ? t('exam.id.mock-exam', { name: exam.value.pupil.name }) : t('exam.id.page-title')),
})
</script>

<template>
  <div>
    <PaperBar :ready="exam !== null" />
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <ExamRecord v-if="exam" :exam="exam">
      <NuxtLink v-if="exam.setId" class="text-button" :to="`/sets/${exam.setId}/exam?seed=${exam.seed}`">{{
        t('exam.id.repeat')
      }}</NuxtLink>
      <SureButton
        class="text-button"
        :question="t('frame.sure-button.sure-bin')"
        :yes="t('frame.sure-button.delete')"
        @sure="remove"
        >{{ t('exam.id.delete') }}</SureButton
      >
    </ExamRecord>
  </div>
</template>
