import { addSine, finished } from './partials'

/** A wooden click of the metronome; the pitch in Hz says which. */
export function woodClick(frequency: number, sampleRate: number): Float32Array {
  const out = new Float32Array(Math.round(0.08 * sampleRate))
  for (const [ratio, level, lasts] of [
    [1, 1, 0.012],
    [2.7, 0.5, 0.006],
    [5.2, 0.25, 0.003],
  ] as const) {
    addSine(out, { frequency: frequency * ratio, level, lasts }, sampleRate)
  }
  return finished(out, sampleRate, 0.7)
}
