<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import type { ExamListing } from '#shared/api'
import ExamLine from '~/components/exam/ExamLine.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** The mock exams that were held of a set, the latest first; nothing where there was none. */
const props = defineProps<{ setId: string }>()
const exams = shallowRef<readonly ExamListing[]>([])
const { error, guarded } = working()
onMounted(() =>
  guarded(async () => {
    exams.value = await ask('GET /api/exams', { set: props.setId })
  }),
)
</script>

<template>
  <section v-if="exams.length || error" :aria-label="t('sets.exams')">
    <h2 class="text-[18px]">{{ t('sets.exams') }}</h2>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <ul class="mt-1">
      <ExamLine v-for="exam in exams" :key="exam.id" :exam="exam" />
    </ul>
  </section>
</template>
