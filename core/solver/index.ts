/**
 * Assign: the solver. Exact least-cost assignment of states to places, straight or round a ring, the k best, and
 * the smallest conflict among pins. It knows neither fingers nor instruments.
 */
export { conflictAmong } from './conflict'
export { costOf, type Problem, type Solution } from './problem'
export { solve } from './solve'
export { Through } from './through'
