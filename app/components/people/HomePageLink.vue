<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import type { Pupil } from '#shared/api'
import type { PupilLink } from '#shared/people'
import SureButton from '~/components/frame/SureButton.vue'
import { momentOf } from '~/components/studio/moments'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import LinkText from './LinkText.vue'

/** A pupil's own page: made, shown as a code for a phone, renewed, closed. */
const { pupil } = defineProps<{ pupil: Pick<Pupil, 'id' | 'name'> }>()
const { busy, error, guarded } = working()
const link = shallowRef<PupilLink | null>(null)
const known = ref(false)
const load = (): Promise<void> =>
  guarded(async () => {
    link.value = (await ask('GET /api/pupils/:id/link', { id: pupil.id })).link
    known.value = true
  })
onMounted(load)
const renew = (): Promise<void> =>
  guarded(async () => {
    await ask('POST /api/pupils/:id/link', { id: pupil.id }, {})
    await load()
  })
const close = (): Promise<void> =>
  guarded(async () => {
    await ask('DELETE /api/pupils/:id/link', { id: pupil.id })
    await load()
  })

/** The code is drawn when there is something to draw. */
const code = ref('')
watch(
  () => link.value?.path,
  async (path) => {
    code.value = path ? (await import('uqr')).renderSVG(`${globalThis.location.origin}${path}`, { border: 2 }) : ''
  },
)
const opened = computed(() =>
  link.value?.openedAt ? t('lesson.home.opened', momentOf(link.value.openedAt)) : t('lesson.home.unopened'),
)
const isOnlyHere = ['localhost', '127.0.0.1', '[::1]'].includes(globalThis.location.hostname)
</script>

<template>
  <div class="grid w-[400px] max-w-[90vw] gap-3 p-4 text-[14px]">
    <p class="quiet">{{ t('lesson.home.about', { name: pupil.name }) }}</p>
    <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
    <template v-if="link">
      <!-- eslint-disable-next-line vue/no-v-html -- drawn here, of our own address -->
      <div v-if="code" class="code justify-self-start" role="img" :aria-label="t('lesson.home.code')" v-html="code" />
      <LinkText v-if="link.path" :path="link.path" />
      <p v-else>{{ t('lesson.home.lost', { name: pupil.name }) }}</p>
      <p>{{ opened }}</p>
      <p v-if="isOnlyHere" class="quiet">{{ t('lesson.home.loopback') }}</p>
      <p class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <a v-if="link.path" class="text-button" :href="link.path" target="_blank" rel="noopener">{{
          t('lesson.home.open')
        }}</a>
        <SureButton
          class="text-button"
          :question="t('lesson.home.renew-sure')"
          :yes="t('lesson.home.renew')"
          :disabled="busy"
          @sure="renew"
          >{{ t('lesson.home.renew') }}</SureButton
        >
        <SureButton
          class="text-button"
          :question="t('lesson.home.close-sure')"
          :yes="t('lesson.home.close')"
          :disabled="busy"
          @sure="close"
          >{{ t('lesson.home.close') }}</SureButton
        >
      </p>
    </template>
    <p v-else-if="known" class="flex items-baseline gap-3">
      {{ t('lesson.home.none') }}
      <button type="button" class="main-button" :disabled="busy" @click="renew">{{ t('lesson.home.create') }}</button>
    </p>
  </div>
</template>

<style scoped>
.code :deep(svg) {
  display: block;
  width: 200px;
  height: 200px;
}
</style>
