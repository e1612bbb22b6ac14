/** Chapters of the handbook, as they lie among the program's documents. */
export const CHAPTERS = ['handbook', 'calling', 'schools', 'sticking', 'accordion', 'practice'] as const
export type Chapter = (typeof CHAPTERS)[number]
/** All that can be read in the program. */
export const MANUALS = [...CHAPTERS, 'about'] as const
export type Manual = (typeof MANUALS)[number]

/** Where one is read. */
export const pageOf = (text: Manual): string => (text === 'about' ? '/about' : `/help?chapter=${text}`)

const TEXTS = import.meta.glob<string>('../../../docs/*.md', { query: '?raw', import: 'default' })

/** One of them as HTML, fetched when somebody reads it. */
export async function manual(name: Manual): Promise<string> {
  const [{ marked }, text] = await Promise.all([import('marked'), TEXTS[`../../../docs/${name}.md`]!()])
  return marked.parse(text, { async: false })
}
