import type { Kind, Material } from '../material'
import type { Message } from '../message'
import type {
  PlacedMark,
  Common,
  CommonInput,
  CommonRecipe,
  Hand,
  Ladder,
  Line,
  LineNote,
  UsualStart,
  Rhythm,
  Tempo,
  LayoutRules,
} from '../study'
import type { Pedal } from '../sticking'
import type { Difficulty } from '../difficulty'
import type { Together } from '../together'
import type { PlayerRequirement, Miss, ShortField, StandsFor } from './requirement'
import type { Phrase, Saying } from './lexicon'
import type { Part } from './parts'
import type { OwnTask } from './tasks'
import type { Place, Route } from './route'

/** One instrument that stands in a room. */
export interface Instrument<Id extends string = string> {
  readonly id: Id
  /** All sizes of one make sound alike: `marimba`. */
  readonly make: string
  /** What tells it from others of its make, `4.3`; null where there is but one. */
  readonly size: string | null
  /** “the 88 keys of the piano”, as it stands where a study leaves its compass. */
  readonly compass: Message
  /** Lowest and highest note, written, as MIDI numbers. */
  readonly lowest: number
  readonly highest: number
  /** Semitones by which it sounds above what is written. */
  readonly transposition: number
  /** Lowest and highest note that is heard, where more sounds than is written. */
  readonly sounding?: { readonly lowest: number; readonly highest: number }
}

/** What a pupil may play, and which lists are then for it; the recipe's instrument unless the pupil has another. */
interface Taught {
  /** As it stands with a pupil. */
  readonly id: string
  /** As boards call their lists. */
  readonly list: string
  readonly instrument: string
}

/** Why something is as it is, whoever plays. */
export interface Reason {
  readonly kind: string
  readonly indices: readonly number[]
  readonly message: Message
  readonly price: number | null
}

/** One player's line, as far as every family has it. */
export interface SolvedLine {
  readonly notes: readonly LineNote[]
  /** Written names with octave, `F##4`. */
  readonly pitches: readonly string[]
  /** Sounding pitches. */
  readonly midi: readonly number[]
  readonly pinned: readonly { readonly index: number; readonly pin: number }[]
  readonly reasons: readonly Reason[]
  /** Where each note is found, on an instrument that has it in several places; to be compared, not read. */
  readonly places?: readonly string[]
}

/** Another way that would serve a player, with what stands over each note. */
export interface Other {
  readonly marks: readonly string[]
  /** Pins that make it stand, where its marks alone would not. */
  readonly pins?: readonly PlacedMark[]
  /** Points more than what stands. */
  readonly price: number
  readonly pattern: Message
  readonly message: Message
  /** The first note on which it departs. */
  readonly departs: number
}

/** What is said over a note of the score beside its pitch and length. */
export type ScoreSign =
  | { readonly is: 'registers'; readonly feet: readonly string[] }
  | { readonly is: 'bellows'; readonly direction: 'opening' | 'closing'; readonly shakes: boolean }
  | { readonly is: 'pedal'; readonly goes: 'down' | 'anew' | 'up' }
/** What a stroke does beside sounding: it stays on its bar, or another mallet stops the bar before. */
export type StrokeMark = 'dead' | 'damp'
export interface PlacedSign {
  /** The step before which it stands; after the last where it is the count of steps. */
  readonly step: number
  readonly sign: ScoreSign
}

/** How a study is played: what every family says of it; the tag tells families apart. */
export interface Performance {
  readonly plays: string
  /** Only where both hands play lines of their own. */
  readonly together?: Together
  readonly difficulty: Difficulty
}

/** What stands instead of the engine's own, by player, note by note. */
export type AcceptedMarks = Readonly<Partial<Record<string, readonly (string | number)[]>>>

/** What is asked besides the recipe. */
export interface Wanted {
  readonly accepted: AcceptedMarks
  /** Further ways of each player at the most; five unless said. */
  readonly alternatives: number | undefined
}

