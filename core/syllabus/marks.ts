import { syllabusError } from './messages'
import type { Band, Marking } from './model'

/** Marks of one item, criterion by criterion; null while it is not marked. */
export type ItemMarks = readonly (number | null)[]

interface Result {
  /** Out of the board's total, to a whole mark; null while an item is not marked. */
  readonly mark: number | null
  readonly total: number
  readonly band: string | null
}

/** The band that a mark falls into. */
const bandOf = ({ bands }: Marking, mark: number): Band | null =>
  [...bands].sort((a, b) => b.least - a.least).find((band) => mark >= band.least) ?? null

/**
 * The whole from its items, each weighing the same; half a mark counts up.
 * @throws DomainError `marks.range` naming the item
 */
export function resultOf(marking: Marking, items: readonly ItemMarks[]): Result {
  const { total, criteria } = marking
  const possible = items.length * criteria.reduce((sum, each) => sum + each.most, 0)
  let sum = 0
  let open = items.length === 0
  items.forEach((marks, item) =>
    criteria.forEach(({ title, most }, at) => {
      const mark = marks[at] ?? null
      if (mark === null) open = true
      else if (!Number.isInteger(mark) || mark < 0 || mark > most) {
        throw syllabusError('marks.range', { criterion: title, most }, `items[${item}].marks[${at}]`)
      } else sum += mark
    }),
  )
  if (open) return { mark: null, total, band: null }
  const mark = Math.round((sum * total) / possible)
  return { mark, total, band: bandOf(marking, mark)?.title ?? null }
}
