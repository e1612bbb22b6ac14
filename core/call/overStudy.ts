import type { KindId } from '../material'
import type { Message } from '../message'
import { overWhole, type RecipeInput } from '../instrument'
import { isFree, MOST_OCTAVES } from '../study'
import type { Heard } from './heard'
import { kindsFrom } from './kindsHeard'
import type { Said } from './part'

type Changes = Omit<RecipeInput, 'material'>

/** What a line comes to that is said over a study. */
interface Changed {
  readonly studies: readonly RecipeInput[]
  readonly remarks: readonly Message[]
  readonly problems: readonly Message[]
}

/** Fields that move no note: what is pinned stays pinned. */
const STILL: ReadonlySet<string> = new Set(['tempo', 'articulation', 'pins', 'school', 'handSize', 'firstFinger'])

const octavesMore = (said: readonly Said[]): number =>
  said.reduce((sum, { part }) => sum + (part.is === 'more' ? part.octaves : 0), 0)

/** A study with some of it changed; pins go where notes move. */
function changed(base: RecipeInput, change: Changes, material = base.material): RecipeInput {
  const { pins, ...rest } = base
  const still = material === base.material && Object.keys(change).every((field) => STILL.has(field))
  const all = overWhole(rest as RecipeInput, change)
  return { ...all, material, ...(still && pins && !change.pins ? { pins } : {}) }
}

/** Forms of the study's own key that the line names: of a minor key “melodic” is its melodic form. */
function kindsNamed(
  heard: Heard,
  base: RecipeInput,
): { kinds: readonly KindId[]; problems: readonly Message[] } | null {
  if (isFree(base.material)) return null
  if (heard.common.length === 0 && !heard.three && !heard.two) return null
  const { kinds, problems } = kindsFrom(heard.common, heard)
  return { kinds, problems }
}

/**
 * What a line that names no key makes of the study that it is said over: another form of its key, other hands, an octave
 * more; null where it says nothing that could be changed.
 */
export function overStudy(heard: Heard, said: readonly Said[], change: Changes, base: RecipeInput): Changed | null {
  const more = octavesMore(said)
  const named = kindsNamed(heard, base)
  if (!named && more === 0 && Object.keys(change).length === 0) return null
  const octaves = Math.max(1, Math.min(MOST_OCTAVES, (change.octaves ?? base.octaves ?? 2) + more))
  const all = more === 0 ? change : { ...change, octaves }
  if (!named) return { studies: [changed(base, all)], remarks: [], problems: [] }
  const { tonic } = base.material as { tonic: string }
  const studies = named.kinds.map((kind) => changed(base, all, { tonic, kind }))
  return { studies, remarks: [], problems: named.problems }
}
