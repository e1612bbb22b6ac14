import Joi, { type ObjectSchema } from 'joi'
import type { Settings } from '#core/syllabus'
import { recipeSchema } from './recipeSchema'

/** How somebody plays: what a pupil's studies have beyond key and shape. */
export const settingsSchema: ObjectSchema<Settings> = Joi.object({
  clefs: recipeSchema.extract('clefs'),
  school: recipeSchema.extract('school'),
  handSize: recipeSchema.extract('handSize'),
  instrument: recipeSchema.extract('instrument'),
  lead: recipeSchema.extract('lead'),
  strike: recipeSchema.extract('strike'),
  bars: recipeSchema.extract('bars'),
  mallets: recipeSchema.extract('mallets'),
  accordion: recipeSchema.extract('accordion'),
})
