import { Gain, getContext, Limiter, Sampler, ToneAudioBuffer } from 'tone'
import type { Click } from '#core/playback'
import type { Hand } from '#core/study'
import type { Samples } from '~/workers/sound.worker'

/** Two hands of one instrument and a metronome, each with its own loudness. */
export interface Instrument {
  /** @param seconds how long the key is held @param time when, on the audio clock */
  strike(hand: Hand, note: { midi: number; strength: number }, seconds: number, time: number): void
  click(weight: Click['weight'], time: number): void
  /** Whether a hand is heard; what is muted goes on in silence. */
  hear(hand: Hand, heard: boolean): void
  /** Lets everything go at once. */
  silence(): void
  dispose(): void
}

const RELEASE_SECONDS = 0.18
const MUTE_SECONDS = 0.03
const LEVELS = { hand: 0.55, clicks: 0.5 } as const
/** Keys of the click sampler; they name its sounds and are never bent. */
const CLICK_KEYS = { bar: 84, beat: 72, between: 60 } as const
const CLICK_STRENGTH = { bar: 1, beat: 0.8, between: 0.45 } as const

const bufferOf = (samples: Float32Array<ArrayBuffer>): ToneAudioBuffer => {
  const raw = getContext().createBuffer(1, samples.length, getContext().sampleRate)
  raw.copyToChannel(samples, 0)
  return new ToneAudioBuffer(raw)
}

/** Builds the instrument in the current audio context. */
export function makeInstrument({ notes, clicks }: Samples): Instrument {
  const out = new Limiter(-2).toDestination()
  const buffers = Object.fromEntries(notes.map(({ midi, samples }) => [midi, bufferOf(samples)]))
  const handOf = () => {
    const gain = new Gain(LEVELS.hand).connect(out)
    const sampler = new Sampler(buffers, { release: RELEASE_SECONDS }).connect(gain)
    return { gain, sampler }
  }
  const hands = { right: handOf(), left: handOf() }
  const clickGain = new Gain(LEVELS.clicks).connect(out)
  const weights = ['bar', 'beat', 'between'] as const
  const wood = new Sampler(Object.fromEntries(weights.map((weight) => [CLICK_KEYS[weight], bufferOf(clicks[weight])])))
  wood.connect(clickGain)
  const hertz = (midi: number): number => 440 * 2 ** ((midi - 69) / 12)
  return {
    strike: (hand, { midi, strength }, seconds, time) =>
      void hands[hand].sampler.triggerAttackRelease(hertz(midi), seconds, time, strength),
    click: (weight, time) =>
      void wood.triggerAttackRelease(hertz(CLICK_KEYS[weight]), 0.08, time, CLICK_STRENGTH[weight]),
    hear: (hand, heard) => void hands[hand].gain.gain.rampTo(heard ? LEVELS.hand : 0, MUTE_SECONDS),
    silence: () => {
      for (const { sampler } of [hands.right, hands.left]) sampler.releaseAll()
      wood.releaseAll()
    },
    dispose: () => {
      for (const { gain, sampler } of [hands.right, hands.left]) {
        sampler.dispose()
        gain.dispose()
      }
      wood.dispose()
      clickGain.dispose()
      out.dispose()
    },
  }
}
