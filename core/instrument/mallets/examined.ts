import { instrumentMessage } from '../messages'
import type { MalletRecipe, Roll } from '../../sticking'
import type { Miss, PlayerRequirement, ShortField } from '../requirement'
import type { Examined } from '../family'
import { MALLET_INSTRUMENTS, malletInstrument } from '../../surface'
import { hasLead } from './words'

/** What of rudiment, alternation, figure and instrument a study falls short of; of silence nothing but a rudiment. */
function sticksShort(recipe: MalletRecipe, { sticks, mallets }: PlayerRequirement, miss: Miss): void {
  const asked = sticks?.rudiment ?? 'none'
  if (recipe.rudiment !== asked) {
    miss('pattern', () => instrumentMessage('short.rudiment', { asked, own: recipe.rudiment }), 50)
  }
  const { figure, make, alternating } = sticks ?? {}
  if (figure && mallets === recipe.mallets.count && recipe.mallets.figure !== figure) {
    miss('pattern', () => instrumentMessage('short.figure', { asked: figure, own: recipe.mallets.figure }), 40)
  }
  if (alternating && recipe.school !== 'strict') miss('sticking', () => instrumentMessage('short.alternating'), 10)
  const { family: own } = malletInstrument(recipe.instrument)
  if (make && own !== make) miss('instrument', () => instrumentMessage('short.make', { asked: make, own }), 60)
}

/** The instrument that a list asks for: the pupil's own size of it, where that is what the pupil plays. */
function instrumentFor(make: string, own: string | undefined): Partial<Pick<MalletRecipe, 'instrument'>> {
  const sizes = MALLET_INSTRUMENTS.filter(({ family }) => family === make)
  return sizes.some(({ id }) => id === own) || sizes.length === 0 ? {} : { instrument: sizes[0]!.id }
}

function shortOf(recipe: MalletRecipe, required: PlayerRequirement, _together: boolean, miss: Miss): void {
  if (recipe.mallets.count !== required.mallets) {
    miss(
      'mallets',
      () => instrumentMessage('short.mallets', { asked: required.mallets, own: recipe.mallets.count }),
      60,
    )
  }
  const { lead, top } = required
  if (lead && hasLead(recipe) && recipe.lead !== lead) {
    miss('lead', () => instrumentMessage('short.lead', { asked: lead, own: recipe.lead }), 15)
  }
  const rolled = recipe.roll.manner !== 'none'
  if (rolled !== required.rolled) {
    miss('roll', () => instrumentMessage('short.rolled', { asked: required.rolled ? 'rolled' : 'single' }), 30)
  }
  sticksShort(recipe, required, miss)
  if (top && recipe.tops !== top) {
    miss('top', () => instrumentMessage('short.top', { asked: top, own: recipe.tops }), 10)
  }
}

/** Strokes to the beat that roll so many notes to the beat: two or more on each. */
const strokesFor = (notesPerBeat: number): Roll['strokes'] =>
  ([4, 6, 8] as const).find((strokes) => strokes % notesPerBeat === 0 && strokes >= 2 * notesPerBeat) ?? 8

export const MALLETS_EXAMINED: Examined<MalletRecipe> = {
  lists: ['mallets'],
  asked: ['lead', 'sticks', 'rolled'],
  saysHands: false,
  shortOf,
  setBy: (required, { instrument } = {}) => ({
    ...(required.lead ? { lead: required.lead } : {}),
    ...(required.top ? { tops: required.top } : {}),
    ...(required.rolled
      ? { roll: { manner: 'separate', strokes: strokesFor(required.tempo.notesPerBeat), ending: 'tied' } }
      : {}),
    ...(required.mallets === 4
      ? { mallets: { count: 4, ...(required.sticks?.figure ? { figure: required.sticks.figure } : {}) } }
      : {}),
    ...(required.sticks?.rudiment ? { rudiment: required.sticks.rudiment } : {}),
    ...(required.sticks?.alternating ? { school: 'strict' } : {}),
    ...(required.sticks?.make ? instrumentFor(required.sticks.make, instrument) : {}),
  }),
  alters: ['sticking'] satisfies readonly ShortField[],
  altered: () => ({ school: 'strict' }),
  standsFor: () => [null],
}
