import { Gain, getContext, type InputNode, Limiter, Sampler, ToneAudioBuffer, type Unit } from 'tone'
import type { Click } from '#core/playback'
import type { Hand } from '#core/study'
import type { Note, Samples } from '~/workers/sound.worker'
import type { SampledVoice } from './sampled'

/** Two hands of one instrument and a metronome, each with its own loudness. */
export interface Instrument {
  /** @param seconds how long the key is held @param time when, on the audio clock */
  strike(hand: Hand, note: { midi: number; strength: number }, seconds: number, time: number): void
  click(weight: Click['weight'], time: number): void
  /** Whether a hand is heard; what is muted goes on in silence. */
  hear(hand: Hand, heard: boolean): void
  /** How much of a hand's loudness is left, 0 to 1. */
  balance(hand: Hand, share: number): void
  /** More notes, as they are worked out; left aside where recorded ones are there already. */
  add(notes: readonly Note[]): void
  /** From now on notes sound as they were recorded. */
  dress(voice: SampledVoice): void
  /** Lets everything go at once. */
  silence(): void
  dispose(): void
}

const RELEASE_SECONDS = 0.18
const MUTE_SECONDS = 0.03
/** A note of the voice that was heard first is over by then. */
const LAST_NOTE_MILLISECONDS = 10_000
const LEVELS = { hand: 0.85, clicks: 0.5 } as const
/** Keys of the click sampler; they name its sounds and are never bent. */
const CLICK_KEYS = { bar: 84, beat: 72, between: 60 } as const
const CLICK_STRENGTH = { bar: 1, beat: 0.8, between: 0.45 } as const

const bufferOf = (samples: Float32Array<ArrayBuffer>): ToneAudioBuffer => {
  const raw = getContext().createBuffer(1, samples.length, getContext().sampleRate)
  raw.copyToChannel(samples, 0)
  return new ToneAudioBuffer(raw)
}

/** Samplers for the strengths that notes are played with, softest first. */
interface Strengths {
  readonly upTo: number
  readonly sampler: Sampler
}

const hertz = (midi: number): number => 440 * 2 ** ((midi - 69) / 12)

/** One hand: what it strikes, how loud it is, and whether it is heard. */
class HandSound {
  private readonly gain: Gain
  private strengths: readonly Strengths[]
  private readonly first: Sampler
  private share = 1
  private heard = true

  constructor(buffers: Readonly<Record<number, ToneAudioBuffer>>, volume: number, out: InputNode) {
    this.gain = new Gain(LEVELS.hand).connect(out)
    this.first = new Sampler(buffers, { release: RELEASE_SECONDS, volume }).connect(this.gain)
    this.strengths = [{ upTo: 1, sampler: this.first }]
  }

  strike(midi: number, strength: number, seconds: number, time: number): void {
    const { sampler } = this.strengths.find(({ upTo }) => strength <= upTo) ?? this.strengths.at(-1)!
    sampler.triggerAttackRelease(hertz(midi), seconds, time, strength)
  }

  level(heard: boolean, share: number): void {
    ;[this.heard, this.share] = [heard, share]
    this.gain.gain.rampTo(heard ? LEVELS.hand * share : 0, MUTE_SECONDS)
  }
  hear = (heard: boolean): void => this.level(heard, this.share)
  balance = (share: number): void => this.level(this.heard, share)

  add(notes: readonly Note[]): void {
    if (this.strengths[0]?.sampler !== this.first) return
    for (const { midi, samples } of notes) this.first.add(midi as Unit.MidiNote, bufferOf(samples))
  }

  dress({ layers, release, decibels }: SampledVoice): void {
    const before = this.strengths
    this.strengths = layers.map(({ upTo, notes }) => {
      const sampler = new Sampler(notes, { release, volume: decibels }).connect(this.gain)
      return { upTo, sampler }
    })
    // what sounds dies in its own time
    setTimeout(() => before.forEach(({ sampler }) => sampler.dispose()), LAST_NOTE_MILLISECONDS)
  }

  silence(): void {
    for (const { sampler } of this.strengths) sampler.releaseAll()
  }

  dispose(): void {
    for (const { sampler } of this.strengths) sampler.dispose()
    this.gain.dispose()
  }
}

/** Builds the instrument in the current audio context. */
export function makeInstrument({ notes, clicks, decibels }: Samples): Instrument {
  const out = new Limiter(-2).toDestination()
  const buffers = Object.fromEntries(notes.map(({ midi, samples }) => [midi, bufferOf(samples)]))
  const hands = { right: new HandSound(buffers, decibels, out), left: new HandSound(buffers, decibels, out) }
  const clickGain = new Gain(LEVELS.clicks).connect(out)
  const weights = ['bar', 'beat', 'between'] as const
  const wood = new Sampler(Object.fromEntries(weights.map((weight) => [CLICK_KEYS[weight], bufferOf(clicks[weight])])))
  wood.connect(clickGain)
  return {
    strike: (hand, { midi, strength }, seconds, time) => hands[hand].strike(midi, strength, seconds, time),
    click: (weight, time) =>
      void wood.triggerAttackRelease(hertz(CLICK_KEYS[weight]), 0.08, time, CLICK_STRENGTH[weight]),
    hear: (hand, heard) => hands[hand].hear(heard),
    balance: (hand, share) => hands[hand].balance(share),
    add: (more) => {
      for (const hand of [hands.right, hands.left]) hand.add(more)
    },
    dress: (voice) => {
      for (const hand of [hands.right, hands.left]) hand.dress(voice)
    },
    silence: () => {
      for (const hand of [hands.right, hands.left]) hand.silence()
      wood.releaseAll()
    },
    dispose: () => {
      for (const hand of [hands.right, hands.left]) hand.dispose()
      wood.dispose()
      clickGain.dispose()
      out.dispose()
    },
  }
}
