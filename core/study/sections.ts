import {
  keyNamed,
  type Kind,
  KIND_IDS,
  type KindId,
  KINDS,
  leadsToKey,
  materialOf,
  type NamedMaterial,
  usualTonics,
} from '../material'
import { type Message, named } from '../message'
import {
  fifthsOf,
  letterIndex,
  midiOf,
  modulo,
  type Note,
  noteName,
  parseNote,
  type Pitch,
  pitchAbove,
  pitchClass,
  pitchName,
  signatureAlteration,
} from '../pitch'
import { studyMessage } from './messages'
import { type CommonRecipe, isFree, NOTES_PER_BEAT, type Tempo } from './recipe'
import { NO_BOOKENDS, PLAIN_PATTERN } from './shape'
import type { LayoutRules } from './layoutRules'

/** A stretch of a study with one key, one course and one rhythm; a study without journey, ladder or bookends has one. */
export interface Section {
  /** A recipe of this section alone, without pins. */
  readonly recipe: CommonRecipe
  /** What tells it from the others: a key, a rhythm, a bookend; nothing where there is only one. */
  readonly label: readonly Message[]
  /** One note more, a degree under the last, that leads to the next section. */
  readonly leads?: boolean
  /** Bars of rest after it, unless it is the last. */
  readonly rests?: number
}

const KEYS = 12
/** The modes of the major scale, from the first degree up. */
const MODES: readonly KindId[] = KIND_IDS.filter(
  (id) => KINDS[id].family === 'mode' && KINDS[id].modeOf?.base === 'major',
).sort((a, b) => KINDS[a].modeOf!.degree - KINDS[b].modeOf!.degree)

const materialOfRecipe = (recipe: CommonRecipe): NamedMaterial => recipe.material as NamedMaterial
/** On which degree of its major scale a diatonic scale stands, from 0. */
const modeOf = (kind: KindId): number => (KINDS[kind].modeOf?.degree ?? 1) - 1

/** The usual name of a key so many semitones above C: the one with the fewest signs. */
function usualName(kind: Kind, key: number): Note {
  const among = usualTonics(kind).filter((tonic) => pitchClass(tonic) === modulo(key, 12))
  const signs = (note: Note) => Math.abs(fifthsOf(note) + (kind.signature ?? 0))
  return among.reduce((best, other) => (signs(other) < signs(best) ? other : best))
}

/** Height of a tonic in an octave, in semitones from C0. */
const height = (note: Note, octave: number): number => 12 * octave + letterSemitones(note)
const letterSemitones = (note: Note): number => pitchClass({ letter: note.letter, alteration: 0 }) + note.alteration

/** Twelve keys, one up and the next down: a half step on each time, or a fourth on within an octave of the first. */
function relay(recipe: CommonRecipe, by: 'half' | 'fourth'): Section[] {
  const { kind } = materialOfRecipe(recipe)
  const first = parseNote(materialOfRecipe(recipe).tonic)
  const start = height(first, recipe.startOctave)
  const down = recipe.course.startsWith('down')
  return Array.from({ length: KEYS }, (_, at) => {
    const key = start + (by === 'half' ? at : modulo(5 * at, 12))
    const tonic = at === 0 ? first : usualName(KINDS[kind], key)
    const startOctave = Math.round((key - letterSemitones(tonic)) / 12)
    const course = (at % 2 === 1) === down ? 'up' : 'down'
    const material = { ...materialOfRecipe(recipe), tonic: noteName(tonic) }
    const label = [studyMessage('section.key', { tonic: named(noteName(tonic)) })]
    return { recipe: { ...recipe, material, startOctave, course, signature: 'none' }, label }
  })
}

/** The modes of one key in a chain, from the one that is asked; each leads on by the note under its own tonic. */
function modeChain(recipe: CommonRecipe): Section[] {
  const { kind, tonic } = materialOfRecipe(recipe)
  const { up } = materialOf({ tonic, kind })
  const start = letterIndex(parseNote(tonic).letter)
  return up.map((note, at) => {
    const mode = MODES[(modeOf(kind) + at) % 7]!
    const startOctave = recipe.startOctave + Math.floor((start + at) / 7)
    const material: NamedMaterial = { tonic: noteName(note), kind: mode }
    const label = [keyNamed(material)]
    return { recipe: { ...recipe, material, startOctave, signature: 'own' }, label, leads: at < up.length - 1 }
  })
}

