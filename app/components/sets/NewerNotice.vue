<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import type { Newer, StudySet } from '#shared/api'

/** The list was changed, or a later edition is on file: what to add and what to drop. */
const props = defineProps<{ newer: Newer; set: StudySet; busy: boolean }>()
const emit = defineEmits<{ move: []; settle: []; drop: [places: readonly number[]] }>()

const other = computed(() => props.newer.syllabusId !== props.set.syllabusId)
const drops = computed(() => props.newer.drop.map((at) => `no. ${at + 1}`))
</script>

<template>
  <div role="status" class="mt-3 border border-rh p-3 text-[14px]">
    <p class="font-serif font-semibold">
      {{ other ? `A later edition is on file: ${newer.title}.` : 'The list was changed since this set was built.' }}
    </p>
    <p v-if="newer.add.length" class="mt-1"><b>To add:</b> {{ newer.add.join('; ') }}.</p>
    <p v-if="newer.drop.length" class="mt-1"><b>To drop:</b> {{ drops.join(', ') }}.</p>
    <p v-if="!newer.add.length && !newer.drop.length" class="mt-1">For this set nothing changes.</p>
    <p class="mt-2 flex flex-wrap items-center gap-4">
      <button v-if="other" type="button" class="plain-button" :disabled="busy" @click="emit('move')">
        Grade by the later one
      </button>
      <template v-else>
        <button
          v-if="newer.drop.length"
          type="button"
          class="plain-button"
          :disabled="busy"
          @click="emit('drop', newer.drop)"
        >
          Drop {{ drops.length === 1 ? 'it' : 'them' }}
        </button>
        <button type="button" class="plain-button" :disabled="busy" @click="emit('settle')">Seen</button>
      </template>
      <NuxtLink
        v-if="other"
        class="underline"
        :to="`/syllabi/${newer.syllabusId}?before=${encodeURIComponent(set.syllabusId!)}`"
        >What changed</NuxtLink
      >
    </p>
  </div>
</template>
