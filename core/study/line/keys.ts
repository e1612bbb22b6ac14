import {
  isDiatonic,
  keyNamed,
  type Kind,
  KIND_IDS,
  type KindId,
  KINDS,
  materialOf,
  type NamedMaterial,
  relatedTo,
  usualTonics,
} from '../../material'
import { type Message, named } from '../../message'
import { fifthsOf, modulo, type Note, noteName, parseNote, pitchClass, signatureAlteration } from '../../pitch'
import { studyMessage } from '../messages'
import { KEY_STEP_IDS, type KeyStep, type LinkId } from './names'

/** A key of a line: where its tonic lies, in semitones over the first one, and what tells it from the others. */
export interface KeyPlace {
  readonly material: NamedMaterial
  readonly over: number
  readonly label: Message
}

/** How keys follow one another. */
interface StepRow {
  readonly needs: 'run' | 'diatonic' | 'paired'
  /** As many keys as make sense, from the first. */
  readonly most: (first: NamedMaterial) => number
  readonly keys: (first: NamedMaterial) => readonly KeyPlace[]
  /** Every sign stands before its note, or each key has its own signature. */
  readonly signature: 'own' | 'none'
  /** All keys have the fingers of the one whose notes they share. */
  readonly sharesFingers?: true
  /** What leads from one key to the next, unless another link is asked for. */
  readonly link?: LinkId
}

const KEYS = 12
/** The modes of the major scale, from the first degree up. */
const MODES: readonly KindId[] = KIND_IDS.filter(
  (id) => KINDS[id].family === 'mode' && KINDS[id].modeOf?.base === 'major',
).sort((a, b) => KINDS[a].modeOf!.degree - KINDS[b].modeOf!.degree)

/** On which degree of its major scale a diatonic scale stands, from 0. */
const modeOf = (kind: KindId): number => (KINDS[kind].modeOf?.degree ?? 1) - 1

const tonicLabel = (tonic: string): Message => studyMessage('section.key', { tonic: named(tonic) })

/** Semitones from C of a note as it is spelled: C flat lies under C. */
export const semitonesOf = (note: Note): number => pitchClass({ letter: note.letter, alteration: 0 }) + note.alteration

/** The usual name of a key so many semitones above C: the one with the fewest signs. */
function usualName(kind: Kind, key: number): Note {
  const among = usualTonics(kind).filter((tonic) => pitchClass(tonic) === modulo(key, KEYS))
  const signs = (note: Note) => Math.abs(fifthsOf(note) + (kind.signature ?? 0))
  return among.reduce((best, other) => (signs(other) < signs(best) ? other : best))
}

const commonDivisor = (a: number, b: number): number => (b === 0 ? a : commonDivisor(b, a % b))

/** The same kind so many semitones on each time, within an octave of the first. */
const stepping = (semitones: number): StepRow => ({
  needs: 'run',
  most: () => KEYS / commonDivisor(KEYS, semitones),
  signature: 'none',
  keys: (first) => {
    const start = semitonesOf(parseNote(first.tonic))
    return Array.from({ length: KEYS / commonDivisor(KEYS, semitones) }, (_, at) => {
      const over = modulo(semitones * at, KEYS)
      const tonic = at === 0 ? first.tonic : noteName(usualName(KINDS[first.kind], start + over))
      return { material: { ...first, tonic }, over, label: tonicLabel(tonic) }
    })
  },
})

/** The modes of one key, each on the next of its notes, from the one that is asked. */
function modesOf({ tonic, kind }: NamedMaterial): KeyPlace[] {
  const { up, rising } = materialOf({ tonic, kind })
  return up.map((note, at) => {
    const material: NamedMaterial = { tonic: noteName(note), kind: MODES[(modeOf(kind) + at) % up.length]! }
    return { material, over: rising.up[at]!.semitones, label: keyNamed(material) }
  })
}

/** The same letters from the same tonic, with one sign fewer each time, down to none. */
function oneFewer({ tonic, kind }: NamedMaterial): KeyPlace[] {
  const { fifths } = materialOf({ tonic, kind })
  const first = parseNote(tonic)
  const { letter } = first
  return Array.from({ length: Math.abs(fifths) + 1 }, (_, at) => {
    const signs = fifths - at * Math.sign(fifths)
    const note: Note = { letter, alteration: signatureAlteration(signs, letter) }
    // a mode's parent lies as many fifths away as its signature says
    const mode = MODES.find((each) => fifthsOf(note) + KINDS[each].signature! === signs)!
    const material: NamedMaterial = { tonic: noteName(note), kind: at === 0 ? kind : mode }
    const of = fifths > 0 ? ('sharp' as const) : ('flat' as const)
    const label = studyMessage('section.signs', { signs: Math.abs(signs), of })
    return { material, over: note.alteration - first.alteration, label }
  })
}

/** A key and the one that is related to it. */
const paired =
  (by: 'signature' | 'tonic') =>
  (first: NamedMaterial): KeyPlace[] => {
    const other = relatedTo(first, { by, mode: null, form: 'natural' })
    const materials = other ? [first, other] : [first]
    return materials.map((material) => ({ material, over: nearestOver(first, material), label: keyNamed(material) }))
  }

/** A tonic at or under another, in semitones from it: the nearest. */
function nearestOver(first: NamedMaterial, { tonic }: NamedMaterial): number {
  const apart = modulo(semitonesOf(parseNote(tonic)) - semitonesOf(parseNote(first.tonic)), KEYS)
  return apart > KEYS / 2 ? apart - KEYS : apart
}

/** Ways from key to key. */
export const KEY_STEPS: Readonly<Record<KeyStep, StepRow>> = {
  'half-step': stepping(1),
  'whole-step': stepping(2),
  'minor-third': stepping(3),
  fourth: stepping(5),
  fifth: stepping(7),
  mode: {
    needs: 'diatonic',
    most: () => MODES.length,
    keys: modesOf,
    signature: 'own',
    sharesFingers: true,
    link: 'above',
  },
  'one-fewer': {
    needs: 'diatonic',
    most: (first) => oneFewer(first).length,
    keys: oneFewer,
    signature: 'none',
  },
  relative: {
    needs: 'paired',
    most: () => 2,
    keys: paired('signature'),
    signature: 'own',
  },
  parallel: {
    needs: 'paired',
    most: () => 2,
    keys: paired('tonic'),
    signature: 'none',
  },
}

const NEEDS: Readonly<Record<StepRow['needs'], (kind: Kind) => boolean>> = {
  run: () => true,
  diatonic: isDiatonic,
  paired: ({ id }) =>
    id !== 'pitches' && relatedTo({ tonic: 'C', kind: id }, { by: 'signature', mode: null, form: 'natural' }) !== null,
}

/** Ways from key to key that a kind can take: some name signatures and modes of major and natural minor. */
export const keyStepsFor = (kind: Kind): KeyStep[] => KEY_STEP_IDS.filter((by) => NEEDS[KEY_STEPS[by].needs](kind))
