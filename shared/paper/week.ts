import { parseISO } from 'date-fns'
import { dateOf, type PlanItem } from '#core/practice'
import { familyOf } from '#core/instrument'
import { materialName, titleOf } from '#core/realise'
import { type Faces, type Page, type Week, type WeekDay, weekPages } from '#paper'
import { ENGLISH } from '#words/english'
import { type PracticeView, viewOf } from '../practiceView'
import { inEnglish } from '../english'
import type { PaperAsked } from './asked'
import { leafOf, said } from './frame'

const DAYS = 7

const dayMessage = (day: number): string =>
  parseISO(dateOf(day)).toLocaleDateString(ENGLISH.locale, { weekday: 'long', day: 'numeric', month: 'long' })

/** The first words of a title carry the key; how it is played stands under it. */
function itemOf({ rows }: PracticeView, { study, stage, tempo, minutes }: PlanItem): WeekDay['items'][number] {
  const { recipe } = rows[study]!
  return {
    title: inEnglish(titleOf(recipe)),
    how: said('stage', { stage }),
    tempo: `♩ = ${Math.round(tempo / recipe.tempo.notesPerBeat)}`,
    minutes: said('practice.minutes', { minutes }),
  }
}

function dayOf(view: PracticeView, { day, items, lesson }: PracticeView['days'][number]): WeekDay {
  const minutes = items.reduce((sum, item) => sum + item.minutes, 0)
  return {
    day: lesson ? `${dayMessage(day)}, ${said('practice.today.lesson')}` : dayMessage(day),
    minutes: said('practice.minutes', { minutes }),
    items: items.map((item) => itemOf(view, item)),
  }
}

/** What to watch for in what comes next. */
function watchOf({ rows, next }: PracticeView): Week['watch'] {
  const items = (next?.items ?? []).filter(({ watch, test }) => watch && !test)
  return {
    title: said('practice.week.watch'),
    items: items.map(({ study, watch }) => ({
      title: inEnglish(materialName(rows[study]!.recipe)),
      words: inEnglish(watch!),
    })),
  }
}

/** The next seven days of a set's plan. */
export function weekSheet(
  { name, practice, size }: Extract<PaperAsked, { readonly sheet: 'week' }>,
  faces: Faces,
): { title: string; pages: Page[] } {
  const view = viewOf(practice)
  const days = view.days.filter(({ day, items }) => day < view.today + DAYS && items.length > 0)
  const title = said('print.week.title', { name, day: dayMessage(view.today) })
  const plays = view.rows.map(({ recipe }) => familyOf(recipe).plays)
  const leaf = leafOf(
    size,
    title,
    plays,
    view.exam === null ? '' : said('practice.week.exam', { day: dayMessage(view.exam) }),
  )
  const week: Week = {
    ...leaf,
    words: { ...leaf.words, date: '' },
    days: days.map((day) => dayOf(view, day)),
    watch: watchOf(view),
    how: `${said('practice.week.how')} ${said('practice.today.rest')}`,
    none: said('practice.choose-day'),
  }
  return { title, pages: weekPages(week, faces) }
}
