/** Chapters of the handbook, as they lie among the program's documents. */
export const MANUALS = ['handbook', 'calling', 'schools', 'sticking', 'accordion', 'practice', 'about'] as const
export type Manual = (typeof MANUALS)[number]

const TEXTS = import.meta.glob<string>('../../../docs/*.md', { query: '?raw', import: 'default' })

/** A chapter as HTML, fetched when somebody reads it. */
export async function manual(name: Manual): Promise<string> {
  const [{ marked }, text] = await Promise.all([import('marked'), TEXTS[`../../../docs/${name}.md`]!()])
  return marked.parse(text, { async: false })
}
