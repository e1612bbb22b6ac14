import { syllabusMessage } from './messages'
import { type Message, capital, joined } from '../message'
import { isDegreePin, isFree } from '../study'
import { familyOf, movesNotes, playerSettingsOf, type Recipe, type RecipeInput, type AnyPin } from '../instrument'
import { recipeFor } from './asRecipe'
import type { Shortfall } from './match'
import type { Requirement } from './model'

/** What one press does about a near study: alters it, or adds the form that is asked beside it. */
export interface Mend {
  readonly manner: 'alter' | 'add'
  /** As it stands on the button. */
  readonly words: Message
  readonly recipe: RecipeInput
}

type Field = Shortfall['field']

/** What is altered in the study itself. */
const ALTERED: readonly Field[] = ['tempo', 'octaves', 'course', 'top', 'resolution', 'contraryFrom', 'tonicHand']
/** What can be changed without losing what the study was for; anything else is another study. */
const alters =
  (recipe: Recipe) =>
  ({ field }: Shortfall): boolean =>
    ALTERED.includes(field) || familyOf(recipe).examined.alters.includes(field)

function tempoFor(recipe: Recipe, { tempo }: Requirement) {
  const { bpm, notesPerBeat } = tempo
  if (recipe.tempo.notesPerBeat === notesPerBeat) return { bpm, notesPerBeat }
  const own = Math.ceil((bpm * notesPerBeat) / recipe.tempo.notesPerBeat)
  return own >= 20 && own <= 240 ? { ...recipe.tempo, bpm: own } : { bpm, notesPerBeat }
}

function patch(field: Field, recipe: Recipe, required: Requirement): Partial<RecipeInput> {
  switch (field) {
    case 'tempo':
      return { tempo: tempoFor(recipe, required) }
    case 'octaves':
      return { octaves: required.octaves }
    case 'course':
      return { course: required.course }
    case 'top':
      return { tops: required.top ?? 'once' }
    case 'resolution':
      return { bookends: { ...recipe.bookends, after: required.resolution } }
    case 'contraryFrom':
      return { contraryFrom: required.contraryFrom ?? 'unison' }
    case 'tonicHand':
      return { tonicHand: required.tonicHand ?? 'left' }
    default:
      return familyOf(recipe).examined.altered(field, recipe, required) as Partial<RecipeInput>
  }
}

/** What altering one field is called. */
function alterMessage(field: Field, recipe: Recipe, required: Requirement, altered: RecipeInput): Message {
  switch (field) {
    case 'tempo': {
      const bpm = altered.tempo!.bpm!
      return syllabusMessage('mend.tempo', { bpm, how: bpm > recipe.tempo.bpm ? 'raise' : 'lower' })
    }
    case 'octaves':
      return syllabusMessage('mend.octaves', { more: required.octaves - recipe.octaves, asked: required.octaves })
    case 'course':
      return syllabusMessage('mend.course')
    case 'top':
      return syllabusMessage('mend.top', { top: required.top ?? 'once' })
    case 'resolution':
      return syllabusMessage('mend.resolution')
    case 'contraryFrom':
      return syllabusMessage('mend.contrary-from', { from: required.contraryFrom ?? 'unison' })
    case 'bellows':
      return syllabusMessage('mend.bellows', { bellows: required.bellows ?? 'top', beats: required.bellowsBeats ?? 0 })
    case 'sticking':
      return syllabusMessage('mend.sticking')
    case 'registers':
      return syllabusMessage('mend.registers', { registers: required.registers.join(' + ') })
    default:
      return syllabusMessage('mend.tonic-hand')
  }
}

/** Pins that count notes cannot outlive a change of the notes. */
const degreePins = (pins: Recipe['pins']): Recipe['pins'] =>
  (pins as readonly AnyPin[]).filter(isDegreePin) as Recipe['pins']

/** How a near study is made to meet a requirement. */
export function mendOf(recipe: Recipe, required: Requirement, short: readonly Shortfall[]): Mend {
  const altering = alters(recipe)
  if (isFree(recipe.material) || !short.every(altering)) {
    const first = short.find((each) => !altering(each))!
    const settings = playerSettingsOf(recipe)
    return {
      manner: 'add',
      words: syllabusMessage('mend.add', { field: first.field }),
      recipe: recipeFor(required, settings),
    }
  }
  const changes = short.reduce<Partial<RecipeInput>>((all, { field }) => {
    const next = patch(field, { ...recipe, ...all } as Recipe, required)
    return { ...all, ...next }
  }, {})
  const { startOctave, ...rest } = { ...recipe, ...changes }
  const altered = (
    movesNotes(recipe, changes) ? { ...rest, pins: degreePins(recipe.pins) } : { ...rest, startOctave }
  ) as RecipeInput
  const words = joined(
    short.map(({ field }) => alterMessage(field, recipe, required, altered)),
    'comma',
  )
  return { manner: 'alter', words: capital(words), recipe: altered }
}
