import type { ValidationError } from 'joi'
import { type Fault, RecipeError } from '#core/pitch'

/** `a.b[2].c` from Joi's path. */
export const joined = (path: readonly (string | number)[]): string =>
  path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : text ? `${text}.${part}` : part),
    '',
  )

/** A Joi error in the one shape that every door answers with: its first finding, in words. */
export function faultOf(error: ValidationError): Fault {
  const first = error.details[0]!
  return {
    code: `field.${first.type}`,
    message: `${first.message.replaceAll('"', '')}.`,
    path: joined(first.path),
  }
}

export const errorOf = (error: ValidationError): RecipeError => {
  const { code, message, path } = faultOf(error)
  return new RecipeError(code, message, path)
}
