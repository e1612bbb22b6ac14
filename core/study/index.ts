/**
 * Study: from a recipe to notes in time. The recipe and its defaults, the course that each hand takes over its
 * octaves, similar and contrary motion, the compass check, and the written rhythm.
 */
export { checkCompass, compassOf, type Line, type LineNote, linesOf } from './course'
export {
  ARTICULATIONS,
  type Articulation,
  completeRecipe,
  type Course,
  COURSES,
  type Finger,
  FIRST_FINGERS,
  type FirstFinger,
  FORMAT,
  type Hand,
  HANDS,
  type Hands,
  handsOf,
  INSTRUMENTS,
  MOST_OCTAVES,
  type Motion,
  MOTIONS,
  NOTES_PER_BEAT,
  notesPerMinute,
  type Pin,
  type Recipe,
  type RecipeInput,
  type SchoolId,
  SCHOOLS,
  type Tempo,
  TEMPO_RANGE,
  usualOctave,
} from './recipe'
export { type Rhythm, rhythmOf, type Value } from './rhythm'
