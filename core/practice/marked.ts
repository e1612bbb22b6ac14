import type { ItemMarks, Marking } from '../syllabus'
import type { Outcome } from './memory'

/** Shares of an item's marks from which it was right, and from which it was hesitated (common practice, bands of exams). */
const [RIGHT, HESITATED] = [0.85, 0.6]

/** What an item's marks in a mock exam say of how it went; null while it is not marked. */
export function outcomeOf(marks: ItemMarks, { criteria }: Pick<Marking, 'criteria'>): Outcome | null {
  if (marks.some((mark) => mark === null)) return null
  const most = criteria.reduce((sum, each) => sum + each.most, 0)
  const share = marks.reduce<number>((sum, mark) => sum + mark!, 0) / most
  return share >= RIGHT ? 'right' : share >= HESITATED ? 'hesitated' : 'wrong'
}
