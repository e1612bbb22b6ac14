<script setup lang="ts">
import { errorMessage } from '#words'
import { useEventListener } from '@vueuse/core'
import { computed, nextTick, onMounted } from 'vue'
import { onBeforeRouteLeave, onBeforeRouteUpdate, useHead, useRoute, useRouter } from '#imports'
import type { Syllabus } from '#core/syllabus'
import WordPanel from '~/components/frame/WordPanel.vue'
import CopyForm from '~/components/syllabi/CopyForm.vue'
import DifferenceView from '~/components/syllabi/DifferenceView.vue'
import GradeBlock from '~/components/syllabi/GradeBlock.vue'
import MarkingPanel from '~/components/syllabi/MarkingPanel.vue'
import SureButton from '~/components/frame/SureButton.vue'
import { ask } from '~/composables/api'
import { useShortcuts } from '~/composables/shortcuts'
import { useSyllabus } from '~/stores/syllabus'
import { locale, t, formatMessage } from '~/composables/words'

/** A list as it is printed, grade by grade; a teacher's own is typed over where it stands. */
const route = useRoute()
const router = useRouter()
const store = useSyllabus()
const id = computed(() => String(route.params.id))
onMounted(() => store.open(id.value))
useHead({ title: () => t('syllabi.id.tactum', { Syllabus: store.draft?.title ?? t('syllabi.id.syllabus') }) })

const faults = computed(() => new Map(store.faults.map((fault) => [fault.path, formatMessage(errorMessage(fault))])))
function rename(field: 'title' | 'board' | 'edition', event: Event): void {
  const value = (event.target as HTMLInputElement).value.trim()
  if (value || field === 'edition') store.change(t('syllabi.id.the', { field }), { ...store.draft!, [field]: value })
}
const change = (words: string, next: Syllabus): void => store.change(words, next)

useShortcuts(
  () => [{ key: 'z', ctrl: true, words: t('syllabi.id.undo-short'), does: () => store.undo() }],
  () => false,
)
/** Ctrl+S saves from within a field too, once what is typed there is taken. */
useEventListener(window, 'keydown', async (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 's') return
  event.preventDefault()
  ;(document.activeElement as HTMLElement | null)?.blur()
  await nextTick()
  if (store.editable && store.changed && store.faults.length === 0) await store.save()
})
const UNSAVED = t('syllabi.id.leave-unsaved')
useEventListener(window, 'beforeunload', (event) => {
  if (store.changed) event.preventDefault()
})
/** Another query of this page, such as what changed, leaves nothing. */
const mayLeave = (to: { path: string }) => to.path === route.path || !store.changed || window.confirm(UNSAVED)
onBeforeRouteLeave(mayLeave)
onBeforeRouteUpdate(mayLeave)

const before = computed(() => {
  const { before: other, version } = route.query
  if (typeof version === 'string') return { before: id.value, version }
  return typeof other === 'string' ? { before: other, version: null } : null
})
const compare = (query: Record<string, string>) => router.replace({ query })
const date = (text: string): string =>
  new Date(text).toLocaleString(locale(), { dateStyle: 'medium', timeStyle: 'short' })
const remove = (): Promise<void> =>
  store.guarded(async () => {
    await ask('DELETE /api/syllabi/:id', { id: id.value })
    store.draft = store.stored!.syllabus
    await router.push('/syllabi')
  })
</script>

