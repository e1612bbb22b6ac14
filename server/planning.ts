import {
  dayOf,
  dueAfter,
  preparationFor,
  type Preparation,
  practiceStatesToday,
  prepare,
  targetsFor,
  type Told,
  toldFrom,
  type WhoPlays,
} from '#core/practice'
import type { ExamDraw } from '#core/syllabus'
import type { Progress, PupilRecord, StoredAim, StoredRoute, StudySet } from '#shared/api'
import { templatesOf, unpacked, writtenOf } from '#shared/preparation'

/** What a plan is made from, as it goes to a thread. */
export interface Planning {
  readonly set: { readonly studies: readonly Pick<StudySet['studies'][number], 'id' | 'recipe'>[] }
  readonly aim: StoredAim
  readonly record: PupilRecord
  readonly draw: ExamDraw | null
  readonly routes: readonly StoredRoute[]
  readonly who: WhoPlays
  readonly today: string
}

/** @throws DomainError where nothing can be planned from it */
export const preparationFrom = ({ record, ...rest }: Planning): Preparation =>
  preparationFor(writtenOf({ ...rest, record: unpacked(record) }))

/** How far a set is on its way. @throws DomainError as `preparationFrom` */
export function progressFrom(
  planning: Planning,
): Pick<Progress, 'played' | 'ready' | 'due' | 'behind' | 'missing' | 'chance'> {
  const now = dayOf(planning.today)!
  const preparation = preparationFrom(planning)
  const { states, practiceStates, then } = prepare(preparation)
  return {
    played: practiceStates.filter((practiceState) => practiceState !== 'untried').length,
    ready: practiceStates.filter((practiceState) => practiceState === 'ready').length,
    due: states.filter((state) => (dueAfter(state) ?? Infinity) <= now).length,
    behind: then.notReady.length,
    missing: preparation.draw.items.filter(({ study }) => study === null).length,
    chance: then.chance,
  }
}

/** What the states of a set's studies are worked out from, as it goes to a thread. */
export type StatesAsked = Omit<Planning, 'aim' | 'draw'> & { readonly aim: StoredAim | null; readonly draw: ExamDraw }

/** How each study of a set stands today, and what would raise the chance most. */
export function statesFrom({ aim, ...asked }: StatesAsked) {
  const { set, record, routes, draw, today, who } = asked
  const recipes = set.studies.map(({ recipe }) => recipe)
  const targets = targetsFor(recipes, draw, templatesOf(routes))
  // the same aim, so that the chance is the same on every page
  const ahead = aim && dayOf(aim.exam)! > dayOf(today)! ? preparationFrom({ ...asked, aim }).aim : null
  const states = practiceStatesToday(targets, unpacked(record), draw, dayOf(today)!, { ...who, aim: ahead })
  const { practiceStates, outlook, raise } = states
  const { chance, low, high, drawn, assumed } = outlook
  return { practiceStates, outlook: { chance, low, high, drawn, assumed }, raise }
}

/** What was said of the cold tests of some pupils, as it goes to a thread. */
export interface ToldAsked {
  readonly pupils: readonly { readonly record: PupilRecord; readonly level: number | null }[]
  readonly before: string
}

/** What was said of every cold test before a day, and what came. */
export const toldOf = ({ pupils, before }: ToldAsked): Told[] =>
  pupils.flatMap(({ record, level }) => toldFrom(unpacked(record), before, level))
