import { addSine, finished, frequencyOf, type Partial } from '~/sound/partials'
import type { Voices } from '~/sound/voices'

/**
 * The sound of a struck string, worked out from its partials: no recording is shipped or fetched. Figures of common
 * practice in additive synthesis: partials of a stiff string lie a little wide of the harmonic series, high ones die
 * sooner, a hammer at an eighth of the string leaves every eighth partial out, two strings a hair apart beat slowly.
 */
const STIFFNESS = { low: 0.00012, high: 0.0009 }
const HAMMER = 8
const MAX_PARTIALS = 24
const DETUNE_CENTS = 0.9

function partialsOf(midi: number, sampleRate: number): Partial[] {
  const base = frequencyOf(midi)
  const height = Math.min(1, Math.max(0, (midi - 21) / 87))
  const stiffness = STIFFNESS.low + (STIFFNESS.high - STIFFNESS.low) * height ** 2
  const partials: Partial[] = []
  for (let n = 1; n <= MAX_PARTIALS; n++) {
    const frequency = base * n * Math.sqrt(1 + stiffness * n * n)
    if (frequency > sampleRate * 0.42) break
    const brightness = n ** -(1.1 + 0.5 * height)
    const struck = Math.abs(Math.sin((Math.PI * n) / HAMMER)) + 0.05
    partials.push({ frequency, level: brightness * struck, lasts: (2.6 - 2.1 * height) / (1 + 0.22 * (n - 1)) })
  }
  return partials
}

/**
 * One struck note.
 * @returns samples from -1 to 1, mono
 */
function stringNote(midi: number, sampleRate: number, seconds: number): Float32Array {
  const out = new Float32Array(Math.round(seconds * sampleRate))
  const apart = 2 ** (DETUNE_CENTS / 1200)
  for (const partial of partialsOf(midi, sampleRate)) {
    addSine(out, partial, sampleRate)
    addSine(out, { ...partial, frequency: partial.frequency * apart, level: partial.level * 0.7 }, sampleRate)
  }
  return finished(out, sampleRate, 0.8)
}

/** What sounds, by make. */
export const makes: Voices = { piano: { note: stringNote, seconds: 3, every: 4, decibels: -1.4 } }
