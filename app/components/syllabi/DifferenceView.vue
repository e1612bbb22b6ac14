<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import type { SyllabusDifference } from '#shared/api'
import { ask, wordsOf } from '~/composables/api'

/** What this list asks beside an earlier one, and what that means for the pupils. */
const props = defineProps<{ id: string; before: string; version: string | null }>()
const emit = defineEmits<{ close: [] }>()

const difference = shallowRef<SyllabusDifference | null>(null)
const error = ref('')
watch(
  () => [props.id, props.before, props.version],
  async () => {
    error.value = ''
    const query = new URLSearchParams(props.version ? { version: props.version } : { before: props.before })
    try {
      difference.value = await ask<SyllabusDifference>(`/api/syllabi/${props.id}/difference?${query}`)
    } catch (problem) {
      error.value = wordsOf(problem)
    }
  },
  { immediate: true },
)
</script>

<template>
  <section aria-label="What changed" class="mt-4 border border-ink bg-sheet p-5">
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-else-if="!difference" class="waiting quiet aside">comparing …</p>
    <template v-else>
      <h2 class="flex items-baseline justify-between gap-4 text-[19px]">
        <span
          >{{ difference.after }}
          <span class="aside quiet text-[15px] font-normal">beside {{ difference.before }}</span></span
        >
        <button type="button" class="text-button font-sans text-[14px] font-normal" @click="emit('close')">
          Close
        </button>
      </h2>
      <p v-if="difference.grades.length === 0" class="quiet mt-2">They ask the same.</p>
      <div class="mt-2 grid grid-cols-1 gap-8 lg:grid-cols-2">
        <div>
          <section v-for="grade in difference.grades" :key="grade.grade" class="mt-2">
            <h3 class="text-[16px]">{{ grade.title }}</h3>
            <ul class="text-[14px]">
              <li v-for="words in grade.added" :key="`+${words}`"><b class="sign text-met">+</b> {{ words }}</li>
              <li v-for="words in grade.dropped" :key="`-${words}`">
                <b class="sign text-missing">−</b> <s>{{ words }}</s>
              </li>
              <li v-for="change in grade.changed" :key="`~${change.words}`">
                <b class="sign text-rh">~</b> {{ change.words }}
                <span class="aside quiet">{{ change.changes.join('; ') }}</span>
              </li>
            </ul>
          </section>
        </div>
        <div v-if="difference.grades.length">
          <h3 class="mt-2 text-[16px]">For your pupils</h3>
          <p v-if="difference.sets.length === 0" class="quiet text-[14px]">No set that is graded by it changes.</p>
          <section v-for="set in difference.sets" :key="set.id" class="mt-2 text-[14px]">
            <p>
              <NuxtLink class="font-serif underline" :to="`/sets/${set.id}`">{{ set.pupil }}, {{ set.title }}</NuxtLink>
              <span class="quiet ml-2">{{ set.grade }}</span>
            </p>
            <p v-if="set.add.length"><b>to add:</b> {{ set.add.join('; ') }}</p>
            <p v-if="set.drop.length"><b>to drop:</b> {{ set.drop.join('; ') }}</p>
          </section>
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
.sign {
  display: inline-block;
  width: 16px;
  font-family: var(--font-serif);
}
</style>
