import { it } from 'vitest'

/** Whether this is the long run, which leaves nothing out. */
export const NIGHT = process.env.TACTUM_NIGHT === '1'

/** By day some of many, evenly spread from a place of their own, so that all of them are seen over the tests; at night all. */
export const someOf = <T>(all: readonly T[], byDay: number, place = 0): readonly T[] => {
  const stride = Math.max(1, Math.round(all.length / byDay))
  return NIGHT ? all : all.filter((_, at) => at % stride === place % stride)
}

/** Errands over ground that others cover by day as well: tried by `npm run nightly`. */
export const atNight = NIGHT ? it : it.skip
