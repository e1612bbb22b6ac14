<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { NuxtLink } from '#components'
import { useHead, useRoute, useRouter } from '#imports'
import { EXAMPLES } from '~/components/call/examples'
import { manual, MANUALS, type Manual } from '~/components/help/manuals'
import { t } from '~/composables/words'

/** Help: lines to try, keys, and the handbook with its chapters. */
useHead({ title: t('help.page') })
const route = useRoute()
const router = useRouter()

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

const chapter = computed<Manual>(() => MANUALS.find((each) => each === route.query.chapter) ?? 'handbook')
const html = ref('')
const failed = ref(false)
const book = shallowRef<HTMLElement>()
async function read(): Promise<void> {
  failed.value = false
  html.value = await manual(chapter.value).catch(() => {
    failed.value = true
    return ''
  })
}
onMounted(read)
watch(chapter, read)
/** Links from one chapter to another stay in the program. */
function follow(event: MouseEvent): void {
  const link = (event.target as HTMLElement).closest('a')
  const named = /(\w+)\.md(#.*)?$/.exec(link?.getAttribute('href') ?? '')
  const to = MANUALS.find((each) => each === named?.[1])
  if (!link || link.getAttribute('href')?.startsWith('#')) return
  event.preventDefault()
  if (to) void router.push({ query: { chapter: to } })
}
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
            v-for="each in MANUALS"
            :key="each"
            class="text-button"
            :aria-current="each === chapter ? 'page' : undefined"
            :to="{ query: { chapter: each } }"
            >{{ t('help.chapter', { chapter: each }) }}</NuxtLink
          >
        </nav>
        <p v-if="failed" role="alert" class="mt-3 text-missing">{{ t('error.offline') }}</p>
        <p v-else-if="!html" class="waiting quiet aside py-10">{{ t('help.reading') }}</p>
        <!-- the program's own text -->
        <!-- eslint-disable-next-line vue/no-v-html -->
        <div ref="book" class="book mt-3" @click="follow" v-html="html"></div>
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
.book {
  font-size: 15px;
  line-height: 1.55;
}
.book :deep(h1),
.book :deep(h2),
.book :deep(h3) {
  margin: 1.1em 0 0.35em;
  font-family: var(--font-serif);
  font-size: 18px;
  font-weight: 600;
}
.book :deep(h3) {
  font-size: 16px;
}
.book :deep(p),
.book :deep(li) {
  margin: 0.4em 0;
}
.book :deep(ul) {
  padding-left: 1.2em;
  list-style: disc;
}
.book :deep(ol) {
  padding-left: 1.4em;
  list-style: decimal;
}
.book :deep(a) {
  text-decoration: underline;
}
.book :deep(code),
.book :deep(pre) {
  overflow: auto;
  font-size: 13px;
}
.book :deep(table) {
  display: block;
  overflow: auto;
  font-size: 14px;
}
.book :deep(td),
.book :deep(th) {
  border: 1px solid var(--color-rule);
  padding: 3px 8px;
  text-align: left;
}
</style>
