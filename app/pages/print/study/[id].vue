<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import { definePageMeta, useHead, useRoute } from '#imports'
import type { Study } from '#shared/api'
import PaperBar from '~/components/print/PaperBar.vue'
import PaperFoot from '~/components/print/PaperFoot.vue'
import PrintedStudy from '~/components/print/PrintedStudy.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t, tell } from '~/composables/words'

definePageMeta({ layout: 'paper' })
const route = useRoute()
const study = shallowRef<Study | null>(null)
const { error, guarded } = working()
const ready = ref(false)
onMounted(() =>
  guarded(async () => {
    study.value = await ask<Study>(`/api/studies/${route.params.id}`)
  }),
)
useHead({ title: () => (study.value ? tell(study.value.title) : t('print.id.print-tactum')) })
</script>

<template>
  <div>
    <PaperBar :ready="ready" />
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <template v-if="study">
      <h1 class="sr-only">{{ t('print.id.for-print', { what: tell(study.title) }) }}</h1>
      <PrintedStudy :study="study" @ready="ready = true" />
      <PaperFoot :recipes="[study.recipe]" />
    </template>
  </div>
</template>
