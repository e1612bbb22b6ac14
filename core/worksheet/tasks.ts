import {
  familyOf,
  INSTRUMENT_TASKS,
  type InstrumentTask,
  overWhole,
  playerSettingsOf,
  type Recipe,
  type RecipeInput,
} from '../instrument'
import { type KindId, KINDS, materialOf, signatureOf, THREE_MINORS, twinOf } from '../material'
import { midiOf, type Note, noteName } from '../pitch'
import { cellsOf, type Motif, PLAIN_PATTERN, takesMotif } from '../study'
import { crossingsOf, lineFor, playersIn, realise, type RealisedStudy } from '../realise'
import type { Form, Question, Task, Tetrachord, WrittenAnswer } from './question'

/** Whose keys are asked: instrument, school, size of hands. */
export type Settings = Omit<RecipeInput, 'material'>

type Staff = NonNullable<Question['staff']>
const STAFF: Staff = { notes: 'given', signature: 'given', marks: 'none', ringed: null, steps: null }

/** A key as tasks see it; its studies are only made where a task looks at them. */
interface Key {
  readonly tonic: Note
  readonly kind: KindId
  /** An octave upward. */
  readonly study: RealisedStudy
  /** The motif of the sheet, going up through it. */
  readonly line: RealisedStudy
  readonly motif: Motif
}

/** A study on a key, made once. */
type StudyOn = (tonic: Note, kind: KindId) => RealisedStudy

/** What keys are asked by: their octaves, and a motif that goes through them. */
export interface Studies {
  readonly octave: StudyOn
  readonly line: StudyOn
  readonly motif: Motif
}

const UP = { octaves: 1, course: 'up' } as const
const OCTAVE = { ...UP, tempo: { bpm: 60, notesPerBeat: 1 } } as const

/** Studies of one shape as somebody plays them, each made once. */
function madeOnce(settings: Settings, shape: Settings): StudyOn {
  const made = new Map<string, RealisedStudy>()
  return (tonic, kind) => {
    const material = { tonic: noteName(tonic), kind }
    const key = `${material.tonic} ${kind}`
    const study = made.get(key) ?? realise({ ...settings, material, ...shape } as RecipeInput, {}, 0)
    made.set(key, study)
    return study
  }
}

/** What sheets of some settings ask of keys. @throws DomainError where the instrument does not take the kind */
export const studiesFor = (settings: Settings, motif: Motif): Studies => ({
  octave: madeOnce(settings, OCTAVE),
  line: madeOnce(settings, { ...UP, pattern: { ...PLAIN_PATTERN, motif } }),
  motif,
})

/** A task's question about a key; null where the key is none for it. */
type Ask = (key: Key) => (Omit<Question, 'task' | 'tonic' | 'study'> & Partial<Pick<Question, 'study'>>) | null

const TETRACHORDS: Readonly<Record<string, Tetrachord>> = {
  '2 2 1': 'major',
  '2 1 2': 'minor',
  '1 2 2': 'phrygian',
  '1 3 1': 'harmonic',
  '2 2 2': 'lydian',
}
const DEGREES = 7

const upperOf = (study: RealisedStudy): Question['player'] => playersIn(study)[0]!

/** Semitones from each note to the next. */
function semitonesIn(study: RealisedStudy): number[] {
  const heights = lineFor(study, upperOf(study)).notes.map(({ pitch }) => midiOf(pitch))
  return heights.slice(1).map((height, at) => height - heights[at]!)
}

const isScale = ({ kind }: Key): boolean => KINDS[kind].texture === 'run' && KINDS[kind].up.length === DEGREES
const isTriad = ({ kind }: Key): boolean => KINDS[kind].texture === 'run' && KINDS[kind].up.length === 3

/** Without a signature, every sign stands before its note. */
const withoutSignature = (study: RealisedStudy): RealisedStudy => ({ ...study, keySignature: { fifths: 0 } })

const onStaff = (key: Key, staff: Partial<Staff>, written: WrittenAnswer | null = null): ReturnType<Ask> => ({
  player: upperOf(key.study),
  staff: { ...STAFF, ...staff },
  written,
})
const onLines = (key: Key, written: WrittenAnswer): ReturnType<Ask> => ({
  player: upperOf(key.study),
  staff: null,
  written,
})

function tetrachordsIn(key: Key): ReturnType<Ask> {
  if (!isScale(key)) return null
  const steps = semitonesIn(key.study)
  const [lower, upper] = [steps.slice(0, 3), steps.slice(4)].map((some) => TETRACHORDS[some.join(' ')])
  if (!lower || !upper) return null
  return onStaff(key, {}, { is: 'tetrachords', lower, upper, between: steps[3]! })
}

