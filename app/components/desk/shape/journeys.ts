import { type Journey, JOURNEY_ROWS, JOURNEYS, type KeyStep, type LegWay } from '#core/study'

/** The name of a journey that has one. */
export const namedJourney = (by: KeyStep, way: LegWay): Journey | undefined =>
  JOURNEYS.find((name) => JOURNEY_ROWS[name].course?.by === by && JOURNEY_ROWS[name].course?.legs === way)
