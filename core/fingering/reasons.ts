import { listed, type ListParam, type Message, named } from '../message'
import { type Note, noteName } from '../pitch'
import { type Finger, isDegreePin, isGripPin, type Line } from '../study'
import { isBlack } from '../surface'
import { outward } from './cost'
import { fingeringMessage } from './messages'
import type { Others } from './others'
import { BENDS } from './steps'
import type { Reason } from './reason'
import type { RingFingering } from './ring'
import type { Crossing } from './places'
import { lineRival, type Rival, ringRival } from './rivals'
import { shapeReasons } from './shapeReasons'
import { keyAt, type KeyFingers, type Task } from './task'
import { fingersInWords, noteParam } from './words'

/** Names in one sentence at the most. */
const MAX_NAMES = 4

/** Notes in one sentence, each once. */
const unique = (pitches: readonly Note[], most = Infinity): ListParam =>
  listed([...new Set(pitches.map(noteName))].slice(0, most).map(named))

/** What the reasons are drawn from. */
interface Solved {
  readonly task: Task
  readonly others: Others
  readonly fingers: readonly Finger[]
  readonly crossings: readonly Crossing[]
  readonly lifts: readonly number[]
  /** What the pins cost more than the engine's own choice. */
  readonly pinPrice: number
}

/** The two notes of a crossing: the thumb's and the other finger's. */
function notesAtCrossing({ task }: Solved, { index, kind }: Crossing): { thumb: number; finger: number } {
  const { steps } = task.run
  const at = steps.findIndex((step) => step.notes.includes(index))
  const before = steps[at - 1]!.notes[steps[at]!.notes.indexOf(index)]!
  return kind === 'thumb-under' ? { thumb: index, finger: before } : { thumb: before, finger: index }
}

/** In which key a note lies, and whether another begins on it. */
function placeOf({ task }: Solved, { index }: Pick<Crossing, 'index'>): string {
  const step = stepOf(task, index)
  // keys that keep the same pattern are told of together
  const [ring] = keyAt(task, step).rings
  const place = ring ? task.keys.findIndex(({ rings }) => rings[0] === ring) : 0
  return `${place} ${task.run.steps[step]!.joint}`
}
const stepOf = ({ run }: Task, index: number): number => run.steps.findIndex(({ notes }) => notes.includes(index))

/** Crossings of one thumb place by one finger, in every octave and both directions where they agree. */
function crossingGroups(solved: Solved): Crossing[][] {
  const groups = new Map<string, Crossing[]>()
  const notes = solved.task.line.notes
  for (const crossing of solved.crossings) {
    const { thumb, finger } = notesAtCrossing(solved, crossing)
    const pair = [notes[thumb]!.midi % 12, notes[finger]!.midi % 12, solved.fingers[finger]]
    const key = `${placeOf(solved, crossing)} ${pair.join(' ')}`
    groups.set(key, [...(groups.get(key) ?? []), crossing])
  }
  return [...groups.values()]
}

function crossingReason(solved: Solved, group: readonly Crossing[]): Reason {
  const { task, fingers } = solved
  const { line } = task
  const first = group[0]!
  const { thumb, finger } = notesAtCrossing(solved, first)
  const [thumbNote, fingerNote] = [line.notes[thumb]!, line.notes[finger]!]
  const key = isBlack(fingerNote.midi) ? 'black' : 'white'
  const { message: rival, price } = rivalOf(solved, thumb)
  const message =
    first.kind === 'thumb-under'
      ? fingeringMessage('reason.thumb-under', {
          ...{ to: noteParam(thumbNote.pitch), after: noteParam(fingerNote.pitch) },
          ...{ key, rival },
        })
      : fingeringMessage('reason.finger-over', {
          ...{ finger: fingers[finger]!, to: noteParam(fingerNote.pitch) },
          ...{ key, rival },
        })
  const indices = group.map((crossing) => crossing.index)
  return { hand: line.hand, kind: 'crossing', indices, message, price }
}

/** The best fingering without the thumb on a note, and what it would pay for. */
function rivalOf({ task, others }: Solved, thumb: number): Rival {
  const step = stepOf(task, thumb)
  const key = keyAt(task, step)
  // beside a joint a finger may leave its key's pattern: there the line itself is asked
  const own = key.rings.length > 0 && (task.keys.length === 1 || inPattern(task, step))
  return own ? ringRival(task, key, task.line.notes[thumb]!) : lineRival(task, others, step)
}

/** Whether the pattern of its key has the thumb at a step. */
const inPattern = ({ run }: Task, step: number): boolean => run.habit[step]?.includes(1) ?? false

