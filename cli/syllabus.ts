import { atomsOf } from '#core/syllabus'
import { answered, readSyllabus } from './files'
import { refuse } from './messages'

/** Checks a syllabus file, JSON or CSV, and prints how many atoms each grade comes to. */
export const syllabus = ([action, file]: readonly string[], output: NodeJS.WritableStream): number =>
  answered(output, () => {
    if (action !== 'check') {
      throw refuse('option.action', {}, 'action')
    }
    const read = readSyllabus(file, 'file')
    return {
      syllabus: read.id,
      title: read.title,
      instrument: read.instrument,
      grades: read.grades.map((grade) => ({ id: grade.id, title: grade.title, atoms: atomsOf(read, grade).length })),
    }
  })
