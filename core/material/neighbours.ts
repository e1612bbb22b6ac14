import { listed, type Message, named } from '../message'
import { type Interval, type Note, noteName, parseNote } from '../pitch'
import { isDiatonic, KINDS } from './kind'
import { materialOf, type NamedMaterial } from './material'
import { keyNamed, materialMessage } from './messages'
import { movedTonic, relatedTo } from './related'
import { signatureOf } from './tonics'

/** A note of a neighbouring key that the key itself has otherwise: on which degree of the neighbour, and which way. */
interface Changed {
  readonly degree: number
  readonly note: Note
  readonly way: 'raised' | 'lowered'
}

/** A key beside another, and what of it is other. */
export interface Neighbour {
  readonly by: 'relative' | 'fifth-up' | 'fourth-up' | 'parallel'
  readonly material: NamedMaterial
  readonly changed: readonly Changed[]
  /** Sharps more, or flats fewer, than the key itself has; negative the other way. */
  readonly signs: number
  /** On which degree of the key itself its scale begins, where it has all its notes. */
  readonly begins: number | null
}

const FIFTH_UP: Interval = { steps: 4, semitones: 7 }
const FOURTH_UP: Interval = { steps: 3, semitones: 5 }

/** Notes of another key, letter by letter beside the key's own. */
function changedIn(own: readonly Note[], other: readonly Note[]): Changed[] {
  return other.flatMap((note, at) => {
    const mine = own.find(({ letter }) => letter === note.letter)
    if (!mine || mine.alteration === note.alteration) return []
    return [
      { degree: at + 1, note, way: note.alteration > mine.alteration ? ('raised' as const) : ('lowered' as const) },
    ]
  })
}

function neighbour(material: NamedMaterial, by: Neighbour['by'], other: NamedMaterial | null): Neighbour[] {
  if (!other) return []
  const [own, theirs] = [materialOf(material).up, materialOf(other).up]
  const changed = changedIn(own, theirs)
  const begins = changed.length > 0 ? null : 1 + own.findIndex((note) => noteName(note) === noteName(theirs[0]!))
  const fifths = ({ tonic, kind }: NamedMaterial) => signatureOf(parseNote(tonic), KINDS[kind])
  return [{ by, material: other, changed, signs: fifths(other) - fifths(material), begins }]
}

/** A key so far away, under a name by which one sign changes; none where only another name is usual. */
function stepped({ tonic, kind }: NamedMaterial, by: Interval, signs: number): NamedMaterial | null {
  const other = { tonic: movedTonic(tonic, kind, by), kind }
  const fifths = (each: string) => signatureOf(parseNote(each), KINDS[kind])
  return fifths(other.tonic) - fifths(tonic) === signs ? other : null
}

/**
 * What a key of seven notes shares with those beside it (common practice): its relative has the same notes; a fifth up
 * one degree is raised, a fourth up one is lowered; its parallel stands on the same tonic. None for other kinds.
 */
export function neighboursOf(material: NamedMaterial): Neighbour[] {
  if (!isDiatonic(KINDS[material.kind])) return []
  const related = (by: 'signature' | 'tonic'): NamedMaterial | null => {
    const other = relatedTo(material, { by, mode: null, form: 'natural' })
    // under another name no degree can be told beside its own
    return other && (by === 'signature' || other.tonic === material.tonic) ? other : null
  }
  return [
    ...neighbour(material, 'relative', related('signature')),
    ...neighbour(material, 'fifth-up', stepped(material, FIFTH_UP, 1)),
    ...neighbour(material, 'fourth-up', stepped(material, FOURTH_UP, -1)),
    ...neighbour(material, 'parallel', related('tonic')),
  ]
}

/** Whether a neighbour has a sharp more, a flat fewer … */
function signsMessage({ signs, material }: Neighbour, of: NamedMaterial): Message {
  const own = signatureOf(parseNote(of.tonic), KINDS[of.kind])
  const there = signatureOf(parseNote(material.tonic), KINDS[material.kind])
  const flats = own < 0 || there < 0
  return materialMessage('neighbour.signs', {
    of: flats ? 'flat' : 'sharp',
    how: flats === signs < 0 ? 'more' : 'fewer',
    count: Math.abs(signs),
  })
}

/** A neighbour in a sentence: “G major, a fifth up: degree 7 raised (F♯), one sharp more.” */
export function neighbourMessage(neighbour: Neighbour, of: NamedMaterial): Message {
  const { by, material, changed, begins } = neighbour
  if (begins !== null && by === 'relative') {
    return materialMessage('neighbour.relative', { key: keyNamed(material), degree: begins })
  }
  return materialMessage('neighbour.other', {
    ...{ by, key: keyNamed(material), signs: signsMessage(neighbour, of) },
    changes: listed(
      changed.map(({ degree, note, way }) =>
        materialMessage('neighbour.degree', { degree, note: named(noteName(note)), way }),
      ),
    ),
  })
}

/** The steps from degree to degree, as they are said aloud: “W W H W W W H”. */
export function stepsMessage({ tonic, kind }: NamedMaterial): Message {
  const { rising } = materialOf({ tonic, kind })
  const up = [...rising.up.map(({ semitones }) => semitones), 12]
  return materialMessage('neighbour.steps', {
    steps: listed(
      up.slice(1).map((at, place) => materialMessage('neighbour.step', { semitones: at - up[place]! })),
      'space',
    ),
  })
}
