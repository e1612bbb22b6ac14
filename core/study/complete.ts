import { inversionsOf, kindOf, type NamedMaterial, SIGNATURES, type Texture } from '../material'
import { parsePitch, pitchName, RecipeError } from '../pitch'
import type { Hand } from './hand'
import { checkMallets, completeSticking } from './completeMallets'
import { RUDIMENTS, strokesOf, TWO_MALLETS } from './mallets'
import { strokesIn } from './rudiments'
import { checkedPin, checkedStickPin, oneOf, whole } from './pin'
import { completeBookends, completePattern, completeRhythm, usualNotesPerBeat } from './completeShape'
import {
  ARTICULATIONS,
  CHROMATICS,
  CONTRARY_FROM,
  type Course,
  COURSES,
  type FingeringSettings,
  type FingerRecipe,
  FIRST_FINGERS,
  FORMAT,
  type FreePitches,
  HAND_SIZES,
  HANDS,
  type Hands,
  INSTRUMENTS,
  INTERVALS,
  isFree,
  LEFT_ARPEGGIOS,
  type MalletRecipe,
  MOST_OCTAVES,
  MOST_PITCHES,
  type Motion,
  MOTIONS,
  NOTES_PER_BEAT,
  type Recipe,
  type RecipeInput,
  SCHOOLS,
  type Tempo,
  TEMPO_RANGE,
} from './recipe'
import type { Pattern } from './shape'

const DEFAULT_TEMPO: Tempo = { bpm: 60, notesPerBeat: 2 }
/** Block chords and rolled notes last a beat each. */
const CHORD_TEMPO: Tempo = { bpm: 60, notesPerBeat: 1 }
/** Octaves and course of what is not a run. */
const SHORT: Partial<Record<Texture, { octaves: number; course: Course }>> = {
  position: { octaves: 1, course: 'up-down' },
  tetrachords: { octaves: 1, course: 'up-down' },
  chain: { octaves: 1, course: 'up-down' },
  cadence: { octaves: 1, course: 'up' },
  free: { octaves: 1, course: 'up' },
}

/** Where the right hand usually begins: octave 4 for one or two octaves, 3 for more; the left alone an octave lower. */
export function usualOctave(hands: Hands, motion: Motion, octaves: number): number {
  if (hands === 'together' && motion === 'contrary') return 4
  return (octaves > 2 ? 3 : 4) - (hands === 'left' ? 1 : 0)
}

