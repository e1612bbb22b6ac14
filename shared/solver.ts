import type { Means, Program, Solution, Solver } from '#core/syllabus'

const TERMS_A_LINE = 50

/** `+ 3 x0 - x1 …`, broken into lines, as the format wants no line to be too long. */
function sum(columns: readonly number[], factors: readonly number[]): string {
  const terms = columns.map((column, at) => {
    const factor = factors[at]!
    return `${factor < 0 ? '-' : '+'} ${Math.abs(factor) === 1 ? '' : `${Math.abs(factor)} `}x${column}`
  })
  const lines: string[] = []
  for (let at = 0; at < terms.length; at += TERMS_A_LINE) lines.push(terms.slice(at, at + TERMS_A_LINE).join(' '))
  return lines.join('\n ')
}

/** A program in the LP format that solvers read. */
export function lpOf({ gains, rows, whole }: Program): string {
  const rowOf = ({ columns, factors, most, exact }: Program['rows'][number], at: number) =>
    ` c${at}: ${sum(columns, factors)} ${exact ? '=' : '<='} ${most}`
  return [
    'Maximize',
    ` obj: ${sum(
      gains.map((_, column) => column),
      gains,
    )}`,
    'Subject To',
    ...rows.filter(({ columns }) => columns.length > 0).map(rowOf),
    'Bounds',
    ...gains.map((_, column) => ` 0 <= x${column} <= 1`),
    ...(whole.length > 0 ? ['Binary', ` ${whole.map((column) => `x${column}`).join('\n ')}`] : []),
    'End',
  ].join('\n')
}

/** Milliseconds for one part of a grading before the best that was found is told with its gap. */
const PATIENCE = 700

let loaded: Promise<Solver> | undefined

/** HiGHS, a general solver of mixed-integer programs; exact. Loaded once. */
function loadSolver(): Promise<Solver> {
  loaded ??= import('highs').then(async ({ default: load }) => {
    const highs = await load()
    return (program: Program, milliseconds: number): Solution | null => {
      const found = highs.solve(lpOf(program), {
        output_flag: false,
        presolve: 'off',
        mip_rel_gap: 0,
        time_limit: milliseconds / 1000,
      })
      const columns = found.Columns as Record<string, { readonly Primal?: number }>
      const values = program.gains.map((_, column) => columns[`x${column}`]?.Primal ?? 0)
      const proven = found.Status === 'Optimal'
      if (!proven && values.every((value) => value === 0)) return null
      return { proven, gain: found.ObjectiveValue, values }
    }
  })
  return loaded
}

/** What gradings are found with outside the page: exact, and within bounds. */
export const solverMeans = async (): Promise<Means> => ({
  solver: await loadSolver(),
  milliseconds: PATIENCE,
  patience: 20_000,
})
