import fc from 'fast-check'
import type { Player, RecipeInput } from '#core/instrument'
import type { ListParam, Message, NoteParam } from '#core/message'
import { midiOf, noteName, parseNote, pitchClass } from '#core/pitch'
import { acceptedOf, lineFor, playersIn, type RealisedStudy } from '#core/realise'
import { KINDS } from '#core/material'
import { anyNamed, kindsOf } from '../material'

/**
 * Whether a sentence about two studies is found in them, worked out from their notes and fingers alone: nothing here asks
 * how the sentence was made.
 */
export interface Held {
  readonly checked: boolean
  /** What is not as it says; empty where all is. */
  readonly why: string
}

const OCTAVE = 12
interface Heard {
  readonly name: string
  readonly midi: number
  readonly class: number
  readonly finger: string
  readonly way: 'up' | 'down'
  readonly end: boolean
  readonly degree: number
}

/** Notes of a hand in order, each with the way by which it is reached, whether it is an outer one, and its degree. */
function heard(study: RealisedStudy, player: Player): Heard[] {
  const { notes } = lineFor(study, player)
  const fingers = (acceptedOf(study) as Record<string, readonly (string | number)[]>)[player]!
  const all = notes.map(({ midi }) => midi)
  const outer = new Set([Math.min(...all), Math.max(...all)])
  const outerSteps = new Set(notes.filter(({ midi }) => outer.has(midi)).map(({ step }) => step))
  for (const note of [notes[0]!, notes.at(-1)!]) outerSteps.add(note.step)
  const { material } = study.recipe
  const inversion = 'pitches' in material ? 0 : (material.inversion ?? 0)
  const count = 'pitches' in material ? 1 : KINDS[material.kind].up.length
  return notes.map((note, at) => {
    const before = [...notes.slice(0, at)].reverse().find(({ step }) => step < note.step)
    const after = notes.slice(at + 1).find(({ step }) => step > note.step)
    const by = before ? note.midi - before.midi : after ? after.midi - note.midi : 0
    return {
      ...{ name: noteName(note.pitch), midi: note.midi, class: midiOf(note.pitch) % OCTAVE },
      ...{ finger: String(fingers[at]), way: by === 0 ? note.leg : by > 0 ? ('up' as const) : ('down' as const) },
      ...{ end: outerSteps.has(note.step), degree: (note.degree + inversion) % count },
    }
  })
}

const namesIn = (list: unknown): string[] => (list as ListParam).items.map((item) => (item as NoteParam).note)
const classes = (notes: readonly Heard[]): Set<number> => new Set(notes.map((note) => note.class))
const sameSet = <T>(a: ReadonlySet<T>, b: ReadonlySet<T>): boolean =>
  a.size === b.size && [...a].every((each) => b.has(each))

/** Fingers on a place, away from the ends, one way or both. */
const fingersOn = (notes: readonly Heard[], place: (note: Heard) => number, at: number, way: string): string =>
  [
    ...new Set(
      notes
        .filter((note) => !note.end && place(note) === at && (way === 'both' || note.way === way))
        .map((n) => n.finger),
    ),
  ]
    .sort()
    .join()

const placeBy = (by: unknown) => (note: Heard) => (by === 'degree' ? note.degree : note.class)

function noteHolds({ params }: Message, a: readonly Heard[], b: readonly Heard[]): string {
  if (params!.degree !== undefined) return ''
  const [from, to] = [(params!.from as NoteParam).note, (params!.to as NoteParam).note]
  const on = (notes: readonly Heard[]) => notes.filter(({ way }) => params!.way === 'both' || way === params!.way)
  if (!on(a).some(({ name }) => name === from)) return `${from} is not in the first`
  if (!on(b).some(({ name }) => name === to)) return `${to} is not in the second`
  if (on(b).some(({ name, end }) => name === from && !end)) return `${from} is still in the second`
  return ''
}

