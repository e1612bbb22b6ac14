import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { RecipeError } from '#core/pitch'
import { gradeSet } from '#core/syllabus'
import { parsedJson, setFileOf, syllabusOf } from '#shared/schemas'

function readFile(file: string | undefined, option: string): unknown {
  if (!file) throw new RecipeError('option.missing', `--${option} is missing: name a file.`, option)
  let text: string
  try {
    text = readFileSync(file, 'utf8')
  } catch (error) {
    throw new RecipeError('file', `${file} cannot be read: ${(error as Error).message}`, option)
  }
  return parsedJson(text.replace(/^\uFEFF/, ''))
}

function optionsOf(args: readonly string[]) {
  try {
    const text = { type: 'string' } as const
    return parseArgs({ args: [...args], options: { syllabus: text, grade: text, set: text } }).values
  } catch (error) {
    throw new RecipeError('option.unknown', (error as Error).message, '')
  }
}

/** Prints the grade report of a set file as JSON; exit status 1 and an error object on bad files. */
export function grade(args: readonly string[], output: NodeJS.WritableStream): number {
  try {
    const options = optionsOf(args)
    const syllabus = syllabusOf(readFile(options.syllabus, 'syllabus'))
    const { studies } = setFileOf(readFile(options.set, 'set'))
    if (!options.grade) throw new RecipeError('option.missing', '--grade is missing: name a grade’s id.', 'grade')
    output.write(`${JSON.stringify(gradeSet(syllabus, options.grade, studies))}\n`)
    return 0
  } catch (error) {
    if (!(error instanceof RecipeError)) throw error
    output.write(`${JSON.stringify({ error: error.toFault() })}\n`)
    return 1
  }
}
