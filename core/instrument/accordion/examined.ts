import type { AccordionRecipe } from '../../buttons'
import { NO_BOOKENDS } from '../../study'
import type { AskedOfPlayer, Miss } from '../asked'
import type { Examined } from '../family'
import { tellInstrument } from '../messages'

function shortOf(recipe: AccordionRecipe, asked: AskedOfPlayer, togetherForSeparate: boolean, miss: Miss): void {
  if (recipe.hands === asked.hands) return
  const stands = togetherForSeparate && recipe.hands === 'together'
  if (!stands) miss('hands', tellInstrument('short.hands', { asked: asked.hands, own: recipe.hands }), 50)
}

export const ACCORDION_EXAMINED: Examined<AccordionRecipe> = {
  lists: ['accordion'],
  saysHands: true,
  shortOf,
  setBy: ({ hands, resolution }) => ({
    hands,
    ...(resolution === 'none' ? {} : { bookends: { ...NO_BOOKENDS, after: resolution } }),
  }),
  keeps: ({ school, handSize, accordion: { treble, keys, bass, rows, registers, left } }) => ({
    school,
    handSize,
    accordion: { treble, keys, bass, rows, registers, left: { school: left.school } },
  }),
  standsFor: ({ hands }) => (hands === 'together' ? ['together', 'right', 'left'] : [null]),
}
