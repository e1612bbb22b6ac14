import { syllabusError } from './messages'
import { materialOf } from '../material'
import { familyForList } from '../instrument'
import { DomainError } from '../message'
import { laidDown } from '../realise'
import { choiceSets, waysOf } from './choices'
import { fullGrade, countOf, expand, firstRequired } from './expand'
import { recipeFor, type Settings } from './asRecipe'
import { rootOf, tonicsOf } from './keys'
import type { Entry, Grade, Group, Marking, Syllabus, SyllabusInstrument } from './model'

/** More atoms than this in a grade are a slip: the expansion of “all keys” in everything. */
const MAX_ATOMS = 5000
/** The same of one entry, and of all grades of a list, each with what it includes. */
const MAX_IN_ENTRY = 2000
const MAX_IN_LIST = 40_000
/** More ways than this to make a choice cannot be weighed one by one. */
const MAX_WAYS = 1000

/** Runs a check and keeps what it finds, so that one fault does not hide the others. */
function tryOut(faults: DomainError[], check: () => void): void {
  try {
    check()
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    faults.push(error)
  }
}

/**
 * What is wrong with a syllabus beyond its shape: ids named twice, keys that do not exist for their kinds, choices
 * that cannot be met, what refers to itself.
 */
export function syllabusFaults(syllabus: Syllabus): DomainError[] {
  const faults: DomainError[] = []
  tryOut(faults, () => noneTwice(syllabus.grades, 'grades', 'grade'))
  const { instrument } = syllabus
  syllabus.grades.forEach((grade, at) => checkEntries(faults, grade, `grades[${at}]`, instrument))
  // what is wrong in an entry would be found again in the whole
  if (faults.length === 0) checkSizes(faults, syllabus)
  if (faults.length === 0) syllabus.grades.forEach((grade, at) => checkGroups(faults, grade, `grades[${at}]`))
  if (syllabus.marking) {
    const { marking } = syllabus
    tryOut(faults, () => checkMarking(marking))
  }
  return faults
}

/** @throws DomainError naming the first field that is wrong */
export function checkSyllabus(syllabus: Syllabus): void {
  const [first] = syllabusFaults(syllabus)
  if (first) throw first
}

function checkMarking({ criteria, bands, total }: Marking): void {
  noneTwice(criteria, 'marking.criteria', 'criterion')
  bands.forEach(({ title, least }, at) => {
    if (least <= total) return
    throw syllabusError('marking.band', { band: title, least, total }, `marking.bands[${at}].least`)
  })
}

function noneTwice(items: readonly { id: string }[], path: string, what: 'grade' | 'group' | 'criterion'): void {
  const seen = new Set<string>()
  items.forEach(({ id }, at) => {
    if (seen.has(id)) {
      throw syllabusError('syllabus.twice', { what, id }, `${path}[${at}].id`)
    }
    seen.add(id)
  })
}

function noEntryTwice(grade: Grade, path: string): void {
  const seen = new Set<string>()
  grade.groups.forEach((group, at) =>
    group.entries.forEach(({ id }, place) => {
      const where = `${path}.groups[${at}].entries[${place}].id`
      if (seen.has(id)) throw syllabusError('syllabus.twice', { what: 'entry', id }, where)
      seen.add(id)
    }),
  )
}

function checkEntries(faults: DomainError[], grade: Grade, path: string, instrument: SyllabusInstrument): void {
  tryOut(faults, () => noneTwice(grade.groups, `${path}.groups`, 'group'))
  tryOut(faults, () => noEntryTwice(grade, path))
  const entries = grade.groups.flatMap((group) => group.entries)
  grade.groups.forEach((group, at) =>
    group.entries.forEach((entry, place) => {
      const where = `${path}.groups[${at}].entries[${place}]`
      tryOut(faults, () => {
        checkEntry(entry, entries, where)
        checkLine(entry, entries, where, instrument)
      })
    }),
  )
}

function checkGroups(faults: DomainError[], grade: Grade, path: string): void {
  const entries = grade.groups.flatMap((group) => group.entries)
  grade.groups.forEach((group, at) => tryOut(faults, () => checkGroup(group, entries, `${path}.groups[${at}]`)))
}

/** How many atoms a grade comes to with what it includes; nothing is expanded for it. */
function countIn(syllabus: Syllabus, grade: Grade): number {
  const { groups } = fullGrade(syllabus, grade)
  const entries = groups.flatMap((group) => group.entries)
  return entries.reduce((sum, entry) => sum + countOf(entry, entries), 0)
}

