<script setup lang="ts">
import { LEFT_BOARDS, type AccordionSettings, type LeftBoard } from '#core/buttons'
import { FREE_LOWEST, FREE_LOWS, FREE_NOTES, FREE_ROWS, FREE_SYSTEMS, type FreeBass } from '#core/surface'
import { spelled } from '#core/pitch'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import SelectRow from '~/components/frame/SelectRow.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'
import { printed } from './make'

/** Whether the left hand plays the board or a free bass, and what the converter gives. */
const props = defineProps<{ own: AccordionSettings }>()
const emit = defineEmits<{ change: [some: Partial<AccordionSettings>] }>()
/** What the left hand does follows from the board anew. */
const setBoard = (board: LeftBoard): void =>
  emit('change', { left: { ...props.own.left, board, part: undefined } as never })
const set = (some: Partial<FreeBass>): void => emit('change', { free: { ...props.own.free, ...some } })
const counts = Array.from({ length: FREE_NOTES.most - FREE_NOTES.least + 1 }, (_, at) => FREE_NOTES.least + at)
const lowest = Array.from({ length: FREE_LOWEST.most - FREE_LOWEST.least + 1 }, (_, at) => FREE_LOWEST.least + at)
const keyName = (midi: number): string => printed(spelled(midi, 0, false))
const words = (board: LeftBoard): string => t('accordion.free.side', { board })
const boards = LEFT_BOARDS.map((value) => ({ value, words: words(value) }))
</script>

<template>
  <WordPanel :words="words(own.left.board)" :label="`${t('accordion.free')}: ${words(own.left.board)}`">
    <div class="w-[340px] pb-1">
      <ChoiceGroup :label="t('accordion.free')" :value="own.left.board" :choices="boards" @choose="setBoard" />
      <div v-if="own.left.board === 'free'" class="border-t border-rule px-[14px] pt-2">
        <SelectRow
          :label="t('accordion.free.system')"
          :value="own.free.system"
          :choices="FREE_SYSTEMS.map((value) => ({ value, words: t('accordion.free.system.name', { system: value }) }))"
          @choose="set({ system: $event })"
        />
        <SelectRow
          :label="t('accordion.free.rows')"
          :value="own.free.rows"
          :choices="FREE_ROWS.map((value) => ({ value: value as number, words: String(value) }))"
          @choose="set({ rows: $event })"
        />
        <SelectRow
          :label="t('accordion.free.notes')"
          :value="own.free.notes"
          :choices="counts.map((value) => ({ value, words: String(value) }))"
          @choose="set({ notes: $event })"
        />
        <SelectRow
          :label="t('accordion.free.lowest')"
          :value="own.free.lowest"
          :choices="lowest.map((value) => ({ value, words: keyName(value) }))"
          @choose="set({ lowest: $event })"
        />
        <SelectRow
          :label="t('accordion.free.lows')"
          :value="own.free.lows"
          :choices="FREE_LOWS.map((value) => ({ value, words: t('accordion.free.lows.name', { lows: value }) }))"
          @choose="set({ lows: $event })"
        />
      </div>
      <p class="quiet px-[14px] py-2 text-[13px]">{{ t('accordion.free.doubt') }}</p>
    </div>
  </WordPanel>
</template>
