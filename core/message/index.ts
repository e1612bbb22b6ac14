/**
 * Message: what the core has to say, before anybody says it in a language. A code and parameters; `words` renders both.
 * Each room declares its own codes with their parameters in a file `messages.ts`; nothing here knows any of them.
 */

/** A note by its ASCII name, `F##`, or a pitch, `F##4`; whoever reads it has a naming system. */
export interface NoteParam {
  readonly note: string
}
/** Several things in one sentence: “F, G and C”. */
export type ListParam = readonly Param[]
export type Param = string | number | NoteParam | Message | ListParam
export type Params = Readonly<Record<string, Param>>

/** One thing said, in no language yet. Plain data: it crosses workers and the network as it is. */
export interface Message<C extends string = string> {
  readonly code: C
  readonly params?: Params
}

/** A room's codes, each with the parameters that it takes. */
export type Codes<M> = { readonly [C in keyof M]: object }

/** Makes messages of one room's codes: a code that is not the room's, or a parameter that is missing, does not compile. */
export type Tell<M> = <C extends keyof M & string>(
  ...said: keyof M[C] extends never ? [code: C] : [code: C, params: M[C]]
) => Message<C>

const made = (code: string, params?: object): Message =>
  params === undefined ? { code } : { code, params: params as Params }

/** The maker of a room's messages. */
export const teller = <M extends Codes<M>>(): Tell<M> => made as Tell<M>

/** A note in a sentence. */
export const named = (note: string): NoteParam => ({ note })

const isMessage = (param: unknown): param is Message => typeof param === 'object' && param !== null && 'code' in param

/** Whether two messages say the same. */
export function sameMessage(a: Message, b: Message): boolean {
  return a.code === b.code && JSON.stringify(a.params ?? {}) === JSON.stringify(b.params ?? {})
}

export { isMessage }
