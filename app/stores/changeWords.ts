import { KINDS } from '#core/material'
import { parseNote, printedName } from '#core/pitch'
import {
  apartWords,
  bookendWords,
  handWords,
  octaveWords,
  patternWords,
  type RealisedStudy,
  rhythmWords,
} from '#core/realise'
import {
  type AnyPin,
  completeRecipe,
  isDegreePin,
  isFree,
  isGripPin,
  type MalletRecipe,
  NO_BOOKENDS,
  notesWords,
  type Pin,
  PLAIN_RHYTHM,
  type Recipe,
  type RecipeInput,
  type StickPin,
} from '#core/study'
import { isEqual } from './deskPins'

/** A change with its name, and the sort of change that it is. */
export interface Named {
  readonly words: string
  /** The beginning of the words that changes of one sort share; empty where each stands for itself. */
  readonly sort: string
}

const alone = (words: string): Named => ({ words, sort: '' })

const keyWords = ({ material }: Recipe): string =>
  isFree(material) ? 'pitches' : `${printedName(parseNote(material.tonic))} ${KINDS[material.kind].words}`

/** How a field's new value is told; its sort is what it is called. */
interface Field {
  readonly sort: string
  readonly words: (recipe: Recipe) => string
}
type FieldName = keyof Recipe | keyof MalletRecipe

/** A field that only mallets have. */
const ofSticks = (sort: string, words: (recipe: MalletRecipe) => string): Field => ({
  sort,
  words: (recipe) => words(recipe as MalletRecipe),
})

/** What each field is called, and how its new value is told. */
const FIELDS: Partial<Record<FieldName, Field>> = {
  instrument: { sort: 'instrument', words: ({ instrument }) => instrument.replace('-', ' ') },
  material: { sort: 'key', words: keyWords },
  hands: { sort: 'hands', words: handWords },
  motion: { sort: 'hands', words: handWords },
  interval: { sort: 'hands', words: (recipe) => apartWords(recipe) || 'an octave apart' },
  contraryFrom: { sort: 'hands', words: (recipe) => apartWords(recipe) || 'from one key' },
  tonicHand: { sort: 'hands', words: ({ tonicHand }) => `${tonicHand} hand on the tonic` },
  octaves: { sort: 'length', words: ({ octaves }) => octaveWords(octaves) },
  course: { sort: 'course', words: ({ course }) => course.replace('-', ' and ') },
  pattern: {
    sort: 'pattern',
    words: (recipe) =>
      patternWords({ pattern: recipe.pattern, rhythm: PLAIN_RHYTHM, bookends: NO_BOOKENDS }).join(', ') || 'straight',
  },
  rhythm: { sort: 'rhythm', words: (recipe) => rhythmWords(recipe).join(', ') || 'even' },
  bookends: { sort: 'bookends', words: (recipe) => bookendWords(recipe).join(', ') || 'none' },
  startOctave: { sort: 'start', words: ({ startOctave }) => `octave ${startOctave}` },
  signature: { sort: 'signature', words: ({ signature }) => signature },
  articulation: { sort: 'touch', words: ({ articulation }) => articulation },
  tempo: { sort: 'tempo', words: ({ tempo }) => `♩ = ${tempo.bpm} in ${notesWords(tempo.notesPerBeat)}` },
  school: { sort: 'school', words: ({ school }) => school.replaceAll('-', ' ') },
  lead: ofSticks('lead', ({ lead }) => lead),
  tops: ofSticks('top', ({ tops }) => `struck ${tops}`),
  rudiment: ofSticks('rudiment', ({ rudiment }) => rudiment.replaceAll('-', ' ')),
  rudimentOn: ofSticks('rudiment', ({ rudimentOn }) =>
    rudimentOn === 'degree' ? 'on every degree' : 'over the notes',
  ),
  roll: ofSticks('roll', ({ roll }) => (roll.manner === 'none' ? 'none' : `${roll.strokes} strokes to the beat`)),
  mallets: ofSticks('mallets', ({ mallets }) => (mallets.count === 2 ? 'two' : `four, ${mallets.figure}`)),
  strike: ofSticks('strike', ({ strike }) => strike.replaceAll('-', ' ')),
  bars: ofSticks('bars', ({ bars }) => `${bars.size} %`),
}

function stickPinWords(pin: StickPin, study: RealisedStudy | null): string {
  if (isDegreePin(pin)) return `${pin.stick} on every ${pin.degree}. degree`
  const at = isGripPin(pin) ? pin.from : pin.index
  const note = study?.sticking?.notes[at]
  const where = note ? printedName(note.pitch) : `note ${at + 1}`
  return isGripPin(pin) ? `sticks from ${where}` : `${pin.stick} on ${where}`
}

const anyPinWords = (pin: AnyPin, study: RealisedStudy | null): string =>
  'hand' in pin ? pinWords(pin, study) : stickPinWords(pin, study)

function pinWords(pin: Pin, study: RealisedStudy | null): string {
  if (isDegreePin(pin)) return `${pin.finger} on every ${pin.degree}. degree, ${pin.hand} hand`
  const at = isGripPin(pin) ? pin.from : pin.index
  const note = study?.hands[pin.hand]?.notes[at]
  const where = `${note ? printedName(note.pitch) : `note ${at + 1}`} ${pin.hand} hand`
  return isGripPin(pin) ? `grip from ${where}` : `${pin.finger} on ${where}`
}

function pinsNamed(before: readonly AnyPin[], after: readonly AnyPin[], study: RealisedStudy | null): Named {
  const added = after.filter((pin) => !before.some((each) => isEqual(each, pin)))
  const taken = before.filter((pin) => !after.some((each) => isEqual(each, pin)))
  if (added.length === 1) return alone(`pin ${anyPinWords(added[0]!, study)}`)
  if (added.length > 1) return alone(`${added.length} pins`)
  if (taken.length === 1) return alone(`freeing ${anyPinWords(taken[0]!, study)}`)
  return alone(`freeing ${taken.length} pins`)
}

/** A recipe as far as it can be completed; what cannot be is named without its value. */
function whole(input: RecipeInput): Recipe | null {
  try {
    return completeRecipe(input)
  } catch {
    return null
  }
}

/** Names a change by what is different after it. */
export function namedChange(before: RecipeInput, after: RecipeInput, study: RealisedStudy | null): Named {
  const [one, other] = [whole(before), whole(after)]
  if (!one || !other) return alone('a change that cannot be played')
  const valueOf = (recipe: Recipe, field: FieldName): string => JSON.stringify(recipe[field as keyof Recipe])
  const changed = (Object.keys(FIELDS) as FieldName[]).filter((field) => valueOf(one, field) !== valueOf(other, field))
  // what only follows from another field is not named
  const asked = changed.filter((field) => field !== 'startOctave' && field !== 'tempo')
  const field = asked[0] ?? changed[0]
  if (!field) {
    return JSON.stringify(one.pins) === JSON.stringify(other.pins)
      ? alone('settings of the school')
      : pinsNamed(one.pins, other.pins, study)
  }
  const { sort, words } = FIELDS[field]!
  const more = new Set(asked.map((each) => FIELDS[each]!.sort)).size > 1 ? ' and more' : ''
  return { words: `${sort}: ${words(other)}${more}`, sort: `${sort}:` }
}
