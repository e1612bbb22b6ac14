import { FREE, KINDS, type KindId } from '../material'
import {
  completeRecipe,
  type FingerRecipe,
  isDegreePin,
  isFree,
  isGripPin,
  isMallets,
  type MalletRecipe,
  notesWords,
  type Pin,
  type Recipe,
} from '../study'
import type { Phrase } from './phrase'
import { STICK_PHRASES, stickPinPhrase } from './writeSticks'
import { bookendWords, handWords, octaveWords, shapingWords } from '../realise'

/** How a kind is called; those that are missing are called by their name in a sentence. */
const CALLED: Partial<Record<KindId, string>> = {
  'octatonic-half-whole': 'octatonic half step first',
  'octatonic-whole-half': 'octatonic whole step first',
  'cadence-major': 'major cadence',
  'cadence-minor': 'minor cadence',
  'double-thirds-chromatic-minor': 'chromatic in double minor thirds',
}

const SCHOOLS: Record<FingerRecipe['school'], string> = {
  conservatory: 'conservatory school',
  'black-key-pivot': 'black-key pivot',
  'one-fingering-for-all': 'one fingering for all',
  'black-groups': 'black groups',
  'two-hand-tetrachords': 'two-hand tetrachords',
  'free-and-smooth': 'free and smooth',
}
const COURSES: Record<Recipe['course'], string> = {
  'up-down': 'up and down',
  'down-up': 'down and up',
  up: 'up only',
  down: 'down only',
}
const FIRST_FINGER = { usual: 'first finger as usual', pattern: 'first finger pattern', two: 'first finger 2' } as const
const LEFT_ARPEGGIO = {
  'by-distance': 'left arpeggios by distance',
  'always-four': 'left arpeggios always 4',
} as const
const CHROMATIC = { 'one-three': 'chromatic 1-3', fours: 'chromatic in fours', fives: 'chromatic in fives' } as const

function pinPhrase(pin: Pin): string {
  const hand = `pin ${pin.hand} hand`
  if (isGripPin(pin)) return `${hand} notes ${pin.from + 1} fingers ${pin.fingers.join(' ')}`
  if (!isDegreePin(pin)) return `${hand} note ${pin.index + 1} finger ${pin.finger}`
  return `${hand} degree ${pin.degree} finger ${pin.finger}${pin.leg ? ` going ${pin.leg}` : ''}`
}

function materialPhrase({ material }: Recipe): string {
  if (isFree(material)) {
    return `pitches ${material.pitches.map((each) => (typeof each === 'string' ? each : each.join('+'))).join(' ')}`
  }
  const name = `${material.tonic} ${CALLED[material.kind] ?? KINDS[material.kind].words}`
  return material.inversion ? `${name}, inversion ${material.inversion}` : name
}

const motionPhrase = ({ motion, hands }: Recipe): string =>
  hands === 'together' && motion === 'contrary' ? '' : `${motion} motion`

