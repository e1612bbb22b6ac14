<script setup lang="ts">
import { computed } from 'vue'
import type { Recipe } from '#core/instrument'
import { wordsFor } from '~/components/instrument'

/** The usual cautions at the foot of a page; loud instruments add their own. */
const props = defineProps<{ recipes: readonly Recipe[] }>()
const own = computed(() => [...new Set(props.recipes.map((recipe) => wordsFor(recipe).paperCaution))].filter(Boolean))
</script>

<template>
  <footer class="mt-6 break-before-avoid break-inside-avoid border-t border-rule pt-2 text-[12px] leading-[1.45]">
    Start slowly and stay loose; short sessions with breaks; raise tempo or minutes, not both at once. Do not stretch to
    force a span.
    <template v-for="caution in own" :key="caution">{{ caution }} </template>
    Stop at pain, numbness or tingling and see a doctor or a hand therapist. Usual cautions, not medical advice: your
    teacher’s and doctor’s word goes first.
  </footer>
</template>
