/** What every door of the program answers when it cannot do what it was asked. */
export interface Fault {
  readonly code: string
  readonly message: string
  readonly path: string
}

/** A request that cannot be met: `code` for programs, the message for people, `path` names the field. */
export class RecipeError extends Error implements Fault {
  constructor(
    readonly code: string,
    message: string,
    readonly path: string,
    /** What else the page may need, such as the octave that would fit or the pins in conflict. */
    readonly details: Readonly<Record<string, unknown>> = {},
  ) {
    super(message)
    this.name = 'RecipeError'
  }

  toFault(): Fault & { details?: Readonly<Record<string, unknown>> } {
    const { code, message, path, details } = this
    return Object.keys(details).length > 0 ? { code, message, path, details } : { code, message, path }
  }
}
