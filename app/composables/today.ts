import { format } from 'date-fns'

/** The day that it is where the page is, `2026-11-28`. */
export const localToday = (): string => format(new Date(), 'yyyy-MM-dd')
