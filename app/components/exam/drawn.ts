import type { DrawnItem, Marking } from '#core/syllabus'

/** A mock exam before it is held. */
export interface Drawn {
  readonly items: readonly DrawnItem[]
  readonly marking: Marking
  readonly syllabus: string
  readonly grade: string
}
