/**
 * Fingering: fingers on keys. A school is data (weights, reaches, habits); the octave is solved as a ring, then the
 * line after it, around the teacher's pins; every choice is explained by the charges that decided it.
 */
export { type Alternative, fingerLine, type Fingering, pinsForPattern } from './finger'
export { type Reason } from './reasons'
export { type Crossing } from './run'
export { CONSERVATORY, FINGERS, type School, type Term, TERMS } from './school'