/** What the family asks of its own instrument, over an octave played as that wants it. */
const ofInstrument =
  (task: InstrumentTask): Ask =>
  (key) => {
    const { recipe } = key.study
    const own = familyOf(recipe).tasks.find((each) => each.task === task)
    if (!own || !isScale(key)) return null
    const { hands: _, accordion: __, ...rest } = recipe as Recipe & { accordion?: object }
    const asked = overWhole({ ...rest, ...playerSettingsOf(recipe) } as RecipeInput, own.played)
    const study = realise({ ...asked, pins: [], startOctave: undefined } as RecipeInput, {}, 0)
    const answer = own.answer(study.recipe, study)
    return answer && onLines(key, { is: 'marks', ...answer })
  }

/** Fingers of the hand at a place among those that play; nothing where there is none, or nothing to finger. */
const marksFor =
  (at: 0 | 1): Ask =>
  (key) => {
    const player = playersIn(key.study)[at]
    return player ? { ...onStaff(key, { marks: 'asked' })!, player } : null
  }

function crossingsIn(key: Key): ReturnType<Ask> {
  const player = upperOf(key.study)
  const ringed = crossingsOf(key.study, player)
  return ringed.length > 0 ? onStaff(key, { ringed }) : null
}

function twinFor(key: Key): ReturnType<Ask> {
  const twin = twinOf(key.tonic, KINDS[key.kind])
  return twin && onLines(key, { is: 'key', tonic: twin, fifths: signatureOf(twin, KINDS[key.kind]) })
}

function arpeggioOf(key: Key): ReturnType<Ask> {
  if (!isTriad(key)) return null
  const chords = KINDS[key.kind].up.map(
    (_, inversion) => materialOf({ tonic: noteName(key.tonic), kind: key.kind, inversion }).up,
  )
  return onLines(key, { is: 'chords', chords })
}

/** The motif stands on the first degree; on the others it is written. */
function lineOf(key: Key): ReturnType<Ask> {
  if (!takesMotif(KINDS[key.kind])) return null
  const own = onStaff(key, { notes: 'begun', begun: stepsInMotif(key) })
  return own && { ...own, study: key.line, player: upperOf(key.line) }
}

/** Steps of the line that are the motif on its first degree. */
function stepsInMotif({ line, motif }: Key): number {
  const { tempo } = line.recipe
  return cellsOf(motif).reduce((sum, { beats }) => sum + (beats === undefined ? 1 : beats * tempo.notesPerBeat), 0)
}

const hasSignature = ({ kind }: Key): boolean => KINDS[kind].signature !== null

/** What each task asks of a key. */
const ASKS: Readonly<Record<Task, Ask>> = {
  signature: (key) => (hasSignature(key) ? onStaff(key, { notes: 'none', signature: 'asked' }) : null),
  notes: (key) => onStaff(key, { notes: 'asked', signature: 'none' }),
  steps: (key) => (isScale(key) ? onStaff(key, { steps: semitonesIn(key.study) }) : null),
  tetrachords: tetrachordsIn,
  ...(Object.fromEntries(INSTRUMENT_TASKS.map((task) => [task, ofInstrument(task)])) as Record<InstrumentTask, Ask>),
  'upper-marks': marksFor(0),
  'lower-marks': marksFor(1),
  crossings: crossingsIn,
  twin: twinFor,
  arpeggio: arpeggioOf,
  'minor-form': (key) => {
    const form = THREE_MINORS.includes(key.kind) ? (KINDS[key.kind].form as Form) : undefined
    return form ? onStaff(key, {}, { is: 'form', form }) : null
  },
  line: lineOf,
}

/** Tasks in which a key's signature would tell the answer, or is what is asked. */
const UNSIGNED: ReadonlySet<Task> = new Set(['notes'])

/**
 * A question about a key; null where the key is none for the task.
 * @throws DomainError where the instrument does not take the kind
 */
export function questionOn(task: Task, tonic: Note, kind: KindId, studies: Studies): Question | null {
  const key: Key = {
    ...{ tonic, kind, motif: studies.motif },
    get study() {
      return studies.octave(tonic, kind)
    },
    get line() {
      return studies.line(tonic, kind)
    },
  }
  const request = ASKS[task](key)
  if (!request) return null
  if (request.study) return { task, tonic, ...request, study: request.study }
  return { task, tonic, ...request, study: UNSIGNED.has(task) ? withoutSignature(key.study) : key.study }
}
