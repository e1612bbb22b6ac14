<script setup lang="ts">
import { useHead } from '#imports'
import ManualText from '~/components/help/ManualText.vue'
import { t } from '~/composables/words'

/** About: what Tactum is, whose sounds and faces it has, and their licences. */
useHead({ title: t('help.about-page') })
</script>

<template>
  <div class="max-w-[760px] pt-[22px]">
    <h1 class="text-[26px]">{{ t('help.about-title') }}</h1>
    <ManualText text="about" />
  </div>
</template>
