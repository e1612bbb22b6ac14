import type { Message } from '../message'
import type { KindId } from '../material'
import type {
  Articulation,
  ContraryFrom,
  Course,
  Figure,
  Hand,
  HandsApart,
  HandTouch,
  Motion,
  Pattern,
  Tempo,
  Walk,
} from '../study'
import { type PlayerRequirement, familyForList, familyOf, LISTED, type Recipe } from '../instrument'

export const SYLLABUS_FORMAT = 'tactum-syllabus/1'
/** Instruments that boards write lists for, as the register has them. */
export const SYLLABUS_INSTRUMENTS: readonly string[] = LISTED
export type SyllabusInstrument = string
/** Who picks: the candidate, so that one serves; the examiner, so that all must be ready; or both are played. */
export const CHOOSERS = ['candidate', 'examiner', 'both'] as const
export type Chooser = (typeof CHOOSERS)[number]
/** Over what a candidate's choice holds: each key by itself, all keys of the entry, or the whole grade. */
export const SCOPES = ['key', 'entry', 'grade'] as const
export const ENTRY_HANDS = ['together', 'right', 'left', 'separate', 'either', 'each'] as const
export const BEATS = ['eighth', 'dotted-eighth', 'quarter', 'dotted-quarter', 'half', 'dotted-half', 'whole'] as const
export const TEMPO_KINDS = ['minimum', 'recommended'] as const
export const SEVENTHS = ['on', 'of'] as const
export const RESOLUTIONS = ['none', 'tonic-chord', 'cadence'] as const
export const LEADS = ['either', 'right', 'left', 'both'] as const
export const BUNDLES = ['items', 'keys', 'entries'] as const

/** All keys whose signature has at most so many sharps and flats. */
interface KeysWithin {
  readonly sharps: number
  readonly flats: number
}
/** The keys of another entry of the grade, major for major and minor for minor: “arpeggios of the above keys”. */
interface KeysAs {
  readonly as: string
}
export type Keys = readonly string[] | KeysWithin | KeysAs

export interface RequiredTempo extends Tempo {
  readonly beat: (typeof BEATS)[number]
  readonly kind: (typeof TEMPO_KINDS)[number]
  /** Beats a minute at the most, where the list sets a limit. */
  readonly most?: number
}

/** One line of a printed list. */
export interface Entry {
  readonly id: string
  /** The requirement as printed. */
  readonly words: string
  /** The interpretation taken, in the teacher's words. */
  readonly reading: string
  /**
   * What the printed words leave open; the interpretation taken answers it for now. Codes of known questions
   * (`form-scope`), or a teacher's own.
   */
  readonly open: readonly string[]
  readonly keys: Keys
  /** Keys left out of them. */
  readonly except: readonly string[]
  /** All of the keys, or any so many, which the candidate picks. */
  readonly pick: 'all' | number
  readonly kinds: readonly KindId[]
  /** Who picks among kinds of one mode. */
  readonly chooser: Chooser
  readonly scope: (typeof SCOPES)[number]
  /** Positions that chords begin in; each is asked. */
  readonly inversions: readonly number[]
  /** A seventh is named on its root, or as the dominant or diminished seventh of a key. */
  readonly seventh: (typeof SEVENTHS)[number]
  /** `separate`: each hand by itself, counted as two; `either`: one of them serves; `each`: both of them and together. */
  readonly hands: (typeof ENTRY_HANDS)[number]
  readonly motion: Motion
  readonly contraryFrom: ContraryFrom | null
  readonly interval: HandsApart
  /** Null: whichever hand has the tonic. */
  readonly tonicHand: Hand | null
  readonly octaves: number
  readonly course: Course
  /** Null: once or twice, as the candidate likes. Heard on mallets only. */
  readonly top: 'once' | 'twice' | null
  /** Touches asked; none named, the policy says what counts. */
  readonly articulations: readonly Articulation[]
  readonly touchChooser: Chooser
  /** A touch for each hand, where hands together are to have two; it stands for `articulations`. */
  readonly touch: HandTouch | null
  /** As printed; compared as notes a minute. */
  readonly tempo: RequiredTempo
  readonly figure: Figure
  readonly walk: Walk
  /** What it asks of the line beyond figure and walk; null where that is nothing. */
  readonly line: RequiredLine | null
  readonly resolution: (typeof RESOLUTIONS)[number]
  readonly lead: (typeof LEADS)[number]
  readonly rolled: boolean
  readonly mallets: 2 | 4
  readonly sticks: PlayerRequirement['sticks']
  /** What an accordion's left hand does; null: the list does not say. */
  readonly bass: PlayerRequirement['bass']
  readonly bellows: PlayerRequirement['bellows']
  readonly bellowsBeats: number | null
  readonly bassRows: PlayerRequirement['bassRows']
  readonly treble: PlayerRequirement['treble']
  readonly board: PlayerRequirement['board']
  readonly registers: PlayerRequirement['registers']
  readonly memory: boolean
  /** What is asked beyond this: dynamics, expression. Shown; not graded. */
  readonly conditions: readonly string[]
}

