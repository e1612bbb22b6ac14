<script setup lang="ts">
import { shallowRef } from 'vue'
import { NuxtLink } from '#components'
import type { Recipe } from '#core/instrument'
import type { SyllabusMatch } from '#core/syllabus'
import DialogSheet from '~/components/frame/DialogSheet.vue'
import StatusMark from '~/components/sets/StatusMark.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t, formatMessage } from '~/composables/words'

/** In which grade of which list this study is asked, as it is or nearly. */
const props = defineProps<{ title: string; recipe: Recipe }>()
const emit = defineEmits<{ close: [] }>()

const matches = shallowRef<readonly SyllabusMatch[] | null>(null)
const { error, guarded } = working()
void guarded(async () => {
  matches.value = await ask('POST /api/syllabus-matches', {}, { recipe: props.recipe })
})
</script>

<template>
  <DialogSheet :title="t('desk.where-asked.heading')" @close="emit('close')">
    <p class="aside quiet mt-1">{{ title }}</p>
    <p v-if="error" role="alert" class="mt-3 text-missing">{{ error }}</p>
    <p v-else-if="!matches" class="waiting quiet aside mt-3">{{ t('desk.where-asked.looking') }}</p>
    <p v-else-if="matches.length === 0" class="mt-3">{{ t('desk.where-asked.none') }}</p>
    <ul v-else class="mt-3 text-[14.5px]">
      <li
        v-for="each in matches"
        :key="each.syllabus + each.grade"
        class="flex items-start gap-3 border-b border-rule py-[6px]"
      >
        <StatusMark :status="each.status" class="mt-[4px]" />
        <span class="flex-1">
          <NuxtLink
            class="font-serif font-semibold hover:underline"
            :to="`/syllabi/${each.syllabus}#grade-${each.grade}`"
            >{{ each.title }}, {{ each.gradeTitle }}</NuxtLink
          >
          <span class="block">{{ formatMessage(each.words) }}</span>
          <span v-if="each.reasons.length" class="aside block text-[14px] text-rh">{{
            each.reasons.map(formatMessage).join('; ')
          }}</span>
        </span>
      </li>
    </ul>
    <p class="mt-5 text-right">
      <button type="button" class="main-button" @click="emit('close')">{{ t('desk.where-asked.close') }}</button>
    </p>
  </DialogSheet>
</template>
