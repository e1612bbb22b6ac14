import Joi from 'joi'
import { BECAUSE, LESSON_STATUSES, MAX_LEVEL } from '#core/lesson'
import { HANDS, MAX_OCTAVES } from '#core/study'
import { MAX_KNOWN, MAX_LINES, MAX_SLOTS } from './lessons'
import { date, weekday, where } from './practiceSchema'
import { recipeSchema } from './recipeSchema'
import { MAX_VERSIONS, uuid, words } from './words'

const MAX_TEMPO = 2000
const [LEAST_LESSON, MAX_LESSON] = [5, 180]

const time = Joi.string().pattern(/^([01]\d|2[0-3]):[0-5]\d$/, 'time')
const lessonMinutes = Joi.number().integer().min(LEAST_LESSON).max(MAX_LESSON)
const version = Joi.number().integer().min(0).max(MAX_VERSIONS)

/** When a pupil comes. */
export const lessonSlots = Joi.array()
  .items(Joi.object({ weekday: weekday.required(), time: time.required(), minutes: lessonMinutes.required() }))
  .max(MAX_SLOTS)
  .unique('weekday')

/** What a pupil learns; what is not named stays. */
export const learning = Joi.object({
  courseId: Joi.string().max(60).allow(null),
  level: Joi.number().integer().min(1).max(MAX_LEVEL).allow(null),
  knows: Joi.array()
    .items(Joi.string().pattern(/^[A-G](##|bb|#|b)?m?$/, 'key'))
    .max(MAX_KNOWN)
    .unique(),
  minutesADay: Joi.number().integer().min(5).max(240),
  days: Joi.array().items(weekday).min(1).max(7).unique(),
})

/** What is written of a lesson on one day. */
export const lessonBody = Joi.object({
  date: date.required(),
  status: Joi.valid(...LESSON_STATUSES).required(),
  time: time.required(),
  minutes: lessonMinutes.required(),
  note: words(400).allow('').default(''),
  movedTo: Joi.when('status', { is: 'moved', then: date.required(), otherwise: Joi.valid(null).default(null) }),
  version: version.required(),
})

const weekLine = Joi.object({
  id: uuid.required(),
  studyId: uuid.allow(null).required(),
  study: recipeSchema.required(),
  hands: Joi.valid(...HANDS).required(),
  octaves: Joi.number().integer().min(0).max(MAX_OCTAVES).required(),
  stage: Joi.string().max(40).allow(null).required(),
  tempo: Joi.number().integer().min(1).max(MAX_TEMPO).required(),
  reach: Joi.number().integer().min(1).max(MAX_TEMPO).required(),
  minutes: Joi.number().integer().min(1).max(120).required(),
  days: Joi.array().items(weekday).max(7).unique().required(),
  test: Joi.boolean().required(),
  where: where.required().allow(null),
  because: Joi.valid(...BECAUSE).required(),
  note: words(200).allow('').required(),
})

/** A week as it is set, over the version that was seen; 0 where there was none. */
export const weekBody = Joi.object({
  from: date.required(),
  lines: Joi.array().items(weekLine).max(MAX_LINES).unique('id').required(),
  note: words(400).allow('').default(''),
  version: version.required(),
})
