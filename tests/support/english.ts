import { DomainError } from '../../core/message'
import { formatDeep } from '../../shared/reader'
import { wordingFor } from '../../shared/languages'

/** English words: what tests read. */
export const IN_ENGLISH = wordingFor('en')
export const inEnglish = IN_ENGLISH.format

/** A value as one who reads English sees it: every message in it said. Its shape is the test's to know. */
export const english = (value: unknown): any => formatDeep(value, IN_ENGLISH.reader)

/** A refusal as it is read. */
export const errorText = (error: unknown): string => {
  if (error instanceof DomainError) return IN_ENGLISH.worded(error.toData()).message
  throw error
}

/** What a refusal says; empty where nothing was refused. */
export function messageOf(work: () => unknown): string {
  try {
    work()
    return ''
  } catch (error) {
    return errorText(error)
  }
}
