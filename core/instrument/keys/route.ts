import type { FingerRecipe } from '../../fingering'
import { listed, named, type NoteParam } from '../../message'
import type { CommonInput, Finger, Hand, LineNote } from '../../study'
import { handsOf, TEMPO_RANGE, touchOf } from '../../study'
import { pitchName } from '../../pitch'
import { instrumentMessage } from '../messages'
import type { Route, RouteStep, Stage } from '../route'
import { isPlain, isRun, ladderTempo, lastStages, stageOf, takesPairs } from '../stages'
import type { SolvedHands, RealisedHand } from './solve'

/** Notes before a crossing, and from it on, that are taken alone. */
const [BEFORE, FROM] = [2, 2]
/** Fingers of a hand: no block has more. */
const MAX_IN_BLOCK = 5
/** Semitones that a hand strikes at once without stretching (ours): what is wider is not taken as a block. */
const WIDEST: Readonly<Record<FingerRecipe['handSize'], number>> = { small: 9, average: 11, large: 12 }
const spanOf = (notes: readonly { readonly midi: number }[]): number => notes.at(-1)!.midi - notes[0]!.midi
/** Notes to the beat on the ladder's last rung. */
const SHORTEST = 8

/** Some notes of a hand with the fingers that they have in the whole, as a study of their own. */
function cut(recipe: FingerRecipe, hand: Hand, steps: readonly (readonly Fingered[])[], bpm: number): CommonInput {
  const flat = steps.flat()
  return {
    ...{ instrument: recipe.instrument, school: recipe.school, handSize: recipe.handSize },
    material: { pitches: steps.map((step) => (step.length === 1 ? step[0]!.pitch : step.map(({ pitch }) => pitch))) },
    ...{ hands: hand, signature: recipe.signature, articulation: touchOf(recipe, hand) },
    tempo: { bpm, notesPerBeat: 1 },
    pins: flat.map(({ finger }, index) => ({ hand, index, finger })),
  } as CommonInput
}

interface Fingered {
  readonly pitch: string
  readonly midi: number
  readonly step: number
  readonly finger: Finger
}
const fingered = ({ notes, pitches, midi, fingers }: RealisedHand): Fingered[] =>
  notes.map(({ step }, at) => ({ pitch: pitches[at]!, midi: midi[at]!, step, finger: fingers[at]! }))

/** A passage and back again: its last note is not struck twice. */
const andBack = <T>(notes: readonly T[]): T[] => [...notes, ...notes.slice(0, -1).reverse()]

/** Passages by what tells them apart: keys and fingers, whatever the octave; of those alike the first. */
function different(passages: readonly (readonly Fingered[])[]): (readonly Fingered[])[] {
  const seen = new Set<string>()
  return passages.filter((notes) => {
    const key = JSON.stringify(notes.map(({ midi, finger }) => [midi % 12, finger]))
    return !seen.has(key) && seen.add(key)
  })
}

/** The line up to where it turns: what comes after is taken back the same way. */
function upward(part: RealisedHand): number {
  const { midi } = part
  const first = midi[0]!
  const furthest = midi.reduce(
    (best, each, at) => (Math.abs(each - first) > Math.abs(midi[best]! - first) ? at : best),
    0,
  )
  return furthest + 1
}

/** Every crossing of a hand with the notes around it, there and back; a double note goes with its step. */
function crossingStudies(recipe: FingerRecipe, hand: Hand, part: RealisedHand, bpm: number): CommonInput[] {
  const all = fingered(part)
  const single = new Set(all.map(({ step }) => step)).size === all.length
  const end = single ? upward(part) : all.length
  const passages = part.crossings
    .filter(({ index }) => index < end)
    .map(({ index }) => all.slice(Math.max(0, index - BEFORE), Math.min(end, index + FROM)))
  return different(passages).map((notes) => {
    const steps = [...new Set(notes.map(({ step }) => step))].map((at) => notes.filter(({ step }) => step === at))
    return cut(recipe, hand, andBack(steps), bpm)
  })
}

