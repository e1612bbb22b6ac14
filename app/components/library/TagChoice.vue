<script setup lang="ts">
import { computed, ref } from 'vue'
import { MAX_TAG, type StudyListing } from '#shared/api'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'

/** Tags of the chosen studies: those that all of them have, some, or none; and new ones. */
const props = defineProps<{ studies: readonly StudyListing[]; known: readonly string[]; disabled: boolean }>()
const emit = defineEmits<{ tag: [add: readonly string[], remove: readonly string[]] }>()

const typed = ref('')
const tags = computed(() =>
  props.known.map((tag) => {
    const having = props.studies.filter((study) => study.tags.includes(tag)).length
    return { tag, all: having === props.studies.length, some: having > 0 }
  }),
)
function flip({ tag, all }: { tag: string; all: boolean }): void {
  if (all) emit('tag', [], [tag])
  else emit('tag', [tag], [])
}
function add(): void {
  const tag = typed.value.trim()
  if (!tag) return
  emit('tag', [tag], [])
  typed.value = ''
}
</script>

<template>
  <WordPanel :words="t('library.tag-choice.tags')" look="button" :disabled="disabled">
    <div class="w-[240px] py-2">
      <div
        v-if="tags.length"
        role="group"
        :aria-label="t('library.tag-choice.tags')"
        class="max-h-[260px] overflow-y-auto"
      >
        <label v-for="each in tags" :key="each.tag" class="flex min-h-[34px] items-center gap-2 px-[14px]">
          <input
            type="checkbox"
            class="h-[17px] w-[17px] accent-ink"
            :checked="each.all"
            :indeterminate="each.some && !each.all"
            @change="flip(each)"
          />
          {{ each.tag }}
        </label>
      </div>
      <form class="flex gap-2 px-[14px] pt-2" @submit.prevent="add">
        <input
          v-model="typed"
          class="field w-full"
          :aria-label="t('library.tag-choice.new')"
          :maxlength="MAX_TAG"
          :placeholder="t('library.tag-choice.new-placeholder')"
        />
        <button type="submit" class="plain-button">{{ t('library.tag-choice.add') }}</button>
      </form>
    </div>
  </WordPanel>
</template>
