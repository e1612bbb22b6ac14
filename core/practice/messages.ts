import { type Message, refusal, teller } from '../message'
import type { Change } from './change'
import type { Help } from './help'
import type { Standing } from './state'

/** What is said of practice. */
export interface PracticeMessages {
  standing: { standing: Standing }
  /** What the news changed in the plan. */
  'change.tested': { study: Message; day: Message }
  'change.further': { study: Message; day: Message }
  'change.back': { study: Message; day: Message }
  'change.more': { study: Message }
  'change.fewer': { study: Message }
  /** What would help, as a button says it. */
  'help.minutes': { minutes: number }
  'help.weeks': { weeks: number }
  'help.leave': { count: number }
  'help.grade': { title: string }
}
export interface PracticeErrors {
  'date.unknown': { date: string }
  'exam.past': { date: string }
  'exam.far': { years: number }
  'entry.future': { date: string }
  'away.order': { from: string; to: string }
  'studies.none': null
}
const tellPractice = teller<PracticeMessages>()
export const refusePractice = refusal<PracticeErrors>()

export const standingTold = (standing: Standing): Message => tellPractice('standing', { standing })

/** A change in words. @param study its title; @param day how its day is written */
export const changeTold = ({ is }: Change, study: Message, day: Message): Message =>
  is === 'more' || is === 'fewer'
    ? tellPractice(`change.${is}`, { study })
    : tellPractice(`change.${is}`, { study, day })

export function helpTold(help: Help): Message {
  if (help.change === 'minutes') return tellPractice('help.minutes', { minutes: help.minutesADay })
  if (help.change === 'weeks') return tellPractice('help.weeks', { weeks: help.weeks })
  if (help.change === 'grade') return tellPractice('help.grade', { title: help.title })
  return tellPractice('help.leave', { count: help.studies.length })
}
