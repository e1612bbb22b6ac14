<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue'
import { PLACES } from '#core/instrument'
import type { Where } from '#core/practice'
import type { RealisedStudy } from '#core/realise'
import { viewOf } from '~/components/instrument'
import { realised } from '~/composables/realiser'
import { t } from '~/composables/words'
import { layoutOf } from '~/engraving'
import type { Row } from '~/practice'
import type { Realised } from '~/workers/realise.worker'
import type { Place } from '~/stores/desk'

/** Where it went wrong: a place by its name, or the note on the stair. */
const props = defineProps<{ row: Row }>()
const emit = defineEmits<{ pick: [where?: Where]; leave: [] }>()

const [WIDTH, HEIGHT] = [640, 170]
const study = shallowRef<RealisedStudy | null>(null)
const systems = computed(() => (study.value ? layoutOf(study.value, WIDTH, { narrowest: 15 }) : []))

onMounted(async () => {
  const recipe = JSON.parse(JSON.stringify(props.row.recipe)) as Row['recipe']
  // without the picture the places are still there to be named
  const answer = await realised((api) => api.realise(recipe) as Promise<Realised>).catch(() => null)
  if (answer && 'study' in answer) study.value = answer.study
})
const note = ({ hand, index }: Place): void => emit('pick', { player: hand, index })
</script>

<template>
  <div class="where" role="group" :aria-label="t('practice.where')">
    <p class="flex flex-wrap items-center gap-[5px]">
      <span class="aside text-missing">{{ t('practice.where') }}</span>
      <button v-for="place in PLACES" :key="place" type="button" class="plain-button" @click="emit('pick', { place })">
        {{ t('practice.place', { place }) }}
      </button>
      <button type="button" class="plain-button" @click="emit('pick')">{{ t('practice.where.somewhere') }}</button>
      <button type="button" class="text-button text-[13px]" @click="emit('leave')">
        {{ t('practice.where.not') }}
      </button>
    </p>
    <div v-if="study" class="stair">
      <component
        :is="viewOf(study).Stair"
        v-for="system in systems"
        :key="system.from"
        :study="study"
        :system="system"
        :width="WIDTH"
        :height="HEIGHT"
        @select="note"
      />
    </div>
  </div>
</template>

<style scoped>
.where {
  position: relative;
}
.stair {
  position: absolute;
  right: 0;
  z-index: 20;
  margin-top: 6px;
  width: 664px;
  max-width: calc(100vw - 32px);
  max-height: 60vh;
  overflow: auto;
  border: 1px solid var(--color-ink);
  background: var(--color-sheet);
  padding: 8px 12px;
}
</style>
