import type { AccordionRecipe } from '../../buttons'
import { isFree } from '../../study'
import { KINDS } from '../../material'
import { parseNote } from '../../pitch'
import { boardOf, buttonsFor, CHORD_SIGNS, trebleOf } from '../../surface'
import { onBlackKeys, type OwnTask, type TaskAnswer } from '../tasks'
import { primary, tonicRow } from './harmony'
import type { RealisedBass, SolvedAccordion } from './solve'

type Task = OwnTask<AccordionRecipe, SolvedAccordion>

/** The scale of the left hand by itself, an octave up. */
const ON_BOARD = { hands: 'left', accordion: { left: { part: 'scale' } } }
const RIGHT = { hands: 'right' }

const pitchesOf = ({ notes }: RealisedBass) => notes.map(({ pitch }) => pitch)

/** What is said of each button of the left hand's line. */
const onBoard =
  (markOf: (bass: RealisedBass, index: number) => string): Task['answer'] =>
  (_, { bass }) =>
    bass ? { notes: pitchesOf(bass), marks: bass.buttons.map((__, index) => markOf(bass, index)) } : null

const signed = (count: number): string => (count > 0 ? `+${count}` : count < 0 ? `−${-count}` : '0')

/** Buttons of the primary chords of a key: `C M`, `F M`, `G 7`. */
function chordButtons({ material, accordion }: AccordionRecipe): TaskAnswer | null {
  if (isFree(material)) return null
  const row = tonicRow(KINDS[material.kind])
  if (row !== 'major' && row !== 'minor') return null
  const board = boardOf(accordion)
  const chords = (['I', 'IV', 'V7'] as const).map((degree) => primary(parseNote(material.tonic), row, degree))
  if (chords.some(({ root, row: own }) => buttonsFor(board, root, own).length === 0)) return null
  return { notes: chords.map(({ root }) => root), marks: chords.map(({ row: own }) => CHORD_SIGNS[own]) }
}

const onKeys = ({ accordion }: Pick<AccordionRecipe, 'accordion'>): boolean =>
  trebleOf(accordion.treble).plays === 'keys'

/** What worksheets ask of keys, buttons and the board. */
export const ACCORDION_TASKS: readonly Task[] = [
  {
    task: 'black-keys',
    played: RIGHT,
    has: onKeys,
    answer: ({ accordion }, { hands: { right } }) =>
      right && onKeys({ accordion })
        ? onBlackKeys(
            right.notes.map(({ pitch }) => pitch),
            right.midi,
          )
        : null,
  },
  {
    task: 'button-rows',
    played: RIGHT,
    has: (recipe) => !onKeys(recipe),
    answer: (_, { hands: { right } }) =>
      right?.buttons
        ? { notes: right.notes.map(({ pitch }) => pitch), marks: right.buttons.map(([row]) => String(row)) }
        : null,
  },
  {
    task: 'bass-rows',
    played: ON_BOARD,
    has: ({ accordion }) => accordion.rows.includes('counterbass'),
    answer: onBoard(({ buttons }, at) => (buttons[at]!.row === 'counterbass' ? 'C' : 'B')),
  },
  {
    task: 'bass-columns',
    played: ON_BOARD,
    answer: onBoard(({ buttons }, at) => signed(buttons[at]!.column - buttons[0]!.column)),
  },
  {
    task: 'board-way',
    played: ON_BOARD,
    answer: onBoard(({ buttons }, at) =>
      at === 0 ? '·' : String(Math.abs(buttons[at]!.column - buttons[at - 1]!.column)),
    ),
  },
  { task: 'chord-buttons', played: ON_BOARD, answer: (recipe) => chordButtons(recipe) },
]
