<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import { definePageMeta, useHead, useRoute } from '#imports'
import type { StudySet } from '#shared/api'
import PaperBar from '~/components/print/PaperBar.vue'
import PaperFoot from '~/components/print/PaperFoot.vue'
import PrintedStudy from '~/components/print/PrintedStudy.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

definePageMeta({ layout: 'paper' })
const route = useRoute()
const set = shallowRef<StudySet | null>(null)
const { error, guarded } = working()
const drawn = ref(0)
onMounted(() =>
  guarded(async () => {
    set.value = await ask<StudySet>(`/api/sets/${route.params.id}`)
  }),
)
useHead({ title: () => (set.value ? `${set.value.pupil.name}, ${set.value.title}` : t('print.id.print-tactum')) })
</script>

<template>
  <div>
    <PaperBar :ready="set !== null && drawn === set.studies.length" />
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <template v-if="set">
      <h1 class="mb-5 border-b border-ink pb-1 text-[22px]">
        {{ set.title }}
        <span class="aside quiet text-[16px] font-normal">{{ t('print.id.for', { name: set.pupil.name }) }}</span>
      </h1>
      <p v-if="set.studies.length === 0" class="quiet">{{ t('print.id.there-is-nothing-in') }}</p>
      <PrintedStudy
        v-for="(study, at) in set.studies"
        :key="study.id"
        :study="study"
        :number="at + 1"
        @ready="drawn++"
      />
      <PaperFoot :recipes="set.studies.map(({ recipe }) => recipe)" />
    </template>
  </div>
</template>
