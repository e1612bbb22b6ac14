import { inversionsOf, KINDS } from '../material'
import { familyOf, type RecipeInput } from '../instrument'
import { PLAIN_PATTERN } from '../study'
import type { Requirement } from './model'

/** What a pupil's studies have in common: instrument, school, hand size, stick and mallet settings. */
export type Settings = Partial<Omit<RecipeInput, 'material'>>

/** The study that meets a requirement, at the tempo asked, in a pupil's settings. */
export function recipeFor(asked: Requirement, settings: Settings = {}): RecipeInput {
  const { tonic, kind, inversion, octaves, course, articulations, tempo, figure, walk } = asked
  return {
    ...settings,
    material: inversionsOf(KINDS[kind]) > 1 ? { tonic, kind, inversion } : { tonic, kind },
    ...familyOf(settings).examined.setBy(asked),
    octaves,
    course,
    articulation: articulations[0] ?? 'legato',
    tempo: { bpm: tempo.bpm, notesPerBeat: tempo.notesPerBeat },
    pattern: { ...PLAIN_PATTERN, figure, walk },
  }
}
