<script setup lang="ts">
import { computed, onMounted, ref, shallowRef } from 'vue'
import type { Teacher } from '#shared/people'
import SureButton from '~/components/frame/SureButton.vue'
import WordPanel from '~/components/frame/WordPanel.vue'
import { ask } from '~/composables/api'
import { currentSession } from '~/composables/session'
import { localToday } from '~/composables/today'
import { working } from '~/composables/working'
import { t } from '~/composables/words'
import LinkText from './LinkText.vue'

/** Who teaches in the studio: invited, gone, and who has how many pupils. */
const { busy, error, guarded } = working()
const teachers = shallowRef<readonly Teacher[]>([])
const load = (): Promise<void> =>
  guarded(async () => {
    teachers.value = await ask('GET /api/teachers')
  })
onMounted(load)
const me = computed(() => currentSession.value!.teacher!.id)
const here = computed(() => teachers.value.filter(({ left }) => !left))

const name = ref('')
const role = ref<'teacher' | 'substitute'>('teacher')
const until = ref(localToday())
/** The address that was made last, and for whom. */
const invitation = shallowRef<{ readonly name: string; readonly path: string } | null>(null)
const invite = (): Promise<void> =>
  guarded(async () => {
    const body = {
      name: name.value.trim(),
      role: role.value,
      ...(role.value === 'substitute' ? { until: until.value } : {}),
    }
    const { path } = await ask('POST /api/teachers', {}, body)
    invitation.value = { name: body.name, path }
    name.value = ''
    await load()
  })
const again = (teacher: Teacher): Promise<void> =>
  guarded(async () => {
    const { path } = await ask('POST /api/teachers/:id/invitation', { id: teacher.id }, {})
    invitation.value = { name: teacher.name, path }
  })
const leave = ({ id }: Teacher): Promise<void> =>
  guarded(async () => {
    await ask('POST /api/teachers/:id/leave', { id }, { teacherId: me.value })
    await load()
  })
</script>

<template>
  <section :aria-label="t('people.teachers')">
    <h2 class="text-[19px]">{{ t('people.teachers') }}</h2>
    <p class="quiet mt-1 max-w-[560px] text-[14px]">{{ t('people.teachers.about') }}</p>
    <p v-if="error" role="alert" class="mt-2 text-missing">{{ error }}</p>
    <ul class="mt-2 max-w-[560px] text-[14.5px]">
      <li v-for="teacher in here" :key="teacher.id" class="flex flex-wrap items-baseline gap-x-2 py-[3px]">
        <span class="font-serif font-semibold">{{ teacher.name }}</span>
        <span class="aside quiet">{{
          teacher.until ? t('people.role.until', { day: teacher.until }) : t('people.role', { role: teacher.role })
        }}</span>
        <span class="leader" aria-hidden="true"></span>
        <span class="quiet">{{
          teacher.joined
            ? t('people.teachers.pupils', { count: teacher.pupils, exams: teacher.exams, quiet: teacher.quiet })
            : t('people.teachers.invited')
        }}</span>
        <template v-if="teacher.id !== me">
          <button
            type="button"
            class="text-button"
            :disabled="busy"
            :aria-label="t('people.teachers.again-label', { name: teacher.name })"
            @click="again(teacher)"
          >
            {{ teacher.joined ? t('people.teachers.reset') : t('people.teachers.again') }}
          </button>
          <SureButton
            class="text-button"
            :aria-label="t('people.teachers.leave-label', { name: teacher.name })"
            :question="t('people.teachers.leave-sure', { name: teacher.name, count: teacher.pupils })"
            :yes="t('people.teachers.leave')"
            :disabled="busy"
            @sure="leave(teacher)"
            >{{ t('people.teachers.leave') }}</SureButton
          >
        </template>
      </li>
    </ul>
    <div v-if="invitation" class="mt-2 max-w-[560px] border-l-[3px] border-ink pl-3" role="status">
      <p class="text-[14px]">{{ t('people.invitation.made', { name: invitation.name }) }}</p>
      <LinkText :path="invitation.path" class="mt-1" />
    </div>
    <p class="mt-3">
      <WordPanel v-slot="{ close }" :words="t('people.invite')" look="button" :disabled="busy">
        <form class="grid w-[300px] gap-2 p-4 text-[14px]" @submit.prevent="invite().then(close)">
          <label>
            {{ t('people.name.other') }}
            <input v-model="name" class="field mt-1 block w-full" maxlength="80" required />
          </label>
          <label>
            {{ t('people.invite.role') }}
            <select v-model="role" class="field mt-1 block w-full">
              <option value="teacher">{{ t('people.role', { role: 'teacher' }) }}</option>
              <option value="substitute">{{ t('people.role', { role: 'substitute' }) }}</option>
            </select>
          </label>
          <label v-if="role === 'substitute'">
            {{ t('people.invite.until') }}
            <input v-model="until" class="field mt-1 block" type="date" required />
          </label>
          <button type="submit" class="main-button justify-self-start" :disabled="busy || !name.trim()">
            {{ t('people.invite.create') }}
          </button>
        </form>
      </WordPanel>
    </p>
  </section>
</template>
