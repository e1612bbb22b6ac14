/** No chance is surer than this. */
const SURE = 1e-4

/** A chance, 0 to 1, of its log-odds. */
export const logistic = (logOdds: number): number => 1 / (1 + Math.exp(-logOdds))

/** Log-odds of a chance, 0 to 1. */
export function logOddsOf(chance: number): number {
  const sure = Math.min(1 - SURE, Math.max(SURE, chance))
  return Math.log(sure / (1 - sure))
}
