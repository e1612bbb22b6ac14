import type { Entry } from './entry'
import type { Plan } from './plan'
import { planned, type Preparation } from './practise'

/** What news changed in a plan, study by study. */
export interface Change {
  readonly study: number
  /** A test that comes because it went wrong; the tempo or stage of what comes next; sittings more or fewer. */
  readonly is: 'tested' | 'further' | 'back' | 'more' | 'fewer'
  /** Of the first thing that is different, a day's number; null where it is only how many. */
  readonly day: number | null
}

const itemsOf = ({ days }: Plan, study: number) =>
  days.flatMap(({ day, items }) => items.filter((item) => item.study === study).map((item) => ({ ...item, day })))

/** What stands otherwise in one plan than in another, from some day on; one thing a study, the soonest. */
export function changesBetween(before: Plan, after: Plan, studies: number, from: number): Change[] {
  return Array.from({ length: studies }, (_, study) => study).flatMap((study): Change[] => {
    const [was, is] = [before, after].map((plan) => itemsOf(plan, study).filter(({ day }) => day >= from))
    const at = is!.findIndex((item, place) => JSON.stringify(item) !== JSON.stringify(was![place]))
    if (at < 0) return was!.length > is!.length ? [{ study, is: 'fewer', day: null }] : []
    const [now, then] = [is![at]!, was![at]]
    if (now.test && !(then?.test && then.day <= now.day)) return [{ study, is: 'tested', day: now.day }]
    if (then && !now.test && now.tempo !== then.tempo) {
      return [{ study, is: now.tempo > then.tempo ? 'further' : 'back', day: now.day }]
    }
    if (is!.length === was!.length) return []
    return [{ study, is: is!.length > was!.length ? 'more' : 'fewer', day: null }]
  })
}

/** What a day's entries changed in the plan that stood before them. @param plan what stands with them */
export function changeBy(preparation: Preparation, plan: Plan, news: (entry: Entry) => boolean): Change[] {
  const { aim, targets, record } = preparation
  if (!record.some(news)) return []
  const before = planned({ ...preparation, aim: { ...aim, spent: 0 }, record: record.filter((entry) => !news(entry)) })
  return changesBetween(before.plan, plan, targets.length, aim.today + 1)
}
