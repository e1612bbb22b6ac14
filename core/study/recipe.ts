import { type KindId, kindOf } from '../material'
import { RecipeError } from '../pitch'

export const FORMAT = 'tactum-study/1'
export const INSTRUMENTS = ['piano'] as const
export const HANDS = ['together', 'right', 'left'] as const
export const MOTIONS = ['similar', 'contrary'] as const
export const COURSES = ['up-down', 'up', 'down', 'down-up'] as const
export const SCHOOLS = ['conservatory'] as const
export const FIRST_FINGERS = ['usual', 'pattern', 'two'] as const
export const ARTICULATIONS = ['legato', 'staccato'] as const
export const NOTES_PER_BEAT = [1, 2, 3, 4] as const
export const MOST_OCTAVES = 4
export const TEMPO_RANGE = { least: 20, most: 240 } as const

export type Hand = 'right' | 'left'
export type Hands = (typeof HANDS)[number]
export type Motion = (typeof MOTIONS)[number]
export type Course = (typeof COURSES)[number]
export type SchoolId = (typeof SCHOOLS)[number]
export type FirstFinger = (typeof FIRST_FINGERS)[number]
export type Articulation = (typeof ARTICULATIONS)[number]
export type Finger = 1 | 2 | 3 | 4 | 5

/** A finger fixed by the teacher at one note of one hand; `index` counts the notes of the course from 0. */
export interface Pin {
  readonly hand: Hand
  readonly index: number
  readonly finger: Finger
}

/** Beats a minute and notes to the beat; notes a minute is their product. */
export interface Tempo {
  readonly bpm: number
  readonly notesPerBeat: (typeof NOTES_PER_BEAT)[number]
}

/** What a teacher asks for, with nothing left open; `completeRecipe` fills the defaults. */
export interface Recipe {
  readonly format: typeof FORMAT
  readonly instrument: (typeof INSTRUMENTS)[number]
  readonly material: { readonly tonic: string; readonly kind: KindId }
  readonly hands: Hands
  readonly motion: Motion
  readonly interval: 'octave'
  readonly octaves: number
  readonly course: Course
  /** Scientific octave of the lowest tonic of the right hand (of the left hand when it plays alone). */
  readonly startOctave: number
  readonly school: SchoolId
  /** What a black first note takes where the pattern gives 3 or 4: that finger, or 2; usually 2 in arpeggios only. */
  readonly firstFinger: FirstFinger
  readonly articulation: Articulation
  readonly tempo: Tempo
  readonly pins: readonly Pin[]
}

/** A recipe as it may be written: everything but the material has a default. */
export type RecipeInput = Partial<Omit<Recipe, 'material' | 'tempo'>> & {
  readonly material: { readonly tonic: string; readonly kind: string }
  readonly tempo?: Partial<Tempo>
}

const DEFAULT_TEMPO: Tempo = { bpm: 60, notesPerBeat: 2 }

function oneOf<T extends string | number>(value: unknown, among: readonly T[], path: string): T {
  if ((among as readonly unknown[]).includes(value)) return value as T
  throw new RecipeError('field.unknown', `${path} must be one of: ${among.join(', ')}.`, path)
}

function whole(value: unknown, least: number, most: number, path: string): number {
  if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) return value
  throw new RecipeError('field.range', `${path} must be a whole number from ${least} to ${most}.`, path)
}

function pin(value: Pin, at: number): Pin {
  const path = `pins[${at}]`
  if (typeof value !== 'object' || value === null) {
    throw new RecipeError('field.unknown', `${path} must say hand, index and finger.`, path)
  }
  return {
    hand: oneOf(value.hand, ['right', 'left'] as const, `${path}.hand`),
    index: whole(value.index, 0, 9999, `${path}.index`),
    finger: whole(value.finger, 1, 5, `${path}.finger`) as Finger,
  }
}

/** Where the right hand usually begins: octave 4 for one or two octaves, 3 for more; the left alone an octave lower. */
export function usualOctave(hands: Hands, motion: Motion, octaves: number): number {
  if (hands === 'together' && motion === 'contrary') return 4
  return (octaves > 2 ? 3 : 4) - (hands === 'left' ? 1 : 0)
}

/** What is played and by whom; what follows from it has defaults of its own. */
function completeShape(input: RecipeInput): Pick<Recipe, 'hands' | 'motion' | 'octaves' | 'startOctave'> {
  const hands = oneOf(input.hands ?? 'together', HANDS, 'hands')
  const motion = oneOf(input.motion ?? 'similar', MOTIONS, 'motion')
  const octaves = whole(input.octaves ?? 2, 1, MOST_OCTAVES, 'octaves')
  const startOctave = whole(input.startOctave ?? usualOctave(hands, motion, octaves), 0, 8, 'startOctave')
  return { hands, motion, octaves, startOctave }
}

function completeTempo(tempo: Partial<Tempo> = {}): Tempo {
  const { bpm, notesPerBeat } = { ...DEFAULT_TEMPO, ...tempo }
  return {
    bpm: whole(bpm, TEMPO_RANGE.least, TEMPO_RANGE.most, 'tempo.bpm'),
    notesPerBeat: oneOf(notesPerBeat, NOTES_PER_BEAT, 'tempo.notesPerBeat'),
  }
}

/**
 * Fills the defaults and checks every field on its own; whether the whole fits the instrument is `study`'s and
 * `fingering`'s to say.
 * @throws RecipeError naming the field
 */
export function completeRecipe(input: RecipeInput): Recipe {
  if (typeof input?.material !== 'object' || input.material === null) {
    throw new RecipeError('field.missing', 'material is missing: name a tonic and a kind.', 'material')
  }
  const { pins = [] } = input
  if (!Array.isArray(pins)) throw new RecipeError('field.unknown', 'pins must be a list.', 'pins')
  return {
    format: oneOf(input.format ?? FORMAT, [FORMAT] as const, 'format'),
    instrument: oneOf(input.instrument ?? 'piano', INSTRUMENTS, 'instrument'),
    material: { tonic: String(input.material.tonic), kind: kindOf(input.material.kind).id },
    ...completeShape(input),
    interval: oneOf(input.interval ?? 'octave', ['octave'] as const, 'interval'),
    course: oneOf(input.course ?? 'up-down', COURSES, 'course'),
    school: oneOf(input.school ?? 'conservatory', SCHOOLS, 'school'),
    firstFinger: oneOf(input.firstFinger ?? 'usual', FIRST_FINGERS, 'firstFinger'),
    articulation: oneOf(input.articulation ?? 'legato', ARTICULATIONS, 'articulation'),
    tempo: completeTempo(input.tempo),
    pins: pins.map(pin),
  }
}

/** Notes a minute: what tempi are compared by, whatever the beat. */
export const notesPerMinute = (tempo: Tempo): number => tempo.bpm * tempo.notesPerBeat

/** The hands that a recipe uses, right first. */
export const handsOf = (hands: Hands): readonly Hand[] => (hands === 'together' ? ['right', 'left'] : [hands])
