import { callMessage } from './messages'
import { named as namedNote, type Message } from '../message'
import {
  inversionsOf,
  type KindId,
  kindNamed,
  KINDS,
  movedTonic,
  type Related,
  relatedTo,
  startedOn,
} from '../material'
import { type Note, noteAbove, noteName } from '../pitch'
import { completeRecipe, type RecipeInput } from '../instrument'
import { titleOf } from '../realise'
import type { Changes } from './changes'
import type { Heard } from './heard'
import { keysCalled } from './keysHeard'
import { kindsFrom } from './kindsHeard'
import type { Features, Meaning, Part } from './part'
import type { Understood } from './read'
import { tonicsWithin } from './tonics'

/** A line with what was heard in it. */
interface Line {
  readonly understood: readonly Understood[]
  readonly heard: Heard
  readonly meaning: readonly Meaning[]
  readonly change: Changes
  readonly random: () => number
}
interface Found {
  readonly studies: readonly RecipeInput[]
  readonly remarks: readonly Message[]
  readonly problems: readonly Message[]
}
interface Material {
  readonly tonic: string
  readonly kind: KindId
  readonly inversion?: number
}

const partOf = <T extends Part['is']>(meaning: readonly Meaning[], is: T) =>
  meaning.flatMap(({ part }) => (part.is === is ? [part as Extract<Part, { is: T }>] : []))

/** Words between a key and its relative that say that both are meant. */
const BOTH = ['and', '&', 'with', '+', 'plus', 'then', ',', 'y', 'und', 'mit', 'con']

/** Whether a key's relative is meant beside the key itself: “C major and its relative minor”. */
function meansBoth(understood: readonly Understood[]): boolean {
  const at = understood.findIndex(({ meaning }) => meaning?.part.is === 'related')
  const key = understood.findIndex(({ meaning }) => meaning?.part.is === 'tonic')
  return key >= 0 && key < at && BOTH.includes(understood[at - 1]!.typed.toLowerCase())
}

/** Features of a key whose relative is asked: “the relative major of A” is that of A minor. */
const featuresFor = (features: readonly Features[], related: Related | undefined): readonly Features[] => {
  const says = features.some(({ quality, form }) => quality !== undefined || form !== undefined)
  return related?.mode === 'major' && !says ? [...features, { form: 'harmonic', quality: 'minor' }] : features
}

class Gathering {
  readonly problems: Message[] = []
  readonly remarks: Message[] = []
  constructor(private readonly line: Line) {}

  private kinds(features: readonly Features[]): readonly KindId[] {
    const reading = kindsFrom(features, this.line.heard)
    this.problems.push(...reading.problems)
    this.remarks.push(...reading.open.map((code): Message => ({ code })))
    return reading.kinds
  }

  /** The root of a chord that is named by a key: “dominant seventh in the key of F” stands on C. */
  private root(tonic: Note, kind: KindId): Note {
    const { heard } = this.line
    const { ofKey } = KINDS[kind]
    if (ofKey === null) return tonic
    const before = heard.common.some(({ quality, shape }) => shape === 'seventh' || quality === 'dominant')
    const of = heard.ask.seventh === 'of' || (before && (heard.of === 'of' || heard.of === 'in'))
    const params = { key: namedNote(noteName(tonic)), kind: kindNamed({ id: kind }) }
    if (!of) {
      const inKey = heard.named.some(({ features }) => features.some(({ quality }) => isMode(quality)))
      if (inKey) this.remarks.push(callMessage('call.seventh-on-note', params))
      return tonic
    }
    const root = noteAbove(tonic, ofKey)
    this.remarks.push(callMessage('call.seventh-of-key', { ...params, root: namedNote(noteName(root)) }))
    return root
  }

