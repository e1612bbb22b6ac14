import { DomainError } from '../../message'
import { inversionsOf, KIND_IDS, type KindId, KINDS, materialOf, usualTonics } from '../../material'
import type { RecipeInput } from '../../instrument'
import { midiOf, modulo, noteName, parsePitch, pitchClass } from '../../pitch'
import { laidDown } from '../../realise'
import { CONTRARY_FROM, COURSES, FIGURES, type Hand, type Hands, INTERVALS, type Line, MAX_OCTAVES } from '../../study'
import type { FoundChord, FoundPiece } from './found'

/** Heights of a line, chord by chord, as numbers that can be compared. */
type Heights = readonly (readonly number[])[]

const heightsFound = (line: readonly FoundChord[]): Heights => line.map(({ notes }) => notes.map(({ midi }) => midi))

function heightsLaid({ notes }: Line): Heights {
  const chords: number[][] = []
  let step = -1
  for (const note of notes) {
    if (note.step !== step) chords.push([])
    step = note.step
    chords.at(-1)!.push(midiOf(note.pitch))
  }
  return chords.map((chord) => chord.sort((a, b) => a - b))
}

/** Octaves from one to the other, where they are the same but for whole octaves; null where they are not. */
function octavesApart(found: readonly Heights[], laid: readonly Heights[]): number | null {
  if (found.length !== laid.length || found.some((line, at) => line.length !== laid[at]!.length)) return null
  const apart = found[0]![0]![0]! - laid[0]![0]![0]!
  if (apart % 12 !== 0) return null
  const same = found.every((line, at) =>
    line.every((chord, place) => {
      const other = laid[at]![place]!
      return chord.length === other.length && chord.every((midi, voice) => midi - other[voice]! === apart)
    }),
  )
  return same ? apart / 12 : null
}

/** Lays a recipe down where it can be; what cannot is no candidate. */
function laid(input: RecipeInput): { recipe: RecipeInput & { startOctave: number }; heights: Heights[] } | null {
  try {
    const { recipe, lines } = laidDown(input)
    return { recipe, heights: lines.map(heightsLaid) }
  } catch (error) {
    if (error instanceof DomainError) return null
    throw error
  }
}

/** Steps from the first note of all, chord by chord: what a way through a material looks like from any tonic. */
const shapeOf = (lines: readonly Heights[]): string => {
  const first = lines[0]![0]![0]!
  return lines.map((line) => line.map((chord) => chord.map((midi) => midi - first).join('+')).join(' ')).join('/')
}

/** FNV-1a, 32 bits: shapes are many, and only told apart. */
function hashOf(text: string): number {
  let hash = 0x811c9dc5
  for (let at = 0; at < text.length; at++) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193)
  return hash >>> 0
}

/**
 * Shapes of ways through kinds, as they were laid down once: a melody that has another shape need not be held against
 * that way again, from whatever tonic. Bounded by the kinds and ways that there are.
 */
const shapes = new Map<string, number>()

/** Whether a way through a kind may have a shape: unless it was seen to have another. */
const mayHave = (shape: number, way: string): boolean => (shapes.get(way) ?? shape) === shape

/** The recipe, moved by octaves, if it lays down just what was found. */
function fitting({ lines: found, shape }: Sought, input: RecipeInput, way: string): RecipeInput | null {
  if (!mayHave(shape, way)) return null
  const candidate = laid(input)
  if (candidate) shapes.set(way, hashOf(shapeOf(candidate.heights)))
  const octaves = candidate && octavesApart(found, candidate.heights)
  if (octaves === null) return null
  return { ...input, startOctave: candidate!.recipe.startOctave + octaves }
}

const classesOf = (lines: readonly Heights[]): Set<number> => new Set(lines.flat(2).map((midi) => modulo(midi, 12)))
const sameSet = (a: Set<number>, b: Set<number>): boolean => a.size === b.size && [...a].every((each) => b.has(each))