/** With 1 and 3 every key of a chromatic scale has its finger: one reason for all crossings. */
function chromaticReason({ task, crossings }: Solved): Reason[] {
  const { line } = task
  const message = fingeringMessage('reason.chromatic', { twos: line.hand === 'right' ? 'upper' : 'lower' })
  return [{ hand: line.hand, kind: 'shape', indices: crossings.map(({ index }) => index), message, price: null }]
}

const hasOwnFingers = ({ task, crossings }: Solved): boolean =>
  crossings.length > 0 && task.ringed && task.costProfile.weights['white-without-thumb'] > 0

/** Thumbs on black keys in single notes, where the school would rather have none. */
function blackThumbReasons(solved: Solved): Reason[] {
  const { task, fingers } = solved
  const { line, costProfile, run, pins, sequences } = task
  // a shape that has its thumb on a black key is explained as a shape
  if (sequences.length > 0) return []
  const pinned = new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))
  const found = run.steps.flatMap(({ keys, notes: [index] }) =>
    keys.length === 1 && fingers[index!] === 1 && isBlack(keys[0]!) && !pinned.has(index!) ? [index!] : [],
  )
  if (found.length === 0) return []
  const notes = unique(found.map((index) => line.notes[index]!.pitch))
  const rival = costProfile.weights['thumb-on-black'] > 0 ? rivalOf(solved, found[0]!) : null
  const why = rival ? fingeringMessage('why.no-better', { rival: rival.message }) : fingeringMessage('why.no-rule')
  const message = fingeringMessage('reason.black-thumb', { notes, many: found.length > 1 ? 'yes' : 'no', why })
  return [{ hand: line.hand, kind: 'black-thumb', indices: found, message, price: rival?.price ?? null }]
}

function liftReasons({ task, lifts }: Solved): Reason[] {
  const { line, run } = task
  if (lifts.length === 0) return []
  const notes = unique(
    lifts.map((index) => line.notes[index]!.pitch),
    MAX_NAMES,
  )
  const message = fingeringMessage('reason.lift', { notes, why: run.lifts ? 'reach' : 'position' })
  return [{ hand: line.hand, kind: 'lift', indices: lifts, message, price: null }]
}

/** What the way down has otherwise than the way up, in one key. */
function twoWayReason({ task }: Solved, key: KeyFingers): Reason[] {
  const { line, run } = task
  const { material, rings, over } = key
  const [ring] = rings
  const own = new Set(run.steps.slice(key.from, key.to).flatMap(({ notes }) => notes))
  if (!ring || !line.notes.some((note, at) => note.leg === 'down' && own.has(at))) return []
  const changed = ring.up.flatMap((struckFingers, degree) =>
    String(struckFingers) === String(ring.down[degree]) ? [] : [degree],
  )
  if (changed.length === 0) return []
  const pattern = (notes: readonly Note[], fingersByStep: RingFingering['up']) =>
    listed(
      changed.map((degree) =>
        fingeringMessage('taken', {
          fingers: fingersInWords([fingersByStep[degree]!]),
          note: noteParam(notes[degree]!),
        }),
      ),
    )
  const indices = line.notes.flatMap(({ leg, degree }, at) =>
    leg === 'down' && changed.includes((degree + over) % ring.up.length) && at > 0 && own.has(at) ? [at] : [],
  )
  const message = fingeringMessage('reason.two-way', {
    down: pattern(material.down, ring.down),
    up: pattern(material.up, ring.up),
  })
  return indices.length > 0 ? [{ hand: line.hand, kind: 'two-way', indices, message, price: null }] : []
}

/** Where another key begins: with which finger the hand goes on, and what gives way for it. */
function jointReasons({ task, fingers }: Solved): Reason[] {
  const { line, run, keys } = task
  const pinned = new Set(task.pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))
  return keys.slice(1).flatMap((key): Reason[] => {
    const [before, first] = [run.steps[key.from - 1]!, run.steps[key.from]!]
    if (first.fresh || before.keys.length > 1 || first.keys.length > 1) return []
    const [from, to] = [before.notes[0]!, first.notes[0]!]
    const gave = run.steps.slice(Math.max(0, key.from - BENDS), key.from + BENDS).flatMap(({ notes: [note] }, at) => {
      const usual = run.habit[Math.max(0, key.from - BENDS) + at]
      return usual && fingers[note!] !== usual[0] && !pinned.has(note!) ? [note!] : []
    })
    const name = (note: number) => noteParam(line.notes[note]!.pitch)
    const message = fingeringMessage('reason.joint', {
      ...{ finger: fingers[to]!, note: name(to), after: fingers[from]!, before: name(from), count: gave.length },
      gave: listed(gave.map(name)),
    })
    return [
      { hand: line.hand, kind: 'joint', indices: [to, ...gave.filter((note) => note !== to)], message, price: null },
    ]
  })
}

