import { DEFAULT_FREE } from '../../surface'

type Written = Readonly<Record<string, unknown>>
const isWritten = (value: unknown): value is Written => typeof value === 'object' && value !== null

/** A recipe that was stored whole before there were free basses: it is for the board. */
export function withBoard<R extends object>(recipe: R): R {
  const { accordion } = recipe as { accordion?: unknown }
  if (!isWritten(accordion) || !isWritten(accordion.left) || !('rows' in accordion) || !('part' in accordion.left)) {
    return recipe
  }
  if ('free' in accordion && 'board' in accordion.left) return recipe
  const left = { board: 'standard', ...accordion.left }
  return { ...recipe, accordion: { ...accordion, free: accordion.free ?? DEFAULT_FREE, left } }
}
