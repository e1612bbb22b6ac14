import type { WeekLine } from '#core/lesson'
import type { PlanItem, Where } from '#core/practice'
import type { Recipe } from '#core/instrument'
import type { Wording } from '../wording'

/** A place as it is worked at: “around the turn”, “around note 5”. */
const placeText = (w: Wording, where: Where): string =>
  w.text('lesson.around', {
    at:
      'place' in where
        ? w.text('practice.place', { place: where.place })
        : w.text('practice.entry.note', { note: where.index + 1, player: 'none' }),
  })

const handOf = (where: Where | null): 'right' | 'left' | null =>
  where?.player === 'right' || where?.player === 'left' ? where.player : null

type Worked = Pick<WeekLine, 'hands' | 'stage' | 'test'> & { readonly where?: Where | null | undefined }

/** What of a study is worked at: “left hand, around the turn”, “hands together, slowly”. */
export function workedText(w: Wording, study: Recipe, { hands, stage, test, where = null }: Worked): string {
  const own = handOf(where) ?? hands
  const hand = own === study.hands && own === 'together' ? null : own
  // a test of the whole is of no stage
  const told = where || (test && stage === 'cold') ? null : stage
  const saysHand = told === 'right-alone' || told === 'left-alone'
  return [
    hand && !saysHand && w.text('lesson.hands', { hands: hand }),
    told && w.text('stage', { stage: told }),
    test && w.text('lesson.test'),
    where && placeText(w, where),
  ]
    .filter(Boolean)
    .join(', ')
}

/** The same of what a plan has for a day. */
export const plannedText = (w: Wording, study: Recipe, item: PlanItem): string =>
  item.where === undefined && !item.test
    ? w.text('stage', { stage: item.stage })
    : workedText(w, study, { ...item, where: item.where ?? null })