const SHAPE_PHRASES: readonly Phrase[] = [
  { of: ({ motion }) => motion, say: motionPhrase },
  {
    of: ({ interval }) => interval,
    say: ({ interval }) => (interval === 'octave' ? 'an octave apart' : `a ${interval} apart`),
  },
  {
    of: ({ contraryFrom }) => contraryFrom,
    say: ({ contraryFrom }) => (contraryFrom === 'octave' ? 'from an octave apart' : 'from one key'),
  },
  { of: ({ tonicHand }) => tonicHand, say: ({ tonicHand }) => `${tonicHand} hand on the tonic`, follows: true },
  { of: ({ course }) => course, say: ({ course }) => COURSES[course] },
  { of: ({ startOctave }) => startOctave, say: ({ startOctave }) => `from octave ${startOctave}`, follows: true },
  { of: ({ pattern }) => pattern.figure, say: ({ pattern }) => shapingWords.figure[pattern.figure] },
  { of: ({ pattern }) => pattern.walk, say: ({ pattern }) => shapingWords.walk[pattern.walk] },
  { of: ({ pattern }) => pattern.journey, say: ({ pattern }) => shapingWords.journey[pattern.journey] },
  {
    of: ({ pattern }) => pattern.accompaniment,
    say: ({ pattern }) => shapingWords.accompaniment[pattern.accompaniment],
  },
]
const RHYTHM_PHRASES: readonly Phrase[] = [
  { of: ({ tempo }) => tempo.notesPerBeat, say: ({ tempo }) => `in ${notesWords(tempo.notesPerBeat)}`, follows: true },
  { of: ({ tempo }) => tempo.bpm, say: ({ tempo }) => `at ${tempo.bpm}`, follows: true },
  { of: ({ rhythm }) => rhythm.ladder, say: ({ rhythm }) => shapingWords.ladder[rhythm.ladder] },
  { of: ({ rhythm }) => rhythm.lengths, say: ({ rhythm }) => shapingWords.lengths[rhythm.lengths] },
  { of: ({ rhythm }) => rhythm.swing, say: ({ rhythm }) => `swing ${rhythm.swing} %` },
  { of: ({ rhythm }) => rhythm.accents, say: ({ rhythm }) => `accent every ${rhythm.accents}` },
  { of: ({ bookends }) => bookends, say: (recipe) => bookendWords(recipe).join(', ') },
]
const REST_PHRASES: readonly Phrase[] = [
  { of: ({ articulation }) => articulation, say: ({ articulation }) => articulation },
  {
    of: ({ signature }) => signature,
    say: ({ signature }) => (signature === 'none' ? 'no signature' : `${signature} signature`),
  },
]
const FINGER_PHRASES: readonly Phrase<FingerRecipe>[] = [
  { of: ({ school }) => school, say: ({ school }) => SCHOOLS[school] },
  { of: ({ firstFinger }) => firstFinger, say: ({ firstFinger }) => FIRST_FINGER[firstFinger] },
  { of: ({ leftArpeggio }) => leftArpeggio, say: ({ leftArpeggio }) => LEFT_ARPEGGIO[leftArpeggio] },
  { of: ({ chromatic }) => chromatic, say: ({ chromatic }) => CHROMATIC[chromatic] },
  { of: ({ handSize }) => handSize, say: ({ handSize }) => `${handSize} hands` },
]

const COMMON_PHRASES: readonly Phrase[] = [...SHAPE_PHRASES, ...RHYTHM_PHRASES, ...REST_PHRASES]

/** The phrases for what is not usual. */
function unusual<R extends Recipe>(recipe: R, phrases: readonly Phrase<R>[], plain: R, following: R): string[] {
  return phrases
    .filter(({ of, follows }) => JSON.stringify(of(recipe)) !== JSON.stringify(of(follows ? following : plain)))
    .map(({ say }) => say(recipe))
}

function writeFingers(recipe: FingerRecipe): string[] {
  const { material, hands, motion, interval, octaves, pattern } = recipe
  const plain = completeRecipe({ material, hands })
  const following = completeRecipe({ material, hands, motion, interval, octaves, pattern })
  return [
    handWords({ hands, motion }),
    octavesSaid(recipe, plain),
    ...unusual<FingerRecipe>(recipe, [...COMMON_PHRASES, ...FINGER_PHRASES], plain, following),
    ...recipe.pins.map(pinPhrase),
  ]
}

function writeSticks(recipe: MalletRecipe): string[] {
  const { material, instrument, octaves, pattern, roll, mallets, rudiment, rudimentOn } = recipe
  const plain = completeRecipe({ material, instrument }) as MalletRecipe
  const strokes = { roll: { manner: roll.manner }, mallets, rudiment, rudimentOn }
  const following = completeRecipe({ material, instrument, octaves, pattern, ...strokes }) as MalletRecipe
  return [
    instrument.replace('-', ' '),
    octavesSaid(recipe, plain),
    ...unusual<MalletRecipe>(recipe, [...COMMON_PHRASES, ...STICK_PHRASES], plain, following),
    ...recipe.pins.map(stickPinPhrase),
  ]
}

function octavesSaid({ material, octaves }: Recipe, plain: Recipe): string {
  const texture = isFree(material) ? FREE.texture : KINDS[material.kind].texture
  return texture === 'free' && octaves === plain.octaves ? '' : octaveWords(octaves)
}

/**
 * Writes a complete recipe as a line that reads back as the same recipe: what is usual for such a study is left out,
 * the rest is said in the words of the page. Hands or instrument and octaves are always said.
 */
export const writeCall = (recipe: Recipe): string =>
  [materialPhrase(recipe), ...(isMallets(recipe) ? writeSticks(recipe) : writeFingers(recipe))]
    .filter(Boolean)
    .join(', ')
