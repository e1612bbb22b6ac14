import { noteParam } from '../fingering'
import { listed, named, type DomainError } from '../message'
import { fifthsOf, modulo, type Note, parseNote } from '../pitch'
import { isFree, type LineNote } from '../study'
import { type Board, boardSize, buttonName, buttonsFor, type ChordRow } from '../surface'
import { buttonsError, buttonsMessage } from './messages'
import type { AccordionRecipe } from './settings'

/** What a line wants of a board: a bass note, or a chord on it. */
interface Want {
  readonly note: Note
  readonly chord: ChordRow | undefined
}

const has = (board: Board, { note, chord }: Want): boolean => buttonsFor(board, note, chord).length > 0

/** The bass that takes turns with the root is no want: where a board has none, the root comes again. */
const wantsOf = (notes: readonly LineNote[]): Want[] => [
  ...new Map(
    notes
      .filter(({ alternate }) => !alternate)
      .map(({ pitch, chord }) => [`${modulo(7 * fifthsOf(pitch), 12)} ${chord ?? ''}`, { note: pitch, chord }]),
  ).values(),
]

const FIFTH = 7
const KEYS = 12

/** Whether a board has all that is wanted, so many fifths on. */
const fitsAt = (board: Board, wants: readonly Want[], fifths: number): boolean =>
  wants.every(({ note, chord }) => {
    const key = modulo(FIFTH * (fifthsOf(note) + fifths), KEYS)
    return has(board, { note: { letter: 'C', alteration: key }, chord })
  })

/** Columns of fundamentals that a board has, by how near they lie to C. */
const columnsOf = ({ from, to }: Board): number[] =>
  Array.from({ length: to - from + 1 }, (_, at) => from + at).filter(
    (column) => column > -KEYS / 2 && column <= KEYS / 2,
  )

/**
 * What a board has not of a line's notes; null where it has all. The refusal names it, and the keys in which the same
 * would do.
 */
export function boardLacks(
  board: Board,
  notes: readonly LineNote[],
): ((recipe: AccordionRecipe) => DomainError) | null {
  const wants = wantsOf(notes)
  const lacking = wants.filter((want) => !has(board, want))
  if (lacking.length === 0) return null
  return (recipe) => {
    const { material } = recipe
    const tonic = fifthsOf(isFree(material) ? notes[0]!.pitch : parseNote(material.tonic))
    const keys = columnsOf(board)
      .filter((column) => fitsAt(board, wants, column - tonic))
      .map((column) => buttonName({ row: 'fundamental', column }))
    const lacks = listed(
      lacking.map(({ note, chord }) =>
        chord
          ? buttonsMessage('lacks.chord', { note: noteParam(note), row: chord })
          : buttonsMessage('lacks.bass', { note: noteParam(note) }),
      ),
    )
    return buttonsError(
      'bass.lacks',
      { bass: boardSize(recipe.accordion), lacks, has: listed(keys.map(named)), count: keys.length },
      'accordion.bass',
      {
        lacks: lacking.map(({ note, chord }) => ({ note: noteParam(note).note, row: chord ?? 'fundamental' })),
        tonics: keys,
      },
    )
  }
}
