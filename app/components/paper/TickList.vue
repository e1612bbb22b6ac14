<script setup lang="ts" generic="T extends string">
/** Several of some things, each to be ticked. */
defineProps<{
  label: string
  options: readonly { readonly value: T; readonly words: string; readonly ticked: boolean }[]
}>()
const emit = defineEmits<{ toggle: [value: T] }>()
</script>

<template>
  <fieldset class="border-b border-rule py-[7px]">
    <legend class="quiet float-left w-[104px] text-[14px] leading-[26px]">{{ label }}</legend>
    <div class="ml-[116px]">
      <label v-for="each in options" :key="each.value" class="flex min-h-[26px] items-baseline gap-2">
        <input
          type="checkbox"
          class="relative top-[2px] h-[15px] w-[15px] accent-ink"
          :checked="each.ticked"
          @change="emit('toggle', each.value)"
        />
        {{ each.words }}
      </label>
    </div>
  </fieldset>
</template>
