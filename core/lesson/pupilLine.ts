import { parseCall } from '../call'
import { familyOf, instrumentOf, overWhole, type PlayerSettings, playerSettingsOf, TAUGHT } from '../instrument'
import type { Weekday } from '../practice'
import type { KnownKey } from './levels'
import type { LessonSlot } from './timetable'

/** What one line says of a new pupil: “Nina, piano, Mondays 16:30, about Grade 3, knows C G D F”. */
export interface PupilLine {
  readonly name: string
  /** What is taught, as the register has it; null where the line does not say. */
  readonly instrument: string | null
  /** How it is made, and what is the pupil's own in playing it: “48 bass”, “C-system”, “left lead”. */
  readonly settings: PlayerSettings
  readonly lessons: readonly LessonSlot[]
  readonly level: number | null
  readonly knows: readonly KnownKey[]
  /** What else it says, to be kept as a note. */
  readonly note: string
}

/** A lesson's length where nobody says it, minutes (common practice, no source). */
export const DEFAULT_LESSON = 30
const [LEAST_LESSON, MAX_LESSON] = [5, 180]
export const MAX_LEVEL = 12

/** Names of days: English, Spanish, German, and what is written in short. */
const DAYS: readonly (readonly [Weekday, RegExp])[] = [
  ['mon', /^(mon(days?)?|lunes|montags?|mo)$/],
  ['tue', /^(tue(s(days?)?)?|martes|dienstags?|di)$/],
  ['wed', /^(wed(nesdays?)?|mi[eé]rcoles|mittwochs?|mi)$/],
  ['thu', /^(thu(r(s(days?)?)?)?|jueves|donnerstags?|do)$/],
  ['fri', /^(fri(days?)?|viernes|freitags?|fr)$/],
  ['sat', /^(sat(urdays?)?|s[aá]bados?|samstags?|sa)$/],
  ['sun', /^(sun(days?)?|domingos?|sonntags?|so)$/],
]
const dayIn = (word: string): Weekday | null =>
  DAYS.find(([, names]) => names.test(word.toLowerCase().replace(/[.,]$/, '')))?.[0] ?? null

