<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, defineAsyncComponent, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import { useHead, useRoute, useRouter } from '#imports'
import { familyOf } from '#core/instrument'
import { NAMINGS } from '#core/pitch'
import { lineFor, playersIn } from '#core/realise'
import ConflictDialog from '~/components/desk/ConflictDialog.vue'
import DeskNotices from '~/components/desk/DeskNotices.vue'
import KeyNeighbours from '~/components/desk/KeyNeighbours.vue'
import KeepMenu from '~/components/desk/KeepMenu.vue'
import PinBar from '~/components/desk/PinBar.vue'
import SaveToSet from '~/components/desk/SaveToSet.vue'
import SetPlace from '~/components/desk/SetPlace.vue'
import ShortcutList from '~/components/desk/ShortcutList.vue'
import TitleSentence from '~/components/desk/TitleSentence.vue'
import HearBar from '~/components/hear/HearBar.vue'
import ShowChoice from '~/components/hear/ShowChoice.vue'
import { viewOf, wordsOf } from '~/components/instrument'
import ScoreSystem from '~/components/score/ScoreSystem.vue'
import { letteredReasons, letterMarks } from '~/components/why/letters'
import WhyColumn from '~/components/why/WhyColumn.vue'
import { earlyKeys } from '~/components/call/earlyKeys'
import { deskActions } from '~/components/desk/deskActions'
import { fingerKeys } from '~/components/score/fingerKeys'
import { type Shortcut, useShortcuts } from '~/composables/shortcuts'
import { familyHere } from '~/composables/studio'
import { engravingReady, layoutOf } from '~/engraving'
import { type Place, useDesk } from '~/stores/desk'
import { usePlaying } from '~/stores/playing'
import { useShowing } from '~/stores/showing'
import { t, formatMessage } from '~/composables/words'

// the grammar of the line is fetched when somebody first wants to call
const CallLine = defineAsyncComponent(() => import('~/components/call/CallLine.vue'))
const ExamMatches = defineAsyncComponent(() => import('~/components/desk/ExamMatches.vue'))
const route = useRoute()
const router = useRouter()
const desk = useDesk()
const playing = usePlaying()
const showing = useShowing()
const onKey = fingerKeys(desk)
const { failed, open, save, keepBoth, duplicate, fresh, back, importFile } = deskActions(desk)
const sheet = ref<HTMLElement>()
const { width: sheetWidth } = useElementSize(sheet)

const width = computed(() => Math.max(290, Math.floor(sheetWidth.value) - 20))
const systems = computed(() => (desk.study && sheetWidth.value > 0 ? layoutOf(desk.study, width.value) : []))
const view = computed(() => (desk.study ? viewOf(desk.study) : null))
const stairHeight = computed(() => view.value?.stairHeight(systems.value.length) ?? 0)
const lettered = computed(() => (desk.study ? letteredReasons(desk.study) : []))
const letters = computed(() => (showing.shown.letters ? letterMarks(lettered.value) : undefined))
const names = computed(() => (showing.shown.names === 'none' ? null : showing.shown.names))
/** What sounds leads, then the pointer; without either the map shows where the selection is. */
const step = computed(() => playing.step ?? desk.pointed ?? desk.marked?.[1] ?? null)

const select = (place: Place, extend = false): void => (extend ? desk.extend(place) : desk.select(place))

// the engraving face travels while the worker solves
void engravingReady()
const openHere = (): Promise<void> =>
  open(
    typeof route.params.id === 'string' ? route.params.id : '',
    typeof route.query.set === 'string' ? route.query.set : null,
  )
void openHere()
watch([() => route.params.id, () => route.query.set], openHere)
useHead({
  title: () => (desk.study ? t('desk.id.tactum', { what: formatMessage(desk.study.title) }) : t('desk.id.desk-tactum')),
})

const calling = ref(false)
const { early, listen, ready } = earlyKeys()
const asking = ref(false)
const callButton = ref<HTMLButtonElement>()
async function called(): Promise<void> {
  calling.value = false
  await nextTick()
  callButton.value?.focus()
}
function call(): void {
  if (!calling.value) listen()
  calling.value = true
}
/** A line that another page would like typed. */
watch(
  () => (desk.study && typeof route.query.type === 'string' ? route.query.type : ''),
  (line) => {
    if (!line) return
    early.value = line.slice(0, 600)
    calling.value = true
    void router.replace({ path: route.path, query: { ...route.query, type: undefined } })
  },
  { immediate: true },
)
const helping = ref(false)
const hearIt = (): void => void (desk.study && playing.toggle(desk.study, desk.marked))
function nextNames(): void {
  const all = ['none', ...NAMINGS] as const
  showing.shown.names = all[(all.indexOf(showing.shown.names) + 1) % all.length]!
}
const shortcuts: readonly Shortcut[] = [
  { key: '/', words: t('desk.id.shortcut-call'), does: call },
  { key: 'h', words: t('desk.id.shortcut-hear'), does: hearIt },
  { key: 'n', words: t('desk.id.shortcut-names'), does: nextNames },
  {
    key: 'b',
    words: t('desk.id.shortcut-blocks', { family: familyHere() }),
    does: () => (showing.shown.clusters = !showing.shown.clusters),
  },
  { key: '?', words: t('desk.id.this-list'), does: () => (helping.value = true) },
  { key: 'z', ctrl: true, words: t('desk.id.undo'), does: () => void desk.undo() },
  { key: 'z', ctrl: true, shift: true, words: t('desk.id.redo'), does: () => void desk.redo() },
  { key: 'y', ctrl: true, words: t('desk.id.redo'), does: () => void desk.redo() },
]
useShortcuts(
  () => shortcuts,
  () => showing.shown.singleKeys,
)
/** What playing depends on; another finger is no other music. */
const music = computed(() => {
  const { study } = desk
  if (!study) return ''
  const { rhythm, recipe } = study
  const heard = [
    rhythm,
    recipe.instrument,
    recipe.tempo,
    recipe.rhythm,
    [recipe.articulation, recipe.touch],
    familyOf(recipe).rollOf(study),
  ]
  return JSON.stringify([heard, playersIn(study).map((player) => lineFor(study, player).midi)])
})
watch(music, () => void (playing.state === 'silent' || playing.stop()))
onBeforeUnmount(() => void playing.stop())
/** The line of music that sounds is the one that is seen. */
watch(
  () => systems.value.findIndex(({ from, to }) => playing.step !== null && playing.step >= from && playing.step < to),
  (at) => sheet.value?.children[at]?.scrollIntoView({ block: 'nearest' }),
)
</script>

