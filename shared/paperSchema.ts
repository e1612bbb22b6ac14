import Joi, { type ObjectSchema } from 'joi'
import { CHARTED } from '#core/chart'
import type { RecipeInput } from '#core/instrument'
import { NAMINGS } from '#core/pitch'
import { LEVELS, TASKS } from '#core/worksheet'
import type { SheetLook } from '#paper'
import { MAX_STUDIES } from './api'
import { ANSWERS, type ChartRequest, type PaperRequest, SHEETS, type SheetId, type StudyOut } from './paper/requests'
import { acceptedSchema, motifSchema, note, recipeSchema } from './recipeSchema'
import { settingsSchema } from './settingsSchema'
import { uuid, words } from './words'

/** How paper comes: as pages to be looked at, one file, or a file for each set. */
export const PAPER_AS = ['pages', 'pdf', 'zip'] as const
const MAX_SETS = 100
const MAX_SEED = 999_999

type WorksheetWanted = Extract<PaperRequest, { sheet: 'worksheet' }>['worksheet']

/** A sheet that is asked for: of studies as they are sent, or kept, or of the sets named. */
export interface PaperWanted {
  readonly sheet: SheetId
  readonly as: (typeof PAPER_AS)[number]
  readonly size: PaperRequest['size']
  readonly title: string
  readonly studies: readonly StudyOut[]
  readonly ids: readonly string[]
  readonly sets: readonly string[]
  readonly pupil?: string
  readonly look: SheetLook
  readonly chart?: ChartRequest
  readonly worksheet?: WorksheetWanted
}

const yes = Joi.boolean().default(false)

/** How studies are laid on paper; what is not said is as usual. */
export const lookSchema: ObjectSchema<SheetLook> = Joi.object({
  fingers: Joi.valid('all', 'crossings', 'none').default('all'),
  large: yes,
  names: Joi.valid('none', ...NAMINGS).default('none'),
  grips: yes,
  chordNames: yes,
  stair: yes,
  map: yes,
  bars: Joi.number().integer().min(0).max(8).default(0),
  hands: Joi.valid('all', 'right', 'left').default('all'),
  steps: yes,
  book: yes,
})

const kinds = Joi.array()
  .items(Joi.valid(...CHARTED))
  .min(1)
  .max(4)
  .unique()
  .required()
const settings = settingsSchema.default({} as Omit<RecipeInput, 'material'>)
export const chartSchema: ObjectSchema<ChartRequest> = Joi.object({ kinds, settings })
export const worksheetSchema: ObjectSchema<WorksheetWanted> = Joi.object({
  tasks: Joi.array()
    .items(Joi.valid(...TASKS))
    .min(1)
    .unique()
    .required(),
  kinds,
  level: Joi.valid(...LEVELS).default(1),
  keys: Joi.array().items(note).max(21).unique().default([]),
  each: Joi.number().integer().min(1).max(12).default(4),
  seed: Joi.number().integer().min(1).max(MAX_SEED).required(),
  answers: Joi.valid(...ANSWERS).default('after'),
  motif: motifSchema,
  settings,
})

const neededFor = (sheet: SheetId) => ({ is: sheet, then: Joi.required(), otherwise: Joi.forbidden() })

export const paperSchema: ObjectSchema<PaperWanted> = Joi.object({
  sheet: Joi.valid(...SHEETS).required(),
  as: Joi.valid(...PAPER_AS).default('pdf'),
  size: Joi.valid('a4', 'letter').default('a4'),
  title: words(120).allow('').default(''),
  studies: Joi.array()
    .items(Joi.object({ recipe: recipeSchema.required(), accepted: acceptedSchema }))
    .max(MAX_STUDIES)
    .default([]),
  ids: Joi.array().items(uuid).max(MAX_STUDIES).unique().default([]),
  sets: Joi.array().items(uuid).max(MAX_SETS).unique().default([]),
  pupil: uuid.when('sheet', neededFor('lesson')),
  look: lookSchema.default(lookSchema.validate({}).value as SheetLook),
  chart: chartSchema.when('sheet', neededFor('chart')),
  worksheet: worksheetSchema.when('sheet', neededFor('worksheet')),
})
