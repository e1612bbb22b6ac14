/**
 * Paper: studies as pages. A page is a list of things to draw (words, lines, shapes, in points from its top left), made
 * from realised studies; whoever draws it makes a PDF of it. Runs without a browser.
 */
export { type Chart, chartPages, type ChartWords } from './chart'
export { type Faces, facesFrom, type FaceFiles } from './faces'
export type { Drawn, Page } from './page'
export { writePdf } from './pdf'
export { type Sheet, sheetPages } from './sheet'
export type { SheetWords } from './words'
export type { FingersShown } from './system'
export { PAPERS, type PaperSize } from './sizes'