  private inverted(material: Material): Material {
    const inversion = this.line.heard.inversions.at(-1)
    if (inversion === undefined) return material
    if (inversionsOf(KINDS[material.kind]) > 1) return { ...material, inversion }
    if (inversion > 0) this.problems.push(callMessage('call.no-inversions', { kind: kindNamed({ id: material.kind }) }))
    return material
  }

  /** A material begun where the line says. */
  private started(material: Material): Material {
    const { start, degree } = this.line.heard.ask
    const up = KINDS[material.kind].up
    const note = start ?? (degree === undefined ? null : noteAbove(noteOf(material.tonic), up[degree - 1] ?? up[0]!))
    if (!note) return material
    const begun = startedOn(material, note)
    const params = { note: namedNote(noteName(note)), title: titleOf(completeRecipe({ material })) }
    if (!begun) this.problems.push(callMessage('call.no-start', params))
    else if (begun.kind !== material.kind) this.remarks.push(callMessage('call.started', params))
    return begun ?? material
  }

  /** Materials of one key, as its features say. */
  materials(features: readonly Features[], tonics: (kind: KindId) => readonly Note[]): Material[] {
    const [related] = partOf(this.line.meaning, 'related')
    const [moved] = partOf(this.line.meaning, 'moved')
    const both = related && meansBoth(this.line.understood)
    return this.kinds(featuresFor(features, related?.related)).flatMap((kind) =>
      tonics(kind).flatMap((tonic): Material[] => {
        const own = this.started(this.inverted({ tonic: noteName(this.root(tonic, kind)), kind }))
        if (moved) return [{ ...own, tonic: movedTonic(own.tonic, kind, moved.by) }]
        if (!related) return [own]
        const other = relatedTo(own, related.related)
        if (!other) this.problems.push(callMessage('call.no-related', { kind: kindNamed({ id: kind }) }))
        return [...(both ? [own] : []), ...(other ? [other] : [])]
      }),
    )
  }
}

const isMode = (quality: Features['quality']): boolean => quality === 'major' || quality === 'minor'
const noteOf = (name: string): Note => ({
  letter: name[0] as Note['letter'],
  alteration: [...name.slice(1)].reduce((sum, sign) => sum + (sign === '#' ? 1 : -1), 0),
})

/** Whether a second key is named after “in the key of”, so that nobody knows which is meant. */
function namesTwoKeys(understood: readonly Understood[]): boolean {
  const of = understood.findIndex(({ meaning }) => meaning?.part.is === 'ask' && meaning.part.ask.seventh === 'of')
  return of > 0 && understood.slice(0, of).some(({ meaning }) => meaning?.part.is === 'tonic')
}

/** The studies of a line that names its keys: each by name, all of a kind, or one that is drawn. */
export function studiesNamed(line: Line): Found {
  const { heard, change, meaning, understood, random } = line
  const gathering = new Gathering(line)
  const all = (kind: KindId): readonly Note[] => tonicsWithin(kind, heard.signs)
  const drawn = partOf(meaning, 'draw').length > 0 && heard.named.length === 0
  const anyKey = heard.all || (heard.named.length === 0 && heard.signs.length > 0)
  const features = [...heard.common, ...(heard.named[0]?.features ?? [])]
  const { start } = heard.ask

  const materials = (): Material[] => {
    if (drawn) {
      const one = (kind: KindId): readonly Note[] => [all(kind)[Math.floor(random() * all(kind).length)]!]
      return gathering.materials(features, one)
    }
    if (anyKey) return gathering.materials(features, all)
    // “major scale starting on E” is in E
    if (heard.named.length === 0) return start ? gathering.materials(features, () => [start]) : []
    return keysCalled(heard).flatMap(({ tonic, features: own }) => gathering.materials(own, () => [tonic]))
  }
  const studies = materials().map((material) => ({ ...change, material }))
  const problems = [...gathering.problems, ...(namesTwoKeys(understood) ? [callMessage('call.two-keys')] : [])]
  return { studies, remarks: gathering.remarks, problems }
}
