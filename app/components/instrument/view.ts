import type { Component } from 'vue'
import type { AnyPin, Player, Recipe } from '#core/instrument'
import type { RealisedStudy } from '#core/realise'
import type { Settings } from '#core/syllabus'
import type { Code } from '#words'
import type { Shown } from '~/stores/showing'
import type { Beside } from '~/components/compare/beside'

/** A field of a recipe as undo names it: the sort of change, and its new value. */
export interface NamedField {
  readonly sort: Code
  readonly words: (recipe: Recipe) => string
}

/** The pictures and controls that differ from one family of instruments to another. */
export interface FamilyView {
  /** The family's tag in the core. */
  readonly plays: RealisedStudy['plays']
  /** Title: who plays, after the key. Takes `recipe` and `study`, tells `change`. */
  readonly Players: Component
  /** Title: touch, or how notes are struck. The same. */
  readonly Strokes: Component
  /** Title: what stands at its end, if anything. Takes `recipe`, tells `change`. */
  readonly Last: Component | null
  /** What stands over every system, and how much room it wants; null where there is nothing. */
  readonly over: (study: RealisedStudy, shown: Shown) => { readonly picture: Component; readonly height: number } | null
  /** The same under every system. */
  readonly under: (study: RealisedStudy) => { readonly picture: Component; readonly height: number } | null
  /** The chart under the score, and how tall it stands where one system is shown, or several. */
  readonly Stair: Component
  readonly stairHeight: (systems: number) => number
  /** The instrument true to scale. */
  readonly Map: Component
  /** What stands beside the score, over the reasons: the part of the instrument that a line does not show; or nothing. */
  readonly Beside: Component | null
  /** Schools, their settings, and what is uncertain about the instrument. Takes `recipe`, tells `change`. */
  readonly Schools: Component
  /** How a pupil plays, when a grade becomes a set. Takes `own` settings, tells `set` with a field and a value. */
  readonly Settings: Component
}

/** What the page says that differs from one family to another. */
export interface FamilyWords {
  /** The family's tag in the core. */
  readonly plays: RealisedStudy['plays']
  /** What of the pictures can be left out. */
  readonly shown: readonly (readonly [Exclude<keyof Shown, 'names' | 'singleKeys'>, Code])[]
  /** A player as it is called: “right hand”, and in short before a reason. */
  readonly called: (player: Player) => string
  readonly short: (player: Player) => string
  /** “Pin finger 3”. */
  readonly markWords: (mark: string) => string
  readonly stretchWords: { readonly pin: Code; readonly free: Code }
  /** What is said where nothing is selected, and where nothing can be pinned. */
  readonly hint: (study: RealisedStudy) => string
  /** What reasons and other ways are headed by. */
  readonly headings: { readonly why: Code; readonly others: Code }
  /** What stands where there is no reason to give, and no other way. */
  readonly noReasons: (study: RealisedStudy) => string
  readonly noOthers: Code | null
  /** In which order the index of difficulty counts. */
  readonly difficultyOrder: Code
  /** Which hands can be heard apart, in words. */
  readonly heard: (study: RealisedStudy) => readonly { value: 'both' | 'right' | 'left'; words: Code; note?: Code }[]
  /** What is special about a note, for a screen reader. */
  readonly special: (study: RealisedStudy, player: Player, index: number) => readonly string[]
  /** What else may be laid beside a study. */
  readonly besides: (study: RealisedStudy) => readonly Beside[]
  /** What the body or the ear should be spared; null where the usual says all. */
  readonly caution: Code | null
  /** What undo calls the family's own fields. */
  readonly fields: Readonly<Record<string, NamedField>>
  readonly pinWords: (pin: AnyPin, study: RealisedStudy | null) => string
  /** What a pupil's own settings say of the instrument, beyond school, hands and make. */
  readonly madeAs: (own: Settings) => readonly string[]
  /** A study in a programme: who plays, how long. */
  readonly programme: (recipe: Recipe) => string
}
