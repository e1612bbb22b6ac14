<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { NuxtLink } from '#components'
import { useRoute } from '#imports'
import { currentStudio } from '~/composables/studio'
import { useDesk } from '~/stores/desk'
import { t } from '~/composables/words'

const route = useRoute()
/** A set belongs to its pupil. */
const isHere = (root: string): boolean =>
  route.path.startsWith(root) || (root === '/pupils' && route.path.startsWith('/sets'))
const desk = useDesk()
/** The desk is found as it was left. */
const places = computed(() => [
  { root: '/today', to: '/today', words: t('frame.the-head.today') },
  { root: '/desk', to: desk.address, words: t('frame.the-head.desk') },
  { root: '/library', to: '/library', words: t('frame.the-head.library') },
  { root: '/pupils', to: '/pupils', words: t('frame.the-head.pupils') },
  { root: '/syllabi', to: '/syllabi', words: t('frame.the-head.syllabi') },
  { root: '/paper', to: '/paper', words: t('frame.the-head.paper') },
  { root: '/files', to: '/files', words: t('frame.the-head.files') },
  { root: '/settings', to: '/settings', words: t('frame.the-head.settings') },
])

/** On a narrow glass the places lie on a strip that is pushed: the one that is open stays in sight. */
const strip = ref<HTMLElement>()
const showPlace = (): void => {
  const open = strip.value?.querySelector<HTMLElement>('[aria-current]')
  if (open && strip.value)
    strip.value.scrollLeft = open.offsetLeft - strip.value.offsetLeft - strip.value.clientWidth / 2
}
watch(
  () => route.path,
  () => nextTick(showPlace),
)

onMounted(showPlace)
</script>

<template>
  <header class="border-b-[3px] border-double border-ink">
    <div
      class="mx-auto flex min-h-[44px] max-w-[1280px] flex-wrap items-baseline gap-x-5 px-4 pt-[9px] sm:px-[26px] xl:flex-nowrap"
    >
      <p class="flex min-w-0 items-baseline font-serif text-[21px] font-semibold">
        Tactum
        <NuxtLink
          v-if="currentStudio"
          to="/settings"
          class="aside quiet ml-2 max-w-[220px] truncate text-[15px] font-normal hover:text-ink hover:underline"
          :aria-current="route.path === '/settings' ? 'page' : undefined"
          >{{ currentStudio.name }}</NuxtLink
        >
      </p>
      <nav
        ref="strip"
        :aria-label="t('frame.the-head.main')"
        class="flex gap-x-[14px] overflow-x-auto text-[14px] font-medium whitespace-nowrap"
      >
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
      <div id="head-end" class="ml-auto max-w-full min-w-0"></div>
    </div>
  </header>
</template>

<style scoped>
.here {
  color: var(--color-ink);
  box-shadow: inset 0 -3px 0 var(--color-ink);
}
</style>
