/**
 * Call: a line as a teacher would call it across the room, read into recipes and written from them. Words in any
 * sensible order, in English, with German letters, fixed-do names and the usual abbreviations; the cheapest row of
 * phrases wins. The handbook holds the grammar.
 */
export { echoOf } from './echo'
export { type Instead, insteadOf } from './instead'
export type { Part } from './part'
export type { CallMessages } from './messages'
export { type Completion, completionsOf } from './completions'
export { ON_USUAL } from './called'
export type { Setting } from './gather'
export { type Called, MAX_CALLED, parseCall } from './parse'
export type { Understood } from './read'
export type { ListContext } from './requiredEntry'
export { keysWritten } from './lineWritten'
export { motifWritten } from './motifCalled'
export { playedMotif, type Struck } from './motifPlayed'
export { type TypedMotif, typedKeys, typedMotif } from './motifTyped'
export type { SpokenDay } from './part'
export { parsePlayed, type PlayedLine } from './recordLine'
export { parseRequirement } from './requirement'
export { writeCall } from './write'
