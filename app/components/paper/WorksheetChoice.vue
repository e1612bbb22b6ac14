<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { motifWritten, typedMotif } from '#core/call'
import { familyOf } from '#core/instrument'
import { parseNote, printedName } from '#core/pitch'
import { LEVELS, TASKS, tasksFor } from '#core/worksheet'
import { ANSWERS } from '#shared/paper/requests'
import { formatMessage, t } from '~/composables/words'
import { MAX_SEED, usePaper } from '~/stores/paper'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import TickList from './TickList.vue'
import WordRow from './WordRow.vue'

/** What a worksheet leaves blank, of which keys, how often, and its number. */
const paper = usePaper()
/** Who plays the upper line, and who the lower, if anybody does. */
const players = computed(() => familyOf(paper.player).players)
const tasks = computed(() =>
  tasksFor(paper.player).flatMap((value) => {
    const player = players.value[value === 'lower-marks' ? 1 : 0]
    if (!player) return []
    const words = t('print.worksheet.short', { task: value, player })
    return { value, words, ticked: paper.choice.tasks.includes(value) }
  }),
)
const levels = LEVELS.map((value) => ({ value: value as number, words: t('paper.level.name', { level: value }) }))
/** Tonics by fifths, flats to sharps. */
const tonics = [
  'Cb',
  'Gb',
  'Db',
  'Ab',
  'Eb',
  'Bb',
  'F',
  'C',
  'G',
  'D',
  'A',
  'E',
  'B',
  'F#',
  'C#',
  'G#',
  'D#',
  'A#',
].map((value) => ({ value, words: printedName(parseNote(value)) }))
const keysMessage = computed(() =>
  paper.choice.keys.length > 0
    ? paper.choice.keys.map((key) => printedName(parseNote(key))).join(', ')
    : t('paper.level.name', { level: paper.choice.level }),
)
function flip(key: string): void {
  const now = paper.choice.keys
  const next = tonics.map(({ value }) => value).filter((value) => (value === key) !== now.includes(value))
  paper.choose('keys', next)
}
function chooseLevel(level: number): void {
  paper.choose('keys', [])
  paper.choose('level', level as (typeof LEVELS)[number])
}
const counts = [2, 4, 6, 8, 12].map((value) => ({ value, words: t('paper.each.name', { each: value }) }))
const answers = ANSWERS.map((value) => ({ value, words: t('paper.answers.name', { answers: value }) }))
const another = (): void => paper.choose('seed', 1 + Math.floor(Math.random() * MAX_SEED))
/** The motif in figures; what cannot be read says why, and the sheet stays as it is. */
const motif = ref(motifWritten(paper.choice.motif))
const read = computed(() => typedMotif(motif.value, { tonic: 'C', kind: 'major' }))
const motifFault = computed(() => ('fault' in read.value ? formatMessage(read.value.fault) : ''))
watch(read, (next) => 'motif' in next && paper.choose('motif', next.motif))
function number(event: Event): void {
  const value = Math.round(Number((event.target as HTMLInputElement).value))
  if (value >= 1 && value <= MAX_SEED) paper.choose('seed', value)
}
</script>

<template>
  <div>
    <TickList :label="t('paper.tasks')" :options="tasks" @toggle="paper.toggle('tasks', $event, TASKS)" />
    <div v-if="paper.choice.tasks.includes('line')" class="border-b border-rule py-[7px]">
      <p class="flex items-baseline gap-3">
        <label class="quiet w-[104px] shrink-0 text-[14px]" for="sheet-motif">{{ t('paper.motif') }}</label>
        <input
          id="sheet-motif"
          v-model="motif"
          class="min-w-0 flex-1 border border-rule bg-sheet px-2 font-serif"
          maxlength="100"
          spellcheck="false"
          autocomplete="off"
          :aria-invalid="motifFault !== ''"
          aria-describedby="sheet-motif-fault"
        />
      </p>
      <p id="sheet-motif-fault" class="text-[13px] text-missing" role="status">{{ motifFault }}</p>
    </div>
    <p class="flex items-baseline gap-3 border-b border-rule py-[7px]">
      <span class="quiet w-[104px] shrink-0 text-[14px]">{{ t('paper.level') }}</span>
      <WordPanel :words="keysMessage" :label="`${t('paper.level')}: ${keysMessage}`">
        <div class="w-[300px] px-[14px] py-2">
          <ChoiceGroup
            :label="t('paper.level')"
            :value="paper.choice.keys.length > 0 ? 0 : paper.choice.level"
            :choices="levels"
            @choose="chooseLevel"
          />
          <p class="quiet mt-2 border-t border-rule pt-2 text-[13px]">{{ t('paper.keys') }}</p>
          <div class="grid grid-cols-5 gap-x-2">
            <label v-for="each in tonics" :key="each.value" class="flex min-h-[30px] items-baseline gap-1">
              <input
                type="checkbox"
                class="relative top-[2px] accent-ink"
                :checked="paper.choice.keys.includes(each.value)"
                @change="flip(each.value)"
              />
              {{ each.words }}
            </label>
          </div>
        </div>
      </WordPanel>
    </p>
    <WordRow
      :label="t('paper.each')"
      :value="paper.choice.each"
      :options="counts"
      @choose="paper.choose('each', $event)"
    />
    <WordRow
      :label="t('paper.answers')"
      :value="paper.choice.answers"
      :options="answers"
      @choose="paper.choose('answers', $event)"
    />
    <div class="flex items-baseline gap-3 border-b border-rule py-[7px]">
      <label class="quiet w-[104px] shrink-0 text-[14px]" for="sheet-number">{{ t('paper.seed') }}</label>
      <input
        id="sheet-number"
        type="number"
        min="1"
        :max="MAX_SEED"
        class="w-[92px] border border-rule bg-sheet px-2"
        :value="paper.choice.seed"
        :title="t('paper.seed.note')"
        @change="number"
      />
      <button type="button" class="text-button" @click="another">{{ t('paper.another') }}</button>
    </div>
    <p class="quiet mt-1 text-[13px]">{{ t('paper.seed.note') }}</p>
  </div>
</template>
