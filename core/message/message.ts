/** A note by its ASCII name, `F##`, or a pitch, `F##4`; whoever reads it has a naming system. */
export interface NoteParam {
  readonly note: string
}
/** Several things in one sentence: “F, G and C”; “F or G”; or side by side. */
export interface ListParam {
  readonly items: readonly Param[]
  readonly by: 'and' | 'or' | 'comma' | 'semicolon' | 'space' | 'plus'
}
export type Param = string | number | NoteParam | ListParam | Message
export type Params = Readonly<Record<string, Param>>

/** One thing said, in no language yet. Plain data: it crosses workers and the network as it is. */
export interface Message<C extends string = string> {
  readonly code: C
  readonly params?: Params
}

/** Makes messages of one room's codes: a code that is not the room's, or a parameter that is missing, does not compile. */
type MakeMessage<M> = <C extends keyof M & string>(
  ...message: M[C] extends null ? [code: C] : [code: C, params: M[C]]
) => Message<C>

const made = (code: string, params?: object): Message =>
  params === undefined ? { code } : { code, params: params as Params }

/** The maker of a room's messages; codes that take nothing are declared as `null`. */
export const messageMaker = <M>(): MakeMessage<M> => made as MakeMessage<M>

/** A note in a sentence. */
export const named = (note: string): NoteParam => ({ note })

/** Several things in a sentence. */
export const listed = (items: readonly Param[], by: ListParam['by'] = 'and'): ListParam => ({ items, by })

/** Several messages as one. */
export const joined = (items: readonly Param[], by: ListParam['by']): Message<'list'> => ({
  code: 'list',
  params: { items: listed(items, by) },
})

/** A message as it begins a sentence or a line. */
export const capital = (message: Message): Message<'capital'> => ({ code: 'capital', params: { said: message } })

/** Words that somebody typed, or that stand for themselves, where a message is wanted. */
export const inText = (text: string): Message<'text'> => ({ code: 'text', params: { text } })

export const isMessage = (value: unknown): value is Message =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as Message).code === 'string' &&
  Object.keys(value).every((key) => key === 'code' || key === 'params')

/** Whether two messages say the same. */
export const sameMessage = (a: Message, b: Message): boolean => JSON.stringify(a) === JSON.stringify(b)