/** A kind from a tonic, as far as it is held against what sounds. */
interface Known {
  readonly tonic: string
  readonly first: number
  readonly kind: KindId
  readonly fifths: number
  /** Names of the notes of both ways. */
  readonly names: readonly string[]
  /** What sounds on the way up, on the way down, on both. */
  readonly classes: readonly Set<number>[]
}

function knownOf(kind: KindId, tonic: string, first: number): Known {
  const { up, down, fifths } = materialOf({ tonic, kind })
  const [rising, falling] = [new Set(up.map(pitchClass)), new Set(down.map(pitchClass))]
  const names = [...up, ...down].map(noteName)
  return { ...{ tonic, first, kind, fifths, names }, classes: [rising, falling, new Set([...rising, ...falling])] }
}

let known: readonly Known[] | undefined
/** Every kind from every tonic that it is usually named from, worked out when it is asked for first. */
const knownMaterials = (): readonly Known[] =>
  (known ??= KIND_IDS.flatMap((kind) =>
    usualTonics(KINDS[kind]).map((tonic) => knownOf(kind, noteName(tonic), pitchClass(tonic))),
  ))

interface Named {
  readonly tonic: string
  readonly kind: KindId
  readonly inversion: number
}

/** Materials that sound so and may begin so, those spelled as the file spells them first. */
function materialsFor(piece: FoundPiece, lines: readonly Heights[]): Named[] {
  const classes = classesOf(lines)
  const firsts = new Set(lines.map((line) => modulo(line[0]![0]!, 12)))
  const names = new Set(piece.lines.flat().flatMap(({ notes }) => notes.flatMap(({ name }) => (name ? [name] : []))))
  const letters = new Set([...names].map((name) => noteName(parsePitch(name))))
  const found = knownMaterials().flatMap(({ tonic, first, kind, fifths, names: own, classes: ways }) => {
    const inversions = inversionsOf(KINDS[kind])
    if (!classes.has(first) || (inversions === 0 && !firsts.has(first))) return []
    if (KINDS[kind].texture === 'run' && !ways.some((way) => sameSet(classes, way))) return []
    const strange = own.filter((name) => !letters.has(name)).length
    const signs = Math.abs(fifths - piece.fifths)
    return Array.from({ length: inversions + 1 }, (_, inversion) => ({
      ...{ tonic, kind, inversion },
      strange: names.size > 0 ? strange : signs,
    }))
  })
  return found
    .toSorted((a, b) => a.strange - b.strange)
    .map(({ tonic, kind, inversion }) => ({ tonic, kind, inversion }))
}

/** What is looked for: lines, and the shape that they have together. */
interface Sought {
  readonly lines: readonly Heights[]
  readonly shape: number
}

const OCTAVES = Array.from({ length: MAX_OCTAVES }, (_, at) => at + 1)

/** A way in which one hand may go through a material, and its name. */
interface Way {
  readonly input: RecipeInput
  readonly name: string
}

const wayOf = (figure: (typeof FIGURES)[number], octaves: number, course: (typeof COURSES)[number]): Way => ({
  input: { octaves, course, pattern: { figure } } as unknown as RecipeInput,
  name: `${figure} ${octaves} ${course}`,
})

/** Ways in which two hands may go together. */
const TOGETHER: readonly Partial<RecipeInput>[] = [
  ...INTERVALS.flatMap((interval) =>
    (interval === 'octave' ? ['left'] : ['left', 'right']).map((tonicHand) => ({ interval, tonicHand })),
  ),
  ...CONTRARY_FROM.map((contraryFrom) => ({ motion: 'contrary', contraryFrom })),
] as readonly Partial<RecipeInput>[]

/** What the length of a way through a material goes by. */
const degreesOf = (kind: KindId): string => {
  const { texture, up, down } = KINDS[kind]
  return `${texture === 'run' ? '' : kind} ${up.length} ${down.length}`
}
/** For all materials of one length the first of them speaks. */
const speaker = new Map<string, KindId>()
for (const kind of KIND_IDS) if (!speaker.has(degreesOf(kind))) speaker.set(degreesOf(kind), kind)

