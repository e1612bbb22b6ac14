<script setup lang="ts">
import { computed, ref } from 'vue'
import { NuxtLink } from '#components'
import { useHead } from '#imports'
import AccountPanel from '~/components/people/AccountPanel.vue'
import TeachersPanel from '~/components/people/TeachersPanel.vue'
import ArchivePanel from '~/components/studio/ArchivePanel.vue'
import BackupPanel from '~/components/studio/BackupPanel.vue'
import DisplayPanel from '~/components/studio/DisplayPanel.vue'
import ErasedPupils from '~/components/studio/ErasedPupils.vue'
import StudioList from '~/components/studio/StudioList.vue'
import StudioName from '~/components/studio/StudioName.vue'
import { currentSession } from '~/composables/session'
import { currentStudio } from '~/composables/studio'
import { t } from '~/composables/words'

/** Settings: the studio and what is taught in it, the page, backups, archives, other studios. */
useHead({ title: t('studio.head') })
/** Whoever sits at the own machine has all of it; who signs in has what is theirs. */
const isMachine = computed(() => currentSession.value?.signIn === false)
const teacher = computed(() => currentSession.value?.teacher ?? null)
const mayName = computed(() => isMachine.value || teacher.value?.role === 'owner')
const list = ref<InstanceType<typeof StudioList>>()
</script>

<template>
  <div class="pt-[22px]">
    <div class="flex flex-wrap items-baseline gap-x-6">
      <h1 class="text-[26px]">{{ t('studio.title') }}</h1>
      <NuxtLink class="text-button text-[14px]" to="/help">{{ t('frame.the-head.help') }}</NuxtLink>
      <NuxtLink class="text-button text-[14px]" to="/about">{{ t('help.about') }}</NuxtLink>
    </div>
    <StudioName v-if="currentStudio && mayName" :key="currentStudio.id" class="mt-3" />
    <div class="mt-5 grid gap-x-14 gap-y-8 border-t border-ink pt-4 lg:grid-cols-2">
      <div class="grid content-start gap-y-8">
        <DisplayPanel />
        <AccountPanel v-if="teacher" />
        <BackupPanel v-if="isMachine" />
      </div>
      <div class="grid content-start gap-y-8">
        <TeachersPanel v-if="teacher?.role === 'owner'" />
        <ArchivePanel @imported="list?.load()" />
        <StudioList v-if="isMachine" ref="list" />
        <ErasedPupils />
      </div>
    </div>
  </div>
</template>
