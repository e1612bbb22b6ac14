import { describe, expect, it } from 'vitest'
import { compareSyllabi, gradeSet, leanSyllabus, moveBetween, recipesForMissing, type Syllabus } from '#core/syllabus'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import { syllabusOf } from '../../../shared/schemas'
import { entryOf, groupOf, listOf, studyOf } from '../../support/syllabi'
import { english, messageOf } from '../../support/english'

const board = syllabusOf(corvane)
const edited = (change: (file: any) => void): Syllabus => {
  const file = structuredClone(board) as any
  change(file)
  return syllabusOf({ ...file, id: 'corvane-2027', edition: '2027', follows: 'corvane-piano' })
}

describe('two editions', () => {
  it('that ask the same differ in nothing, whatever their words and ids', () => {
    const renamed = edited((file) => {
      for (const grade of file.grades)
        for (const group of grade.groups) for (const entry of group.entries) entry.id += '-27'
    })
    expect(compareSyllabi(board, renamed)).toEqual([])
  })

  it('are told apart by what is added, dropped, and asked otherwise', () => {
    const later = edited((file) => {
      const [group] = file.grades[4].groups
      group.entries[0].keys = ['B', 'Gb']
      group.entries[0].tempo.bpm = 84
      group.entries[0].octaves = 3
    })
    expect(english(compareSyllabi(board, later))).toEqual([
      {
        grade: '4',
        title: 'Grade 4',
        added: ['G♭ major, hands together, three octaves'],
        dropped: ['D♭ major, hands together, two octaves'],
        changed: [
          {
            words: 'B major, hands together, three octaves',
            changes: ['two octaves, now three octaves', '160 notes a minute, now 168 notes a minute'],
          },
        ],
      },
    ])
  })

  it('with a grade more or less tell all of it', () => {
    const fewer = edited((file) => file.grades.pop())
    const [last] = compareSyllabi(board, fewer)
    expect(last).toMatchObject({ grade: '8', added: [], changed: [] })
    expect(last!.dropped).toHaveLength(99)
  })

  it('say what a set must add and may drop', () => {
    const later = edited((file) => (file.grades[4].groups[0].entries[0].keys = ['B', 'Gb']))
    const studies = recipesForMissing(board, gradeSet(board, '4', []))
    const move = moveBetween(board, later, '4', studies)
    expect(english(move.add)).toEqual(['G♭ major, hands together, two octaves'])
    expect(move.drop.map((at) => studies[at]!.material)).toEqual([{ tonic: 'Db', kind: 'major' }])
    expect(moveBetween(board, board, '4', studies)).toEqual({ add: [], drop: [] })
    // holes that were there before are no news; what was ready and is not any more is
    expect(moveBetween(board, later, '4', studies.slice(0, 3)).add).toEqual(move.add)
    const faster = edited((file) => (file.grades[4].groups[0].entries[0].tempo.bpm = 90))
    expect(english(moveBetween(board, faster, '4', studies.slice(0, 1)).add)).toEqual([
      'B major, hands together, two octaves',
    ])
    const without = edited((file) => file.grades.splice(4, 1))
    expect(messageOf(() => moveBetween(board, without, '4', []))).toMatch(/no grade/)
  })

  it('written without what silence says read as the same', () => {
    expect(syllabusOf(leanSyllabus(board))).toEqual(board)
    const list = listOf({ ...groupOf(entryOf({ hands: 'either' })), rule: { any: 1, of: 'keys' } })
    expect(syllabusOf(leanSyllabus(list))).toEqual(list)
    expect(gradeSet(list, 'g', [studyOf('C', 'major', { hands: 'left' })]).covered).toBe(1)
  })
})
