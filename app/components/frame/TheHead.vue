<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { NuxtLink } from '#components'
import { useRoute } from '#imports'
import type { Studio } from '#shared/api'
import { ask } from '~/composables/api'

const route = useRoute()
const studio = ref<Studio | null>(null)
const places = [
  { to: '/desk', words: 'Desk' },
  { to: '/library', words: 'Library' },
  { to: '/sets', words: 'Sets' },
  { to: '/syllabi', words: 'Syllabi' },
]

onMounted(async () => {
  studio.value = await ask<Studio>('/api/studio').catch(() => null)
})
</script>

<template>
  <header class="border-b-[3px] border-double border-ink">
    <div class="mx-auto flex h-[44px] max-w-[1280px] items-baseline gap-11 px-[26px] pt-[9px]">
      <p class="font-serif text-[21px] font-semibold">
        Tactum
        <span class="aside quiet ml-1 text-[15px] font-normal">{{ studio?.name }}</span>
      </p>
      <nav aria-label="Main" class="flex gap-5 text-[14px] font-medium">
        <NuxtLink
          v-for="place in places"
          :key="place.to"
          :to="place.to"
          class="quiet px-px pb-[10px] hover:text-ink"
          :class="{ here: route.path.startsWith(place.to) }"
          :aria-current="route.path.startsWith(place.to) ? 'page' : undefined"
        >
          {{ place.words }}
        </NuxtLink>
      </nav>
    </div>
  </header>
</template>

<style scoped>
.here {
  color: var(--color-ink);
  box-shadow: inset 0 -3px 0 var(--color-ink);
}
</style>
