import type { PlacedSign, ScoreSign } from '../instrument'

/** Bellows that part or meet, and those that shake: the sign of a roll. */
const BELLOWS = { opening: '◂ ▸', closing: '▸ ◂' } as const
const SHAKE = '≋'

type Worded = Exclude<ScoreSign, { readonly is: 'pedal' }>

/** What stands in words over the notes where a format has no sign of its own: `8′ 16′`, `◂ ▸`. */
export function signWords(sign: Worded): string {
  if (sign.is === 'registers') return sign.feet.map((feet) => `${feet}′`).join(' ')
  return sign.shakes ? `${BELLOWS[sign.direction]} ${SHAKE}` : BELLOWS[sign.direction]
}

/** How a format writes signs: pedals, and words over the notes. */
interface SignWriter {
  readonly pedal: Readonly<Record<'down' | 'anew' | 'up', string>>
  readonly words: (text: string) => string
}

/** Signs before a step, as a format writes them. */
export const signsAt = (signs: readonly PlacedSign[], step: number | null, { pedal, words }: SignWriter): string[] =>
  signs
    .filter((each) => each.step === step)
    .map(({ sign }) => (sign.is === 'pedal' ? pedal[sign.goes] : words(signWords(sign))))

/** Where signs stand that end what went before. */
export const END = -1
/** Signs after the last of so many steps stand at the end. */
export const endedAt = (signs: readonly PlacedSign[], steps: number): PlacedSign[] =>
  signs.map((each) => (each.step >= steps ? { ...each, step: END } : each))

/** How a stroke is named in words: a cross for a dead stroke, a ring with a cross for a bar that is stopped. */
export const STROKE_SIGNS = { dead: '×', damp: '⊕' } as const
