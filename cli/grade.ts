import { parseArgs } from 'node:util'
import { gradeSet, placeSet, type Policies, DEFAULT_POLICIES } from '#core/syllabus'
import { policiesOf, setFileOf } from '#shared/schemas'
import { questionMessage } from '#shared/reader'
import { solverMeans } from '#shared/solver'
import { answered, readJsonFile, readSyllabus } from './files'
import { refuse } from './messages'
import type { Terminal } from './terminal'

function optionsOf(args: readonly string[]) {
  try {
    const text = { type: 'string' } as const
    const options = { syllabus: text, grade: text, set: text, policies: text, all: { type: 'boolean' } } as const
    return parseArgs({ args: [...args], options }).values
  } catch (error) {
    throw refuse('option.unknown', { why: (error as Error).message }, '')
  }
}

/**
 * Prints the grade report of a set file as JSON, or with `--all` where it stands in every grade; exit status 1 and an
 * error object on bad files.
 */
export const grade = (args: readonly string[], terminal: Terminal): Promise<number> =>
  answered(terminal, async () => {
    const options = optionsOf(args)
    const syllabus = readSyllabus(options.syllabus, 'syllabus')
    const { studies } = setFileOf(readJsonFile(options.set, 'set'))
    const named = options.policies ? policiesOf(readJsonFile(options.policies, 'policies')) : {}
    const policies: Policies = { ...DEFAULT_POLICIES, ...named }
    const means = await solverMeans()
    if (options.all) return { syllabus: syllabus.id, ...placeSet(syllabus, studies, policies, means) }
    if (!options.grade) {
      throw refuse('option.missing', { option: 'grade', wanted: 'grade' }, 'grade')
    }
    const report = gradeSet(syllabus, options.grade, studies, policies, means)
    const questionOf = (open: string) => questionMessage(open, terminal.words.reader.language)
    return { ...report, entries: report.entries.map((entry) => ({ ...entry, open: entry.open.map(questionOf) })) }
  })