/** The grips of a hand struck as blocks, one after the other, up and back; null where a grip is one note. */
function blockStudy(recipe: FingerRecipe, hand: Hand, part: RealisedHand, bpm: number): CommonInput[] {
  const end = upward(part)
  const all = fingered(part).slice(0, end)
  const starts = [...part.grips.filter((at) => at < end), end]
  const grips = starts.slice(0, -1).map((at, place) => all.slice(at, starts[place + 1]))
  const blocks = grips
    .map((notes) => [...notes].sort((a, b) => a.midi - b.midi))
    .filter((notes) => notes.length > 0 && notes.length <= MAX_IN_BLOCK && spanOf(notes) <= WIDEST[recipe.handSize])
  return blocks.length > 1 ? [cut(recipe, hand, andBack(blocks), bpm)] : []
}

/** The study in another form, nothing pinned: its notes are others. */
const formed = (recipe: FingerRecipe, some: Partial<CommonInput>): CommonInput => ({ ...recipe, pins: [], ...some })

/** What one hand plays of a study, by itself and where that hand usually lies; in contrary motion the left goes down first. */
function handAlone(recipe: FingerRecipe, { hands, octaves }: Stage, tempo: FingerRecipe['tempo']): CommonInput {
  const down = recipe.motion === 'contrary' && hands === 'left' && recipe.course === 'up-down'
  return formed(recipe, {
    ...{ hands, octaves, tempo, motion: 'similar', interval: 'octave', startOctave: undefined },
    course: down ? 'down-up' : recipe.course,
    pattern: { ...recipe.pattern, accompaniment: 'none' },
  })
}

const SHORT = { octaves: 1 }
const both = ({ hands }: FingerRecipe): boolean => hands === 'together'

/** Each stage as a study has it: what is its own in it; null where the study cannot have it. */
const OWN: Readonly<Record<string, (recipe: FingerRecipe) => Partial<Stage> | null>> = {
  crossings: (recipe) => (isRun(recipe) && isPlain(recipe) ? { ...SHORT, plain: false, apart: true } : null),
  blocks: (recipe) => (isRun(recipe) && isPlain(recipe) ? { ...SHORT, plain: false, apart: true } : null),
  together: (recipe) => (both(recipe) ? (recipe.octaves > 1 ? SHORT : { full: true }) : null),
  rhythms: (recipe) => (isRun(recipe) && isPlain(recipe) && takesPairs(recipe) ? { ...SHORT, plain: false } : null),
  octaves: ({ octaves }) => (octaves > 1 ? { full: true } : null),
  ladder: (recipe) => (isRun(recipe) && isPlain(recipe) ? { full: true, plain: false } : null),
}

/** Each hand by itself; of one hand's study that is the study, if it is no longer than this. */
function alone(recipe: FingerRecipe, step: RouteStep): Stage[] {
  const own = { ...SHORT, apart: both(recipe), full: !both(recipe) && recipe.octaves === 1 }
  return handsOf(recipe.hands).map((hand) =>
    stageOf(recipe, { ...step, stage: `${hand}-alone` }, { ...own, hands: hand }),
  )
}

const stages = (recipe: FingerRecipe, template: readonly RouteStep[]): Stage[] =>
  template.flatMap((step) => {
    if (step.stage === 'alone') return alone(recipe, step)
    const own = OWN[step.stage]?.(recipe)
    return own ? [stageOf(recipe, step, own)] : (lastStages(recipe, step) ?? [])
  })

