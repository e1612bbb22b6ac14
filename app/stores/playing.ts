import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Loop, Metronome, Round } from '#core/playback'
import { familyOf, instrumentOf } from '#core/instrument'
import type { RealisedStudy } from '#core/realise'
import type { Hand } from '#core/study'
import type { Player } from '~/sound'
import { wordsOf } from '~/composables/api'
import { t } from '~/composables/words'

/** Which hands the machine plays; the pupil may play the others. */
type HeardHands = 'both' | Hand

/** How the teacher likes to hear things; kept in the browser. */
interface HearingChoices {
  loop: Loop
  hands: HeardHands
  metronome: Metronome
  countIn: 0 | 1 | 2
  /** Whether bellows are heard to turn. */
  dips: boolean
  rounds: number
  faster: number
}

const FIRST_HEARING: HearingChoices = {
  loop: 'once',
  hands: 'both',
  metronome: 'beats',
  countIn: 1,
  dips: true,
  rounds: 0,
  faster: 5,
}

/** How far the picture lags behind the sound, in seconds, since playing began. */
interface Lag {
  readonly count: number
  readonly mean: number
  readonly worst: number
}

const NO_LAG: Lag = { count: 0, mean: 0, worst: 0 }

function noted(lag: Lag, late: number): Lag {
  const count = lag.count + 1
  return { count, mean: lag.mean + (late - lag.mean) / count, worst: Math.max(lag.worst, Math.abs(late)) }
}

const MAX_BPM = 240

/** Hearing the study on the desk: what sounds, where it is, and how it is repeated. */
export const usePlaying = defineStore('playing', () => {
  const state = ref<'silent' | 'opening' | 'playing'>('silent')
  const step = ref<number | null>(null)
  const round = shallowRef<Round | null>(null)
  const failed = ref('')
  const lag = shallowRef<Lag>(NO_LAG)
  const choices = useLocalStorage<HearingChoices>('tactum hearing', FIRST_HEARING, { mergeDefaults: true })
  /** One player for each family of instruments, made when it is first heard. */
  const players = new Map<string, Promise<Player>>()
  let player: Promise<Player> | undefined

  const listener = {
    step: (sounding: number, now: Round, late: number) => {
      step.value = sounding
      round.value = now
      lag.value = noted(lag.value, late)
    },
    ended: () => void stop(),
  }
  function opened({ recipe }: RealisedStudy): Promise<Player> {
    const { make } = instrumentOf(recipe)
    const made =
      players.get(make) ?? import('~/sound').then(({ makePlayer, voiceOf }) => makePlayer(voiceOf(recipe), listener))
    players.set(make, made)
    return (player = made)
  }

  /** Hands that sound: those that are chosen, where there are two to choose from. */
  function handsHeard(study: RealisedStudy): readonly Hand[] {
    const playing = familyOf(study.recipe).handsHeard(study)
    const { hands: chosen } = choices.value
    return playing.length > 1 && chosen !== 'both' ? [chosen] : playing
  }

  /** Plays from the beginning of the loop. What cannot be heard is said, and changes nothing. */
  async function play(study: RealisedStudy, selection: readonly [number, number] | null): Promise<void> {
    failed.value = ''
    if (choices.value.loop === 'selection' && !selection) {
      failed.value = t('hear.playing.nothing-marked')
      return
    }
    state.value = 'opening'
    try {
      const ready = await opened(study)
      // it was stopped while it was being tuned
      if (state.value !== 'opening') return
      const { loop, metronome, countIn, dips } = choices.value
      // a number field that is empty gives no number
      const [rounds, faster] = [Number(choices.value.rounds) || 0, Number(choices.value.faster) || 0]
      const { bpm } = study.recipe.tempo
      lag.value = NO_LAG
      const practice = { loop, bpm, selection, rounds, faster, most: MAX_BPM }
      ready.start(study, { practice, hands: handsHeard(study), metronome, countIn, dips })
      state.value = 'playing'
    } catch (error) {
      players.clear()
      player = undefined
      state.value = 'silent'
      failed.value = t('hear.playing.no-sound', { wordsOf: wordsOf(error) })
    }
  }

  async function stop(): Promise<void> {
    state.value = 'silent'
    step.value = round.value = null
    ;(await player)?.stop()
  }

  const toggle = (study: RealisedStudy, selection: readonly [number, number] | null): Promise<void> =>
    state.value === 'silent' ? play(study, selection) : stop()

  /** Mutes and unmutes while it plays. */
  async function hear(hands: HeardHands): Promise<void> {
    choices.value.hands = hands
    const ready = await player
    for (const hand of ['right', 'left'] as const) ready?.hear(hand, hands === 'both' || hands === hand)
  }

  return { state, step, round, failed, lag, choices, play, stop, toggle, hear }
})
