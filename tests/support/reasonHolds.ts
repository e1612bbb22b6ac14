import type { ListParam, Message, NoteParam } from '#core/message'
import { noteName, parseNote, pitchClass } from '#core/pitch'
import type { FingerStudy } from './played'
import { isBlack } from '#core/surface'

/**
 * Whether a reason is found in the line that it explains, worked out from notes and fingers alone; empty where it is.
 * Nothing here asks how the reason was made.
 */
type Part = Pick<NonNullable<FingerStudy['hands']['right']>, 'notes' | 'fingers' | 'reasons' | 'midi'>
type Reason = Part['reasons'][number]
type Check = (reason: Reason, part: Part) => string | undefined

const note = (param: unknown): string => (param as NoteParam).note
const notesIn = (param: unknown): string[] => (param as ListParam).items.map(note)
const blackNote = (name: string): boolean => isBlack(pitchClass(parseNote(name)))

const nameAt = ({ notes }: Part, at: number): string => noteName(notes[at]!.pitch)
/** The note of the step before that is nearest in voice. */
const before = ({ notes }: Part, at: number): number[] =>
  notes.flatMap((each, place) => (each.step === notes[at]!.step - 1 ? [place] : []))

/** Outer notes, where a line need not go on, take what fingers they will. */
function outer({ midi, notes }: Part): Set<number> {
  const [low, high] = [Math.min(...midi), Math.max(...midi)]
  return new Set(notes.flatMap((_, at) => (midi[at] === low || midi[at] === high || at === 0 ? [at] : [])))
}

/** What is said of the next best: a thumb that would lie on a black key has to be told of a black key. */
function rivalHolds({ params }: Message): string | undefined {
  const rival = params?.rival as Message | undefined
  const why = rival?.params?.why as Message | undefined
  const row = rival?.params?.row as Message | undefined
  if (why?.code === 'rival.black' && row?.code === 'row.thumb-to' && !blackNote(note(row.params!.note)))
    return `${note(row.params!.note)} is no black key`
  if (why?.code === 'charge.thumb-on-black' && !blackNote(note(why.params!.note))) return 'a black key that is white'
  return undefined
}

const keyHolds = (key: unknown, name: string): string | undefined =>
  (key === 'black') === blackNote(name) ? undefined : `${name} is not ${String(key)}`

/** Every crossing that is listed lies between the thumb's note and the other, and each has its finger. */
function crossingHolds({ message, indices }: Reason, part: Part): string | undefined {
  const { params, code } = message
  const under = code === 'reason.thumb-under'
  for (const at of indices) {
    const pair = [at, ...before(part, at)]
    if (!pair.some((place) => part.fingers[place] === 1)) return `no thumb at note ${at}`
    const names = pair.map((place) => nameAt(part, place))
    const to = pitchClass(parseNote(note(params!.to)))
    const here = pair.filter((place) => pitchClass(part.notes[place]!.pitch) === to)
    if (here.length === 0) return `${note(params!.to)} is not at ${names.join(' ')}`
    const finger = under ? 1 : Number(params!.finger)
    if (!here.some((place) => part.fingers[place] === finger))
      return `${note(params!.to)} has no ${finger} at note ${at}`
  }
  const named = under ? note(params!.after) : note(params!.to)
  return keyHolds(params!.key, named)
}

const CHECKS: Readonly<Record<string, Check>> = {
  'reason.thumb-under': (reason, part) => crossingHolds(reason, part),
  'reason.finger-over': (reason, part) => crossingHolds(reason, part),
  'reason.black-thumb': ({ message, indices }, part) => {
    const wrong = indices.find((at) => part.fingers[at] !== 1 || !isBlack(part.midi[at]!))
    if (wrong !== undefined) return `note ${wrong} is no thumb on a black key`
    return notesIn(message.params!.notes).find((name) => !indices.some((at) => nameAt(part, at) === name))
  },
  'reason.end': ({ message, indices }, part) => {
    const { finger } = message.params!
    const wrong = indices.find((at) => part.fingers[at] !== finger || nameAt(part, at) !== note(message.params!.note))
    return wrong === undefined ? undefined : `note ${wrong} is ${nameAt(part, wrong)} with ${part.fingers[wrong]}`
  },
  'reason.pair-end': ({ message, indices }, part) => {
    for (const at of indices) {
      const pair = part.notes.flatMap(({ step }, place) => (step === part.notes[at]!.step ? [place] : []))
      if (pair.map((place) => part.fingers[place]).join('/') !== message.params!.fingers) return `note ${at}`
      if (!pair.some((place) => nameAt(part, place) === note(message.params!.note)))
        return `note ${at} has another name`
    }
    return undefined
  },
  'reason.two-way': ({ message, indices }, part) => {
    const ends = outer(part)
    for (const [leg, list] of [
      ['up', message.params!.up],
      ['down', message.params!.down],
    ] as const)
      for (const { params } of (list as ListParam).items as Message[]) {
        const places = part.notes.flatMap((each, at) =>
          each.leg === leg && !ends.has(at) && noteName(each.pitch) === note(params!.note) ? [at] : [],
        )
        const taken = (at: number): string =>
          part.notes
            .flatMap(({ step }, place) => (step === part.notes[at]!.step ? [part.fingers[place]] : []))
            .join('/')
        const pairs = String(params!.fingers).includes('/')
        const wrong = places.find((at) => !pairs && taken(at) !== params!.fingers && part.notes[at]!.degree !== 0)
        if (wrong !== undefined) return `${leg}: ${note(params!.note)} has ${part.fingers[wrong]}`
      }
    return indices.every((at) => part.notes[at]!.leg === 'down') ? undefined : 'a note going up'
  },
  'reason.other-shape': ({ message }) =>
    message.params!.why === 'black' ? notesIn(message.params!.notes).find((name) => !blackNote(name)) : undefined,
  'reason.first-finger': ({ message: { params } }, part) => {
    const compact = String(params!.compact).split(' ').map(Number)
    const begins = params!.begins === 'pattern' ? [Number(params!.pattern)] : compact
    if (begins.some((finger, at) => part.fingers[at] !== finger))
      return `it begins ${part.fingers.slice(0, 3).join(' ')}`
    const again = part.notes.flatMap(({ pitch }, at) =>
      at > 0 && pitchClass(pitch) === pitchClass(part.notes[0]!.pitch) && !outer(part).has(at) ? [at] : [],
    )
    const wrong = again.find((at) => part.fingers[at] !== params!.pattern)
    return wrong === undefined ? undefined : `a later octave has ${part.fingers[wrong]}`
  },
  'reason.chromatic': (_, part) => {
    const ends = outer(part)
    const wrong = part.fingers.findIndex((finger, at) => isBlack(part.midi[at]!) && finger !== 3 && !ends.has(at))
    return wrong < 0 ? undefined : `note ${wrong} is black and has ${part.fingers[wrong]}`
  },
}

/** What is not as a reason says; empty where all is. */
export const reasonFails = (reason: Reason, part: Part): string =>
  CHECKS[reason.message.code]?.(reason, part) ?? rivalHolds(reason.message) ?? ''

/** Codes of reasons that are checked in the line itself. */
export const CHECKED_REASONS = Object.keys(CHECKS)
