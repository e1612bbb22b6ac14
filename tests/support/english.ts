import { DomainError } from '../../core/message'
import { ENGLISH_READER, inEnglish, worded } from '../../shared/english'
import { toldDeep } from '../../shared/reader'

export { inEnglish }

/** A value as one who reads English sees it: every message in it said. Its shape is the test's to know. */
export const english = (value: unknown): any => toldDeep(value, ENGLISH_READER)

/** A refusal as it is read. */
export const errorText = (error: unknown): string => {
  if (error instanceof DomainError) return worded(error.toData()).message
  throw error
}

/** What a refusal says; empty where nothing was refused. */
export function saidBy(work: () => unknown): string {
  try {
    work()
    return ''
  } catch (error) {
    return errorText(error)
  }
}
