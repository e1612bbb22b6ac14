<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef } from 'vue'
import { familyOf, type Place as PlaceName, type Player, type Recipe } from '#core/instrument'
import type { Where } from '#core/practice'
import { playersIn, type RealisedStudy } from '#core/realise'
import { wordsOf } from '~/components/instrument'
import ScoreSystem from '~/components/score/ScoreSystem.vue'
import { realised } from '~/composables/realiser'
import { t } from '~/composables/words'
import { layoutOf } from '~/engraving'
import type { Realised } from '~/workers/realise.worker'
import type { Place } from '~/stores/desk'

/** Where it went wrong: a place by its name, and with which hand; or the note in the music. */
const props = defineProps<{ recipe: Recipe; inline?: boolean }>()
const emit = defineEmits<{ pick: [where?: Where]; leave: [] }>()

const [WIDEST, EDGES] = [640, 26]
const host = ref<HTMLElement>()
const { width: room } = useElementSize(host)
const width = computed(() => (props.inline ? Math.max(240, room.value - EDGES) : WIDEST))
const study = shallowRef<RealisedStudy | null>(null)
const systems = computed(() =>
  study.value && width.value ? layoutOf(study.value, width.value, { narrowest: 15 }) : [],
)

onMounted(async () => {
  const recipe = JSON.parse(JSON.stringify(props.recipe)) as Recipe
  // without the picture the places are still there to be named
  const answer = await realised((api) => api.realise(recipe) as Promise<Realised>).catch(() => null)
  if (answer && 'study' in answer) study.value = answer.study
})
/** Hands that can be told apart, where two play. */
const players = computed(() => (study.value ? playersIn(study.value) : []))
const player = ref<Player | null>(null)
const places = computed(() => familyOf(props.recipe).places)
const placed = (place: PlaceName): Where => (player.value ? { place, player: player.value } : { place })
/** The note that the keyboard is on: a press, or Enter, picks it. */
const selected = shallowRef<Place | null>(null)
function select(place: Place): void {
  if (selected.value?.hand === place.hand && selected.value.index === place.index) pick()
  else selected.value = place
}
function pick(): void {
  if (selected.value) emit('pick', { player: selected.value.hand, index: selected.value.index })
}
function onKey(event: KeyboardEvent): void {
  const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (event.key === 'Enter' || event.key === ' ') pick()
  else if (step && selected.value) {
    const { hand, index } = selected.value
    host.value?.querySelector<HTMLElement>(`[data-finger="${hand} ${index + step}"]`)?.focus()
  } else return
  event.preventDefault()
}
</script>

<template>
  <div ref="host" class="where" role="group" :aria-label="t('practice.where')">
    <p class="flex flex-wrap items-center gap-[5px]">
      <span class="aside text-missing">{{ t('practice.where') }}</span>
      <button
        v-for="place in places"
        :key="place"
        type="button"
        class="plain-button"
        @click="emit('pick', placed(place))"
      >
        {{ t('practice.place', { place }) }}
      </button>
      <button type="button" class="plain-button" @click="emit('pick')">{{ t('practice.where.somewhere') }}</button>
      <button type="button" class="text-button text-[13px]" @click="emit('leave')">
        {{ t('practice.where.not') }}
      </button>
    </p>
    <p v-if="study && players.length > 1" class="mt-[5px] flex flex-wrap gap-x-4 text-[13.5px]">
      <button
        v-for="each in players"
        :key="each"
        type="button"
        class="text-button"
        :aria-pressed="player === each"
        @click="player = player === each ? null : each"
      >
        {{ wordsOf(study).called(each) }}
      </button>
      <span class="aside quiet">{{ t('practice.where.touch') }}</span>
    </p>
    <div v-if="study" class="music" :class="{ floats: !inline }">
      <ScoreSystem
        v-for="system in systems"
        :key="system.from"
        :study="study"
        :system="system"
        :width="width"
        :selected="selected"
        interactive
        @select="select"
        @key="onKey"
      />
    </div>
  </div>
</template>

<style scoped>
.where {
  position: relative;
}
.music {
  margin-top: 6px;
  border: 1px solid var(--color-rule);
  background: var(--color-sheet);
  padding: 4px 12px;
  overflow: auto;
}
.floats {
  position: absolute;
  right: 0;
  z-index: 20;
  width: 664px;
  max-width: calc(100vw - 32px);
  max-height: 60vh;
  border-color: var(--color-ink);
}
</style>
