import {
  FREE,
  inversionsOf,
  type Kind,
  kindOf,
  type NamedMaterial,
  SIGNATURES,
  type Texture,
  writtenTonic,
} from '../material'
import { DomainError } from '../message'
import { noteName, parseNote, parsePitch, pitchError, pitchName } from '../pitch'
import { oneOf, whole } from './checks'
import { completeBookends, completePattern, completeRhythm, usualNotesPerBeat } from './completeShape'
import type { Hand } from './hand'
import { studyError } from './messages'
import { type UsualStart, usualOctave } from './usualStart'
import { type Course, COURSES } from './line'
import { NOTES_PER_BEAT, type Tempo, TEMPO_RANGE } from './pace'
import {
  CLEFS,
  type CommonInput,
  type CommonRecipe,
  CONTRARY_FROM,
  type ContraryFrom,
  FORMAT,
  type FreePitches,
  HANDS,
  type HandsApart,
  INTERVALS,
  isFree,
  type MaterialInput,
  MAX_OCTAVES,
  MAX_PITCHES,
  MOTIONS,
} from './recipe'
import { completeTouch } from './touch'

const DEFAULT_TEMPO: Tempo = { bpm: 60, notesPerBeat: 2 }
/** Octaves and course of what is not a run. */
const SHORT: Partial<Record<Texture, { octaves: number; course: Course }>> = {
  position: { octaves: 1, course: 'up-down' },
  tetrachords: { octaves: 1, course: 'up-down' },
  chain: { octaves: 1, course: 'up-down' },
  cadence: { octaves: 1, course: 'up' },
  free: { octaves: 1, course: 'up' },
}

/** Listed pitches stand where they are listed. */
const UNUSED_OCTAVE = 4

function freePitches({ pitches }: FreePitches): FreePitches {
  const path = 'material.pitches'
  if (!Array.isArray(pitches) || pitches.length === 0 || pitches.length > MAX_PITCHES) {
    throw studyError('field.range', { field: path, of: 'pitches', least: 1, most: MAX_PITCHES }, path)
  }
  const named = (text: unknown, at: string) => {
    const pitch = parsePitch(String(text), at)
    if (Math.abs(pitch.alteration) <= 2) return pitchName(pitch)
    throw pitchError('pitch.unknown', { text: String(text), why: 'triple' }, at)
  }
  return {
    pitches: (pitches as FreePitches['pitches']).map((each, at) =>
      typeof each === 'string' || !Array.isArray(each)
        ? named(each, `${path}[${at}]`)
        : chordOf(
            each.map((one, voice) => named(one, `${path}[${at}][${voice}]`)),
            `${path}[${at}]`,
          ),
    ),
  }
}

function chordOf(pitches: readonly string[], path: string): readonly string[] {
  if (pitches.length >= 1 && pitches.length <= 5) return pitches
  throw studyError('field.range', { field: path, of: 'chord', least: 1, most: 5 }, path)
}

/** A tonic by its usual name; one that is no note is told by the material. */
function tonicOf(tonic: string, kind: Kind): string {
  if (kind.starts !== 'anywhere') return tonic
  try {
    return noteName(writtenTonic(parseNote(tonic), kind))
  } catch (error) {
    if (error instanceof DomainError) return tonic
    throw error
  }
}

function completeMaterial(material: MaterialInput): { material: CommonRecipe['material']; kind: Kind } {
  if (typeof material !== 'object' || material === null) {
    throw studyError('field.missing', { field: 'material' }, 'material')
  }
  if (isFree(material)) return { material: freePitches(material), kind: FREE }
  const kind = kindOf(material.kind)
  const named: NamedMaterial = { tonic: tonicOf(String(material.tonic), kind), kind: kind.id as NamedMaterial['kind'] }
  const inverts = inversionsOf(kind) > 1 || material.inversion
  return { material: inverts ? { ...named, inversion: material.inversion ?? 0 } : named, kind }
}

/** A third apart the left hand begins on the tonic, so does it a tenth apart; a sixth apart the right. */
const usualTonicHand = (distance: HandsApart | ContraryFrom): Hand => (distance === 'sixth' ? 'right' : 'left')

/** What is played and by whom; what follows from it has defaults of its own. */
function completeShape(input: CommonInput, material: CommonRecipe['material'], kind: Kind, starts: UsualStart) {
  const usual = SHORT[kind.texture] ?? { octaves: 2, course: 'up-down' as const }
  const hands = oneOf(input.hands ?? 'together', HANDS, 'hands')
  const motion = oneOf(input.motion ?? 'similar', MOTIONS, 'motion')
  const interval = oneOf(input.interval ?? 'octave', INTERVALS, 'interval')
  const octaves = whole(input.octaves ?? usual.octaves, 1, MAX_OCTAVES, 'octaves')
  const contraryFrom = oneOf(input.contraryFrom ?? 'unison', CONTRARY_FROM, 'contraryFrom')
  const usualHand = usualTonicHand(motion === 'contrary' ? contraryFrom : interval)
  const tonicHand = oneOf(input.tonicHand ?? usualHand, ['right', 'left'] as const, 'tonicHand')
  const placed = { hands, motion, interval, tonicHand, octaves }
  const start = isFree(material) ? UNUSED_OCTAVE : usualOctave(starts, material, kind, placed)
  return {
    hands,
    motion,
    interval,
    contraryFrom,
    tonicHand,
    octaves,
    course: oneOf(input.course ?? usual.course, COURSES, 'course'),
    startOctave: whole(input.startOctave ?? start, 0, 8, 'startOctave'),
  }
}

function completeTempo(tempo: Partial<Tempo> | undefined, usual: Tempo['notesPerBeat']): Tempo {
  const { bpm, notesPerBeat } = { ...DEFAULT_TEMPO, notesPerBeat: usual, ...tempo }
  return {
    bpm: whole(bpm, TEMPO_RANGE.least, TEMPO_RANGE.most, 'tempo.bpm'),
    notesPerBeat: oneOf(notesPerBeat, NOTES_PER_BEAT, 'tempo.notesPerBeat'),
  }
}

/** What every recipe has, whatever plays it. */
export type Common = Omit<CommonRecipe, 'instrument' | 'school' | 'pins'>

/**
 * Everything but what a family of instruments asks for itself; every field is checked on its own.
 * @param starts where the instrument's studies stand
 * @param perBeat notes to the beat that the family would take, where the recipe names none and the notes alone do not say
 * @throws DomainError naming the field
 */
export function completeCommon(input: CommonInput, starts: UsualStart, perBeat?: Tempo['notesPerBeat']): Common {
  const { material, kind } = completeMaterial(input?.material)
  const pattern = completePattern(input.pattern, isFree(material) ? null : material)
  // block chords last a beat each
  const usual = kind.texture === 'cadence' ? 1 : (perBeat ?? usualNotesPerBeat(pattern))
  const tempo = completeTempo(input.tempo, usual)
  const shape = completeShape(input, material, kind, starts)
  return {
    format: oneOf(input.format ?? FORMAT, [FORMAT] as const, 'format'),
    material,
    ...shape,
    pattern,
    rhythm: completeRhythm(input.rhythm, tempo),
    bookends: completeBookends(input.bookends),
    signature: oneOf(input.signature ?? 'own', SIGNATURES, 'signature'),
    clefs: oneOf(input.clefs ?? 'changing', CLEFS, 'clefs'),
    ...completeTouch(input, shape.hands),
    tempo,
  }
}
