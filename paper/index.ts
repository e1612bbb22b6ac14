/**
 * Paper: studies as pages. A page is a list of things to draw (words, lines, shapes, in points from its top left), made
 * from realised studies; whoever draws it makes a PDF of it, or shows it on a screen. Runs without a browser.
 */
export { type Card, type Cards, cardPages } from './cards'
export { type Chart, chartPages, type ChartWords } from './chart'
export { type Faces, facesFrom, type FaceFiles } from './faces'
export { onlyLine } from './family'
export { inRuns } from './runs'
export type { Drawn, Face, Page } from './page'
export { writePdf } from './pdf'
export { type Sheet, sheetPages } from './sheet'
export { newGlyphs, svgOf } from './svg'
export { PAPERS, type PaperSize } from './sizes'
export type { SheetLook, SheetStudy } from './study'
export { type FingersShown, type Picture, systemPicture } from './system'
export { type LessonSheet, type LessonSheetLine, lessonPages } from './lesson'
export { type Week, type WeekDay, weekPages } from './week'
export type { SheetWords } from './words'
export { type Worksheet, worksheetPages, type WorksheetWords } from './worksheet'
