<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRoute } from '#imports'
import { EXAMPLES } from '~/components/call/examples'
import { type Chapter, CHAPTERS, pageOf } from '~/components/help/manuals'
import ManualText from '~/components/help/ManualText.vue'
import { t } from '~/composables/words'

/** Help: lines to try, keys, and the handbook with its chapters. */
useHead({ title: t('help.page') })
const route = useRoute()

const groups = computed(() =>
  (['keys', 'hands', 'shape', 'tempo', 'other'] as const).map((about) => ({
    about,
    lines: EXAMPLES.filter((each) => each.about === about).map(({ line }) => line),
  })),
)
const KEYS = [
  ['/', 'help.keys.type'],
  ['H', 'help.keys.play'],
  ['1 … 5', 'help.keys.pin'],
  ['0', 'help.keys.unpin'],
  ['Ctrl + Z', 'help.keys.undo'],
  ['?', 'help.keys.all'],
  ['1 2 3', 'help.keys.outcome'],
  ['Page Down', 'help.keys.pedal'],
] as const

const chapter = computed<Chapter>(() => CHAPTERS.find((each) => each === route.query.chapter) ?? 'handbook')
</script>

<template>
  <div class="pt-[22px]">
    <h1 class="text-[26px]">{{ t('help.title') }}</h1>
    <div class="mt-4 grid grid-cols-1 items-start gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
      <div class="grid gap-y-7">
        <section :aria-label="t('help.try')">
          <h2 class="border-b border-ink pb-1 text-[20px]">{{ t('help.try') }}</h2>
          <p class="quiet mt-1 text-[14px]">{{ t('help.try.how') }}</p>
          <div v-for="group in groups" :key="group.about" class="mt-3">
            <h3 class="text-[15px]">{{ t('help.try.about', { about: group.about }) }}</h3>
            <ul class="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[15px]">
              <li v-for="line in group.lines" :key="line">
                <NuxtLink class="call" :to="{ path: '/desk', query: { type: line } }">{{ line }}</NuxtLink>
              </li>
            </ul>
          </div>
        </section>
        <section :aria-label="t('help.keys')">
          <h2 class="border-b border-ink pb-1 text-[20px]">{{ t('help.keys') }}</h2>
          <dl class="text-[14.5px]">
            <div
              v-for="[key, words] in KEYS"
              :key="key"
              class="flex items-baseline gap-4 border-b border-rule py-[6px]"
            >
              <dt class="w-[110px] shrink-0 font-serif font-semibold">{{ key }}</dt>
              <dd>{{ t(words) }}</dd>
            </div>
          </dl>
        </section>
      </div>
      <section :aria-label="t('help.handbook')">
        <h2 class="border-b border-ink pb-1 text-[20px]">{{ t('help.handbook') }}</h2>
        <nav class="mt-2 flex flex-wrap gap-x-4 text-[14px]" :aria-label="t('help.chapters')">
          <NuxtLink
            v-for="each in CHAPTERS"
            :key="each"
            class="text-button"
            :aria-current="each === chapter ? 'page' : undefined"
            :to="pageOf(each)"
            >{{ t('help.chapter', { chapter: each }) }}</NuxtLink
          >
        </nav>
        <ManualText :text="chapter" />
      </section>
    </div>
  </div>
</template>

<style scoped>
.call {
  border-bottom: 1px dotted var(--color-ink);
  font-family: var(--font-serif);
  font-style: italic;
}
.call:hover {
  border-bottom-style: solid;
}
[aria-current='page'] {
  font-weight: 600;
}
</style>
