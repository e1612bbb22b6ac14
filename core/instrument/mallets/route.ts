import type { MalletRecipe } from '../../sticking'
import type { CommonInput } from '../../study'
import { instrumentMessage } from '../messages'
import type { Route, RouteStep, Stage } from '../route'
import { isPlain, isRun, lastStages, stageOf } from '../stages'
import type { SolvedSticks } from './solve'
import { mannerOf } from './strokes'
import { hasLead } from './words'

/** Rolled notes climb from two strokes to eight at one beat (common practice, no source). */
const ROLLED_BPM = 60

/** Which stick leads, how notes are struck, and by how many mallets. */
function tells(recipe: MalletRecipe): (string | number)[] {
  const { lead, rudiment, rudimentOn, roll, mallets, tops } = recipe
  return [hasLead(recipe) ? lead : 'none', rudiment, rudimentOn, roll.manner, mallets.count, mallets.figure, tops]
}

/** One octave there and back, as it comes: what beginners play with one stick up and the other down. */
const isBeginners = (recipe: MalletRecipe): boolean =>
  recipe.octaves === 1 && recipe.course.includes('-') && isRun(recipe) && isPlain(recipe)

/** Bars ring as they will: nothing is stopped and no stroke is dead where hands go by turns or roll. */
const ringing = ({ ring }: MalletRecipe) => ({ ring: { ...ring, damping: 'none' as const, dead: 'none' as const } })

function stages(recipe: MalletRecipe, template: readonly RouteStep[]): Stage[] {
  const single = mannerOf(recipe) === 'school'
  const own = (step: RouteStep): Stage[] => {
    switch (step.stage) {
      case 'turns':
        return single && isBeginners(recipe) ? [stageOf(recipe, step, { plain: false })] : []
      case 'lead':
        return [stageOf(recipe, step, recipe.octaves > 1 ? { octaves: 1 } : { full: true })]
      case 'other-lead':
        return hasLead(recipe) && single ? [stageOf(recipe, step, { octaves: 1, plain: false, apart: true })] : []
      case 'rolled':
        return single && isRun(recipe) && isPlain(recipe) ? [stageOf(recipe, step, { octaves: 1, plain: false })] : []
      case 'octaves':
        return recipe.octaves > 1 ? [stageOf(recipe, step, { full: true })] : []
      default:
        return lastStages(recipe, step) ?? []
    }
  }
  return template.flatMap(own)
}

const formed = (recipe: MalletRecipe, some: Partial<CommonInput> & Partial<MalletRecipe>): CommonInput => ({
  ...recipe,
  pins: [],
  ...some,
})

function studies(recipe: MalletRecipe, _: SolvedSticks, stage: Stage, bpm: number): CommonInput[] {
  const tempo = { ...recipe.tempo, bpm }
  switch (stage.id) {
    case 'turns': {
      const pattern = { ...recipe.pattern, accompaniment: 'by-turns' as const }
      return [formed(recipe, { ...ringing(recipe), pattern, tempo })]
    }
    case 'lead':
      return [recipe.octaves === 1 ? { ...recipe, tempo } : formed(recipe, { octaves: 1, tempo })]
    case 'other-lead':
      return [formed(recipe, { octaves: 1, tempo, lead: recipe.lead === 'right' ? 'left' : 'right' })]
    case 'rolled':
      return [
        formed(recipe, {
          ...ringing(recipe),
          octaves: 1,
          roll: { ...recipe.roll, manner: 'separate' },
          rhythm: { ...recipe.rhythm, ladder: 'strokes' },
          tempo: { bpm: ROLLED_BPM, notesPerBeat: 1 },
        }),
      ]
    default:
      return [{ ...recipe, tempo }]
  }
}

function watch(recipe: MalletRecipe, { sticking }: SolvedSticks, stage: Stage) {
  if (stage.id === 'turns') return instrumentMessage('watch.turns')
  if (stage.id === 'cold') return instrumentMessage('watch.once')
  if (stage.id === 'rolled') return instrumentMessage('watch.rolled')
  if (stage.id === 'other-lead') {
    return instrumentMessage('watch.other-lead', { hand: recipe.lead === 'right' ? 'left' : 'right' })
  }
  return sticking.doubles.length > 0 ? instrumentMessage('watch.doubles', { count: sticking.doubles.length }) : null
}

/** For beginners one stick up and the other down; its own lead, the other lead, rolled up the ladder, the octaves asked, tempo, beyond it, cold. */
export const MALLETS_ROUTE: Route<MalletRecipe, SolvedSticks> = {
  usual: [
    { stage: 'turns', minutes: 3 },
    { stage: 'lead', minutes: 4 },
    { stage: 'other-lead', minutes: 4 },
    { stage: 'rolled', minutes: 4 },
    { stage: 'octaves', minutes: 5 },
    { stage: 'tempo', minutes: 4 },
    { stage: 'above', minutes: 3 },
    { stage: 'cold', minutes: 1 },
  ],
  tells,
  stages,
  studies,
  watch,
}
