import { parseArgs } from 'node:util'
import { RecipeError } from '#core/pitch'
import { gradeSet, placeSet, type Policies, USUAL_POLICIES } from '#core/syllabus'
import { policiesOf, setFileOf } from '#shared/schemas'
import { answered, readJsonFile, readSyllabus } from './files'

function optionsOf(args: readonly string[]) {
  try {
    const text = { type: 'string' } as const
    const options = { syllabus: text, grade: text, set: text, policies: text, all: { type: 'boolean' } } as const
    return parseArgs({ args: [...args], options }).values
  } catch (error) {
    throw new RecipeError('option.unknown', (error as Error).message, '')
  }
}

/**
 * Prints the grade report of a set file as JSON, or with `--all` where it stands in every grade; exit status 1 and an
 * error object on bad files.
 */
export const grade = (args: readonly string[], output: NodeJS.WritableStream): number =>
  answered(output, () => {
    const options = optionsOf(args)
    const syllabus = readSyllabus(options.syllabus, 'syllabus')
    const { studies } = setFileOf(readJsonFile(options.set, 'set'))
    const named = options.policies ? policiesOf(readJsonFile(options.policies, 'policies')) : {}
    const policies: Policies = { ...USUAL_POLICIES, ...named }
    if (options.all) return { syllabus: syllabus.id, ...placeSet(syllabus, studies, policies) }
    if (!options.grade) {
      throw new RecipeError('option.missing', '--grade is missing: name a grade’s id, or --all.', 'grade')
    }
    return gradeSet(syllabus, options.grade, studies, policies)
  })
