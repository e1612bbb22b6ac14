/**
 * The forecast: what the chance is that a study is right when it is asked cold. Evidence of the record, what is known
 * around it, weights that were fitted on made-up pupils, a calibration by what came, and how far off it may be.
 */
export { type Correction, correctionBy, NO_CORRECTION, type Told } from './calibration'
export { type Forecast, forecastFor } from './forecast'
export { type KeptBin, keptBins, toldFrom } from './kept'
export { logistic, logOddsOf } from './odds'
export type { Grounds } from './known'
