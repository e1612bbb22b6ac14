<script setup lang="ts">
import { computed, reactive } from 'vue'
import { HAND_SIZES } from '#core/fingering'
import { familyOf, type Recipe, type RecipeInput } from '#core/instrument'
import { HANDS, MAX_OCTAVES } from '#core/study'
import type { StudyListing } from '#shared/api'
import SelectRow from '~/components/frame/SelectRow.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { t, formatMessage } from '~/composables/words'

/** What several studies are to take on at once; what is not named stays as each has it. */
const props = defineProps<{ studies: readonly StudyListing[]; disabled: boolean }>()
const emit = defineEmits<{ show: [some: Partial<RecipeInput>] }>()

const AS_EACH = ''
const wanted = reactive({ bpm: '', octaves: 0, hands: AS_EACH, school: AS_EACH, handSize: AS_EACH })
const families = computed(() => [
  ...new Set(props.studies.map(({ instrument }) => familyOf({ instrument: instrument as Recipe['instrument'] }))),
])
/** A school is one family's own. */
const schools = computed(() => (families.value.length === 1 ? families.value[0]!.schools : []))
const asEach = { value: AS_EACH, words: t('changes.as-each') }
const rows = computed(() => [
  {
    field: 'hands' as const,
    label: t('changes.hands'),
    shown: families.value.every(({ examined }) => examined.saysHands),
    choices: HANDS.map((value) => ({ value, words: t('changes.hands-are', { value }) })),
  },
  {
    field: 'school' as const,
    label: t('changes.school'),
    shown: schools.value.length > 0,
    choices: schools.value.map(({ id, called }) => ({ value: id, words: formatMessage(called) })),
  },
  {
    field: 'handSize' as const,
    label: t('changes.hand-size'),
    shown: families.value.every(({ fields }) => fields.includes('handSize' as never)),
    choices: HAND_SIZES.map((value) => ({ value, words: t('name.hand-size', { size: value }) })),
  },
])
const some = computed(() => {
  const named = rows.value.filter(({ field, shown }) => shown && wanted[field] !== AS_EACH)
  return {
    ...(wanted.bpm !== '' && { tempo: { bpm: Number(wanted.bpm) } }),
    ...(wanted.octaves > 0 && { octaves: wanted.octaves }),
    ...Object.fromEntries(named.map(({ field }) => [field, wanted[field]])),
  } as Partial<RecipeInput>
})
const octaves = [
  { value: 0, words: t('changes.as-each') },
  ...Array.from({ length: MAX_OCTAVES }, (_, at) => ({
    value: at + 1,
    words: t('changes.octaves-are', { count: at + 1 }),
  })),
]
</script>

<template>
  <WordPanel v-slot="{ close }" :words="t('changes.word')" look="button" :disabled="disabled">
    <form class="w-[330px] p-4 text-[14px]" @submit.prevent="(close(), emit('show', some))">
      <label class="flex items-center justify-between gap-3 py-1">
        {{ t('changes.tempo') }}
        <input
          v-model="wanted.bpm"
          class="field w-[200px]"
          type="number"
          min="20"
          max="300"
          step="1"
          :placeholder="t('changes.as-each')"
        />
      </label>
      <SelectRow
        :label="t('changes.octaves')"
        :value="wanted.octaves"
        :choices="octaves"
        @choose="wanted.octaves = $event"
      />
      <template v-for="row in rows" :key="row.field">
        <SelectRow
          v-if="row.shown"
          :label="row.label"
          :value="wanted[row.field]"
          :choices="[asEach, ...row.choices]"
          @choose="wanted[row.field] = $event"
        />
      </template>
      <p v-if="families.length > 1" class="aside quiet mt-1">{{ t('changes.one-family') }}</p>
      <button type="submit" class="main-button mt-3" :disabled="Object.keys(some).length === 0">
        {{ t('changes.show') }}
      </button>
    </form>
  </WordPanel>
</template>