/** How many chords a hand strikes in each way through a kind, as it was laid down once; 0 where there is no such way. */
const lengths = new Map<string, number>()
function lengthOf(kind: KindId, inversion: number, { input, name }: Way): number {
  const key = `${kind} ${inversion} ${name}`
  const known = lengths.get(key)
  if (known !== undefined) return known
  const [tonic] = usualTonics(KINDS[kind])
  const material = { tonic: noteName(tonic!), kind, ...(inversion > 0 ? { inversion } : {}) }
  const length = laid({ ...input, material, hands: 'right' })?.heights[0]!.length ?? 0
  lengths.set(key, length)
  return length
}

/** Ways of one figure through a kind in which a hand strikes so many chords. More octaves are more chords. */
function waysOfLength(kind: KindId, inversion: number, figure: (typeof FIGURES)[number], wanted: number): Way[] {
  const found: Way[] = []
  const over = new Set<string>()
  for (const octaves of OCTAVES) {
    for (const course of COURSES) {
      if (over.has(course)) continue
      const way = wayOf(figure, octaves, course)
      const length = lengthOf(kind, inversion, way)
      if (length > wanted) over.add(course)
      if (length === wanted) found.push(way)
    }
  }
  return found
}

/** Ways that were found for a length, until there are too many to remember. */
const waysKnown = new Map<string, Way[]>()
const MAX_KNOWN = 20_000

/** Ways of some figures through a kind in which a hand strikes so many chords. */
function waysThrough(
  kind: KindId,
  inversion: number,
  figures: readonly (typeof FIGURES)[number][],
  wanted: number,
): readonly Way[] {
  const key = `${kind} ${inversion} ${figures[0]} ${wanted}`
  const known = waysKnown.get(key)
  if (known) return known
  const found = figures.flatMap((figure) => waysOfLength(kind, inversion, figure, wanted))
  if (waysKnown.size >= MAX_KNOWN) waysKnown.clear()
  waysKnown.set(key, found)
  return found
}

function throughFigures(
  sought: Sought,
  named: readonly Named[],
  figures: readonly (typeof FIGURES)[number][],
  hand: Hand,
): RecipeInput | null {
  const { lines } = sought
  const alone: Hands = lines.length > 1 ? 'right' : hand
  for (const { inversion, ...material } of named) {
    const kind = speaker.get(degreesOf(material.kind))!
    for (const { input: way, name } of waysThrough(kind, inversion, figures, lines[0]!.length)) {
      const input = { ...way, material: { ...material, ...(inversion > 0 ? { inversion } : {}) }, hands: alone }
      const own = fittingHands(sought, input, `${material.kind} ${inversion} ${alone} ${name}`)
      if (own) return own
    }
  }
  return null
}

/** The recipe for one hand, or for two in any of the ways in which they go together. */
function fittingHands(sought: Sought, input: RecipeInput, shape: string): RecipeInput | null {
  if (sought.lines.length === 1) return fitting(sought, input, shape)
  for (const [at, together] of TOGETHER.entries()) {
    const own = fitting(sought, { ...input, hands: 'together', ...together }, `${shape} ${at}`)
    if (own) return own
  }
  return null
}

const MIDDLE_C = 60
/** Whose a line is: as the file tells, else by where its middle lies. */
export function handOf({ hands, lines }: FoundPiece, at: number): Hand {
  const given = hands[at]
  if (given) return given
  const all = heightsFound(lines[at]!).flat()
  return (Math.min(...all) + Math.max(...all)) / 2 >= MIDDLE_C ? 'right' : 'left'
}

/** The known scale, chord or other material that a piece is, note for note; null where it is none. */
export function recognised(piece: FoundPiece): RecipeInput | null {
  const [upper, lower = upper] = piece.lines
  if (piece.lines.length > 2 || upper!.length !== lower!.length) return null
  const lines = piece.lines.map(heightsFound)
  const hand = handOf(piece, 0)
  const named = materialsFor(piece, lines)
  const sought = { lines, shape: hashOf(shapeOf(lines)) }
  return throughFigures(sought, named, ['straight'], hand) ?? throughFigures(sought, named, FIGURES.slice(1), hand)
}
