import { DomainError } from '../../message'
import { inversionsOf, KIND_IDS, type KindId, KINDS, type Material, materialOf, usualTonics } from '../../material'
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

/** The recipe, moved by octaves, if it lays down just what was found. */
function fitting(found: readonly Heights[], input: RecipeInput): RecipeInput | null {
  const candidate = laid(input)
  const octaves = candidate && octavesApart(found, candidate.heights)
  if (octaves === null) return null
  return { ...input, startOctave: candidate!.recipe.startOctave + octaves }
}

const classesOf = (lines: readonly Heights[]): Set<number> => new Set(lines.flat(2).map((midi) => modulo(midi, 12)))
const sameSet = (a: Set<number>, b: Set<number>): boolean => a.size === b.size && [...a].every((each) => b.has(each))

/** Whether what sounds is all of a material, or all of one way of it, and nothing else. */
function sounds(classes: Set<number>, { up, down }: Material): boolean {
  const [rising, falling] = [new Set(up.map(pitchClass)), new Set(down.map(pitchClass))]
  return [rising, falling, new Set([...rising, ...falling])].some((own) => sameSet(classes, own))
}

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
  const found = KIND_IDS.flatMap((kind) =>
    usualTonics(KINDS[kind]).flatMap((tonic) => {
      const inversions = inversionsOf(KINDS[kind])
      if (!classes.has(pitchClass(tonic)) || (inversions === 0 && !firsts.has(pitchClass(tonic)))) return []
      const material = materialOf({ tonic: noteName(tonic), kind })
      if (KINDS[kind].texture === 'run' && !sounds(classes, material)) return []
      const strange = [...material.up, ...material.down].filter((note) => !letters.has(noteName(note))).length
      const signs = Math.abs(material.fifths - piece.fifths)
      return Array.from({ length: inversions + 1 }, (_, inversion) => ({
        ...{ tonic: noteName(tonic), kind, inversion },
        strange: names.size > 0 ? strange : signs,
      }))
    }),
  )
  return found
    .toSorted((a, b) => a.strange - b.strange)
    .map(({ tonic, kind, inversion }) => ({ tonic, kind, inversion }))
}

const OCTAVES = Array.from({ length: MAX_OCTAVES }, (_, at) => at + 1)

/** Ways in which one hand may go through a material. */
const courses = (figures: readonly (typeof FIGURES)[number][]): RecipeInput[] =>
  figures.flatMap((figure) =>
    OCTAVES.flatMap((octaves) =>
      COURSES.map((course) => ({ octaves, course, pattern: { figure } }) as unknown as RecipeInput),
    ),
  )

/** Ways in which two hands may go together. */
const TOGETHER: readonly Partial<RecipeInput>[] = [
  ...INTERVALS.flatMap((interval) =>
    (interval === 'octave' ? ['left'] : ['left', 'right']).map((tonicHand) => ({ interval, tonicHand })),
  ),
  ...CONTRARY_FROM.map((contraryFrom) => ({ motion: 'contrary', contraryFrom })),
] as readonly Partial<RecipeInput>[]

/** How many chords a hand strikes in a way through a material: it goes by the degrees alone, so it is asked once. */
function lengths() {
  const known = new Map<string, number>()
  return (input: RecipeInput, degrees: string): number => {
    const { octaves, course, pattern } = input
    const key = [degrees, octaves, course, pattern?.figure].join(' ')
    const length = known.get(key) ?? laid(input)?.heights[0]!.length ?? 0
    known.set(key, length)
    return length
  }
}

function throughFigures(
  lines: readonly Heights[],
  named: readonly Named[],
  figures: readonly (typeof FIGURES)[number][],
  hand: Hand,
): RecipeInput | null {
  const alone: Hands = lines.length > 1 ? 'right' : hand
  const lengthOf = lengths()
  for (const { inversion, ...material } of named) {
    for (const way of courses(figures)) {
      const input = { ...way, material: { ...material, ...(inversion > 0 ? { inversion } : {}) }, hands: alone }
      if (lengthOf(input, degreesOf(material.kind)) !== lines[0]!.length) continue
      if (lines.length === 1) {
        const own = fitting(lines, input)
        if (own) return own
        continue
      }
      for (const together of TOGETHER) {
        const own = fitting(lines, { ...input, hands: 'together', ...together })
        if (own) return own
      }
    }
  }
  return null
}

/** What the length of a way through a material goes by. */
const degreesOf = (kind: KindId): string => {
  const { texture, up, down } = KINDS[kind]
  return `${texture === 'run' ? '' : kind} ${up.length} ${down.length}`
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
  return throughFigures(lines, named, ['straight'], hand) ?? throughFigures(lines, named, FIGURES.slice(1), hand)
}
