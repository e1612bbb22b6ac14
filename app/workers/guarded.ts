import { type ErrorData as Fault, DomainError } from '#core/message'

/** What some work gives, or why it gives nothing: errors do not cross a worker's border whole, so they go as data. */
export const guarded = <T extends object>(work: () => T): T | { fault: Fault } => {
  try {
    return work()
  } catch (error) {
    if (error instanceof DomainError) return { fault: error.toData() }
    throw error
  }
}
