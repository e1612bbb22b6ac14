import { parseISO } from 'date-fns'
import { dateOf, type PlanItem } from '#core/practice'
import { familyOf } from '#core/instrument'
import { type Faces, type Page, type Week, type WeekDay, weekPages } from '#paper'
import { type PracticeView, viewOf } from '../practiceView'
import type { Wording } from '../wording'
import type { PaperRequest } from './requests'
import { calledApart, calledWhole } from './called'
import { leafOf } from './frame'
import { plannedText } from './places'

const DAYS = 7

const dayText = (w: Wording, day: number): string =>
  parseISO(dateOf(day)).toLocaleDateString(w.locale, { weekday: 'long', day: 'numeric', month: 'long' })

/** The first words of a title carry the key; how it is played stands under it. */
function itemOf(
  w: Wording,
  { rows }: PracticeView,
  names: readonly string[],
  item: PlanItem,
): WeekDay['items'][number] {
  const { study, tempo, minutes } = item
  const { recipe } = rows[study]!
  return {
    title: names[study]!,
    how: plannedText(w, recipe, item),
    tempo: `♩ = ${Math.round(tempo / recipe.tempo.notesPerBeat)}`,
    minutes: w.text('practice.minutes', { minutes }),
  }
}

function dayOf(
  w: Wording,
  view: PracticeView,
  names: readonly string[],
  { day, items, lesson }: PracticeView['days'][number],
): WeekDay {
  const minutes = items.reduce((sum, item) => sum + item.minutes, 0)
  return {
    day: lesson ? `${dayText(w, day)}, ${w.text('practice.today.lesson')}` : dayText(w, day),
    minutes: w.text('practice.minutes', { minutes }),
    items: items.map((item) => itemOf(w, view, names, item)),
  }
}

/** What to watch for in what comes next. */
function watchOf(w: Wording, { rows, next }: PracticeView): Week['watch'] {
  const items = (next?.items ?? []).filter(({ watch, test }) => watch && !test)
  return {
    title: w.text('practice.week.watch'),
    items: items.map(({ study, watch }) => ({
      title: calledApart(
        w,
        rows[study]!.recipe,
        rows.map(({ recipe }) => recipe),
      ),
      words: w.format(watch!),
    })),
  }
}

/** The next seven days of a set's plan. */
export function weekSheet(
  { name, practice, size }: Extract<PaperRequest, { readonly sheet: 'week' }>,
  faces: Faces,
  w: Wording,
): { title: string; pages: Page[] } {
  const view = viewOf(practice)
  const days = view.days.filter(({ day, items }) => day < view.today + DAYS && items.length > 0)
  const title = w.text('print.week.title', { name, day: dayText(w, view.today) })
  const names = calledWhole(
    w,
    view.rows.map(({ recipe }) => recipe),
  )
  const plays = view.rows.map(({ recipe }) => familyOf(recipe).plays)
  const leaf = leafOf(
    w,
    size,
    title,
    plays,
    view.exam === null ? '' : w.text('practice.week.exam', { day: dayText(w, view.exam) }),
  )
  const week: Week = {
    ...leaf,
    words: { ...leaf.words, date: '' },
    days: days.map((day) => dayOf(w, view, names, day)),
    watch: watchOf(w, view),
    how: `${w.text('practice.week.how')} ${w.text('practice.today.rest')}`,
    none: w.text('practice.week.none'),
  }
  return { title, pages: weekPages(week, faces) }
}
