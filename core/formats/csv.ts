import Papa from 'papaparse'
import { marksOf, playersIn } from '../realise'
import { isFree } from '../study'
import type { Bundle, Piece } from './piece'

function rowOf({ title, study }: Piece): Record<string, string | number> {
  const { recipe } = study
  const { material, tempo } = recipe
  const marks = playersIn(study).map((player) => [player, marksOf(study, player).join(' ')])
  return {
    title,
    instrument: recipe.instrument,
    tonic: isFree(material) ? '' : material.tonic,
    kind: isFree(material) ? '' : material.kind,
    inversion: isFree(material) ? '' : (material.inversion ?? 0),
    pitches: isFree(material) ? material.pitches.flat().join(' ') : '',
    hands: recipe.hands,
    motion: recipe.motion,
    interval: recipe.interval,
    octaves: recipe.octaves,
    course: recipe.course,
    touch: recipe.touch ? `right ${recipe.touch.right}, left ${recipe.touch.left}` : recipe.articulation,
    bpm: tempo.bpm,
    notes_per_beat: tempo.notesPerBeat,
    school: recipe.school,
    right: '',
    left: '',
    sticks: '',
    ...Object.fromEntries(marks),
  }
}

/** Studies as a table, a row each, with their fingers or sticks: for spreadsheets. */
export const writeStudiesCsv = ({ pieces }: Bundle): string =>
  `\uFEFF${Papa.unparse(pieces.map(rowOf), { newline: '\r\n', escapeFormulae: true })}\r\n`
