import {
  type AccordionPin,
  type AccordionRecipe,
  BUTTON_SCHOOLS,
  isButtonPin,
  KEY_SCHOOLS,
  LEFT_FINGERS,
  pinnedButton,
  buttonsMessage,
} from '../../buttons'
import { FINGERS, type Pin, fingeringMessage } from '../../fingering'
import { type KindId, KINDS } from '../../material'
import { type CommonInput, type Finger, type Hand, isFree } from '../../study'
import { trebleOf } from '../../surface'
import { meetingsMessage } from '../../together'
import { family, type PlacedSign } from '../family'
import { fourthAt, fourthMessages, notesAt } from '../landmarks'
import { instrumentMessage } from '../messages'
import { pinMessage } from '../pinMessage'
import { complete, usualPart } from './complete'
import { ACCORDION_EXAMINED } from './examined'
import { heard } from './heard'
import { ACCORDION_LEXICON, ACCORDION_PHRASES, accordionPinPhrase, accordionWritten } from './lexicon'
import type { SolvedAccordion, RealisedBass } from './solve'
import { meetingsOf } from './meetings'
import { ACCORDION_ROUTE } from './route'
import { buttonsAt, othersOf } from './pinning'
import { bassMessage, rightMessage } from './describe'
import { ACCORDION_LAYOUT_RULES } from './layoutRules'
import { accordionMessage, alsoMessage } from './words'
import { withBoard } from './practised'
import { ACCORDION_TASKS } from './tasks'

export type { BellowsChange } from './bellows'
export { takesPart } from './complete'
export type { SolvedAccordion, RealisedBass }

const DEFAULT = trebleOf('keys-41')
const usualCompass = instrumentMessage('compass.keys', { keys: 41 })

/** How a right hand's keyboard is called where a study leaves it. */
function compassOf({ accordion }: AccordionRecipe) {
  const { lowest, highest, ...treble } = trebleOf(accordion.treble)
  const compass =
    treble.plays === 'keys'
      ? instrumentMessage('compass.keys', { keys: treble.keys })
      : instrumentMessage('compass.buttons', { system: treble.system.toUpperCase(), rows: treble.rows })
  return { lowest, highest, compass }
}

const HANDS = ['right', 'left'] as const
const playersIn = ({ hands, bass }: SolvedAccordion): Hand[] =>
  HANDS.filter((hand) => (hand === 'right' ? hands.right : (bass ?? hands.left)) !== undefined)
const lineOf = ({ hands, bass }: SolvedAccordion, hand: Hand) => {
  const line = hand === 'right' ? hands.right! : (bass ?? hands.left!)
  if (!line.buttons) return line
  return { ...line, places: line.buttons.map((button) => JSON.stringify(button)) }
}

type Left = Partial<Record<'board' | 'part' | 'every' | 'held' | 'harmony' | 'bars', unknown>>
const settingsOf = (input: CommonInput) =>
  (
    input as {
      accordion?: Partial<Record<'treble' | 'bass' | 'rows' | 'columns' | 'missing' | 'free', unknown>> & {
        left?: Left
      }
    }
  ).accordion

/** Strokes alone go one to a beat. */
function usualPerBeat(input: CommonInput) {
  if (input.hands !== 'left') return undefined
  const { part, board } = settingsOf(input)?.left ?? {}
  const { material } = input
  const kind = 'kind' in material ? (KINDS[material.kind as KindId] ?? null) : null
  const own = part ?? usualPart('left', kind, board === 'free' ? 'free' : 'standard')
  return own === 'scale' ? undefined : (1 as const)
}

/** What the left hand strikes and where the right hand lies; bellows and registers move nothing. */
const moving = (input: CommonInput): string => {
  const { treble, bass, rows, columns, missing, left, free } = settingsOf(input) ?? {}
  return JSON.stringify([
    treble,
    bass,
    rows,
    columns,
    missing,
    free,
    left?.board,
    left?.part,
    left?.every,
    left?.held,
    left?.harmony,
    left?.bars,
  ])
}

/** Steps at which a hand strikes anything. */
const stepsStruck = ({ hands: { right, left }, bass }: SolvedAccordion): number[] =>
  [...new Set([...(right?.notes ?? []), ...(bass?.notes ?? left?.notes ?? [])].map(({ step }) => step))].sort(
    (a, b) => a - b,
  )

/** Number 22 of the sounds that General MIDI names, counted from 0. */
const ACCORDION_PROGRAM = 21

/** Registers at the beginning, ways of the bellows as they come. */
const signsOf = ({ registers, bellows, hands }: SolvedAccordion): PlacedSign[] => [
  ...(hands.right ? [{ step: 0, sign: { is: 'registers' as const, feet: registers } }] : []),
  ...bellows.map(({ step, direction, shakes = false }): PlacedSign => ({
    step,
    sign: { is: 'bellows', direction, shakes },
  })),
]

