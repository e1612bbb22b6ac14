import { frequencyOf } from '~/sound/partials'
import type { Voices } from '~/sound/voices'

/**
 * The sound of a free reed, worked out from its partials: no recording is shipped or fetched. Figures of common practice
 * in additive synthesis: a full harmonic series that falls slowly, two reeds a few cents apart that beat, an onset as slow
 * as the tongue is heavy, and a tone that lasts as long as the air does.
 */
const MAX_PARTIALS = 22
const APART_CENTS = 4
const ONSET = { low: 0.055, high: 0.018 }
const LOUDEST = 0.62
const RELEASE_SECONDS = 0.06

const levelOf = (n: number, height: number): number => n ** -(0.95 + 0.55 * height) * (n % 2 === 0 ? 0.82 : 1)

function addReed(out: Float32Array, base: number, height: number, sampleRate: number, loud: number): void {
  for (let n = 1; n <= MAX_PARTIALS; n++) {
    const frequency = base * n
    if (frequency > sampleRate * 0.42) break
    const turn = (2 * Math.PI * frequency) / sampleRate
    const level = loud * levelOf(n, height)
    const twice = 2 * Math.cos(turn)
    let [before, now] = [0, Math.sin(turn) * level]
    for (let at = 1; at < out.length; at++) {
      out[at]! += now
      ;[before, now] = [now, twice * now - before]
    }
  }
}

/**
 * One reed note, steady to its end.
 * @returns samples from -1 to 1, mono
 */
function reedNote(midi: number, sampleRate: number, seconds: number): Float32Array {
  const out = new Float32Array(Math.round(seconds * sampleRate))
  const height = Math.min(1, Math.max(0, (midi - 28) / 75))
  const base = frequencyOf(midi)
  addReed(out, base, height, sampleRate, 1)
  addReed(out, base * 2 ** (APART_CENTS / 1200), height, sampleRate, 0.6)
  const onset = (ONSET.low + (ONSET.high - ONSET.low) * height) * sampleRate
  const release = RELEASE_SECONDS * sampleRate
  const peak = out.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0) || 1
  for (let at = 0; at < out.length; at++) {
    const opens = Math.min(1, at / onset)
    const closes = Math.min(1, (out.length - 1 - at) / release)
    out[at]! *= (LOUDEST / peak) * opens * opens * (3 - 2 * opens) * closes
  }
  return out
}

/** What sounds, by make. */
export const makes: Voices = { accordion: { note: reedNote, seconds: 8, every: 6, decibels: -5.4 } }
