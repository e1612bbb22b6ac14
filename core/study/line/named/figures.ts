import { type Figure, FIGURES } from '../names'

/** What a figure can be played in: single notes of any run, or the seven notes of a scale. */
type Needs = 'run' | 'scale'

/** A named motif: what every degree of the walk becomes. Common practice, upward forms; downward they are mirrored. */
interface FigureRow {
  /** Degrees over the root; several rows are taken by turns. */
  readonly rows: readonly (readonly number[])[]
  /** It stays within the compass and has no note of rest: groups run into one another. */
  readonly within?: true
  readonly needs: Needs
  /** What a teacher calls it: the first is how it is written. */
  readonly calls: readonly string[]
}

/** The named figures. Notes in two rows go up with one and down with the next. */
export const FIGURE_ROWS: Readonly<Record<Figure, FigureRow>> = {
  straight: { rows: [[0]], within: true, needs: 'run', calls: ['straight', 'no pattern', 'sin patron'] },
  'groups-of-three': {
    rows: [[0, 1, 2]],
    within: true,
    needs: 'run',
    calls: ['in? groups of three|3', 'in? threes', 'en? grupos de tres|3'],
  },
  'groups-of-four': {
    rows: [[0, 1, 2, 3]],
    within: true,
    needs: 'run',
    calls: ['in? groups of four|4', 'in? fours', 'en? grupos de cuatro|4'],
  },
  'broken-seconds': {
    rows: [[0, 1]],
    needs: 'scale',
    calls: ['in? broken seconds|2nds', 'in seconds|2nds', 'en? segundas quebradas?'],
  },
  'broken-thirds': { rows: [[0, 2]], needs: 'scale', calls: ['in? broken thirds|3rds', 'en? terceras quebradas'] },
  'broken-fourths': { rows: [[0, 3]], needs: 'scale', calls: ['in? broken fourths|4ths', 'en? cuartas quebradas'] },
  'broken-fifths': { rows: [[0, 4]], needs: 'scale', calls: ['in? broken fifths|5ths', 'en? quintas quebradas'] },
  'broken-sixths': { rows: [[0, 5]], needs: 'scale', calls: ['in? broken sixths|6ths', 'en? sextas quebradas'] },
  'broken-sevenths': {
    rows: [[0, 6]],
    needs: 'scale',
    calls: ['in? broken sevenths|7ths', 'en? septimas quebradas'],
  },
  'fourth-then-second': {
    rows: [[0, 3, 1, 2]],
    needs: 'scale',
    calls: ['a? fourth then|and a? second', 'fourths and|then seconds', 'cuarta y|luego segunda'],
  },
  'fifth-then-third': {
    rows: [[0, 4, 1, 3]],
    needs: 'scale',
    calls: ['a? fifth then|and a? third', 'fifths and|then thirds', 'quinta y|luego tercera'],
  },
  'seventh-then-sixth': {
    rows: [[0, 6, 0, 5]],
    needs: 'scale',
    calls: ['a? seventh then|and a? sixth', 'sevenths and|then sixths', 'septima y|luego sexta'],
  },
  'broken-triads': { rows: [[2, 0, 2, 4]], needs: 'scale', calls: ['in? broken triads', 'triadas quebradas'] },
  'broken-seventh-chords': {
    rows: [
      [0, 2, 4, 6],
      [6, 4, 2, 0],
    ],
    needs: 'scale',
    calls: ['in? broken seventh|7th chords', 'acordes de septima quebrados'],
  },
}

/** Figures that a run can take: single notes; scales of seven notes take those that name intervals. */
export const figuresOf = (scale: boolean): Figure[] =>
  FIGURES.filter((figure) => scale || FIGURE_ROWS[figure].needs === 'run')