/** A note as it is written and will be heard. Times are in beats (quarters) from the first note. */
export interface WrittenNote {
  /** Its place in its line, and its step. */
  readonly index: number
  readonly step: number
  readonly midi: number
  readonly start: number
  readonly beats: number
  /** From 0 to 1. */
  readonly strength: number
}
/** The same in the hand that strikes it. */
export interface HeardNote extends WrittenNote {
  readonly hand: Hand
  /** Stopped with its own length: a pedal lets it ring no longer. */
  readonly stopped?: true
}

/** A school of the family, as it is offered. */
interface Offered {
  readonly id: string
  readonly called: Message
  readonly idea: Message
  /** Whether it can be laid beside any study. */
  readonly compares: boolean
}

/** Marks of one repeat of a figure, and the pins that give them to all. */
export interface Repeated {
  readonly marks: readonly string[]
  readonly pins: readonly PlacedMark[]
}

/** Something else than a mark that can be pinned to a note, such as a button. */
export interface AlsoPinned {
  readonly pin: PlacedMark
  readonly message: Message
  /** Whether it is what stands. */
  readonly stands: boolean
}

/** How pins are made and distinguished. */
interface Pins<R extends CommonRecipe, P extends Performance, PlayerId extends string> {
  /** Whether a pin is of this family: by its fields, where no recipe says so. */
  isOwn(pin: PlacedMark): boolean
  /** What it fixes, as a line says it: “3 on note 4, right”. */
  describe(pin: PlacedMark): Message
  /** Who a pin is for. */
  playerOf(pin: PlacedMark): PlayerId
  atNote(player: PlayerId, index: number, mark: string): PlacedMark
  onDegree(player: PlayerId, degree: number, leg: 'up' | 'down' | undefined, mark: string): PlacedMark
  overRun(player: PlayerId, from: number, marks: readonly string[]): PlacedMark
  /** What a key of the computer's keyboard would pin; null where it pins nothing. */
  markOf(key: string): string | null
  /** Every mark that can be pinned to a player's note, in the order of its buttons. */
  marksFor(player: PlayerId): readonly string[]
  /** What else a note can be pinned to; nothing where there is no choice. */
  alsoAt(recipe: R, performance: P, player: PlayerId, index: number): readonly AlsoPinned[]
  /** What the repeat of a figure at a note has, and pins that give it to every repeat; null where nothing repeats. */
  inRepeats(performance: P, player: PlayerId, index: number): Repeated | null
}

/** How lists ask the family, and how its studies meet them. */
export interface Examined<R extends CommonRecipe> {
  /** Lists that are for it. */
  readonly lists: readonly string[]
  /** Fields of an entry that only its lists have. */
  readonly asked: readonly string[]
  /** Whether a list says which hands play. */
  readonly saysHands: boolean
  /** What of a requirement's players a study falls short of. */
  shortOf(recipe: R, required: PlayerRequirement, togetherForSeparate: boolean, miss: Miss): void
  /** What a requirement sets in a recipe beyond key, length, course and tempo. */
  setBy(required: PlayerRequirement, own?: { readonly instrument?: string }): Readonly<Record<string, unknown>>
  /** What of its own a list's wish only alters in a study, which stays the same study. */
  readonly alters: readonly ShortField[]
  /** What is altered then. */
  altered(field: ShortField, recipe: R, required: PlayerRequirement): Readonly<Record<string, unknown>>
  /** What a study stands for beside itself, where hands together count for each hand alone. */
  standsFor(recipe: R): readonly StandsFor[]
}

/** How a family plays: the solver's side of its entry. */
export interface FamilySolver<R extends CommonRecipe, P extends Performance> {
  /** Plays the parts of a study: its fingers or sticks, with reasons. @throws DomainError */
  solve(recipe: R, parts: readonly Part[], lines: readonly Line[], rhythm: Rhythm, wanted: Wanted): P
  /** Notes of a straight rising line on which a crossing lands, for loops around them. @throws DomainError */
  landings(recipe: R, material: Material, line: Line): readonly number[]
}

