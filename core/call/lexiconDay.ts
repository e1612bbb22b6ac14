import type { Played, SpokenDay } from './part'
import { fixed, type Rule, rules } from './rules'

const on = (day: SpokenDay): { part: { is: 'played'; played: Played } } => ({ part: { is: 'played', played: { day } } })

const WEEKDAYS: readonly (readonly string[])[] = [
  ['monday|mondays|mon', 'lunes', 'montag'],
  ['tuesday|tuesdays|tue|tues', 'martes', 'dienstag'],
  ['wednesday|wednesdays|wed', 'miercoles', 'mittwoch'],
  ['thursday|thursdays|thu|thur|thurs', 'jueves', 'donnerstag'],
  ['friday|fridays|fri', 'viernes', 'freitag'],
  ['saturday|saturdays|sat', 'sabado', 'samstag|sonnabend'],
  ['sunday|sundays|sun', 'domingo', 'sonntag'],
]
const MONTHS: readonly string[] = [
  'january|jan|enero|januar',
  'february|feb|febrero|februar',
  'march|marzo|marz',
  'april|apr|abril',
  'may|mayo',
  'june|jun|junio|juni',
  'july|jul|julio|juli',
  'august|aug|agosto',
  'september|sep|sept|septiembre',
  'october|oct|octubre|oktober',
  'november|nov|noviembre',
  'december|dec|diciembre|dezember',
]
const [MAX_AGO, MAX_DATE] = [60, 31]

const LAST = 'last|past'
const ON = 'on|from|this|el|am'
const PART_OF_DAY = 'morning|afternoon|evening|night'

/** The day on which something was played: “yesterday”, “on Monday”, “3 days ago”, “12 November”. */
export const DAY_RULES: readonly Rule[] = [
  ...fixed([`yesterday ${PART_OF_DAY}?`, 'ayer', 'gestern'], on({ ago: 1 })),
  ...fixed(['the? day before yesterday', 'anteayer|antier', 'vorgestern'], on({ ago: 2 })),
  ...fixed(['today', 'this morning|afternoon|evening', 'hoy', 'heute'], on({ ago: 0 })),
  ...WEEKDAYS.flatMap(([en, es, de], weekday) => [
    ...fixed([`${LAST} ${en}`, `el? ${es} pasado`, `letzten ${de}`], on({ weekday, before: true })),
    ...fixed([`${ON}? ${en} ${PART_OF_DAY}?`, `el? ${es}`, `am? ${de}`], on({ weekday, before: false })),
  ]),
  ...rules(['<n> days|day ago', 'hace <n> dias|dia', 'vor <n> tagen|tag'], ({ numbers: [n] }) =>
    n! <= MAX_AGO ? on({ ago: n! }) : null,
  ),
  ...MONTHS.flatMap((names, at) =>
    rules([`on|el|am? the? <n> of|de? ${names}`, `on? ${names} the? <n>`], ({ numbers: [n] }) =>
      n! >= 1 && n! <= MAX_DATE ? on({ month: at + 1, date: n! }) : null,
    ),
  ),
]
