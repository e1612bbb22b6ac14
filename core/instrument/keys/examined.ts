import type { FingerRecipe } from '../../fingering'
import { NO_BOOKENDS } from '../../study'
import type { AskedOfPlayer, Miss } from '../asked'
import type { Examined } from '../family'
import { instrumentMessage } from '../messages'

function togetherShort(recipe: FingerRecipe, asked: AskedOfPlayer, miss: Miss): void {
  if (recipe.motion !== asked.motion) {
    miss('motion', () => instrumentMessage('short.motion', { asked: asked.motion, own: recipe.motion }), 50)
    return
  }
  if (asked.motion === 'contrary') {
    const { contraryFrom } = asked
    if (contraryFrom !== null && contraryFrom !== recipe.contraryFrom) {
      const told = { asked: contraryFrom, own: recipe.contraryFrom }
      miss('contraryFrom', () => instrumentMessage('short.contrary-from', told), 30)
    }
    return
  }
  if (recipe.interval !== asked.interval) {
    miss('interval', () => instrumentMessage('short.interval', { asked: asked.interval, own: recipe.interval }), 50)
  } else if (asked.interval !== 'octave' && asked.tonicHand && recipe.tonicHand !== asked.tonicHand) {
    const told = { asked: asked.tonicHand, own: recipe.tonicHand }
    miss('tonicHand', () => instrumentMessage('short.tonic-hand', told), 30)
  }
}

function shortOf(recipe: FingerRecipe, asked: AskedOfPlayer, togetherForSeparate: boolean, miss: Miss): void {
  if (recipe.hands === asked.hands) {
    if (asked.hands === 'together') togetherShort(recipe, asked, miss)
    return
  }
  const stands = togetherForSeparate && recipe.hands === 'together' && recipe.motion === 'similar'
  if (!stands) miss('hands', () => instrumentMessage('short.hands', { asked: asked.hands, own: recipe.hands }), 50)
}

export const KEYS_EXAMINED: Examined<FingerRecipe> = {
  lists: ['piano'],
  saysHands: true,
  shortOf,
  setBy: ({ hands, motion, contraryFrom, interval, tonicHand, resolution }) => ({
    hands,
    motion,
    ...(motion === 'contrary' && contraryFrom ? { contraryFrom } : {}),
    interval,
    ...(tonicHand && interval !== 'octave' ? { tonicHand } : {}),
    ...(resolution === 'none' ? {} : { bookends: { ...NO_BOOKENDS, after: resolution } }),
  }),
  keeps: ({ school, handSize }) => ({ school, handSize }),
  alters: [],
  altered: () => ({}),
  standsFor: ({ hands }) => (hands === 'together' ? ['together', 'right', 'left'] : [null]),
}