/** The same letters from the same tonic, with one sign fewer each time, down to none. */
function oneFewer(recipe: CommonRecipe): Section[] {
  const { kind, tonic } = materialOfRecipe(recipe)
  const { fifths } = materialOf({ tonic, kind })
  const { letter } = parseNote(tonic)
  return Array.from({ length: Math.abs(fifths) + 1 }, (_, at) => {
    const signs = fifths - at * Math.sign(fifths)
    const note: Note = { letter, alteration: signatureAlteration(signs, letter) }
    // a mode's parent lies as many fifths away as its signature says
    const mode = MODES.find((each) => fifthsOf(note) + KINDS[each].signature! === signs)!
    const material: NamedMaterial = { tonic: noteName(note), kind: at === 0 ? kind : mode }
    const of = fifths > 0 ? ('sharp' as const) : ('flat' as const)
    const label = [studyMessage('section.signs', { signs: Math.abs(signs), of })]
    return { recipe: { ...recipe, material, signature: 'none' }, label }
  })
}

function journey(recipe: CommonRecipe): Section[] {
  switch (recipe.pattern.journey) {
    case 'relay-half-step':
      return relay(recipe, 'half')
    case 'relay-fourth':
      return relay(recipe, 'fourth')
    case 'mode-chain':
      return modeChain(recipe)
    case 'one-fewer':
      return oneFewer(recipe)
    default:
      return [{ recipe, label: [] }]
  }
}

const withNotes = (recipe: CommonRecipe, notesPerBeat: Tempo['notesPerBeat']): CommonRecipe => ({
  ...recipe,
  tempo: { ...recipe.tempo, notesPerBeat },
  rhythm: { ...recipe.rhythm, lengths: [3, 6, 8].includes(notesPerBeat) ? 'even' : recipe.rhythm.lengths },
})

/** The same notes with more strokes each time, a bar's rest between. */
function strokeLadder({ recipe, label, leads }: Section, layoutRules: LayoutRules): Section[] {
  const rungs = layoutRules.strokeRungs(recipe)
  return rungs.map((rung, at) => ({
    recipe: rung.recipe,
    label: [...label, rung.label],
    leads: (leads ?? false) && at === rungs.length - 1,
    rests: 1,
  }))
}

/** A section as often as the ladder has rungs: the same notes faster, or an octave more each time as well. */
function ladder(section: Section, layoutRules: LayoutRules): Section[] {
  const { recipe, label } = section
  if (recipe.rhythm.ladder === 'strokes') return strokeLadder(section, layoutRules)
  const rungs = recipe.rhythm.ladder === 'notes' ? NOTES_PER_BEAT : NOTES_PER_BEAT.slice(0, recipe.octaves)
  if (recipe.rhythm.ladder === 'none') return [section]
  return rungs.map((perBeat, at) => {
    const faster = withNotes(recipe, perBeat)
    const wider = recipe.rhythm.ladder === 'octaves' ? { ...faster, octaves: at + 1 } : faster
    const last = at === rungs.length - 1
    return {
      recipe: wider,
      label: [...label, studyMessage('section.notes', { perBeat })],
      leads: (section.leads ?? false) && last,
    }
  })
}

/** What stands in a key before or after a study: the same hands, in their usual places. */
function bookend(
  recipe: CommonRecipe,
  material: CommonRecipe['material'],
  notesPerBeat: Tempo['notesPerBeat'],
  layoutRules: LayoutRules,
): CommonRecipe {
  return {
    ...layoutRules.plainly(withNotes(recipe, notesPerBeat)),
    ...{ material, motion: 'similar', interval: 'octave', octaves: 1, course: 'up' },
    rhythm: { ...recipe.rhythm, lengths: 'even', accents: 0 },
  }
}