/** The step from the tonic to which a degree belongs, as it is called: third, fifth. */
function degreeCalled(study: RealisedStudy, degree: number): number {
  const { material } = study.recipe
  return 'pitches' in material ? degree + 1 : KINDS[material.kind].up[degree]!.steps + 1
}

function takenHolds(message: Message, study: RealisedStudy, a: readonly Heard[], b: readonly Heard[]): string {
  const { note, by, from, to, way } = message.params!
  const at = by === 'degree' ? note : parseNote((note as NoteParam).note)
  const place = (each: Heard): number => (by === 'degree' ? degreeCalled(study, each.degree) : each.class)
  const wanted = by === 'degree' ? (at as number) : pitchClass(at as never)
  const fingers = (list: unknown) => (list as ListParam).items.map(String).sort().join()
  const [own, other] = [fingersOn(a, place, wanted, String(way)), fingersOn(b, place, wanted, String(way))]
  if (own !== fingers(from)) return `the first has ${own}`
  return other === fingers(to) ? '' : `the second has ${other}`
}

function thumbsHold(message: Message | 'none' | undefined, a: readonly Heard[], b: readonly Heard[]): string {
  if (!message || message === 'none') return ''
  const { before, after } = message.params!
  const thumbs = (notes: readonly Heard[]) =>
    [...new Set(notes.filter(({ finger, end }) => finger === '1' && !end).map(({ name }) => name))].sort().join()
  const told = (list: unknown) => (list === 'none' ? '' : namesIn(list).sort().join())
  if (thumbs(a) !== told(before)) return `thumbs of the first on ${thumbs(a)}`
  return thumbs(b) === told(after) ? '' : `thumbs of the second on ${thumbs(b)}`
}

function sameMarksHold({ params }: Message, a: readonly Heard[], b: readonly Heard[]): string {
  const place = placeBy(params!.by)
  for (const at of new Set(a.map(place))) {
    for (const way of ['up', 'down']) {
      const [own, other] = [fingersOn(a, place, at, way), fingersOn(b, place, at, way)]
      if (own && other && own !== other) return `${at} ${way}: ${own} and ${other}`
    }
  }
  return ''
}

function otherMarksHold(message: Message, study: RealisedStudy, a: readonly Heard[], b: readonly Heard[]): string {
  const { by, notes } = message.params!
  const place = (each: Heard): number => (by === 'degree' ? degreeCalled(study, each.degree) : each.class)
  for (const item of (notes as ListParam).items) {
    const at = by === 'degree' ? (item as number) : pitchClass(parseNote((item as NoteParam).note))
    const differs = ['up', 'down'].some((way) => fingersOn(a, place, at, way) !== fingersOn(b, place, at, way))
    if (!differs) return `${at} has the same`
  }
  return ''
}

/** What a sentence is checked against. */
interface Ground {
  readonly message: Message
  readonly a: RealisedStudy
  readonly b: RealisedStudy
  /** The hand that it names, else all hands that both have. */
  readonly own: readonly Heard[]
  readonly other: readonly Heard[]
  readonly shared: readonly Player[]
}
type Check = (ground: Ground) => string | undefined

const playerOf = ({ params }: Message): Player => params!.player as Player

/** Names that one has and the other has under no name. */
const strangers = ({ params }: Message, having: readonly Heard[], lacking: readonly Heard[]): string | undefined =>
  namesIn(params!.notes).find(
    (name) => !having.some((note) => note.name === name) || classes(lacking).has(pitchClass(parseNote(name))),
  )

