/** A filter of the second order: its next output for an input. */
function biquad(b: readonly [number, number, number], a: readonly [number, number]): (input: number) => number {
  let [x1, x2, y1, y2] = [0, 0, 0, 0]
  return (x) => {
    const y = b[0] * x + b[1] * x1 + b[2] * x2 - a[0] * y1 - a[1] * y2
    ;[x2, x1, y2, y1] = [x1, x, y1, y]
    return y
  }
}
const BLOCK = 19_200
const STEP = BLOCK / 4
const power = (mean: number): number => -0.691 + 10 * Math.log10(mean)

/**
 * Integrated loudness of one channel at 48 kHz in LUFS: ITU-R BS.1770-4 (2015), K-weighting by the coefficients of its
 * tables 1 and 2, blocks of 400 ms that overlap by three quarters, gates at -70 LUFS and 10 LU under what is left.
 */
export function integrated(samples: readonly number[]): number {
  const [shelf, highPass] = [
    biquad([1.53512485958697, -2.69169618940638, 1.19839281085285], [-1.69065929318241, 0.73248077421585]),
    biquad([1, -2, 1], [-1.99004745483398, 0.99007225036621]),
  ]
  const squares = samples.map((sample) => highPass(shelf(sample)) ** 2)
  const blocks: number[] = []
  for (let from = 0; from + BLOCK <= squares.length; from += STEP)
    blocks.push(squares.slice(from, from + BLOCK).reduce((sum, each) => sum + each, 0) / BLOCK)
  const mean = (some: readonly number[]): number => some.reduce((sum, each) => sum + each, 0) / Math.max(1, some.length)
  const heard = blocks.filter((block) => power(block) > -70)
  const gate = power(mean(heard)) - 10
  return power(mean(heard.filter((block) => power(block) > gate)))
}
