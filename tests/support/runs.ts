import fc from 'fast-check'

/** How often a property is tried, in hundredths of what its test asks: fewer by day, more at night. */
const HUNDREDTHS = Number(process.env.TACTUM_RUNS ?? 8)

/** So many runs of a property. */
export const runs = (input: number): number => Math.max(1, Math.round((input * HUNDREDTHS) / 100))

fc.configureGlobal({ numRuns: runs(100) })
