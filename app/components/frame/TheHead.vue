<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { NuxtLink } from '#components'
import { useRoute } from '#imports'
import type { Studio } from '#shared/api'
import { ask } from '~/composables/api'
import { useDesk } from '~/stores/desk'
import { t } from '~/composables/words'

const route = useRoute()
/** A set belongs to its pupil. */
const isHere = (root: string): boolean =>
  route.path.startsWith(root) || (root === '/pupils' && route.path.startsWith('/sets'))
const studio = ref<Studio | null>(null)
const desk = useDesk()
/** The desk is found as it was left. */
const places = computed(() => [
  { root: '/desk', to: desk.address, words: t('frame.the-head.desk') },
  { root: '/library', to: '/library', words: t('frame.the-head.library') },
  { root: '/pupils', to: '/pupils', words: t('frame.the-head.pupils') },
  { root: '/syllabi', to: '/syllabi', words: t('frame.the-head.syllabi') },
  { root: '/paper', to: '/paper', words: t('paper.title') },
  { root: '/files', to: '/files', words: t('files.title') },
])

onMounted(async () => {
  studio.value = await ask<Studio>('/api/studio').catch(() => null)
})
</script>

<template>
  <header class="border-b-[3px] border-double border-ink">
    <div class="mx-auto flex h-[44px] max-w-[1280px] items-baseline gap-8 px-[26px] xl:gap-11 pt-[9px]">
      <p class="font-serif text-[21px] font-semibold">
        Tactum
        <span class="aside quiet ml-1 text-[15px] font-normal">{{ studio?.name }}</span>
      </p>
      <nav :aria-label="t('frame.the-head.main')" class="flex gap-5 text-[14px] font-medium">
        <NuxtLink
          v-for="place in places"
          :key="place.root"
          :to="place.to"
          class="quiet px-px pb-[10px] hover:text-ink"
          :class="{ here: isHere(place.root) }"
          :aria-current="isHere(place.root) ? 'page' : undefined"
        >
          {{ place.words }}
        </NuxtLink>
      </nav>
      <div id="head-end" class="ml-auto min-w-0"></div>
    </div>
  </header>
</template>

<style scoped>
.here {
  color: var(--color-ink);
  box-shadow: inset 0 -3px 0 var(--color-ink);
}
</style>
