/** Words of a sheet, which come from whoever asks for it. */
export interface SheetWords {
  readonly title: string
  /** Whose it is, and the place for a date. */
  readonly name: string
  readonly date: string
  readonly caution: string
  /** “2 of 5” at the foot. */
  readonly page: (at: number, of: number) => string
}

/** What a book says besides. */
export interface BookWords {
  readonly contents: string
  /** “12 studies”. */
  readonly count: string
}
