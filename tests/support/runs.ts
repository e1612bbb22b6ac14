import fc from 'fast-check'

/** How often a property is tried, in hundredths of what its test asks: more at night. */
const HUNDREDTHS = Number(process.env.TACTUM_RUNS ?? 100)

/** So many runs of a property by day. */
export const runs = (byDay: number): number => Math.max(1, Math.round((byDay * HUNDREDTHS) / 100))

fc.configureGlobal({ numRuns: runs(100) })
