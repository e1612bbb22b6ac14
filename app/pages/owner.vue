<script setup lang="ts">
import { ref } from 'vue'
import { definePageMeta, useHead } from '#imports'
import NamePassword from '~/components/people/NamePassword.vue'
import { ask } from '~/composables/api'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** The first door of an installation: its owner, by the address that the start printed. */
definePageMeta({ layout: 'door' })
useHead({ title: () => t('people.owner') })
const { busy, error, guarded } = working()
const studio = ref('')
const name = ref('')
const password = ref('')
const token = globalThis.location.hash.slice(1)
const create = (): Promise<void> =>
  guarded(async () => {
    const called = { studio: studio.value.trim(), name: name.value.trim() }
    await ask('POST /api/session/owner', {}, { token, ...called, password: password.value })
    globalThis.location.assign('/')
  })
</script>

<template>
  <div>
    <h1 class="quiet text-[16px] font-normal">{{ t('people.owner.about') }}</h1>
    <form class="mt-4 grid gap-3 text-[14.5px]" @submit.prevent="create">
      <label>
        {{ t('people.owner.studio') }}
        <input v-model="studio" class="field mt-1 block w-full" maxlength="80" required />
      </label>
      <NamePassword v-model:name="name" v-model:password="password" fresh />
      <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
      <button
        type="submit"
        class="main-button justify-self-start"
        :disabled="busy || !studio.trim() || !name.trim() || !password"
      >
        {{ t('people.owner.create') }}
      </button>
    </form>
  </div>
</template>
