import { kindNamed, type Material, type Texture } from '../material'
import { midiOf, parsePitch, type Pitch, pitchAbove } from '../pitch'
import { checkPattern } from './checkPattern'
import { LEGS, mirrored, pathOf, type PathStep } from './path'
import { placesOf, runPlace, type Step } from './places'
import type { Hand } from './hand'
import type { Line, LineNote } from './line'
import { studyError } from './messages'
import { type CommonRecipe, type Course, type FreePitches, isFree } from './recipe'
import type { LayoutRules } from './layoutRules'

export type { Leg } from './path'

export type { Line, LineNote } from './line'

const AGAINST: Record<Course, Course> = { 'up-down': 'down-up', up: 'down', down: 'up', 'down-up': 'up-down' }

const courseOf = (recipe: CommonRecipe, hand: Hand): Course =>
  recipe.motion === 'contrary' && hand === 'left' ? AGAINST[recipe.course] : recipe.course

/** Degrees between the hands, by degrees to the octave: seven-note scales, and the chromatic scale. */
const APART: Record<number, Record<'third' | 'sixth' | 'tenth', number>> = {
  7: { third: 2, sixth: 5, tenth: 9 },
  12: { third: 3, sixth: 9, tenth: 15 },
}

const inOctaves = ({ kind: { second }, rising }: Material): boolean =>
  second !== undefined && 'degrees' in second && second.degrees === rising.up.length

/** How many degrees a hand begins from the lowest tonic of the right hand's octave. */
function offsetOf(recipe: CommonRecipe, material: Material, hand: Hand): number {
  const n = material.rising.up.length
  if (recipe.hands !== 'together') return 0
  // octaves in both hands need an octave more between them, so that no key is wanted twice
  const wider = inOctaves(material) ? n : 0
  if (recipe.motion === 'contrary') {
    if (hand === 'right') return 0
    return -n * (recipe.octaves + (recipe.contraryFrom === 'octave' ? 1 : 0)) - wider
  }
  if (recipe.interval === 'octave') return hand === 'left' ? -n - wider : 0
  const apart = APART[n]![recipe.interval]
  if (recipe.tonicHand === 'right') return hand === 'right' ? 0 : -apart
  if (hand === 'left') return recipe.interval === 'tenth' ? -n : 0
  return recipe.interval === 'tenth' ? apart - n : apart
}

/** Scales of seven notes are shared between the hands by the school of tetrachords. */
const sharesHands = (recipe: CommonRecipe, material: Material, layoutRules: LayoutRules): boolean =>
  material.kind.texture === 'tetrachords' || (layoutRules.shares(recipe) && !isFree(recipe.material))

function checkShared(recipe: CommonRecipe, { kind, rising }: Material): void {
  const scale = kind.texture === 'run' && !kind.second && rising.up.length === 7
  if (scale && recipe.hands === 'together' && recipe.motion === 'similar') return
  throw studyError('school.material', {}, 'school')
}

/** @throws DomainError where motion, distance or school do not go with the material */
function checkShape(recipe: CommonRecipe, material: Material, layoutRules: LayoutRules): void {
  const { kind, rising } = material
  const run = kind.texture === 'run'
  if (layoutRules.shares(recipe) && kind.texture !== 'tetrachords') checkShared(recipe, material)
  if (recipe.hands !== 'together') return
  const together = run && !sharesHands(recipe, material, layoutRules)
  if (recipe.motion === 'contrary' && !together) {
    throw studyError('motion.material', { kind: kindNamed(kind) }, 'motion')
  }
  if (recipe.interval === 'octave') return
  if (recipe.motion === 'contrary') {
    throw studyError('interval.motion', {}, 'interval')
  }
  if (!together || kind.second || !APART[rising.up.length]) {
    throw studyError('interval.material', { interval: recipe.interval }, 'interval')
  }
}

/** What a section asks of its lines beyond its recipe. */
interface SectionAsks {
  /** Steps of the straight rising course on which a crossing lands, for the loops around them. */
  readonly crossings?: readonly number[]
  /** One note more, a degree under the last. */
  readonly leads?: boolean
}

/** A run on its path; in contrary motion the left hand's is the right hand's upside down. */
function runSteps(recipe: CommonRecipe, material: Material, hand: Hand, { crossings, leads }: SectionAsks): Step[] {
  const degrees = material.rising.up.length
  const top = degrees * recipe.octaves
  const path = pathOf(recipe.pattern, recipe.course, { degrees, top, crossings })
  if (leads && recipe.course === 'up-down') path.push({ place: path.at(-1)!.place - 1, leg: 'down' })
  const against = recipe.hands === 'together' && recipe.motion === 'contrary' && hand === 'left'
  const offset = offsetOf(recipe, material, hand)
  return (against ? mirrored(path, top) : path).map(({ place, leg, fresh, repeat }: PathStep) => ({
    place: runPlace(material.kind, material.rising[leg], place + offset),
    leg,
    octave: recipe.startOctave,
    fresh: fresh ?? false,
    ...(repeat === undefined ? {} : { repeat }),
  }))
}

