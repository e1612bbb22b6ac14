import type { ErrorData, Message, Params } from '#core/message'
import type { NameSystem } from '#core/pitch'
import { type Code, errorMessage, formatMessage, type Language, type Reader } from '#words'
import { readerOf } from './reader'

/** A reader's words: what paper, files, the API and the terminal say with. A value, made for each who reads. */
export interface Wording {
  readonly reader: Reader
  /** How dates and numbers are written. */
  readonly locale: string
  readonly text: (code: Code, params?: Params) => string
  readonly format: (message: Message) => string
  /** An error with what it says, for those who read it without a catalogue. */
  readonly worded: <E extends ErrorData>(error: E) => E & { message: string }
}

export function wordingOf(language: Language, system: NameSystem = 'letters'): Wording {
  const reader = readerOf(language, system)
  const format = (message: Message): string => formatMessage(message, reader)
  return {
    reader,
    locale: language.locale,
    format,
    text: (code, params = {}) => format({ code, params }),
    worded: (error) => ({ ...error, message: format(errorMessage(error)) }),
  }
}
