<script setup lang="ts">
import { computed } from 'vue'
import { acceptedMarks, acceptedOf, playersIn, type RealisedStudy } from '#core/realise'
import type { Study } from '#shared/api'
import { wordsOf } from '~/components/instrument'
import DialogSheet from '~/components/frame/DialogSheet.vue'
import { locale, t, formatMessage } from '~/composables/words'

/** Two versions of one study: nothing is overwritten before the teacher has said which stands. */
const props = defineProps<{ mine: RealisedStudy; theirs: Study }>()
const emit = defineEmits<{ mine: []; theirs: []; both: []; close: [] }>()

/** Fingers or sticks on one side, each with whether the other side has another. */
const marked = (own: readonly string[] = [], other: readonly string[] = []) =>
  own.map((finger, at) => ({ finger, differs: finger !== other[at] }))
const rows = computed(() =>
  playersIn(props.mine)
    .map((hand) => {
      const [mine, theirs] = [acceptedMarks(acceptedOf(props.mine), hand), acceptedMarks(props.theirs.accepted, hand)]
      return { hand, mine: marked(mine, theirs), theirs: marked(theirs, mine) }
    })
    .filter(({ mine, theirs }) => mine.length + theirs.length > 0),
)
const savedAt = computed(() => new Date(props.theirs.updatedAt).toLocaleTimeString(locale()))
</script>

<template>
  <DialogSheet :title="t('desk.conflict-dialog.heading')" @close="emit('close')">
    <p class="quiet mt-1">
      {{ t('desk.conflict-dialog.explained', { savedAt }) }}
    </p>
    <div class="mt-5 grid grid-cols-2 gap-6">
      <section v-for="side in ['mine', 'theirs'] as const" :key="side">
        <h3 class="border-b border-ink pb-1">
          {{ side === 'mine' ? t('desk.conflict-dialog.mine') : t('desk.conflict-dialog.theirs') }}
        </h3>
        <p class="mt-2 font-serif">{{ formatMessage(side === 'mine' ? props.mine.title : props.theirs.title) }}</p>
        <dl v-for="row in rows" :key="row.hand" class="mt-2">
          <dt :class="row.hand === 'right' ? 'text-rh' : 'text-lh'" class="text-[13px] font-semibold">
            {{ wordsOf(props.mine).called(row.hand) }}
          </dt>
          <dd class="font-serif text-[14px] tracking-wide">
            <template v-if="row[side].length === 0">–</template>
            <component
              :is="differs ? 'mark' : 'span'"
              v-for="({ finger, differs }, at) in row[side]"
              :key="at"
              class="mr-[5px] inline-block"
              >{{ finger }}</component
            >
          </dd>
        </dl>
      </section>
    </div>
    <div class="mt-6 flex justify-end gap-3">
      <button type="button" class="plain-button" @click="emit('both')">
        {{ t('desk.conflict-dialog.keep-both') }}
      </button>
      <button type="button" class="plain-button" @click="emit('theirs')">
        {{ t('desk.conflict-dialog.take-theirs') }}
      </button>
      <button type="button" class="main-button" @click="emit('mine')">
        {{ t('desk.conflict-dialog.keep-mine') }}
      </button>
    </div>
  </DialogSheet>
</template>

<style scoped>
mark {
  background: none;
  color: inherit;
  font-weight: 700;
  border-bottom: 2.5px solid var(--color-missing);
}
</style>
