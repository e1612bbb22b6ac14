import { isDegreePin, isFree } from '../study'
import { familyOf, movesNotes, type Recipe, type RecipeInput, type AnyPin } from '../instrument'
import { recipeFor } from './asRecipe'
import type { Shortfall } from './match'
import type { Requirement } from './model'

/** What one press does about a near study: alters it, or adds the form that is asked beside it. */
export interface Mend {
  readonly manner: 'alter' | 'add'
  /** As it stands on the button. */
  readonly words: string
  readonly recipe: RecipeInput
}

type Field = Shortfall['field']

/** What is altered in the study itself. */
const ALTERED: readonly Field[] = ['tempo', 'octaves', 'course', 'top', 'resolution', 'contraryFrom', 'tonicHand']
/** What can be changed without losing what the study was for; anything else is another study. */
const alters = ({ field }: Shortfall): boolean => ALTERED.includes(field)

function tempoFor(recipe: Recipe, { tempo }: Requirement) {
  const { bpm, notesPerBeat } = tempo
  if (recipe.tempo.notesPerBeat === notesPerBeat) return { bpm, notesPerBeat }
  const own = Math.ceil((bpm * notesPerBeat) / recipe.tempo.notesPerBeat)
  return own >= 20 && own <= 240 ? { ...recipe.tempo, bpm: own } : { bpm, notesPerBeat }
}

function patch(field: Field, recipe: Recipe, asked: Requirement): Partial<RecipeInput> {
  switch (field) {
    case 'tempo':
      return { tempo: tempoFor(recipe, asked) }
    case 'octaves':
      return { octaves: asked.octaves }
    case 'course':
      return { course: asked.course }
    case 'top':
      return { tops: asked.top ?? 'once' }
    case 'resolution':
      return { bookends: { ...recipe.bookends, after: asked.resolution } }
    case 'contraryFrom':
      return { contraryFrom: asked.contraryFrom ?? 'unison' }
    default:
      return { tonicHand: asked.tonicHand ?? 'left' }
  }
}

const ADDS: Partial<Record<Field, string>> = {
  kind: 'Add the other form',
  inversion: 'Add the position',
  hands: 'Add the hands asked',
  motion: 'Add the motion asked',
  interval: 'Add the distance asked',
  pattern: 'Add the pattern asked',
  articulation: 'Add the other touch',
  lead: 'Add the other lead',
  roll: 'Add the strokes asked',
  mallets: 'Add it for the mallets asked',
}

function alterWords(recipe: Recipe, asked: Requirement, short: readonly Shortfall[], altered: RecipeInput): string {
  const words = short.map(({ field }) => {
    if (field === 'tempo') {
      const bpm = altered.tempo!.bpm!
      return `${bpm > recipe.tempo.bpm ? 'raise' : 'lower'} to ${bpm}`
    }
    if (field === 'octaves') {
      const more = asked.octaves - recipe.octaves
      return more === 1 ? 'add the octave' : more > 1 ? `add ${more} octaves` : `keep to ${asked.octaves}`
    }
    const rest: Partial<Record<Field, string>> = {
      course: 'turn the course',
      top: `strike the top ${asked.top}`,
      resolution: 'add the ending',
      contraryFrom: `begin ${asked.contraryFrom === 'octave' ? 'an octave apart' : 'on one key'}`,
      tonicHand: 'change hands on the tonic',
    }
    return rest[field] ?? field
  })
  const said = words.join(', ')
  return said.charAt(0).toUpperCase() + said.slice(1)
}

/** Pins that count notes cannot outlive a change of the notes. */
const kept = (pins: Recipe['pins']): Recipe['pins'] => (pins as readonly AnyPin[]).filter(isDegreePin) as Recipe['pins']

/** How a near study is made to meet a requirement. */
export function mendOf(recipe: Recipe, asked: Requirement, short: readonly Shortfall[]): Mend {
  if (isFree(recipe.material) || !short.every(alters)) {
    const first = short.find((each) => !alters(each))!
    const settings = familyOf(recipe).examined.keeps(recipe)
    return { manner: 'add', words: ADDS[first.field] ?? 'Add it', recipe: recipeFor(asked, settings) }
  }
  const changes = short.reduce<Partial<RecipeInput>>(
    (all, { field }) => ({ ...all, ...patch(field, recipe, asked) }),
    {},
  )
  const { startOctave, ...rest } = { ...recipe, ...changes }
  const altered = (
    movesNotes(recipe, changes) ? { ...rest, pins: kept(recipe.pins) } : { ...rest, startOctave }
  ) as RecipeInput
  return { manner: 'alter', words: alterWords(recipe, asked, short, altered), recipe: altered }
}
