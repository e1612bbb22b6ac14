<script setup lang="ts">
import { useColorMode } from '@vueuse/core'
import { GROUND } from '~/composables/ground'
import { t } from '~/composables/words'
import { useShowing } from '~/stores/showing'

/** How this browser shows the pages. */
const { store: mode } = useColorMode(GROUND)
const showing = useShowing()
const THEMES = ['auto', 'light', 'dark'] as const
</script>

<template>
  <section :aria-label="t('settings.display')">
    <h2 class="text-[19px]">{{ t('settings.display') }}</h2>
    <p class="mt-2 flex flex-wrap items-baseline gap-2 text-[14px]" role="group" :aria-label="t('settings.theme')">
      <span class="mr-1">{{ t('settings.theme') }}</span>
      <button
        v-for="theme in THEMES"
        :key="theme"
        type="button"
        class="plain-button"
        :aria-pressed="mode === theme"
        @click="mode = theme"
      >
        {{ t('settings.theme.name', { theme }) }}
      </button>
    </p>
    <label class="mt-3 flex items-center gap-2 text-[14px]">
      <input v-model="showing.shown.singleKeys" type="checkbox" class="h-[18px] w-[18px] accent-ink" />
      {{ t('desk.shortcut-list.single-keys') }}
    </label>
  </section>
</template>

<style scoped>
[aria-pressed='true'] {
  background: var(--color-ink);
  color: var(--color-page);
}
</style>
