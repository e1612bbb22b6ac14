/** Practice on the page: what the worker makes of a set's record and aim, and how the page asks it. */
export { opened, practised } from './asking'
export type { PracticeApi } from '../workers/practice.worker'
export { markOf, type TestMark } from './marks'
export { studiesLeft } from './trial'
export type { Item, PracticeView, Row } from '#shared/practiceView'
