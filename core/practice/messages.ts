import { type Message, errorMaker, messageMaker } from '../message'
import type { Change } from './change'
import type { Help } from './help'
import type { PracticeState } from './state'

/** What is said of practice. */
export interface PracticeMessages {
  'practice-state': { practiceState: PracticeState }
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
const practiceMessage = messageMaker<PracticeMessages>()
export const practiceError = errorMaker<PracticeErrors>()

export const stateMessage = (practiceState: PracticeState): Message =>
  practiceMessage('practice-state', { practiceState })

/** A change in words. @param study its title; @param day how its day is written */
export const changeMessage = ({ is }: Change, study: Message, day: Message): Message =>
  is === 'more' || is === 'fewer'
    ? practiceMessage(`change.${is}`, { study })
    : practiceMessage(`change.${is}`, { study, day })

export function helpMessage(help: Help): Message {
  if (help.change === 'minutes') return practiceMessage('help.minutes', { minutes: help.minutesADay })
  if (help.change === 'weeks') return practiceMessage('help.weeks', { weeks: help.weeks })
  if (help.change === 'grade') return practiceMessage('help.grade', { title: help.title })
  return practiceMessage('help.leave', { count: help.studies.length })
}
