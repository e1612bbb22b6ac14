import { beforeAll, describe, expect, it } from 'vitest'
import { atomsOf, checkSyllabus, gradeSet } from '#core/syllabus'
import { reportedGroups } from '../../../app/components/sets/entries'
import { addGroup, copyGrade, typedEntries, withEntries } from '../../../app/components/syllabi/edits'
import { allWords } from '~/composables/words'
import corvane from '../../../demo/syllabi/corvane-piano.json'
import ternQuay from '../../../demo/syllabi/tern-quay-piano.json'
import { syllabusOf } from '../../../shared/schemas'
import { entryOf, groupOf, listOf } from '../../support/syllabi'

// a page of lists waits for the words beyond those of the first page
beforeAll(() => allWords())

const AT = { grade: 0, group: 0, entry: 0 }

describe('edits of a list', () => {
  it('set a line beneath another under an id of its own: one entry where one will do, else as many as its words need', () => {
    const list = listOf(groupOf(entryOf({ id: 'g.A1', words: 'as printed', keys: ['D'], hands: 'separate' })))
    const typed = (line: string) => typedEntries(list, { ...AT, entry: 1 }, line, false)
    const [both, ...more] = typed('A major and A minor, hands together')
    expect(both).toMatchObject({ id: 'g.A2', keys: ['A'], kinds: ['major', 'harmonic-minor'] })
    expect(more).toEqual([])
    const two = typed('C, G majors and A minor, hands together')
    expect(two.map(({ id }) => id)).toEqual(['g.A2', 'g.A3'])
    const longer = withEntries(list, AT, [...list.grades[0]!.groups[0]!.entries, ...two])
    expect(() => checkSyllabus(longer)).not.toThrow()
    expect(atomsOf(longer, longer.grades[0]!)).toHaveLength(5)
  })

  it('keep the line’s id and note when it is typed anew, and ask about what is not read', () => {
    const list = listOf(groupOf(entryOf({ id: 'own', reading: 'as the board says' })))
    const [entry] = typedEntries(list, AT, 'D major oddly, crotchet = 60 in quavers', true)
    expect(entry).toMatchObject({ id: 'own', reading: 'as the board says', keys: ['D'] })
    expect(entry!.open.at(-1)).toMatch(/^Not read: “oddly”/)
  })

  it('make a grade the next one under ids of its own, with what refers within it', () => {
    const list = syllabusOf(ternQuay)
    const copied = copyGrade(list, 1)
    expect(() => checkSyllabus(copied)).not.toThrow()
    const [from, to] = [copied.grades[1]!, copied.grades[2]!]
    expect([to.id, to.title]).toEqual(['9', 'Award 9'])
    expect(atomsOf(copied, to)).toHaveLength(atomsOf(copied, from).length)
    expect(to.groups[0]!.entries[1]!.keys).toEqual({ as: to.groups[0]!.entries[0]!.id })
  })

  it('add a group under the next letter', () => {
    const list = addGroup(syllabusOf(corvane), 0)
    expect(() => checkSyllabus(list)).not.toThrow()
    expect(list.grades[0]!.groups.map(({ id }) => id)).toEqual(['A', 'B', 'C'])
  })
})

describe('a report as the page sets it', () => {
  const linesOf = (some: object) => {
    const [group] = reportedGroups(gradeSet(listOf(groupOf(entryOf(some))), 'g', []))
    return group!.entries[0]!.lines.map(({ words }) => words)
  }
  it.each<[object, string]>([
    [{ keys: ['Db', 'F#', 'Ab'] }, 'D♭, F♯ and A♭ major'],
    [{ keys: ['C', 'G'], hands: 'separate' }, 'C and G major, right hand and left hand'],
    [{ keys: ['C', 'G'], kinds: ['dominant-seventh-arpeggio'], seventh: 'of' }, 'Dominant seventh arpeggio of C and G'],
    [{ keys: ['E'], kinds: ['harmonic-minor', 'melodic-minor'] }, 'E harmonic and melodic minor'],
    [{ keys: ['C'], articulations: ['legato', 'staccato'], touchChooser: 'both' }, 'C major; C major, staccato'],
  ])('%j is “%s”', (some, words) => {
    expect(linesOf(some)).toEqual([words])
  })
})