/** Notes on which a thumb or finger passes; on the board, before which the hand leaps. */
const crossedBy = ({ hands, bass }: SolvedAccordion, hand: Hand): readonly number[] =>
  hand === 'left' && bass ? bass.leaps : (hands[hand]?.crossings ?? []).map(({ index }) => index)

/** Strokes to a bar: what the left hand does over and over. */
const STROKES = 4

/** The left hand begins anew where it leaps; strokes go bar by bar. */
function bassStretches(bass: RealisedBass | undefined): number[] {
  if (!bass) return []
  if (!bass.notes.some(({ chord }) => chord)) return [0, ...bass.leaps]
  return bass.notes.flatMap((_, index) => (index % STROKES === 0 ? [index] : []))
}

/** Notes of the left hand that are found in the row of counterbasses. */
const onCounterbass = ({ buttons }: RealisedBass): number[] =>
  buttons.flatMap(({ row }, index) => (row === 'counterbass' ? [index] : []))

const isBare = (pin: AccordionPin): pin is Pin => !isButtonPin(pin)

const ON_KEYS = KEY_SCHOOLS.map((id) => ({
  ...{ id, called: fingeringMessage(`school.${id}`), idea: fingeringMessage(`school.${id}.idea`) },
  compares: true,
}))
const ON_BUTTONS = BUTTON_SCHOOLS.map((id) => ({
  ...{ id, called: buttonsMessage(`school.${id}`), idea: buttonsMessage(`school.${id}.idea`) },
  compares: true,
}))

