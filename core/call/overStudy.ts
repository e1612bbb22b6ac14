import type { KindId, NamedMaterial } from '../material'
import { type Note, noteName } from '../pitch'
import type { Message } from '../message'
import { altered, completeRecipe, type RecipeInput } from '../instrument'
import { titleOf } from '../realise'
import { isFree, MAX_OCTAVES } from '../study'
import { callMessage } from './messages'
import type { Heard } from './heard'
import { kindsFrom } from './kindsHeard'
import type { Meaning } from './part'

type Changes = Omit<RecipeInput, 'material'>

/** What a line comes to that is said over a study. */
interface Changed {
  readonly studies: readonly RecipeInput[]
  readonly remarks: readonly Message[]
  readonly problems: readonly Message[]
}

/** What is changed, so that nobody is surprised. */
const whatChanges = (base: RecipeInput): Message =>
  callMessage('call.changes', { title: titleOf(completeRecipe(base)) })

const octavesMore = (meaning: readonly Meaning[]): number =>
  meaning.reduce((sum, { part }) => sum + (part.is === 'more' ? part.octaves : 0), 0)

/** A study with some of it changed, its material too. */
const changed = (base: RecipeInput, change: Changes, material = base.material): RecipeInput =>
  altered(base, material === base.material ? change : { ...change, material })

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

interface Line {
  readonly heard: Heard
  readonly meaning: readonly Meaning[]
  readonly change: Changes
  readonly base: RecipeInput
}

/** What is changed but the material, octaves that are more or fewer reckoned out. */
function changesOf({ meaning, change, base }: Line): Changes {
  const more = octavesMore(meaning)
  if (more === 0) return change
  return { ...change, octaves: Math.max(1, Math.min(MAX_OCTAVES, (change.octaves ?? base.octaves ?? 2) + more)) }
}

/** A study's own kind in every key. */
function inAllKeys(line: Line, tonicsOf: (kind: KindId) => readonly Note[]): Changed {
  const { kind } = line.base.material as NamedMaterial
  const tonics = tonicsOf(kind).map(noteName)
  return {
    studies: tonics.map((tonic) => changed(line.base, changesOf(line), { tonic, kind })),
    ...{ remarks: [whatChanges(line.base)], problems: [] },
  }
}

/**
 * What a line that names no key makes of the study that it is said over: another form of its key, other hands, an octave
 * more, all keys; null where it names one, or says nothing that could be changed.
 * @param tonicsOf all keys of a kind that the line allows
 */
export function overStudy(line: Line, tonicsOf: (kind: KindId) => readonly Note[]): Changed | null {
  const { heard, base } = line
  if (heard.named.length > 0) return null
  const named = kindsNamed(heard, base)
  if (heard.all || heard.signs.length > 0) return named || isFree(base.material) ? null : inAllKeys(line, tonicsOf)
  const change = changesOf(line)
  if (!named) {
    const says = Object.keys(change).length > 0
    return says ? { studies: [changed(base, change)], remarks: [whatChanges(base)], problems: [] } : null
  }
  const { tonic } = base.material as NamedMaterial
  const studies = named.kinds.map((kind) => changed(base, change, { tonic, kind }))
  return { studies, remarks: [whatChanges(base)], problems: named.problems }
}
