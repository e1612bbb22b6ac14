<script setup lang="ts">
import type { Pupil } from '#shared/api'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'
import HomePageLink from './HomePageLink.vue'

/** A button that opens what there is to say of a pupil's own page. */
defineProps<{ pupil: Pick<Pupil, 'id' | 'name'> }>()
</script>

<template>
  <WordPanel :words="t('lesson.home')" look="aside">
    <HomePageLink :pupil="pupil" />
  </WordPanel>
</template>
