<script setup lang="ts">
import type { Page } from '#paper'

/** One page as it will be printed, drawn from what the PDF is written from. */
defineProps<{ page: Page; label: string }>()
</script>

<template>
  <svg role="img" :aria-label="label" :viewBox="`0 0 ${page.width} ${page.height}`" class="page">
    <template v-for="(each, at) in page.drawn" :key="at">
      <text
        v-if="each.kind === 'text'"
        :x="each.x"
        :y="each.y"
        :font-size="each.size"
        :fill="each.colour"
        :class="each.face"
      >
        {{ each.text }}
      </text>
      <path
        v-else
        :d="each.d"
        :fill="each.fill ?? 'none'"
        :stroke="each.stroke ?? 'none'"
        :stroke-width="each.width"
        :stroke-dasharray="each.dash?.join(' ')"
      />
    </template>
  </svg>
</template>

<style scoped>
.page {
  display: block;
  width: 100%;
  background: white;
}
text {
  white-space: pre;
}
.serif,
.serif-bold,
.serif-italic {
  font-family: 'Besley Variable';
  font-weight: 400;
}
.serif-bold {
  font-weight: 600;
}
.serif-italic {
  font-style: italic;
}
.sans {
  font-family: 'Hanken Grotesk Variable';
}
.signs {
  font-family: 'Tactum Signs';
}
.music {
  font-family: 'Bravura';
}
</style>
