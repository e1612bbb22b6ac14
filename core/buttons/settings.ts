import { type FingeringSettings, type Pin, SCHOOLS, type SchoolId } from '../fingering'
import type { CommonRecipe } from '../study'
import type { BoardMake, FreeBass, KeyWidth, Treble } from '../surface'
import type { ButtonPin } from './pin'

/** Right-hand schools on buttons: the thumb stays behind the keyboard, or takes the outermost row. */
export const BUTTON_SCHOOLS = ['four-fingers', 'with-thumb'] as const
export type ButtonSchoolId = (typeof BUTTON_SCHOOLS)[number]

/** Right-hand schools on keys: the piano's, but for the one that needs two hands. */
export const KEY_SCHOOLS = SCHOOLS.filter((id): id is KeySchoolId => id !== 'two-hand-tetrachords')
export type KeySchoolId = Exclude<SchoolId, 'two-hand-tetrachords'>

/** Which fingers the left hand puts on fundamentals and chords. */
export const LEFT_SCHOOLS = ['four-three', 'three-two'] as const
export type LeftSchoolId = (typeof LEFT_SCHOOLS)[number]

/** What the left hand does. */
export const LEFT_PARTS = ['none', 'alternating', 'waltz', 'scale', 'chords', 'cadence', 'held-bass'] as const
export type LeftPart = (typeof LEFT_PARTS)[number]

/** Where the chord of a bar comes from: the tonic throughout, the notes of the bar, or the teacher's own list. */
export const HARMONIES = ['tonic', 'by-bar', 'own'] as const
/** Primary chords, as a bar of the teacher's own list names them. */
export const DEGREES = ['I', 'IV', 'V7'] as const
export type Degree = (typeof DEGREES)[number]

/** Where the bellows turn; `shake`: over and over, as fast as the notes. */
export const TURNS = ['octave', 'top', 'beats', 'shake', 'free'] as const
export const WAYS = ['opening', 'closing'] as const
export type Way = (typeof WAYS)[number]

/** Ranks of reeds, in feet: 8 sounds as written, 16 an octave lower, 4 an octave higher. */
export const REGISTERS = ['16', '8', '4'] as const
export type Register = (typeof REGISTERS)[number]

/** What the left hand’s buttons are: a board of basses and chords, or single notes in real octaves. */
export const LEFT_BOARDS = ['standard', 'free'] as const
export type LeftBoard = (typeof LEFT_BOARDS)[number]

export interface LeftSettings {
  readonly board: LeftBoard
  readonly part: LeftPart
  readonly school: LeftSchoolId
  /** Beats from one stroke to the next; two is the slow form. */
  readonly every: 1 | 2
  /** Whether chords are held for the bar or struck on every beat. */
  readonly held: boolean
  readonly harmony: (typeof HARMONIES)[number]
  /** Chords bar by bar, over and over; only where the harmony is the teacher's own. */
  readonly bars: readonly Degree[]
}

export interface BellowsSettings {
  readonly turn: (typeof TURNS)[number]
  /** Beats from one turn to the next, where turns go by beats. */
  readonly beats: number
  readonly first: Way
}

/** What an accordion is, and what its left side does. */
export interface AccordionSettings extends BoardMake {
  readonly treble: Treble
  readonly keys: KeyWidth
  readonly registers: readonly Register[]
  /** The free bass that a converter gives, whether this study uses it or not. */
  readonly free: FreeBass
  readonly left: LeftSettings
  readonly bellows: BellowsSettings
}

export type AccordionPin = Pin | ButtonPin

/** A study for an accordion. */
export interface AccordionRecipe
  extends CommonRecipe, Pick<FingeringSettings, 'firstFinger' | 'chromatic' | 'handSize'> {
  readonly instrument: 'accordion'
  readonly school: KeySchoolId | ButtonSchoolId
  readonly accordion: AccordionSettings
  readonly pins: readonly AccordionPin[]
}

export const MAX_BELLOWS_BEATS = 64
export const MAX_BARS = 64
