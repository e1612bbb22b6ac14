import { type MalletRecipe, type StickPin, strokesOf } from '../../sticking'
import { isDegreePin, isGripPin } from '../../study'
import type { Phrase } from '../lexicon'

const SCHOOLS: Record<MalletRecipe['school'], string> = {
  doubles: 'doubles where they help',
  strict: 'strict alternation',
  'restore-lead': 'lead restored',
  'least-effort': 'least effort',
}
const ROLLED: Record<MalletRecipe['roll']['manner'], string> = {
  none: 'not rolled',
  separate: 'rolled',
  through: 'rolled through',
}
const STRUCK: Record<MalletRecipe['strike'], string> = {
  'off-centre': 'struck off the centre',
  centre: 'struck in the centre',
  'near-end': 'accidentals struck at the near end',
}

const PEDAL: Record<MalletRecipe['ring']['pedal'], string> = {
  note: 'pedal with every note',
  beat: 'pedal at every beat',
  bar: 'pedal at every bar',
  down: 'pedal down',
}
const DAMPED: Record<MalletRecipe['ring']['damping'], string> = {
  none: 'undamped',
  'next-stroke': 'damped by the next stroke',
  'other-mallet': 'damped by the other mallet',
}
const DEAD: Record<MalletRecipe['ring']['dead'], string> = {
  none: 'live strokes',
  beats: 'dead strokes on the beat',
  all: 'dead strokes',
}

/** A figure of single strokes is said in one, strokes of several mallets one by one. */
function figurePhrase({ mallets }: MalletRecipe): string {
  const strokes = strokesOf(mallets.figure)!
  return strokes.every((stroke) => stroke.length === 1)
    ? `mallet figure ${mallets.figure}`
    : `mallet strokes ${strokes.map((stroke) => stroke.join('')).join(' ')}`
}

/** What is said of sticks, field by field. */
export const STICK_PHRASES: readonly Phrase<MalletRecipe>[] = [
  { of: ({ lead }) => lead, say: ({ lead }) => `${lead} lead` },
  { of: ({ school }) => school, say: ({ school }) => SCHOOLS[school] },
  { of: ({ tops }) => tops, say: ({ tops }) => `top struck ${tops}` },
  { of: ({ rudiment }) => rudiment, say: ({ rudiment }) => `in ${rudiment.replace(/-/g, ' ')}` },
  {
    of: ({ rudimentOn }) => rudimentOn,
    say: ({ rudimentOn }) => (rudimentOn === 'degree' ? 'on every degree' : 'over the notes'),
  },
  { of: ({ roll }) => roll.manner, say: ({ roll }) => ROLLED[roll.manner] },
  { of: ({ roll }) => roll.strokes, say: ({ roll }) => `${roll.strokes} strokes to the beat` },
  { of: ({ roll }) => roll.ending, say: ({ roll }) => `rolls ${roll.ending}` },
  { of: ({ mallets }) => mallets.count, say: ({ mallets }) => `${mallets.count === 4 ? 'four' : 'two'} mallets` },
  { of: ({ mallets }) => mallets.figure, say: figurePhrase },
  { of: ({ mallets }) => mallets.shape, say: ({ mallets }) => `chord ${mallets.shape.join(' ')}` },
  {
    of: ({ mallets }) => mallets.numbering,
    say: ({ mallets }) => `numbered from the ${mallets.numbering === 'low-to-high' ? 'lowest' : 'highest'}`,
  },
  { of: ({ mallets }) => mallets.reach, say: ({ mallets }) => `reach ${mallets.reach} mm` },
  { of: ({ ring }) => ring.pedal, say: ({ ring }) => PEDAL[ring.pedal] },
  { of: ({ ring }) => ring.damping, say: ({ ring }) => DAMPED[ring.damping] },
  { of: ({ ring }) => ring.dead, say: ({ ring }) => DEAD[ring.dead] },
  { of: ({ strike }) => strike, say: ({ strike }) => STRUCK[strike] },
  { of: ({ bars }) => bars.size, say: ({ bars }) => `bars ${bars.size} %` },
  { of: ({ bars }) => bars.gap, say: ({ bars }) => `gap ${bars.gap} mm` },
  { of: ({ bars }) => bars.overlap, say: ({ bars }) => `overlap ${bars.overlap} mm` },
]

export function stickPinPhrase(pin: StickPin): string {
  if (isGripPin(pin)) return `pin notes ${pin.from + 1} sticks ${pin.sticks.join('')}`
  if (!isDegreePin(pin)) return `pin note ${pin.index + 1} stick ${pin.stick}`
  return `pin degree ${pin.degree} stick ${pin.stick}${pin.leg ? ` going ${pin.leg}` : ''}`
}
