import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Loop, Metronome, Round, Silence } from '#core/playback'
import { familyOf, instrumentOf } from '#core/instrument'
import type { RealisedStudy } from '#core/realise'
import type { Hand } from '#core/study'
import type { Made, Player, PlayRequest } from '~/sound'
import { wordsOf } from '~/composables/api'
import { t } from '~/composables/words'
import { makeOutlets } from './outlets'
import { makeStriking } from './striking'

/** Which hands the machine plays; the pupil may play the others. */
type HeardHands = 'both' | Hand

/** How the teacher likes to hear things; kept in the browser. */
interface HearingChoices {
  loop: Loop
  hands: HeardHands
  metronome: Metronome
  silence: Silence
  countIn: 0 | 1 | 2
  /** From the left hand alone (-1) to the right alone (1). */
  balance: number
  /** Whether bellows are heard to turn. */
  dips: boolean
  rounds: number
  faster: number
}

const FIRST_HEARING: HearingChoices = {
  loop: 'once',
  hands: 'both',
  metronome: 'beats',
  silence: 'none',
  balance: 0,
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

/** How loud each hand is: the one that is leant to stays as it is, the other gives way. */
const sharesOf = (balance: number): Record<Hand, number> => ({
  right: Math.min(1, 1 + balance),
  left: Math.min(1, 1 - balance),
})

/** Hands that sound: those that are chosen, where there are two to choose from. */
function handsHeard(study: RealisedStudy, chosen: HeardHands): readonly Hand[] {
  const playing = familyOf(study.recipe).handsHeard(study)
  return playing.length > 1 && chosen !== 'both' ? [chosen] : playing
}

/** What the player is asked for. */
function requestOf(
  study: RealisedStudy,
  selection: readonly [number, number] | null,
  choices: HearingChoices,
): PlayRequest {
  const { loop, metronome, countIn, dips, silence } = choices
  // a number field that is empty gives no number
  const [rounds, faster] = [Number(choices.rounds) || 0, Number(choices.faster) || 0]
  const practice = { loop, bpm: study.recipe.tempo.bpm, selection, rounds, faster, most: MAX_BPM }
  const [hands, balance] = [handsHeard(study, choices.hands), sharesOf(choices.balance)]
  return { practice, hands, metronome, silence, balance, countIn, dips }
}

/** Has all at hand that plays a study, so that its first note follows the press at once; what fails is said at the press. */
export const reachForSound = (study: RealisedStudy): void =>
  void import('~/sound').then(({ tune }) => void tune(study)).catch(() => undefined)

/** Hearing the study on the desk: what sounds, where it is, and how it is repeated. */
export const usePlaying = defineStore('playing', () => {
  const state = ref<'silent' | 'opening' | 'playing'>('silent')
  const step = ref<number | null>(null)
  const round = shallowRef<Round | null>(null)
  const failed = ref('')
  const lag = shallowRef<Lag>(NO_LAG)
  const choices = useLocalStorage<HearingChoices>('tactum hearing', FIRST_HEARING, { mergeDefaults: true })
  /** One player for each family of instruments, made when it is first heard. */
  const players = new Map<string, Promise<Made>>()
  const { connected, ...outside } = makeOutlets(failed)
  let player: Promise<Player> | undefined

  const listener = {
    step: (sounding: number, now: Round, late: number) => {
      step.value = sounding
      round.value = now
      lag.value = noted(lag.value, late)
    },
    ended: () => void stop(),
  }
  function opened(study: RealisedStudy): Promise<Player> {
    const { make } = instrumentOf(study.recipe)
    const made = players.get(make) ?? import('~/sound').then(({ makePlayer }) => makePlayer(study, listener))
    players.set(make, made)
    return (player = made.then(connected))
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
      lag.value = NO_LAG
      ready.start(study, requestOf(study, selection, choices.value))
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

  const strike = makeStriking(opened, failed)
  const toggle = (study: RealisedStudy, selection: readonly [number, number] | null): Promise<void> =>
    state.value === 'silent' ? play(study, selection) : stop()

  /** Mutes and unmutes while it plays. */
  async function hear(hands: HeardHands): Promise<void> {
    choices.value.hands = hands
    const ready = await player
    for (const hand of ['right', 'left'] as const) ready?.hear(hand, hands === 'both' || hands === hand)
  }

  /** Leans to one hand while it plays. */
  async function lean(balance: number): Promise<void> {
    choices.value.balance = balance
    const ready = await player
    const shares = sharesOf(balance)
    for (const hand of ['right', 'left'] as const) ready?.balance(hand, shares[hand])
  }

  /** Whether a make was heard already. */
  const knows = (make: string): boolean => players.has(make)

  return { state, step, round, failed, lag, choices, play, stop, strike, toggle, knows, hear, lean, ...outside }
})
