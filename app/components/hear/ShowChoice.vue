<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed } from 'vue'
import { NAME_SYSTEMS, type NameSystem } from '#core/pitch'
import ChoiceGroup from '~/components/frame/ChoiceGroup.vue'
import type { FamilyWords } from '~/components/instrument'
import { type Shown, useShowing } from '~/stores/showing'

/** What the page shows beside the notes: as much or as little as this pupil's eye takes in. */
defineProps<{ words: string; toggles: FamilyWords['shown'] }>()
const showing = useShowing()

const NAMES: Record<NameSystem, { words: string; note: string }> = {
  letters: { words: 'letters', note: 'C♯' },
  german: { words: 'German', note: 'Cis, H' },
  'fixed-do': { words: 'fixed do', note: 'do♯' },
  'movable-do': { words: 'movable do', note: 'tonic is do' },
  'movable-la': { words: 'movable do, minor on la', note: '' },
  degrees: { words: 'degrees', note: '♯7' },
}
const names = [
  { value: 'none' as const, words: 'no names', note: '' },
  ...NAME_SYSTEMS.map((value) => ({ value, ...NAMES[value] })),
]
type Switch = Exclude<keyof Shown, 'names'>
const flip = (what: Switch): void => {
  showing.shown[what] = !showing.shown[what]
}
const shownNow = computed(() => showing.shown)
</script>

<template>
  <Popover as="div" class="relative">
    <PopoverButton class="word">{{ words }}</PopoverButton>
    <PopoverPanel class="choices right-0 bottom-full mb-2 flex w-[440px] py-2">
      <div class="w-[230px] border-r border-rule">
        <p class="quiet px-[14px] text-[13px]">Names under the notes</p>
        <ChoiceGroup label="Names" :value="shownNow.names" :choices="names" @choose="showing.shown.names = $event" />
      </div>
      <div>
        <p class="quiet px-[14px] text-[13px]">Shown</p>
        <div role="group" aria-label="Shown">
          <label v-for="[what, says] in toggles" :key="what" class="flex min-h-[34px] items-center gap-2 px-[14px]">
            <input
              type="checkbox"
              class="h-[18px] w-[18px] accent-ink"
              :checked="shownNow[what]"
              @change="flip(what)"
            />
            {{ says }}
          </label>
        </div>
      </div>
    </PopoverPanel>
  </Popover>
</template>