/**
 * One family of instruments: all that the rest of the program asks of it, but how it is played (`performers.ts`), which
 * pages leave to their worker. Methods, so that a family may know its own
 * recipes (`R`) and performances (`P`); whoever finds it in the register knows only what all have in common.
 */
export interface Family<
  R extends CommonRecipe = CommonRecipe,
  P extends Performance = Performance,
  PlayerId extends string = string,
> extends LayoutRules<R> {
  readonly id: string
  readonly plays: P['plays']
  readonly instruments: readonly Instrument<R['instrument']>[]
  readonly taught: readonly Taught[]
  readonly schools: readonly Offered[]
  /** Those of them that a recipe can have. */
  schoolsFor(recipe: R): readonly Offered[]
  readonly usualSchool: R['school']
  /** A stored recipe with fields that its family got later; what the program did not write itself is left as it is. */
  broughtUp<T extends object>(recipe: T): T
  /** Fields of its recipes beyond the common ones, school and pins apart. */
  readonly fields: readonly (keyof R & string)[]
  /** Fields, as paths, that say who plays what: they are the player's, whatever is studied. */
  readonly playerFields: readonly string[]
  /** Of wider settings the second goes where narrower ones say the first: another board has other rows. */
  readonly playerFollows: readonly (readonly [said: string, goes: string])[]
  /** Those of them that hold fields of their own. */
  readonly parts: readonly (keyof R & string)[]
  /** Whether giving a recipe some of them moves or changes notes, so that no pin outlives it. */
  moves(before: CommonInput, some: Partial<CommonInput>): boolean

  /** Between which notes a recipe's instrument plays, as written, and how its compass is called. */
  compassOf(recipe: R): Pick<Instrument, 'lowest' | 'highest' | 'compass'>
  /** Whether a hand's line lies in that compass; an accordion's bass board has none. */
  hasCompass(hand: Hand): boolean
  /** Whether hands may move against one another, or lie other intervals apart than the octave. */
  readonly movesApart: boolean
  /** Whether a study's length is given in octaves. */
  inOctaves(recipe: R): boolean
  /** Where studies of one of its instruments stand unless they say otherwise. */
  usualStart(instrument: R['instrument']): UsualStart
  /** Notes to the beat that its strokes fill, where the recipe names none. */
  usualPerBeat(input: CommonInput): Tempo['notesPerBeat'] | undefined
  /** Its own fields, with defaults, and whether all goes together. @throws DomainError naming the field */
  complete(input: CommonInput, common: Common, instrument: R['instrument']): R
  /** What else changes in a recipe when it is given other material (null: a list of pitches). */
  alongWith(recipe: R, kind: Kind | null): Readonly<Record<string, unknown>>
  /** The same when other hands play it. */
  alongHands(recipe: R, hands: CommonRecipe['hands']): Readonly<Record<string, unknown>>
  /** Ladders that the notes can climb, as they are struck. */
  laddersOf(recipe: R): readonly Ladder[]
  /** Whether material can be played at all. */
  takes(material: R['material'], kind: Kind | null): boolean
  /** An accent on every so many notes. */
  accentsOf(recipe: R): number

  /** All players that there can be, the upper line first. */
  readonly players: readonly PlayerId[]
  playersIn(performance: P): readonly PlayerId[]
  lineOf(performance: P, player: PlayerId): SolvedLine
  /** What stands over each note. */
  marksOf(performance: P, player: PlayerId): readonly string[]
  /** The hand whose ink a note is drawn in. */
  inkOf(performance: P, player: PlayerId, index: number): Hand
  /** Notes on which a new stretch begins that is played without moving. */
  stretchesOf(performance: P, player: PlayerId): readonly number[]
  /** Notes on which something is crossed. */
  crossingsOf(performance: P, player: PlayerId): readonly number[]
  /** Notes that are practised by themselves, with what stands around them. */
  worthLooping(performance: P, player: PlayerId): readonly number[]
  /** What a line of an octave is remembered by, in a few words each. */
  landmarksOf(performance: P, player: PlayerId): readonly Message[]
  /** What stands in groups of two and three before the player, by which a key is found; null where nothing does. */
  groupsOf(recipe: R): 'keys' | 'bars' | null
  /** The note of an octave on which the fourth finger lies; null where it lies on none or several, or nobody has fingers. */
  fourthOf(performance: P, player: PlayerId): number | null
  /** Notes whose mark is underlined: they are found in another row than is usual. */
  underlinedIn(performance: P, player: PlayerId): readonly number[]
  /** What a study of a chart of fingerings has beyond its key, so that every player has a line. */
  readonly charted: Readonly<Record<string, unknown>>
  /** Where the players meet, in sentences. */
  meetings(performance: P): readonly Message[]
  othersOf(performance: P, player: PlayerId): readonly Other[]
  acceptedOf(performance: P): AcceptedMarks
  /** Whether a player's notes can be pinned, or are dictated. */
  takesPins(recipe: R, performance: P, player: PlayerId): boolean
  readonly pins: Pins<R, P, PlayerId>
  /** Strokes of a note that is rolled; 0 where it is not. */
  strokesAt(performance: P, index: number): number
  /** Strokes to the beat where notes are rolled; null where they are not. */
  rollOf(performance: P): number | null
  /** Which notes of a note's line are heard, by which hand. */
  heard(performance: P, player: PlayerId, note: WrittenNote): readonly HeardNote[]
  /** Steps at which the sound dips for a moment, as where bellows turn. */
  dipsOf(performance: P): readonly number[]
  /** Signs of the score: which reeds sound, which way the bellows go, when the pedal changes. */
  signsOf(performance: P): readonly PlacedSign[]
  /** Its sound, as General MIDI numbers them from 0 (MIDI Manufacturers Association, General MIDI System Level 1, 1991). */
  programOf(recipe: R): number
  /** What changes where a recipe goes over to another instrument of the family that has not all that this one has. */
  alongInstrument(recipe: R, instrument: R['instrument']): Partial<R>
  /** What the stroke of a note does beside sounding. */
  strokeMarksAt(performance: P, index: number): readonly StrokeMark[]
  /** When the pedal changes that lets what is struck ring; null without one. */
  pedalOf(recipe: R): Pedal | null
  /** The hands that can be heard apart. */
  handsHeard(performance: P): readonly Hand[]

  /** What the terminal says of a performance, by the contract of its format. */
  describe(performance: P): Readonly<Record<string, unknown>>

  /** By whom, or on what: “hands together”, “marimba”. */
  playedBy(recipe: R): Message
  /** What else a title says of the playing; empty for what is usual. */
  alsoMessage(recipe: R): readonly Message[]
  /** Whether touch is chosen for its own sake. */
  readonly hasTouch: boolean
  readonly examined: Examined<R>
  /** Places of its studies at which something goes wrong, as they are offered. */
  readonly places: readonly Place[]
  /** What worksheets ask of the instrument itself. */
  readonly tasks: readonly OwnTask<R, P>[]
  /** How its studies are practised, stage by stage. */
  readonly route: Route<R, P>
  /** What a called line says of it. */
  readonly lexicon: readonly Saying[]
  /** What is said of a recipe in a written line: by whom first, then field by field, then its pins. */
  readonly written: {
    by(recipe: R): string
    /** Fields from which the usual follows. */
    plain(recipe: R): Readonly<Record<string, unknown>>
    following(recipe: R): Readonly<Record<string, unknown>>
    readonly phrases: readonly Phrase<R>[]
    pin(pin: PlacedMark): string
  }
}

/** A family as it is written in its own file, with its types known. */
export const family = <R extends CommonRecipe, P extends Performance, PlayerId extends string>(
  entry: Family<R, P, PlayerId>,
): Family<R, P, PlayerId> => entry
