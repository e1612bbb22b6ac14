<script setup lang="ts">
import { NuxtLink } from '#components'
import WordPanel from '~/components/frame/WordPanel.vue'
import PupilPick from '~/components/pupils/PupilPick.vue'
import { useFiles } from '~/stores/files'
import { t } from '~/composables/words'
import FileFound from './FileFound.vue'

/** Files that come in: what is in them, study by study, and the buttons that keep it. */
const files = useFiles()
function choose(event: Event): void {
  const input = event.target as HTMLInputElement
  if (input.files?.length) void files.take([...input.files])
  input.value = ''
}
</script>

<template>
  <section :aria-label="t('files.in')">
    <h2 class="text-[19px]">{{ t('files.in') }}</h2>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">{{ t('files.drop') }}</p>
    <label class="plain-button mt-3 inline-block cursor-pointer leading-[22px] focus-within:outline-2">
      {{ t('files.choose') }}
      <input class="sr-only" type="file" multiple accept=".musicxml,.xml,.mxl,.mid,.midi,.json" @change="choose" />
    </label>
    <p v-if="files.error" role="alert" class="mt-2 text-missing">{{ files.error }}</p>
    <div v-if="files.saved.length" role="status" class="mt-3">
      {{ t('files.kept', { count: files.saved.length }) }}
      <NuxtLink class="text-button" to="/library">{{ t('files.to-library') }}</NuxtLink>
      <NuxtLink v-if="files.saved.length === 1" class="text-button ml-3" :to="`/desk/${files.saved[0]}`">{{
        t('files.to-desk')
      }}</NuxtLink>
      <ul v-if="files.sets.length" class="mt-1">
        <li v-for="set in files.sets" :key="set.id">
          <NuxtLink class="font-serif underline" :to="`/sets/${set.id}`">{{ set.title }}</NuxtLink>
        </li>
      </ul>
    </div>
    <div v-if="files.incoming.length" class="mt-4 border border-ink bg-sheet px-5 pt-2 pb-5">
      <ul>
        <FileFound
          v-for="(file, at) in files.incoming"
          :key="at"
          :file="file"
          @toggle="(place) => files.toggle(at, place)"
        />
      </ul>
      <p class="mt-4 flex flex-wrap items-baseline gap-4">
        <button
          type="button"
          class="main-button"
          :disabled="files.busy || files.recipes.length === 0"
          @click="files.keep"
        >
          {{ t('files.keep', { count: files.recipes.length }) }}
        </button>
        <WordPanel
          v-slot="{ close }"
          :words="t('files.keep-as-set', { count: files.incoming.length })"
          look="button"
          :disabled="files.busy || files.recipes.length === 0"
        >
          <PupilPick @choose="(pupil) => (close(), files.keepAsSets(pupil))" />
        </WordPanel>
        <button type="button" class="text-button text-[14px]" @click="files.putAway">
          {{ t('files.dismiss') }}
        </button>
      </p>
    </div>
  </section>
</template>
