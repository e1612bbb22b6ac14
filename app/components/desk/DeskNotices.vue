<script setup lang="ts">
import { computed } from 'vue'
import { NuxtLink } from '#components'
import { isFree } from '#core/study'
import { errorMessage } from '#words'
import type { RecipeInput } from '#core/instrument'
import type { Desk, Stash } from '~/stores/desk'
import { t, formatMessage } from '~/composables/words'

/** What stands between the title and the sheet when something needs saying, each with its way out. */
const props = defineProps<{ desk: Desk }>()
const emit = defineEmits<{ back: [stash: Stash]; decide: [] }>()

const fits = computed(() => {
  const octave = props.desk.fault?.details?.fits
  return typeof octave === 'number' ? octave : null
})
const fewer = computed(() => {
  const octaves = props.desk.fault?.details?.octaves
  return props.desk.fault?.code === 'range' && fits.value === null && typeof octaves === 'number' ? octaves : null
})
const twin = computed(() => {
  const tonic = props.desk.fault?.details?.twin
  const { material } = props.desk.recipe
  return typeof tonic === 'string' && !isFree(material) ? { ...material, tonic } : null
})
/** A school or a distance that does not go with the material: one press goes back to what does. */
const MENDS: Record<string, { words: string; some: Partial<RecipeInput> }> = {
  'school.material': { words: t('desk.desk-notices.take-conservatory'), some: { school: 'conservatory' } },
  'motion.material': { words: t('desk.desk-notices.take-similar'), some: { motion: 'similar' } },
  'pattern.material': { words: t('desk.desk-notices.take-no-pattern'), some: { pattern: {}, bookends: {} } },
  'pattern.length': { words: t('desk.desk-notices.take-no-pattern'), some: { pattern: {}, rhythm: {} } },
  'rhythm.beat': { words: t('desk.desk-notices.take-even-rhythm'), some: { rhythm: {} } },
  'interval.motion': { words: t('desk.desk-notices.take-octave-apart'), some: { interval: 'octave' } },
  'interval.material': { words: t('desk.desk-notices.take-octave-apart'), some: { interval: 'octave' } },
}
const mend = computed(() => MENDS[props.desk.fault?.code ?? ''])
/** What an older Tactum wrote otherwise, as long as it is not saved again. */
const told = computed(() => props.desk.keeping.saved?.told ?? null)
const pinConflict = computed(() => props.desk.fault?.code.startsWith('pin.') ?? false)
const unexpected = computed(() => props.desk.fault?.code === 'unexpected')
const lastPinOff = () => props.desk.setPins(props.desk.pins.slice(0, -1))
</script>

<template>
  <div class="text-[14px]">
    <div v-if="desk.fault" role="alert" class="notice text-missing">
      <span
        >{{ formatMessage(errorMessage(desk.fault)) }}
        <span v-if="desk.study" class="quiet">{{
          t(desk.standsIn ? 'desk.desk-notices.stands-in' : 'desk.desk-notices.last-playable')
        }}</span></span
      >
      <button
        v-if="fits !== null"
        type="button"
        class="plain-button text-ink"
        @click="desk.change({ startOctave: fits })"
      >
        {{ t('desk.desk-notices.start-octave', { fits }) }}
      </button>
      <button
        v-if="fewer !== null"
        type="button"
        class="plain-button text-ink"
        @click="desk.change({ octaves: fewer })"
      >
        {{ t('desk.desk-notices.take', { fewer }) }}
      </button>
      <button v-if="twin" type="button" class="plain-button text-ink" @click="desk.change({ material: twin })">
        {{ t('desk.desk-notices.take-twin') }}
      </button>
      <button v-if="unexpected" type="button" class="plain-button text-ink" @click="desk.again()">
        {{ t('desk.notices.try-again') }}
      </button>
      <button v-if="mend" type="button" class="plain-button text-ink" @click="desk.change(mend.some)">
        {{ mend.words }}
      </button>
      <button v-if="pinConflict" type="button" class="plain-button text-ink" @click="lastPinOff">
        {{ t('desk.desk-notices.free-pin') }}
      </button>
    </div>
    <div v-if="desk.keeping.refused" role="alert" class="notice text-missing">{{ desk.keeping.refused }}</div>
    <div v-if="desk.keeping.conflict && !desk.keeping.deciding" role="alert" class="notice">
      <span>{{ t('desk.desk-notices.conflict') }}</span>
      <button type="button" class="plain-button" @click="emit('decide')">{{ t('desk.desk-notices.see-both') }}</button>
    </div>
    <div v-for="(stash, at) in desk.stashes" :key="at" role="status" class="notice">
      <span>{{ t('desk.desk-notices.stash', { what: formatMessage(stash.title) }) }}</span>
      <button
        type="button"
        class="plain-button"
        :aria-label="t('desk.desk-notices.stash-back', { what: formatMessage(stash.title) })"
        @click="emit('back', stash)"
      >
        {{ t('desk.desk-notices.stash-back-short') }}
      </button>
      <button
        type="button"
        class="text-button"
        :aria-label="t('desk.desk-notices.stash-drop', { what: formatMessage(stash.title) })"
        @click="desk.dropStash(stash)"
      >
        {{ t('desk.desk-notices.stash-drop-short') }}
      </button>
    </div>
    <div v-if="told" role="status" class="notice">
      <span>{{ formatMessage(told) }}</span>
      <button type="button" class="plain-button" @click="desk.save()">{{ t('desk.desk-notices.keep-told') }}</button>
    </div>
    <div v-if="desk.letGo" role="status" class="notice">
      <span>{{ t('desk.desk-notices.pins-freed') }}</span>
      <button type="button" class="plain-button" @click="desk.putBack()">
        {{ t('desk.desk-notices.pins-back') }}
      </button>
    </div>
    <div v-if="desk.departs.length" role="status" class="notice">
      <span>
        {{ t('desk.desk-notices.departs', { count: desk.departs.length }) }}
      </span>
      <NuxtLink class="plain-button" to="/compare?beside=today">{{ t('desk.desk-notices.compare') }}</NuxtLink>
      <button type="button" class="plain-button" @click="desk.takeEngine()">
        {{ t('desk.desk-notices.take-engine') }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 6px 0;
}
</style>
