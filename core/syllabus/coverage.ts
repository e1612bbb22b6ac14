import { syllabusMessage } from './messages'
import { type Message, capital, joined, named } from '../message'
import { parseNote, pitchClass } from '../pitch'
import { octavesMessage } from '../realise'
import type { AtomReport, Status } from './grade'
import type { Atom } from './model'
import { ease, isHole } from './drawn'
import { requiredCourse, formsMessage, requiredHands, isOfKey, requiredSticks, requiredTouch } from './words'

/** Keys in circle order from C; enharmonic names share a column. */
const CIRCLE = [0, 7, 2, 9, 4, 11, 6, 1, 8, 3, 10, 5]
const PLAIN_NAMES = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']

interface CoverageCell {
  readonly atom: string
  readonly status: Status
  readonly words: Message
}
interface CoverageRow {
  readonly words: Message
  /** Twelve, in circle order; none where the grade does not ask for the key. */
  readonly cells: readonly (readonly CoverageCell[])[]
  readonly holes: number
}
export interface Coverage {
  /** Names of each key, one beside the other. */
  readonly keys: readonly Message[]
  readonly rows: readonly CoverageRow[]
}

/** What a row of the picture has in common: everything but the key. */
function typeMessage(atom: Atom, says: boolean): Message {
  const required = atom.variants[0]!
  const { interval, octaves, articulations, inversion } = required
  const kinds = [...new Set(atom.variants.map(({ kind }) => kind))]
  const forms = syllabusMessage('asked.forms', {
    forms: formsMessage(kinds),
    ofKey: isOfKey(atom, required) ? 'yes' : 'no',
  })
  return joined(
    [
      capital(forms),
      ...(says ? [requiredHands(atom.variants)] : []),
      ...(interval === 'octave' ? [] : [syllabusMessage('asked.apart', { interval, hand: 'any' })]),
      octavesMessage(octaves),
      ...requiredCourse(required),
      ...(articulations.length > 1 ? [] : requiredTouch(required)),
      ...(inversion > 0 ? [syllabusMessage('asked.inversion', { inversion })] : []),
      ...requiredSticks(required),
    ],
    'comma',
  )
}

/** How a key is called in the picture's head: by the names that the grade uses, if they are one. */
function headOf(at: number, atoms: readonly Atom[]): Message {
  const names = new Set(
    atoms.filter(({ tonic }) => pitchClass(parseNote(tonic)) === CIRCLE[at]).map(({ tonic }) => tonic),
  )
  return joined((names.size === 0 ? [PLAIN_NAMES[at]!] : [...names].sort()).map(named), 'space')
}

/** A graded set as a picture: keys in circle order against what is asked in them. */
export function coverageOf(atoms: readonly Atom[], reports: readonly AtomReport[], saysHands = true): Coverage {
  const rows = new Map<string, { words: Message; cells: CoverageCell[][] }>()
  atoms.forEach((atom, at) => {
    const words = typeMessage(atom, saysHands)
    const key = JSON.stringify(words)
    const { cells } = rows.get(key) ?? { cells: CIRCLE.map((): CoverageCell[] => []) }
    const column = CIRCLE.indexOf(pitchClass(parseNote(atom.tonic)))
    cells[column]!.push({ atom: atom.id, status: reports[at]!.status, words: atom.words })
    rows.set(key, { words, cells })
  })
  const wanted = new Set(reports.filter(isHole).map(({ id }) => id))
  return {
    keys: CIRCLE.map((_, at) => headOf(at, atoms)),
    rows: [...rows.values()].map(({ words, cells }) => ({
      words,
      cells,
      holes: cells.flat().filter(({ atom }) => wanted.has(atom)).length,
    })),
  }
}

/** The holes, nearest to ready first, then the groups as printed: what to practise next. */
export function nextToPractise(reports: readonly AtomReport[], most = 5): AtomReport[] {
  return reports
    .filter(isHole)
    .toSorted((a, b) => ease(a) - ease(b))
    .slice(0, most)
}
