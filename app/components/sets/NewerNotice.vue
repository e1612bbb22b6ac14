<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { t, formatMessage } from '~/composables/words'
import type { Newer, StudySet } from '#shared/api'

/** The list was changed, or a later edition is on file: what to add and what to drop. */
const props = defineProps<{ newer: Newer; set: StudySet; busy: boolean }>()
const emit = defineEmits<{ move: []; settle: []; drop: [places: readonly number[]] }>()

const other = computed(() => props.newer.syllabusId !== props.set.syllabusId)
const drops = computed(() => props.newer.drop.map((at) => t('sets.newer-notice.no', { value: at + 1 })))
</script>

<template>
  <div role="status" class="mt-3 border border-rh p-3 text-[14px]">
    <p class="font-serif font-semibold">
      {{ other ? t('sets.newer-notice.later', { title: newer.title }) : t('sets.newer-notice.changed') }}
    </p>
    <p v-if="newer.add.length" class="mt-1">
      <b>{{ t('sets.newer-notice.to-add') }}</b> {{ newer.add.map(formatMessage).join('; ') }}.
    </p>
    <p v-if="newer.drop.length" class="mt-1">
      <b>{{ t('sets.newer-notice.to-drop') }}</b> {{ drops.join(', ') }}.
    </p>
    <p v-if="!newer.add.length && !newer.drop.length" class="mt-1">{{ t('sets.newer-notice.nothing-changes') }}</p>
    <p class="mt-2 flex flex-wrap items-center gap-4">
      <button v-if="other" type="button" class="plain-button" :disabled="busy" @click="emit('move')">
        {{ t('sets.newer-notice.use-later') }}
      </button>
      <template v-else>
        <button
          v-if="newer.drop.length"
          type="button"
          class="plain-button"
          :disabled="busy"
          @click="emit('drop', newer.drop)"
        >
          {{ t('sets.newer-notice.drop', { count: drops.length }) }}
        </button>
        <button type="button" class="plain-button" :disabled="busy" @click="emit('settle')">
          {{ t('sets.newer-notice.seen') }}
        </button>
      </template>
      <NuxtLink
        v-if="other"
        class="underline"
        :to="`/syllabi/${newer.syllabusId}?before=${encodeURIComponent(set.syllabusId!)}`"
        >{{ t('sets.newer-notice.what-changed') }}</NuxtLink
      >
    </p>
  </div>
</template>
