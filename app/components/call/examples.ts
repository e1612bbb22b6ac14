import lines from './examples.json'

/** What a group of lines is about. */
export type ExampleAbout = keyof typeof lines

/** Lines to try, as a teacher would type them: each is read by the grammar of the line, and opens on the desk. */
export const EXAMPLES: readonly { readonly about: ExampleAbout; readonly line: string }[] = (
  Object.keys(lines) as ExampleAbout[]
).flatMap((about) => lines[about].map((line) => ({ about, line })))
