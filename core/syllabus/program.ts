/** So many of some columns at the most: their sum by factors, no more than `most`; or just that. */
export interface Row {
  readonly columns: readonly number[]
  readonly factors: readonly number[]
  readonly most: number
  readonly exact?: boolean
}

/** A mixed-integer program of greatest gain over columns from 0 to 1; gains and bounds are whole numbers. */
export interface Program {
  readonly gains: readonly number[]
  readonly rows: readonly Row[]
  /** Columns that are 0 or 1; the others take care of themselves. */
  readonly whole: readonly number[]
}

/** What a solver made of a program: nothing is proven where its time ran out. */
export interface Solution {
  readonly proven: boolean
  readonly gain: number
  readonly values: readonly number[]
}

/** A general solver of mixed-integer programs. Null where it found nothing within `milliseconds`. */
export type Solver = (program: Program, milliseconds: number) => Solution | null

/** The same program, but nothing need be whole: no solution gains more. */
export const relaxed = (program: Program): Program => ({ ...program, whole: [] })

/** Builds a program column by column. */
export class ProgramBuilder {
  private readonly gains: number[] = []
  private readonly rows: Row[] = []
  private readonly whole: number[] = []

  column(gain: number): number {
    return this.gains.push(gain) - 1
  }

  decision(gain: number): number {
    const column = this.column(gain)
    this.whole.push(column)
    return column
  }

  /** So many of some columns at the most. */
  atMost(columns: readonly number[], most: number): void {
    this.rows.push({ columns, factors: columns.map(() => 1), most })
  }

  exactly(columns: readonly number[], most: number): void {
    this.rows.push({ columns, factors: columns.map(() => 1), most, exact: true })
  }

  /** Some columns only where a decision is taken. */
  only(columns: readonly number[], decision: number): void {
    this.rows.push({ columns: [...columns, decision], factors: [...columns.map(() => 1), -1], most: 0 })
  }

  build(): Program {
    return { gains: this.gains, rows: this.rows, whole: this.whole }
  }
}
