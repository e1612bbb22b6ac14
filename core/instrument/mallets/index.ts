import { pinMessage } from '../pinMessage'
import { notesAt } from '../landmarks'
import { instrumentMessage } from '../messages'
import { type Kind, KINDS } from '../../material'
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
  stickingMessage,
} from '../../sticking'
import { type Common, type CommonInput, isFree, type Stick } from '../../study'
import { type MalletId, MALLET_INSTRUMENTS, malletInstrument } from '../../surface'
import { family } from '../family'
import { checkedPins } from '../pins'
import { otherMessage, reasonMessage, stepsOf } from '../describe'
import { MALLETS_EXAMINED } from './examined'
import { heard } from './heard'
import { MALLET_LEXICON } from './lexicon'
import type { SolvedSticks, RealisedSticking } from './solve'
import { MALLETS_ROUTE } from './route'
import { laddersFor, mannerOf, strokesFor } from './strokes'
import { MALLET_LAYOUT_RULES } from './layoutRules'
import { hasLead, sticksMessage } from './words'
import { STICK_PHRASES, stickPinPhrase } from './written'
import { withRing } from './practised'
import { MALLET_TASKS } from './tasks'

export { hasLead, type SolvedSticks, type RealisedSticking }

function complete(input: CommonInput, common: Common, instrument: MalletId): MalletRecipe {
  const pins = checkedPins(input, checkedStickPin)
  // sticks share the line: there is no hand that could be touched otherwise
  const recipe = {
    ...{ ...common, touch: null, instrument },
    ...completeSticking(input as StickingInput, common.material),
    pins,
  }
  checkMallets(recipe)
  return recipe
}

/** Single or double notes; what is shared by fingers, or needs chords of three, is not for sticks. */
function takes(material: MalletRecipe['material'], kind: Kind | null): boolean {
  if (isFree(material)) return material.pitches.every((each) => typeof each === 'string' || each.length <= 2)
  return !['tetrachords', 'cadence'].includes((kind ?? KINDS[material.kind]).texture)
}

const crossingsOf = ({ sticking }: SolvedSticks): number[] =>
  sticking.inversions.filter(({ severity }) => severity === 'hard').map(({ index }) => index)

/** Sticks as the terminal's contract has them. */
function stickingNote({ notes, pitches, midi, sticks, doubles, inversions, rowMoves, ...line }: RealisedSticking) {
  const { pinned: _, reasons, alternatives, ...rest } = line
  return {
    ...{ pitches, midi, sticks, doubles, inversions, rowMoves },
    ...stepsOf(notes),
    ...rest,
    reasons: reasons.map(reasonMessage),
    alternatives: alternatives.map(otherMessage),
  }
}

const INSTRUMENTS = MALLET_INSTRUMENTS.map(({ family: make, ...each }) => {
  const size = each.id.split('-')[1]!
  const octaves = size.replace('2.67', '2⅔').replace('.0', '')
  return { ...each, make, size, compass: instrumentMessage('compass', { make, size: octaves }) }
})
const BY_ID = new Map(INSTRUMENTS.map((each) => [each.id, each]))

const SCHOOLS = STICKING_SCHOOL_LIST.map(({ id }) => ({
  ...{ id, called: stickingMessage(`sticking.${id}`), idea: stickingMessage(`sticking.${id}.idea`) },
  compares: true,
}))

/**
 * Where two octaves of every key lie on the instrument (common practice, no source): from C4 on a marimba and a xylophone,
 * from the lowest bars on those that are smaller.
 */
const STARTS = {
  marimba: { short: 60, long: 48 },
  xylophone: { short: 60, long: 53 },
  vibraphone: { short: 53, long: 53 },
  glockenspiel: { short: 55, long: 55 },
} as const
/** General MIDI’s numbers of the instruments with bars, from 0. */
const PROGRAMS = { glockenspiel: 9, vibraphone: 11, marimba: 12, xylophone: 13 } as const

