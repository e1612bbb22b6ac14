import type { AccordionRecipe } from '../../buttons'
import { named } from '../../message'
import { pitchName } from '../../pitch'
import { type CommonInput, handsOf } from '../../study'
import { instrumentMessage } from '../messages'
import type { Route, RouteStep, Stage } from '../route'
import { isPlain, isRun, lastStages, stageOf } from '../stages'
import type { SolvedAccordion } from './solve'

const both = ({ hands }: AccordionRecipe): boolean => hands === 'together'
const SHORT = { octaves: 1 }

/** Each stage as a study has it; null where the study cannot have it. */
const OWN: Readonly<Record<string, (recipe: AccordionRecipe) => Partial<Stage> | null>> = {
  against: (recipe) =>
    both(recipe) && isRun(recipe) && isPlain(recipe) && recipe.tempo.notesPerBeat > 1
      ? { ...SHORT, plain: false }
      : null,
  together: (recipe) => (both(recipe) ? (recipe.octaves > 1 ? SHORT : { full: true }) : null),
  octaves: ({ octaves }) => (octaves > 1 ? { full: true } : null),
  bellows: (recipe) => (recipe.accordion.bellows.turn === 'free' ? null : { full: true }),
}

/** Each hand by itself, the left till it runs; of one hand's study that is the study, if it is no longer than this. */
function alone(recipe: AccordionRecipe, step: RouteStep): Stage[] {
  const own = { ...SHORT, apart: both(recipe), full: !both(recipe) && recipe.octaves === 1 }
  const held = recipe.accordion.left.part === 'held-bass'
  // one held button is nothing to practise by itself
  const hands = handsOf(recipe.hands).filter((hand) => hand === 'right' || !held)
  return hands.map((hand) => stageOf(recipe, { ...step, stage: `${hand}-alone` }, { ...own, hands: hand }))
}

const stages = (recipe: AccordionRecipe, template: readonly RouteStep[]): Stage[] =>
  template.flatMap((step) => {
    if (step.stage === 'alone') return alone(recipe, step)
    const own = OWN[step.stage]?.(recipe)
    return own ? [stageOf(recipe, step, own)] : (lastStages(recipe, step) ?? [])
  })

const formed = (recipe: AccordionRecipe, some: Partial<CommonInput>): CommonInput => ({ ...recipe, pins: [], ...some })

function studies(recipe: AccordionRecipe, _: SolvedAccordion, stage: Stage, bpm: number): CommonInput[] {
  const tempo = { ...recipe.tempo, bpm }
  const { octaves } = stage
  switch (stage.id) {
    case 'right-alone':
    case 'left-alone':
      return [formed(recipe, { hands: stage.hands, octaves, tempo })]
    case 'against':
      return [formed(recipe, { octaves, tempo: { bpm, notesPerBeat: 1 } })]
    case 'together':
      return [formed(recipe, { octaves, tempo })]
    default:
      return [{ ...recipe, tempo }]
  }
}

function watch(recipe: AccordionRecipe, { hands: { right }, bass, bellows }: SolvedAccordion, stage: Stage) {
  const name = (pitch: Parameters<typeof pitchName>[0]) => named(pitchName(pitch).replace(/-?\d+$/, ''))
  if (stage.id === 'cold') return instrumentMessage('watch.once')
  if (stage.id === 'left-alone' || (stage.hands === 'left' && bass)) {
    const leap = bass?.leaps[0]
    return leap === undefined
      ? instrumentMessage('watch.left-alone')
      : instrumentMessage('watch.leap', { note: name(bass!.notes[leap]!.pitch) })
  }
  if (stage.id === 'against') return instrumentMessage('watch.against')
  const turn = bellows[1]
  if (stage.id === 'bellows' && turn) {
    const upper = right ?? bass!
    const note = upper.notes.find(({ step }) => step === turn.step)
    return note ? instrumentMessage('watch.bellows', { note: name(note.pitch), direction: turn.direction }) : null
  }
  const crossing = right?.crossings[0]
  if (!crossing) return null
  const { pitch } = right.notes[crossing.index]!
  const finger = right.fingers[crossing.index]!
  return instrumentMessage('watch.crossing', { kind: crossing.kind, finger, note: name(pitch), hand: 'right' })
}

/** What makes another line of a study: what the left hand does, and on what the right plays. */
const tells = ({ accordion: { left, treble } }: AccordionRecipe): (string | number)[] => [
  left.board,
  left.part,
  left.every,
  left.harmony,
  left.bars.join(' '),
  treble.split('-')[0]!,
]

/** Right hand, left hand till it runs by itself, note against beat, twice as fast, the octaves asked, then the bellows. */
export const ACCORDION_ROUTE: Route<AccordionRecipe, SolvedAccordion> = {
  usual: [
    { stage: 'alone', minutes: 4 },
    { stage: 'against', minutes: 4 },
    { stage: 'together', minutes: 5 },
    { stage: 'octaves', minutes: 5 },
    { stage: 'bellows', minutes: 4 },
    { stage: 'tempo', minutes: 4 },
    { stage: 'above', minutes: 3 },
    { stage: 'cold', minutes: 1 },
  ],
  tells,
  stages,
  studies,
  watch,
}
