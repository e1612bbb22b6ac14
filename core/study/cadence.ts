import { intervalAt, type Material, materialOf, type NamedMaterial } from '../material'
import { midiOf, noteName, parseNote, type Pitch, pitchAbove, pitchName, printedName } from '../pitch'
import { studyError } from './messages'

/** How the chords lie: close in every hand, or the root in the left hand and the chord in the right. */
export const VOICINGS = ['close', 'root-and-chord'] as const
/** What stands beneath the chords. */
export const CHORD_LABELS = ['none', 'names', 'degrees'] as const
export type Voicing = (typeof VOICINGS)[number]
export type ChordLabels = (typeof CHORD_LABELS)[number]

const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'] as const
/** A chord by its degree: `IV`, `V7`, `VII°`. In which letters it is written says nothing; its key does. */
const CHORD = /^(I|II|III|IV|V|VI|VII)(°)?(7)?$/i
export const MAX_CHORDS = 16

/** One chord of a cadence. */
interface Degree {
  /** From 0. */
  readonly root: number
  readonly seventh: boolean
  /** It has the leading note, which minor keys raise. */
  readonly leads: boolean
}

function degreeOf(chord: string): Degree | null {
  const found = CHORD.exec(chord)
  if (!found) return null
  const root = ROMAN.indexOf(found[1]!.toUpperCase() as (typeof ROMAN)[number])
  return { root, seventh: found[3] !== undefined, leads: root === 4 || found[2] !== undefined }
}

/** A cadence as it is kept: degrees in capitals. @throws DomainError naming the chord */
export function completeChords(value: unknown): readonly string[] | null {
  const path = 'bookends.chords'
  if (value === null || value === undefined) return null
  if (!Array.isArray(value) || value.length === 0 || value.length > MAX_CHORDS) {
    throw studyError('bookends.chords', { field: path, most: MAX_CHORDS }, path)
  }
  return (value as readonly unknown[]).map((chord, at) => {
    if (typeof chord === 'string' && degreeOf(chord)) return chord.toUpperCase()
    throw studyError('bookends.chords', { field: `${path}[${at}]`, most: MAX_CHORDS }, `${path}[${at}]`)
  })
}

/** A chord as it sounds: its notes by place in its own scale, and the scale. */
interface Sounding {
  readonly places: readonly number[]
  readonly material: Material
}

const THIRD = 2
const FIFTH_VOICE = 2

/** The notes of a chord in close position over its root; a seventh leaves out its fifth. */
function stacked({ root, seventh }: Degree): number[] {
  const tones = [0, 1, 2, ...(seventh ? [3] : [])].map((voice) => root + THIRD * voice)
  return seventh ? tones.filter((_, voice) => voice !== FIFTH_VOICE) : tones
}

/** Every way in which a chord's notes may lie within reach of its root. */
function voicings(tones: readonly number[], degrees: number): number[][] {
  const found: number[][] = []
  let lie = [...tones]
  for (let turn = 0; turn < tones.length; turn++) {
    for (const octave of [-2, -1, 0, 1]) found.push(lie.map((place) => place + degrees * octave))
    lie = [...lie.slice(1), lie[0]! + degrees].sort((a, b) => a - b)
  }
  return found
}

/** The key's notes, and those with the leading note raised, where it is minor. */
function scalesOf(tonic: string, mode: 'major' | 'minor'): { plain: Material; leading: Material } {
  const scale = (kind: NamedMaterial['kind']): Material => materialOf({ tonic, kind })
  if (mode === 'major') return { plain: scale('major'), leading: scale('major') }
  return { plain: scale('natural-minor'), leading: scale('harmonic-minor') }
}

const pitchAt = (root: Pitch, { rising }: Material, place: number): Pitch =>
  pitchAbove(root, intervalAt(rising.up, place))

/** How far voices move from one chord to the next, in semitones; the lower of two that move alike. */
function movement(root: Pitch, from: Sounding, to: Sounding): number {
  const heights = ({ places, material }: Sounding) => places.map((place) => midiOf(pitchAt(root, material, place)))
  const [a, b] = [heights(from), heights(to)]
  return b.reduce((sum, height, voice) => sum + Math.abs(height - a[voice]!), 0) + b[0]! / 1000
}

