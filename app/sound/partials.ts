const ATTACK_SECONDS = 0.003
/** Lifetimes after which a partial has died: e to the minus ninth. */
const INAUDIBLE = 9

export const frequencyOf = (midi: number): number => 440 * 2 ** ((midi - 69) / 12)

/** A decaying sine: what every sound here is made of. */
export interface Partial {
  readonly frequency: number
  readonly level: number
  /** Seconds until it has lost two thirds of itself. */
  readonly lasts: number
}

/** Adds a decaying sine by recurrence: two multiplications a sample, no sine in the loop. */
export function addSine(out: Float32Array, { frequency, level, lasts }: Partial, sampleRate: number): void {
  const turn = (2 * Math.PI * frequency) / sampleRate
  const decay = Math.exp(-1 / (lasts * sampleRate))
  const [twice, squared] = [2 * Math.cos(turn) * decay, decay * decay]
  let [before, now] = [0, Math.sin(turn) * level * decay]
  const end = Math.min(out.length, Math.ceil(INAUDIBLE * lasts * sampleRate))
  for (let at = 1; at < end; at++) {
    out[at]! += now
    const next = twice * now - squared * before
    before = now
    now = next
  }
}

/** Brings the loudest sample to a level, and the ends to silence. */
export function finished(out: Float32Array, sampleRate: number, loudest: number): Float32Array {
  let peak = 0
  for (const sample of out) peak = Math.max(peak, Math.abs(sample))
  const attack = Math.round(ATTACK_SECONDS * sampleRate)
  const fade = Math.min(out.length, Math.round(0.05 * sampleRate))
  for (let at = 0; at < out.length; at++) {
    const opens = Math.min(1, at / attack)
    const closes = Math.min(1, (out.length - 1 - at) / fade)
    out[at]! *= (loudest / (peak || 1)) * opens * closes
  }
  return out
}
