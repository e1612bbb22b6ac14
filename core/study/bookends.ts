import { KINDS, leadsToKey, type NamedMaterial } from '../material'
import { midiOf, noteName, parseNote, type Pitch, pitchAbove, pitchName } from '../pitch'
import { cadenceOf, USUAL_CADENCE } from './cadence'
import { withNotes } from './ladder'
import type { LayoutRules } from './layoutRules'
import { studyMessage } from './messages'
import type { Tempo } from './pace'
import type { CommonRecipe } from './recipe'
import type { Section } from './section'
import { NO_BOOKENDS } from './shape'

const materialOfRecipe = (recipe: CommonRecipe): NamedMaterial => recipe.material as NamedMaterial

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

/** What stands before a study. */
export function before(recipe: CommonRecipe, layoutRules: LayoutRules): Section[] {
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

/** A cadence in its usual form is a kind of its own; by other degrees, parted between the hands or labelled it is listed. */
function cadence(recipe: CommonRecipe): CommonRecipe['material'] {
  const { root, mode } = restOf(recipe)
  const { chords, voicing, labels } = recipe.bookends
  if (!chords && voicing === NO_BOOKENDS.voicing && labels === NO_BOOKENDS.labels) {
    return { tonic: noteName(root), kind: CADENCES[mode] }
  }
  return cadenceOf(chords ?? USUAL_CADENCE, root, mode, { voicing, labels })
}

/** What stands after it. */
export function after(recipe: CommonRecipe, layoutRules: LayoutRules): Section[] {
  if (recipe.bookends.after === 'none') return []
  return recipe.bookends.after === 'cadence'
    ? [{ recipe: bookend(recipe, cadence(recipe), 1, layoutRules), label: [studyMessage('section.cadence')] }]
    : [{ recipe: bookend(recipe, tonicChord(recipe), 1, layoutRules), label: [studyMessage('section.tonic-chord')] }]
}
