import type { Material } from '../../material'
import { midiOf, modulo, type Pitch, pitchAbove } from '../../pitch'
import type { LinkId } from './names'

/** A note of a key: its pitch, and its degree from 0. */
export interface KeyNote {
  readonly pitch: Pitch
  readonly degree: number
}

/** The joint that a link leads over. */
interface Joint {
  /** The note on which the stretch before ends. */
  readonly last: KeyNote
  /** The note on which the next begins. */
  readonly first: KeyNote
  readonly from: Material
  readonly to: Material
  /** Steps from the end of the stretch to the next bar line, and to the next beat. */
  readonly toBar: number
  readonly toBeat: number
}

const OCTAVE = { steps: 7, semitones: 12 }

/** So many degrees from a note in its key, as that key goes up. */
function degreesFrom({ pitch, degree }: KeyNote, { rising: { up } }: Material, by: number): KeyNote {
  const place = degree + by
  const octave = Math.floor(place / up.length)
  const [here, there] = [up[degree]!, up[modulo(place, up.length)]!]
  const interval = {
    steps: there.steps - here.steps + OCTAVE.steps * octave,
    semitones: there.semitones - here.semitones + OCTAVE.semitones * octave,
  }
  return { pitch: pitchAbove(pitch, interval), degree: modulo(place, up.length) }
}

/** The neighbour of the next tonic on one side; the one after it, where that is the note that was just played. */
function neighbour({ last, first, to }: Joint, side: 1 | -1): KeyNote[] {
  const beside = degreesFrom(first, to, side)
  return [midiOf(beside.pitch) === midiOf(last.pitch) ? degreesFrom(first, to, 2 * side) : beside]
}

const NEAREST_FIRST = [1, -1, 2, -2, 3, -3, 4, -4]

/** The nearest note to the next tonic that both keys have, above it first; nothing where they share none. */
function commonNote({ last, first, from, to }: Joint): KeyNote[] {
  const tonic = midiOf(from.rising.up.length > 0 ? { ...from.tonic, octave: 0 } : last.pitch)
  const own = new Set(from.rising.up.map(({ semitones }) => modulo(tonic + semitones, OCTAVE.semitones)))
  const found = NEAREST_FIRST.map((by) => degreesFrom(first, to, by)).find(({ pitch }) => {
    const midi = midiOf(pitch)
    return midi !== midiOf(last.pitch) && own.has(modulo(midi, OCTAVE.semitones))
  })
  return found ? [found] : []
}

/** As many notes as an approach has at the most. */
const MOST = 7

/** Notes of the next key that lie between the last note and the next tonic, from one to the other. */
function between({ last, first, to }: Joint): KeyNote[] {
  const [here, there] = [midiOf(last.pitch), midiOf(first.pitch)]
  const side = here < there ? -1 : 1
  const notes: KeyNote[] = []
  for (let by = 1; notes.length < MOST; by++) {
    const note = degreesFrom(first, to, side * by)
    const midi = midiOf(note.pitch)
    if (here === there || (side < 0 ? midi <= here : midi >= here)) break
    notes.unshift(note)
  }
  return notes
}

/** Notes that walk down to the next tonic, so that it falls on the first beat. */
function toTheBeat(joint: Joint): KeyNote[] {
  const { first, to, toBar, toBeat } = joint
  const count = toBar <= MOST ? toBar : toBeat
  return Array.from({ length: count }, (_, at) => degreesFrom(first, to, count - at))
}

const LINKING: Readonly<Record<LinkId, (joint: Joint) => KeyNote[]>> = {
  none: () => [],
  above: (joint) => neighbour(joint, 1),
  below: (joint) => neighbour(joint, -1),
  common: commonNote,
  step: between,
  'chord-tone': toTheBeat,
}

/** The notes that lead over a joint, in the key that they lead to. */
export const linkNotes = (link: LinkId, joint: Joint): KeyNote[] => LINKING[link](joint)
