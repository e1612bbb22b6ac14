<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import {
  BASS_ROWS,
  BASSES,
  type BassButton,
  type BassRow,
  BOARD_COLUMNS,
  type BoardMake,
  boardOf,
  boardSize,
  buttonName,
  isUsualMake,
  type SaidMake,
  usualMake,
} from '#core/surface'
import { pinnedButton } from '#core/buttons'
import { t, formatMessage } from '~/composables/words'
import { printed } from './make'

/** A board as its maker made it: its rows, its columns, and the buttons that are not there. */
const props = defineProps<{ make: SaidMake }>()
const emit = defineEmits<{ change: [make: BoardMake] }>()

const own = computed(() => boardOf(props.make))
const usual = computed(() => usualMake(props.make.bass ?? BASSES[0]))
function set(some: Partial<BoardMake>): void {
  const { rows, missing, from, to } = own.value
  emit('change', { bass: usual.value.bass, rows, missing, columns: { from, to }, ...some })
}

const fundamental = (column: number): string => printed(buttonName({ row: 'fundamental', column }))
const range = (from: number, to: number): number[] => Array.from({ length: to - from + 1 }, (_, at) => from + at)
const ends = computed(() => [
  {
    ...({ of: 'from', words: 'accordion.make.from' } as const),
    value: own.value.from,
    columns: range(BOARD_COLUMNS.least, 0),
  },
  {
    ...({ of: 'to', words: 'accordion.make.to' } as const),
    value: own.value.to,
    columns: range(0, BOARD_COLUMNS.most),
  },
])
const setEnd = ({ of }: { of: 'from' | 'to' }, event: Event): void => {
  const column = Number((event.target as HTMLSelectElement).value)
  set({ columns: { from: own.value.from, to: own.value.to, [of]: column } })
}

const flipRow = (row: BassRow): void => {
  const { rows } = own.value
  set({ rows: BASS_ROWS.filter((each) => (each === row ? !rows.includes(each) : rows.includes(each))) })
}
const same = (a: BassButton, b: BassButton): boolean => a.row === b.row && a.column === b.column
const isMissing = (button: BassButton): boolean => own.value.missing.some((each) => same(each, button))
/** The last fundamental stays: a board without any plays nothing. */
const isLast = ({ row }: BassButton): boolean =>
  row === 'fundamental' && own.value.missing.filter((each) => each.row === row).length >= own.value.to - own.value.from
const flip = (button: BassButton): void => {
  const others = own.value.missing.filter((each) => !same(each, button))
  if (isMissing(button)) set({ missing: others })
  else if (!isLast(button)) set({ missing: [...others, button] })
}
const called = (button: BassButton): string =>
  t('accordion.make.button', {
    button: formatMessage(pinnedButton({ hand: 'left', index: 0, button })),
    there: isMissing(button) ? 'no' : 'yes',
  })

const lines = computed(() =>
  own.value.rows.map((row) => ({
    row,
    buttons: range(own.value.from, own.value.to).map((column): BassButton => ({ row, column })),
  })),
)
/** One button of the grid is in the way of the tabulator; arrows go to the others. */
const at = ref<readonly [line: number, place: number]>([0, 0])
const grid = ref<HTMLElement>()
const clamp = (value: number, count: number): number => Math.max(0, Math.min(count - 1, value))
const stop = computed<readonly [number, number]>(() => [
  clamp(at.value[0], lines.value.length),
  clamp(at.value[1], own.value.to - own.value.from + 1),
])
const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
}
async function move(event: KeyboardEvent): Promise<void> {
  const by = MOVES[event.key]
  if (!by) return
  event.preventDefault()
  at.value = [clamp(stop.value[0] + by[0], lines.value.length), stop.value[1] + by[1]]
  await nextTick()
  grid.value?.querySelector<HTMLElement>('[tabindex="0"]')?.focus()
}
</script>

<template>
  <div class="text-[14px]">
    <fieldset>
      <legend class="quiet text-[13px]">{{ t('accordion.make.rows') }}</legend>
      <div class="flex flex-wrap gap-x-4">
        <label v-for="row in BASS_ROWS" :key="row" class="flex min-h-[30px] items-center gap-2">
          <input
            type="checkbox"
            class="h-[16px] w-[16px] accent-ink"
            :checked="own.rows.includes(row)"
            :disabled="row === 'fundamental'"
            @change="flipRow(row)"
          />
          {{ t('accordion.row', { row }) }}
        </label>
      </div>
    </fieldset>
    <p class="mt-1 flex flex-wrap items-center gap-2">
      <label v-for="end in ends" :key="end.words" class="flex items-center gap-2">
        {{ t(end.words) }}
        <select class="field w-[74px]" :value="end.value" @change="setEnd(end, $event)">
          <option v-for="column in end.columns" :key="column" :value="column">{{ fundamental(column) }}</option>
        </select>
      </label>
    </p>
    <div
      ref="grid"
      class="mt-1 overflow-x-auto pb-1"
      role="group"
      :aria-label="t('accordion.make.grid')"
      @keydown="move"
    >
      <div v-for="({ row, buttons }, line) in lines" :key="row" class="flex items-center">
        <span class="quiet w-[34px] shrink-0 pr-1 text-right text-[11px]">{{ t('accordion.row.short', { row }) }}</span>
        <button
          v-for="(button, place) in buttons"
          :key="button.column"
          type="button"
          class="bass-button"
          :class="{ missing: isMissing(button), home: row === 'fundamental' && button.column === 0 }"
          :aria-pressed="!isMissing(button)"
          :aria-label="called(button)"
          :title="called(button)"
          :tabindex="line === stop[0] && place === stop[1] ? 0 : -1"
          @focus="at = [line, place]"
          @click="flip(button)"
        >
          {{ printed(buttonName(button)) }}
        </button>
      </div>
    </div>
    <p class="quiet text-[13px]" role="status">{{ t('accordion.make.count', { count: boardSize(make) }) }}</p>
    <button v-if="!isUsualMake(make)" type="button" class="text-button" @click="emit('change', usual)">
      {{ t('accordion.make.usual', { bass: usual.bass }) }}
    </button>
  </div>
</template>

<style scoped>
.bass-button {
  flex: none;
  width: 24px;
  height: 24px;
  border: 1px solid var(--color-soft);
  border-radius: 50%;
  background: var(--color-sheet);
  font-size: 9.5px;
  line-height: 1;
}
.bass-button.home {
  border-width: 2px;
  border-color: var(--color-ink);
}
.bass-button.missing {
  border-style: dashed;
  border-color: var(--color-rule);
  color: transparent;
}
</style>
