/** The way of a study: up, down, there and back. */
export const COURSES = ['up-down', 'up', 'down', 'down-up'] as const
/** What every note of the walk becomes. */
export const FIGURES = [
  'straight',
  'groups-of-three',
  'groups-of-four',
  'broken-seconds',
  'broken-thirds',
  'broken-fourths',
  'broken-fifths',
  'broken-sixths',
  'broken-sevenths',
  'fourth-then-second',
  'fifth-then-third',
  'seventh-then-sixth',
  'broken-triads',
  'broken-seventh-chords',
] as const
/** The way of the root through the octaves. */
export const WALKS = [
  'straight',
  'loops',
  'straight-then-loops',
  'crossing-loops',
  'add-a-note',
  'five-finger-first',
] as const
/** The way through the keys. */
export const JOURNEYS = ['one-key', 'relay-half-step', 'relay-fourth', 'mode-chain', 'one-fewer'] as const
/** From one key to the next. */
export const KEY_STEP_IDS = [
  'half-step',
  'whole-step',
  'minor-third',
  'fourth',
  'fifth',
  'mode',
  'one-fewer',
  'relative',
  'parallel',
] as const
/** Each key the whole course, or one leg of it: one up, the next down. */
export const LEG_WAYS = ['each', 'alternate'] as const
/** What leads from one key to the next. */
export const LINKS = ['none', 'above', 'below', 'common', 'step', 'chord-tone'] as const
/** What one hand does while the other plays. */
export const ACCOMPANIMENTS = [
  'none',
  'held-tonic',
  'held-fifth',
  'held-shell',
  'scale-in-bass',
  'by-turns',
  'handed-over',
] as const

export type Course = (typeof COURSES)[number]
export type Figure = (typeof FIGURES)[number]
export type Walk = (typeof WALKS)[number]
export type JourneyName = (typeof JOURNEYS)[number]
export type KeyStep = (typeof KEY_STEP_IDS)[number]
export type LegWay = (typeof LEG_WAYS)[number]
export type LinkId = (typeof LINKS)[number]
export type Accompaniment = (typeof ACCOMPANIMENTS)[number]
