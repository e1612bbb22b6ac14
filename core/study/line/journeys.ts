import { kindOf, materialOf, type NamedMaterial } from '../../material'
import { DomainError } from '../../message'
import { noteName, parseNote } from '../../pitch'
import { oneOf, whole } from '../checks'
import { studyError } from '../messages'
import { KEY_STEPS, keyStepsFor } from './keys'
import { JOURNEY_ROWS } from './named/journeys'
import { type JourneyName, JOURNEYS, KEY_STEP_IDS, type KeyStep, LEG_WAYS, type LegWay, type LinkId } from './names'

/** Keys of one's own: a tonic of the same kind, or another kind as well. */
export interface KeyList {
  readonly keys: readonly (string | NamedMaterial)[]
  readonly legs: LegWay
}

/** Keys that follow one another by a rule. */
export interface KeyCourse {
  readonly by: KeyStep
  /** How many keys, the first counted. */
  readonly count: number
  readonly legs: LegWay
}

export type Journey = JourneyName | KeyList | KeyCourse

export const MAX_KEYS = 24

/** What leads from key to key where the recipe names no link. */
export function usualLink(journey: Journey): LinkId {
  const by = wayOf(journey)
  return (by !== null && KEY_STEPS[by].link) || 'none'
}

/** A journey as keys or a rule; null where the study stays in its key. */
export function courseOfKeys(journey: Journey, first: NamedMaterial): KeyList | KeyCourse | null {
  if (typeof journey !== 'string') return journey
  const { course } = JOURNEY_ROWS[journey]
  return course && allKeysBy(course.by, first, course.legs)
}

/** All keys that a way from key to key has, from the first. */
export const allKeysBy = (by: KeyStep, first: NamedMaterial, legs: LegWay): KeyCourse => ({
  ...{ by, legs },
  count: KEY_STEPS[by].most(first),
})

/** The way from key to key that a journey takes; null for one key, or keys of one's own. */
export function wayOf(journey: Journey): KeyStep | null {
  const course = typeof journey === 'string' ? JOURNEY_ROWS[journey].course : journey
  return course && 'by' in course ? course.by : null
}

/** Whether a journey goes where some ways are open; what stays in its key always does. */
export function goes(journey: Journey, open: readonly KeyStep[]): boolean {
  const by = wayOf(journey)
  if (by !== null) return open.includes(by)
  return typeof journey === 'string' || open.length > 0
}

const PATH = 'pattern.journey'

function completeKey(value: unknown, at: number): string | NamedMaterial {
  const path = `${PATH}.keys[${at}]`
  if (typeof value === 'string') return noteName(parseNote(value, path))
  if (typeof value !== 'object' || value === null) {
    throw studyError('field.unknown', { field: path, of: 'key', among: '' }, path)
  }
  const { tonic, kind } = value as { tonic?: unknown; kind?: unknown }
  const named = { tonic: String(tonic), kind: kindOf(String(kind), `${path}.kind`).id as NamedMaterial['kind'] }
  try {
    materialOf(named)
  } catch (error) {
    throw error instanceof DomainError ? error.at(`${path}.tonic`) : error
  }
  return named
}

function stray(value: object, among: readonly string[]): void {
  const field = Object.keys(value).find((each) => !among.includes(each))
  if (field === undefined) return
  throw studyError('field.unknown', { field: `${PATH}.${field}`, of: 'stray', among: '' }, `${PATH}.${field}`)
}

function completeList(value: { keys: unknown; legs?: unknown }): KeyList {
  stray(value, ['keys', 'legs'])
  const { keys, legs } = value
  if (!Array.isArray(keys) || keys.length === 0 || keys.length > MAX_KEYS) {
    throw studyError('field.range', { field: `${PATH}.keys`, of: 'keys', least: 1, most: MAX_KEYS }, `${PATH}.keys`)
  }
  return { keys: keys.map(completeKey), legs: oneOf(legs ?? 'each', LEG_WAYS, `${PATH}.legs`) }
}

/**
 * A journey by its name, by its keys, or by the way from key to key.
 * @param first where it sets out: it says how many keys there are, unless the recipe does
 * @throws DomainError naming the field
 */
export function completeJourney(value: unknown, first: NamedMaterial | null): Journey {
  if (typeof value !== 'object' || value === null) return oneOf(value as JourneyName, JOURNEYS, PATH)
  if ('keys' in value) return completeList(value)
  stray(value, ['by', 'count', 'legs'])
  const { by, count, legs } = value as Partial<Record<keyof KeyCourse, unknown>>
  const step = oneOf(by as KeyStep, KEY_STEP_IDS, `${PATH}.by`)
  return {
    by: step,
    count: completeCount(count, step, first),
    legs: oneOf((legs ?? 'each') as LegWay, LEG_WAYS, `${PATH}.legs`),
  }
}

function completeCount(count: unknown, by: KeyStep, first: NamedMaterial | null): number {
  // a kind that this way does not go with is refused by its own name later
  const can = first !== null && keyStepsFor(kindOf(first.kind)).includes(by)
  const most = can ? KEY_STEPS[by].most(first) : MAX_KEYS
  return whole(count ?? most, 1, MAX_KEYS, `${PATH}.count`)
}
