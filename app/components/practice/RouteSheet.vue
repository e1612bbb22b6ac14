<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { families, familyOf, type Recipe } from '#core/instrument'
import type { StoredRoute } from '#shared/api'
import DialogSheet from '~/components/frame/DialogSheet.vue'
import { ask } from '~/composables/api'
import { sortableList } from '~/composables/sortableList'
import { working } from '~/composables/working'
import { t, formatMessage } from '~/composables/words'

/** The teacher's own way through the studies of a family: which stages, in which order, how long; for one school or all. */
const props = defineProps<{ recipe: Recipe | null }>()
const emit = defineEmits<{ close: []; saved: [] }>()

const { busy, error, guarded } = working()
const family = computed(() => (props.recipe ? familyOf(props.recipe) : families()[0]!))
const school = ref('')
const routes = ref<readonly StoredRoute[]>([])
interface Line {
  readonly stage: string
  minutes: number
  on: boolean
}
const lines = ref<Line[]>([])
const NEEDED = new Set(['tempo', 'cold'])
const stored = computed(
  () => routes.value.find((each) => each.family === family.value.id && each.school === school.value) ?? null,
)

function fill(): void {
  const { usual } = family.value.route
  const steps = stored.value?.steps ?? usual
  const on = steps.map(({ stage, minutes }) => ({ stage, minutes, on: true }))
  const off = usual
    .filter(({ stage }) => !steps.some((each) => each.stage === stage))
    .map((each) => ({ ...each, on: false }))
  // what is left out stands before the cold tests, which come last
  lines.value = [...on.slice(0, -1), ...off, ...on.slice(-1)]
}
void guarded(async () => {
  routes.value = await ask('GET /api/routes')
  fill()
})
watch(school, fill)

const list = ref<HTMLElement>()
sortableList(list, move)
function move(from: number, to: number): void {
  // cold tests stay last
  if (from >= lines.value.length - 1 || to < 0 || to >= lines.value.length - 1) return
  const next = [...lines.value]
  next.splice(to, 0, ...next.splice(from, 1))
  lines.value = next
}
const save = (steps: readonly { stage: string; minutes: number }[]): Promise<void> =>
  guarded(async () => {
    routes.value = await ask(
      'PUT /api/routes',
      {},
      {
        ...{ family: family.value.id, school: school.value, version: stored.value?.version ?? 0 },
        steps,
      },
    )
    fill()
    emit('saved')
  })
const own = (): Promise<void> =>
  save(lines.value.filter(({ on }) => on).map(({ stage, minutes }) => ({ stage, minutes: Number(minutes) })))
</script>

<template>
  <DialogSheet :title="t('practice.route.title')" @close="emit('close')">
    <p class="quiet mt-1 text-[14px]">{{ t('practice.route.what') }}</p>
    <label class="mt-3 flex items-center gap-2 text-[14px]">
      {{ t('practice.route.for') }}
      <select v-model="school" class="field">
        <option value="">{{ t('practice.route.all-schools') }}</option>
        <option v-for="each in family.schools" :key="each.id" :value="each.id">{{ formatMessage(each.called) }}</option>
      </select>
      <span class="aside quiet">{{ stored ? t('practice.route.own') : t('practice.route.usual') }}</span>
    </label>
    <ol ref="list" class="mt-3 text-[14.5px]">
      <li v-for="(line, at) in lines" :key="line.stage" class="flex items-center gap-3 border-b border-rule py-1">
        <span class="grip quiet w-6 cursor-grab font-serif">{{ at + 1 }}</span>
        <label class="flex min-h-[28px] flex-1 items-center gap-2">
          <input v-model="line.on" type="checkbox" :disabled="NEEDED.has(line.stage)" />
          {{ formatMessage({ code: 'stage', params: { stage: line.stage } }) }}
        </label>
        <label class="flex items-center gap-1">
          <input
            v-model="line.minutes"
            type="number"
            min="1"
            max="20"
            class="field w-[70px]"
            :aria-label="
              t('practice.route.minutes', { stage: formatMessage({ code: 'stage', params: { stage: line.stage } }) })
            "
          />
          {{ t('practice.route.min') }}
        </label>
        <button
          type="button"
          class="plain-button"
          :disabled="at === 0 || at === lines.length - 1"
          :aria-label="t('practice.route.up')"
          @click="move(at, at - 1)"
        >
          ↑
        </button>
        <button
          type="button"
          class="plain-button"
          :disabled="at >= lines.length - 2"
          :aria-label="t('practice.route.down')"
          @click="move(at, at + 1)"
        >
          ↓
        </button>
      </li>
    </ol>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p class="mt-4 flex gap-3">
      <button type="button" class="main-button" :disabled="busy" @click="own">{{ t('practice.route.save') }}</button>
      <button v-if="stored" type="button" class="text-button" :disabled="busy" @click="save([])">
        {{ t('practice.route.back') }}
      </button>
      <button type="button" class="text-button ml-auto" @click="emit('close')">{{ t('practice.study.close') }}</button>
    </p>
  </DialogSheet>
</template>
