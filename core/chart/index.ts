/** Chart: a kind in all its keys, round the circle of fifths, with what each hand takes; keys of like fingers together. */
export { type ChartGroup, CHARTED, type ChartLine, type ChartRow, chartOf, groupsOf } from './chart'
export { type ChartRules, rulesOf } from './rules'
