import type { Material } from '../material'
import { intervalTo, modulo, type Pitch, pitchAbove } from '../pitch'
import { offsetOf } from './apart'
import type { Hand } from './hand'
import { type KeyNote, type LinkId, linkNotes, mirrored, pathOf, type PathStep } from './line'
import { studyError } from './messages'
import { runPlaces, type Step } from './places'
import type { CommonRecipe } from './recipe'

/** What a section asks of its lines beyond its recipe. */
export interface SectionAsks {
  /** Steps of the straight rising course on which a crossing lands, for the loops around them. */
  readonly crossings?: readonly number[]
  /** What it leads to, and by which notes. */
  readonly next?: { readonly recipe: CommonRecipe; readonly material: Material; readonly link: LinkId }
}

const CLOSE = 0.001

/** Steps that a moment of a motif lasts. @throws DomainError `motif.pace` where the pace has no such length */
export function stepsOfBeats(beats: number | undefined, { tempo }: CommonRecipe): number {
  if (beats === undefined) return 1
  const steps = Math.round(beats * tempo.notesPerBeat)
  if (steps > 0 && Math.abs(steps / tempo.notesPerBeat - beats) < CLOSE) return steps
  throw studyError('motif.pace', { beats, perBeat: tempo.notesPerBeat }, 'pattern.motif')
}

/** How many steps a held moment rings on after its own. */
const ringing = (path: readonly PathStep[], at: number, held: number, recipe: CommonRecipe): number =>
  path.slice(at + 1, at + 1 + held).reduce((sum, { beats }) => sum + stepsOfBeats(beats, recipe), 0)

/** A run on its path; in contrary motion the left hand's is the right hand's upside down. */
export function runSteps(recipe: CommonRecipe, material: Material, hand: Hand, crossings?: readonly number[]): Step[] {
  const degrees = material.rising.up.length
  const top = degrees * recipe.octaves
  const path = pathOf(recipe.pattern, recipe.course, { degrees, top, crossings })
  const against = recipe.hands === 'together' && recipe.motion === 'contrary' && hand === 'left'
  const offset = offsetOf(recipe, material, hand)
  return (against ? mirrored(path, top) : path).map(({ places, leg, fresh, repeat, beats, held }, at): Step => ({
    place: runPlaces(
      material.kind,
      material.rising[leg],
      places.map((place) => place + offset),
    ),
    leg,
    octave: recipe.startOctave,
    fresh: fresh ?? false,
    ...(repeat === undefined ? {} : { repeat }),
    ...(beats === undefined ? {} : { beats }),
    ...(held === undefined ? {} : { rings: ringing(path, at, held, recipe) }),
  }))
}

/** The lowest note of a step, with its pitch. */
const noteAt = ({ place, octave }: Step, { tonic }: Material): KeyNote => ({
  pitch: pitchAbove({ ...tonic, octave }, place.sounds[0]!),
  degree: place.degree,
})

const sounding = ({ place }: Step): boolean => place.sounds.length > 0

/** The steps that lead from the end of a course to the first note of the next. */
export function linkSteps(
  recipe: CommonRecipe,
  material: Material,
  hand: Hand,
  course: readonly Step[],
  { next }: SectionAsks,
  meter: number,
): Step[] {
  if (!next || next.link === 'none') return []
  const onward = runSteps(next.recipe, next.material, hand).find(sounding)
  const last = course.findLast(sounding)
  if (!onward || !last) return []
  const steps = course.reduce((sum, { beats }) => sum + stepsOfBeats(beats, recipe), 0)
  const { notesPerBeat } = recipe.tempo
  const notes = linkNotes(next.link, {
    last: noteAt(last, material),
    first: noteAt(onward, next.material),
    from: material,
    to: next.material,
    toBar: modulo(-steps, meter * notesPerBeat),
    toBeat: modulo(-steps, notesPerBeat),
  })
  const tonic: Pitch = { ...material.tonic, octave: recipe.startOctave }
  return notes.map(({ pitch, degree }): Step => ({
    place: { sounds: [intervalTo(tonic, pitch)], degree, group: 0 },
    leg: 'down',
    octave: recipe.startOctave,
    fresh: false,
    link: true,
    ...(last.repeat === undefined ? {} : { repeat: last.repeat }),
  }))
}
