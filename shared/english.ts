import type { ErrorData, Message } from '#core/message'
import { errorMessage, formatMessage } from '#words'
import { ENGLISH } from '#words/english'
import { readerOf } from './reader'

/** Whom the terminal and the API's messages speak to. */
export const ENGLISH_READER = readerOf(ENGLISH)

export const inEnglish = (said: Message): string => formatMessage(said, ENGLISH_READER)

/** A refusal with what it says, for those who read it without a catalogue. */
export const worded = <F extends ErrorData>(fault: F, reader = ENGLISH_READER): F & { message: string } => ({
  ...fault,
  message: formatMessage(errorMessage(fault), reader),
})
