import type { FaultData, Message } from '#core/message'
import { faultMessage, say } from '#words'
import { ENGLISH } from '#words/english'
import { readerOf } from './reader'

/** Whom the terminal and the API's messages speak to. */
export const ENGLISH_READER = readerOf(ENGLISH)

export const inEnglish = (said: Message): string => say(said, ENGLISH_READER)

/** A refusal with what it says, for those who read it without a catalogue. */
export const worded = <F extends FaultData>(fault: F, reader = ENGLISH_READER): F & { message: string } => ({
  ...fault,
  message: say(faultMessage(fault), reader),
})
