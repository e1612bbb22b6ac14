import Joi from 'joi'

/** Text that people type: no control characters, trimmed, of a bounded length. */
export const words = (most: number) =>
  Joi.string()
    .trim()
    .max(most)
    .pattern(/^\P{Cc}*$/u, 'printable')

/** As far as the database counts versions. */
export const MAX_VERSIONS = 2_147_483_647
