import type { MalletFamily } from '#core/surface'
import { addSine, finished, frequencyOf } from '~/sound/partials'
import type { Voices } from '~/sound/voices'

/** How a bar of an instrument sounds. */
interface Timbre {
  /** Partials over the fundamental, each with its level and its share of the fundamental's life. */
  readonly partials: readonly (readonly [ratio: number, level: number, life: number])[]
  /** Seconds until a bar on C3 and on C8 has lost two thirds of itself. */
  readonly lasts: readonly [low: number, high: number]
  /** Measured: what makes them as loud as the other instruments. */
  readonly decibels: number
}

/**
 * Bars are tuned by what is cut from beneath them: marimba and vibraphone so that the second partial is four times the
 * first, xylophone three times; a plain bar has 2.76 and 5.4 (facts of acoustics, from memory). Levels and lives are by ear.
 */
const TIMBRES: Record<MalletFamily, Timbre> = {
  marimba: {
    partials: [
      [1, 1, 1],
      [4, 0.22, 0.3],
      [9.8, 0.07, 0.12],
    ],
    lasts: [0.55, 0.09],
    decibels: -1.3,
  },
  vibraphone: {
    partials: [
      [1, 1, 1],
      [4, 0.16, 0.5],
      [10, 0.04, 0.2],
    ],
    lasts: [2.4, 0.8],
    decibels: -7.3,
  },
  xylophone: {
    partials: [
      [1, 0.8, 1],
      [3, 0.5, 0.6],
      [6, 0.22, 0.35],
    ],
    lasts: [0.28, 0.07],
    decibels: -0.2,
  },
  glockenspiel: {
    partials: [
      [1, 1, 1],
      [2.76, 0.32, 0.6],
      [5.4, 0.16, 0.4],
    ],
    lasts: [2.2, 0.9],
    decibels: -6.4,
  },
}
const [LOW, HIGH] = [48, 108]

/**
 * One struck bar.
 * @param midi sounding pitch
 * @returns samples from -1 to 1, mono
 */
function barNote(family: MalletFamily, midi: number, sampleRate: number, seconds: number): Float32Array {
  const out = new Float32Array(Math.round(seconds * sampleRate))
  const { partials, lasts } = TIMBRES[family]
  const height = Math.min(1, Math.max(0, (midi - LOW) / (HIGH - LOW)))
  const life = lasts[0] * (lasts[1] / lasts[0]) ** height
  for (const [ratio, level, share] of partials) {
    const frequency = frequencyOf(midi) * ratio
    if (frequency < sampleRate * 0.42) addSine(out, { frequency, level, lasts: life * share }, sampleRate)
  }
  return finished(out, sampleRate, 0.8)
}

/** What sounds, by make. */
export const makes: Voices = Object.fromEntries(
  (Object.keys(TIMBRES) as MalletFamily[]).map((family) => [
    family,
    {
      note: (midi: number, sampleRate: number, seconds: number) => barNote(family, midi, sampleRate, seconds),
      seconds: 3,
      every: 4,
      decibels: TIMBRES[family].decibels,
    },
  ]),
)
