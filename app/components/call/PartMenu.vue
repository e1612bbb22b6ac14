<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed } from 'vue'
import { insteadOf, type Part } from '#core/call'
import { formatMessage, t } from '~/composables/words'

/** A part of a called line as a control: what else could stand there, or nothing. */
const props = defineProps<{ typed: string; part: Part; /** What it was taken to mean. */ meaning: string }>()
const emit = defineEmits<{ say: [text: string] }>()

/** Worked out when it is opened first. */
const others = computed(() =>
  insteadOf(props.part).map(({ text, meaning }) => ({ text, words: formatMessage(meaning) })),
)
</script>

<template>
  <Menu v-slot="{ open }" as="div" class="relative inline-block">
    <MenuButton class="part" :aria-label="t('call.part-menu.label', { typed, meaning: meaning || 'none' })">
      {{ typed }}
    </MenuButton>
    <MenuItems
      v-if="open"
      static
      class="choices max-h-[50vh] w-max max-w-[min(380px,90vw)] min-w-[170px] overflow-auto"
    >
      <MenuItem v-for="other in others" :key="other.text" v-slot="{ active }">
        <button type="button" class="choice" :class="{ 'bg-page': active }" @click="emit('say', other.text)">
          {{ other.words }}
        </button>
      </MenuItem>
      <MenuItem v-slot="{ active }">
        <button type="button" class="choice leave" :class="{ 'bg-page': active }" @click="emit('say', '')">
          {{ t('call.part-menu.leave-out') }}
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>

<style scoped>
.part {
  display: block;
  border-bottom: 1.5px dotted var(--color-soft);
  font-weight: 500;
  line-height: 1.25;
  text-align: left;
}
.part:hover,
.part[aria-expanded='true'] {
  border-bottom-color: var(--color-ink);
  border-bottom-style: solid;
}
.choice {
  display: block;
  width: 100%;
  text-align: left;
}
.leave {
  border-top: 1px solid var(--color-rule);
}
</style>
