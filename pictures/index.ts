/**
 * Pictures: where things stand on the charts of an instrument (stairs, maps, ways of the bellows), in pixels. Pure: the page
 * draws them as elements that can be touched, paper as ink.
 */
export { bellowsIn, bellowsPath, type DrawnWay } from './accordion/bellows'
export { registerSymbol } from './accordion/registers'
export { type BoardButton, type BoardMap, boardMapOf } from './accordion/board'
export { laneOf, type LaneMark } from './accordion/lane'
export { boardMarks, buttonMarks, keyMarks, nameOf } from './accordion/marks'
export { accordionOf, type AccordionStudy, fingeredOf, onButtons } from './accordion/study'
export { type TrebleMap, trebleMapOf } from './accordion/treble'
export { clustered } from './fingers/clusters'
export { type KeyMark, type PianoMap, pianoMapOf } from './fingers/map'
export { type Disc, type StairPicture, stairOf } from './fingers/stair'
export { fingersOf, type FingerStudy, handsIn } from './fingers/study'
export { barsAround, barScale, marksOf, nodeLine, type Strike, strikesAround, wayOf } from './sticks/map'
export { pedalPath, ringingIn, ringingRoom, STROKE_PATHS } from './sticks/ringing'
export { type Stroke, stickStairOf } from './sticks/stair'
export { sticksOf, type StickStudy } from './sticks/study'
