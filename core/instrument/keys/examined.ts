import type { FingerRecipe } from '../../fingering'
import { NO_BOOKENDS } from '../../study'
import type { AskedOfPlayer, Miss } from '../asked'
import type { Examined } from '../family'

const HANDS = { together: 'hands together', right: 'the right hand', left: 'the left hand' } as const

function togetherShort(recipe: FingerRecipe, asked: AskedOfPlayer, miss: Miss): void {
  if (recipe.motion !== asked.motion) {
    miss('motion', `${asked.motion} motion asked, this is ${recipe.motion}`, 50)
    return
  }
  if (asked.motion === 'contrary') {
    const { contraryFrom } = asked
    const from = { unison: 'on one key', octave: 'an octave apart' } as const
    if (contraryFrom !== null && contraryFrom !== recipe.contraryFrom) {
      miss('contraryFrom', `from ${from[contraryFrom]} asked, this begins ${from[recipe.contraryFrom]}`, 30)
    }
    return
  }
  if (recipe.interval !== asked.interval) {
    miss(
      'interval',
      `hands a${asked.interval === 'octave' ? 'n' : ''} ${asked.interval} apart asked, these lie a${recipe.interval === 'octave' ? 'n' : ''} ${recipe.interval} apart`,
      50,
    )
  } else if (asked.interval !== 'octave' && asked.tonicHand && recipe.tonicHand !== asked.tonicHand) {
    miss('tonicHand', `${asked.tonicHand} hand on the tonic asked, this has the ${recipe.tonicHand}`, 30)
  }
}

function shortOf(recipe: FingerRecipe, asked: AskedOfPlayer, togetherForSeparate: boolean, miss: Miss): void {
  if (recipe.hands === asked.hands) {
    if (asked.hands === 'together') togetherShort(recipe, asked, miss)
    return
  }
  const stands = togetherForSeparate && recipe.hands === 'together' && recipe.motion === 'similar'
  if (!stands) miss('hands', `${HANDS[asked.hands]} asked, this is ${HANDS[recipe.hands]}`, 50)
}

/** The accordion's lists ask its right hand, which plays keys. */
export const KEYS_EXAMINED: Examined<FingerRecipe> = {
  lists: ['piano', 'accordion'],
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
  standsFor: ({ hands }) => (hands === 'together' ? ['together', 'right', 'left'] : [null]),
}
