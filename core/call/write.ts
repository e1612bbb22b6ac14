import { completeRecipe, familyOf, type Phrase, type Recipe, type RecipeInput } from '../instrument'
import { FREE, KINDS, MAKINGS } from '../material'
import { type ContraryFrom, type CommonRecipe, isFree, usualLink } from '../study'

import {
  ACCOMPANIMENT,
  AFTER,
  BEFORE,
  FIGURE,
  LABELS,
  LADDER,
  LENGTHS,
  LINK,
  NOTES,
  OCTAVES,
  VOICING,
  WALK,
} from './called'
import { cadencePhrase, DIRECTION, journeyPhrase, motifPhrase, returnPhrase, stepPhrase } from './lineWritten'

const COURSES: Record<CommonRecipe['course'], string> = {
  'up-down': 'up and down',
  'down-up': 'down and up',
  up: 'up only',
  down: 'down only',
}
function materialPhrase({ material }: Recipe): string {
  if (isFree(material)) {
    return `pitches ${material.pitches.map((each) => (typeof each === 'string' ? each : each.join('+'))).join(' ')}`
  }
  const name = `${material.tonic} ${MAKINGS[material.kind].written}`
  return material.inversion ? `${name}, inversion ${material.inversion}` : name
}

const motionPhrase = ({ motion, hands }: CommonRecipe): string =>
  hands === 'together' && motion === 'contrary' ? '' : `${motion} motion`

const CONTRARY_CALLS: Readonly<Record<ContraryFrom, string>> = {
  unison: 'from one key',
  octave: 'from an octave apart',
  third: 'from a third apart',
  sixth: 'from a sixth apart',
  tenth: 'from a tenth apart',
}

const SHAPE_PHRASES: readonly Phrase[] = [
  { of: ({ motion }) => motion, say: motionPhrase },
  {
    of: ({ interval }) => interval,
    say: ({ interval }) => (interval === 'octave' ? 'an octave apart' : `a ${interval} apart`),
  },
  {
    of: ({ contraryFrom }) => contraryFrom,
    say: ({ contraryFrom }) => CONTRARY_CALLS[contraryFrom],
  },
  { of: ({ tonicHand }) => tonicHand, say: ({ tonicHand }) => `${tonicHand} hand on the tonic`, follows: true },
  { of: ({ course }) => course, say: ({ course }) => COURSES[course] },
  {
    // the usual octave follows from the hand that has the tonic, so that both are said where one is unusual
    of: ({ startOctave, tonicHand }) => [startOctave, tonicHand],
    say: ({ startOctave }) => `from octave ${startOctave}`,
    follows: true,
  },
  { of: ({ pattern }) => pattern.figure, say: ({ pattern }) => FIGURE[pattern.figure] },
  { of: ({ pattern }) => pattern.walk, say: ({ pattern }) => WALK[pattern.walk] },
  { of: ({ pattern }) => pattern.motif, say: ({ pattern }) => motifPhrase(pattern) },
  { of: ({ pattern }) => pattern.sequence.step, say: ({ pattern }) => stepPhrase(pattern.sequence.step) },
  { of: ({ pattern }) => pattern.sequence.direction, say: ({ pattern }) => DIRECTION[pattern.sequence.direction] },
  { of: ({ pattern }) => pattern.sequence.return, say: ({ pattern }) => returnPhrase(pattern.sequence.return) },
  { of: ({ pattern }) => pattern.journey, say: ({ pattern }) => journeyPhrase(pattern.journey) },
  {
    of: ({ pattern: { link, journey } }) => (link === usualLink(journey) ? null : link),
    say: ({ pattern }) => LINK[pattern.link],
  },
  {
    of: ({ pattern }) => pattern.accompaniment,
    say: ({ pattern }) => ACCOMPANIMENT[pattern.accompaniment],
  },
]
const RHYTHM_PHRASES: readonly Phrase[] = [
  { of: ({ tempo }) => tempo.notesPerBeat, say: ({ tempo }) => `in ${NOTES[tempo.notesPerBeat]}`, follows: true },
  { of: ({ tempo }) => tempo.bpm, say: ({ tempo }) => `at ${tempo.bpm}`, follows: true },
  { of: ({ rhythm }) => rhythm.ladder, say: ({ rhythm }) => LADDER[rhythm.ladder] },
  { of: ({ rhythm }) => rhythm.lengths, say: ({ rhythm }) => LENGTHS[rhythm.lengths] },
  { of: ({ rhythm }) => rhythm.swing, say: ({ rhythm }) => `swing ${rhythm.swing} %` },
  { of: ({ rhythm }) => rhythm.accents, say: ({ rhythm }) => `accent every ${rhythm.accents}` },
  {
    of: ({ bookends: { before, after } }) => [before, after],
    say: (recipe) => [BEFORE[recipe.bookends.before], AFTER[recipe.bookends.after]].filter(Boolean).join(', '),
  },
]
const CHORD_PHRASES: readonly Phrase[] = [
  { of: ({ bookends }) => bookends.chords, say: ({ bookends }) => cadencePhrase(bookends.chords) },
  { of: ({ bookends }) => bookends.voicing, say: ({ bookends }) => VOICING[bookends.voicing] },
  { of: ({ bookends }) => bookends.labels, say: ({ bookends }) => LABELS[bookends.labels] },
]
const REST_PHRASES: readonly Phrase[] = [
  {
    of: ({ articulation, touch }) => [articulation, touch],
    say: ({ articulation, touch }) => (touch ? `right hand ${touch.right}, left hand ${touch.left}` : articulation),
  },
  { of: ({ clefs }) => clefs, say: ({ clefs }) => (clefs === 'own' ? 'own clefs' : 'changing clefs') },
  {
    of: ({ signature }) => signature,
    say: ({ signature }) => (signature === 'none' ? 'no signature' : `${signature} signature`),
  },
]
const COMMON_PHRASES: readonly Phrase[] = [...[...SHAPE_PHRASES, ...RHYTHM_PHRASES, ...CHORD_PHRASES, ...REST_PHRASES]]

