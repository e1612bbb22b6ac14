<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { familyOf, TAUGHT } from '#core/instrument'
import type { Pupil } from '#shared/api'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import NewName from './NewName.vue'

/** Every pupil with their sets, found by typing, to put something into one; a set or a pupil can be begun here. */
const props = defineProps<{
  /** What is put there: a new pupil plays its instrument. */
  recipe?: { readonly instrument?: string }
}>()
const emit = defineEmits<{ choose: [set: { id: string; words: string }] }>()

const pupils = ref<Pupil[] | null>(null)
const { busy, error, guarded } = working()
// whoever types a new name faster than the list comes is not kept waiting by it
const { error: unread, guarded: reading } = working()
onMounted(() =>
  reading(async () => {
    pupils.value = (await ask('GET /api/pupils')).filter(({ archived }) => !archived)
  }),
)
/** So many pupils are shown; the others are found by typing on. */
const MAX = 40
const sought = ref('')
const has = (text: string): boolean => text.toLowerCase().includes(sought.value.trim().toLowerCase())
/** Pupils who are called so, and sets. */
const found = computed(() =>
  (pupils.value ?? []).flatMap((pupil) => {
    const sets = has(pupil.name) ? pupil.sets : pupil.sets.filter(({ title }) => has(title))
    return sets.length > 0 || has(pupil.name) ? [{ ...pupil, sets }] : []
  }),
)
const choose = (id: string, name: string, title: string): void => emit('choose', { id, words: `${name}, ${title}` })

const begin = (pupil: { id: string; name: string }, title: string): Promise<void> =>
  guarded(async () => {
    const { id } = await ask('POST /api/sets', {}, { title, pupilId: pupil.id })
    choose(id, pupil.name, title)
  })
/** The instrument that is taught for what is put here. */
const taught = computed(() => {
  const own = TAUGHT.filter(({ family }) => family === familyOf(props.recipe ?? {}))
  return (own.find(({ instrument }) => instrument === props.recipe?.instrument) ?? own[0] ?? TAUGHT[0]!).id
})
const enter = (name: string): Promise<void> =>
  guarded(async () => {
    const { id } = await ask('POST /api/pupils', {}, { name, instrument: taught.value })
    await begin({ id, name }, t('sets.set-list.first-set'))
  })
</script>

<template>
  <div class="w-[290px] p-3">
    <input
      v-model="sought"
      class="field mb-2 w-full"
      type="search"
      :aria-label="t('sets.set-list.find')"
      :placeholder="t('sets.set-list.find')"
    />
    <p v-if="error || unread" role="alert" class="text-missing">{{ error || unread }}</p>
    <p v-else-if="!pupils" role="status" class="quiet">{{ t('sets.set-list.fetching') }}</p>
    <p v-else-if="found.length === 0" role="status" class="quiet aside">{{ t('sets.set-list.none') }}</p>
    <ul class="max-h-[250px] overflow-auto">
      <li v-for="pupil in found.slice(0, MAX)" :key="pupil.id" class="mb-2">
        <p class="font-serif font-semibold break-words">{{ pupil.name }}</p>
        <button
          v-for="set in pupil.sets"
          :key="set.id"
          type="button"
          class="choice"
          @click="choose(set.id, pupil.name, set.title)"
        >
          {{ set.title }} <span class="quiet text-[13px]">{{ set.studies }}</span>
        </button>
        <NewName
          :words="t('sets.set-list.new-set')"
          :label="t('sets.set-list.new-set-for', { name: pupil.name })"
          :most="120"
          :disabled="busy"
          @name="begin(pupil, $event)"
        />
      </li>
    </ul>
    <p v-if="found.length > MAX" class="quiet aside text-[13px]">
      {{ t('sets.pupil-pick.more', { count: found.length - MAX }) }}
    </p>
    <NewName
      class="border-t border-rule pt-2"
      :words="t('sets.set-list.new-pupil')"
      :label="t('sets.set-list.new-pupil-name')"
      :most="80"
      :disabled="busy"
      @name="enter"
    />
  </div>
</template>
