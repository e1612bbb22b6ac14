import Joi, { type ObjectSchema } from 'joi'
import { families, PLACES, type RecipeInput } from '#core/instrument'
import { dayOf, type Entry, OCCASIONS, OUTCOMES, WEEKDAYS, type WrittenAim } from '#core/practice'
import { MAX_LEVEL } from '#core/lesson'
import { HANDS, MAX_OCTAVES } from '#core/study'
import { recipeSchema } from './recipeSchema'
import { MAX_VERSIONS, uuid, words } from './words'

/** Notes a minute at the most, entries of one record, holidays of one aim. */
const [MAX_TEMPO, MAX_ENTRIES, MAX_AWAY] = [2000, 10_000, 60]
const MAX_MINUTES = 600

/** A day that there is, `2026-11-28`. */
export const date = Joi.string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/, 'date')
  .custom((value: string, { error }) =>
    dayOf(value) === null ? error('string.pattern.name', { name: 'date' }) : value,
  )
export const weekday = Joi.valid(...WEEKDAYS)

export const where = Joi.object({
  player: Joi.string().max(10),
  index: Joi.number().integer().min(0).max(9999),
  place: Joi.valid(...PLACES),
})
  .xor('index', 'place')
  .with('index', 'player')

/** Fields of an entry that say what happened, whoever keeps it. */
const happened = {
  date: date.required(),
  kind: Joi.valid(...OCCASIONS).required(),
  outcome: Joi.valid(...OUTCOMES).required(),
  tempo: Joi.number().integer().min(1).max(MAX_TEMPO).required(),
  hands: Joi.valid(...HANDS),
  octaves: Joi.number().integer().min(1).max(MAX_OCTAVES),
  minutes: Joi.number().min(0).max(MAX_MINUTES).default(0),
  where,
  stage: Joi.string().max(40),
  corrects: uuid,
  withdrawn: Joi.boolean(),
}

/** An entry as it is written: of which study, and what happened; hands and octaves are the study's unless said. */
type WrittenEntry = Omit<Entry, 'study' | 'hands' | 'octaves'> &
  Partial<Pick<Entry, 'hands' | 'octaves'>> & { readonly study: RecipeInput }
const entrySchema: ObjectSchema<WrittenEntry> = Joi.object({
  study: recipeSchema.required(),
  ...happened,
  id: Joi.string().max(60),
})

/** An entry as a request tells it: the study is named, or given where it is kept nowhere. */
export const newEntry = Joi.object({
  id: uuid.required(),
  studyId: uuid,
  study: recipeSchema,
  ...happened,
  note: words(400).allow('').default(''),
  by: Joi.valid('teacher', 'pupil').default('teacher'),
}).xor('studyId', 'study')

/** What a pupil says of lines of the own week. */
export const marksSchema = Joi.object({
  marks: Joi.array()
    .items(
      Joi.object({
        id: uuid.required(),
        line: uuid.required(),
        outcome: happened.outcome,
        tempo: happened.tempo,
        date: happened.date,
      }),
    )
    .min(1)
    .max(50)
    .unique('id')
    .required(),
})

const aimFields = {
  exam: date.required(),
  minutesADay: Joi.number().integer().min(1).max(240).required(),
  days: Joi.array().items(weekday).min(1).max(7).unique().required(),
  lesson: weekday.allow(null),
  away: Joi.array()
    .items(Joi.object({ from: date.required(), to: date.required() }))
    .max(MAX_AWAY),
}
/** An aim as a request tells it: studies by their ids. */
export const storedAim = Joi.object({
  ...aimFields,
  pins: Joi.array()
    .items(Joi.object({ studyId: uuid.required(), week: date.required() }))
    .max(500)
    .default([]),
  version: Joi.number().integer().min(0).max(MAX_VERSIONS).required(),
})

/** A way through a family's studies: its stages in order, the last two of them not left out. */
export const routeSchema = Joi.object({
  family: Joi.valid(...families().map(({ id }) => id)).required(),
  school: Joi.string().max(40).allow('').required(),
  steps: Joi.array()
    .items(
      Joi.object({ stage: Joi.string().max(40).required(), minutes: Joi.number().integer().min(1).max(20).required() }),
    )
    .max(20)
    .unique('stage')
    .required(),
  version: Joi.number().integer().min(0).max(MAX_VERSIONS).required(),
})

/** What the terminal makes a plan from. */
export interface PlanRequest extends WrittenAim {
  readonly today: string
  readonly studies?: readonly RecipeInput[]
  readonly syllabus?: unknown
  readonly grade?: string
  readonly record: readonly WrittenEntry[]
  /** The level that the pupil is at, from 1. */
  readonly level?: number
  /** Whether what would help is worked out as well. */
  readonly help: boolean
}
export const planSchema: ObjectSchema<PlanRequest> = Joi.object({
  today: date.required(),
  ...aimFields,
  pins: Joi.array().items(Joi.object({ study: Joi.number().integer().min(0).required(), week: date.required() })),
  studies: Joi.array().items(recipeSchema).min(1).max(500),
  syllabus: Joi.alternatives(Joi.object(), Joi.string().max(500)),
  grade: Joi.string().max(80),
  record: Joi.array().items(entrySchema).max(MAX_ENTRIES).default([]),
  level: Joi.number().integer().min(1).max(MAX_LEVEL),
  lessonMinutes: Joi.number().integer().min(1).max(240),
  help: Joi.boolean().default(true),
})
  .or('studies', 'syllabus')
  .and('syllabus', 'grade')
