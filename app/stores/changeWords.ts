import isEqual from 'fast-deep-equal'
import { type AnyPin, completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { KINDS } from '#core/material'
import { parseNote, printedName } from '#core/pitch'
import {
  apartWords,
  bookendWords,
  handWords,
  octaveWords,
  patternWords,
  type RealisedStudy,
  rhythmWords,
} from '#core/realise'
import { isFree, NO_BOOKENDS, notesWords, PLAIN_RHYTHM } from '#core/study'
import { wordsFor, wordsOf } from '~/components/instrument/words'
import type { ToldField } from '~/components/instrument/view'

/** A change with its name, and the sort of change that it is. */
export interface Named {
  readonly words: string
  /** The beginning of the words that changes of one sort share; empty where each stands for itself. */
  readonly sort: string
}

const alone = (words: string): Named => ({ words, sort: '' })

const keyWords = ({ material }: Recipe): string =>
  isFree(material) ? 'pitches' : `${printedName(parseNote(material.tonic))} ${KINDS[material.kind].words}`

/** What each field is called, and how its new value is told. */
const FIELDS: Readonly<Record<string, ToldField>> = {
  instrument: { sort: 'instrument', words: ({ instrument }) => instrument.replace('-', ' ') },
  material: { sort: 'key', words: keyWords },
  hands: { sort: 'hands', words: handWords },
  motion: { sort: 'hands', words: handWords },
  interval: { sort: 'hands', words: (recipe) => apartWords(recipe) || 'an octave apart' },
  contraryFrom: { sort: 'hands', words: (recipe) => apartWords(recipe) || 'from one key' },
  tonicHand: { sort: 'hands', words: ({ tonicHand }) => `${tonicHand} hand on the tonic` },
  octaves: { sort: 'length', words: ({ octaves }) => octaveWords(octaves) },
  course: { sort: 'course', words: ({ course }) => course.replace('-', ' and ') },
  pattern: {
    sort: 'pattern',
    words: (recipe) =>
      patternWords({ pattern: recipe.pattern, rhythm: PLAIN_RHYTHM, bookends: NO_BOOKENDS }).join(', ') || 'straight',
  },
  rhythm: { sort: 'rhythm', words: (recipe) => rhythmWords(recipe).join(', ') || 'even' },
  bookends: { sort: 'bookends', words: (recipe) => bookendWords(recipe).join(', ') || 'none' },
  startOctave: { sort: 'start', words: ({ startOctave }) => `octave ${startOctave}` },
  signature: { sort: 'signature', words: ({ signature }) => signature },
  articulation: { sort: 'touch', words: ({ articulation }) => articulation },
  tempo: { sort: 'tempo', words: ({ tempo }) => `♩ = ${tempo.bpm} in ${notesWords(tempo.notesPerBeat)}` },
  school: { sort: 'school', words: ({ school }) => school.replaceAll('-', ' ') },
}

const pinWords = (pin: AnyPin, study: RealisedStudy | null): string =>
  (study ? wordsOf(study) : wordsFor({})).pinWords(pin, study)

function pinsNamed(before: readonly AnyPin[], after: readonly AnyPin[], study: RealisedStudy | null): Named {
  const added = after.filter((pin) => !before.some((each) => isEqual(each, pin)))
  const taken = before.filter((pin) => !after.some((each) => isEqual(each, pin)))
  if (added.length === 1) return alone(`pin ${pinWords(added[0]!, study)}`)
  if (added.length > 1) return alone(`${added.length} pins`)
  if (taken.length === 1) return alone(`freeing ${pinWords(taken[0]!, study)}`)
  return alone(`freeing ${taken.length} pins`)
}

/** A recipe as far as it can be completed; what cannot be is named without its value. */
function whole(input: RecipeInput): Recipe | null {
  try {
    return completeRecipe(input)
  } catch {
    return null
  }
}

/** Names a change by what is different after it. */
export function namedChange(before: RecipeInput, after: RecipeInput, study: RealisedStudy | null): Named {
  const [one, other] = [whole(before), whole(after)]
  if (!one || !other) return alone('a change that cannot be played')
  const fields = { ...FIELDS, ...wordsFor(other).fields }
  const valueOf = (recipe: Recipe, field: string): string => JSON.stringify(recipe[field as keyof Recipe])
  const changed = Object.keys(fields).filter((field) => valueOf(one, field) !== valueOf(other, field))
  // what only follows from another field is not named
  const asked = changed.filter((field) => field !== 'startOctave' && field !== 'tempo')
  const field = asked[0] ?? changed[0]
  if (!field) {
    return JSON.stringify(one.pins) === JSON.stringify(other.pins)
      ? alone('settings of the school')
      : pinsNamed(one.pins, other.pins, study)
  }
  const { sort, words } = fields[field]!
  const more = new Set(asked.map((each) => fields[each]!.sort)).size > 1 ? ' and more' : ''
  return { words: `${sort}: ${words(other)}${more}`, sort: `${sort}:` }
}
