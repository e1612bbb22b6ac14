<script setup lang="ts">
import { onMounted, shallowRef } from 'vue'
import type { Erasure } from '#shared/api'
import { ask } from '~/composables/api'
import { t } from '~/composables/words'
import { momentOf } from './moments'

/** When pupils were erased; nothing where none was. */
const erasures = shallowRef<readonly Erasure[]>([])
onMounted(async () => {
  erasures.value = await ask('GET /api/erasures').catch(() => [])
})
</script>

<template>
  <section v-if="erasures.length" :aria-label="t('studio.erased')">
    <h2 class="text-[19px]">{{ t('studio.erased') }}</h2>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">{{ t('studio.erased.about') }}</p>
    <ul class="mt-2 text-[14.5px]">
      <li v-for="{ id, erasedAt, sets, exams, entries } in erasures" :key="id">
        {{ t('studio.erased.line', { date: momentOf(erasedAt).date, sets, exams, entries }) }}
      </li>
    </ul>
  </section>
</template>
