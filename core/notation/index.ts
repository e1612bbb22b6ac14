/**
 * Notation: how a realised study is written. Which signs a staff needs, what shares a beam, in which clef a stretch
 * stands, and the whole as bars of notes and rests: what screens engrave and files are made from.
 */
export { accidentalsOf, printedFifths } from './accidentals'
export { barOf, beamGroups, isBeamed, restsAfter } from './beams'
export {
  type BeamMark,
  type Score,
  type ScoreBar,
  type ScoreEvent,
  type ScoreNote,
  scoreOf,
  type ScoreStaff,
} from './score'
export { ledgerLines, stemsUp, type Writing, writingFor } from './staff'
export { slashesOf, strokesAt } from './strokes'
