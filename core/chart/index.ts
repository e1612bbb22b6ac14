/** Chart: a kind in all its keys, round the circle of fifths, with what each hand takes; keys of like fingers together. */
export { CHARTED, type ChartLine, type ChartRow, chartOf, keysLeftOut } from './chart'
export { type ChartGroup, groupsOf } from './groups'
export { type ChartRules, rulesOf } from './rules'
