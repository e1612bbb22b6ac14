<script setup lang="ts">
import { computed, ref, shallowRef, watchEffect } from 'vue'
import { type PlayerSettings, TAUGHT } from '#core/instrument'
import { type Region, REGIONS } from '#words'
import { ask } from '~/composables/api'
import { currentSession } from '~/composables/session'
import { currentStudio, reloadAll, showStudio } from '~/composables/studio'
import { working } from '~/composables/working'
import { currentRegion, t } from '~/composables/words'
import TaughtChoice from './TaughtChoice.vue'

/** The first door: one sentence to fill in, once. The page beneath works all the while. */
const { busy, error, guarded } = working()
/** Where people sign in, the studio is its owner's to name, and there is no demo beside it. */
const signsIn = computed(() => currentSession.value?.signIn ?? false)
const mayName = computed(() => !signsIn.value || currentSession.value?.teacher?.role === 'owner')
const asked = computed(() => currentStudio.value !== null && !currentStudio.value.settings.welcomed && mayName.value)
const isDemo = computed(() => currentStudio.value?.isDemo ?? false)
const name = ref('')
watchEffect(() => {
  if (signsIn.value && !name.value) name.value = currentStudio.value?.name ?? ''
})
const instrument = ref(TAUGHT[0]!.id)
const make = shallowRef<PlayerSettings>({})
const choose = (value: string, own: PlayerSettings): void => {
  instrument.value = value
  make.value = own
}
const region = ref<Region>(currentRegion.value)

/** In the demo an own studio is made beside it; an empty one is named. */
const start = (): Promise<void> =>
  guarded(async () => {
    const settings = { instrument: instrument.value, make: make.value, region: region.value, welcomed: true }
    const called = { name: name.value.trim() || t('welcome.name.default'), settings }
    if (!isDemo.value) {
      showStudio(await ask('PUT /api/studio', {}, { ...called, teacher: currentStudio.value!.teacher }))
      return
    }
    await ask('PUT /api/studio', {}, { ...demoName(), settings: { welcomed: true } })
    await ask('POST /api/studios', {}, called)
    reloadAll()
  })
const demoName = (): { name: string; teacher: string } => ({
  name: currentStudio.value!.name,
  teacher: currentStudio.value!.teacher,
})
const look = (): Promise<void> =>
  guarded(async () => {
    if (isDemo.value) showStudio(await ask('PUT /api/studio', {}, { ...demoName(), settings: { welcomed: true } }))
    else {
      await ask('POST /api/studios/demo', {}, {})
      reloadAll()
    }
  })
</script>

<template>
  <section v-if="asked" class="border-b border-rule bg-sheet" :aria-label="t('welcome')">
    <form
      class="mx-auto flex max-w-[1280px] flex-wrap items-baseline gap-x-2 gap-y-1 px-4 py-[6px] text-[14.5px] sm:px-[26px]"
      @submit.prevent="start"
    >
      <label for="welcome-name" class="font-serif">{{ t('welcome.name') }}</label>
      <input
        id="welcome-name"
        v-model="name"
        class="field w-[min(210px,60vw)]"
        maxlength="80"
        :placeholder="t('welcome.name.such-as')"
      />
      <label for="welcome-instrument" class="font-serif">{{ t('welcome.instrument') }}</label>
      <TaughtChoice id="welcome-instrument" v-bind="{ instrument, make }" @choose="choose" />
      <label for="welcome-region" class="font-serif">{{ t('welcome.region') }}</label>
      <select id="welcome-region" v-model="region" class="field max-w-[230px]">
        <option v-for="each in REGIONS" :key="each" :value="each">
          {{ t('settings.region.name', { region: each }) }}
        </option>
      </select>
      <span class="ml-auto flex items-baseline gap-4">
        <button type="submit" class="plain-button" :disabled="busy">
          {{ isDemo ? t('welcome.empty') : t('welcome.start') }}
        </button>
        <button v-if="!signsIn" type="button" class="text-button" :disabled="busy" @click="look">
          {{ t('welcome.demo') }}
        </button>
      </span>
      <p v-if="error" role="alert" class="w-full text-missing">{{ error }}</p>
    </form>
  </section>
</template>
