import { type KindId, type NamedMaterial, kindNamed, KINDS, movedTonic, relatedTo, startedOn } from '../material'
import { type Note, noteAbove, noteName, parseNote } from '../pitch'
import { named as namedNote, type Message } from '../message'
import { altered, completeRecipe, type RecipeInput } from '../instrument'
import { titleOf } from '../realise'
import { isFree, type KeyList } from '../study'
import { type Changes, changesOver } from './changes'
import { callMessage } from './messages'
import type { Heard } from './heard'
import { kindsFrom } from './kindsHeard'
import type { Features, Meaning } from './part'
import { tonicsWithin } from './tonics'

/** What a line comes to that is said over a study. */
interface Changed {
  readonly studies: readonly RecipeInput[]
  readonly remarks: readonly Message[]
  readonly problems: readonly Message[]
}

interface Line {
  readonly heard: Heard
  readonly meaning: readonly Meaning[]
  readonly change: Changes
  readonly base: RecipeInput
  readonly random: () => number
}

/** A study with some of it changed, its material too. */
const changed = (base: RecipeInput, change: Changes, material: RecipeInput['material']): RecipeInput =>
  altered(base, material === base.material ? change : { ...change, material })

/** Keys of its own through which a line leads the study: it sets out from the first. */
function keysNamed({ pattern }: Changes): KeyList['keys'] {
  const journey = pattern?.journey
  return typeof journey === 'object' && 'keys' in journey ? journey.keys : []
}

type Materials = { materials: readonly RecipeInput['material'][]; problems: readonly Message[] }
const one = (material: RecipeInput['material']): Materials => ({ materials: [material], problems: [] })
const refused = (problem: Message): Materials => ({ materials: [], problems: [problem] })

/** Another key for the study: related, so much higher, begun on another note, in all keys, drawn; null where none is said. */
function otherKeys({ heard, base, change, meaning, random }: Line, kinds: readonly KindId[]): Materials | null {
  const { tonic, kind } = base.material as NamedMaterial
  const part = meaning.map((each) => each.part)
  const keys = (kindId: KindId): readonly Note[] => tonicsWithin(kindId, heard.signs)
  if (part.some(({ is }) => is === 'draw')) {
    const from = keys(kinds[0]!)
    return one({ tonic: noteName(from[Math.floor(random() * from.length)]!), kind: kinds[0]! })
  }
  if (heard.all || heard.signs.length > 0) {
    return {
      materials: kinds.flatMap((id) => keys(id).map((each) => ({ tonic: noteName(each), kind: id }))),
      problems: [],
    }
  }
  const related = part.find(({ is }) => is === 'related')
  if (related?.is === 'related') {
    const found = relatedTo({ tonic, kind }, related.related)
    return found ? one(found) : refused(callMessage('call.no-related', { kind: kindNamed({ id: kind }) }))
  }
  const moved = part.find(({ is }) => is === 'moved')
  if (moved?.is === 'moved') return one({ tonic: movedTonic(tonic, kind, moved.by), kind })
  const [first] = keysNamed(change)
  if (first !== undefined) return one(typeof first === 'string' ? { tonic: first, kind } : first)
  const { start, degree } = heard.ask
  if (!start && degree === undefined) return null
  const note = start ?? noteAbove(parseNote(tonic), KINDS[kind].up[degree! - 1] ?? KINDS[kind].up[0]!)
  const begun = startedOn({ tonic, kind }, note)
  const title = titleOf(completeRecipe(base))
  return begun ? one(begun) : refused(callMessage('call.no-start', { note: namedNote(noteName(note)), title }))
}

/** Forms of the study's own key that the line names: of a minor key “melodic” is its melodic form. */
function formsNamed({ heard, base }: Line): { kinds: readonly KindId[]; problems: readonly Message[] } | null {
  if (isFree(base.material)) return null
  if (heard.common.length === 0 && !heard.three && !heard.two) return null
  const { kinds, problems } = kindsFrom(inOwnMode(heard.common, base.material as NamedMaterial), heard)
  return { kinds, problems }
}

/** “Arpeggio” over a minor scale is the minor one, “scale” over a minor arpeggio a minor scale. */
function inOwnMode(common: readonly Features[], { kind }: NamedMaterial): readonly Features[] {
  const { mode, form } = KINDS[kind]
  const says = common.some(({ quality, form: named, named: name }) => quality ?? named ?? name)
  if (says || mode === null || common.length === 0) return common
  return [...common, { quality: mode, ...(form ? { form } : {}) }]
}

/** An inversion that the line names, of a chord that the study is or becomes. */
const inverted = ({ heard }: Line, { materials, problems }: Materials): Materials => {
  const inversion = heard.inversions.at(-1)
  if (inversion === undefined) return { materials, problems }
  return {
    materials: materials.map((each) => (isFree(each) ? each : { ...each, inversion })),
    problems,
  }
}

function materialsOf(line: Line): Materials | null {
  const { base } = line
  if (isFree(base.material)) return null
  const own = base.material as NamedMaterial
  const forms = formsNamed(line)
  const elsewhere = otherKeys(line, forms?.kinds ?? [own.kind])
  if (elsewhere) return { ...elsewhere, problems: [...elsewhere.problems, ...(forms?.problems ?? [])] }
  if (forms) {
    const materials = forms.kinds.map((kind) => ({ tonic: own.tonic, kind }))
    return inverted(line, { materials, problems: forms.problems })
  }
  return line.heard.inversions.length > 0 ? inverted(line, one({ tonic: own.tonic, kind: own.kind })) : null
}

/**
 * What a line that names no key makes of the study that it is said over: another form of its key, its relative, other
 * hands, an octave more, all keys; null where it names one, or says nothing that could be changed.
 */
export function overStudy(line: Line): Changed | null {
  const { heard, base, meaning } = line
  if (heard.named.length > 0) return null
  const { change, said } = changesOver(base, line.change, meaning)
  const found = materialsOf(line)
  const says = Object.keys(change).length > 0 || heard.ask.hands !== undefined
  if (!found && !says) return null
  const materials = found?.materials ?? [base.material]
  const studies = materials.map((material) => changed(base, change, material))
  const remark = callMessage('call.changes', { title: titleOf(completeRecipe(base)) })
  return { studies, remarks: [remark, ...said], problems: found?.problems ?? [] }
}
