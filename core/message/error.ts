import type { Params } from './message'

/** What every door of the program answers when it cannot do what it was asked: a message, and the field it is about. */
export interface ErrorData {
  readonly code: string
  readonly params?: Params
  readonly path: string
}

/** A request that cannot be met: `code` and `params` say why, `path` names the field. */
export class DomainError extends Error implements ErrorData {
  constructor(
    readonly code: string,
    readonly params: Params,
    readonly path: string,
    /** What else the page may need, such as the octave that would fit or the pins in conflict. */
    readonly details: Readonly<Record<string, unknown>> = {},
  ) {
    super(code)
    this.name = 'DomainError'
  }

  toData(): ErrorData & { details?: Readonly<Record<string, unknown>> } {
    const { code, params, path, details } = this
    const fault = Object.keys(params).length > 0 ? { code, params, path } : { code, path }
    return Object.keys(details).length > 0 ? { ...fault, details } : fault
  }

  /** The same about another field. */
  at(path: string): DomainError {
    return new DomainError(this.code, this.params, path, this.details)
  }
}

/** The maker of a room's refusals: its codes, each with its parameters. */
type MakeError<E> = <C extends keyof E & string>(
  code: C,
  params: E[C] extends null ? Readonly<Record<string, never>> : E[C],
  path: string,
  details?: Readonly<Record<string, unknown>>,
) => DomainError

export const errorMaker = <E>(): MakeError<E> =>
  ((code: string, params: Params, path: string, details?: Readonly<Record<string, unknown>>) =>
    new DomainError(code, params, path, details)) as MakeError<E>
