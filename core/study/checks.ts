import { RecipeError } from '../pitch'

/** @throws RecipeError `field.range` */
export function whole(value: unknown, least: number, most: number, path: string): number {
  if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) return value
  throw new RecipeError('field.range', `${path} must be a whole number from ${least} to ${most}.`, path)
}

/** @throws RecipeError `field.unknown` */
export function oneOf<T extends string | number>(value: unknown, among: readonly T[], path: string): T {
  if ((among as readonly unknown[]).includes(value)) return value as T
  throw new RecipeError('field.unknown', `${path} must be one of: ${among.join(', ')}.`, path)
}
