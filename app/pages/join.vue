<script setup lang="ts">
import { onMounted, ref, shallowRef } from 'vue'
import { definePageMeta, useHead } from '#imports'
import NamePassword from '~/components/people/NamePassword.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** Where an invitation is taken, or a forgotten password chosen anew. */
definePageMeta({ layout: 'door' })
useHead({ title: () => t('people.join') })
const { busy, error, guarded } = working()
const invited = shallowRef<{ readonly name: string; readonly studio: string } | null>(null)
const password = ref('')
const token = globalThis.location.hash.slice(1)
onMounted(() =>
  guarded(async () => {
    invited.value = await ask('POST /api/session/invitation', {}, { token })
  }),
)
const join = (): Promise<void> =>
  guarded(async () => {
    await ask('POST /api/session/join', {}, { token, password: password.value })
    globalThis.location.assign('/')
  })
</script>

<template>
  <div>
    <h1 class="quiet text-[16px] font-normal">
      {{ invited ? t('people.join.about', { studio: invited.studio }) : t('people.join') }}
    </h1>
    <form v-if="invited" class="mt-4 grid gap-3 text-[14.5px]" @submit.prevent="join">
      <NamePassword v-model:password="password" :name="invited.name" fresh named />
      <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
      <button type="submit" class="main-button justify-self-start" :disabled="busy || !password">
        {{ t('people.join.create') }}
      </button>
    </form>
    <p v-else-if="error" role="alert" class="mt-4 text-missing">{{ error }}</p>
  </div>
</template>
