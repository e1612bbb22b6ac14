import { studyError } from '../messages'

/** A degree of a motif: 1 is the root that moves, 8 its octave in a scale of seven notes, 0 the degree under 1. */
type Degree = number

/** One item with a length of its own: in beats, or held until the motif ends. */
export interface TimedItem {
  readonly degree: Degree | readonly Degree[]
  /** Its length; the pace of the study unless said. */
  readonly beats?: number
  /** It rings on under what follows, to the end of the motif. */
  readonly held?: boolean
}

/** A degree, a rest, degrees struck together, or one of them with its length. */
export type MotifItem = Degree | null | readonly Degree[] | TimedItem

/** A few degrees that are moved as one. */
export type Motif = readonly MotifItem[]

/** What sounds at one moment of a motif, in degrees over its root; nothing is a rest. */
export interface Cell {
  readonly places: readonly number[]
  readonly beats?: number
  readonly held?: boolean
}

export const MOTIF_RANGE = {
  items: { least: 1, most: 32 },
  degree: { least: -13, most: 22 },
  chord: { least: 1, most: 5 },
  beats: { least: 0.125, most: 8 },
} as const

const isTimed = (item: unknown): item is TimedItem => typeof item === 'object' && item !== null && !Array.isArray(item)

function checkDegree(value: unknown, path: string): number {
  const { least, most } = MOTIF_RANGE.degree
  if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) return value
  throw studyError('motif.degree', { field: path, least, most }, path)
}

function checkDegrees(value: unknown, path: string): Degree | readonly Degree[] {
  if (!Array.isArray(value)) return checkDegree(value, path)
  const { least, most } = MOTIF_RANGE.chord
  const degrees = value.map((each, at) => checkDegree(each, `${path}[${at}]`))
  if (degrees.length < least || degrees.length > most || new Set(degrees).size < degrees.length) {
    throw studyError('motif.chord', { field: path, most }, path)
  }
  return degrees.length === 1 ? degrees[0]! : degrees
}

/** Every note value that can be written is a whole number of these in a beat. */
const PARTS = 24
const CLOSE = 0.005

function checkBeats(value: unknown, path: string): number {
  const { least, most } = MOTIF_RANGE.beats
  // a third of a beat is not a decimal: what is close enough is meant
  const whole = typeof value === 'number' ? Math.round(value * PARTS) / PARTS : Number.NaN
  if (Math.abs(whole - (value as number)) <= CLOSE && whole >= least && whole <= most) return whole
  throw studyError('motif.beats', { field: path, least, most }, path)
}

function checkTimed({ degree, beats, held, ...stray }: TimedItem, path: string): TimedItem {
  const unknown = Object.keys(stray)[0]
  if (unknown !== undefined) {
    throw studyError('field.unknown', { field: `${path}.${unknown}`, of: 'stray', among: '' }, `${path}.${unknown}`)
  }
  if (held !== undefined && typeof held !== 'boolean') {
    throw studyError('field.unknown', { field: `${path}.held`, of: 'choice', among: 'true, false' }, `${path}.held`)
  }
  return {
    degree: checkDegrees(degree, `${path}.degree`),
    ...(beats === undefined ? {} : { beats: checkBeats(beats, `${path}.beats`) }),
    ...(held ? { held } : {}),
  }
}

/** A motif as it is written, or null where there is none. @throws DomainError naming the item */
export function completeMotif(value: unknown, path = 'pattern.motif'): Motif | null {
  if (value === null || value === undefined) return null
  const { least, most } = MOTIF_RANGE.items
  if (!Array.isArray(value) || value.length < least || value.length > most) {
    throw studyError('motif.items', { field: path, least, most }, path)
  }
  const items = (value as readonly unknown[]).map((item, at): MotifItem => {
    const own = `${path}[${at}]`
    if (item === null) return null
    return isTimed(item) ? checkTimed(item, own) : checkDegrees(item, own)
  })
  if (items.every((item) => item === null)) throw studyError('motif.silent', { field: path }, path)
  return items
}

const placesOf = (degree: Degree | readonly Degree[]): number[] =>
  (typeof degree === 'number' ? [degree] : [...degree]).map((each) => each - 1).sort((a, b) => a - b)

/** What sounds at each moment of a motif. */
export const cellsOf = (motif: Motif): Cell[] =>
  motif.map((item): Cell => {
    if (item === null) return { places: [] }
    if (!isTimed(item)) return { places: placesOf(item) }
    const { degree, beats, held } = item
    return { places: placesOf(degree), ...(beats === undefined ? {} : { beats }), ...(held ? { held } : {}) }
  })

/** A motif in the teacher's figures: “1 4 2 3”, “1 – 3+5”; lengths in brackets. */
export const motifText = (motif: Motif): string =>
  motif
    .map((item) => {
      if (item === null) return '–'
      const { degree, beats, held } = isTimed(item) ? item : { degree: item, beats: undefined, held: false }
      const figures = typeof degree === 'number' ? String(degree) : degree.join('+')
      return `${figures}${beats === undefined ? '' : `(${beats})`}${held ? '~' : ''}`
    })
    .join(' ')
