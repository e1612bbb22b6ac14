import Joi, { type ObjectSchema } from 'joi'
import { MAX_CALLED } from '#core/call'
import type { Accepted } from '#core/realise'
import { broughtUp, type RecipeInput, TAUGHT } from '#core/instrument'
import { checkSyllabus, ORDERS, type Policies, type Syllabus, SYLLABUS_INSTRUMENTS } from '#core/syllabus'
import { REGIONS } from '#words'
import { MAX_STUDIES, MAX_TAG, MAX_TAGS, type Shelf } from './api'
import { errorOf } from './fault'
import { FILE_FORMATS, type FileFormat } from './fileFormats'
import { refuse } from './messages'
import { learning, lessonBody, lessonSlots, weekBody } from './lessonSchema'
import { marksSchema, storedAim, newEntry, type PlanRequest, planSchema, routeSchema } from './practiceSchema'
import { paperSchema, type PaperWanted } from './paperSchema'
import { peopleBodies } from './peopleSchema'
import { acceptedSchema as accepted, recipeSchema } from './recipeSchema'
import { settingsSchema } from './settingsSchema'
import { syllabusSchema } from './syllabusSchema'
import { checkTexts } from './texts'
import { MAX_VERSIONS, uuid, words } from './words'

export { recipeSchema } from './recipeSchema'
export { checkText } from './texts'

const version = Joi.number().integer().min(1).max(MAX_VERSIONS)

/** A set of studies as a file: `tactum-set/1`. */
const SET_FORMAT = 'tactum-set/1'
const setFileSchema: ObjectSchema<{ format: string; title?: string; studies: RecipeInput[] }> = Joi.object({
  format: Joi.valid(SET_FORMAT).required(),
  title: words(120),
  studies: Joi.array().max(500).items(recipeSchema).required(),
})

const policies: ObjectSchema<Partial<Policies>> = Joi.object({
  togetherForSeparate: Joi.boolean(),
  moreOctaves: Joi.boolean(),
  fasterTempo: Joi.boolean(),
  anyTouch: Joi.boolean(),
})
const choices = Joi.object().pattern(Joi.string().max(300), Joi.string().max(80)).max(60)

/** So many studies are moved or tagged by one request at the most. */
const MAX_AT_ONCE = 500
const SHELVES = ['library', 'archive', 'bin'] as const satisfies readonly Shelf[]
const someIds = Joi.array().items(uuid).min(1).max(MAX_AT_ONCE).unique().required()
const tags = Joi.array().items(words(MAX_TAG).min(1)).max(MAX_TAGS).default([])

/** What many studies take on at once: how they are played, not what they are. */
const someChange: ObjectSchema<Partial<RecipeInput>> = settingsSchema
  .keys({
    hands: recipeSchema.extract('hands'),
    octaves: recipeSchema.extract('octaves'),
    tempo: Joi.object({ bpm: recipeSchema.extract('tempo.bpm').required() }),
  })
  .min(1)

/** Studies that are to go into a file: as they stand there, or by the ids under which they are kept. */
export interface FileRequest {
  readonly format: FileFormat
  readonly title: string
  readonly studies: readonly { readonly recipe: RecipeInput; readonly accepted?: Accepted }[]
  readonly ids: readonly string[]
  readonly strokes: boolean
}
const fileRequest: ObjectSchema<FileRequest> = Joi.object({
  format: Joi.valid(...FILE_FORMATS).required(),
  title: words(120).allow('').default(''),
  studies: Joi.array()
    .items(Joi.object({ recipe: recipeSchema.required(), accepted }))
    .max(MAX_STUDIES)
    .default([]),
  ids: Joi.array().items(uuid).max(MAX_STUDIES).default([]),
  strokes: Joi.boolean().default(true),
})

const taught = Joi.valid(...TAUGHT.map(({ id }) => id))
const studioSettings = Joi.object({
  region: Joi.valid(...REGIONS).allow(null),
  instrument: taught.allow(null),
  make: settingsSchema,
  welcomed: Joi.boolean(),
})

