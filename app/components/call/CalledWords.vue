<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { type Called, echoOf, type Part, type Understood } from '#core/call'
import { t, formatMessage } from '~/composables/words'
import PartMenu from './PartMenu.vue'

/** The line again, each phrase over what it was taken to mean; a word that says nothing offers the nearest that does. */
const props = defineProps<{
  called: Called
  /** Whether the last word may still become one that means something. */
  unfinished: boolean
}>()
const emit = defineEmits<{ replace: [from: number, to: number, text: string] }>()

const shown = computed(() =>
  props.called.understood.filter(({ typed, meaning }) => typed !== ';' && meaning?.part.is !== 'filler'),
)
const problems = computed(() => props.called.problems.map((each) => ({ code: each.code, words: formatMessage(each) })))
/** What a phrase means; nothing where the line beneath says it. */
const echoed = (part: Part): string => {
  const echo = echoOf(part)
  const words = echo ? formatMessage(echo) : ''
  return problems.value.some((each) => each.words === words) ? '' : words
}
/** Pages that do what a line cannot. */
const elsewhere: Readonly<Record<string, string>> = { 'call.grade': '/syllabi' }
const isBegun = (each: Understood): boolean => props.unfinished && each === shown.value.at(-1)
</script>

<template>
  <div class="text-[13.5px]">
    <ol v-if="shown.length" class="flex flex-wrap gap-x-5 gap-y-1 pt-[6px]" :aria-label="t('call.called-words.label')">
      <li v-for="each in shown" :key="each.from" class="leading-[1.3]">
        <PartMenu
          v-if="each.meaning"
          :typed="each.typed"
          :part="each.meaning.part"
          :meaning="echoed(each.meaning.part)"
          @say="emit('replace', each.from, each.to, $event)"
        />
        <span v-else class="block font-medium" :class="{ unknown: !isBegun(each) }">{{ each.typed }}</span>
        <span v-if="each.meaning" class="aside quiet block">{{ echoed(each.meaning.part) }}</span>
        <span v-else-if="isBegun(each)" class="quiet block">…</span>
        <button
          v-else-if="each.nearest"
          type="button"
          class="text-button text-missing"
          :aria-label="t('call.called-words.replace', { typed: each.typed, nearest: each.nearest })"
          @click="emit('replace', each.from, each.to, each.nearest)"
        >
          {{ each.nearest }}?
        </button>
        <span v-else class="block text-missing">{{ t('call.called-words.not-understood') }}</span>
      </li>
    </ol>
    <p v-for="(problem, at) in problems" :key="at" class="pt-1 text-missing">
      {{ problem.words }}
      <NuxtLink v-if="elsewhere[problem.code]" class="text-button" :to="elsewhere[problem.code]">{{
        t('call.called-words.go-there')
      }}</NuxtLink>
    </p>
    <p v-for="(remark, at) in called.remarks" :key="at" class="quiet pt-1">{{ formatMessage(remark) }}</p>
  </div>
</template>

<style scoped>
.unknown {
  text-decoration: underline wavy var(--color-missing) 1.5px;
  text-underline-offset: 4px;
}
</style>
