import { refuseStudy } from './messages'

/** @throws RecipeError `field.range` */
export function whole(value: unknown, least: number, most: number, path: string): number {
  if (typeof value === 'number' && Number.isInteger(value) && value >= least && value <= most) return value
  throw refuseStudy('field.range', { field: path, of: 'whole', least, most }, path)
}

/** @throws RecipeError `field.unknown` */
export function oneOf<T extends string | number>(value: unknown, among: readonly T[], path: string): T {
  if ((among as readonly unknown[]).includes(value)) return value as T
  throw refuseStudy('field.unknown', { field: path, of: 'choice', among: among.join(', ') }, path)
}