function freePitches({ pitches }: FreePitches): FreePitches {
  const path = 'material.pitches'
  if (!Array.isArray(pitches) || pitches.length === 0 || pitches.length > MOST_PITCHES) {
    throw new RecipeError('field.range', `${path} must list 1 to ${MOST_PITCHES} pitches such as F#4.`, path)
  }
  const named = (text: unknown, at: string) => {
    const pitch = parsePitch(String(text), at)
    if (Math.abs(pitch.alteration) <= 2) return pitchName(pitch)
    throw new RecipeError('pitch.unknown', `${String(text)} has a triple sign, which is not written.`, at)
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
  throw new RecipeError('field.range', `${path} must hold one to five pitches: a hand has five fingers.`, path)
}

function completeMaterial(material: RecipeInput['material']): { material: Recipe['material']; texture: Texture } {
  if (typeof material !== 'object' || material === null) {
    throw new RecipeError('field.missing', 'material is missing: name a tonic and a kind.', 'material')
  }
  if (isFree(material)) return { material: freePitches(material), texture: 'free' }
  const kind = kindOf(material.kind)
  const named: NamedMaterial = { tonic: String(material.tonic), kind: kind.id as NamedMaterial['kind'] }
  const inverts = inversionsOf(kind) > 1 || material.inversion
  return { material: inverts ? { ...named, inversion: material.inversion ?? 0 } : named, texture: kind.texture }
}

/** A third apart the left hand begins on the tonic, so does it a tenth apart; a sixth apart the right. */
const usualTonicHand = (interval: Recipe['interval']): Hand => (interval === 'sixth' ? 'right' : 'left')

/** What is played and by whom; what follows from it has defaults of its own. */
function completeShape(input: RecipeInput, texture: Texture) {
  const usual = SHORT[texture] ?? { octaves: 2, course: 'up-down' as const }
  const hands = oneOf(input.hands ?? 'together', HANDS, 'hands')
  const motion = oneOf(input.motion ?? 'similar', MOTIONS, 'motion')
  const interval = oneOf(input.interval ?? 'octave', INTERVALS, 'interval')
  const octaves = whole(input.octaves ?? usual.octaves, 1, MOST_OCTAVES, 'octaves')
  return {
    hands,
    motion,
    interval,
    contraryFrom: oneOf(input.contraryFrom ?? 'unison', CONTRARY_FROM, 'contraryFrom'),
    tonicHand: oneOf(input.tonicHand ?? usualTonicHand(interval), ['right', 'left'] as const, 'tonicHand'),
    octaves,
    course: oneOf(input.course ?? usual.course, COURSES, 'course'),
    startOctave: whole(input.startOctave ?? usualOctave(hands, motion, octaves), 0, 8, 'startOctave'),
  }
}

/** How many notes usually go to the beat: as many as a figure, a rudiment or four mallets' strokes have, if a beat takes so many. */
function usualPerBeat(input: RecipeInput, texture: Texture, pattern: Pattern): Tempo['notesPerBeat'] {
  const { roll, mallets, rudiment = 'none', rudimentOn = 'degree' } = input
  if (texture === 'cadence' || (roll?.manner ?? 'none') !== 'none') return CHORD_TEMPO.notesPerBeat
  const whole = rudiment !== 'none' && rudimentOn === 'degree' && RUDIMENTS.includes(rudiment)
  const strokes = whole
    ? strokesIn(rudiment)
    : mallets?.count === 4
      ? strokesOf(String(mallets.figure ?? TWO_MALLETS.figure))?.length
      : undefined
  return NOTES_PER_BEAT.find((each) => each === strokes) ?? usualNotesPerBeat(pattern)
}

function completeTempo(tempo: Partial<Tempo> | undefined, usual: Tempo['notesPerBeat']): Tempo {
  const { bpm, notesPerBeat } = { ...DEFAULT_TEMPO, notesPerBeat: usual, ...tempo }
  return {
    bpm: whole(bpm, TEMPO_RANGE.least, TEMPO_RANGE.most, 'tempo.bpm'),
    notesPerBeat: oneOf(notesPerBeat, NOTES_PER_BEAT, 'tempo.notesPerBeat'),
  }
}

const completeSettings = (input: RecipeInput): FingeringSettings => ({
  school: oneOf(input.school ?? 'conservatory', SCHOOLS, 'school'),
  firstFinger: oneOf(input.firstFinger ?? 'usual', FIRST_FINGERS, 'firstFinger'),
  leftArpeggio: oneOf(input.leftArpeggio ?? 'by-distance', LEFT_ARPEGGIOS, 'leftArpeggio'),
  chromatic: oneOf(input.chromatic ?? 'one-three', CHROMATICS, 'chromatic'),
  handSize: oneOf(input.handSize ?? 'average', HAND_SIZES, 'handSize'),
})

/** Fields that only one sort of instrument has. */
const FINGERS_ONLY = ['firstFinger', 'leftArpeggio', 'chromatic', 'handSize'] as const
const MALLETS_ONLY = ['lead', 'tops', 'rudiment', 'rudimentOn', 'roll', 'mallets', 'strike', 'bars'] as const

/** @throws RecipeError `field.instrument` where a field belongs to another sort of instrument */
function checkFields(input: RecipeInput, instrument: Recipe['instrument']): void {
  const fingers = instrument === 'piano'
  const stray = (fingers ? MALLETS_ONLY : FINGERS_ONLY).find((field) => input[field] !== undefined)
  if (stray === undefined) return
  const words = `${stray} is for ${fingers ? 'mallets' : 'fingers'}; this study is for ${fingers ? 'the piano' : instrument}.`
  throw new RecipeError('field.instrument', words, stray)
}

/** Everything but settings and pins. */
function completeCommon(input: RecipeInput) {
  const { material, texture } = completeMaterial(input?.material)
  const pattern = completePattern(input.pattern)
  const tempo = completeTempo(input.tempo, usualPerBeat(input, texture, pattern))
  return {
    format: oneOf(input.format ?? FORMAT, [FORMAT] as const, 'format'),
    material,
    ...completeShape(input, texture),
    pattern,
    rhythm: completeRhythm(input.rhythm, tempo),
    bookends: completeBookends(input.bookends),
    signature: oneOf(input.signature ?? 'own', SIGNATURES, 'signature'),
    articulation: oneOf(input.articulation ?? 'legato', ARTICULATIONS, 'articulation'),
    tempo,
  }
}

/**
 * Fills the defaults and checks every field on its own; whether the whole fits the instrument is `study`'s and
 * `fingering`'s to say.
 * @throws RecipeError naming the field
 */
export function completeRecipe(input: RecipeInput & { readonly instrument?: 'piano' }): FingerRecipe
export function completeRecipe(input: RecipeInput): Recipe
export function completeRecipe(input: RecipeInput): Recipe {
  const common = completeCommon(input)
  const instrument = oneOf(input.instrument ?? 'piano', INSTRUMENTS, 'instrument')
  checkFields(input, instrument)
  const { pins = [] } = input
  if (!Array.isArray(pins)) throw new RecipeError('field.unknown', 'pins must be a list.', 'pins')
  if (instrument === 'piano') {
    if (common.rhythm.ladder === 'strokes') {
      throw new RecipeError('rhythm.ladder', 'A ladder of strokes is climbed by rolls, on mallets.', 'rhythm.ladder')
    }
    return { ...common, instrument, ...completeSettings(input), pins: pins.map(checkedPin) }
  }
  const settings = completeSticking(input, common.material)
  const recipe: MalletRecipe = { ...common, instrument, ...settings, pins: pins.map(checkedStickPin) }
  checkMallets(recipe, settings, instrument)
  return recipe
}
