import { parseISO } from 'date-fns'
import { encode } from 'uqr'
import { dateOf } from '#core/practice'
import { familyOf, type Recipe } from '#core/instrument'
import { playersIn, realise } from '#core/realise'
import { type Faces, lessonPages, type LessonSheetLine, type Page } from '#paper'
import { type LessonLine, lessonViewOf, weekDays } from '../lessonView'
import type { Wording } from '../wording'
import { calledApart, calledWhole } from './called'
import { leafOf, strokesTold } from './frame'
import { workedText } from './places'
import type { PaperRequest } from './requests'

const asDate = (day: number): Date => parseISO(dateOf(day))

/** “♩ = 50”, or where the week leads: “♩ = 50 up to 66”. */
function tempoText(w: Wording, { study, tempo, reach }: LessonLine): string {
  const { notesPerBeat } = study.tempo
  const [from, to] = [tempo, reach].map((notes) => Math.round(notes / notesPerBeat))
  return to! > from! ? w.text('lesson.tempo.up-to', { from: from!, to: to! }) : w.text('lesson.tempo', { bpm: from! })
}

function lineOf(
  w: Wording,
  line: LessonLine,
  days: ReturnType<typeof weekDays>,
  among: readonly Recipe[],
): LessonSheetLine {
  const { study, watch, note, because, hands } = line
  const realised = realise(study, {}, 0)
  const players = playersIn(realised)
  const own = line.where?.player ?? hands
  const said = note || (watch ? w.format(watch) : w.text('lesson.line.because', { because }))
  return {
    study: realised,
    music: !line.test,
    hands: players.length > 1 && (own === 'right' || own === 'left') ? own : 'all',
    title: calledApart(w, study, among),
    how: [workedText(w, study, line), tempoText(w, line)].filter(Boolean).join(', '),
    minutes: w.text('practice.minutes', { minutes: line.minutes }),
    watch: w.text('lesson.sheet.watch', { said }),
    days: days.map(({ day, weekday }) => ({
      day: asDate(day).toLocaleDateString(w.locale, { weekday: 'short' }),
      on: line.days.includes(weekday),
    })),
  }
}

/** No two lines read alike: those that would are called by their whole names. */
function unlike(w: Wording, own: readonly LessonLine[], lines: readonly LessonSheetLine[]): LessonSheetLine[] {
  const whole = calledWhole(
    w,
    own.map(({ study }) => study),
  )
  return lines.map((line, at) => {
    const alike = lines.some((other, place) => place !== at && other.title === line.title && other.how === line.how)
    return alike ? { ...line, title: whole[at]! } : line
  })
}

/** What was set at a lesson, as one sheet for home: music, a box a day, and what to watch for. */
export function lessonSheet(
  { file, size, address }: Extract<PaperRequest, { readonly sheet: 'lesson' }>,
  faces: Faces,
  w: Wording,
): { title: string; pages: Page[] } {
  const view = lessonViewOf(file, () => '')
  const day = asDate(view.today).toLocaleDateString(w.locale, { weekday: 'long', day: 'numeric', month: 'long' })
  const title = w.text('lesson.sheet.title', { name: file.pupil.name, day })
  const days = weekDays(view)
  const plays = view.lines.map(({ study }) => familyOf(study).plays)
  // what else the pupil plays could be meant as well
  const among = [...view.lines.map(({ study }) => study), ...view.rows.map(({ recipe }) => recipe)]
  const lines = unlike(
    w,
    view.lines,
    view.lines.map((line) => lineOf(w, line, days, among)),
  )
  const signs = strokesTold(lines.map(({ study }) => study))
  const leaf = leafOf(w, size, title, plays, file.pupil.name, { signs })
  const sheet = {
    ...{ ...leaf, words: { ...leaf.words, date: '' } },
    lines,
    note: file.week?.note ?? '',
    how: `${w.text('practice.week.how')} ${w.text('practice.today.rest')}`,
    none: w.text('lesson.week.none'),
    page: address ? { squares: encode(address).data, words: w.text('lesson.sheet.page') } : null,
  }
  return { title, pages: lessonPages(sheet, faces) }
}
