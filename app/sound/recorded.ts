/** Quieter than this share of its loudest is before the beginning. */
const BEGINS = 0.04
const FADE_IN_SECONDS = 0.0005
const CROSSFADE_SECONDS = 0.15

/** A recorded note from its very beginning: what is quiet before it is left out. */
export function trimmed(samples: Float32Array, rate: number): Float32Array<ArrayBuffer> {
  const loudest = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0)
  const begin = Math.max(
    0,
    samples.findIndex((sample) => Math.abs(sample) > BEGINS * loudest),
  )
  const fade = Math.round(FADE_IN_SECONDS * rate)
  return new Float32Array(samples.subarray(begin)).map((sample, at) => sample * Math.min(1, (at + 1) / fade))
}

/**
 * A note that goes on: a part of it comes again and again, each time faded into the next at equal power.
 * @param part seconds from and to
 * @param seconds how long the whole lasts
 */
export function heldOn(
  samples: Float32Array,
  rate: number,
  [from, to]: readonly [number, number],
  seconds: number,
): Float32Array<ArrayBuffer> {
  const out = new Float32Array(Math.round(seconds * rate))
  const [begin, end] = [Math.round(from * rate), Math.min(samples.length, Math.round(to * rate))]
  const fade = Math.min(Math.round(CROSSFADE_SECONDS * rate), Math.floor((end - begin) / 2))
  out.set(samples.subarray(0, Math.min(end, out.length)))
  for (let at = end - fade; at < out.length - fade; at += end - begin - fade) {
    for (let into = 0; into < end - begin && at + into < out.length; into++) {
      const sample = samples[begin + into]!
      const share = Math.min(1, into / fade)
      out[at + into] = into < fade ? out[at + into]! * Math.sqrt(1 - share) + sample * Math.sqrt(share) : sample
    }
  }
  return out
}