/** Bars under sticks: marimba, vibraphone, xylophone, glockenspiel. */
export const MALLETS = family<MalletRecipe, SolvedSticks, 'sticks'>({
  ...MALLET_LAYOUT_RULES,
  id: 'mallets',
  plays: 'sticks',
  instruments: INSTRUMENTS,
  taught: [
    { id: 'marimba', list: 'mallets', instrument: 'marimba-5.0' },
    { id: 'vibraphone', list: 'mallets', instrument: 'vibraphone-3.0' },
    { id: 'xylophone', list: 'mallets', instrument: 'xylophone-3.5' },
    { id: 'glockenspiel', list: 'mallets', instrument: 'glockenspiel-2.5' },
  ],
  schools: SCHOOLS,
  schoolsFor: () => SCHOOLS,
  usualSchool: 'doubles',
  broughtUp: withRing,
  fields: ['lead', 'tops', 'rudiment', 'rudimentOn', 'roll', 'mallets', 'ring', 'strike', 'bars'],
  playerFields: ['school', 'lead', 'strike', 'bars', 'mallets.numbering', 'mallets.reach'],
  playerFollows: [],
  parts: ['roll', 'mallets', 'ring', 'bars'],
  moves: (_, some) => ['tops', 'rudiment', 'rudimentOn', 'mallets'].some((field) => field in some),
  compassOf: ({ instrument }) => BY_ID.get(instrument)!,
  hasCompass: () => true,
  movesApart: false,
  inOctaves: () => true,

  usualStart: (instrument) => STARTS[malletInstrument(instrument).family],
  usualPerBeat: (input) => strokesToBeat(input as StickingInput),
  complete,
  takes,
  alongWith: strokesFor,
  alongHands: () => ({}),
  laddersOf: ({ roll }) => laddersFor(roll.manner !== 'none'),
  accentsOf: ({ rhythm, rudiment }) =>
    rhythm.accents === 0 && rudiment !== 'none' ? strokesIn(rudiment) : rhythm.accents,
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
  groupsOf: () => 'bars',
  landmarksOf: ({ sticking: { sticks, notes, doubles } }) => [
    instrumentMessage('landmark.lead', { stick: sticks[0]! }),
    ...notesAt(
      'landmark.doubles',
      doubles.map(({ index }) => notes[index]!.pitch),
    ),
  ],
  fourthOf: () => null,
  underlinedIn: () => [],
  charted: {},
  meetings: () => [],
  othersOf: ({ sticking }) => sticking.alternatives.map(({ sticks, ...other }) => ({ ...other, marks: sticks })),
  acceptedOf: ({ sticking }) => ({ sticks: sticking.sticks }),
  takesPins: (recipe) => mannerOf(recipe) === 'school' && recipe.pattern.accompaniment === 'none',
  pins: {
    isOwn: (pin) => 'stick' in pin || 'sticks' in pin,
    describe: (pin) => {
      const own = pin as StickPin
      return pinMessage(own, 'sticks' in own ? [own.sticks.join('')] : [own.stick], 'none')
    },
    playerOf: () => 'sticks',
    atNote: (_, index, mark) => ({ index, stick: mark as Stick }),
    onDegree: (_, degree, leg, mark) => ({ degree, ...(leg ? { leg } : {}), stick: mark as Stick }) as StickPin,
    overRun: (_, from, marks) => ({ from, sticks: marks as Stick[] }),
    markOf: (key) => (/^[rl]$/i.test(key) ? key.toUpperCase() : null),
    marksFor: () => ['L', 'R'],
    alsoAt: () => [],
    inRepeats: () => null,
  },
  strokesAt: ({ sticking }, index) => sticking.roll?.perNote[index] ?? 0,
  rollOf: ({ sticking }) => sticking.roll?.strokes ?? null,
  heard: (performance, _, note) => heard(performance, note),
  dipsOf: () => [],
  signsOf: ({ pedal }) => pedal,
  programOf: ({ instrument }) => PROGRAMS[malletInstrument(instrument).family],
  alongInstrument: ({ ring }, instrument) =>
    malletInstrument(instrument).pedal ? {} : { ring: { ...ring, pedal: 'note', damping: 'none' } },
  strokeMarksAt: ({ sticking }, index) => [
    ...(sticking.dead.includes(index) ? (['dead'] as const) : []),
    ...(sticking.damped.some((each) => each.index === index) ? (['damp'] as const) : []),
  ],
  pedalOf: ({ instrument, ring }) => (malletInstrument(instrument).pedal ? ring.pedal : null),
  handsHeard: () => ['right', 'left'],

  describe: ({ sticking }) => ({ sticking: stickingNote(sticking) }),

  playedBy: ({ instrument }) => instrumentMessage('make', { make: malletInstrument(instrument).family }),
  alsoMessage: sticksMessage,
  hasTouch: false,
  examined: MALLETS_EXAMINED,
  tasks: MALLET_TASKS,
  places: ['start', 'turn', 'crossing', 'leap', 'row', 'double', 'roll', 'end', 'accent', 'wrist', 'search'],
  route: MALLETS_ROUTE,
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
