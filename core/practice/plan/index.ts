/** The plan to an exam, day by day: who has a turn, what is begun, heard, worked at, in which order. */
export { planFor } from './planFor'
export type { Pinned, Plan, PlanItem, PlannedDay } from './making'
