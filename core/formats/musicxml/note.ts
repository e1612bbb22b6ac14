import type { ScoreEvent, ScoreNote } from '../../notation'
import type { Pitch } from '../../pitch'
import type { Value } from '../../study'
import { el, leaf, type Node } from '../xml'

/** Divisions of a quarter: every length of the core is a whole number of them. */
export const DIVISIONS = 48
export const divisions = (beats: number): number => Math.round(beats * DIVISIONS)

const TYPES: Record<Value['written'], string> = {
  whole: 'whole',
  half: 'half',
  quarter: 'quarter',
  eighth: 'eighth',
  sixteenth: '16th',
  'thirty-second': '32nd',
}
const SIGNS: Record<number, string> = { [-2]: 'flat-flat', [-1]: 'flat', 0: 'natural', 1: 'sharp', 2: 'double-sharp' }
const HOOKS = { begin: 'begin', continue: 'continue', end: 'end', forward: 'forward hook', backward: 'backward hook' }

const pitchNode = ({ letter, alteration, octave }: Pitch): Node =>
  el(
    'pitch',
    {},
    leaf('step', letter),
    ...(alteration === 0 ? [] : [leaf('alter', alteration)]),
    leaf('octave', octave),
  )

/** What is written of a note besides itself; it stands at the first note of a chord only. */
export interface Beside {
  readonly staff: number
  /** A slur that begins or ends here. */
  readonly slur: 'start' | 'stop' | null
  readonly staccato: boolean
}

const STROKES = { dead: 'dead stroke', damp: 'damp' } as const

function technical({ mark, underlined, strokeMarks = [] }: ScoreNote): Node[] {
  // fingers and sticks alike: the format has an element for fingers, whose text is free
  if (mark === null) return []
  const others = [...(underlined ? ['counterbass'] : []), ...strokeMarks.map((each) => STROKES[each])]
  return [el('technical', {}, leaf('fingering', mark), ...others.map((words) => leaf('other-technical', words)))]
}

/** Curves from and to a head, and one into nothing where it rings on. */
const tiesOf = ({ tied, rings }: ScoreNote): Node[] => [
  ...(tied.from ? [el('tied', { type: 'stop' })] : []),
  ...(tied.to ? [el('tied', { type: 'start' })] : []),
  ...(rings && !tied.from ? [el('tied', { type: 'let-ring' })] : []),
]

function notations(event: ScoreEvent, note: ScoreNote, first: boolean, { staff, slur, staccato }: Beside): Node[] {
  const touch = [...(event.accent ? [el('accent')] : []), ...(staccato && event.step !== null ? [el('staccato')] : [])]
  const all = [
    ...tiesOf(note),
    ...(first && slur ? [el('slur', { type: slur, number: staff })] : []),
    ...(first && event.tuplet
      ? [el('tuplet', { type: event.tuplet === 'begin' ? 'start' : 'stop', bracket: 'no' })]
      : []),
    ...(event.slashes > 0 && first
      ? [el('ornaments', {}, el('tremolo', { type: 'single' }, String(event.slashes)))]
      : []),
    ...technical(note),
    ...(first && touch.length > 0 ? [el('articulations', {}, ...touch)] : []),
  ]
  return all.length > 0 ? [el('notations', {}, ...all)] : []
}

/** Length, voice, type and what follows them up to the staff, in the order of the format. */
function lengthOf(event: ScoreEvent, staff: number, sign: number | null, ties: readonly Node[]): Node[] {
  return [
    leaf('duration', divisions(event.beats)),
    ...ties,
    leaf('voice', staff),
    leaf('type', TYPES[event.written]),
    ...Array.from({ length: event.dots }, () => el('dot')),
    ...(sign === null ? [] : [leaf('accidental', SIGNS[sign]!)]),
    ...(event.triplet ? [el('time-modification', {}, leaf('actual-notes', 3), leaf('normal-notes', 2))] : []),
    leaf('staff', staff),
  ]
}

/** A rest, or the notes struck at a moment. */
export function noteNodes(event: ScoreEvent, beside: Beside): Node[] {
  const { staff } = beside
  if (event.notes.length === 0) {
    const tuplet = event.tuplet
      ? [el('notations', {}, el('tuplet', { type: event.tuplet === 'begin' ? 'start' : 'stop', bracket: 'no' }))]
      : []
    return [el('note', {}, el('rest'), ...lengthOf(event, staff, null, []), ...tuplet)]
  }
  return event.notes.map((note, order) => {
    const ties = [
      ...(note.tied.from ? [el('tie', { type: 'stop' })] : []),
      ...(note.tied.to ? [el('tie', { type: 'start' })] : []),
    ]
    const beams = order > 0 ? [] : event.beams.map((mark, at) => el('beam', { number: at + 1 }, HOOKS[mark]))
    return el(
      'note',
      {},
      ...(order > 0 ? [el('chord')] : []),
      pitchNode(note.pitch),
      ...lengthOf(event, staff, note.sign, ties),
      ...beams,
      ...notations(event, note, order === 0, beside),
    )
  })
}
