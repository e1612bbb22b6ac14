import { type Kind, KINDS } from '../../material'
import { RecipeError } from '../../pitch'
import {
  checkedStickPin,
  checkMallets,
  completeSticking,
  type MalletRecipe,
  STICKING_SCHOOL_LIST,
  type StickingInput,
  type StickPin,
  strokesIn,
  strokesToBeat,
} from '../../sticking'
import { type Common, type CommonInput, isFree, notesPerMinute, type Stick } from '../../study'
import { type MalletId, MALLET_INSTRUMENTS, malletInstrument } from '../../surface'
import { stickDifficulty } from '../../together'
import { family } from '../family'
import { checkAccepted, checkedPins } from '../pins'
import { stepsOf } from '../told'
import { MALLETS_EXAMINED } from './examined'
import { heard } from './heard'
import { MALLET_LEXICON } from './lexicon'
import { type PerformedSticks, type RealisedSticking, stickedLine } from './perform'
import { laddersFor, strokesFor } from './strokes'
import { MALLET_WAYS } from './ways'
import { hasLead, malletWords } from './words'
import { STICK_PHRASES, stickPinPhrase } from './written'

export { hasLead, type PerformedSticks, type RealisedSticking }

function complete(input: CommonInput, common: Common, instrument: MalletId): MalletRecipe {
  const pins = checkedPins(input, checkedStickPin)
  const recipe = { ...common, instrument, ...completeSticking(input as StickingInput, common.material), pins }
  checkMallets(recipe)
  return recipe
}

/** Single or double notes; what is shared by fingers, or needs chords of three, is not for sticks. */
function takes(material: MalletRecipe['material'], kind: Kind | null): boolean {
  if (isFree(material)) return material.pitches.every((each) => typeof each === 'string' || each.length <= 2)
  return !['tetrachords', 'cadence'].includes((kind ?? KINDS[material.kind]).texture)
}

const crossingsOf = ({ sticking }: PerformedSticks): number[] =>
  sticking.inversions.filter(({ severity }) => severity === 'hard').map(({ index }) => index)

const words = (notes: number, marks: number): string => `The line has ${notes} notes, but ${marks} accepted sticks.`

/** Sticks as the terminal's contract has them. */
function sticksTold({ notes, pitches, midi, sticks, doubles, inversions, rowMoves, ...line }: RealisedSticking) {
  const { pinned: _, ...rest } = line
  return { ...{ pitches, midi, sticks, doubles, inversions, rowMoves }, ...stepsOf(notes), ...rest }
}

/** Bars under sticks: marimba, vibraphone, xylophone, glockenspiel. */
export const MALLETS = family<MalletRecipe, PerformedSticks, 'sticks'>({
  ...MALLET_WAYS,
  id: 'mallets',
  plays: 'sticks',
  instruments: MALLET_INSTRUMENTS.map(({ family: make, ...each }) => ({ ...each, make, size: each.id.split('-')[1]! })),
  taught: [{ id: 'marimba', list: 'mallets', instrument: 'marimba-5.0' }],
  schools: STICKING_SCHOOL_LIST.map(({ id, words: called, idea }) => ({ id, words: called, idea, compares: true })),
  usualSchool: 'doubles',
  fields: ['lead', 'tops', 'rudiment', 'rudimentOn', 'roll', 'mallets', 'strike', 'bars'],
  parts: ['roll', 'mallets', 'bars'],
  moving: ['tops', 'rudiment', 'rudimentOn', 'mallets'],

  usualPerBeat: (input) => strokesToBeat(input as StickingInput),
  complete,
  takes,
  alongWith: strokesFor,
  laddersOf: ({ roll }) => laddersFor(roll.manner !== 'none'),
  accentsOf: ({ rhythm, rudiment }) =>
    rhythm.accents === 0 && rudiment !== 'none' ? strokesIn(rudiment) : rhythm.accents,
  landings: () => {
    throw new RecipeError('pattern.material', 'Sticks have no crossings to loop around.', 'pattern.walk')
  },

  perform(recipe, parts, _lines, rhythm, wanted) {
    const count = parts.reduce((sum, part) => sum + part.lines[0]!.notes.length, 0)
    checkAccepted(count, wanted.accepted.sticks, 'sticks', words)
    const sticking = stickedLine(recipe, parts, rhythm, wanted)
    const difficulty = stickDifficulty(sticking, notesPerMinute(recipe.tempo))
    return { plays: 'sticks', sticking, difficulty }
  },
  players: ['sticks'],
  playersIn: () => ['sticks'],
  lineOf: ({ sticking }) => sticking,
  marksOf: ({ sticking: { sticks, mallets } }) => (mallets ? mallets.map(String) : sticks),
  inkOf: ({ sticking }, _, index) => (sticking.sticks[index] === 'R' ? 'right' : 'left'),
  stretchesOf: ({ sticking }) => [0, ...sticking.doubles.map(({ index }) => index)],
  crossingsOf,
  worthLooping: (performance) => [
    ...crossingsOf(performance),
    ...performance.sticking.doubles.map(({ index }) => index),
  ],
  meetings: () => [],
  othersOf: ({ sticking }) => sticking.alternatives.map(({ sticks, ...other }) => ({ ...other, marks: sticks })),
  acceptedOf: ({ sticking }) => ({ sticks: sticking.sticks }),
  takesPins: ({ rudiment }, { sticking }) => !sticking.mallets && !sticking.roll && rudiment === 'none',
  pins: {
    playerOf: () => 'sticks',
    atNote: (_, index, mark) => ({ index, stick: mark as Stick }),
    onDegree: (_, degree, leg, mark) => ({ degree, ...(leg ? { leg } : {}), stick: mark as Stick }) as StickPin,
    overRun: (_, from, marks) => ({ from, sticks: marks as Stick[] }),
    markOf: (key) => (/^[rl]$/i.test(key) ? key.toUpperCase() : null),
    marks: ['L', 'R'],
  },
  strokesAt: ({ sticking }, index) => sticking.roll?.perNote[index] ?? 0,
  rollOf: ({ sticking }) => sticking.roll?.strokes ?? null,
  heard: (performance, _, note) => heard(performance, note),
  handsHeard: () => ['right', 'left'],

  told: ({ sticking }) => ({ sticking: sticksTold(sticking) }),

  playedBy: ({ instrument }) => malletInstrument(instrument).family,
  playedWords: malletWords,
  hasTouch: false,
  examined: MALLETS_EXAMINED,
  lexicon: MALLET_LEXICON,
  written: {
    by: ({ instrument }) => instrument.replace('-', ' '),
    plain: ({ instrument }) => ({ instrument }),
    following: ({ instrument, octaves, pattern, roll, mallets, rudiment, rudimentOn }) => ({
      ...{ instrument, octaves, pattern, mallets, rudiment, rudimentOn },
      roll: { manner: roll.manner },
    }),
    phrases: STICK_PHRASES,
    pin: (pin) => stickPinPhrase(pin as StickPin),
  },
})
