import type { FingeringSettings } from '../fingering'
import { KINDS } from '../material'
import { parseNote, pitchClass } from '../pitch'
import { isFree } from '../study'
import { isBlack } from '../surface'
import type { HandPart, Together } from '../together'
import { boardMeasures, type BoardPart, pairMeasures } from './board'
import { type Difficulty, difficultyFrom } from './difficulty'
import { handMeasures, togetherMeasures } from './hands'
import type { Measure, Measures } from './measures'
import { stickMeasures, type StickPart } from './sticks'
import { type Asked, askedMeasures } from './study'
import { WEIGHTS } from './weights'

/** Each measure as the harder hand has it: so both hands are never easier than either. */
function most(each: readonly Measures[]): Measures {
  const found: Partial<Record<Measure, number>> = {}
  for (const measures of each)
    for (const [measure, value] of Object.entries(measures) as [Measure, number][])
      found[measure] = Math.max(found[measure] ?? 0, value)
  return found
}

type Fingered = Asked & { readonly recipe: Asked['recipe'] & Pick<FingeringSettings, 'handSize' | 'chromatic'> }

/** A root on a black key is one to begin from, in whatever inversion. */
function rootIn({ recipe: { material } }: Asked): Measures {
  if (isFree(material)) return {}
  return { blackStart: isBlack(pitchClass(parseNote(material.tonic))) ? 1 : 0 }
}

/** Groups of four or five fingers turn the thumb under a whole grip, on other keys in each octave. */
function groupsIn({ recipe: { chromatic }, kinds }: Fingered): Measures {
  const turns = kinds.some((kind) => kind !== 'pitches' && KINDS[kind].base === 'chromatic' && !KINDS[kind].second)
  return { groups: turns && chromatic !== 'one-three' ? 1 : 0 }
}

/** What was measured of hands on keys. */
export function keyMeasures(
  hands: readonly (HandPart | undefined)[],
  together: Together | undefined,
  asked: Fingered,
): Measures {
  const played = hands.filter((part): part is HandPart => (part?.notes.length ?? 0) > 0)
  const [right, left] = hands
  return {
    ...askedMeasures(asked),
    ...groupsIn(asked),
    ...most([rootIn(asked), ...played.map((part) => handMeasures(part, asked.recipe.handSize))]),
    ...(played.length > 1 && together ? togetherMeasures(right!, left!, together) : {}),
  }
}

/** Hands on keys, right first. Never less for an octave more, for a faster tempo, or for both hands than for either. */
export const keyDifficulty = (...study: Parameters<typeof keyMeasures>): Difficulty =>
  difficultyFrom(keyMeasures(...study), WEIGHTS.keys)

/** What was measured of an accordion: its right hand, and its left on the board or on keys of its own. */
export function accordionMeasures(
  right: HandPart | undefined,
  left: BoardPart | HandPart | undefined,
  asked: Fingered,
): Measures {
  const played = (part: HandPart | BoardPart | undefined): boolean => (part?.notes.length ?? 0) > 0
  const { handSize } = asked.recipe
  return {
    ...askedMeasures(asked),
    ...(right?.buttons ? {} : groupsIn(asked)),
    ...most([
      ...(right && played(right) ? [...(right.buttons ? [] : [rootIn(asked)]), handMeasures(right, handSize)] : []),
      ...(left && played(left) ? ['leaps' in left ? boardMeasures(left) : handMeasures(left, handSize)] : []),
    ]),
    ...(right && left && played(right) && played(left) ? pairMeasures(right, left) : {}),
  }
}

/** Never less for an octave more, a faster tempo, or both hands. */
export const accordionDifficulty = (...study: Parameters<typeof accordionMeasures>): Difficulty =>
  difficultyFrom(accordionMeasures(...study), WEIGHTS.accordion)

/** What was measured of mallets. */
export const malletMeasures = (part: StickPart, asked: Asked): Measures => ({
  ...askedMeasures(asked),
  ...stickMeasures(part),
})

/** A line of sticks. Never less for an octave more or for a faster tempo. */
export const malletDifficulty = (...study: Parameters<typeof malletMeasures>): Difficulty =>
  difficultyFrom(malletMeasures(...study), WEIGHTS.mallets)
