import isEqual from 'fast-deep-equal'
import { type AnyPin, completeRecipe, familyOf, handsMessage, type Recipe, type RecipeInput } from '#core/instrument'
import { keyNamed } from '#core/material'
import {
  apartMessage,
  bookendsMessage,
  octavesMessage,
  type RealisedStudy,
  rhythmMessage,
  shapeMessage,
} from '#core/realise'
import { isFree, NO_BOOKENDS, notesMessage, PLAIN_RHYTHM, touchMessage } from '#core/study'
import { instrumentCalled, wordsFor, wordsOf } from '~/components/instrument/words'
import type { NamedField } from '~/components/instrument/view'
import { t, formatMessage } from '~/composables/words'

/** A change with its name, and the sort of change that it is. */
export interface Named {
  readonly words: string
  /** What changes of one sort have in common; empty where each stands for itself. */
  readonly sort: string
}

const alone = (words: string): Named => ({ words, sort: '' })

const keyWords = ({ material }: Recipe): string =>
  isFree(material)
    ? t('desk.change-words.pitches')
    : formatMessage(keyNamed({ tonic: material.tonic, kind: material.kind }))

const apartWords = (recipe: Recipe): string => {
  const apart = apartMessage(recipe)
  return apart ? formatMessage(apart) : ''
}

/** What each field is called, and how its new value is named. */
const FIELDS: Readonly<Record<string, NamedField>> = {
  instrument: {
    sort: 'desk.change-words.instrument',
    words: instrumentCalled,
  },
  material: {
    sort: 'desk.change-words.key',
    words: keyWords,
  },
  hands: {
    sort: 'desk.change-words.hands',
    words: (recipe) => formatMessage(handsMessage(recipe)),
  },
  motion: {
    sort: 'desk.change-words.hands',
    words: (recipe) => formatMessage(handsMessage(recipe)),
  },
  interval: {
    sort: 'desk.change-words.hands',
    words: (recipe) => apartWords(recipe) || t('desk.change-words.octave-apart'),
  },
  contraryFrom: {
    sort: 'desk.change-words.hands',
    words: (recipe) => apartWords(recipe) || t('desk.change-words.one-key'),
  },
  tonicHand: {
    sort: 'desk.change-words.hands',
    words: ({ tonicHand }) => t('desk.change-words.hand-on-the-tonic', { tonicHand }),
  },
  octaves: {
    sort: 'desk.change-words.length',
    words: ({ octaves }) => formatMessage(octavesMessage(octaves)),
  },
  course: {
    sort: 'desk.change-words.course',
    words: ({ course }) => t('course', { course }),
  },
  pattern: {
    sort: 'desk.change-words.pattern',
    words: (recipe) =>
      shapeMessage({ pattern: recipe.pattern, rhythm: PLAIN_RHYTHM, bookends: NO_BOOKENDS })
        .map(formatMessage)
        .join(', ') || t('desk.change-words.straight'),
  },
  rhythm: {
    sort: 'desk.change-words.rhythm',
    words: (recipe) => rhythmMessage(recipe).map(formatMessage).join(', ') || t('desk.change-words.even'),
  },
  bookends: {
    sort: 'desk.change-words.bookends',
    words: (recipe) => bookendsMessage(recipe).map(formatMessage).join(', ') || t('desk.change-words.none'),
  },
  startOctave: {
    sort: 'desk.change-words.start',
    words: ({ startOctave }) => t('desk.change-words.octave', { startOctave }),
  },
  signature: {
    sort: 'desk.change-words.signature',
    words: ({ signature }) => t('name.signature', { signature }),
  },
  clefs: {
    sort: 'desk.change-words.clefs',
    words: ({ clefs }) => t('name.clefs', { clefs }),
  },
  articulation: {
    sort: 'desk.change-words.touch',
    words: (recipe) => formatMessage(touchMessage(recipe)),
  },
  touch: {
    sort: 'desk.change-words.touch',
    words: (recipe) => formatMessage(touchMessage(recipe)),
  },
  tempo: {
    sort: 'desk.change-words.tempo',
    words: ({ tempo }) =>
      t('desk.change-words.in', { bpm: tempo.bpm, notesMessage: formatMessage(notesMessage(tempo.notesPerBeat)) }),
  },
  school: {
    sort: 'desk.change-words.school',
    words: (recipe) => formatMessage(familyOf(recipe).schools.find(({ id }) => id === recipe.school)!.called),
  },
}

const pinWords = (pin: AnyPin, study: RealisedStudy | null): string =>
  (study ? wordsOf(study) : wordsFor({})).pinWords(pin, study)

function pinsNamed(before: readonly AnyPin[], after: readonly AnyPin[], study: RealisedStudy | null): Named {
  const added = after.filter((pin) => !before.some((each) => isEqual(each, pin)))
  const taken = before.filter((pin) => !after.some((each) => isEqual(each, pin)))
  if (added.length === 1) return alone(t('desk.change-words.pin', { pinWords: pinWords(added[0]!, study) }))
  if (added.length > 1) return alone(t('desk.change-words.pins', { count: added.length }))
  if (taken.length === 1) return alone(t('desk.change-words.freeing', { pinWords: pinWords(taken[0]!, study) }))
  return alone(t('desk.change-words.freeing-pins', { count: taken.length }))
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
  if (!one || !other) return alone(t('desk.change-words.unplayable'))
  const fields = { ...FIELDS, ...wordsFor(other).fields }
  const changed = Object.keys(fields).filter(
    (field) => !isEqual(one[field as keyof Recipe], other[field as keyof Recipe]),
  )
  // what only follows from another field is not named
  const shown = changed.filter((field) => field !== 'startOctave' && field !== 'tempo')
  const field = shown[0] ?? changed[0]
  if (!field) {
    return isEqual(one.pins, other.pins)
      ? alone(t('desk.change-words.settings'))
      : pinsNamed(one.pins, other.pins, study)
  }
  const { sort, words } = fields[field]!
  const more = new Set(shown.map((each) => fields[each]!.sort)).size > 1 ? 'more' : 'alone'
  return { words: t('desk.change-words.changed', { sort: t(sort), value: words(other), more }), sort: field }
}
