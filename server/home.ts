import type { H3Event } from 'h3'
import { lessonAfter } from '#core/lesson'
import { dateOf, dayOf } from '#core/practice'
import type { HomeRequest } from '#shared/home'
import {
  getPupil,
  getStudio,
  inSnapshot,
  linkOpened,
  listEntries,
  listLessons,
  listWeeks,
  poolFor,
  type Pool,
} from './db'
import { today } from './clock'
import { placeOf } from './http/origin'
import { type EntryRequest, addEntries } from './record'
import { refuse } from './messages'
import { countTry, pupilBy, type Identity } from './people'
import { completed } from './studies'

type AsPupil = Extract<Identity, { kind: 'pupil' }>

/** Weeks back to which what was done may still belong, and days ahead in which the next lesson is looked for. */
const [WEEKS, AHEAD] = [4, 70]

/** Whose page an address opens; null where it opens none, or the pupil comes no more. Each miss is counted. */
export async function homeOf(event: H3Event, token: string): Promise<AsPupil | null> {
  const found = /^[\w-]{22}$/.test(token) ? await pupilBy(token) : null
  if (!found) await countTry('link', placeOf(event))
  return found
}

/** In the pupil's name: nothing else of the studio is seen. */
const homePool = ({ studio, pupil }: AsPupil): Pool => poolFor({ who: 'pupil', studio, pupil })

/** What a pupil's page is made from; null where the pupil comes no more. */
export async function homeRequest(asker: AsPupil, { path, files }: Pick<HomeRequest, 'path' | 'files'>) {
  const { studio, pupil: id, hash } = asker
  const found = await inSnapshot(homePool(asker), async (db) => {
    const pupil = await getPupil(db, studio, id)
    if (!pupil || pupil.archived) return null
    const { name, settings } = await getStudio(db, studio)
    const now = today()
    const [week = null] = await listWeeks(db, studio, id, now, 1)
    const around = { from: now, until: dateOf(dayOf(now)! + AHEAD) }
    const lesson = lessonAfter(pupil.lessons, await listLessons(db, studio, id, around), now)
    const record = week ? (await listEntries(db, studio, id)).filter(({ date }) => date >= week.from) : []
    const request: HomeRequest = {
      ...{ name: pupil.name, studio: name, week, record, next: lesson?.date ?? null, today: now },
      ...{ path, files },
    }
    return { request, region: settings.region }
  })
  if (found) await linkOpened(poolFor({ who: 'door' }), hash)
  return found
}

/** What a pupil says of a line: how it went, how fast, on which day. */
export interface Mark {
  readonly id: string
  readonly line: string
  readonly outcome: EntryRequest['outcome']
  readonly tempo: number
  readonly date: string
}

/** Days by which a phone's day may differ from the server's. */
const APART = 1

/** Days are those of the weeks that are shown, and no later than today wherever the phone is. @throws DomainError */
function checkDay({ date }: Mark, at: number): void {
  const now = dayOf(today())!
  const day = dayOf(date)!
  if (day > now + APART || day < now - 7 * WEEKS) throw refuse('mark.day', {}, `marks[${at}].date`)
}

/**
 * Writes what a pupil did into the record, as the pupil's own: each once, however often it is sent.
 * @returns ids that stand in the record now, and of those whose line was taken out of the week
 */
export async function addMarks(asker: AsPupil, marks: readonly Mark[]): Promise<{ saved: string[]; gone: string[] }> {
  const { studio, pupil } = asker
  const pool = homePool(asker)
  marks.forEach(checkDay)
  const weeks = await listWeeks(pool, studio, pupil, dateOf(dayOf(today())! + APART), WEEKS)
  const lines = new Map(weeks.toReversed().flatMap((week) => week.lines.map((line) => [line.id, line])))
  const known = marks.filter(({ line }) => lines.has(line))
  const entries = known.map(({ id, line: lineId, outcome, tempo, date }): EntryRequest => {
    const line = lines.get(lineId)!
    return {
      ...{ id, date, outcome, tempo, kind: 'home', by: 'pupil', note: '' },
      ...{ study: completed(line.study, 'study'), hands: line.hands, octaves: line.octaves, minutes: line.minutes },
      ...(line.stage ? { stage: line.stage } : {}),
    }
  })
  if (entries.length > 0) await addEntries(pool, studio, pupil, entries)
  return {
    saved: known.map(({ id }) => id),
    gone: marks.filter(({ line }) => !lines.has(line)).map(({ id }) => id),
  }
}

/** What a pupil is called; null where the pupil comes no more. */
export async function homeName(asker: AsPupil): Promise<string | null> {
  const pupil = await getPupil(homePool(asker), asker.studio, asker.pupil)
  return pupil && !pupil.archived ? pupil.name : null
}
