import Joi, { type ObjectSchema } from 'joi'
import { ARCHIVED_KINDS, type ArchiveManifest } from './archive'

const count = Joi.number().integer().min(0).max(10_000_000).required()

/** `archive.json` of an archive, whatever version it is of. */
export const archiveSchema: ObjectSchema<ArchiveManifest> = Joi.object({
  format: Joi.string().max(40).required(),
  made: Joi.string().isoDate().required(),
  studio: Joi.object({
    name: Joi.string().max(200).allow('').required(),
    teacher: Joi.string().max(200).allow('').required(),
  }).required(),
  pupil: Joi.string().guid().allow(null).required(),
  counts: Joi.object(Object.fromEntries(ARCHIVED_KINDS.map((kind) => [kind, count]))).required(),
  files: Joi.object()
    .pattern(Joi.string().max(400), Joi.string().pattern(/^[0-9a-f]{64}$/))
    .required(),
})
