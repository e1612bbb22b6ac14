<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import RichWords from '~/components/frame/RichWords.vue'
import { useFiles } from '~/stores/files'
import { t, tell } from '~/composables/words'

/** A file that comes in: what is in it, study by study, and the button that keeps it. */
const files = useFiles()
function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) void files.take(input.files[0])
  input.value = ''
}
const found = computed(() => files.preview?.found ?? [])
</script>

<template>
  <section :aria-label="t('files.in')">
    <h2 class="text-[19px]">{{ t('files.in') }}</h2>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">{{ t('files.drop') }}</p>
    <label class="plain-button mt-3 inline-block cursor-pointer leading-[22px] focus-within:outline-2">
      {{ t('files.choose') }}
      <input class="sr-only" type="file" accept=".musicxml,.xml,.mxl,.mid,.midi,.json" @change="choose" />
    </label>
    <div v-if="files.name" class="mt-4 border border-ink bg-sheet p-5">
      <p class="flex items-baseline justify-between gap-4">
        <b class="min-w-0 break-words">{{ files.name }}</b>
        <button type="button" class="text-button shrink-0 text-[14px]" @click="files.putAway">
          {{ t('files.put-away') }}
        </button>
      </p>
      <p v-if="files.error" role="alert" class="mt-2 text-missing">{{ files.error }}</p>
      <p v-else-if="files.kept.length" role="status" class="mt-2">
        {{ t('files.kept', { count: files.kept.length }) }}
        <NuxtLink class="text-button" to="/library">{{ t('files.to-library') }}</NuxtLink>
        <NuxtLink v-if="files.kept.length === 1" class="text-button ml-3" :to="`/desk/${files.kept[0]}`">{{
          t('files.to-desk')
        }}</NuxtLink>
      </p>
      <p v-else-if="!files.preview" class="quiet aside mt-2" role="status">
        {{ t('files.reading', { name: files.name }) }}
      </p>
      <p v-else-if="files.preview.is === 'list'" role="status" class="mt-2">
        <RichWords :said="{ code: 'files.is-a-list', params: { name: files.name } }">
          <template #a="{ text }"
            ><NuxtLink class="text-button" to="/syllabi">{{ text }}</NuxtLink></template
          >
        </RichWords>
      </p>
      <template v-else>
        <p role="status" class="mt-1 text-[14.5px]">
          {{ t('files.found', { count: found.length, name: files.preview.title || files.name }) }}
        </p>
        <ol class="mt-2 max-h-[420px] overflow-auto" tabindex="0" :aria-label="t('files.in')">
          <li
            v-for="(study, at) in found"
            :key="at"
            class="flex items-baseline gap-3 border-b border-rule py-[6px] text-[14.5px]"
          >
            <input
              v-if="study.told"
              type="checkbox"
              class="accent-ink"
              :checked="files.taken.has(at)"
              :aria-label="t('files.take', { title: tell(study.told) })"
              @change="files.toggle(at)"
            />
            <span class="min-w-0 flex-1">
              <span class="font-serif">{{ study.told ? tell(study.told) : study.title }}</span>
              <span v-if="study.wrong" class="block text-missing">{{ tell(study.wrong) }}</span>
              <span v-else-if="study.unplayable" class="quiet block text-[13.5px]">{{ t('files.unplayable') }}</span>
            </span>
            <span class="aside quiet text-[13.5px]">{{ t('files.known', { known: study.known }) }}</span>
          </li>
        </ol>
        <button
          type="button"
          class="main-button mt-4"
          :disabled="files.busy || files.recipes.length === 0"
          @click="files.keep"
        >
          {{ t('files.keep', { count: files.recipes.length }) }}
        </button>
      </template>
    </div>
  </section>
</template>
