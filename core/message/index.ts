/**
 * Message: what the core has to say, before anybody says it in a language. A code and parameters; `words` renders both.
 * Each room declares its own codes with their parameters in a file `messages.ts`; nothing here knows any of them.
 */
export { type ErrorData, DomainError, errorMaker } from './error'
export {
  capital,
  inText,
  isMessage,
  joined,
  listed,
  type ListParam,
  type Message,
  named,
  type NoteParam,
  type Param,
  type Params,
  sameMessage,
  messageMaker,
} from './message'
