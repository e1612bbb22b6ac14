import type { FingerRecipe } from '../../fingering'
import { NO_BOOKENDS } from '../../study'
import type { PlayerRequirement, Miss } from '../requirement'
import type { Examined } from '../family'
import { instrumentMessage } from '../messages'

function togetherShort(recipe: FingerRecipe, required: PlayerRequirement, miss: Miss): void {
  if (recipe.motion !== required.motion) {
    miss('motion', () => instrumentMessage('short.motion', { asked: required.motion, own: recipe.motion }), 50)
    return
  }
  if (required.motion === 'contrary') {
    const { contraryFrom } = required
    if (contraryFrom !== null && contraryFrom !== recipe.contraryFrom) {
      const params = { asked: contraryFrom, own: recipe.contraryFrom }
      miss('contraryFrom', () => instrumentMessage('short.contrary-from', params), 30)
    }
    return
  }
  if (recipe.interval !== required.interval) {
    miss('interval', () => instrumentMessage('short.interval', { asked: required.interval, own: recipe.interval }), 50)
  } else if (required.interval !== 'octave' && required.tonicHand && recipe.tonicHand !== required.tonicHand) {
    const params = { asked: required.tonicHand, own: recipe.tonicHand }
    miss('tonicHand', () => instrumentMessage('short.tonic-hand', params), 30)
  }
}

function shortOf(recipe: FingerRecipe, required: PlayerRequirement, togetherForSeparate: boolean, miss: Miss): void {
  if (recipe.hands === required.hands) {
    if (required.hands === 'together') togetherShort(recipe, required, miss)
    return
  }
  const stands = togetherForSeparate && recipe.hands === 'together' && recipe.motion === 'similar'
  if (!stands) miss('hands', () => instrumentMessage('short.hands', { asked: required.hands, own: recipe.hands }), 50)
}

export const KEYS_EXAMINED: Examined<FingerRecipe> = {
  lists: ['piano'],
  asked: ['touch'],
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
  alters: [],
  altered: () => ({}),
  standsFor: ({ hands }) => (hands === 'together' ? ['together', 'right', 'left'] : [null]),
}
