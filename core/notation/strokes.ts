import { familyOf } from '../instrument'
import { lineFor, playersIn, type RealisedStudy } from '../realise'
import type { Value } from '../study'

const FLAGS: Partial<Record<Value['written'], number>> = { eighth: 1, sixteenth: 2, 'thirty-second': 3 }

/** Flags, or beams, of a note value. */
export const flagsOf = ({ written }: Pick<Value, 'written'>): number => FLAGS[written] ?? 0

/**
 * A measured tremolo: as many strokes as the notes would have beams that it stands for, less the note's own.
 * @param strokes to the beat; 0 for none
 */
export const slashesOf = (strokes: number, value: Pick<Value, 'written'>): number =>
  strokes === 0 ? 0 : Math.max(1, Math.floor(Math.log2(strokes)) - flagsOf(value))

/** Strokes to the beat of the roll at a step: each section of a ladder has its own. */
export function strokesAt(study: RealisedStudy, step: number): number {
  const [player] = playersIn(study)
  const index = lineFor(study, player!).notes.findIndex((note) => note.step === step)
  const { beats } = study.rhythm.notes[step]!
  return Math.round(familyOf(study.recipe).strokesAt(study, index) / beats)
}
