<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { OpenSession } from '#shared/people'
import { MAX_PASSWORD } from '#shared/people'
import WordPanel from '~/components/frame/WordPanel.vue'
import { momentOf } from '~/components/studio/moments'
import { ask } from '~/composables/api'
import { currentSession } from '~/composables/session'
import { reloadAll } from '~/composables/studio'
import { working } from '~/composables/working'
import { t } from '~/composables/words'

/** Who one is here: the password, and where one is signed in. */
const { busy, error, guarded } = working()
const sessions = shallowRef<readonly OpenSession[]>([])
const load = (): Promise<void> =>
  guarded(async () => {
    sessions.value = (await ask('GET /api/account')).sessions
  })
onMounted(load)
const teacher = computed(() => currentSession.value!.teacher!)
const others = computed(() => sessions.value.filter(({ here }) => !here))

const signOut = (): Promise<void> =>
  guarded(async () => {
    await ask('DELETE /api/session')
    reloadAll()
  })
const end = (id: string): Promise<void> =>
  guarded(async () => {
    await ask('DELETE /api/account/sessions/:id', { id })
    await load()
  })
const endOthers = (): Promise<void> =>
  guarded(async () => {
    await ask('DELETE /api/account/sessions')
    await load()
  })

const current = ref('')
const password = ref('')
const changed = ref(false)
const change = (): Promise<void> =>
  guarded(async () => {
    changed.value = false
    await ask('PUT /api/account/password', {}, { current: current.value, password: password.value })
    current.value = password.value = ''
    changed.value = true
    await load()
  })
</script>

<template>
  <section :aria-label="t('people.account')">
    <h2 class="text-[19px]">{{ t('people.account') }}</h2>
    <p class="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <strong class="font-serif font-semibold">{{ teacher.name }}</strong>
      <span class="aside quiet">{{ t('people.role', { role: teacher.role }) }}</span>
      <button type="button" class="plain-button" :disabled="busy" @click="signOut">{{ t('people.sign-out') }}</button>
      <WordPanel :words="t('people.password.change')" look="button">
        <form class="grid w-[300px] gap-2 p-4 text-[14px]" @submit.prevent="change">
          <input
            class="sr-only"
            :value="teacher.name"
            autocomplete="username"
            tabindex="-1"
            readonly
            :aria-label="t('people.name')"
          />
          <label>
            {{ t('people.password.current') }}
            <input
              v-model="current"
              class="field mt-1 block w-full"
              type="password"
              autocomplete="current-password"
              :maxlength="MAX_PASSWORD"
            />
          </label>
          <label>
            {{ t('people.password.new') }}
            <input
              v-model="password"
              class="field mt-1 block w-full"
              type="password"
              autocomplete="new-password"
              :maxlength="MAX_PASSWORD"
            />
          </label>
          <p class="quiet">{{ t('people.password.ends-others') }}</p>
          <p v-if="error" role="alert" class="text-missing">{{ error }}</p>
          <p v-else-if="changed" role="status">{{ t('people.password.changed') }}</p>
          <button type="submit" class="main-button justify-self-start" :disabled="busy || !current || !password">
            {{ t('people.password.save') }}
          </button>
        </form>
      </WordPanel>
    </p>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <h3 class="mt-3 font-serif text-[15.5px] font-semibold">{{ t('people.sessions') }}</h3>
    <ul class="mt-1 max-w-[560px] text-[14px]">
      <li v-for="session in sessions" :key="session.id" class="flex flex-wrap items-baseline gap-x-2 py-[3px]">
        <span class="max-w-[300px] truncate" :title="session.agent">{{
          session.agent || t('people.sessions.unnamed')
        }}</span>
        <span class="leader" aria-hidden="true"></span>
        <span class="quiet">{{ t('people.sessions.seen', momentOf(session.seenAt)) }}</span>
        <span v-if="session.here" class="aside">{{ t('people.sessions.here') }}</span>
        <button v-else type="button" class="text-button" :disabled="busy" @click="end(session.id)">
          {{ t('people.sign-out') }}
        </button>
      </li>
    </ul>
    <button
      v-if="others.length > 0"
      type="button"
      class="text-button mt-1 text-[14px]"
      :disabled="busy"
      @click="endOthers"
    >
      {{ t('people.sessions.end-others') }}
    </button>
  </section>
</template>
