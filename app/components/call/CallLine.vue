<script setup lang="ts">
import { nextTick, onBeforeUnmount, onMounted, ref, useId } from 'vue'
import { ON_USUAL } from '#core/call'
import { familyOf, instrumentOf } from '#core/instrument'
import type { Desk } from '~/stores/desk'
import CalledBatch from './CalledBatch.vue'
import CalledWords from './CalledWords.vue'
import { calling } from './calling'
import { t, formatMessage } from '~/composables/words'

/** The call line: what a teacher would call across the room, with how it was understood beneath every word. */
const props = defineProps<{ desk: Desk; /** What was typed before the line was there. */ early?: string }>()
const emit = defineEmits<{ close: []; ready: [] }>()

const input = ref<HTMLInputElement>()
const batch = ref<InstanceType<typeof CalledBatch>>()
const list = useId()
const words = useId()
const { line, called, offered, at, shut, meant, unknown, deskInstrument, typed, replace, complete, move, take } =
  calling(props.desk, () => input.value)
/** What the example is for: what lies on the desk. */
const family = familyOf(props.desk.recipe).id
const notice = ref('')
/** The line for which words that say nothing were pointed out: what else it says can be taken then. */
const pointedOut = ref('')

onMounted(() => {
  input.value?.focus()
  if (props.early) {
    line.value = props.early
    void nextTick(typed)
  } else input.value?.select()
  emit('ready')
})

// another page was opened meanwhile: what was only tried out goes
onBeforeUnmount(() => void (props.desk.held && props.desk.leave()))

async function leave(): Promise<void> {
  emit('close')
  await props.desk.leave()
}

/** Takes what the line says; several studies are for the batch to keep. */
async function decide(): Promise<void> {
  notice.value = ''
  const { studies, problems } = called.value
  const says = problems.length === 0 && studies.length > 0
  if (says && unknown.value.length > 0 && pointedOut.value !== line.value) {
    pointedOut.value = line.value
    notice.value = t('call.call-line.without', { words: unknown.value.join(', ') })
    return
  }
  if (says && take()) return emit('close')
  if (says) return batch.value?.keep()
  notice.value = problems[0]
    ? formatMessage(problems[0])
    : line.value.trim()
      ? t('call.call-line.unread')
      : t('call.call-line.no-key')
}

/** Says of the line that it is for the usual instrument. */
const forPiano = (): Promise<void> => replace(line.value.length, line.value.length, ` ${ON_USUAL}`)

async function onKey(event: KeyboardEvent): Promise<void> {
  const { key } = event
  if (key === 'Escape') {
    event.preventDefault()
    if (offered.value.length > 0 && at.value >= 0) shut.value = true
    else await leave()
  } else if (key === 'Enter') {
    event.preventDefault()
    const offer = offered.value[at.value]
    await (offer ? complete(offer) : decide())
  } else if ((key === 'ArrowDown' || key === 'ArrowUp') && offered.value.length > 0) {
    event.preventDefault()
    move(key === 'ArrowDown' ? 1 : -1)
  }
}
</script>

<template>
  <section class="call" :aria-label="t('call.call-line.placeholder')">
    <div class="relative">
      <label class="sr-only" :for="`${list}-line`">{{ t('call.call-line.label') }}</label>
      <input
        :id="`${list}-line`"
        ref="input"
        v-model="line"
        class="line"
        type="text"
        role="combobox"
        maxlength="600"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        :placeholder="t('call.call-line.example', { family })"
        aria-autocomplete="list"
        :aria-expanded="offered.length > 0"
        :aria-controls="list"
        :aria-activedescendant="at >= 0 ? `${list}-${at}` : undefined"
        :aria-describedby="words"
        @input="typed"
        @click="typed"
        @keyup.left="typed"
        @keyup.right="typed"
        @keyup.home="typed"
        @keyup.end="typed"
        @keydown="onKey"
      />
      <span class="keys quiet">
        <button type="button" class="text-button" :disabled="!meant" @click="decide">
          {{ t('call.call-line.use') }}
        </button>
        {{ t('call.call-line.enter') }}
        <button type="button" class="text-button ml-4" @click="leave">{{ t('call.call-line.cancel') }}</button>
        {{ t('call.call-line.esc') }}
      </span>
    </div>
    <div :id="words" aria-live="polite">
      <CalledWords :called="called" :unfinished="offered.length > 0" @replace="replace" />
      <p
        v-if="notice"
        class="py-1 text-[14px] text-missing"
        :class="{ 'sr-only': called.problems.length > 0 }"
        role="alert"
      >
        {{ notice }}
      </p>
    </div>
    <ul
      v-show="offered.length > 0"
      :id="list"
      :data-lead="t('call.call-line.completions')"
      role="listbox"
      :aria-label="t('call.call-line.completions-label')"
      class="offers"
    >
      <li
        v-for="(each, index) in offered"
        :id="`${list}-${index}`"
        :key="each.text"
        role="option"
        class="offer"
        :aria-selected="index === at"
        @pointerdown.prevent
        @click="complete(each)"
      >
        {{ each.text }}
      </li>
    </ul>
    <p v-if="deskInstrument && called.studies.length > 0" class="quiet pt-1 text-[13.5px]">
      {{ t('call.call-line.standing', { make: instrumentOf({ instrument: deskInstrument }).make }) }}
      <button type="button" class="text-button" @click="forPiano">{{ t('call.call-line.for-piano') }}</button>
    </p>
    <CalledBatch
      v-if="called.studies.length > 1"
      ref="batch"
      :recipes="called.studies"
      :ready="called.problems.length === 0"
    />
  </section>
</template>

<style scoped>
.call {
  border-bottom: 1px solid var(--color-ink);
  padding-bottom: 8px;
  margin-bottom: 10px;
}
.line {
  width: 100%;
  border: 0;
  border-bottom: 2px solid var(--color-ink);
  background: none;
  padding: 2px 250px 3px 0;
  font-family: var(--font-serif);
  font-size: 21px;
  font-weight: 600;
}
.line:focus-visible {
  outline: none;
  background: var(--color-sheet);
}
.line::placeholder {
  color: var(--color-soft);
  font-style: italic;
  font-weight: 400;
}
.keys {
  position: absolute;
  right: 4px;
  top: 6px;
  font-size: 13px;
}
.keys button {
  color: var(--color-ink);
}
.keys button:disabled {
  color: var(--color-soft);
  text-decoration: none;
  cursor: default;
}
.offers {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
  padding-top: 6px;
  font-size: 14px;
}
.offers::before {
  content: attr(data-lead);
  align-self: center;
  margin-right: 4px;
  color: var(--color-soft);
}
.offer {
  border: 1px solid var(--color-rule);
  border-radius: 3px;
  background: var(--color-sheet);
  padding: 2px 9px;
  min-height: 28px;
  cursor: pointer;
}
.offer[aria-selected='true'] {
  border-color: var(--color-ink);
  background: var(--color-ink);
  color: var(--color-sheet);
}
</style>