const FIVE_FINGERS = { major: 'five-finger-major', minor: 'five-finger-minor' } as const
const CADENCES = { major: 'cadence-major', minor: 'cadence-minor' } as const

function before(recipe: CommonRecipe, layoutRules: LayoutRules): Section[] {
  if (recipe.bookends.before === 'none') return []
  const { kind, tonic } = materialOfRecipe(recipe)
  const material: NamedMaterial = { tonic, kind: FIVE_FINGERS[KINDS[kind].mode ?? 'major'] }
  const run: CommonRecipe = { ...bookend(recipe, material, recipe.tempo.notesPerBeat, layoutRules), course: 'up-down' }
  return [{ recipe: run, label: [studyMessage('section.five-finger')] }]
}

const FOURTH = { steps: 3, semitones: 5 }

const MIDDLE_C = 60
const fromMiddle = (pitch: Pitch): number => Math.abs(midiOf(pitch) - MIDDLE_C)

/** Where a study comes to rest: on its own tonic; a dominant seventh in the key that it leads to, over or beneath it. */
function restOf(recipe: CommonRecipe): { readonly root: Pitch; readonly mode: 'major' | 'minor' } {
  const { tonic, kind } = materialOfRecipe(recipe)
  const own = { ...parseNote(tonic), octave: recipe.startOctave }
  if (!leadsToKey(KINDS[kind])) return { root: own, mode: KINDS[kind].mode ?? 'major' }
  const above = pitchAbove(own, FOURTH)
  const beneath = { ...above, octave: above.octave - 1 }
  return { root: fromMiddle(above) < fromMiddle(beneath) ? above : beneath, mode: 'major' }
}

/** Root, third, fifth and octave, struck at once. */
function tonicChord(recipe: CommonRecipe): CommonRecipe['material'] {
  const { root, mode } = restOf(recipe)
  const above = [
    { steps: 0, semitones: 0 },
    { steps: 2, semitones: mode === 'minor' ? 3 : 4 },
    { steps: 4, semitones: 7 },
    { steps: 7, semitones: 12 },
  ]
  return { pitches: [above.map((interval) => pitchName(pitchAbove(root, interval)))] }
}

function after(recipe: CommonRecipe, layoutRules: LayoutRules): Section[] {
  if (recipe.bookends.after === 'none') return []
  const { root, mode } = restOf(recipe)
  const cadence: NamedMaterial = { tonic: noteName(root), kind: CADENCES[mode] }
  return recipe.bookends.after === 'cadence'
    ? [{ recipe: bookend(recipe, cadence, 1, layoutRules), label: [studyMessage('section.cadence')] }]
    : [{ recipe: bookend(recipe, tonicChord(recipe), 1, layoutRules), label: [studyMessage('section.tonic-chord')] }]
}

/**
 * What a recipe consists of, in order: bookend, keys of the journey, each up the ladder, bookend. Sections hold no
 * journey, ladder, bookends or pins of their own.
 */
export function sectionsOf(recipe: CommonRecipe, layoutRules: LayoutRules): Section[] {
  const plain = !isFree(recipe.material)
  const keys = plain ? journey(recipe) : [{ recipe, label: [] }]
  const played = keys.flatMap((section) => ladder(section, layoutRules))
  const ends = plain
    ? { before: before(keys[0]!.recipe, layoutRules), after: after(keys.at(-1)!.recipe, layoutRules) }
    : { before: [], after: [] }
  return [...ends.before, ...played, ...ends.after].map((section) => ({
    ...section,
    recipe: cleared(section.recipe),
  }))
}

/** A bookend is straight, whatever the study's pattern. */
function cleared(recipe: CommonRecipe): CommonRecipe {
  const straight = isFree(recipe.material) || KINDS[recipe.material.kind].texture !== 'run'
  return {
    ...recipe,
    pattern: straight ? PLAIN_PATTERN : { ...recipe.pattern, journey: 'one-key' },
    rhythm: { ...recipe.rhythm, ladder: 'none' },
    bookends: NO_BOOKENDS,
    pins: [],
  }
}