function studies(recipe: FingerRecipe, { hands }: SolvedHands, stage: Stage, bpm: number): CommonInput[] {
  const tempo = { ...recipe.tempo, bpm }
  const each = (cutOf: typeof blockStudy) =>
    handsOf(recipe.hands).flatMap((hand) => (hands[hand] ? cutOf(recipe, hand, hands[hand], bpm) : []))
  switch (stage.id) {
    case 'right-alone':
    case 'left-alone':
      return [stage.full ? { ...recipe, tempo } : handAlone(recipe, stage, tempo)]
    case 'crossings':
      return each(crossingStudies)
    case 'blocks':
      return each(blockStudy)
    case 'together':
      return [recipe.octaves === 1 ? { ...recipe, tempo } : formed(recipe, { octaves: 1, tempo })]
    case 'rhythms':
      return (['long-short', 'short-long'] as const).map((lengths) =>
        formed(recipe, { octaves: 1, tempo, rhythm: { ...recipe.rhythm, lengths } }),
      )
    case 'ladder':
      return [
        formed(recipe, {
          rhythm: { ...recipe.rhythm, ladder: 'notes' },
          tempo: { bpm: ladderTempo(recipe, bpm, SHORTEST, TEMPO_RANGE.least), notesPerBeat: 1 },
        }),
      ]
    default:
      return [{ ...recipe, tempo }]
  }
}

const noteOf = ({ pitch }: LineNote): NoteParam => named(pitchName(pitch).replace(/-?\d+$/, ''))

/** The first crossing of a hand: what is most likely to go wrong. */
function crossingWatched(hand: Hand, part: RealisedHand | undefined) {
  const first = part?.crossings[0]
  if (!part || !first) return null
  const finger = part.fingers[first.index]!
  return instrumentMessage('watch.crossing', { kind: first.kind, finger, note: noteOf(part.notes[first.index]!), hand })
}

/** Where the hands first cross apart from one another. */
function partingWatched({ hands: { right, left }, together }: SolvedHands) {
  if (!right || !left || !together) return null
  const alone = together.crossings.right.filter((step) => !together.crossings.both.includes(step))
  const at = right.notes.findIndex(({ step }) => step === alone[0])
  return at < 0 ? null : instrumentMessage('watch.parting', { note: noteOf(right.notes[at]!) })
}

/** Notes that are others on the way down, as in melodic minor. */
function returning({ hands }: SolvedHands) {
  const part = hands.right ?? hands.left
  if (!part) return null
  const end = upward(part)
  const names = (notes: readonly LineNote[]) => [
    ...new Set(notes.map((note) => pitchName(note.pitch).replace(/-?\d+$/, ''))),
  ]
  const up = names(part.notes.slice(0, end))
  const others = names(part.notes.slice(end)).filter((name) => !up.includes(name))
  return others.length > 0 ? instrumentMessage('watch.returning', { notes: listed(others.map(named)) }) : null
}

function watch(recipe: FingerRecipe, performance: SolvedHands, stage: Stage) {
  const { hands } = performance
  const [first] = handsOf(stage.hands)
  switch (stage.id) {
    case 'right-alone':
    case 'left-alone':
      return returning(performance) ?? crossingWatched(first!, hands[first!])
    case 'crossings':
      return crossingWatched(first!, hands[first!])
    case 'blocks':
      return instrumentMessage('watch.blocks')
    case 'rhythms':
      return instrumentMessage('watch.rhythms')
    case 'ladder':
      return instrumentMessage('watch.ladder')
    case 'cold':
      return instrumentMessage('watch.once')
    case 'together':
    case 'octaves':
      return partingWatched(performance) ?? crossingWatched(first!, hands[first!])
    default:
      return recipe.hands === 'together' ? partingWatched(performance) : crossingWatched(first!, hands[first!])
  }
}

/** Hands apart, crossings, blocks, together, rhythms, octaves, ladder, tempo, beyond it, cold. */
export const KEYS_ROUTE: Route<FingerRecipe, SolvedHands> = {
  usual: [
    { stage: 'alone', minutes: 4 },
    { stage: 'crossings', minutes: 3 },
    { stage: 'blocks', minutes: 3 },
    { stage: 'together', minutes: 5 },
    { stage: 'rhythms', minutes: 4 },
    { stage: 'octaves', minutes: 5 },
    { stage: 'ladder', minutes: 4 },
    { stage: 'tempo', minutes: 4 },
    { stage: 'above', minutes: 3 },
    { stage: 'cold', minutes: 1 },
  ],
  tells: () => [],
  stages,
  studies,
  watch,
}
