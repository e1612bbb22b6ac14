import type { ContraryFrom } from '../study'
import type { BaseId, Form, Quality, Related } from '../material'
import type { Message } from '../message'
import type { Interval, Note } from '../pitch'
import type { Place, RecipeInput } from '../instrument'
import type { Chooser, Entry } from '../syllabus'

/** What makes a kind: which chord or mode, which minor, which shape, or a name that says it all. */
export interface Features {
  readonly quality?: Quality
  readonly form?: Form
  readonly shape?:
    | 'scale'
    | 'arpeggio'
    | 'seventh'
    | 'five-finger'
    | 'tetrachords'
    | 'cadence'
    | 'double-thirds'
    | 'double-sixths'
    | 'double-octaves'
    | 'double-minor-thirds'
    | 'diatonic-triads'
    | 'diatonic-sevenths'
    | 'broken-chord'
  /** A base with words of its own, or the pentatonic of either mode. */
  readonly named?: BaseId | 'pentatonic'
}

/** How many signs the keys of “all” may have. */
export interface Signs {
  readonly sharps: number | null
  readonly flats: number | null
  /** Just so many, or so many at the most. */
  readonly exact: boolean
}

type Changes = Omit<RecipeInput, 'material'>

/** What a board's list says beyond a study. */
export interface Ask {
  readonly chooser?: Chooser
  readonly scope?: Entry['scope']
  readonly hands?: Entry['hands']
  readonly pick?: number
  readonly seventh?: Entry['seventh']
  readonly beat?: Entry['tempo']['beat']
  readonly bpm?: number
  readonly kind?: Entry['tempo']['kind']
  readonly most?: number
  readonly memory?: boolean
  readonly top?: Entry['top']
  readonly lead?: Entry['lead']
  readonly above?: boolean
  readonly starts?: 'all' | 'white' | 'black'
  /** All of them are asked. */
  readonly every?: true
  /** All keys whose signature has sharps, or flats. */
  readonly signed?: 'sharps' | 'flats'
  /** The notes on which the hands begin. */
  readonly handsOn?: { readonly right?: Note; readonly left?: Note }
  /** The one note on which it begins. */
  readonly start?: Note
  /** The degree of its key on which it begins. */
  readonly degree?: number
  /** Where hands begin, whichever way they move. */
  readonly positions?: true
  readonly handsFrom?: ContraryFrom
  /** Something that the words leave open by themselves. */
  readonly question?: string
  readonly except?: readonly Note[]
  readonly resolution?: Entry['resolution']
  readonly condition?: string
}

/** A day as it is said of what was played: so many days ago, the last such weekday (Monday 0), a date of the last year. */
export type SpokenDay =
  | { readonly ago: number }
  /** `before`: not today, whatever day it is. */
  | { readonly weekday: number; readonly before: boolean }
  | { readonly month: number; readonly date: number }

/** What a line of the record says beyond the study. */
export interface Played {
  /** `unclear`: something was said of how it went that is none of the outcomes. */
  readonly outcome?: 'right' | 'hesitated' | 'wrong' | 'unclear' | 'later'
  readonly place?: Place
  readonly kind?: 'cold-test' | 'home'
  readonly day?: SpokenDay
  /** Each hand by itself. */
  readonly apart?: true
  /** A word between two outcomes: the second limits the first, or came after it. */
  readonly turns?: 'but' | 'then'
  /** Read, and nothing that the record takes. */
  readonly beyond?: true
}

export type Pace = { readonly by: number } | { readonly times: number }

/** What a stretch of the line says. */
export type Part =
  | { readonly is: 'tonic'; readonly note: Note }
  /** `question` where the words do not say surely that it is meant. */
  | { readonly is: 'feature'; readonly features: Features; readonly question?: string; readonly of?: true }
  | { readonly is: 'inversion'; readonly inversion: number; readonly more?: readonly number[] }
  /** `usual` goes with it unless the line says otherwise. */
  /** `exact`: the very interval that hands lie apart. */
  | {
      readonly is: 'change'
      readonly change: Changes
      readonly usual?: Changes
      readonly question?: Message
      readonly exact?: 'major' | 'minor'
    }
  /** So many octaves more, or fewer, than what lies on the desk. */
  | { readonly is: 'more'; readonly octaves: number }
  /** Beats a minute more or fewer than the study that is meant has, or so many times as many. */
  | { readonly is: 'pace'; readonly pace: Pace }
  /** The key that is related to the one named, or to that of the study it is said over. */
  | { readonly is: 'related'; readonly related: Related }
  /** In a list, keys beside others: beside the last that was named, or (`all`) all of them, or (`of`) those that follow. */
  | { readonly is: 'related-keys'; readonly related: Related; readonly all?: true; readonly of?: true }
  /** The study that it is said over, so much higher or lower. */
  | { readonly is: 'moved'; readonly by: Interval }
  /** A key of the machine's choosing. */
  | { readonly is: 'draw' }
  /** Understood, and no study: what is said to it. */
  | { readonly is: 'aside'; readonly message: Message }
  | { readonly is: 'pitches'; readonly pitches: readonly (string | readonly string[])[] }
  | { readonly is: 'all' }
  | { readonly is: 'three-minors' }
  /** Harmonic and melodic. */
  | { readonly is: 'two-minors'; readonly either?: true }
  | { readonly is: 'signs'; readonly signs: Signs }
  /** What only a board's list asks. */
  | { readonly is: 'ask'; readonly ask: Ask }
  /** What only a line of the record says. */
  | { readonly is: 'played'; readonly played: Played }
  /** Between alternatives. */
  | { readonly is: 'or' }
  /** Words that a sentence needs and that say nothing. */
  | { readonly is: 'filler' }

/** What a phrase says. */
export interface Meaning {
  readonly part: Part
}