/** The steps of everything that is no run: both legs, the note at a turn once. */
function otherSteps(recipe: CommonRecipe, material: Material, hand: Hand, shared: boolean): Step[] {
  const form = shared ? { ...material, kind: { ...material.kind, texture: 'tetrachords' as Texture } } : material
  const lower = hand === 'left' && recipe.hands === 'together' && !shared ? 1 : 0
  let before: Step['place'] | undefined
  return LEGS[courseOf(recipe, hand)].flatMap((leg, at) => {
    const places = placesOf(form, material.rising[leg], recipe.octaves)
    const run = leg === 'up' ? places : [...places].reverse()
    return (at === 0 ? run : run.slice(1)).map((place): Step => {
      const own = place.hand === undefined || place.hand === hand
      const fresh = own && before !== undefined && before.group !== place.group
      if (own) before = place
      const repeat = place.repeat === undefined ? {} : { repeat: place.repeat }
      return { place, leg, octave: recipe.startOctave - lower, fresh, ...repeat }
    })
  })
}

function lineOf(
  recipe: CommonRecipe,
  material: Material,
  layoutRules: LayoutRules,
  hand: Hand,
  asks: SectionAsks,
): Line {
  const shared = sharesHands(recipe, material, layoutRules)
  const runs = material.kind.texture === 'run' && !shared
  const course = runs ? runSteps(recipe, material, hand, asks) : otherSteps(recipe, material, hand, shared)
  const all = layoutRules.struck(recipe, material, course)
  const alone = recipe.hands !== 'together'
  const notes: LineNote[] = []
  let order = 0
  all.forEach(({ place, leg, octave, fresh, repeat }, at) => {
    if (place.hand !== undefined && place.hand !== hand) return
    const tonic: Pitch = { ...material.tonic, octave }
    const step = alone ? order : at
    place.sounds.forEach((interval, voice) => {
      const pitch = pitchAbove(tonic, interval)
      notes.push({
        ...{ pitch, midi: midiOf(pitch), degree: place.degree, leg, step, fresh: fresh && order > 0 },
        ...(repeat === undefined ? {} : { repeat }),
        ...(place.mallets && { mallet: place.mallets[voice]! }),
      })
    })
    order++
  })
  return recipe.pattern.figure === 'straight' ? { hand, notes } : { hand, notes, free: 'figure' }
}

const lowered = (pitch: Pitch): Pitch => ({ ...pitch, octave: pitch.octave - 1 })

/** Pitches as they were listed; played back, if the course goes down; the left hand an octave under the right. */
function freeLine(recipe: CommonRecipe, { pitches }: FreePitches, hand: Hand): Line {
  const chords = pitches.map((each) => (typeof each === 'string' ? [each] : each).map((name) => parsePitch(name)))
  const under = hand === 'left' && recipe.hands === 'together'
  const steps = LEGS[recipe.course].flatMap((leg, at) => {
    const run = leg === 'up' ? chords : [...chords].reverse()
    return (at === 0 ? run : run.slice(1)).map((chord) => ({ chord, leg }))
  })
  const notes = steps.flatMap(({ chord, leg }, step) =>
    chord
      .map((pitch) => (under ? lowered(pitch) : pitch))
      .sort((a, b) => midiOf(a) - midiOf(b))
      .map((pitch): LineNote => ({ pitch, midi: midiOf(pitch), degree: 0, leg, step, fresh: false })),
  )
  return { hand, notes }
}

/**
 * The lines of a recipe's one section, right hand first. Ranges are not checked here.
 * @throws DomainError `school.material`, `motion.material`, `interval.motion`, `interval.material`, `pattern.material`
 */
export function linesOf(
  recipe: CommonRecipe,
  material: Material,
  layoutRules: LayoutRules,
  asks: SectionAsks = {},
): Line[] {
  checkShape(recipe, material, layoutRules)
  checkPattern(recipe, material, layoutRules)
  const lines = layoutRules
    .linesFor(recipe)
    .map((hand) =>
      isFree(recipe.material)
        ? freeLine(recipe, recipe.material, hand)
        : lineOf(recipe, material, layoutRules, hand, asks),
    )
  return layoutRules.accompanied(recipe, material, lines)
}

/** Steps of a study: both hands count the same. */
export const stepsIn = (lines: readonly Line[]): number =>
  1 + Math.max(...lines.map((line) => line.notes.at(-1)?.step ?? -1))

/** Whether a hand strikes several notes at once. */
export const hasChords = (line: Pick<Line, 'notes'>): boolean =>
  line.notes.some((note, at) => at > 0 && note.step === line.notes[at - 1]!.step)
