<script setup lang="ts">
import { NuxtLink } from '#components'
import RichWords from '~/components/frame/RichWords.vue'
import type { Incoming } from '~/stores/files'
import { t, formatMessage } from '~/composables/words'

/** What is in a file, study by study, each to be taken or left. */
defineProps<{ file: Incoming }>()
const emit = defineEmits<{ toggle: [place: number] }>()
</script>

<template>
  <li class="border-b border-rule py-3">
    <b class="break-words">{{ file.name }}</b>
    <p v-if="file.wrong" role="alert" class="mt-1 text-missing">{{ file.wrong }}</p>
    <p v-else-if="!file.preview" class="quiet aside mt-1" role="status">
      {{ t('files.reading', { name: file.name }) }}
    </p>
    <p v-else-if="file.preview.is === 'list'" role="status" class="mt-1">
      <RichWords :message="{ code: 'files.is-list', params: { name: file.name } }">
        <template #a="{ text }"
          ><NuxtLink class="text-button" to="/syllabi">{{ text }}</NuxtLink></template
        >
      </RichWords>
    </p>
    <template v-else>
      <p role="status" class="mt-1 text-[14.5px]">
        {{ t('files.found', { count: file.preview.found.length, name: file.preview.title || file.name }) }}
      </p>
      <ol class="mt-1 max-h-[360px] overflow-auto" tabindex="0" :aria-label="file.name">
        <li
          v-for="(study, at) in file.preview.found"
          :key="at"
          class="flex items-baseline gap-3 border-t border-rule py-[6px] text-[14.5px]"
        >
          <input
            v-if="study.message"
            type="checkbox"
            class="accent-ink"
            :checked="file.taken.has(at)"
            :aria-label="t('files.take', { title: formatMessage(study.message) })"
            @change="emit('toggle', at)"
          />
          <span class="min-w-0 flex-1">
            <span class="font-serif">{{ study.message ? formatMessage(study.message) : study.title }}</span>
            <span v-if="study.wrong" class="block text-missing">{{ formatMessage(study.wrong) }}</span>
            <span v-else-if="study.unplayable" class="quiet block text-[13.5px]">{{ t('files.unplayable') }}</span>
          </span>
          <span class="aside quiet text-[13.5px]">{{ t('files.known', { known: study.known }) }}</span>
        </li>
      </ol>
    </template>
  </li>
</template>
