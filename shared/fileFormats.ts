import type { FormatId } from '#core/formats'

/** Formats in which studies go out, by the names of the core's table: a list that loads no format. */
export const FILE_FORMATS = [
  'musicxml',
  'mxl',
  'midi',
  'abc',
  'lilypond',
  'json',
  'csv',
] as const satisfies readonly FormatId[]
export type FileFormat = (typeof FILE_FORMATS)[number]