/** A motif, how it moves, through which keys, and what leads on; what is not said is plain. */
export type RequiredLine = Partial<Pick<Pattern, 'motif' | 'sequence' | 'journey' | 'link'>>

/** So many of a group's items, of its keys with all that is asked in them, or of its entries as wholes. */
interface AnyRule {
  readonly any: number
  readonly of: (typeof BUNDLES)[number]
}

export interface Group {
  readonly id: string
  readonly title: string
  readonly rule: 'all' | AnyRule
  /** How many an examiner asks from it; null where the board does not say. */
  readonly draw: number | null
  readonly entries: readonly Entry[]
}

export interface Grade {
  readonly id: string
  readonly title: string
  /** A grade whose requirements are asked as well. */
  readonly includes: string | null
  /** How many an examiner asks in all; what the groups leave is drawn from the whole. */
  readonly draw: number | null
  readonly groups: readonly Group[]
}

interface Criterion {
  readonly id: string
  readonly title: string
  /** Marks at the most, for one item. */
  readonly most: number
}
export interface Band {
  readonly title: string
  /** Marks of the whole from which it holds. */
  readonly least: number
}
/** How a board marks what it has asked. */
export interface Marking {
  /** Marks that the whole is out of. */
  readonly total: number
  readonly criteria: readonly Criterion[]
  readonly bands: readonly Band[]
}

export interface Syllabus {
  readonly format: typeof SYLLABUS_FORMAT
  readonly id: string
  readonly title: string
  readonly board: string
  readonly instrument: SyllabusInstrument
  /** The year, as a rule. */
  readonly edition: string
  /** The id of the edition before. */
  readonly follows: string | null
  readonly marking: Marking | null
  /** What it is for, where it is not an exam: a course that a pupil goes through level by level. */
  readonly purpose?: 'course'
  readonly grades: readonly Grade[]
}

/** One way to meet an atom. */
export interface Requirement extends PlayerRequirement {
  readonly tonic: string
  readonly kind: KindId
  readonly inversion: number
  readonly octaves: number
  readonly course: Course
  readonly articulations: readonly Articulation[]
  readonly touch: HandTouch | null
  readonly tempo: RequiredTempo
  readonly pattern: Pattern
}

/** The smallest thing that can be asked: any one of its variants meets it. */
export interface Atom {
  readonly id: string
  readonly group: string
  readonly entry: string
  readonly words: Message
  /** The key as it is named in the list; the same in all variants. */
  readonly tonic: string
  readonly variants: readonly Requirement[]
  /** Atoms of one scope are met in one form: the candidate chooses once for all of them. Null: each by itself. */
  readonly scope: string | null
}

/** Whether the lists of an instrument say which hands play. */
export const saysHands = ({ instrument }: Pick<Syllabus, 'instrument'>): boolean =>
  familyForList(instrument).examined.saysHands

/** Whether a list for an instrument asks what a recipe is for. */
export const isFor = (instrument: SyllabusInstrument, recipe: Pick<Recipe, 'instrument'>): boolean =>
  familyForList(instrument) === familyOf(recipe)
