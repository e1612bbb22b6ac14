import type { RecipeInput } from '#core/instrument'
import { broughtUp, completeRecipe } from '#core/instrument'
import { FORMAT } from '#core/study'
import { refuse } from './messages'

/**
 * Documents as they are stored. Each says its format and version; `currentDocument` is the one way to read one. A change
 * of what a document means is a step here, never an update of stored rows: copies lie in the record, in the trash and in
 * files as well, where no migration reaches them.
 */
export const DOCUMENT_KINDS = [
  'study',
  'entry',
  'aim',
  'route',
  'exam',
  'trash',
  'bulk-edit',
  'erasure',
  'lesson',
  'week',
] as const
export type DocumentKind = (typeof DOCUMENT_KINDS)[number]

type Document = Readonly<Record<string, unknown>>
/** Makes of a document of one version one of the next. */
type Step = (document: Document) => Document

const unchanged: Step = (document) => document

/** Fields that came later get their defaults, as every recipe does. */
const completed: Step = (recipe) =>
  completeRecipe(broughtUp(recipe).recipe as unknown as RecipeInput) as unknown as Document

const EACH_STUDY = (documents: unknown): Document[] =>
  (documents as readonly Document[]).map((each) => ({
    ...each,
    recipe: currentDocument('study', each.recipe as Document),
  }))

/** Steps from version 0, which says no version, to the newest. */
const STEPS: Readonly<Record<DocumentKind, readonly Step[]>> = {
  study: [completed],
  entry: [unchanged],
  aim: [unchanged],
  // the list of steps by itself
  route: [(document) => (Array.isArray(document) ? { steps: document as unknown } : document)],
  exam: [unchanged],
  erasure: [unchanged],
  lesson: [unchanged],
  week: [unchanged],
  trash: [unchanged],
  // the list of studies by itself
  'bulk-edit': [(document) => (Array.isArray(document) ? { studies: document as unknown } : document)],
}

/** Documents that lie within a document, brought up with it. */
const WITHIN: Readonly<Record<DocumentKind, Step>> = {
  study: (recipe) => broughtUp(recipe).recipe,
  aim: unchanged,
  route: unchanged,
  exam: unchanged,
  erasure: unchanged,
  lesson: unchanged,
  week: (document) => ({
    ...document,
    lines: (document.lines as Document[]).map((line) => ({
      ...line,
      study: currentDocument('study', line.study as Document),
    })),
  }),
  entry: (document) => ({ ...document, study: currentDocument('study', document.study as Document) }),
  trash: (document) => ({
    ...document,
    ...(Array.isArray(document.entries)
      ? {
          entries: (document.entries as Document[]).map((row) => ({
            ...row,
            document: currentDocument('entry', row.document as Document),
          })),
        }
      : {}),
  }),
  'bulk-edit': (document) => ({ ...document, studies: EACH_STUDY(document.studies) }),
}

export const versionOf = (kind: DocumentKind): number => STEPS[kind].length

/** `tactum-entry/1` */
export const formatOf = (kind: DocumentKind): string =>
  kind === 'study' ? FORMAT : `tactum-${kind}/${versionOf(kind)}`

/** A document with its format, as it is to be stored. */
export const stamped = <T extends object>(kind: DocumentKind, document: T): T & { format: string } => ({
  ...document,
  format: formatOf(kind),
})

/** What a stored document holds, as it is written today, without the format that it says. @throws as `currentDocument` */
export function contentOf<T extends object>(kind: DocumentKind, document: object): T {
  const { format: _, ...content } = currentDocument(kind, document)
  return content as T
}

/** The version that a document says; 0 for those from before there were versions. @throws DomainError `document.unknown` */
function versionIn(kind: DocumentKind, format: unknown): number {
  if (format === undefined) return 0
  const found = new RegExp(`^tactum-${kind}/(\\d+)$`).exec(String(format))
  const version = found ? Number(found[1]) : NaN
  if (version >= 1 && version <= versionOf(kind)) return version
  throw refuse('document.unknown', { format: String(format).slice(0, 60), known: formatOf(kind) }, 'format')
}

/**
 * A stored document as it is written today, whatever version it is of.
 * @throws DomainError `document.unknown` for a format that is none of ours, or newer than the program
 */
export function currentDocument(kind: DocumentKind, document: object): Document {
  const found = document as Document
  const steps = STEPS[kind].slice(versionIn(kind, found.format))
  const whole = steps.reduce((older, step) => step(older), found)
  return stamped(kind, WITHIN[kind](whole))
}
