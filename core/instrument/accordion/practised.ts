import { type BassCount, DEFAULT_FREE, usualMake } from '../../surface'

type Written = Readonly<Record<string, unknown>>
const isWritten = (value: unknown): value is Written => typeof value === 'object' && value !== null

/** A recipe that was stored whole before there were free basses and boards of one's own make: it is for the usual board. */
export function withBoard<R extends object>(recipe: R): R {
  const { accordion } = recipe as { accordion?: unknown }
  if (!isWritten(accordion) || !isWritten(accordion.left) || !('rows' in accordion) || !('part' in accordion.left)) {
    return recipe
  }
  if ('columns' in accordion && 'board' in accordion.left) return recipe
  const left = { board: 'standard', ...accordion.left }
  const { columns, missing } = usualMake(accordion.bass as BassCount)
  return { ...recipe, accordion: { columns, missing, free: DEFAULT_FREE, ...accordion, left } }
}