/** A finger at an end, or the pair of a double note. */
function endMessage({ notes }: Line, fingers: readonly Finger[], at: number): Message {
  const { pitch, step } = notes[at]!
  const pair = notes.flatMap((note, place) => (note.step === step ? [fingers[place]!] : []))
  const note = noteParam(pitch)
  if (pair.length === 1) return fingeringMessage('reason.end', { finger: pair[0]!, note })
  return fingeringMessage('reason.pair-end', { fingers: pair.join('/'), note })
}

function endReasons({ task, fingers }: Solved): Reason[] {
  const { line, run, pins } = task
  const pinned = new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))
  const free = run.steps.flatMap(({ end, joint, notes }, at) => {
    const usual = run.habit[at]
    const off = usual?.some((finger, voice) => fingers[notes[voice]!] !== finger)
    const joins = joint || (run.steps[at + 1]?.joint ?? false)
    return end && off && !joins && !notes.some((note) => pinned.has(note)) ? [notes[0]!] : []
  })
  return free.slice(0, 1).map((at) => ({
    hand: line.hand,
    kind: 'end',
    indices: free.filter((other) => fingers[other] === fingers[at]),
    message: endMessage(line, fingers, at),
    price: null,
  }))
}

/** A black first note at the hand's inner side, where tables differ. */
function firstFingerReason({ task, fingers }: Solved): Reason[] {
  const { line, keys, pins } = task
  const [first, next] = line.notes
  const [ring] = keys[0]!.rings
  if (!ring || !first || !next || first.step === next.step) return []
  const pattern = ring[first.leg][(first.degree + keys[0]!.over) % ring.up.length]![0]!
  const inner = (next.midi - first.midi) * outward(line.hand) > 0
  const toThumb = fingers.indexOf(1)
  if (!inner || !isBlack(first.midi) || pattern < 3 || toThumb < 1) return []
  if (pins.some(({ fixes }) => fixes.some(({ index }) => index < toThumb))) return []
  const compact = Array.from({ length: toThumb }, (_, at) => at + 2).join(' ')
  const begins = fingers[0] === pattern ? 'pattern' : 'compact'
  const message = fingeringMessage('reason.first-finger', { pattern, compact, begins })
  return [{ hand: line.hand, kind: 'first-finger', indices: [0], message, price: null }]
}

function pinReason({ task, pinPrice, fingers }: Solved): Reason[] {
  const { line, run, pins } = task
  if (pins.length === 0) return []
  const pinned = new Set(pins.flatMap(({ fixes }) => fixes.map(({ index }) => index)))
  const name = (index: number) => noteParam(line.notes[index]!.pitch)
  const pinNames = pins.map(({ pin }): Message => {
    if (isGripPin(pin)) return fingeringMessage('pinned.run', { fingers: pin.fingers.join(' '), note: name(pin.from) })
    if (!isDegreePin(pin)) return fingeringMessage('taken', { fingers: String(pin.finger), note: name(pin.index) })
    const { finger, degree, leg = 'both' } = pin
    return fingeringMessage('pinned.degree', { finger, degree, leg })
  })
  const gave = run.steps.filter(({ end, notes }, at) => {
    const usual = run.habit[at]
    const moved = notes.some((note, voice) => !pinned.has(note) && usual && fingers[note] !== usual[voice])
    return moved && !end
  }).length
  const message = fingeringMessage('reason.pin', { pins: listed(pinNames), others: gave })
  return [{ hand: line.hand, kind: 'pin', indices: [...pinned], message, price: pinPrice }]
}

/** Reasons for a solved line, built from the cost terms that decided it. */
export function reasonsOf(solved: Solved): Reason[] {
  return [
    ...pinReason(solved),
    ...firstFingerReason(solved),
    ...shapeReasons(solved.task),
    ...(hasOwnFingers(solved)
      ? chromaticReason(solved)
      : crossingGroups(solved).map((group) => crossingReason(solved, group))),
    ...blackThumbReasons(solved),
    ...liftReasons(solved),
    ...solved.task.keys.flatMap((key) => twoWayReason(solved, key)),
    ...jointReasons(solved),
    ...endReasons(solved),
  ]
}
