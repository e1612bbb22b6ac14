import type { Message } from '../message'
import { type Figure, isDegreePin, PLAIN_SEQUENCE, patternNamed } from '../study'
import { familyOf, INSTRUMENT_IDS } from './find'
import { instrumentMessage } from './messages'
import type { RecipeInput } from './recipe'

/** A recipe as it was written before lines had motifs and links, brought up to what it means now. */
interface BroughtUp<R> {
  readonly recipe: R
  /** Hands whose notes are others now: what was accepted of their fingers stands no more. */
  readonly anew: 'all' | readonly string[]
  /** What is told of it; null where it means what it meant. */
  readonly told: Message | null
}

/** Intervals that every degree has for itself now; before, two degrees shared them. */
const MIXED: readonly Figure[] = ['fourth-then-second', 'fifth-then-third', 'seventh-then-sixth']
/** Fields that every pattern had which the program wrote, whole as it was. */
const WHOLE = ['figure', 'walk', 'journey', 'accompaniment'] as const

type Written = Readonly<Record<string, unknown>>

/** Whether a pattern was written whole by a program that knew no links. */
const isOlder = (pattern: unknown): pattern is Written =>
  typeof pattern === 'object' && pattern !== null && WHOLE.every((field) => field in pattern) && !('link' in pattern)

/** How a chain of modes was led on before: from the note under its tonic, where it went up and down. */
const linkBefore = ({ journey }: Written, course: unknown): string =>
  journey === 'mode-chain' && course === 'up-down' ? 'below' : 'none'

/** With fields that its family got later; one for an instrument that nobody knows is left to whoever checks it. */
function ofItsFamily<R extends object>(recipe: R): R {
  const { instrument } = recipe as { instrument?: unknown }
  const known = INSTRUMENT_IDS.find((id) => id === instrument)
  return known ? familyOf({ instrument: known }).broughtUp(recipe) : recipe
}

/** With fields that every recipe got later, where it was written whole. */
const withClefs = <R extends object>(recipe: R): R =>
  'format' in recipe && 'signature' in recipe && !('clefs' in recipe) ? { ...recipe, clefs: 'changing' } : recipe

/**
 * A stored recipe as it is written today. It means what it meant, but for the intervals that are mended, and a held
 * tonic, which rings through. What the program did not write itself is left as it is.
 */
export function broughtUp<R extends object>(stored: R): BroughtUp<R> {
  const recipe = withClefs(ofItsFamily(stored))
  const { pattern, course, pins } = recipe as Partial<RecipeInput> & { pattern?: unknown }
  if (!isOlder(pattern)) return { recipe, anew: [], told: null }
  const mixed = MIXED.find((figure) => figure === pattern.figure)
  const anew = mixed ? ('all' as const) : pattern.accompaniment === 'held-tonic' ? ['left'] : []
  const stands = (pin: object): boolean =>
    isDegreePin(pin as never) || !(anew === 'all' || anew.includes((pin as { hand?: string }).hand ?? ''))
  const whole = { ...pattern, motif: null, sequence: PLAIN_SEQUENCE, link: linkBefore(pattern, course) }
  return {
    recipe: { ...recipe, pattern: whole, ...(pins ? { pins: pins.filter(stands) } : {}) },
    anew,
    told: mixed ? instrumentMessage('practised', { figure: patternNamed(mixed) }) : null,
  }
}
