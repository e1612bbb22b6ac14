import type { BarSettings, Strike } from './barSettings'
import { isBlack } from './piano'

/** Families of mallet instruments; what differs is the make of their bars. */
export type MalletFamily = 'marimba' | 'vibraphone' | 'xylophone' | 'glockenspiel'

/** One bar in millimetres: x along the instrument from the left edge of its lowest bar, y away from the player. */
export interface Bar {
  /** Written pitch as a MIDI number. */
  readonly midi: number
  readonly accidental: boolean
  /** Place among the naturals, in natural pitches from C0: an accidental lies at a half. */
  readonly place: number
  readonly x: number
  readonly width: number
  readonly length: number
  /** Where its end nearest to the player lies; y is 0 where the naturals end. */
  readonly near: number
  /** How far above the naturals it lies. */
  readonly height: number
}

/** A measure at some written pitches (MIDI); between them it changes evenly. */
type Measure = readonly (readonly [midi: number, mm: number])[]

interface Make {
  readonly width: Measure
  readonly length: Measure
  readonly gap: number
  readonly overlap: number
  /** How far the accidentals are raised, so that they can overhang the naturals. */
  readonly raised: number
  /** Whether dampers keep its bars from ringing until a pedal is trodden. */
  readonly pedal: boolean
}

/**
 * Usual measures, all uncertain by some ten per cent: widths of real bars change in steps, and makers differ. The
 * marimba's table, gaps, overlaps and the others' widths are common practice; lengths of vibraphone, xylophone and
 * glockenspiel bars are from memory.
 */
const MAKES: Record<MalletFamily, Make> = {
  marimba: {
    width: [
      [36, 72],
      [45, 64],
      [48, 61],
      [60, 55],
      [72, 50],
      [84, 45],
      [96, 40],
    ],
    length: [
      [36, 590],
      [45, 485],
      [48, 440],
      [60, 350],
      [72, 285],
      [84, 230],
      [96, 185],
    ],
    gap: 10,
    overlap: 20,
    raised: 25,
    pedal: false,
  },
  vibraphone: {
    width: [
      [48, 57],
      [96, 39],
    ],
    length: [
      [48, 410],
      [53, 380],
      [72, 280],
      [89, 210],
      [96, 185],
    ],
    gap: 10,
    overlap: 0,
    raised: 0,
    pedal: true,
  },
  xylophone: {
    width: [
      [48, 40],
      [96, 38],
    ],
    length: [
      [48, 400],
      [60, 315],
      [72, 245],
      [84, 190],
      [96, 140],
    ],
    gap: 9,
    overlap: 20,
    raised: 25,
    pedal: false,
  },
  glockenspiel: {
    width: [
      [53, 33],
      [84, 25],
    ],
    length: [
      [53, 260],
      [65, 200],
      [84, 125],
    ],
    gap: 5,
    overlap: 0,
    raised: 0,
    pedal: false,
  },
}

function measureAt(measure: Measure, midi: number): number {
  const [first, last] = [measure[0]!, measure.at(-1)!]
  if (midi <= first[0]) return first[1]
  if (midi >= last[0]) return last[1]
  const above = measure.findIndex(([at]) => at >= midi)
  const [[low, from], [high, to]] = [measure[above - 1]!, measure[above]!]
  return from + ((to - from) * (midi - low)) / (high - low)
}

const NATURALS = [0, 0.5, 1, 1.5, 2, 3, 3.5, 4, 4.5, 5, 5.5, 6]

/** Place of a bar among the naturals, in natural pitches from C0; derived: accidentals lie halfway. */
export const placeOf = (midi: number): number => 7 * (Math.floor(midi / 12) - 1) + NATURALS[midi % 12]!

const scaled = (mm: number, { size }: BarSettings): number => (mm * size) / 100

/** Lays the bars out: naturals side by side with their gaps, accidentals over the gaps, overhanging by the overlap. */
export function barsOf(
  { family, lowest, highest }: { readonly family: MalletFamily; readonly lowest: number; readonly highest: number },
  settings: BarSettings,
): Bar[] {
  const make = MAKES[family]
  const [gap, overlap] = [settings.gap ?? make.gap, settings.overlap ?? make.overlap]
  const width = (midi: number): number => scaled(measureAt(make.width, midi), settings)
  const length = (midi: number): number => scaled(measureAt(make.length, midi), settings)
  const bars: Bar[] = []
  let edge = 0
  for (let midi = lowest; midi <= highest; midi++) {
    const own = { midi, place: placeOf(midi), width: width(midi), length: length(midi) }
    if (isBlack(midi)) {
      bars.push({ ...own, accidental: true, x: edge - gap / 2, near: -overlap, height: make.raised })
    } else {
      bars.push({ ...own, accidental: false, x: edge + own.width / 2, near: -own.length, height: 0 })
      edge += own.width + gap
    }
  }
  return bars
}

/** Nodes of a uniform bar free at both ends, as a share of its length from each end (Fletcher and Rossing, from memory). */
export const NODE = 0.224
/** How near a node counts as dead; derived from bars whose nodes lie between 0.21 and 0.24 and a mallet's width. */
const NODE_TOLERANCE = 0.04

/** Share of the bar's length from its near end, by row; common practice. */
const STRUCK_AT: Record<Strike, { readonly natural: number; readonly accidental: number }> = {
  'off-centre': { natural: 0.6, accidental: 0.4 },
  centre: { natural: 0.5, accidental: 0.5 },
  'near-end': { natural: 0.6, accidental: 0.06 },
}

/** Where a bar is struck, mm. */
export function strikePoint(bar: Bar, strike: Strike): { readonly x: number; readonly y: number } {
  const share = STRUCK_AT[strike][bar.accidental ? 'accidental' : 'natural']
  return { x: bar.x, y: bar.near + share * bar.length }
}

/** Stretches of a bar that sound dull, mm from its near end. */
export const deadZones = ({ length }: Bar): readonly (readonly [number, number])[] =>
  [NODE, 1 - NODE].map((node) => [(node - NODE_TOLERANCE) * length, (node + NODE_TOLERANCE) * length])

/** Whether instruments of a family have a pedal. */
export const isPedalled = (family: MalletFamily): boolean => MAKES[family].pedal
