<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed } from 'vue'
import type { RealisedStudy } from '#core/realise'
import type { Hand } from '#core/study'
import type { Study } from '#shared/api'

/** Two versions of one study: nothing is overwritten before the teacher has said which stands. */
const props = defineProps<{ mine: RealisedStudy; theirs: Study }>()
const emit = defineEmits<{ mine: []; theirs: []; both: []; close: [] }>()

const rows = computed(() =>
  (['right', 'left'] as const satisfies readonly Hand[]).map((hand) => ({
    hand,
    mine: props.mine.hands[hand]?.fingers.join(' ') ?? '–',
    theirs: props.theirs.accepted[hand]?.join(' ') ?? '–',
  })),
)
const savedAt = computed(() => new Date(props.theirs.updatedAt).toLocaleTimeString())
</script>

<template>
  <Dialog :open="true" class="relative z-40" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true"></div>
    <div class="fixed inset-0 flex items-center justify-center p-6">
      <DialogPanel class="max-h-full w-[760px] overflow-auto border border-ink bg-sheet p-6">
        <DialogTitle class="font-serif text-[21px] font-semibold">Saved elsewhere in the meantime</DialogTitle>
        <p class="quiet mt-1">
          Another window saved this study at {{ savedAt }}. Nothing has been overwritten; say which version stands.
        </p>
        <div class="mt-5 grid grid-cols-2 gap-6">
          <section v-for="side in ['mine', 'theirs'] as const" :key="side">
            <h3 class="border-b border-ink pb-1">{{ side === 'mine' ? 'Yours, on this desk' : 'The saved one' }}</h3>
            <p class="mt-2 font-serif">{{ side === 'mine' ? props.mine.title : props.theirs.title }}</p>
            <dl v-for="row in rows" :key="row.hand" class="mt-2">
              <dt :class="row.hand === 'right' ? 'text-rh' : 'text-lh'" class="text-[13px] font-semibold">
                {{ row.hand }} hand
              </dt>
              <dd class="font-serif text-[14px] tracking-wide">{{ row[side] }}</dd>
            </dl>
          </section>
        </div>
        <div class="mt-6 flex justify-end gap-3">
          <button type="button" class="plain-button" @click="emit('both')">Keep both: save mine as a new study</button>
          <button type="button" class="plain-button" @click="emit('theirs')">Take the saved one</button>
          <button type="button" class="main-button" @click="emit('mine')">Mine stands</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
