import { DomainError } from '#core/message'
import { parsedJson, syllabusOf } from '#shared/schemas'
import { type Preview, previewCsv, type ReadSoFar, textOf, type UsualHead } from '#shared/syllabusCsv'
import { errorMessage } from '#words'

/** A previewed file: what it would be, and everything that is wrong with it by line. */
export function previewFile(bytes: Uint8Array, usual: UsualHead, soFar?: ReadSoFar): Preview {
  let text: string
  try {
    text = textOf(bytes)
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    const line = Number(/\d+/.exec(error.path)?.[0] ?? 0)
    return { syllabus: null, rows: [], problems: [{ line, field: 'encoding', message: errorMessage(error) }] }
  }
  return /^\uFEFF?\s*[{[]/.test(text) ? previewJson(text) : previewCsv(text, usual, soFar)
}

function previewJson(text: string): Preview {
  try {
    const syllabus = syllabusOf(parsedJson(text.replace(/^\uFEFF/, '')))
    const rows = syllabus.grades.flatMap((grade) =>
      grade.groups.flatMap((group) =>
        group.entries.map(({ words, open }) => ({
          line: 0,
          grade: grade.title,
          group: group.id,
          words,
          entries: 1,
          open,
        })),
      ),
    )
    return { syllabus, rows, problems: [] }
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    const at = /position (\d+)/.exec(String(error.params.why ?? ''))
    const line = at ? text.slice(0, Number(at[1])).split('\n').length : 0
    return { syllabus: null, rows: [], problems: [{ line, field: error.path, message: errorMessage(error) }] }
  }
}
