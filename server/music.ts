import { type Bundle, formatOf, type FoundStudy, openFile, studiesIn } from '#core/formats'
import type { RecipeInput } from '#core/instrument'
import { DomainError } from '#core/message'
import { realise } from '#core/realise'
import type { FilePreview, FoundInFile } from '#shared/api'
import { wordingFor } from '#shared/languages'
import { type FileRequest, isSetFile, parsedJson, keptRecipeOf, setFileOf } from '#shared/schemas'
import { textOf } from '#shared/syllabusCsv'
import { errorMessage } from '#words'
import { refuse } from './messages'
import { MAX_NOTES, weightsOf } from './weight'

/**
 * A file of some studies in a format, their titles in a language.
 * @throws DomainError naming the study that cannot be realised
 */
export function writtenFile(
  { format, title, studies, strokes }: Omit<FileRequest, 'ids'>,
  language: string,
): string | Uint8Array {
  const words = wordingFor(language)
  const pieces = studies.map(({ recipe, accepted = {} }, at): Bundle['pieces'][number] => {
    try {
      const study = realise(recipe, accepted, 0)
      return { study, title: words.format(study.title) }
    } catch (error) {
      if (error instanceof DomainError) throw error.at(`studies[${at}].${error.path}`)
      throw error
    }
  })
  return formatOf(format).write({ title: title || pieces[0]!.title, pieces }, { strokes })
}

/** A found study as it would be kept, or why it cannot be. */
function previewed({ recipe, known, title, unplayable = false }: FoundStudy): FoundInFile {
  try {
    const study = realise(recipe, {}, 0)
    return { title, known, unplayable, message: study.title, recipe: study.recipe, wrong: null }
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    return { title, known, unplayable, message: null, recipe: null, wrong: errorMessage(error) }
  }
}

/** Our own JSON: a study, a set, or a list, which is brought in elsewhere. @throws DomainError naming the field */
function ownFile(text: string): FilePreview {
  const value = parsedJson(text)
  if ((value as { format?: unknown } | null)?.format === 'tactum-syllabus/1')
    return { is: 'list', title: '', found: [] }
  const { title, studies } = isSetFile(value) ? setFileOf(value) : { title: '', studies: [keptRecipeOf(value)] }
  checkWeight(studies)
  const found = studies.map((recipe): FoundStudy => ({ title: '', recipe, known: 'kept' }))
  return { is: 'studies', title: title ?? '', found: found.map(previewed) }
}

/** What is read of a file of our own is no more than what is done at once elsewhere. @throws DomainError `recipes.notes` */
function checkWeight(recipes: readonly RecipeInput[]): void {
  const weights = weightsOf({ recipes, some: null, most: MAX_NOTES })
  if (weights.reduce((sum, notes) => sum + notes, 0) <= MAX_NOTES) return
  throw refuse('recipes.notes', { most: MAX_NOTES, fits: weights.length - 1 }, `studies[${weights.length - 1}]`)
}

const LIST = /^\uFEFF?(:|"?(words|keys|kinds|grade|group)"?[,;\t])|^\uFEFF?"?words"?\r?\n/i

/**
 * What a file is, and what of it could be kept; nothing is stored.
 * @throws DomainError where it is of no format that is read, or broken
 */
export function previewMusic(bytes: Uint8Array): FilePreview {
  const start = new TextDecoder('utf-8').decode(bytes.slice(0, 200))
  if (/^\uFEFF?\s*[{[]/.test(start)) return ownFile(textOf(bytes).replace(/^\uFEFF/, ''))
  if (LIST.test(start)) return { is: 'list', title: '', found: [] }
  const pieces = openFile(bytes)
  const found = pieces.flatMap((piece) => studiesIn(piece, keptRecipeOf))
  return { is: 'studies', title: pieces.length > 1 ? '' : (pieces[0]?.title ?? ''), found: found.map(previewed) }
}
