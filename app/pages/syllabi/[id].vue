<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useHead, useRoute } from '#imports'
import type { Entry, Group, Syllabus } from '#core/syllabus'
import { ask, wordsOf } from '~/composables/api'
import { downloadJson } from '~/composables/download'

const route = useRoute()
const syllabus = ref<Syllabus | null>(null)
const error = ref('')
onMounted(async () => {
  try {
    syllabus.value = await ask<Syllabus>(`/api/syllabi/${encodeURIComponent(String(route.params.id))}`)
  } catch (problem) {
    error.value = wordsOf(problem)
  }
})
useHead({ title: () => `${syllabus.value?.title ?? 'Syllabus'} · Tactum` })

const ruleWords = (group: Group): string => (group.rule === 'all' ? 'all' : `any ${group.rule.any}`)
const tempoWords = ({ tempo }: Entry): string => `${tempo.bpm * tempo.notesPerBeat} notes a minute`
const chooserWords = (entry: Entry): string =>
  entry.kinds.length < 2 ? '' : entry.chooser === 'candidate' ? 'one form serves' : 'every form must be ready'

const download = (): void => downloadJson(syllabus.value!.id, syllabus.value)
</script>

<template>
  <div class="pt-[22px]">
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <p v-if="!syllabus && !error" class="waiting quiet aside py-20">fetching the syllabus …</p>
    <template v-if="syllabus">
      <div class="flex items-baseline justify-between">
        <h1 class="text-[26px]">
          {{ syllabus.title }} <span class="aside quiet text-[16px] font-normal">{{ syllabus.edition }}</span>
        </h1>
        <button type="button" class="plain-button" @click="download">Export</button>
      </div>
      <section v-for="grade in syllabus.grades" :key="grade.id" class="mt-6 border-t border-ink pt-2">
        <h2 class="text-[20px]">{{ grade.title }}</h2>
        <div v-for="group in grade.groups" :key="group.id" class="mt-3">
          <h3 class="text-[16px]">
            {{ group.id }}. {{ group.title }}
            <span class="quiet font-sans text-[13px] font-normal">{{ ruleWords(group) }}</span>
          </h3>
          <ul>
            <li v-for="entry in group.entries" :key="entry.id" class="flex items-baseline py-[4px]">
              <span class="quiet w-[58px] text-[13px]">{{ entry.id }}</span>
              <span>“{{ entry.words }}”</span>
              <span class="leader" aria-hidden="true"></span>
              <span class="quiet text-[14px] whitespace-nowrap">
                <em v-if="chooserWords(entry)">{{ chooserWords(entry) }}, </em>{{ tempoWords(entry) }}
              </span>
            </li>
          </ul>
        </div>
      </section>
    </template>
  </div>
</template>