/** Bodies of the API's requests. */
export const bodies = {
  ...peopleBodies,
  newStudy: Joi.object({ recipe: recipeSchema.required(), id: uuid }),
  newStudies: Joi.object({ recipes: Joi.array().items(recipeSchema).min(1).max(MAX_CALLED).required() }),
  shelf: Joi.object({ ids: someIds, shelf: Joi.valid(...SHELVES).required() }),
  tags: Joi.object({ ids: someIds, add: tags, remove: tags }),
  changePreview: Joi.object({ ids: someIds, some: someChange.required() }),
  change: Joi.object({
    studies: Joi.array()
      .items(Joi.object({ id: uuid.required(), version: version.required() }))
      .min(1)
      .max(MAX_AT_ONCE)
      .unique('id')
      .required(),
    some: someChange.required(),
  }),
  study: Joi.object({ recipe: recipeSchema.required(), accepted, version: version.required() }),
  newPupil: Joi.object({
    name: words(80).min(1).required(),
    instrument: taught.required(),
    note: words(200).allow('').default(''),
    lessons: lessonSlots.default([]),
    learning: learning.default({}),
    settings: settingsSchema.default({}),
  }),
  pupil: Joi.object({
    name: words(80).min(1).required(),
    note: words(200).allow('').default(''),
    lessons: lessonSlots,
    learning,
    version,
  }),
  lesson: lessonBody,
  week: weekBody,
  course: Joi.object({ list: Joi.valid(...SYLLABUS_INSTRUMENTS).required() }),
  studio: Joi.object({
    name: words(80).min(1).required(),
    teacher: words(80).allow('').default(''),
    settings: studioSettings,
  }),
  archived: Joi.object({ archived: Joi.boolean().required() }),
  newSet: Joi.object({ title: words(120).min(1).required(), pupilId: uuid.required() }),
  set: Joi.object({
    title: words(120).min(1).required(),
    syllabusId: Joi.string().max(60).allow(null).required(),
    gradeId: Joi.string().max(80).allow(null).required(),
    studyIds: Joi.array().items(uuid).max(MAX_STUDIES).unique().required(),
    policies,
    version: version.required(),
  }),
  missing: Joi.object({
    syllabusId: Joi.string().max(60).required(),
    gradeId: Joi.string().max(80).required(),
    version: version.required(),
    only: Joi.array().items(Joi.string().max(300)).max(MAX_STUDIES),
    choices,
  }),
  mend: Joi.object({ atom: Joi.string().max(300).required(), version: version.required() }),
  restore: Joi.object({
    studyIds: Joi.array().items(uuid).max(MAX_STUDIES).unique().required(),
    studies: Joi.array()
      .items(
        Joi.object({ id: uuid.required(), recipe: recipeSchema.required(), accepted, version: version.required() }),
      )
      .max(10)
      .required(),
    remove: Joi.array()
      .items(Joi.object({ id: uuid.required(), version: version.required() }))
      .max(10)
      .required(),
    version: version.required(),
  }),
  order: Joi.object({ by: Joi.valid(...ORDERS).required(), version: version.required() }),
  upToDate: Joi.object({ version: version.required() }),
  preferences: Joi.object({ settings: settingsSchema, choices }),
  matches: Joi.object({ recipe: recipeSchema.required() }),
  file: fileRequest,
  paper: paperSchema,
  syllabusCopy: Joi.object({
    title: words(120).min(1).required(),
    edition: words(40).allow('').required(),
    follows: Joi.boolean().default(false),
  }),
  syllabus: Joi.object({ syllabus: syllabusSchema.required(), version: version.required() }),
  marks: marksSchema,
  entries: Joi.object({ entries: Joi.array().items(newEntry).min(1).max(50).required() }),
  aim: storedAim,
  route: routeSchema,
  exam: Joi.object({
    setId: uuid.required(),
    seed: Joi.number().integer().min(0).max(4294967295).required(),
    marks: Joi.array()
      .items(Joi.array().items(Joi.number().integer().min(0).max(9).allow(null)).min(1).max(8))
      .min(1)
      .max(100)
      .required(),
    notes: Joi.array().items(words(400).allow('')).max(100).default([]),
    // what is not marked may stay so, where that is said
    unfinished: Joi.boolean().default(false),
    expected: Joi.array().items(Joi.string().max(300)).max(100).required(),
  }),
}

/** Checks a value against a schema. @throws DomainError naming the field */
export function checked<T>(schema: ObjectSchema<T>, value: unknown): T {
  if (value === null || value === undefined || typeof value !== 'object' || Array.isArray(value)) {
    throw refuse('body.object', {}, '')
  }
  const { value: clean, error } = schema.validate(value, { convert: true, errors: { wrap: { label: false } } })
  if (error) throw errorOf(error)
  return clean
}

/** Reads JSON text. @throws DomainError `json`, `text`, `depth` */
export function parsedJson(text: string): unknown {
  const value = read(text)
  checkTexts(value)
  return value
}

function read(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    throw refuse('json', { why: (error as Error).message }, '')
  }
}

/** A syllabus from an unknown value, defaults filled, checked as a whole. @throws DomainError naming the field */
export function syllabusOf(value: unknown): Syllabus {
  const syllabus = checked(syllabusSchema, value)
  checkSyllabus(syllabus)
  return syllabus
}

/** A recipe from an unknown value; whether it can be realised is the core's to say. @throws DomainError */
export const recipeOf = (value: unknown): RecipeInput => checked(recipeSchema, value)

/** A recipe that a file keeps, which an older Tactum may have written. @throws DomainError naming the field */
export const keptRecipeOf = (value: unknown): RecipeInput =>
  recipeOf(typeof value === 'object' && value !== null ? broughtUp(value).recipe : value)

/** The studies of a set file, which an older Tactum may have written. @throws DomainError */
export function setFileOf(value: unknown) {
  const { studies, ...file } = checked(setFileSchema, value)
  return { ...file, studies: studies.map((study) => broughtUp(study).recipe) }
}

/** A sheet that is asked for, from an unknown value. @throws DomainError naming the field */
export const paperWantedOf = (value: unknown): PaperWanted => checked(paperSchema, value)

/** Whether a value says that it is a set. */
export const isSetFile = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && (value as { format?: unknown }).format === SET_FORMAT

/** What a plan is made from, of an unknown value. @throws DomainError naming the field */
export const planRequestOf = (value: unknown): PlanRequest => checked(planSchema, value)

/** What counts, from an unknown value. @throws DomainError naming the field */
export const policiesOf = (value: unknown): Partial<Policies> => checked(policies, value)
