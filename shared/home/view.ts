import { parseISO } from 'date-fns'
import type { WeekLine } from '#core/lesson'
import { dateOf, dayOf, type Entry, isAbout, WEEKDAYS, weekdayOf } from '#core/practice'
import type { Wording } from '../wording'
import { calledApart } from '../paper/called'
import { workedText } from '../paper/places'
import type { DrawnLine, HomeRequest } from './requests'

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
  /** Asked from memory: without music, and without hearing it. */
  readonly test: boolean
  readonly drawn: DrawnLine
}

function lineOf(
  w: Wording,
  line: WeekLine,
  at: number,
  { week, record, today }: HomeRequest,
  drawn: DrawnLine,
): HomeLine {
  const { study } = line
  const bpm = Math.round(line.tempo / study.tempo.notesPerBeat)
  const own = record.filter((entry) => entry.date === today && isAbout(study, entry) && entry.hands === line.hands)
  const todayAt = WEEKDAYS.indexOf(weekdayOf(dayOf(today)!))
  return {
    ...{ id: line.id, number: at + 1, bpm, test: line.test, drawn, note: line.note },
    title: calledApart(
      w,
      study,
      week!.lines.map((each) => each.study),
    ),
    how: workedText(w, study, line),
    tempo: w.text('lesson.tempo', { bpm }),
    minutes: w.text('practice.minutes', { minutes: line.minutes }),
    watch: drawn.watch ? w.format(drawn.watch) : '',
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
  }
}

/** The pupil's week: its lines in order. */
export const homeLines = (request: HomeRequest, drawn: readonly DrawnLine[], w: Wording): HomeLine[] =>
  (request.week?.lines ?? []).map((line, at) => lineOf(w, line, at, request, drawn[at]!))

/** A day as it is said: “Tuesday 8 December”. */
export const dayText = (w: Wording, date: string): string =>
  parseISO(date).toLocaleDateString(w.locale, { weekday: 'long', day: 'numeric', month: 'long' })
