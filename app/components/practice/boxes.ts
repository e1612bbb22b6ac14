import type { Box, WeekLine } from '#core/lesson'
import { dateOf, type Outcome } from '#core/practice'

/** What a pressed box says of its line on its day: the entry that it was is corrected, or withdrawn where it is empty again. */
export const boxEntry = (line: WeekLine, { day, entry }: Box, next: Outcome | null) => ({
  ...{ kind: 'home' as const, by: 'pupil' as const, date: dateOf(day), tempo: line.reach },
  ...{ hands: line.hands, octaves: line.octaves, outcome: next ?? ('right' as const), minutes: line.minutes },
  ...(line.stage && line.stage !== 'cold' ? { stage: line.stage } : {}),
  ...(entry ? { corrects: entry } : {}),
  ...(next ? {} : { withdrawn: true }),
})