/** The phrases for what is not usual. */
function unusual<R extends Recipe>(recipe: R, phrases: readonly Phrase<R>[], plain: R, following: R): string[] {
  return phrases
    .filter(({ of, follows }) => JSON.stringify(of(recipe)) !== JSON.stringify(of(follows ? following : plain)))
    .map(({ say }) => say(recipe))
}

/** What is said of a recipe by its family: who plays, how long, and all that is not usual for it. */
function playedPhrases(recipe: Recipe): string[] {
  const { written } = familyOf(recipe)
  const { material } = recipe
  const usual = (fields: Readonly<Record<string, unknown>>): Recipe =>
    completeRecipe({ material, ...fields } as RecipeInput)
  const plain = usual(written.plain(recipe))
  return [
    written.by(recipe),
    octavesWritten(recipe, plain),
    ...unusual<Recipe>(recipe, [...COMMON_PHRASES, ...written.phrases], plain, usual(written.following(recipe))),
    ...recipe.pins.map((pin) => written.pin(pin)),
  ]
}

function octavesWritten({ material, octaves }: Recipe, plain: Recipe): string {
  const texture = isFree(material) ? FREE.texture : KINDS[material.kind].texture
  return texture === 'free' && octaves === plain.octaves ? '' : `${OCTAVES[octaves]} octave${octaves === 1 ? '' : 's'}`
}

/**
 * Writes a complete recipe as a line that reads back as the same recipe: what is usual for such a study is left out,
 * the rest is said in the words of the page. Hands or instrument and octaves are always said.
 */
export const writeCall = (recipe: Recipe): string =>
  [materialPhrase(recipe), ...playedPhrases(recipe)].filter(Boolean).join(', ')
