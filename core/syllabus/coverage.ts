import { parseNote, pitchClass, printedName } from '../pitch'
import { octaveWords } from '../realise'
import type { AtomReport, Status } from './grade'
import type { Atom } from './model'
import { ease, isUnready } from './readiness'
import { askedShape, formsWords, handsAsked, INVERSIONS } from './words'

/** Keys in circle order from C; enharmonic names share a column. */
const CIRCLE = [0, 7, 2, 9, 4, 11, 6, 1, 8, 3, 10, 5]
const PLAIN_NAMES = ['C', 'G', 'D', 'A', 'E', 'B', 'F♯', 'D♭', 'A♭', 'E♭', 'B♭', 'F']

export interface CoverageCell {
  readonly atom: string
  readonly status: Status
  readonly words: string
}
export interface CoverageRow {
  readonly words: string
  /** Twelve, in circle order; none where the grade does not ask for the key. */
  readonly cells: readonly (readonly CoverageCell[])[]
  readonly holes: number
}
export interface Coverage {
  readonly keys: readonly string[]
  readonly rows: readonly CoverageRow[]
}

/** What a row of the picture has in common: everything but the key. */
function typeWords(atom: Atom, says: boolean): string {
  const [first] = atom.variants
  const kinds = [...new Set(atom.variants.map(({ kind }) => kind))]
  const hands = new Set(atom.variants.map((variant) => variant.hands))
  const asked = first!
  const forms = formsWords(kinds)
  const of = asked.kind === 'dominant-seventh-arpeggio' && asked.tonic !== atom.tonic ? ' of the key' : ''
  return [
    `${forms.charAt(0).toUpperCase()}${forms.slice(1)}${of}`,
    !says ? '' : hands.size > 1 ? 'either hand' : handsAsked(asked),
    asked.interval === 'octave' ? '' : `a ${asked.interval} apart`,
    octaveWords(asked.octaves),
    askedShape(asked),
    asked.articulations.length === 1 && asked.articulations[0] !== 'legato' ? asked.articulations[0] : '',
    INVERSIONS[asked.inversion]!,
    asked.lead ? `${asked.lead} lead` : '',
    asked.rolled ? 'rolled' : '',
    asked.mallets === 4 ? 'four mallets' : '',
  ]
    .filter(Boolean)
    .join(', ')
}

/** How a key is called in the picture's head: by the names that the grade uses, if they are one. */
function headOf(at: number, atoms: readonly Atom[]): string {
  const names = new Set(
    atoms
      .filter(({ tonic }) => pitchClass(parseNote(tonic)) === CIRCLE[at])
      .map(({ tonic }) => printedName(parseNote(tonic))),
  )
  return names.size === 0 ? PLAIN_NAMES[at]! : [...names].sort().join(' ')
}

/** A graded set as a picture: keys in circle order against what is asked in them. */
export function coverageOf(atoms: readonly Atom[], reports: readonly AtomReport[], saysHands = true): Coverage {
  const rows = new Map<string, CoverageCell[][]>()
  atoms.forEach((atom, at) => {
    const words = typeWords(atom, saysHands)
    const cells = rows.get(words) ?? CIRCLE.map(() => [])
    const column = CIRCLE.indexOf(pitchClass(parseNote(atom.tonic)))
    cells[column]!.push({ atom: atom.id, status: reports[at]!.status, words: atom.words })
    rows.set(words, cells)
  })
  const wanted = new Set(reports.filter(isUnready).map(({ id }) => id))
  return {
    keys: CIRCLE.map((_, at) => headOf(at, atoms)),
    rows: [...rows].map(([words, cells]) => ({
      words,
      cells,
      holes: cells.flat().filter(({ atom }) => wanted.has(atom)).length,
    })),
  }
}

/** The holes, nearest to ready first, then the groups as printed: what to practise next. */
export function nextToPractise(reports: readonly AtomReport[], most = 5): AtomReport[] {
  return reports
    .filter(isUnready)
    .toSorted((a, b) => ease(a) - ease(b))
    .slice(0, most)
}
