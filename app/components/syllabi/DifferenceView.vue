<script setup lang="ts">
import { shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import type { SyllabusDifference } from '#shared/api'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t, formatMessage } from '~/composables/words'

/** What this list asks beside an earlier one, and what that means for the pupils. */
const props = defineProps<{ id: string; before: string; version: string | null }>()
const emit = defineEmits<{ close: [] }>()

const difference = shallowRef<SyllabusDifference | null>(null)
const { error, guarded } = working()
watch(
  () => [props.id, props.before, props.version],
  () =>
    guarded(async () => {
      const than = props.version ? { version: props.version } : { before: props.before }
      difference.value = await ask('GET /api/syllabi/:id/difference', { id: props.id, ...than })
    }),
  { immediate: true },
)
</script>

<template>
  <section :aria-label="t('syllabi.difference-view.what-changed')" class="mt-4 border border-ink bg-sheet p-5">
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-else-if="!difference" class="waiting quiet aside">{{ t('syllabi.difference-view.comparing') }}</p>
    <template v-else>
      <h2 class="flex items-baseline justify-between gap-4 text-[19px]">
        <span
          >{{ formatMessage(difference.after) }}
          <span class="aside quiet text-[15px] font-normal">{{
            t('syllabi.difference-view.beside', { what: formatMessage(difference.before) })
          }}</span></span
        >
        <button type="button" class="text-button font-sans text-[14px] font-normal" @click="emit('close')">
          {{ t('syllabi.difference-view.close') }}
        </button>
      </h2>
      <p v-if="difference.grades.length === 0" class="quiet mt-2">
        {{ t('syllabi.difference-view.same') }}
      </p>
      <div class="mt-2 grid grid-cols-1 gap-8 lg:grid-cols-2">
        <div>
          <section v-for="grade in difference.grades" :key="grade.grade" class="mt-2">
            <h3 class="text-[16px]">{{ grade.title }}</h3>
            <ul class="text-[14px]">
              <li v-for="(words, at) in grade.added" :key="`+${at}`">
                <b class="sign text-met">+</b> {{ formatMessage(words) }}
              </li>
              <li v-for="(words, at) in grade.dropped" :key="`-${at}`">
                <b class="sign text-missing">−</b> <s>{{ formatMessage(words) }}</s>
              </li>
              <li v-for="(change, at) in grade.changed" :key="`~${at}`">
                <b class="sign text-rh">~</b> {{ formatMessage(change.words) }}
                <span class="aside quiet">{{ change.changes.map(formatMessage).join('; ') }}</span>
              </li>
            </ul>
          </section>
        </div>
        <div v-if="difference.grades.length">
          <h3 class="mt-2 text-[16px]">{{ t('syllabi.difference-view.sets') }}</h3>
          <p v-if="difference.sets.length === 0" class="quiet text-[14px]">
            {{ t('syllabi.difference-view.sets-none') }}
          </p>
          <section v-for="set in difference.sets" :key="set.id" class="mt-2 text-[14px]">
            <p>
              <NuxtLink class="font-serif underline" :to="`/sets/${set.id}`">{{ set.pupil }}, {{ set.title }}</NuxtLink>
              <span class="quiet ml-2">{{ set.grade }}</span>
            </p>
            <p v-if="set.add.length">
              <b>{{ t('syllabi.difference-view.to-add') }}</b> {{ set.add.map(formatMessage).join('; ') }}
            </p>
            <p v-if="set.drop.length">
              <b>{{ t('syllabi.difference-view.to-drop') }}</b> {{ set.drop.map(formatMessage).join('; ') }}
            </p>
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
