<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { computed, ref } from 'vue'
import { ask } from '~/composables/api'
import { currentSession, isSignInNeeded, signedInAs } from '~/composables/session'
import { reloadAll } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import NamePassword from './NamePassword.vue'

/**
 * Who is there? Asked when somebody comes, and again where a session is over: then the page beneath stays as it is, and
 * goes on.
 */
const { busy, error, guarded } = working()
const name = ref('')
const password = ref('')
/** Somebody was here before, and is asked again. */
const before = computed(() => currentSession.value?.teacher ?? null)
const noOwner = computed(() => currentSession.value?.needsOwner ?? false)

const signIn = (): Promise<void> =>
  guarded(async () => {
    const known = before.value
    try {
      const found = await ask('POST /api/session', {}, { name: name.value || known?.name, password: password.value })
      // what lies on the page is only gone on with by whoever it is of
      if (!known || known.id !== found.teacher?.id) return reloadAll()
      signedInAs(found)
    } finally {
      password.value = ''
    }
  })
const nothing = (): void => undefined
</script>

<template>
  <Dialog :open="isSignInNeeded" class="relative z-50" @close="nothing">
    <div class="fixed inset-0" :class="before ? 'bg-ink/40' : 'bg-page'" aria-hidden="true"></div>
    <div class="fixed inset-0 flex items-center justify-center overflow-auto p-5">
      <DialogPanel class="w-[380px] max-w-full border border-ink bg-sheet p-6">
        <p class="font-serif text-[21px] font-semibold" :class="{ 'sr-only': before }">Tactum</p>
        <DialogTitle class="font-serif" :class="before ? 'text-[21px] font-semibold' : 'quiet text-[16px]'">
          {{ before ? t('people.sign-in.again') : t('people.sign-in.about') }}
        </DialogTitle>
        <p v-if="before" class="quiet mt-1 text-[14px]">{{ t('people.sign-in.safe') }}</p>
        <p v-if="noOwner" class="mt-3 text-[14px]">{{ t('people.sign-in.no-owner') }}</p>
        <form class="mt-4 grid gap-3 text-[14.5px]" @submit.prevent="signIn">
          <NamePassword v-model:name="name" v-model:password="password" />
          <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
          <button type="submit" class="main-button justify-self-start" :disabled="busy || !password || !name.trim()">
            {{ t('people.sign-in') }}
          </button>
        </form>
      </DialogPanel>
    </div>
  </Dialog>
</template>
