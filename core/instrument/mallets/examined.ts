import { instrumentMessage } from '../messages'
import type { MalletRecipe, Roll } from '../../sticking'
import type { PlayerRequirement, Miss } from '../requirement'
import type { Examined } from '../family'
import { hasLead } from './words'

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
  if (recipe.rudiment !== 'none') miss('pattern', () => instrumentMessage('short.rudiment'), 50)
  if (top && recipe.tops !== top) {
    miss('top', () => instrumentMessage('short.top', { asked: top, own: recipe.tops }), 10)
  }
}

/** Strokes to the beat that roll so many notes to the beat: two or more on each. */
const strokesFor = (notesPerBeat: number): Roll['strokes'] =>
  ([4, 6, 8] as const).find((strokes) => strokes % notesPerBeat === 0 && strokes >= 2 * notesPerBeat) ?? 8

export const MALLETS_EXAMINED: Examined<MalletRecipe> = {
  lists: ['mallets'],
  saysHands: false,
  shortOf,
  setBy: (required) => ({
    ...(required.lead ? { lead: required.lead } : {}),
    ...(required.top ? { tops: required.top } : {}),
    ...(required.rolled
      ? { roll: { manner: 'separate', strokes: strokesFor(required.tempo.notesPerBeat), ending: 'tied' } }
      : {}),
    ...(required.mallets === 4 ? { mallets: { count: 4 } } : {}),
  }),
  alters: [],
  altered: () => ({}),
  standsFor: () => [null],
}
