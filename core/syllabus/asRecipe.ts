import { inversionsOf, KINDS } from '../material'
import { type MalletRecipe, NO_BOOKENDS, PLAIN_PATTERN, type RecipeInput, type Roll } from '../study'
import type { Requirement } from './model'

/** What a pupil's studies have in common: instrument, school, hand size, stick and mallet settings. */
export type Settings = Partial<Omit<RecipeInput, 'material'>>

/** Strokes to the beat that roll so many notes to the beat: two or more on each. */
const strokesFor = (notesPerBeat: number): Roll['strokes'] =>
  ([4, 6, 8] as const).find((strokes) => strokes % notesPerBeat === 0 && strokes >= 2 * notesPerBeat) ?? 8

const isSticks = (settings: Settings): boolean => (settings.instrument ?? 'piano') !== 'piano'

function sticksFor(asked: Requirement): Partial<MalletRecipe> {
  const roll: Roll = { manner: 'separate', strokes: strokesFor(asked.tempo.notesPerBeat), ending: 'tied' }
  return {
    ...(asked.lead ? { lead: asked.lead } : {}),
    ...(asked.top ? { tops: asked.top } : {}),
    ...(asked.rolled ? { roll } : {}),
    ...(asked.mallets === 4 ? { mallets: { count: 4 } as MalletRecipe['mallets'] } : {}),
  }
}

const fingersFor = ({ hands, motion, contraryFrom, interval, tonicHand, resolution }: Requirement): Settings => ({
  hands,
  motion,
  ...(motion === 'contrary' && contraryFrom ? { contraryFrom } : {}),
  interval,
  ...(tonicHand && interval !== 'octave' ? { tonicHand } : {}),
  ...(resolution === 'none' ? {} : { bookends: { ...NO_BOOKENDS, after: resolution } }),
})

/** The study that meets a requirement, at the tempo asked, in a pupil's settings. */
export function recipeFor(asked: Requirement, settings: Settings = {}): RecipeInput {
  const { tonic, kind, inversion, octaves, course, articulations, tempo, figure, walk } = asked
  return {
    ...settings,
    material: inversionsOf(KINDS[kind]) > 1 ? { tonic, kind, inversion } : { tonic, kind },
    ...(isSticks(settings) ? sticksFor(asked) : fingersFor(asked)),
    octaves,
    course,
    articulation: articulations[0] ?? 'legato',
    tempo: { bpm: tempo.bpm, notesPerBeat: tempo.notesPerBeat },
    pattern: { ...PLAIN_PATTERN, figure, walk },
  }
}
