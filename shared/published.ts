import { archiveSchema } from './archiveSchema'
import { publishedOf, type JsonSchema } from './publishedSchema'
import { recipeSchema } from './recipeSchema'
import { syllabusSchema } from './syllabusSchema'

/** Formats that are published as JSON Schema, by the file's name in docs/schemas, and what the doors check them with. */
export const PUBLISHED = {
  'tactum-study-1': recipeSchema,
  'tactum-syllabus-1': syllabusSchema,
  'tactum-archive-1': archiveSchema,
} as const
export type Published = keyof typeof PUBLISHED

/** A published schema as it should stand. @param written as it stands */
export const refreshed = (name: Published, written: JsonSchema): JsonSchema => publishedOf(PUBLISHED[name], written)
