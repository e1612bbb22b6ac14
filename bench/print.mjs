/** A line of the bench: what was measured, what came out, and what it may be. */
export const print = (what, value, budget = '') => console.log(`${what.padEnd(66)} ${value.padStart(12)}   ${budget}`)
export const rounded = (ms) => `${Math.round(ms)} ms`
/** The value at a share of some times, sorted. */
export const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor((times.length - 1) * share)]
export const FLAGS = [
  ...['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
  '--autoplay-policy=no-user-gesture-required',
]