const TIME = /\b(\d{1,2})(?:[:.h](\d{2}))?\s*(am|pm)?\b/i
const MINUTES = /\b(\d{1,3})\s*(?:min(?:utes?|s)?|minutos|minuten)\b\.?/i
const LEVEL = /\b(?:grade|level|grado|nivel|stufe)\s*(\d{1,2})\b/i
const BEGINNER = /\b(?:beginners?|just (?:begun|started)|principiante|anfänger(?:in)?)\b/i
const KNOWS = /^(?:(?:s?he|they)\s+)?(?:knows?|sabe|kann)\s+(.+)$/i
const KEY = /^([A-Ga-g])(#|♯|b|♭|-?sharp|-?flat)?-?(m|min|minor|maj|major)?$/

/** `16:30`, `4.30 pm`, `9` of a text; null where there is no time of day. */
function timeIn(text: string): string | null {
  const [, hours, minutes = '00', half] = TIME.exec(text.replace(MINUTES, '')) ?? []
  if (hours === undefined) return null
  const hour = (Number(hours) % (half ? 12 : 24)) + (half?.toLowerCase() === 'pm' ? 12 : 0)
  return Number(hours) > 24 || Number(minutes) > 59 ? null : `${String(hour).padStart(2, '0')}:${minutes}`
}

function minutesIn(text: string): number | null {
  const minutes = Number(MINUTES.exec(text)?.[1] ?? NaN)
  return minutes >= LEAST_LESSON && minutes <= MAX_LESSON ? minutes : null
}

/** When somebody comes, of a piece such as “Mondays 16:30”; none where it names no day. */
function lessonsIn(piece: string): { weekday: Weekday; time: string }[] {
  const words = piece.split(/[\s/&+]+/)
  const days = words.flatMap((word) => dayIn(word) ?? [])
  const time = timeIn(piece)
  return time === null ? [] : days.map((weekday) => ({ weekday, time }))
}

function keyIn(word: string): KnownKey | null {
  const [, letter, sign = '', mode = ''] = KEY.exec(word.trim()) ?? []
  if (!letter) return null
  const accidental = /#|♯|sharp/.test(sign) ? '#' : /b|♭|flat/.test(sign) ? 'b' : ''
  return `${letter.toUpperCase()}${accidental}${/^m(in|inor)?$/.test(mode) ? 'm' : ''}`
}

/** Keys of “C G D and F”, “Am, Em”; null where a word is none. */
function keysIn(text: string): KnownKey[] | null {
  const words = text
    .replace(/\s+(flat|sharp|minor|major)\b/gi, '-$1')
    .replace(/\band\b|&|,|\by\b|\bund\b/gi, ' ')
    .split(/\s+/)
    .filter(Boolean)
  const keys = words.map((word) => keyIn(word))
  return keys.every((key) => key !== null) && keys.length > 0 ? keys : null
}

/** The instrument that a piece names, how it is made, and nothing but that; null where it does not. */
function playedBy(piece: string): (Pick<PupilLine, 'settings'> & { readonly instrument: string }) | null {
  const taught = TAUGHT.find(({ id }) => id === piece.toLowerCase())
  if (taught) return { instrument: taught.id, settings: {} }
  const { studies, complete } = parseCall(`C ${piece}`)
  const [study] = studies
  if (!complete || !study?.instrument) return null
  const family = familyOf(study)
  const own = TAUGHT.filter((each) => each.family.id === family.id)
  const { make } = instrumentOf(study)
  const { instrument, ...rest } = playerSettingsOf(study)
  const found = own.find(({ id }) => id === make) ?? own[0]!
  return {
    instrument: found.id,
    settings: instrument === found.instrument ? rest : ({ instrument, ...rest } as PlayerSettings),
  }
}

type Said = { -readonly [field in Exclude<keyof PupilLine, 'name' | 'note' | 'lessons'>]: PupilLine[field] } & {
  slots: { weekday: Weekday; time: string }[]
  minutes: number | null
}

/** Reads a piece between commas; false where it says nothing that is known. */
function readPiece(piece: string, said: Said): boolean {
  const played = playedBy(piece)
  if (played) {
    const same = said.instrument === null || said.instrument === played.instrument
    said.settings = same ? overWhole(said.settings, played.settings) : played.settings
    said.instrument = played.instrument
    return true
  }
  const knows = KNOWS.exec(piece)
  const keys = knows && keysIn(knows[1]!)
  if (keys) return Boolean((said.knows = [...said.knows, ...keys]))
  const level = BEGINNER.test(piece) ? 1 : Number(LEVEL.exec(piece)?.[1] ?? NaN)
  if (level >= 1 && level <= MAX_LEVEL) return Boolean((said.level = level))
  const slots = lessonsIn(piece)
  const minutes = minutesIn(piece)
  said.slots = [...said.slots, ...slots]
  said.minutes = minutes ?? said.minutes
  return slots.length > 0 || minutes !== null
}

/** Whether a piece goes on with the keys of the piece before: “knows C, G, D”. */
const goesOn = (piece: string, before: string): boolean => KNOWS.test(before) && keysIn(piece) !== null

/** Reads a line about a new pupil. The name comes first; the rest in any order, parted by commas. */
export function readPupilLine(line: string): PupilLine {
  const pieces: string[] = []
  for (const piece of line.split(',').map((each) => each.trim().replace(/\s+/g, ' '))) {
    const before = pieces.at(-1)
    if (!piece) continue
    if (before !== undefined && goesOn(piece, before)) pieces[pieces.length - 1] = `${before} ${piece}`
    else pieces.push(piece)
  }
  const [name = '', ...rest] = pieces
  const said: Said = { instrument: null, settings: {}, level: null, knows: [], slots: [], minutes: null }
  const note = rest.filter((piece) => !readPiece(piece, said)).join(', ')
  const { slots, minutes, ...told } = said
  const lessons = slots
    .filter(({ weekday }, at) => slots.findIndex((each) => each.weekday === weekday) === at)
    .map((slot) => ({ ...slot, minutes: minutes ?? DEFAULT_LESSON }))
  return { name, ...told, knows: [...new Set(told.knows)], lessons, note }
}