/** The accordion: a treble of keys or buttons, a bass board, bellows. */
export const ACCORDION = family<AccordionRecipe, SolvedAccordion, Hand>({
  ...ACCORDION_LAYOUT_RULES,
  id: 'accordion',
  plays: 'accordion',
  instruments: [
    {
      ...{ id: 'accordion', make: 'accordion', size: null, transposition: 0 },
      // from the lowest bass reed to the highest button an octave up
      sounding: { lowest: 28, highest: 115 },
      ...{ lowest: DEFAULT.lowest, highest: DEFAULT.highest, compass: usualCompass },
    },
  ],
  taught: [{ id: 'accordion', list: 'accordion', instrument: 'accordion' }],
  schools: [...ON_KEYS, ...ON_BUTTONS],
  schoolsFor: ({ accordion }) => (trebleOf(accordion.treble).plays === 'keys' ? ON_KEYS : ON_BUTTONS),
  usualSchool: 'conservatory',
  broughtUp: withBoard,
  fields: ['firstFinger', 'chromatic', 'handSize', 'accordion'],
  playerFields: [
    ...['school', 'handSize', 'accordion.treble', 'accordion.keys', 'accordion.registers', 'accordion.bass'],
    ...['accordion.rows', 'accordion.columns', 'accordion.missing', 'accordion.left.school', 'accordion.free'],
  ],
  playerFollows: ['rows', 'columns', 'missing'].map((own) => ['accordion.bass', `accordion.${own}`] as const),
  parts: ['accordion'],
  moves: (before, some) => 'accordion' in some && moving(before) !== moving({ ...before, ...some }),
  compassOf,
  hasCompass: (hand) => hand === 'right',
  movesApart: false,
  inOctaves: ({ hands, accordion: { left } }) => hands !== 'left' || left.part === 'scale',

  // from G3 up, as books of scales have it, where the make goes so low; long ones from the lowest key
  usualStart: () => ({ short: 55, long: 52 }),
  usualPerBeat,
  complete,
  takes: (material, kind) => {
    if (isFree(material)) return true
    return (kind ?? KINDS[material.kind]).texture !== 'tetrachords'
  },
  alongWith: (recipe, kind) => {
    const { left } = recipe.accordion
    // another form may have another chord, or none: what the left hand does follows from it anew
    return kind ? { accordion: { ...recipe.accordion, left: { ...left, part: undefined } } } : {}
  },
  alongHands: ({ accordion, hands: before }, hands) =>
    hands === before
      ? {}
      : {
          accordion: { ...accordion, left: { ...accordion.left, part: undefined } },
          // a board has one octave of its own, the right hand has more
          ...((hands === 'left') === (before === 'left') ? {} : { octaves: undefined }),
        },
  laddersOf: () => ['none', 'notes', 'octaves'],
  accentsOf: ({ rhythm }) => rhythm.accents,

  players: HANDS,
  playersIn,
  lineOf,
  marksOf: (performance, hand) =>
    playersIn(performance).includes(hand) ? lineOf(performance, hand).fingers.map(String) : [],
  inkOf: (_, hand) => hand,
  stretchesOf: ({ hands, bass }, hand) => (hand === 'left' && bass ? bassStretches(bass) : (hands[hand]?.grips ?? [])),
  crossingsOf: crossedBy,
  worthLooping: crossedBy,
  groupsOf: ({ accordion }) => (trebleOf(accordion.treble).plays === 'keys' ? 'keys' : null),
  landmarksOf: ({ hands, bass }, hand) => {
    const fingered = hands[hand]
    if (fingered) return fourthMessages(fingered, hand)
    const under = bass && hand === 'left' ? onCounterbass(bass) : []
    return notesAt(
      'landmark.counterbass',
      under.map((index) => bass!.notes[index]!.pitch),
    )
  },
  fourthOf: ({ hands }, hand) => (hands[hand] ? fourthAt(hands[hand]) : null),
  underlinedIn: ({ bass }, hand) => (hand === 'left' && bass ? onCounterbass(bass) : []),
  // the left hand's own scale, since strokes of bass and chord say nothing of a key
  charted: { accordion: { left: { part: 'scale' } } },
  meetings: ({ hands: { right, left }, bass, together }) => {
    if (right && left && together) return meetingsMessage(together, right, left)
    return right && bass ? meetingsOf(right, bass) : []
  },
  othersOf,
  acceptedOf: ({ hands, bass }) => ({
    ...(hands.right ? { right: hands.right.fingers } : {}),
    ...(bass || hands.left ? { left: (bass ?? hands.left)!.fingers } : {}),
  }),
  takesPins: () => true,
  pins: {
    isOwn: (pin) => 'finger' in pin || 'fingers' in pin || 'button' in pin,
    describe: (pin) => {
      const own = pin as AccordionPin
      if (!isBare(own)) {
        return instrumentMessage('said.pin-button', { button: pinnedButton(own), note: own.index + 1, hand: own.hand })
      }
      return pinMessage(own, 'fingers' in own ? own.fingers : [own.finger], own.hand)
    },
    playerOf: (pin) => (pin as AccordionPin).hand,
    atNote: (hand, index, mark) => ({ hand, index, finger: Number(mark) as Finger }),
    onDegree: (hand, degree, leg, mark) => ({ hand, degree, ...(leg ? { leg } : {}), finger: Number(mark) as Finger }),
    overRun: (hand, from, marks) => ({ hand, from, fingers: marks.map((mark) => Number(mark) as Finger) }),
    markOf: (key) => (/^[1-5]$/.test(key) ? key : null),
    marksFor: (hand) => (hand === 'left' ? LEFT_FINGERS : FINGERS).map(String),
    alsoAt: buttonsAt,
    inRepeats: () => null,
  },
  strokesAt: () => 0,
  rollOf: () => null,
  heard: (performance, hand, note) => heard(performance, hand, note, performance.registers),
  dipsOf: (performance) => {
    const { bellows } = performance
    // a shake turns at every note
    if (bellows[0]?.shakes) return stepsStruck(performance).slice(1)
    return bellows.slice(1).map(({ step }) => step)
  },
  signsOf,
  programOf: () => ACCORDION_PROGRAM,
  alongInstrument: () => ({}),
  strokeMarksAt: () => [],
  pedalOf: () => null,
  handsHeard: playersIn,

  describe: ({ hands: { right, left }, bass, bellows }) => ({
    hands: {
      ...(right ? { right: rightMessage(right) } : {}),
      ...(left ? { left: rightMessage(left) } : {}),
    },
    ...(bass ? { bass: bassMessage(bass) } : {}),
    bellows,
  }),

  playedBy: accordionMessage,
  alsoMessage,
  hasTouch: true,
  examined: ACCORDION_EXAMINED,
  tasks: ACCORDION_TASKS,
  places: [
    ...(['start', 'turn', 'crossing', 'leap', 'bellows', 'register', 'end'] as const),
    ...(['finger', 'accent', 'elbow', 'wrist', 'search', 'waiting'] as const),
  ],
  route: ACCORDION_ROUTE,
  lexicon: ACCORDION_LEXICON,
  written: {
    by: accordionWritten,
    plain: ({ instrument, hands }) => ({ instrument, hands }),
    following: ({ instrument, hands, octaves, pattern, accordion }) => ({
      ...{ instrument, hands, octaves, pattern },
      accordion: {
        ...{ treble: accordion.treble, bass: accordion.bass },
        left: { board: accordion.left.board, part: accordion.left.part },
      },
    }),
    phrases: ACCORDION_PHRASES,
    pin: (pin) => accordionPinPhrase(pin as AccordionPin),
  },
})
