import type { DomainError } from '#core/message'
import { ENGLISH_READER, worded } from '#shared/english'
import { toldDeep } from '#shared/reader'

/** An answer with every message in it said in English; a refusal also keeps its code. */
export const said = (answer: object): object => toldDeep(answer, ENGLISH_READER) as object

/** A refusal as the terminal prints it: code, sentence, field. */
export const refused = (error: DomainError): object => ({ error: said(worded(error.toData())) })
