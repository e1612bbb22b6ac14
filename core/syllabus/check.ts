import { materialOf } from '../material'
import { RecipeError } from '../pitch'
import { choiceSets, waysOf } from './choices'
import { askedGrade, expand } from './expand'
import { rootOf, tonicsOf } from './keys'
import type { Entry, Grade, Group, Marking, Syllabus } from './model'

/** More atoms than this in a grade are a slip: the expansion of “all keys” in everything. */
const MOST_ATOMS = 5000
/** More ways than this to make a choice cannot be weighed one by one. */
const MOST_WAYS = 1000

/** Runs a check and keeps what it finds, so that one fault does not hide the others. */
function tryOut(faults: RecipeError[], check: () => void): void {
  try {
    check()
  } catch (error) {
    if (!(error instanceof RecipeError)) throw error
    faults.push(error)
  }
}

/**
 * What is wrong with a syllabus beyond its shape: ids named twice, keys that do not exist for their kinds, choices
 * that cannot be met, what refers to itself.
 */
export function syllabusFaults(syllabus: Syllabus): RecipeError[] {
  const faults: RecipeError[] = []
  tryOut(faults, () => noneTwice(syllabus.grades, 'grades', 'grade'))
  syllabus.grades.forEach((grade, at) => checkGrade(faults, syllabus, grade, `grades[${at}]`))
  if (syllabus.marking) {
    const { marking } = syllabus
    tryOut(faults, () => checkMarking(marking))
  }
  return faults
}

/** @throws RecipeError naming the first field that is wrong */
export function checkSyllabus(syllabus: Syllabus): void {
  const [first] = syllabusFaults(syllabus)
  if (first) throw first
}

function checkMarking({ criteria, bands, total }: Marking): void {
  noneTwice(criteria, 'marking.criteria', 'criterion')
  bands.forEach(({ title, least }, at) => {
    if (least <= total) return
    const words = `“${title}” begins at ${least}, but the whole is out of ${total}.`
    throw new RecipeError('marking.band', words, `marking.bands[${at}].least`)
  })
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

function noEntryTwice(grade: Grade, path: string): void {
  const seen = new Set<string>()
  grade.groups.forEach((group, at) =>
    group.entries.forEach(({ id }, place) => {
      const where = `${path}.groups[${at}].entries[${place}].id`
      if (seen.has(id)) throw new RecipeError('syllabus.twice', `The entry “${id}” is named twice.`, where)
      seen.add(id)
    }),
  )
}

function checkGrade(faults: RecipeError[], syllabus: Syllabus, grade: Grade, path: string): void {
  const before = faults.length
  tryOut(faults, () => noneTwice(grade.groups, `${path}.groups`, 'group'))
  tryOut(faults, () => noEntryTwice(grade, path))
  const entries = grade.groups.flatMap((group) => group.entries)
  grade.groups.forEach((group, at) =>
    group.entries.forEach((entry, place) =>
      tryOut(faults, () => checkEntry(entry, entries, `${path}.groups[${at}].entries[${place}]`)),
    ),
  )
  // what is wrong in an entry would be found again in the whole
  if (faults.length > before) return
  grade.groups.forEach((group, at) => tryOut(faults, () => checkGroup(group, entries, `${path}.groups[${at}]`)))
  tryOut(faults, () => checkWhole(syllabus, grade, path))
}

function checkWhole(syllabus: Syllabus, grade: Grade, path: string): void {
  const count = expand(askedGrade(syllabus, grade)).length
  if (count <= MOST_ATOMS) return
  const words = `${grade.title} comes to ${count} items, more than ${MOST_ATOMS}.`
  throw new RecipeError('syllabus.size', words, `${path}.groups`)
}

const choiceError = (words: string, path: string) => new RecipeError('syllabus.choice', words, path)

function checkGroup(group: Group, entries: readonly Entry[], path: string): void {
  const atoms = expand({
    groups: [group, { ...group, id: `${group.id} `, entries: entries.filter((each) => !group.entries.includes(each)) }],
  })
  const own = atoms.filter((atom) => atom.group === group.id)
  const mixed = group.rule === 'all' ? -1 : group.entries.findIndex((entry) => entry.pick !== 'all')
  if (mixed >= 0) {
    const words = `“${group.title}” leaves a choice already: its entries cannot leave another.`
    throw choiceError(words, `${path}.entries[${mixed}].pick`)
  }
  if (group.rule !== 'all') {
    const { any, of } = group.rule
    const places = new Set(own.map((atom) => (of === 'items' ? atom.id : of === 'keys' ? atom.tonic : atom.entry)))
    if (any > places.size) {
      throw choiceError(`“${group.title}” asks for any ${any}, but lists only ${places.size}.`, `${path}.rule.any`)
    }
  }
  group.entries.forEach(({ id, pick }, at) => {
    const keys = new Set(own.filter((atom) => atom.entry === id).map((atom) => atom.tonic))
    if (pick === 'all' || pick <= keys.size) return
    throw choiceError(`“${id}” asks for any ${pick} keys, but lists only ${keys.size}.`, `${path}.entries[${at}].pick`)
  })
  const grade = { id: '', title: '', draw: null, groups: [group] }
  for (const set of choiceSets(grade, own)) {
    const single = set.bundles.every((bundle) => bundle.length === 1)
    if (single || waysOf(set.bundles.length, set.any) <= MOST_WAYS) continue
    const words = `“${group.title}” can be chosen in more than ${MOST_WAYS} ways; part it into several groups.`
    throw choiceError(words, path)
  }
  if (group.draw !== null && group.draw > own.length) {
    throw choiceError(`“${group.title}” is asked ${group.draw} times, but lists only ${own.length}.`, `${path}.draw`)
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
        if (error instanceof RecipeError) throw new RecipeError(error.code, error.message, `${path}.keys[${at}]`)
        throw error
      }
    })
  })
  if (count === 0) {
    throw new RecipeError(
      'entry.empty',
      `“${entry.id}” asks for nothing: it names no key that its kinds have.`,
      `${path}.keys`,
    )
  }
  const { bpm, most } = entry.tempo
  if (most !== undefined && most < bpm) {
    throw new RecipeError('tempo.most', `${most} at the most is less than ${bpm}.`, `${path}.tempo.most`)
  }
}