/** Counted before anything is expanded: what is too much for a grade, and for the list. */
function checkSizes(faults: DomainError[], syllabus: Syllabus): void {
  let all = 0
  syllabus.grades.forEach((grade, at) =>
    tryOut(faults, () => {
      const count = countIn(syllabus, grade)
      all += count
      if (count <= MAX_ATOMS) return
      throw syllabusError('syllabus.size', { grade: grade.title, count, most: MAX_ATOMS }, `grades[${at}].groups`)
    }),
  )
  if (all > MAX_IN_LIST) {
    tryOut(faults, () => {
      throw syllabusError('list.size', { count: all, most: MAX_IN_LIST }, 'grades')
    })
  }
}

type ChoiceFault = 'mixed' | 'any' | 'pick' | 'ways' | 'draw'
const choiceError = (why: ChoiceFault, name: string, required: number, listed: number, path: string): DomainError =>
  syllabusError('syllabus.choice', { name, why, asked: required, listed }, path)

function checkGroup(group: Group, entries: readonly Entry[], path: string): void {
  const own = expand({ groups: [group] }, true, entries)
  const mixed = group.rule === 'all' ? -1 : group.entries.findIndex((entry) => entry.pick !== 'all')
  if (mixed >= 0) {
    throw choiceError('mixed', group.title, 0, 0, `${path}.entries[${mixed}].pick`)
  }
  if (group.rule !== 'all') {
    const { any, of } = group.rule
    const places = new Set(own.map((atom) => (of === 'items' ? atom.id : of === 'keys' ? atom.tonic : atom.entry)))
    if (any > places.size) {
      throw choiceError('any', group.title, any, places.size, `${path}.rule.any`)
    }
  }
  group.entries.forEach(({ id, pick }, at) => {
    const keys = new Set(own.filter((atom) => atom.entry === id).map((atom) => atom.tonic))
    if (pick === 'all' || pick <= keys.size) return
    throw choiceError('pick', id, pick, keys.size, `${path}.entries[${at}].pick`)
  })
  const grade = { id: '', title: '', draw: null, groups: [group] }
  for (const set of choiceSets(grade, own)) {
    const single = set.bundles.every((bundle) => bundle.length === 1)
    if (single || waysOf(set.bundles.length, set.any) <= MAX_WAYS) continue
    throw choiceError('ways', group.title, MAX_WAYS, 0, path)
  }
  if (group.draw !== null && group.draw > own.length) {
    throw choiceError('draw', group.title, group.draw, own.length, `${path}.draw`)
  }
}

const OF_LINE = /^pattern(?:$|\.(?:motif|sequence|journey|link))/

/** A line that is asked must be one that can be laid down in each of its kinds, on the list's instrument. */
function checkLine(entry: Entry, entries: readonly Entry[], path: string, instrument: SyllabusInstrument): void {
  if (!entry.line) return
  const settings = { instrument: familyForList(instrument).instruments[0]!.id } as Settings
  try {
    for (const required of firstRequired(entry, entries)) laidDown(recipeFor(required, settings))
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    // what else of it cannot be played is no fault of the line
    if (OF_LINE.test(error.path)) throw error.at(error.path.replace('pattern', `${path}.line`))
  }
}

function checkEntry(entry: Entry, entries: readonly Entry[], path: string): void {
  let count = 0
  entry.kinds.forEach((kind) => {
    const tonics = tonicsOf(entry, kind, entries, `${path}.keys`)
    count += tonics.length
    tonics.forEach((tonic, at) => {
      try {
        materialOf({ tonic: rootOf(entry, tonic, kind), kind })
      } catch (error) {
        if (error instanceof DomainError) throw error.at(`${path}.keys[${at}]`)
        throw error
      }
    })
  })
  const items = countOf(entry, entries)
  if (items > MAX_IN_ENTRY) {
    throw syllabusError('entry.size', { entry: entry.id, count: items, most: MAX_IN_ENTRY }, path)
  }
  if (count === 0) {
    throw syllabusError('entry.empty', { entry: entry.id }, `${path}.keys`)
  }
  const { bpm, most } = entry.tempo
  if (most !== undefined && most < bpm) {
    throw syllabusError('tempo.most', { most, bpm }, `${path}.tempo.most`)
  }
}
