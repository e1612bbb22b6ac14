<script setup lang="ts">
import { computed } from 'vue'
import type { Recipe } from '#core/instrument'
import { wordsFor } from '~/components/instrument'
import { useShowing } from '~/stores/showing'
import { t } from '~/composables/words'

/** The usual cautions at the foot of a page; loud instruments add their own. */
const props = defineProps<{ recipes: readonly Recipe[] }>()
const showing = useShowing()
const legends = computed(() => [
  ...new Set(props.recipes.flatMap((recipe) => wordsFor(recipe).legend(showing.shown) ?? [])),
])
const own = computed(() => [...new Set(props.recipes.flatMap((recipe) => wordsFor(recipe).paperCaution ?? []))])
</script>

<template>
  <footer class="mt-6 break-before-avoid break-inside-avoid border-t border-rule pt-2 text-[12px] leading-[1.45]">
    <p v-for="legend in legends" :key="legend" class="mb-1">{{ legend }}</p>
    {{ t('print.paper-foot.start-slowly-and-stay') }}
    <template v-for="caution in own" :key="caution">{{ t(caution) }} </template>
    {{ t('print.paper-foot.stop-at-pain-numbness') }}
  </footer>
</template>
