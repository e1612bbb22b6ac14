import { PLAIN_RING } from '../../sticking'

/** A recipe that was stored whole before there were pedals and dead strokes: bars ring as they did. */
export const withRing = <R extends object>(recipe: R): R =>
  'mallets' in recipe && 'bars' in recipe && !('ring' in recipe) ? { ...recipe, ring: PLAIN_RING } : recipe
