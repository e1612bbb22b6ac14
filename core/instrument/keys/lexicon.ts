import type { FingerRecipe, Pin } from '../../fingering'
import { type Finger, type Hand, isDegreePin, isGripPin } from '../../study'
import { type Phrase, type Saying, type Meaning, saying } from '../lexicon'

const SCHOOL: readonly Saying[] = [
  saying(['piano|klavier'], { instrument: 'piano' }),
  saying(['conservatory school?'], { school: 'conservatory' }),
  saying(['black key pivot school?', 'pivot school?'], { school: 'black-key-pivot' }),
  saying(['one fingering for all school?', 'c fingering', 'one fingering'], { school: 'one-fingering-for-all' }),
  saying(['black groups school?'], { school: 'black-groups' }),
  saying(['two hand tetrachords school?'], { school: 'two-hand-tetrachords' }),
  saying(['free and? smooth school?'], { school: 'free-and-smooth' }),
  saying(['first finger as? usual'], { firstFinger: 'usual' }),
  saying(['first finger pattern'], { firstFinger: 'pattern' }),
  saying(['first finger two|2', 'begin|begins on 2|two'], { firstFinger: 'two' }),
  saying(['left arpeggio|arpeggios by distance'], { leftArpeggio: 'by-distance' }),
  saying(['left arpeggio|arpeggios always four|4'], { leftArpeggio: 'always-four' }),
  saying(['chromatic one three', 'chromatic 1 3'], { chromatic: 'one-three' }),
  saying(['chromatic in? fours'], { chromatic: 'fours' }),
  saying(['chromatic in? fives'], { chromatic: 'fives' }),
  saying(['every? repeat|repeats alike'], { repeats: 'alike' }),
  saying(['repeats by step', 'repeats? go|goes on by step'], { repeats: 'by-step' }),
  saying(['repeats? as the line lies', 'as it lies'], { repeats: 'as-it-lies' }),
  saying(['small hand|hands'], { handSize: 'small' }),
  saying(['average hand|hands'], { handSize: 'average' }),
  saying(['large|big hand|hands'], { handSize: 'large' }),
]

const isFinger = (n: number | undefined): n is Finger => n !== undefined && n >= 1 && n <= 5
const pinned = (pin: Pin): Meaning => ({ change: { pins: [pin] } })

/** Notes of the line count from 1, as people do; a recipe counts from 0. */
function pinPhrases(hand: Hand): Saying[] {
  const at = `${hand}|${hand[0]}h hand?`
  const legs = (['up', 'down'] as const).map((leg): Saying => ({
    phrases: [`pin ${at} degree <n> finger <n> going? ${leg}`],
    say: ({ numbers: [degree, finger] }) =>
      degree! >= 1 && isFinger(finger) ? pinned({ hand, degree: degree!, finger, leg }) : null,
  }))
  return [
    {
      phrases: [`pin ${at} note <n> finger <n>`],
      say: ({ numbers: [note, finger] }) =>
        note! >= 1 && isFinger(finger) ? pinned({ hand, index: note! - 1, finger }) : null,
    },
    {
      phrases: [`pin ${at} degree <n> finger <n>`],
      say: ({ numbers: [degree, finger] }) =>
        degree! >= 1 && isFinger(finger) ? pinned({ hand, degree: degree!, finger }) : null,
    },
    {
      phrases: [`pin ${at} notes|note <n> fingers <n...>`],
      say: ({ numbers: [note, ...fingers] }) =>
        note! >= 1 && fingers.every(isFinger) ? pinned({ hand, from: note! - 1, fingers }) : null,
    },
    ...legs,
  ]
}

/** Schools, settings and pins of fingers. */
export const KEY_LEXICON: readonly Saying[] = [...SCHOOL, ...pinPhrases('right'), ...pinPhrases('left')]

const SCHOOLS: Record<FingerRecipe['school'], string> = {
  conservatory: 'conservatory school',
  'black-key-pivot': 'black-key pivot',
  'one-fingering-for-all': 'one fingering for all',
  'black-groups': 'black groups',
  'two-hand-tetrachords': 'two-hand tetrachords',
  'free-and-smooth': 'free and smooth',
}
const FIRST_FINGER = { usual: 'first finger as usual', pattern: 'first finger pattern', two: 'first finger 2' } as const
const LEFT_ARPEGGIO = {
  'by-distance': 'left arpeggios by distance',
  'always-four': 'left arpeggios always 4',
} as const
const CHROMATIC = { 'one-three': 'chromatic 1-3', fours: 'chromatic in fours', fives: 'chromatic in fives' } as const

const REPEATS = {
  alike: 'every repeat alike',
  'by-step': 'repeats by step',
  'as-it-lies': 'repeats as the line lies',
} as const

export const KEY_PHRASES: readonly Phrase<FingerRecipe>[] = [
  { of: ({ school }) => school, say: ({ school }) => SCHOOLS[school] },
  { of: ({ firstFinger }) => firstFinger, say: ({ firstFinger }) => FIRST_FINGER[firstFinger] },
  { of: ({ leftArpeggio }) => leftArpeggio, say: ({ leftArpeggio }) => LEFT_ARPEGGIO[leftArpeggio] },
  { of: ({ chromatic }) => chromatic, say: ({ chromatic }) => CHROMATIC[chromatic] },
  { of: ({ repeats }) => repeats, say: ({ repeats }) => REPEATS[repeats] },
  { of: ({ handSize }) => handSize, say: ({ handSize }) => `${handSize} hands` },
]

export function pinPhrase(pin: Pin): string {
  const hand = `pin ${pin.hand} hand`
  if (isGripPin(pin)) return `${hand} notes ${pin.from + 1} fingers ${pin.fingers.join(' ')}`
  if (!isDegreePin(pin)) return `${hand} note ${pin.index + 1} finger ${pin.finger}`
  return `${hand} degree ${pin.degree} finger ${pin.finger}${pin.leg ? ` going ${pin.leg}` : ''}`
}

/** Who plays, as a line says it. */
export function handsWritten({ hands, motion }: Pick<FingerRecipe, 'hands' | 'motion'>): string {
  if (hands !== 'together') return `${hands} hand`
  return motion === 'contrary' ? 'contrary motion' : 'hands together'
}
