import { familyOf, instrumentMessage, instrumentOf } from '../instrument'
import { KINDS, materialOf } from '../material'
import { joined, type Message, named } from '../message'
import { noteName } from '../pitch'
import { type RealisedStudy, titleParts } from '../realise'
import { isFree, notesPerMinute, touchedAlike, touchMessage } from '../study'
import { compareMessage } from './messages'

type Pair = readonly [RealisedStudy, RealisedStudy]

const key = (message: Message): string => JSON.stringify(message)

/** Phrases of a title that only one of two has. */
function phrasesMessage(before: readonly Message[], after: readonly Message[]): Message[] {
  const only = (own: readonly Message[], others: readonly Message[]): Message[] =>
    own.filter((each) => !others.some((other) => key(other) === key(each)))
  const [lost, gained] = [only(before, after), only(after, before)]
  if (lost.length === 0 && gained.length === 0) return []
  if (lost.length === 0) return [compareMessage('diff.now', { what: joined(gained, 'and') })]
  if (gained.length === 0) return [compareMessage('diff.no-longer', { what: joined(lost, 'and') })]
  return [compareMessage('diff.instead', { from: joined(lost, 'and'), to: joined(gained, 'and') })]
}

const treatmentOf = ({ recipe: { material } }: RealisedStudy) =>
  isFree(material) ? null : KINDS[material.kind].treatment

/** Whether the same is done with what is played: single notes, thirds, sixths, chords broken. */
export const treatedAlike = (...[a, b]: Pair): boolean => treatmentOf(a) === treatmentOf(b)

/** “In double sixths, where it was in double thirds”: whole names, so that they stand as they are known. */
function materialMessage(a: RealisedStudy, b: RealisedStudy): Message[] {
  if (treatedAlike(a, b)) return []
  return [compareMessage('diff.instead', { from: titleParts(a.recipe).what, to: titleParts(b.recipe).what })]
}

/** A chord that begins on another of its notes. */
function inversionMessage(
  { recipe: { material: a } }: RealisedStudy,
  { recipe: { material: b } }: RealisedStudy,
): Message[] {
  if (isFree(a) || isFree(b) || a.kind !== b.kind || a.tonic !== b.tonic) return []
  if ((a.inversion ?? 0) === (b.inversion ?? 0)) return []
  const first = ({ tonic, kind, inversion = 0 }: typeof a) =>
    named(noteName(materialOf({ tonic, kind }).up[inversion]!))
  return [compareMessage('diff.begins', { from: first(a), to: first(b) })]
}

/** What of the way of playing is another, as it is called. */
export function shapeMessages(a: RealisedStudy, b: RealisedStudy): Message[] {
  const [one, other] = [instrumentOf(a.recipe), instrumentOf(b.recipe)]
  const make = (each: typeof one) => instrumentMessage('make', { make: each.make })
  const instrument =
    one.make === other.make ? [] : [compareMessage('diff.instrument', { from: make(one), to: make(other) })]
  if (familyOf(a.recipe) !== familyOf(b.recipe)) return [...instrument, ...materialMessage(a, b)]
  const [before, after] = [titleParts(a.recipe), titleParts(b.recipe)]
  const course = a.recipe.course !== b.recipe.course
  // a title may name the school itself
  const rest = phrasesMessage(before.rest, after.rest)
  return [
    ...instrument,
    ...materialMessage(a, b),
    ...inversionMessage(a, b),
    // who comes in is said by itself
    ...(a.recipe.hands === b.recipe.hands && one.make === other.make ? phrasesMessage([before.by], [after.by]) : []),
    ...phrasesMessage(before.apart, after.apart),
    ...phrasesMessage(before.length, after.length),
    ...(course ? [compareMessage('diff.course', { from: a.recipe.course, to: b.recipe.course })] : []),
    ...(rest.length > 0 ? rest : schoolMessage(a, b)),
  ]
}

function schoolMessage({ recipe: a }: RealisedStudy, { recipe: b }: RealisedStudy): Message[] {
  if (a.school === b.school) return []
  const called = ({ school }: typeof a): Message | undefined =>
    familyOf(a).schools.find(({ id }) => id === school)?.called
  const [from, to] = [called(a), called(b)]
  return from && to ? [compareMessage('diff.school', { from, to })] : []
}

/** Touch and tempo. */
export function playingMessages({ recipe: a }: RealisedStudy, { recipe: b }: RealisedStudy): Message[] {
  const [from, to] = [notesPerMinute(a.tempo), notesPerMinute(b.tempo)]
  const touched = familyOf(a).hasTouch && familyOf(b).hasTouch && !touchedAlike(a, b)
  return [
    ...(touched ? [compareMessage('diff.touch', { from: touchMessage(a), to: touchMessage(b) })] : []),
    ...(from === to ? [] : [compareMessage('diff.tempo', { from, to, how: to > from ? 'faster' : 'slower' })]),
  ]
}
