import { type Problem, solve } from '../solver'
import { staffPlace } from '../pitch'
import type { Clefs, LineNote } from '../study'

/** How a stretch of notes is written: in which clef, and how many octaves lower (1) or higher (-1) than it sounds. */
export interface Writing {
  readonly clef: 'treble' | 'bass'
  readonly ottava: -1 | 0 | 1
}

/** Place of the middle line, in letters from C0: B4 in treble, D3 in bass. */
const MIDDLE = { treble: 34, bass: 22 } as const
const WRITINGS: readonly Writing[] = (['treble', 'bass'] as const).flatMap((clef) =>
  ([0, 1, -1] as const).map((ottava) => ({ clef, ottava })),
)

/** Letters above (positive) or below the middle line, as written. */
const fromMiddle = ({ pitch }: LineNote, { clef, ottava }: Writing): number =>
  staffPlace(pitch) - 7 * ottava - MIDDLE[clef]

/** Ledger lines that a note needs; the staff reaches five places either side of its middle line. */
export function ledgerLines(note: LineNote, writing: Writing): number {
  return Math.max(0, Math.floor((Math.abs(fromMiddle(note, writing)) - 4) / 2))
}

/** Which way the stems of notes under one beam (or of one note) go: away from the note farthest off; down on a tie. */
export function stemsUp(notes: readonly LineNote[], writing: readonly Writing[]): boolean {
  const places = notes.map((note, at) => fromMiddle(note, writing[at]!))
  return -Math.min(...places) > Math.max(...places)
}

const OTTAVA = 9
const CHANGE = { clef: 34, ottava: 18 }
const STRANGE_CLEF = 12

/** More ledger lines than this over the bass staff are written in the treble clef; as many are not. */
const MAX_OVER_BASS = 3
const IN_BASS: Writing = { clef: 'bass', ottava: 0 }
const tooHigh = (note: LineNote): boolean => fromMiddle(note, IN_BASS) > 0 && ledgerLines(note, IN_BASS) > MAX_OVER_BASS
const BEYOND_BASS = 100
/** A note that stands in the bass staff itself, written in the treble clef after all. */
const WITHIN_BASS = 12

/** What it costs a left hand to be written in a clef that is not its own for these notes. */
function fromBass(notes: readonly LineNote[], { clef }: Writing): number {
  if (clef === 'bass') return notes.some(tooHigh) ? BEYOND_BASS : 0
  return WITHIN_BASS * notes.filter((note) => ledgerLines(note, IN_BASS) === 0).length
}

/**
 * How each group of notes (a beat) is best written: few ledger lines, few changes of clef, octave signs only where
 * nothing else helps. Solved exactly; ledger lines count by their square, since the fourth hurts more than the first.
 * What belongs in the bass clef stays there as long as no more than three ledger lines stand above it.
 *
 * @param clefs `own`: the usual clef throughout, with octave signs where they help
 */
export function writingFor(
  groups: readonly (readonly LineNote[])[],
  usual: 'treble' | 'bass',
  clefs: Clefs = 'changing',
): readonly Writing[] {
  const stays = clefs === 'own' || (usual === 'bass' && !groups.some((group) => group.some(tooHigh)))
  const problem: Problem<Writing> = {
    length: groups.length,
    states: () => (stays ? WRITINGS.filter(({ clef }) => clef === usual) : WRITINGS),
    one: (at, writing) => {
      const beyond = usual === 'bass' && !stays ? fromBass(groups[at]!, writing) : 0
      const ledgers = groups[at]!.reduce((sum, note) => sum + ledgerLines(note, writing) ** 2, 0)
      const strange = at === 0 && writing.clef !== usual ? STRANGE_CLEF : 0
      return beyond + ledgers + strange + (writing.ottava === 0 ? 0 : OTTAVA * groups[at]!.length)
    },
    two: (_, a, b) => (a.clef === b.clef ? 0 : CHANGE.clef) + (a.ottava === b.ottava ? 0 : CHANGE.ottava),
  }
  return solve(problem)[0]!.states
}
