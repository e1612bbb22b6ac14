<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { NuxtLink } from '#components'
import { materialName } from '#core/realise'
import type { Study } from '#shared/api'
import { wordsFor } from '~/components/instrument'
import { sortableList } from '~/composables/sortableList'
import { t, formatMessage } from '~/composables/words'

/** The set as a concert programme: number, title, hands, dotted leader, tempo. Dragged, or moved with Alt and arrows. */
const props = defineProps<{
  setId: string
  studies: readonly Study[]
  near: ReadonlySet<number>
  surplus: ReadonlySet<number>
}>()
const emit = defineEmits<{ move: [from: number, to: number]; remove: [at: number] }>()

const list = ref<HTMLOListElement>()
sortableList(list, (from, to) => emit('move', from, to))

async function onKey(event: KeyboardEvent, at: number): Promise<void> {
  if (event.key === 'Delete') emit('remove', at)
  if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  const to = at + (event.key === 'ArrowUp' ? -1 : 1)
  emit('move', at, to)
  await nextTick()
  list.value?.querySelectorAll<HTMLElement>('.title')[Math.max(0, Math.min(to, props.studies.length - 1))]?.focus()
}

/** What is played; the rest of the title stands beside it in its own words. */
const titleOf = ({ recipe }: Study): string => formatMessage(materialName(recipe))
const detailOf = ({ recipe }: Study): string => wordsFor(recipe).programme(recipe)
</script>

<template>
  <ol ref="list" :aria-label="t('sets.programme-list.label')">
    <li
      v-for="(study, at) in studies"
      :key="study.id"
      class="flex flex-wrap items-baseline py-[9px] pl-3 pr-3 sm:flex-nowrap sm:pl-5 sm:pr-4"
    >
      <span class="grip quiet w-[28px] shrink-0 cursor-grab font-serif" :title="t('sets.programme-list.drag')">{{
        at + 1
      }}</span>
      <NuxtLink
        :to="`/desk/${study.id}?set=${setId}`"
        class="title font-serif sm:whitespace-nowrap text-[17px] font-semibold hover:underline"
        :class="{ near: near.has(at), 'quiet font-normal!': surplus.has(at) }"
        :aria-description="t('sets.programme-list.keys')"
        @keydown="onKey($event, at)"
        >{{ titleOf(study) }}</NuxtLink
      >
      <span class="quiet ml-2 min-w-0 text-[14px]">{{ detailOf(study) }}</span>
      <span class="leader max-sm:hidden" aria-hidden="true"></span>
      <span class="whitespace-nowrap font-serif text-[14px] max-sm:ml-2">♩ = {{ study.recipe.tempo.bpm }}</span>
      <span class="inline-flex items-baseline max-sm:ml-auto">
        <span class="moves">
          <button
            v-for="by in [-1, 1] as const"
            :key="by"
            type="button"
            class="step quiet"
            :disabled="at + by < 0 || at + by >= studies.length"
            :aria-label="
              t('sets.programme-list.move', {
                up: by < 0 ? 'yes' : 'no',
                titleOf: titleOf(study),
                detailOf: detailOf(study),
              })
            "
            @click="emit('move', at, at + by)"
          >
            {{ by < 0 ? '↑' : '↓' }}
          </button>
        </span>
        <button
          type="button"
          class="remove quiet ml-3"
          :aria-label="t('sets.programme-list.take-out', { titleOf: titleOf(study), detailOf: detailOf(study) })"
          @click="emit('remove', at)"
        >
          ×
        </button>
      </span>
    </li>
  </ol>
</template>

<style scoped>
.near {
  background: linear-gradient(transparent 62%, var(--color-rh-wash) 62%);
}
.moves {
  display: none;
}
/* where fingers drag nothing easily, there are buttons for it */
@media (pointer: coarse) {
  .moves {
    display: inline-flex;
    margin-left: auto;
  }
  .step {
    width: 40px;
    height: 40px;
    font-size: 18px;
  }
  .step:disabled {
    opacity: 0.35;
  }
}
.remove {
  width: 24px;
  height: 24px;
  font-size: 18px;
  line-height: 1;
}
.remove:hover {
  color: var(--color-missing);
}
</style>
