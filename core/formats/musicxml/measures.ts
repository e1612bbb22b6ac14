import { familyOf, instrumentOf, type PlacedSign, type Player, type ScoreSign } from '../../instrument'
import { type Score, type ScoreBar, type ScoreEvent, scoreOf, type ScoreStaff, type Writing } from '../../notation'
import { touchOf } from '../../study'
import { CHORD_SIGNS } from '../../surface'
import { isMinor, type Piece } from '../piece'
import { signWords } from '../signs'
import { el, leaf, type Node } from '../xml'
import { divisions, DIVISIONS, noteNodes } from './note'

const CLEFS = { treble: ['G', 2], bass: ['F', 4] } as const

const clefNode = ({ clef }: Writing, staff: number): Node => {
  const [sign, line] = CLEFS[clef]
  return el('clef', { number: staff }, leaf('sign', sign), leaf('line', line))
}

/** How far what is written sounds higher: whole octaves, on mallet instruments. */
function transposeNodes(piece: Piece): Node[] {
  const { transposition } = instrumentOf(piece.study.recipe)
  if (transposition === 0) return []
  const octaves = transposition / 12
  return [el('transpose', {}, leaf('diatonic', 0), leaf('chromatic', 0), leaf('octave-change', octaves))]
}

/** Key, time and clefs at the beginning of a study. */
function headNodes(piece: Piece, { fifths, beatsPerBar, staves }: Score, of: number): Node {
  const clefs = Array.from({ length: of }, (_, at) =>
    clefNode(staves[at]?.bars[0]?.events[0]?.writing ?? { clef: at === 0 ? 'treble' : 'bass', ottava: 0 }, at + 1),
  )
  return el(
    'attributes',
    {},
    leaf('divisions', DIVISIONS),
    el('key', {}, leaf('fifths', fifths), ...(isMinor(piece.study) ? [leaf('mode', 'minor')] : [])),
    el('time', {}, leaf('beats', beatsPerBar), leaf('beat-type', 4)),
    ...(of > 1 ? [leaf('staves', of)] : []),
    ...clefs,
    ...transposeNodes(piece),
  )
}

/** Tempo, and how pairs of notes share their time. */
function tempoNodes({ study: { recipe } }: Piece): Node[] {
  const { tempo, rhythm } = recipe
  const metronome = el('metronome', {}, leaf('beat-unit', 'quarter'), leaf('per-minute', tempo.bpm))
  const unit = tempo.notesPerBeat === 4 ? '16th' : 'eighth'
  const swing = el(
    'swing',
    {},
    leaf('first', rhythm.swing),
    leaf('second', 100 - rhythm.swing),
    leaf('swing-type', unit),
  )
  const sound = el('sound', { tempo: tempo.bpm }, ...(rhythm.swing === 50 ? [] : [swing]))
  return [el('direction', { placement: 'above' }, el('direction-type', {}, metronome), leaf('staff', 1), sound)]
}

const wordsNode = (words: string, staff: number, placement = 'above'): Node =>
  el('direction', { placement }, el('direction-type', {}, leaf('words', words)), leaf('staff', staff))

const shiftNode = (type: 'up' | 'down' | 'stop', staff: number): Node =>
  el(
    'direction',
    { placement: type === 'up' ? 'below' : 'above' },
    el('direction-type', {}, el('octave-shift', { type, size: 8 })),
    leaf('staff', staff),
  )

/** What changes before an event: a clef, an octave sign that ends or begins. */
function changes(before: Writing | null, { writing }: ScoreEvent, staff: number): Node[] {
  const from = before?.ottava ?? 0
  return [
    ...(from !== 0 && from !== writing.ottava ? [shiftNode('stop', staff)] : []),
    ...(before && before.clef !== writing.clef ? [el('attributes', {}, clefNode(writing, staff))] : []),
    ...(writing.ottava !== 0 && from !== writing.ottava ? [shiftNode(writing.ottava > 0 ? 'down' : 'up', staff)] : []),
  ]
}

/** Where slurs begin and end: over each leg, where the touch is legato and more than one note is bound. */
function slursOf({ study }: Piece, staff: ScoreStaff): Map<ScoreEvent, 'start' | 'stop'> {
  const slurs = new Map<ScoreEvent, 'start' | 'stop'>()
  if (!familyOf(study.recipe).hasTouch || touchOf(study.recipe, staff.player) !== 'legato') return slurs
  let run: ScoreEvent[] = []
  const close = (): void => {
    if (run.length > 1) {
      slurs.set(run[0]!, 'start')
      slurs.set(run.at(-1)!, 'stop')
    }
    run = []
  }
  for (const event of staff.bars.flatMap(({ events }) => events)) {
    if (event.notes.length === 0 || (run.length > 0 && event.leg !== run[0]!.leg)) close()
    if (event.notes.length > 0) run.push(event)
  }
  close()
  return slurs
}

