/**
 * Fingering: fingers on keys. A school is data (weights, reaches, habits); the octave is solved as a ring, then the
 * line after it, around the teacher's pins; every choice is explained by the charges that decided it.
 */
export { type Alternative, USUAL_ALTERNATIVES } from './alternatives'
export { type Asked, type Fingering, fingerLine } from './finger'
export { type Hold } from './chords'
export {
  type FingeringErrors,
  type FingeringMessages,
  type PinnedLine,
  refuseFingering,
  tellFingering,
} from './messages'
export { type Reason } from './reasons'
export { noteParam } from './words'
export { type Crossing } from './places'
export { runOf, runProblem, solveRun } from './run'
export { BEYOND, FINGERS, type School, type Spans, type Term, TERMS } from './school'
export { ALL_SCHOOLS, CONSERVATORY, HAND_SCALE, type Manner, mannerFor, SCHOOL_LIST, schoolOf } from './schools'
export { checkedPin, type DegreePin, type GripPin, type NotePin, type Pin } from './pin'
export {
  type Chromatic,
  CHROMATICS,
  completeFingering,
  type FingeringSettings,
  type FingerRecipe,
  FIRST_FINGERS,
  type FirstFinger,
  HAND_SIZES,
  type HandSize,
  LEFT_ARPEGGIOS,
  type LeftArpeggio,
  type SchoolId,
  SCHOOLS,
} from './settings'
