import { pinMessage } from '../pinMessage'
import { stickingError } from '../../sticking'
import { fourthAt, fourthMessages } from '../landmarks'
import { instrumentMessage } from '../messages'
import {
  checkedPin,
  completeFingering,
  type FingerRecipe,
  FINGERS,
  type Pin,
  repeatedPins,
  SCHOOL_LIST,
  fingeringMessage,
} from '../../fingering'
import type { Common, CommonInput, Finger, Hand } from '../../study'
import { PIANO } from '../../surface'
import { meetingsMessage } from '../../together'
import { family, type Repeated } from '../family'
import { checkedPins } from '../pins'
import { otherMessage, reasonMessage, stepsOf } from '../describe'
import { handsMessage } from '../words'
import { KEYS_EXAMINED } from './examined'
import { handsWritten, KEY_LEXICON, KEY_PHRASES, pinPhrase } from './lexicon'
import type { SolvedHands, RealisedHand } from './solve'
import { KEYS_ROUTE } from './route'
import { KEY_LAYOUT_RULES } from './layoutRules'
import { KEYS_TASKS } from './tasks'

export type { SolvedHands, RealisedHand }

/** @throws DomainError where a ladder is for sticks */
function complete(input: CommonInput, common: Common, instrument: 'piano'): FingerRecipe {
  if (common.rhythm.ladder === 'strokes') {
    throw stickingError('rhythm.ladder', { why: 'sticks-only' }, 'rhythm.ladder')
  }
  return { ...common, instrument, ...completeFingering(input), pins: checkedPins(input, checkedPin) }
}

const HANDS = ['right', 'left'] as const
const handsIn = ({ hands }: SolvedHands): Hand[] => HANDS.filter((hand) => hands[hand] !== undefined)
const lineOf = ({ hands }: SolvedHands, hand: Hand): RealisedHand => hands[hand]!

const crossingsOf = (performance: SolvedHands, hand: Hand): number[] =>
  lineOf(performance, hand).crossings.map(({ index }) => index)

/** A hand as the terminal's contract has it. */
function handMessage({ notes, pitches, midi, fingers, crossings, lifts, cost, reasons, alternatives }: RealisedHand) {
  return {
    ...{ pitches, midi, fingers, crossings },
    ...stepsOf(notes),
    ...(lifts.length > 0 ? { lifts } : {}),
    ...{ cost, reasons: reasons.map(reasonMessage), alternatives: alternatives.map(otherMessage) },
  }
}

/** The fingers of a repeat, offered to every other. */
function repeatsIn({ hands }: SolvedHands, hand: Hand, index: number): Repeated | null {
  const part = hands[hand]
  const pins = part ? repeatedPins(hand, part.notes, part.fingers, index) : []
  const own = pins.find(({ from, fingers }) => from <= index && index < from + fingers.length)
  return own && pins.length > 1 ? { marks: own.fingers.map(String), pins } : null
}

const COMPASS = instrumentMessage('compass', { make: 'piano', size: '' })

const SCHOOLS = SCHOOL_LIST.map(({ id }) => ({
  ...{ id, called: fingeringMessage(`school.${id}`), idea: fingeringMessage(`school.${id}.idea`) },
  compares: id !== 'two-hand-tetrachords',
}))

