import { materialOf } from '../material'
import { RecipeError } from '../pitch'
import { expand } from './expand'
import type { Entry, Grade, Group, Syllabus } from './model'

/**
 * What a syllabus must hold beyond its shape: no id twice, keys that exist for their kinds, choices that can be met.
 * @throws RecipeError naming the first field that is wrong
 */
export function checkSyllabus(syllabus: Syllabus): void {
  noneTwice(syllabus.grades, 'grades', 'grade')
  syllabus.grades.forEach((grade, at) => checkGrade(grade, `grades[${at}]`))
}

function noneTwice(items: readonly { id: string }[], path: string, word: string): void {
  const seen = new Set<string>()
  items.forEach(({ id }, at) => {
    if (seen.has(id)) {
      throw new RecipeError('syllabus.twice', `The ${word} “${id}” is named twice.`, `${path}[${at}].id`)
    }
    seen.add(id)
  })
}

function checkGrade(grade: Grade, path: string): void {
  noneTwice(grade.groups, `${path}.groups`, 'group')
  grade.groups.forEach((group, at) => checkGroup(grade, group, `${path}.groups[${at}]`))
}

function checkGroup(grade: Grade, group: Group, path: string): void {
  group.entries.forEach((entry, at) => checkEntry(entry, `${path}.entries[${at}]`))
  const entries = grade.groups.flatMap((other) => other.entries)
  group.entries.forEach((entry, at) => {
    if (entries.filter((other) => other.id === entry.id).length > 1) {
      throw new RecipeError('syllabus.twice', `The entry “${entry.id}” is named twice.`, `${path}.entries[${at}].id`)
    }
  })
  if (group.rule === 'all') return
  const count = expand({ ...grade, groups: [group] }).length
  if (group.rule.any > count) {
    throw new RecipeError(
      'syllabus.choice',
      `“${group.title}” asks for any ${group.rule.any}, but lists only ${count}.`,
      `${path}.rule.any`,
    )
  }
}

function checkEntry(entry: Entry, path: string): void {
  const { keys } = entry
  if ('sharps' in keys) return
  keys.forEach((tonic, at) => {
    for (const kind of entry.kinds) {
      try {
        materialOf({ tonic, kind })
      } catch (error) {
        if (error instanceof RecipeError) throw new RecipeError(error.code, error.message, `${path}.keys[${at}]`)
        throw error
      }
    }
  })
}