<template>
  <div class="pt-[18px] pb-16">
    <p v-if="store.error" role="alert" class="mb-2 text-missing">{{ store.error }}</p>
    <p v-if="!store.draft && !store.error" class="waiting quiet aside py-20">
      {{ t('syllabi.id.fetching') }}
    </p>
    <template v-if="store.draft && store.stored">
      <div class="flex flex-wrap items-baseline justify-between gap-4">
        <h1 class="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-3 text-[26px]">
          <input
            v-if="store.editable"
            class="typed w-[420px] max-w-full"
            :value="store.draft.title"
            maxlength="120"
            :aria-label="t('syllabi.id.title')"
            @change="rename('title', $event)"
          />
          <span v-else>{{ store.draft.title }}</span>
          <input
            v-if="store.editable"
            class="typed aside quiet w-[90px] text-[16px] font-normal"
            :value="store.draft.edition"
            maxlength="40"
            :placeholder="t('syllabi.id.edition')"
            :aria-label="t('syllabi.id.edition-label')"
            @change="rename('edition', $event)"
          />
          <span v-else class="aside quiet text-[16px] font-normal">{{ store.draft.edition }}</span>
          <span class="aside quiet text-[16px] font-normal">{{
            t('syllabi.id.for', { instrument: store.draft.instrument })
          }}</span>
        </h1>
        <span class="flex items-baseline gap-4 text-[14px]">
          <template v-if="store.editable">
            <button
              v-if="store.back.length"
              type="button"
              class="text-button max-w-[220px] truncate"
              @click="store.undo()"
            >
              {{ t('syllabi.id.undo', { words: store.back.at(-1)!.words }) }}
            </button>
            <span class="quiet" role="status">{{
              store.busy
                ? t('syllabi.id.saving')
                : store.changed
                  ? t('syllabi.id.unsaved')
                  : store.notice || t('name.saved')
            }}</span>
          </template>
          <WordPanel :words="t('syllabi.id.copy')" :label="t('syllabi.id.copy-list')">
            <CopyForm :syllabus="store.stored.syllabus" @made="(made) => router.push(`/syllabi/${made}`)" />
          </WordPanel>
          <span>
            {{ t('syllabi.id.export') }}
            <a class="underline" :href="`/api/syllabi/${id}/export?format=json`">JSON</a>
            <a class="ml-2 underline" :href="`/api/syllabi/${id}/export?format=csv`">CSV</a>
          </span>
          <button
            v-if="store.editable"
            type="button"
            class="main-button"
            :disabled="!store.changed || store.faults.length > 0 || store.busy"
            @click="store.save()"
          >
            {{ t('syllabi.id.save') }}
          </button>
        </span>
      </div>
      <p class="mt-1 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[14px]">
        <span v-if="!store.editable" class="quiet">{{ t('syllabi.id.read-only') }}</span>
        <span v-else class="quiet">{{ t('syllabi.id.how-to-edit') }}</span>
        <button
          v-if="store.draft.follows"
          type="button"
          class="text-button"
          @click="compare({ before: store.draft.follows })"
        >
          {{ t('syllabi.id.difference') }}
        </button>
        <MarkingPanel
          :marking="store.draft.marking"
          :editable="store.editable"
          @change="(marking) => change(t('syllabi.id.the-marking'), { ...store.draft!, marking })"
        />
        <WordPanel
          v-if="store.stored.past.length"
          :words="t('syllabi.id.earlier-versions')"
          :label="t('syllabi.id.earlier-label')"
        >
          <ul class="p-2">
            <li v-for="past in store.stored.past" :key="past.version">
              <button type="button" class="choice" @click="compare({ version: String(past.version) })">
                {{ t('syllabi.id.version-until', { version: past.version, date: date(past.savedAt) }) }}
              </button>
            </li>
          </ul>
        </WordPanel>
        <SureButton
          v-if="store.editable"
          class="text-button"
          :question="t('frame.sure-button.sure-bin')"
          :yes="t('frame.sure-button.delete')"
          @sure="remove"
        >
          {{ t('syllabi.id.delete') }}
        </SureButton>
      </p>
      <p v-if="store.faults.length" role="status" class="mt-2 text-[14px] text-missing">
        {{
          t('syllabi.id.wrong-it-can-be', {
            count: store.faults.length,
            errorMessage: formatMessage(errorMessage(store.faults[0]!)),
          })
        }}
      </p>
      <DifferenceView v-if="before" :id="id" v-bind="before" @close="compare({})" />
      <nav :aria-label="t('syllabi.id.grades')" class="mt-3 flex flex-wrap gap-4 text-[14px]">
        <a v-for="grade in store.draft.grades" :key="grade.id" class="underline" :href="`#grade-${grade.id}`">{{
          grade.title
        }}</a>
      </nav>
      <div class="mt-4 flex flex-col gap-4">
        <GradeBlock
          v-for="(grade, at) in store.draft.grades"
          :key="grade.id"
          :syllabus="store.draft"
          :at="at"
          :items="store.items[at]!"
          :editable="store.editable"
          :faults="faults"
          @change="change"
        />
      </div>
    </template>
  </div>
</template>
