<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { Backup, BackupState } from '#shared/api'
import SureButton from '~/components/frame/SureButton.vue'
import { ask } from '~/composables/api'
import { reloadAll } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import { momentOf } from './moments'

/** Copies of everything: the last one, one more now, and back to one of them in two presses. */
const FEW = 5
const state = shallowRef<BackupState | null>(null)
const whole = ref(false)
const { busy, error, guarded } = working()
onMounted(() =>
  guarded(async () => {
    state.value = await ask('GET /api/backups')
  }),
)
const shown = computed(() => (whole.value ? state.value!.backups : state.value!.backups.slice(0, FEW)))
const last = computed(() => {
  const [latest] = state.value?.backups ?? []
  return latest ? t('studio.backups.last', momentOf(latest.made)) : t('studio.backups.none')
})
const backUp = (): Promise<void> =>
  guarded(async () => {
    state.value = await ask('POST /api/backups', {}, {})
  })
const restoring = ref(false)
const restore = ({ name }: Backup): Promise<void> =>
  guarded(async () => {
    restoring.value = true
    try {
      await ask('POST /api/backups/:id/restore', { id: name }, {})
    } finally {
      restoring.value = false
    }
    reloadAll()
  })
const reasonOf = ({ reason, bytes }: Backup): string =>
  t('studio.backups.reason', {
    reason: reason.replace('before-', ''),
    size: t('studio.backups.size', { bytes: Math.ceil(bytes / 1000) }),
  })
</script>

<template>
  <section :aria-label="t('studio.backups')">
    <h2 class="text-[19px]">{{ t('studio.backups') }}</h2>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">{{ t('studio.backups.about') }}</p>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <p v-if="state && !state.on" class="mt-3">{{ t('studio.backups.off') }}</p>
    <template v-else-if="state">
      <p class="mt-3 flex flex-wrap items-baseline gap-x-4">
        <strong role="status" class="font-serif font-semibold">{{
          restoring ? t('studio.backups.restoring') : last
        }}</strong>
        <button type="button" class="text-button" :disabled="busy" @click="backUp">
          {{ busy && !restoring ? t('studio.backups.working') : t('studio.backups.now') }}
        </button>
      </p>
      <p v-if="state.failed" role="alert" class="mt-1 text-missing">
        {{ t('studio.backups.failed', { why: state.failed }) }}
      </p>
      <ul class="mt-2 max-w-[560px] text-[14.5px]">
        <li v-for="backup in shown" :key="backup.name" class="flex flex-wrap items-baseline py-[3px]">
          <span>{{ t('studio.backups.line', momentOf(backup.made)) }}</span>
          <span class="leader" aria-hidden="true"></span>
          <span class="quiet mr-3">{{ reasonOf(backup) }}</span>
          <SureButton
            class="text-button"
            :aria-label="t('studio.backups.restore-label', momentOf(backup.made))"
            :question="t('studio.backups.sure', momentOf(backup.made))"
            :yes="t('studio.backups.restore')"
            :disabled="busy"
            @sure="restore(backup)"
            >{{ t('studio.backups.restore') }}</SureButton
          >
        </li>
      </ul>
      <button
        v-if="state.backups.length > FEW && !whole"
        type="button"
        class="text-button text-[13.5px]"
        @click="whole = true"
      >
        {{ t('studio.backups.all', { count: state.backups.length }) }}
      </button>
      <p class="quiet mt-2 max-w-[560px] text-[13px] [overflow-wrap:anywhere]">
        {{ t('studio.backups.where', { folder: state.folder! }) }}
      </p>
    </template>
  </section>
</template>
