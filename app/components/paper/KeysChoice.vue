<script setup lang="ts">
import { computed } from 'vue'
import { CHARTED } from '#core/chart'
import { instrumentOf, INSTRUMENTS } from '#core/instrument'
import { kindNamed } from '#core/material'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t, formatMessage } from '~/composables/words'
import { usePaper } from '~/stores/paper'
import WordRow from './WordRow.vue'

/** Which keys a chart or a worksheet is about: kinds, and for what they are fingered. */
const MAX = 4
const paper = usePaper()
/** One of each make: its size changes no fingers and no sticks of an octave. */
const instruments = [...new Map(INSTRUMENTS.map((each) => [each.make, each])).values()].map(({ id, make }) => ({
  value: id as string,
  words: t('name.make', { make }),
}))
const own = computed(() => {
  const { make } = instrumentOf(paper.player)
  return instruments.find(({ value }) => instrumentOf({ instrument: value }).make === make)!.value
})
const kinds = computed(() =>
  CHARTED.map((value) => ({
    value,
    words: formatMessage(kindNamed({ id: value })),
    ticked: paper.choice.kinds.includes(value),
  })),
)
const full = computed(() => paper.choice.kinds.length >= MAX)
const parts = computed(() => paper.choice.kinds.map((id) => formatMessage(kindNamed({ id }))).join(', '))
</script>

<template>
  <div>
    <p class="flex items-baseline gap-3 border-b border-rule py-[7px]">
      <span class="quiet w-[104px] shrink-0 text-[14px]">{{ t('paper.kinds') }}</span>
      <WordPanel :words="parts" :label="`${t('paper.kinds')}: ${parts}`">
        <div class="grid grid-cols-2 gap-x-4 px-[14px] py-2">
          <label v-for="each in kinds" :key="each.value" class="flex min-h-[28px] items-baseline gap-2">
            <input
              type="checkbox"
              class="relative top-[2px] h-[15px] w-[15px] accent-ink"
              :checked="each.ticked"
              :disabled="full && !each.ticked"
              @change="paper.toggle('kinds', each.value, CHARTED)"
            />
            {{ each.words }}
          </label>
        </div>
      </WordPanel>
    </p>
    <WordRow
      :label="t('paper.instrument')"
      :value="own"
      :options="instruments"
      @choose="paper.choose('instrument', $event)"
    />
  </div>
</template>
