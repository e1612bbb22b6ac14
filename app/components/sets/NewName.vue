<script setup lang="ts">
import { nextTick, ref } from 'vue'
import { t } from '~/composables/words'

/** A word that turns into a field: something new by its name. */
defineProps<{ words: string; label: string; most: number; disabled: boolean }>()
const emit = defineEmits<{ name: [name: string] }>()
const open = ref(false)
const name = ref('')
const field = ref<HTMLInputElement>()

async function begin(): Promise<void> {
  open.value = true
  await nextTick()
  field.value?.focus()
}
function done(): void {
  if (name.value.trim()) emit('name', name.value.trim())
}
</script>

<template>
  <div>
    <button v-if="!open" type="button" class="text-button ml-[14px] text-[13.5px]" @click="begin">{{ words }}</button>
    <form v-else class="flex gap-2 px-1" @submit.prevent="done">
      <input ref="field" v-model="name" class="field min-w-0 flex-1" :aria-label="label" :maxlength="most" />
      <button type="submit" class="plain-button" :disabled="disabled || !name.trim()">
        {{ t('sets.new-name.begin') }}
      </button>
    </form>
  </div>
</template>
