import { stickingMessage } from './messages'
import type { Message } from '../message'
import type { Stick } from '../study'
import { type MalletRecipe, ROLL_STROKES } from './settings'
import { malletInstrument } from '../surface'
import { otherStick } from './schools'

/** Strokes a second that serve a register: planning values, uncertain; soft or slow music lowers them. */
interface Register {
  /** Lowest written note of it, MIDI. */
  readonly from: number
  readonly least: number
  readonly most: number
}

const BY_REGISTER: readonly Register[] = [
  { from: 0, least: 6, most: 9 },
  { from: 48, least: 8, most: 11 },
  { from: 60, least: 9, most: 13 },
  { from: 72, least: 11, most: 14 },
  { from: 84, least: 13, most: 16 },
]
const XYLOPHONE: Register = { from: 0, least: 13, most: 18 }

/** How the notes of a study are rolled. */
export interface RollPlan {
  readonly manner: 'separate' | 'through'
  /** Strokes to the beat as asked, and what comes of it in a second. */
  readonly strokes: number
  readonly perSecond: number
  /** Strokes of each note; a note that lasts to the bar line has more. */
  readonly perNote: readonly number[]
  readonly start: Stick
  readonly ending: 'tied' | 'released'
  readonly recommended: {
    readonly strokes: number
    /** What comes of them in a second, and whether that is what the register takes. */
    readonly perSecond: number
    readonly reach: 'within' | 'short' | 'beyond'
    /** Beats a minute at which as many strokes would be enough, or few enough. */
    readonly bpm: number
    /** Strokes a second of the register that the study lies in most. */
    readonly least: number
    readonly most: number
    /** What is said beside every recommendation. */
    readonly doubt: Message
  }
}

function registerOf({ instrument }: MalletRecipe, midis: readonly number[]): Register {
  if (malletInstrument(instrument).family === 'xylophone') return XYLOPHONE
  const middle = [...midis].sort((a, b) => a - b)[Math.floor(midis.length / 2)]!
  return BY_REGISTER.findLast(({ from }) => middle >= from)!
}

/** The rung of the ladder whose strokes a second come nearest to the middle of what the register wants. */
export function recommendedStrokes(bpm: number, { least, most }: Pick<Register, 'least' | 'most'>): number {
  const off = (strokes: number): number => Math.abs((bpm / 60) * strokes - (least + most) / 2)
  return ROLL_STROKES.reduce((best: number, strokes) => (off(strokes) < off(best) ? strokes : best), ROLL_STROKES[0])
}

/** What is recommended at a tempo: the rungs are few, so that the best may still be too slow or too fast. */
function recommendation(bpm: number, register: Register) {
  const { least, most } = register
  const strokes = recommendedStrokes(bpm, register)
  const perSecond = (bpm / SECONDS) * strokes
  const reach = perSecond < least ? ('short' as const) : perSecond > most ? ('beyond' as const) : ('within' as const)
  const wanted = reach === 'short' ? Math.ceil((SECONDS * least) / strokes) : Math.floor((SECONDS * most) / strokes)
  return { strokes, perSecond, reach, bpm: wanted }
}
const SECONDS = 60

/**
 * Strokes, speed and recommendation of rolled notes.
 * @param beats how long each note lasts
 * @param midis written notes
 */
export function rollPlan(recipe: MalletRecipe, beats: readonly number[], midis: readonly number[]): RollPlan | null {
  const { roll, tempo, lead, instrument } = recipe
  if (roll.manner === 'none') return null
  const register = registerOf(recipe, midis)
  const doubt = stickingMessage('roll.doubt', { make: malletInstrument(instrument).family })
  return {
    manner: roll.manner,
    strokes: roll.strokes,
    perSecond: (tempo.bpm / 60) * roll.strokes,
    perNote: beats.map((each) => Math.max(1, Math.round(each * roll.strokes))),
    start: lead === 'right' ? 'R' : 'L',
    ending: roll.ending,
    recommended: {
      ...recommendation(tempo.bpm, register),
      least: register.least,
      most: register.most,
      doubt,
    },
  }
}

/** The stick that begins each roll: always the lead, or whichever comes next where the hands go on. */
export function rollSticks({ manner, start, perNote }: RollPlan): Stick[] {
  let next = start
  return perNote.map((strokes) => {
    const own = manner === 'separate' ? start : next
    if (strokes % 2 === 1) next = otherStick(next)
    return own
  })
}
