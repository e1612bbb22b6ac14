import { callMessage } from './messages'
import { echoOf } from './echo'
import type { Message } from '../message'
import { type AnyPin, completeRecipe, overWhole, type RecipeInput } from '../instrument'
import { courseOfKeys, isFree, type KeyCourse, type KeyList, MAX_OCTAVES, TEMPO_RANGE } from '../study'
import type { Meaning, Part } from './part'

export type Changes = Omit<RecipeInput, 'material'>

/** All changes in one, the later over the earlier; pins are gathered. */
export function joinedChanges(changes: readonly Changes[]): Changes {
  const pins = changes.flatMap((change): readonly AnyPin[] => change.pins ?? [])
  const all = changes.reduce((joined, change) => overWhole(joined, change), {} as Changes)
  return pins.length > 0 ? { ...all, pins } : all
}

/** Places where one field is given two values: `hands`, `tempo.bpm`. */
export function contradictions(meaning: readonly Meaning[]): Message[] {
  const known = new Map<string, { value: unknown; part: Part }>()
  const found: Message[] = []
  const note = (path: string, value: unknown, part: Part): void => {
    const before = known.get(path)
    if (before && JSON.stringify(before.value) !== JSON.stringify(value)) {
      found.push(callMessage('call.contradiction', { before: echoOf(before.part)!, after: echoOf(part)! }))
    }
    known.set(path, { value, part })
  }
  const noteAll = (path: string, value: unknown, part: Part): void => {
    // what goes back to its default contradicts nothing
    if (value === undefined) return
    if (typeof value !== 'object' || value === null || Array.isArray(value)) note(path, value, part)
    else for (const [inner, each] of Object.entries(value as object)) noteAll(`${path}.${inner}`, each, part)
  }
  for (const { part } of meaning) {
    if (part.is !== 'change') continue
    for (const [field, value] of Object.entries(part.change)) {
      if (field === 'pins') continue
      noteAll(field, value, part)
    }
  }
  return found
}

/** A tempo that is so much more or less than another, within what can be played back. */
function paced(change: Changes, meaning: readonly Meaning[], base: RecipeInput): { change: Changes; said: Message[] } {
  const paces = meaning.flatMap(({ part }) => (part.is === 'pace' ? [part.pace] : []))
  if (paces.length === 0) return { change, said: [] }
  const before = change.tempo?.bpm ?? completeRecipe(base).tempo.bpm
  const wanted = paces.reduce((bpm, pace) => ('by' in pace ? bpm + pace.by : bpm * pace.times), before)
  const bpm = Math.min(TEMPO_RANGE.most, Math.max(TEMPO_RANGE.least, Math.round(wanted)))
  const said = bpm === wanted ? callMessage('call.pace', { bpm }) : callMessage('call.limit', { bpm })
  return { change: { ...change, tempo: { ...change.tempo, bpm } }, said: [said] }
}

/** Contrary motion, hands apart, and a touch for each take both hands, whichever the study had. */
function withBothHands(change: Changes, base: RecipeInput): { change: Changes; said: Message[] } {
  const takesBoth =
    change.motion === 'contrary' ||
    Boolean(change.touch) ||
    (change.interval !== undefined && change.interval !== 'octave')
  const alone = base.hands === 'right' || base.hands === 'left'
  if (!takesBoth || !alone || change.hands !== undefined) return { change, said: [] }
  return { change: { ...change, hands: 'together' }, said: [callMessage('call.both-hands')] }
}

/** Keys that only say how their legs go are those that the study has, or that the line says elsewhere. */
function withKeys(change: Changes, base: RecipeInput): { change: Changes; said: Message[] } {
  const journey = change.pattern?.journey as Partial<KeyList & KeyCourse> | undefined
  if (typeof journey !== 'object' || 'keys' in journey || 'by' in journey) return { change, said: [] }
  const { material, pattern } = completeRecipe(base)
  const own = isFree(material) ? null : courseOfKeys(pattern.journey, material)
  if (own)
    return { change: { ...change, pattern: { ...change.pattern, journey: { ...own, ...journey } as never } }, said: [] }
  const { journey: _, ...rest } = change.pattern!
  return { change: { ...change, pattern: rest }, said: [callMessage('call.no-keys')] }
}

/** What is changed in a study but its material: octaves more or fewer reckoned out, its tempo raised, its hands joined. */
export function changesOver(
  base: RecipeInput,
  change: Changes,
  meaning: readonly Meaning[],
): { change: Changes; said: Message[] } {
  const more = meaning.reduce((sum, { part }) => sum + (part.is === 'more' ? part.octaves : 0), 0)
  const octaves = Math.max(1, Math.min(MAX_OCTAVES, (change.octaves ?? base.octaves ?? 2) + more))
  const tempo = paced(more === 0 ? change : { ...change, octaves }, meaning, base)
  const hands = withBothHands(tempo.change, base)
  const keys = withKeys(hands.change, base)
  return { change: keys.change, said: [...tempo.said, ...hands.said, ...keys.said] }
}
