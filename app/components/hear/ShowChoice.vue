<script setup lang="ts">
import { computed } from 'vue'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import type { FamilyWords } from '~/components/instrument'
import WordPanel from '~/components/frame/WordPanel.vue'
import { type Shown, useShowing } from '~/stores/showing'
import { nameChoices } from '~/composables/nameChoices'
import { t } from '~/composables/words'

/** What the page shows beside the notes: as much or as little as this pupil's eye takes in. */
const props = defineProps<{ words: string; toggles: FamilyWords['shown'] }>()
const showing = useShowing()
const names = nameChoices()
const NEIGHBOURS: FamilyWords['shown'][number] = ['neighbours', 'hear.show-choice.neighbours']

type Switch = Exclude<keyof Shown, 'names'>
const flip = (what: Switch): void => {
  showing.shown[what] = !showing.shown[what]
}
const all = computed(() => [...props.toggles, NEIGHBOURS])
const shownNow = computed(() => showing.shown)
</script>

<template>
  <WordPanel :words="words" placement="top-end">
    <div class="flex max-w-full flex-wrap py-2 sm:w-[480px]">
      <div class="w-[230px] border-r border-rule">
        <p class="quiet px-[14px] text-[13px]">{{ t('hear.show-choice.names-label') }}</p>
        <ChoiceGroup
          :label="t('hear.show-choice.names')"
          :value="shownNow.names"
          :choices="names"
          @choose="showing.shown.names = $event"
        />
      </div>
      <div>
        <p class="quiet px-[14px] text-[13px]">{{ t('hear.show-choice.shown') }}</p>
        <div role="group" :aria-label="t('hear.show-choice.shown')">
          <label v-for="[what, says] in all" :key="what" class="flex min-h-[34px] items-center gap-2 px-[14px]">
            <input
              type="checkbox"
              class="h-[18px] w-[18px] accent-ink"
              :checked="shownNow[what]"
              @change="flip(what)"
            />
            {{ t(says) }}
          </label>
        </div>
      </div>
    </div>
  </WordPanel>
</template>