/** Chords each as near to the one before as they can be, the first in root position. */
function led(root: Pitch, chords: readonly { degree: Degree; material: Material }[]): Sounding[] {
  const lines: Sounding[] = []
  for (const { degree, material } of chords) {
    const tones = stacked(degree)
    const before = lines.at(-1)
    const ways = before ? voicings(tones, material.rising.up.length) : [tones]
    const sounding = ways.map((places): Sounding => ({ places, material }))
    lines.push(
      before
        ? sounding.reduce((best, way) => (movement(root, before, way) < movement(root, before, best) ? way : best))
        : sounding[0]!,
    )
  }
  return lines
}

const QUALITIES: Readonly<Record<string, string>> = { '4 7': '', '3 7': 'm', '3 6': '°', '4 8': '+' }

/** A chord's quality by its third and fifth, in semitones. */
function qualityOf(root: Pitch, { root: degree }: Degree, material: Material): string {
  const [low, third, fifth] = [0, 2, 4].map((by) => midiOf(pitchAt(root, material, degree + by)))
  return QUALITIES[`${third! - low!} ${fifth! - low!}`] ?? ''
}

/** “D7”, “Em”, or “V7”, “vi”: small where the chord is minor. */
function labelOf(labels: ChordLabels, root: Pitch, degree: Degree, material: Material): string {
  const quality = qualityOf(root, degree, material)
  const seventh = degree.seventh ? '7' : ''
  if (labels === 'names') {
    return printedName(parseNote(noteName(pitchAt(root, material, degree.root)))) + quality + seventh
  }
  const roman = ROMAN[degree.root]!
  const small = quality === 'm' || quality === '°'
  return (small ? roman.toLowerCase() : roman) + (quality === '°' ? '°' : '') + seventh
}

/** A cadence in pitches: what the right hand strikes (or both), the left hand's roots, and what stands beneath. */
export interface Cadence {
  readonly pitches: readonly (readonly string[])[]
  readonly left?: readonly (readonly string[])[]
  readonly labels?: readonly string[]
}

const OCTAVE_DEGREES = 7

/** The root under a chord: the nearest to the tonic's octave below. */
const rootUnder = ({ root }: Degree): number => (root > 3 ? root - 2 * OCTAVE_DEGREES : root - OCTAVE_DEGREES)

/**
 * Chords of a key by their degrees, each voice moving as little as it can; with V7 without its fifth.
 * @param root the tonic on which the first chord stands
 */
export function cadenceOf(
  chords: readonly string[],
  root: Pitch,
  mode: 'major' | 'minor',
  { voicing, labels }: { readonly voicing: Voicing; readonly labels: ChordLabels },
): Cadence {
  const { plain, leading } = scalesOf(noteName(root), mode)
  const degrees = chords.map((chord) => degreeOf(chord)!)
  const own = degrees.map((degree) => ({ degree, material: degree.leads ? leading : plain }))
  const named = (material: Material, place: number): string => pitchName(pitchAt(root, material, place))
  return {
    pitches: led(root, own).map(({ places, material }) => places.map((place) => named(material, place))),
    ...(voicing === 'close' ? {} : { left: own.map(({ degree, material }) => [named(material, rootUnder(degree))]) }),
    ...(labels === 'none'
      ? {}
      : { labels: own.map(({ degree, material }) => labelOf(labels, root, degree, material)) }),
  }
}

/** Chords as a teacher types them, one after another; null where something else stands, or nothing. */
export function chordsTyped(text: string): readonly string[] | null {
  const words = text.split(/[\s,]+/).filter(Boolean)
  const known = words.length > 0 && words.length <= MAX_CHORDS && words.every((word) => degreeOf(word))
  return known ? words.map((word) => word.toUpperCase()) : null
}

/** I IV I V7 I, as most exams have it. */
export const USUAL_CADENCE: readonly string[] = ['I', 'IV', 'I', 'V7', 'I']