/** Keys under fingers: the piano. */
export const KEYS = family<FingerRecipe, SolvedHands, Hand>({
  ...KEY_LAYOUT_RULES,
  id: 'keys',
  plays: 'fingers',
  instruments: [
    {
      ...{ id: 'piano', make: 'piano', size: null, transposition: 0, ...PIANO },
      compass: COMPASS,
    },
  ],
  taught: [{ id: 'piano', list: 'piano', instrument: 'piano' }],
  schools: SCHOOLS,
  schoolsFor: () => SCHOOLS,
  usualSchool: 'conservatory',
  broughtUp: (recipe) => recipe,
  fields: ['firstFinger', 'leftArpeggio', 'chromatic', 'repeats', 'handSize'],
  playerFields: ['school', 'handSize'],
  playerFollows: [],
  parts: [],
  moves: () => false,
  compassOf: () => ({ ...PIANO, compass: COMPASS }),
  hasCompass: () => true,
  movesApart: true,
  inOctaves: () => true,

  // the right hand begins from G3 up to F#4, in long studies from A2 up
  usualStart: () => ({ short: 55, long: 45 }),
  usualPerBeat: () => undefined,
  complete,
  takes: () => true,
  alongWith: () => ({}),
  alongHands: () => ({}),
  laddersOf: () => ['none', 'notes', 'octaves'],
  accentsOf: ({ rhythm }) => rhythm.accents,

  players: HANDS,
  playersIn: handsIn,
  lineOf,
  marksOf: ({ hands }, hand) => (hands[hand]?.fingers ?? []).map(String),
  inkOf: (_, hand) => hand,
  stretchesOf: ({ hands }, hand) => hands[hand]?.grips ?? [],
  crossingsOf,
  worthLooping: crossingsOf,
  groupsOf: () => 'keys',
  landmarksOf: ({ hands }, hand) => (hands[hand] ? fourthMessages(hands[hand], hand) : []),
  fourthOf: ({ hands }, hand) => (hands[hand] ? fourthAt(hands[hand]) : null),
  underlinedIn: () => [],
  charted: {},
  meetings: ({ hands: { right, left }, together }) =>
    right && left && together ? meetingsMessage(together, right, left) : [],
  othersOf: ({ hands }, hand) =>
    (hands[hand]?.alternatives ?? []).map(({ fingers, ...other }) => ({ ...other, marks: fingers.map(String) })),
  acceptedOf: ({ hands }) => Object.fromEntries(Object.entries(hands).map(([hand, part]) => [hand, part.fingers])),
  takesPins: (_, { hands }, hand) => (hands[hand]?.fingers.length ?? 0) > 0,
  pins: {
    isOwn: (pin) => 'finger' in pin || 'fingers' in pin,
    describe: (pin) => {
      const own = pin as Pin
      return pinMessage(own, 'fingers' in own ? own.fingers : [own.finger], own.hand)
    },
    playerOf: (pin) => (pin as Pin).hand,
    atNote: (hand, index, mark) => ({ hand, index, finger: Number(mark) as Finger }),
    onDegree: (hand, degree, leg, mark) => ({ hand, degree, ...(leg ? { leg } : {}), finger: Number(mark) as Finger }),
    overRun: (hand, from, marks) => ({ hand, from, fingers: marks.map((mark) => Number(mark) as Finger) }),
    markOf: (key) => (/^[1-5]$/.test(key) ? key : null),
    marksFor: () => FINGERS.map(String),
    alsoAt: () => [],
    inRepeats: repeatsIn,
  },
  strokesAt: () => 0,
  rollOf: () => null,
  heard: (_, hand, note) => [{ ...note, hand }],
  dipsOf: () => [],
  signsOf: () => [],
  programOf: () => 0,
  alongInstrument: () => ({}),
  strokeMarksAt: () => [],
  pedalOf: () => null,
  handsHeard: handsIn,

  describe: ({ hands }) => ({
    hands: Object.fromEntries(Object.entries(hands).map(([hand, part]) => [hand, handMessage(part)])),
  }),

  playedBy: handsMessage,
  alsoMessage: () => [],
  hasTouch: true,
  examined: KEYS_EXAMINED,
  tasks: KEYS_TASKS,
  places: [
    ...(['start', 'turn', 'crossing', 'leap', 'end'] as const),
    ...(['finger', 'accent', 'elbow', 'wrist', 'search', 'waiting'] as const),
  ],
  route: KEYS_ROUTE,
  lexicon: KEY_LEXICON,
  written: {
    by: handsWritten,
    plain: ({ hands }) => ({ hands }),
    following: ({ hands, motion, interval, octaves, pattern }) => ({ hands, motion, interval, octaves, pattern }),
    phrases: KEY_PHRASES,
    pin: (pin) => pinPhrase(pin as Pin),
  },
})
