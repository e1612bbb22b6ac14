<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { useRouter } from '#imports'
import { manual, type Manual, MANUALS, pageOf } from './manuals'
import { t } from '~/composables/words'

/** One of the program's own documents, to be read. */
const props = defineProps<{ text: Manual }>()
const router = useRouter()
const html = ref('')
const failed = ref(false)
async function read(): Promise<void> {
  const wanted = props.text
  failed.value = false
  const found = await manual(wanted).catch(() => null)
  // another was chosen meanwhile
  if (wanted !== props.text) return
  failed.value = found === null
  html.value = found ?? ''
}
onMounted(read)
watch(() => props.text, read)

/** Links from one document to another stay in the program. */
function follow(event: MouseEvent): void {
  const link = (event.target as HTMLElement).closest('a')
  const named = /(\w+)\.md(#.*)?$/.exec(link?.getAttribute('href') ?? '')
  const to = MANUALS.find((each) => each === named?.[1])
  if (!link || link.getAttribute('href')?.startsWith('#')) return
  // elsewhere: in a window of its own, so that nothing here is left
  if (!named) return void Object.assign(link, { target: '_blank', rel: 'noopener' })
  event.preventDefault()
  if (to) void router.push(pageOf(to))
}
</script>

<template>
  <p v-if="failed" role="alert" class="mt-3 text-missing">{{ t('error.offline') }}</p>
  <p v-else-if="!html" class="waiting quiet aside py-10">{{ t('help.reading') }}</p>
  <!-- the program's own text -->
  <!-- eslint-disable-next-line vue/no-v-html -->
  <div class="book mt-3" @click="follow" v-html="html"></div>
</template>

<style scoped>
.book {
  font-size: 15px;
  line-height: 1.55;
}
/* the page says what is read */
.book :deep(h1:first-child) {
  display: none;
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
