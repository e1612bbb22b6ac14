/** Practice on the page: what the worker makes of a set's record and aim, and how the page asks it. */
export { practised } from './asking'
export type { PracticeApi } from '../workers/practice.worker'
export { markOf, type TestMark } from './marks'
export type { Item, PracticeView, Row } from './view'
