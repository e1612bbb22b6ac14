/** Lots: choices by chance that can be made again. The same seed makes the same ones. */
export { seeded, some } from './random'
