<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, ref } from 'vue'
import { neighbourMessage, neighboursOf } from '#core/material'
import type { Recipe } from '#core/instrument'
import { isFree } from '#core/study'
import { formatMessage, t } from '~/composables/words'

/** What the key shares with those beside it, in one line under the title; all of it when it is pressed. */
const props = defineProps<{ material: Recipe['material'] }>()
const whole = ref(false)
onKeyStroke('Escape', () => (whole.value = false))
const words = computed(() => {
  const { material } = props
  if (isFree(material)) return []
  return neighboursOf(material).map((each) => formatMessage(neighbourMessage(each, material)))
})
</script>

<template>
  <button
    v-if="words.length"
    type="button"
    class="quiet mt-[2px] block min-h-[24px] w-full text-left text-[13.5px] leading-[1.4] max-sm:hidden"
    :class="{ truncate: !whole }"
    :aria-expanded="whole"
    :title="t('desk.key-neighbours.whole')"
    @click="whole = !whole"
  >
    {{ words.join(' ') }}
  </button>
</template>