interface Writer {
  readonly piece: Piece
  readonly signs: readonly PlacedSign[]
  readonly slurs: readonly Map<ScoreEvent, 'start' | 'stop'>[]
  /** How the last event of each staff is written. */
  readonly last: (Writing | null)[]
}

/** Ranks of reeds as the format has them: a dot in the upper, the middle, the lower third of a ring. */
const RANKS = { '4': ['accordion-high'], '8': ['accordion-middle', 1], '16': ['accordion-low'] } as const

const PEDALS = { down: 'start', anew: 'change', up: 'stop' } as const

function signNode(sign: ScoreSign): Node {
  if (sign.is === 'pedal') {
    const pedal = el('pedal', { type: PEDALS[sign.goes], line: 'yes' })
    return el('direction', { placement: 'below' }, el('direction-type', {}, pedal), leaf('staff', 1))
  }
  if (sign.is === 'bellows') {
    return wordsNode(signWords(sign), 1)
  }
  // the format wants the ranks from high to low
  const ranks = (['4', '8', '16'] as const).filter((feet) => sign.feet.includes(feet))
  const dots = ranks.map((feet) => {
    const [name, count] = RANKS[feet]
    return count === undefined ? el(name) : leaf(name, count)
  })
  return el(
    'direction',
    { placement: 'above' },
    el('direction-type', {}, el('accordion-registration', {}, ...dots)),
    leaf('staff', 1),
  )
}

/** Signs over a step, each where it stands for the first time. */
const signNodes = ({ signs }: Writer, step: number): Node[] =>
  signs.filter((each) => each.step === step).map(({ sign }) => signNode(sign))

function staffNodes(writer: Writer, bar: ScoreBar, at: number, player: Player): Node[] {
  const staff = at + 1
  const staccato = touchOf(writer.piece.study.recipe, player) === 'staccato'
  return bar.events.flatMap((event) => {
    const before = writer.last[at] ?? null
    writer.last[at] = event.writing
    const chord = event.notes.find((note) => note.chord && note.mark !== null)?.chord
    const label = event.notes.find((note) => note.label)?.label
    return [
      ...(staff === 1 && event.step !== null ? signNodes(writer, event.step) : []),
      ...changes(before, event, staff),
      ...(chord ? [wordsNode(CHORD_SIGNS[chord], staff)] : []),
      ...(label ? [wordsNode(label, staff, 'below')] : []),
      ...noteNodes(event, { staff, staccato, slur: writer.slurs[at]!.get(event) ?? null }),
    ]
  })
}

const restBar = (beats: number, staff: number): Node =>
  el(
    'note',
    {},
    el('rest', { measure: 'yes' }),
    leaf('duration', divisions(beats)),
    leaf('voice', staff),
    leaf('staff', staff),
  )

const backup = (beats: number): Node => el('backup', {}, leaf('duration', divisions(beats)))

/** Octave signs that are still open where a study ends. */
const closing = (writer: Writer): Node[] =>
  writer.last.flatMap((writing, at) => (writing && writing.ottava !== 0 ? [shiftNode('stop', at + 1)] : []))

/**
 * A study's measures, numbered from `number` on.
 * @param of staves that the part has; those on which the study has nothing rest
 */
export function measuresOf(piece: Piece, number: number, of: number, head: readonly string[]): Node[] {
  const score = scoreOf(piece.study)
  const writer: Writer = {
    piece,
    slurs: score.staves.map((staff) => slursOf(piece, staff)),
    signs: score.signs,
    last: score.staves.map(() => null),
  }
  const count = Math.max(...score.staves.map(({ bars }) => bars.length))
  return Array.from({ length: count }, (_, at) => {
    const staves = Array.from({ length: of }, (_, staff) => {
      const bar = score.staves[staff]?.bars[at]
      return bar ? staffNodes(writer, bar, staff, score.staves[staff]!.player) : [restBar(score.beatsPerBar, staff + 1)]
    })
    const last = at === count - 1
    const begins = [
      ...(number > 1 ? [el('print', { 'new-system': 'yes' })] : []),
      headNodes(piece, score, of),
      ...head.map((words) => wordsNode(words, 1)),
      ...tempoNodes(piece),
    ]
    return el(
      'measure',
      { number: number + at },
      ...(at === 0 ? begins : []),
      ...staves.flatMap((nodes, staff) => (staff === 0 ? nodes : [backup(score.beatsPerBar), ...nodes])),
      ...(last ? [...closing(writer), ...signNodes(writer, piece.study.steps)] : []),
      ...(last ? [el('barline', { location: 'right' }, leaf('bar-style', 'light-heavy'))] : []),
    )
  })
}
