import { inText, isMessage, type Message } from '#core/message'
import { composedName } from '#core/material'
import { nameIn, type NameSystem, parseNote } from '#core/pitch'
import { type Language, type Reader, formatMessage } from '#words'

const C = { tonic: parseNote('C'), minor: false }
const PITCH = /^(.*?)(-?\d)$/

/** How a note or a pitch is called in a sentence; systems that depend on the key are for the score alone. */
function called(system: NameSystem, name: string): string {
  const pitch = PITCH.exec(name)
  return pitch ? nameIn(system, parseNote(pitch[1]!), C) + pitch[2]! : nameIn(system, parseNote(name), C)
}

/** Who reads a language and calls the notes by a system. */
export const readerOf = (language: Language, system: NameSystem = 'letters'): Reader => ({
  language,
  note: (name) => called(system, name),
  compose: composedName,
})

/** What a list leaves open: a question that Tactum asks, or the words of whoever wrote the list. */
export const questionMessage = (open: string, { catalogue }: Language): Message =>
  `open.${open}` in catalogue ? { code: `open.${open}` } : inText(open)

/** A value with every message in it said; what stands beside a code as its parameters stays as it is. */
export function formatDeep(value: unknown, reader: Reader): unknown {
  if (typeof value !== 'object' || value === null) return value
  if (Array.isArray(value)) return value.map((each) => formatDeep(each, reader))
  if (isMessage(value)) return formatMessage(value, reader)
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => [key, key === 'params' ? each : formatDeep(each, reader)]),
  )
}
