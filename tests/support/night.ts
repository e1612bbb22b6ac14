import { it } from 'vitest'

/** Whether this is the long run, which leaves nothing out. */
export const NIGHT = process.env.TACTUM_NIGHT === '1'

/** Errands over ground that others cover by day as well: tried by `npm run nightly`. */
export const atNight = NIGHT ? it : it.skip