<template>
  <div class="pt-[12px]">
    <Teleport defer to="#head-end">
      <KeepMenu
        v-if="desk.study"
        :desk="desk"
        @save="save"
        @duplicate="duplicate"
        @fresh="fresh"
        @file="importFile"
        @matches="asking = true"
      />
    </Teleport>
    <ExamMatches
      v-if="asking"
      :title="formatMessage(desk.study!.title)"
      :recipe="desk.study!.recipe"
      @close="asking = false"
    />
    <p v-if="failed" role="alert" class="mb-2 text-missing">{{ failed }}</p>
    <DeskNotices v-if="!desk.study && desk.fault" :desk="desk" @back="back" @decide="desk.decide()" />
    <p v-else-if="!desk.study && !failed" class="waiting quiet aside py-40 text-center">
      {{ t('desk.id.opening') }}
    </p>
    <template v-if="desk.study">
      <SetPlace v-if="desk.set && desk.id" :set-id="desk.set" :study-id="desk.id" />
      <CallLine v-if="calling" :desk="desk" :early="early" @close="called" @ready="ready" />
      <div class="flex items-baseline gap-4">
        <TitleSentence class="flex-1" :recipe="desk.recipe" :study="desk.study" @change="desk.change" />
        <button
          v-if="!calling"
          ref="callButton"
          type="button"
          class="text-[14px] whitespace-nowrap"
          aria-keyshortcuts="/"
          @click="call"
        >
          <kbd aria-hidden="true">/</kbd> {{ t('desk.id.call') }}
        </button>
        <button
          type="button"
          class="text-[14px] max-sm:hidden"
          :aria-label="t('desk.id.shortcuts')"
          @click="helping = true"
        >
          <kbd aria-hidden="true">?</kbd>
        </button>
      </div>
      <KeyNeighbours v-if="showing.shown.neighbours" :material="desk.study.recipe.material" />
      <DeskNotices :desk="desk" @back="back" @decide="desk.decide()" />
      <div class="mt-[8px] grid grid-cols-1 gap-[20px] lg:grid-cols-[minmax(0,1fr)_252px]">
        <section ref="sheet" class="self-start border border-rule bg-sheet" :aria-label="t('desk.id.the-study')">
          <div v-for="system in systems" :key="system.from" :data-from="system.from" class="system px-[10px] pt-1">
            <ScoreSystem
              :study="desk.study"
              :system="system"
              :width="width"
              :selected="desk.selected"
              :pointed="desk.pointed"
              :range="desk.range"
              :sounding="playing.step"
              :letters="letters"
              :names="names"
              interactive
              @select="select"
              @point="desk.pointed = $event"
              @key="onKey"
            />
            <component
              :is="view!.Stair"
              :study="desk.study"
              :system="system"
              :width="width"
              :height="stairHeight"
              :selected="desk.selected"
              :pointed="desk.pointed"
              :range="desk.range"
              :sounding="playing.step"
              :letters="letters"
              :shown="showing.shown"
              @select="select"
              @point="desk.pointed = $event"
            />
          </div>
          <div v-if="width && showing.shown.map" class="px-[10px] pb-2">
            <component
              :is="view!.Map"
              :study="desk.study"
              :width="width"
              :step="step"
              :range="desk.range"
              @select="select"
              @point="desk.pointed = $event"
            />
          </div>
          <!-- on a long study too, what pins and what plays is at hand -->
          <div class="sticky bottom-0 z-10 bg-sheet">
            <PinBar :desk="desk" />
            <HearBar :desk="desk">
              <ShowChoice :words="t('desk.id.show')" :toggles="wordsOf(desk.study).shown" />
              <SaveToSet :desk="desk" />
            </HearBar>
          </div>
        </section>
        <aside :aria-label="t('desk.id.why')">
          <WhyColumn
            :study="desk.study"
            :lettered="lettered"
            :selected="desk.selected"
            :step="step"
            :range="desk.range"
            @point="desk.pointed = $event"
            @select="select"
            @take="desk.takeAlternative"
            @change="desk.change"
          />
        </aside>
      </div>
    </template>
    <ShortcutList v-if="helping" :shortcuts="shortcuts" @close="helping = false" />
    <ConflictDialog
      v-if="desk.keeping.deciding && desk.keeping.conflict && desk.study"
      :mine="desk.study"
      :theirs="desk.keeping.conflict"
      @mine="desk.keepMine"
      @theirs="desk.takeTheirs"
      @both="keepBoth"
      @close="desk.decideLater()"
    />
  </div>
</template>

<style scoped>
.system {
  scroll-margin-bottom: 92px;
}
kbd {
  display: inline-block;
  min-width: 20px;
  border: 1px solid var(--color-rule);
  border-radius: 3px;
  background: var(--color-sheet);
  padding: 0 5px;
  font-family: var(--font-serif);
  text-align: center;
}
</style>
