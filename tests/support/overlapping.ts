import type { RecipeInput } from '#core/instrument'
import type { Syllabus } from '#core/syllabus'
import { entryOf, groupOf, listOf, studyOf } from './syllabi'

const KEYS = ['A', 'E', 'B', 'D', 'G', 'C', 'F', 'F#', 'C#', 'G#']
const FORMS = ['natural-minor', 'harmonic-minor', 'melodic-minor']
const HANDS = ['right', 'left', 'together'] as const

/** So many lines of minors, each with a form of its own to choose, over keys that overlap: hard to weigh. */
export const overlapping = (lines: number): Syllabus =>
  listOf(
    groupOf(
      ...Array.from({ length: lines }, (_, at) =>
        entryOf({
          id: `m${at}`,
          keys: [0, 1, 2].map((next) => KEYS[((3 * at) % 8) + next]),
          kinds: FORMS,
          chooser: 'candidate',
          scope: 'entry',
          hands: 'each',
          octaves: 1 + (at % 4),
          tempo: { beat: 'quarter', bpm: 60 + at, notesPerBeat: 4 },
        }),
      ),
    ),
  )

/** So many studies over those keys, forms and hands. */
export const studiesOver = (count: number): RecipeInput[] =>
  Array.from({ length: count }, (_, at) =>
    studyOf(KEYS[at % 10]!, FORMS[at % 3]!, {
      hands: HANDS[Math.floor(at / 10) % 3],
      octaves: 1 + (Math.floor(at / 30) % 3),
      tempo: { bpm: 60, notesPerBeat: 4 },
    } as Partial<RecipeInput>),
  )
