import Joi from 'joi'

/** Text that people type: no control characters, trimmed, of a bounded length. */
export const words = (most: number) =>
  Joi.string()
    .trim()
    .max(most)
    .pattern(/^\P{Cc}*$/u, 'printable')

/** An id, in capitals or not: as the database writes it. */
export const uuid = Joi.string().guid({ version: 'uuidv4' }).lowercase()

/** As far as the database counts versions. */
export const MAX_VERSIONS = 2_147_483_647
