/** Points of a page, 72 to the inch. */
export const PAPERS = {
  a4: { width: 595.28, height: 841.89 },
  letter: { width: 612, height: 792 },
} as const
export type PaperSize = keyof typeof PAPERS
