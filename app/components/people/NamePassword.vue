<script setup lang="ts">
import { ref } from 'vue'
import { MAX_PASSWORD, MIN_PASSWORD } from '#shared/people'
import { t } from '~/composables/words'

/** A name and a password, as a browser fills them in. */
const { fresh = false, named = false } = defineProps<{ fresh?: boolean; named?: boolean }>()
const name = defineModel<string>('name', { default: '' })
const password = defineModel<string>('password', { default: '' })
const shown = ref(false)
</script>

<template>
  <label class="block">
    {{ t('people.name') }}
    <input
      v-model="name"
      class="field mt-1 block w-full"
      name="username"
      autocomplete="username"
      maxlength="80"
      required
      :readonly="named"
    />
  </label>
  <label class="block">
    {{ fresh ? t('people.password.new') : t('people.password') }}
    <input
      v-model="password"
      class="field mt-1 block w-full"
      :type="shown ? 'text' : 'password'"
      name="password"
      :autocomplete="fresh ? 'new-password' : 'current-password'"
      :maxlength="MAX_PASSWORD"
      required
    />
  </label>
  <p v-if="fresh" class="quiet text-[13.5px]">{{ t('people.password.rule', { least: MIN_PASSWORD }) }}</p>
  <label class="flex items-baseline gap-2 text-[13.5px]">
    <input v-model="shown" type="checkbox" />
    {{ t('people.password.show') }}
  </label>
</template>
