<script setup lang="ts">
import { ref } from 'vue'
import { useHead } from '#imports'
import ArchivePanel from '~/components/studio/ArchivePanel.vue'
import BackupPanel from '~/components/studio/BackupPanel.vue'
import ErasedPupils from '~/components/studio/ErasedPupils.vue'
import StudioList from '~/components/studio/StudioList.vue'
import StudioName from '~/components/studio/StudioName.vue'
import { currentStudio } from '~/composables/studio'
import { t } from '~/composables/words'

useHead({ title: t('studio.head') })
const list = ref<InstanceType<typeof StudioList>>()
</script>

<template>
  <div class="pt-[22px]">
    <h1 class="text-[26px]">{{ t('studio.title') }}</h1>
    <StudioName v-if="currentStudio" :key="currentStudio.id" class="mt-3" />
    <div class="mt-5 grid gap-x-14 gap-y-8 border-t border-ink pt-4 lg:grid-cols-2">
      <BackupPanel />
      <div class="grid content-start gap-y-8">
        <ArchivePanel @imported="list?.load()" />
        <StudioList ref="list" />
        <ErasedPupils />
      </div>
    </div>
  </div>
</template>
