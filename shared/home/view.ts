import { parseISO } from 'date-fns'
import type { WeekLine } from '#core/lesson'
import { familyOf, type Recipe } from '#core/instrument'
import { DomainError } from '#core/message'
import { dateOf, dayOf, type Entry, isAbout, targetOf, WEEKDAYS, weekdayOf } from '#core/practice'
import { playersIn, realise, type RealisedStudy } from '#core/realise'
import type { Wording } from '../wording'
import { calledApart } from '../paper/called'
import { workedText } from '../paper/places'
import type { HomeRequest } from './requests'

/** A line of the week as the pupil reads it. */
export interface HomeLine {
  readonly id: string
  readonly number: number
  readonly title: string
  readonly how: string
  readonly tempo: string
  readonly minutes: string
  /** What to watch for, and what the teacher wrote. */
  readonly watch: string
  readonly note: string
  readonly days: readonly {
    readonly letter: string
    readonly name: string
    readonly on: boolean
    readonly isToday: boolean
  }[]
  /** Played today: how it went the last time. */
  readonly done: Pick<Entry, 'outcome' | 'tempo'> | null
  readonly bpm: number
  readonly study: RealisedStudy
  readonly hand: 'all' | 'right' | 'left'
  readonly where: WeekLine['where']
}

/** What is played of a line: the study with the line's own hands and octaves, where it goes so. */
function playedOf({ study, hands, octaves }: WeekLine): RealisedStudy {
  const whole = (recipe: Recipe): RealisedStudy => realise(recipe, {}, 0)
  try {
    return whole({ ...study, hands, octaves } as Recipe)
  } catch (error) {
    if (!(error instanceof DomainError)) throw error
    return whole(study)
  }
}

function watchOf(w: Wording, { study, stage, test, where }: WeekLine, realised: RealisedStudy): string {
  const own = targetOf(study).stages.find(({ id }) => id === stage)
  if (!own || test || where) return ''
  const watch = familyOf(study).route.watch(study, realised, own)
  return watch ? w.format(watch) : ''
}

function lineOf(w: Wording, line: WeekLine, at: number, { week, record, today }: HomeRequest): HomeLine {
  const realised = playedOf(line)
  const { study } = line
  const bpm = Math.round(line.tempo / study.tempo.notesPerBeat)
  const own = record.filter((entry) => entry.date === today && isAbout(study, entry) && entry.hands === line.hands)
  const hand = line.where?.player
  const todayAt = WEEKDAYS.indexOf(weekdayOf(dayOf(today)!))
  return {
    ...{ id: line.id, number: at + 1, bpm, study: realised, where: line.where, note: line.note },
    title: calledApart(
      w,
      study,
      week!.lines.map((each) => each.study),
    ),
    how: workedText(w, study, line),
    tempo: w.text('lesson.tempo', { bpm }),
    minutes: w.text('practice.minutes', { minutes: line.minutes }),
    watch: watchOf(w, line, realised),
    days: WEEKDAYS.map((weekday, place) => {
      const day = parseISO(dateOf(dayOf(today)! - todayAt + place))
      return {
        letter: day.toLocaleDateString(w.locale, { weekday: 'narrow' }),
        name: day.toLocaleDateString(w.locale, { weekday: 'long' }),
        on: line.days.includes(weekday),
        isToday: place === todayAt,
      }
    }),
    done: own.at(-1) ?? null,
    hand: playersIn(realised).length > 1 && (hand === 'right' || hand === 'left') ? hand : 'all',
  }
}

/** The pupil's week: its lines in order. */
export const homeLines = (request: HomeRequest, w: Wording): HomeLine[] =>
  (request.week?.lines ?? []).map((line, at) => lineOf(w, line, at, request))

/** A day as it is said: “Tuesday 8 December”. */
export const dayText = (w: Wording, date: string): string =>
  parseISO(date).toLocaleDateString(w.locale, { weekday: 'long', day: 'numeric', month: 'long' })
