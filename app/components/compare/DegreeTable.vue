<script setup lang="ts">
import { computed } from 'vue'
import { printedName } from '#core/pitch'
import { lineFor, marksOf, playersIn, type RealisedStudy } from '#core/realise'
import { hasChords } from '#core/study'
import { t } from '~/composables/words'

/**
 * The studies at a glance: note and fingers of every step, one study under the other; what differs from the first is
 * framed. Up the first octave and down to the last note, where the legs differ in any of them.
 */
const props = defineProps<{ studies: readonly { readonly label: string; readonly study: RealisedStudy }[] }>()

interface Cell {
  readonly text: string
  readonly differs: boolean
}

const SHOWN = 8
/** The note of every step: of the first hand that plays there. */
const topOf = (study: RealisedStudy) => {
  const found = new Map(
    playersIn(study)
      .toReversed()
      .flatMap((player) => lineFor(study, player).notes.map((note) => [note.step, note] as const)),
  )
  return [...found.values()].sort((a, b) => a.step - b.step)
}
/** Steps that are shown: one octave of the way up and, if any study comes down otherwise, the last octave down. */
const steps = computed(() => {
  const notes = topOf(props.studies[0]!.study)
  const turn = notes.findIndex((note) => note.leg === 'down')
  const up = Array.from({ length: Math.min(SHOWN, turn < 0 ? notes.length : turn) }, (_, at) => at)
  const down =
    turn < 0 ? [] : Array.from({ length: Math.min(SHOWN, notes.length - turn) }, (_, at) => notes.length - SHOWN + at)
  return { up, down: down.filter((at) => at >= turn) }
})
const columns = computed(() => [...steps.value.up, ...steps.value.down])

/** Notes and fingers step by step; nothing where a hand rests or still sounds. */
function rowsOf(study: RealisedStudy) {
  const top = topOf(study)
  const hands = playersIn(study).map((hand) => {
    const marks = marksOf(study, hand)
    const at = new Map(lineFor(study, hand).notes.map(({ step }, index) => [step, marks[index]!]))
    return { hand, fingers: top.map(({ step }) => at.get(step) ?? '') }
  })
  return { notes: top.map(({ pitch }) => printedName(pitch)), hands }
}
const rows = computed(() => {
  const all = props.studies.map(({ label, study }) => ({ label, ...rowsOf(study) }))
  const first = all[0]!
  const cells = (own: readonly string[], base: readonly string[] | undefined): Cell[] =>
    columns.value.map((at) => ({ text: own[at] ?? '', differs: own[at] !== base?.[at] }))
  return all.map(({ label, notes, hands }) => ({
    label,
    notes: cells(notes, first.notes),
    fingers: hands.map(({ hand, fingers }) => ({
      hand,
      cells: cells(fingers, first.hands.find((each) => each.hand === hand)?.fingers),
    })),
  }))
})
/** Chords, and lines of different lengths, do not stand in one table. */
const fits = computed(() => {
  const lengths = props.studies.map(({ study }) => topOf(study).length)
  const plain = props.studies.every(({ study }) =>
    playersIn(study).every((player) => !hasChords(lineFor(study, player))),
  )
  return plain && lengths.every((length) => length === lengths[0])
})
</script>

<template>
  <table v-if="fits" class="glance">
    <caption class="sr-only">
      {{
        t('compare.degree-table.label')
      }}
    </caption>
    <thead>
      <tr>
        <td></td>
        <th :colspan="steps.up.length">{{ t('compare.degree-table.going-up') }}</th>
        <th v-if="steps.down.length" :colspan="steps.down.length" class="down">
          {{ t('compare.degree-table.coming-down') }}
        </th>
      </tr>
    </thead>
    <tbody v-for="row in rows" :key="row.label">
      <tr class="notes">
        <th scope="row">{{ row.label }}</th>
        <td v-for="(cell, at) in row.notes" :key="at" :class="{ differs: cell.differs, down: at === steps.up.length }">
          {{ cell.text }}
        </td>
      </tr>
      <tr v-for="line in row.fingers" :key="line.hand" :class="line.hand">
        <th scope="row">{{ t('name.player.short', { player: line.hand }) }}</th>
        <td v-for="(cell, at) in line.cells" :key="at" :class="{ differs: cell.differs, down: at === steps.up.length }">
          {{ cell.text }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.glance {
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}
th {
  padding: 1px 14px 1px 0;
  text-align: right;
  font-size: 13px;
  font-weight: 600;
}
thead th {
  font-weight: 400;
  text-align: left;
  color: var(--color-soft);
}
td {
  min-width: 42px;
  padding: 1px 4px;
  text-align: center;
  font-family: var(--font-serif);
  font-size: 16px;
  line-height: 1.3;
}
thead .down,
td.down {
  border-left: 1px solid var(--color-ink);
}
thead .down {
  padding-left: 8px;
}
.notes td {
  border-top: 1px solid var(--color-rule);
  padding-top: 4px;
}
.notes th {
  font-family: var(--font-serif);
  font-size: 15px;
}
.right {
  color: var(--color-rh);
}
.left {
  color: var(--color-lh);
}
td.differs {
  box-shadow: inset 0 0 0 1.5px var(--color-ink);
  font-weight: 700;
}
</style>
