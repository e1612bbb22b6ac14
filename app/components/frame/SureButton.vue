<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { t } from '~/composables/words'

/** A button for what is not undone by the next press: the first press asks, where it stands, the second does it. */
defineProps<{ question: string; yes: string }>()
const emit = defineEmits<{ sure: [] }>()
defineOptions({ inheritAttrs: false })

const asking = ref(false)
const keep = ref<HTMLButtonElement>()
const first = ref<HTMLButtonElement>()

async function ask(): Promise<void> {
  asking.value = true
  await nextTick()
  keep.value?.focus()
}
async function leave(): Promise<void> {
  asking.value = false
  await nextTick()
  first.value?.focus()
}
function sure(): void {
  asking.value = false
  emit('sure')
}
</script>

<template>
  <button v-if="!asking" ref="first" type="button" v-bind="$attrs" @click="ask"><slot /></button>
  <span
    v-else
    role="group"
    :aria-label="question"
    class="inline-flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[14px]"
    @keydown.esc.stop.prevent="leave"
  >
    <span class="text-missing">{{ question }}</span>
    <button type="button" class="text-button whitespace-nowrap" @click="sure">{{ yes }}</button>
    <button ref="keep" type="button" class="text-button whitespace-nowrap" @click="leave">
      {{ t('frame.sure-button.keep') }}
    </button>
  </span>
</template>
