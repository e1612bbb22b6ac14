import { kindNamed, type Material, type Texture } from '../material'
import { midiOf, parsePitch, type Pitch, pitchAbove } from '../pitch'
import { APART, contraryDistance } from './apart'
import { checkPattern } from './checkPattern'
import type { Hand } from './hand'
import type { LayoutRules } from './layoutRules'
import { type Course, LEGS, type Line, type LineNote } from './line'
import { studyError } from './messages'
import { placesOf, type Step } from './places'
import { type CommonRecipe, type FreePitches, isFree } from './recipe'
import { linkSteps, runSteps, type SectionAsks, stepsOfBeats } from './runSteps'
import { PLAIN_PATTERN } from './shape'

const AGAINST: Record<Course, Course> = { 'up-down': 'down-up', up: 'down', down: 'up', 'down-up': 'up-down' }

const courseOf = (recipe: CommonRecipe, hand: Hand): Course =>
  recipe.motion === 'contrary' && hand === 'left' ? AGAINST[recipe.course] : recipe.course

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
  const lies = together && !kind.second && APART[rising.up.length] !== undefined
  const distance = contraryDistance(recipe)
  if (distance && !lies) throw studyError('interval.material', { interval: distance }, 'contraryFrom')
  if (recipe.interval === 'octave') return
  if (recipe.motion === 'contrary') {
    throw studyError('interval.motion', {}, 'interval')
  }
  if (!lies) {
    throw studyError('interval.material', { interval: recipe.interval }, 'interval')
  }
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
  const own = runs ? runSteps(recipe, material, hand, asks.crossings) : otherSteps(recipe, material, hand, shared)
  const meter = layoutRules.beatsPerBar(recipe)
  const course = runs ? [...own, ...linkSteps(recipe, material, hand, own, asks, meter)] : own
  const all = layoutRules.struck(recipe, material, course)
  const alone = recipe.hands !== 'together'
  const notes: LineNote[] = []
  let [order, step] = [0, 0]
  for (const { place, leg, octave, fresh, repeat, beats, rings, link } of all) {
    const lasts = stepsOfBeats(beats, recipe)
    const skipped = place.hand !== undefined && place.hand !== hand
    // a hand alone counts its own notes only
    if (skipped && alone) continue
    step += lasts
    if (skipped) continue
    const tonic: Pitch = { ...material.tonic, octave }
    place.sounds.forEach((interval, voice) => {
      const pitch = pitchAbove(tonic, interval)
      notes.push({
        ...{ pitch, midi: midiOf(pitch), degree: place.degree, leg, step: step - lasts, fresh: fresh && order > 0 },
        ...(repeat === undefined ? {} : { repeat }),
        ...(lasts === 1 ? {} : { holds: lasts }),
        ...(rings === undefined ? {} : { rings }),
        ...(link && { link }),
        ...(place.mallets && { mallet: place.mallets[voice]! }),
      })
    })
    order++
  }
  const { figure, motif } = recipe.pattern
  return figure === PLAIN_PATTERN.figure && !motif ? { hand, notes } : { hand, notes, free: 'figure' }
}

const lowered = (pitch: Pitch): Pitch => ({ ...pitch, octave: pitch.octave - 1 })

/** Pitches as they were listed; played back, if the course goes down; the left hand its own, or an octave under the right. */
function freeLine(recipe: CommonRecipe, { pitches, left, labels }: FreePitches, hand: Hand): Line {
  const both = recipe.hands === 'together'
  const apart = both && hand === 'left'
  const own = apart && left ? left : pitches
  const chords = own.map((each, at) => ({
    pitches: (typeof each === 'string' ? [each] : each).map((name) => parsePitch(name)),
    // beneath the lower staff
    label: both === (hand === 'left') ? labels?.[at] : undefined,
  }))
  const steps = LEGS[recipe.course].flatMap((leg, at) => {
    const run = leg === 'up' ? chords : [...chords].reverse()
    return (at === 0 ? run : run.slice(1)).map((chord) => ({ chord, leg }))
  })
  const notes = steps.flatMap(({ chord, leg }, step) =>
    chord.pitches
      .map((pitch) => (apart && !left ? lowered(pitch) : pitch))
      .sort((a, b) => midiOf(a) - midiOf(b))
      .map((pitch, voice): LineNote => ({
        ...{ pitch, midi: midiOf(pitch), degree: 0, leg, step, fresh: false },
        ...(voice === 0 && chord.label ? { label: chord.label } : {}),
      })),
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
  // what leads on looks at the next key, which may not take what this one takes
  if (asks.next) checkShape(asks.next.recipe, asks.next.material, layoutRules)
  const lines = layoutRules
    .linesFor(recipe)
    .map((hand) =>
      isFree(recipe.material)
        ? freeLine(recipe, recipe.material, hand)
        : lineOf(recipe, material, layoutRules, hand, asks),
    )
  return layoutRules.accompanied(recipe, material, lines)
}

const endOf = ({ notes }: Line): number => {
  const last = notes.at(-1)
  return last ? last.step + (last.holds ?? 1) : 0
}

/** Steps of a study, to the end of what is held: both hands count the same. */
export const stepsIn = (lines: readonly Line[]): number => Math.max(...lines.map(endOf))

/** Whether a hand strikes several notes at once. */
export const hasChords = (line: Pick<Line, 'notes'>): boolean =>
  line.notes.some((note, at) => at > 0 && note.step === line.notes[at - 1]!.step)
