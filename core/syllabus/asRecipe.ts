import { inversionsOf, KINDS } from '../material'
import { familyOf, overWhole, type PlayerSettings, type RecipeInput } from '../instrument'
import type { Requirement } from './model'

/** What a pupil's studies have in common. */
export type Settings = PlayerSettings

/** What is asked over a pupil's own settings: parts of a recipe field by field. */
const over = (settings: Settings, required: Readonly<Record<string, unknown>>, parts: readonly string[]) =>
  Object.fromEntries(
    Object.entries(required).map(([field, value]) => [
      field,
      parts.includes(field) ? overWhole(settings[field as keyof Settings] as object, value as object) : value,
    ]),
  )

/** The study that meets a requirement, at the tempo asked, in a pupil's settings. */
export function recipeFor(required: Requirement, settings: Settings = {}): RecipeInput {
  const { tonic, kind, inversion, octaves, course, articulations, touch, tempo, pattern } = required
  const family = familyOf(settings)
  return {
    ...settings,
    material: inversionsOf(KINDS[kind]) > 1 ? { tonic, kind, inversion } : { tonic, kind },
    ...over(settings, family.examined.setBy(required, settings), family.parts),
    octaves,
    course,
    articulation: touch?.right ?? articulations[0] ?? 'legato',
    touch,
    tempo: { bpm: tempo.bpm, notesPerBeat: tempo.notesPerBeat },
    pattern,
  }
}
