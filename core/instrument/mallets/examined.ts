import type { MalletRecipe, Roll } from '../../sticking'
import type { AskedOfPlayer, Miss } from '../asked'
import type { Examined } from '../family'
import { hasLead } from './words'

function shortOf(recipe: MalletRecipe, asked: AskedOfPlayer, _together: boolean, miss: Miss): void {
  if (recipe.mallets.count !== asked.mallets) {
    miss('mallets', `${asked.mallets === 4 ? 'four' : 'two'} mallets asked, this is for ${recipe.mallets.count}`, 60)
  }
  if (asked.lead && hasLead(recipe) && recipe.lead !== asked.lead) {
    miss('lead', `${asked.lead} lead asked, this has the ${recipe.lead}`, 15)
  }
  const rolled = recipe.roll.manner !== 'none'
  if (rolled !== asked.rolled)
    miss('roll', asked.rolled ? 'rolled notes asked' : 'single strokes asked, this is rolled', 30)
  if (recipe.rudiment !== 'none') miss('pattern', 'the plain course asked, this is a rudiment', 50)
  if (asked.top && recipe.tops !== asked.top) {
    miss('top', `top note ${asked.top} asked, this strikes it ${recipe.tops}`, 10)
  }
}

/** Strokes to the beat that roll so many notes to the beat: two or more on each. */
const strokesFor = (notesPerBeat: number): Roll['strokes'] =>
  ([4, 6, 8] as const).find((strokes) => strokes % notesPerBeat === 0 && strokes >= 2 * notesPerBeat) ?? 8

export const MALLETS_EXAMINED: Examined<MalletRecipe> = {
  lists: ['mallets'],
  saysHands: false,
  shortOf,
  setBy: (asked) => ({
    ...(asked.lead ? { lead: asked.lead } : {}),
    ...(asked.top ? { tops: asked.top } : {}),
    ...(asked.rolled
      ? { roll: { manner: 'separate', strokes: strokesFor(asked.tempo.notesPerBeat), ending: 'tied' } }
      : {}),
    ...(asked.mallets === 4 ? { mallets: { count: 4 } } : {}),
  }),
  keeps: ({ instrument, school, bars }) => ({ instrument, school, bars }),
  standsFor: () => [null],
}
