<script setup lang="ts">
import { computed } from 'vue'
import type { Message } from '#core/message'
import { formatPieces } from '~/composables/words'

/** A sentence of which parts are set otherwise: bold and italic as they are, a link or a control by the slot of its tag. */
const props = defineProps<{ message: Message }>()
const pieces = computed(() => formatPieces(props.message))
</script>

<template>
  <template v-for="(piece, at) in pieces" :key="at"
    ><template v-if="typeof piece === 'string'">{{ piece }}</template
    ><slot v-else :name="piece.tag" :text="piece.text"
      ><component :is="piece.tag">{{ piece.text }}</component></slot
    ></template
  >
</template>
