import { completeRecipe, type RecipeInput } from '../instrument'
import { type KindId, KINDS, materialOf, signatureOf, THREE_MINORS, twinOf } from '../material'
import { midiOf, type Note, noteName, pitchClass } from '../pitch'
import { crossingsOf, lineFor, playersIn, realise, type RealisedStudy } from '../realise'
import type { Form, Question, Task, Tetrachord, WrittenAnswer } from './question'

/** Whose keys are asked: instrument, school, size of hands. */
export type Settings = Omit<RecipeInput, 'material'>

type Staff = NonNullable<Question['staff']>
const STAFF: Staff = { notes: 'given', signature: 'given', marks: 'none', ringed: null, steps: null }

/** A key as tasks see it; its study is only made where a task looks at it. */
interface Key {
  readonly tonic: Note
  readonly kind: KindId
  readonly study: RealisedStudy
}

/** An octave upward on a key, made once. */
export type StudyOn = (tonic: Note, kind: KindId) => RealisedStudy

/** Octaves as somebody plays them, each made once. @throws DomainError where the instrument does not take the kind */
export function octavesFor(settings: Settings): StudyOn {
  const made = new Map<string, RealisedStudy>()
  return (tonic, kind) => {
    const material = { tonic: noteName(tonic), kind }
    const key = `${material.tonic} ${kind}`
    const study = made.get(key) ?? realise(completeRecipe({ ...settings, material, ...SHAPE }), {}, 0)
    made.set(key, study)
    return study
  }
}

/** A task's question about a key; null where the key is none for it. */
type Ask = (key: Key) => Omit<Question, 'task' | 'tonic' | 'study'> | null

const SHAPE = { octaves: 1, course: 'up', tempo: { bpm: 60, notesPerBeat: 1 } } as const
const BLACK = new Set([1, 3, 6, 8, 10])
const TETRACHORDS: Readonly<Record<string, Tetrachord>> = {
  '2 2 1': 'major',
  '2 1 2': 'minor',
  '1 2 2': 'phrygian',
  '1 3 1': 'harmonic',
  '2 2 2': 'lydian',
}
const DEGREES = 7

const upperOf = (study: RealisedStudy): Question['player'] => playersIn(study)[0]!
const pitchesOf = (study: RealisedStudy): readonly Note[] =>
  lineFor(study, upperOf(study)).notes.map(({ pitch }) => pitch)

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

/** Degrees that lie on black keys, or on the bars of the far row, the octave's own tonic counted once. */
function blackIn(key: Key): ReturnType<Ask> {
  if (!isScale(key)) return null
  const degrees = pitchesOf(key.study)
    .slice(0, -1)
    .flatMap((note, at) => (BLACK.has(pitchClass(note)) ? [at + 1] : []))
  return onLines(key, { is: 'degrees', degrees })
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

const hasSignature = ({ kind }: Key): boolean => KINDS[kind].signature !== null

/** What each task asks of a key. */
const ASKS: Readonly<Record<Task, Ask>> = {
  signature: (key) => (hasSignature(key) ? onStaff(key, { notes: 'none', signature: 'asked' }) : null),
  notes: (key) => onStaff(key, { notes: 'asked', signature: 'none' }),
  steps: (key) => (isScale(key) ? onStaff(key, { steps: semitonesIn(key.study) }) : null),
  tetrachords: tetrachordsIn,
  'black-keys': blackIn,
  'upper-marks': marksFor(0),
  'lower-marks': marksFor(1),
  crossings: crossingsIn,
  twin: twinFor,
  arpeggio: arpeggioOf,
  'minor-form': (key) => {
    const form = THREE_MINORS.includes(key.kind) ? (KINDS[key.kind].form as Form) : undefined
    return form ? onStaff(key, {}, { is: 'form', form }) : null
  },
}

/** Tasks in which a key's signature would tell the answer, or is what is asked. */
const UNSIGNED: ReadonlySet<Task> = new Set(['notes'])

/**
 * A question about a key, an octave upward; null where the key is none for the task.
 * @throws DomainError where the instrument does not take the kind
 */
export function questionOn(task: Task, tonic: Note, kind: KindId, studyOn: StudyOn): Question | null {
  const key: Key = {
    tonic,
    kind,
    get study() {
      return studyOn(tonic, kind)
    },
  }
  const request = ASKS[task](key)
  return request && { task, tonic, study: UNSIGNED.has(task) ? withoutSignature(key.study) : key.study, ...request }
}