const CHECKS: Readonly<Record<string, Check>> = {
  'diff.notes': ({ message, own, other }) =>
    (message.params!.changes as ListParam).items.map((each) => noteHolds(each as Message, own, other)).find(Boolean),
  'diff.gained': ({ message, own, other }) => strangers(message, other, own),
  'diff.lost': ({ message, own, other }) => strangers(message, own, other),
  'diff.same-notes': ({ own, other }) => (sameSet(classes(own), classes(other)) ? '' : 'other notes'),
  'diff.same-marks': ({ message, own, other }) => sameMarksHold(message, own, other),
  'diff.marks': ({ message, a, own, other }) =>
    (message.params!.changes as ListParam).items
      .map((each) => takenHolds(each as Message, a, own, other))
      .concat(thumbsHold(message.params!.thumbs as Message | 'none', own, other))
      .find(Boolean),
  'diff.marks-on': ({ message, a, own, other }) =>
    otherMarksHold(message, a, own, other) || thumbsHold(message.params!.thumbs as Message | 'none', own, other),
  'diff.length': ({ message: { params }, a, b, shared }) => {
    const by = Number(params!.more) - Number(params!.fewer)
    const meant = shared.filter((each) => params!.player === 'each' || params!.player === each)
    return meant.every((each) => heard(b, each).length - heard(a, each).length === by) ? '' : 'another number of notes'
  },
  'diff.comes-in': ({ message, a, b }) => {
    const player = playerOf(message)
    return !playersIn(a).includes(player) && playersIn(b).includes(player) ? '' : 'it does not come in'
  },
  'diff.left-out': ({ message, a, b }) => {
    const player = playerOf(message)
    return playersIn(a).includes(player) && !playersIn(b).includes(player) ? '' : 'it is not left out'
  },
  'diff.moved': ({ message: { params }, a, b }) => {
    const tonic = ({ recipe: { material } }: RealisedStudy) =>
      'pitches' in material ? 0 : pitchClass(parseNote(material.tonic))
    const by = Number(params!.by) * (params!.way === 'up' ? 1 : -1)
    return (tonic(b) - tonic(a) - by) % OCTAVE === 0 ? '' : 'another distance'
  },
}

/** Whether a sentence that names notes, fingers, degrees or hands is found in both studies. */
export function holds(message: Message, a: RealisedStudy, b: RealisedStudy): Held {
  const check = CHECKS[message.code]
  if (!check) return { checked: false, why: '' }
  const shared = playersIn(a).filter((each) => playersIn(b).includes(each))
  const named = message.params?.player as Player | undefined
  const notes = (study: RealisedStudy): Heard[] => {
    if (named && playersIn(study).includes(named)) return heard(study, named)
    return (shared.length > 0 ? shared : playersIn(study).slice(0, 1)).flatMap((each) => heard(study, each))
  }
  return { checked: true, why: check({ message, a, b, shared, own: notes(a), other: notes(b) }) ?? '' }
}

const anyMore = fc.record(
  {
    octaves: fc.constantFrom(1, 2, 3),
    hands: fc.constantFrom('together', 'right', 'left'),
    course: fc.constantFrom('up-down', 'down-up', 'up'),
    school: fc.constantFrom('conservatory', 'black-key-pivot', 'one-fingering-for-all'),
    articulation: fc.constantFrom('legato', 'staccato'),
    touch: fc.constantFrom(null, { right: 'staccato', left: 'legato' }),
  },
  { requiredKeys: [] },
)

/** Two studies of single notes, often on one tonic, as a teacher lays them beside each other. */
export const anyPair: fc.Arbitrary<readonly [RecipeInput, RecipeInput]> = fc
  .tuple(
    anyNamed(kindsOf('scale', 'mode', 'arpeggio', 'seventh')),
    anyNamed(kindsOf('scale', 'mode', 'arpeggio', 'seventh', 'other-scale')),
    fc.boolean(),
    fc.constantFrom('octave', 'third', 'sixth'),
    ...([anyMore, anyMore] as const),
  )
  .map(([one, other, alike, interval, a, b]) => {
    const second = alike ? { ...other, tonic: one.tonic } : other
    const apart = KINDS[second.kind].up.length === 7 ? { interval } : {}
    return [{ material: one, ...a } as RecipeInput, { material: second, ...b, ...apart } as RecipeInput] as const
  })
