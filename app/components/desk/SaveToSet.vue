<script setup lang="ts">
import { ref } from 'vue'
import { wordsOf } from '~/composables/api'
import type { Desk } from '~/stores/desk'
import { addToSet } from '~/stores/library'
import SetList from '~/components/sets/SetList.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t } from '~/composables/words'

/** Saves the study if need be, then puts it at the end of a set. */
const props = defineProps<{ desk: Desk }>()
const notice = ref('')

async function add(set: { id: string; words: string }, close: () => void): Promise<void> {
  notice.value = ''
  close()
  try {
    if (props.desk.state !== 'saved' && !(await props.desk.save())) return
    const added = await addToSet(set.id, [props.desk.id!])
    notice.value =
      added > 0
        ? t('desk.save-to-set.added-to', { words: set.words })
        : t('desk.save-to-set.already', { words: set.words })
  } catch (error) {
    notice.value = wordsOf(error)
  }
}
</script>

<template>
  <span class="quiet" role="status">{{ notice }}</span>
  <WordPanel v-slot="{ close }" :words="t('desk.save-to-set.button')" look="button" placement="top-end">
    <SetList :recipe="desk.recipe" @choose="add($event, close)" />
  </WordPanel>
</template>
