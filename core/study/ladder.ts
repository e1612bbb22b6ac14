import type { LayoutRules } from './layoutRules'
import { studyMessage } from './messages'
import { NOTES_PER_BEAT, type Tempo } from './pace'
import type { CommonRecipe } from './recipe'
import type { Section } from './section'

/** A recipe at another pace: what goes two by two is left where notes go in threes. */
export const withNotes = (recipe: CommonRecipe, notesPerBeat: Tempo['notesPerBeat']): CommonRecipe => ({
  ...recipe,
  tempo: { ...recipe.tempo, notesPerBeat },
  rhythm: { ...recipe.rhythm, lengths: [3, 6, 8].includes(notesPerBeat) ? 'even' : recipe.rhythm.lengths },
})

/** The same notes with more strokes each time, a bar's rest between. */
function strokeLadder({ recipe, label, link, ...section }: Section, layoutRules: LayoutRules): Section[] {
  const rungs = layoutRules.strokeRungs(recipe)
  return rungs.map((rung, at) => ({
    ...section,
    recipe: rung.recipe,
    label: [...label, rung.label],
    ...(at === rungs.length - 1 && link ? { link } : {}),
    rests: 1,
  }))
}

/** A section as often as the ladder has rungs: the same notes faster, or an octave more each time as well. */
export function climbed(section: Section, layoutRules: LayoutRules): Section[] {
  const { recipe, label, link, ...rest } = section
  if (recipe.rhythm.ladder === 'strokes') return strokeLadder(section, layoutRules)
  const rungs = recipe.rhythm.ladder === 'notes' ? NOTES_PER_BEAT : NOTES_PER_BEAT.slice(0, recipe.octaves)
  if (recipe.rhythm.ladder === 'none') return [section]
  return rungs.map((perBeat, at) => {
    const faster = withNotes(recipe, perBeat)
    const wider = recipe.rhythm.ladder === 'octaves' ? { ...faster, octaves: at + 1 } : faster
    const last = at === rungs.length - 1
    return {
      ...rest,
      recipe: wider,
      label: [...label, studyMessage('section.notes', { perBeat })],
      ...(last && link ? { link } : {}),
    }
  })
}
