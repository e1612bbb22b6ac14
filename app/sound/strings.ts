/**
 * The sound of a struck string, worked out from its partials: no recording is shipped or fetched. Figures of common
 * practice in additive synthesis: partials of a stiff string lie a little wide of the harmonic series, high ones die
 * sooner, a hammer at an eighth of the string leaves every eighth partial out, two strings a hair apart beat slowly.
 */
const STIFFNESS = { low: 0.00012, high: 0.0009 }
const HAMMER = 8
const MOST_PARTIALS = 24
const DETUNE_CENTS = 0.9
const ATTACK_SECONDS = 0.003
/** Lifetimes after which a partial has died: e to the minus ninth. */
const INAUDIBLE = 9

const frequencyOf = (midi: number): number => 440 * 2 ** ((midi - 69) / 12)

interface Partial {
  readonly frequency: number
  readonly level: number
  /** Seconds until it has lost two thirds of itself. */
  readonly lasts: number
}

function partialsOf(midi: number, sampleRate: number): Partial[] {
  const base = frequencyOf(midi)
  const height = Math.min(1, Math.max(0, (midi - 21) / 87))
  const stiffness = STIFFNESS.low + (STIFFNESS.high - STIFFNESS.low) * height ** 2
  const partials: Partial[] = []
  for (let n = 1; n <= MOST_PARTIALS; n++) {
    const frequency = base * n * Math.sqrt(1 + stiffness * n * n)
    if (frequency > sampleRate * 0.42) break
    const brightness = n ** -(1.1 + 0.5 * height)
    const struck = Math.abs(Math.sin((Math.PI * n) / HAMMER)) + 0.05
    partials.push({ frequency, level: brightness * struck, lasts: (2.6 - 2.1 * height) / (1 + 0.22 * (n - 1)) })
  }
  return partials
}

/** Adds a decaying sine by recurrence: two multiplications a sample, no sine in the loop. */
function addSine(out: Float32Array, { frequency, level, lasts }: Partial, sampleRate: number): void {
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
function finished(out: Float32Array, sampleRate: number, loudest: number): Float32Array {
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

/**
 * One struck note.
 * @returns samples from -1 to 1, mono
 */
export function stringNote(midi: number, sampleRate: number, seconds: number): Float32Array {
  const out = new Float32Array(Math.round(seconds * sampleRate))
  const apart = 2 ** (DETUNE_CENTS / 1200)
  for (const partial of partialsOf(midi, sampleRate)) {
    addSine(out, partial, sampleRate)
    addSine(out, { ...partial, frequency: partial.frequency * apart, level: partial.level * 0.7 }, sampleRate)
  }
  return finished(out, sampleRate, 0.8)
}

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
