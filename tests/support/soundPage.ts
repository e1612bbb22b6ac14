import { getContext, Offline } from 'tone'
import type { Hand } from '#core/study'
import type { RecipeInput } from '#core/instrument'
import { type Metronome, playedNotes, type Practice, type Silence } from '#core/playback'
import { realise } from '#core/realise'
import { makeInstrument } from '../../app/sound/instrument'
import { Player } from '../../app/sound/player'
import { sampledVoice } from '../../app/sound/sampled'
import { woodClick } from '../../app/sound/click'
import { makes as bars } from '../../app/components/instrument/mallets/voice'
import { makes as reeds } from '../../app/components/instrument/accordion/voice'
import { makes as strings } from '../../app/components/instrument/keys/voice'
import { voiceOf } from '../../app/sound/voices'

/** What is to be rendered. */
export interface Wanted {
  readonly recipe: RecipeInput
  readonly practice: Practice
  readonly hands: readonly Hand[]
  readonly metronome: Metronome
  readonly countIn: 0 | 1 | 2
  readonly seconds: number
  /** Where recorded notes lie, where they are to be heard. */
  readonly recorded?: string
  readonly silence?: Silence
  /** How loud each hand is, 0 to 1. */
  readonly balance?: Partial<Record<Hand, number>>
  /** Samples a second. */
  readonly rate?: number
  /** Whether turns of the bellows are heard, as they are where nothing is said. */
  readonly dips?: boolean
}

const LOWEST = 36
const EVERY = 4
const CHUNK = 8192

/** Renders what the page would play, faster than it sounds, on an offline audio context; one channel at its sample rate. */
async function render({
  recipe,
  practice,
  hands,
  metronome,
  countIn,
  seconds,
  rate,
  recorded,
  balance,
  silence = 'none',
  dips = true,
}: Wanted) {
  const study = realise(recipe)
  const buffer = await Offline(
    async () => {
      const { sampleRate } = getContext()
      const { make } = voiceOf(study.recipe)
      const { note, decibels } = { ...strings, ...bars, ...reeds }[make]!
      const sound = (midi: number) => note(midi, sampleRate, 2)
      const played = playedNotes(study).map(({ midi }) => midi)
      const [low, high] = [Math.min(...played) - EVERY, Math.max(...played) + EVERY]
      const notes = Array.from({ length: 15 }, (_, at) => LOWEST + EVERY * at)
        // a note is made of the nearest sample: those farther off are not heard
        .filter((midi) => midi > low && midi < high)
        .map((midi) => ({ midi, samples: sound(midi) as Float32Array<ArrayBuffer> }))
      const click = (hertz: number) => woodClick(hertz, sampleRate) as Float32Array<ArrayBuffer>
      const clicks = { bar: click(1900), beat: click(1250), between: click(820) }
      const instrument = makeInstrument({ notes, clicks, decibels })
      if (recorded) instrument.dress(await sampledVoice(recorded))
      const player = new Player(instrument, { step: () => {}, ended: () => {} })
      const even = { silence, balance: { right: 1, left: 1, ...balance } }
      player.start(study, { practice, hands, metronome, countIn, dips, ...even }, 0)
    },
    seconds,
    1,
    rate ?? 22_050,
  )
  const bytes = new Uint8Array((buffer.toArray(0) as Float32Array).buffer)
  const text = Array.from({ length: Math.ceil(bytes.length / CHUNK) }, (_, at) =>
    String.fromCharCode(...bytes.subarray(at * CHUNK, (at + 1) * CHUNK)),
  )
  // as text: a list of numbers takes seconds on its way out of the browser
  return { sampleRate: buffer.sampleRate, base64: btoa(text.join('')) }
}

Object.assign(globalThis, { render })
