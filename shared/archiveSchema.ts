import Joi, { type ObjectSchema } from 'joi'
import { ARCHIVED_KINDS, type ArchiveManifest, LATER_KINDS } from './archive'

const count = Joi.number().integer().min(0).max(10_000_000)

/** `archive.json` of an archive, whatever version it is of. */
export const archiveSchema: ObjectSchema<ArchiveManifest> = Joi.object({
  format: Joi.string().max(40).required(),
  made: Joi.string().isoDate().required(),
  studio: Joi.object({
    name: Joi.string().max(200).allow('').required(),
    teacher: Joi.string().max(200).allow('').required(),
    settings: Joi.object(),
  }).required(),
  pupil: Joi.string().guid().allow(null).required(),
  counts: Joi.object(
    Object.fromEntries(
      ARCHIVED_KINDS.map((kind) => [kind, LATER_KINDS.includes(kind) ? count.default(0) : count.required()]),
    ),
  ).required(),
  files: Joi.object()
    .pattern(Joi.string().max(400), Joi.string().pattern(/^[0-9a-f]{64}$/))
    .required(),
})
