import Joi, { type ObjectSchema } from 'joi'
import { KIND_IDS, SIGNATURES } from '#core/material'
import { RecipeError } from '#core/pitch'
import {
  ARTICULATIONS,
  CHROMATICS,
  COURSES,
  FIRST_FINGERS,
  FORMAT,
  HAND_SIZES,
  HANDS,
  INSTRUMENTS,
  INTERVALS,
  LEFT_ARPEGGIOS,
  MOST_DEGREES,
  MOST_IN_GRIP,
  MOST_OCTAVES,
  MOST_PITCHES,
  MOTIONS,
  NOTES_PER_BEAT,
  type RecipeInput,
  SCHOOLS,
  TEMPO_RANGE,
} from '#core/study'
import { BEATS, checkSyllabus, CHOOSERS, ENTRY_HANDS, type Syllabus, SYLLABUS_FORMAT } from '#core/syllabus'
import { errorOf } from './fault'

/** Text that people type: no control characters, trimmed, of a bounded length. */
const words = (most: number) =>
  Joi.string()
    .trim()
    .max(most)
    .pattern(/^\P{Cc}*$/u)
    .messages({ 'string.pattern.base': '{{#label}} holds characters that cannot be printed' })

const identifier = words(80).min(1)
const uuid = Joi.string().guid({ version: 'uuidv4' })
const version = Joi.number().integer().min(1)
const note = Joi.string()
  .pattern(/^[A-G](#{1,2}|b{1,2})?$/)
  .messages({ 'string.pattern.base': '{{#label}} is not a note name: write a letter from A to G, then # or b' })

const pitch = Joi.string()
  .pattern(/^[A-G](#{1,2}|b{1,2})?-?\d$/)
  .messages({ 'string.pattern.base': '{{#label}} is not a pitch such as F#4' })
const finger = Joi.number().integer().min(1).max(5)

/** A tonic and a kind, or pitches as they are listed. */
const named = { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.required() }
const materialSchema = Joi.object({
  tonic: note.when('pitches', named),
  kind: Joi.valid(...KIND_IDS).when('pitches', named),
  inversion: Joi.number().integer().min(0).max(3).when('pitches', { is: Joi.exist(), then: Joi.forbidden() }),
  pitches: Joi.array().min(1).max(MOST_PITCHES).items(pitch, Joi.array().items(pitch).min(1).max(5)),
})

/** A finger at a note, on a degree in every octave, or fingers over a grip. */
const pinSchema = Joi.object({
  hand: Joi.valid('right', 'left').required(),
  index: Joi.number()
    .integer()
    .min(0)
    .max(9999)
    .when('from', { is: Joi.exist(), then: Joi.forbidden() })
    .when('degree', { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.when('from', required()) }),
  from: Joi.number().integer().min(0).max(9999),
  degree: Joi.number().integer().min(1).max(MOST_DEGREES),
  leg: Joi.valid('up', 'down').when('degree', { is: Joi.exist(), otherwise: Joi.forbidden() }),
  finger: finger.when('from', { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.required() }),
  fingers: Joi.array()
    .min(1)
    .max(MOST_IN_GRIP)
    .items(finger)
    .when('from', { is: Joi.exist(), then: Joi.required(), otherwise: Joi.forbidden() }),
}).without('degree', ['from'])

function required() {
  return { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.required() }
}

/** Keys that a recipe's dictionary of fields may hold; every one but the material has a default. */
export const recipeSchema: ObjectSchema<RecipeInput> = Joi.object({
  format: Joi.valid(FORMAT),
  instrument: Joi.valid(...INSTRUMENTS),
  material: materialSchema.required(),
  hands: Joi.valid(...HANDS),
  motion: Joi.valid(...MOTIONS),
  interval: Joi.valid(...INTERVALS),
  tonicHand: Joi.valid('right', 'left'),
  octaves: Joi.number().integer().min(1).max(MOST_OCTAVES),
  course: Joi.valid(...COURSES),
  startOctave: Joi.number().integer().min(0).max(8),
  signature: Joi.valid(...SIGNATURES),
  school: Joi.valid(...SCHOOLS),
  firstFinger: Joi.valid(...FIRST_FINGERS),
  leftArpeggio: Joi.valid(...LEFT_ARPEGGIOS),
  chromatic: Joi.valid(...CHROMATICS),
  handSize: Joi.valid(...HAND_SIZES),
  articulation: Joi.valid(...ARTICULATIONS),
  tempo: Joi.object({
    bpm: Joi.number().integer().min(TEMPO_RANGE.least).max(TEMPO_RANGE.most),
    notesPerBeat: Joi.valid(...NOTES_PER_BEAT),
  }),
  pins: Joi.array().max(500).items(pinSchema),
})

const entrySchema = Joi.object({
  id: identifier.required(),
  words: words(400).required(),
  keys: Joi.alternatives(
    Joi.array().items(note).min(1).max(60),
    Joi.object({
      sharps: Joi.number().integer().min(0).max(7).required(),
      flats: Joi.number().integer().min(0).max(7).required(),
    }),
  ).required(),
  kinds: Joi.array()
    .items(Joi.valid(...KIND_IDS))
    .min(1)
    .unique()
    .required(),
  chooser: Joi.valid(...CHOOSERS).default('examiner'),
  hands: Joi.valid(...ENTRY_HANDS).default('together'),
  motion: Joi.valid(...MOTIONS).default('similar'),
  octaves: Joi.number().integer().min(1).max(MOST_OCTAVES).required(),
  course: Joi.valid(...COURSES).default('up-down'),
  articulations: Joi.array()
    .items(Joi.valid(...ARTICULATIONS))
    .default([]),
  tempo: Joi.object({
    beat: Joi.valid(...BEATS).default('quarter'),
    bpm: Joi.number().integer().min(TEMPO_RANGE.least).max(TEMPO_RANGE.most).required(),
    notesPerBeat: Joi.valid(...NOTES_PER_BEAT).required(),
  }).required(),
})

const syllabusSchema: ObjectSchema<Syllabus> = Joi.object({
  format: Joi.valid(SYLLABUS_FORMAT).required(),
  id: Joi.string()
    .pattern(/^[a-z0-9][a-z0-9-]{0,60}$/)
    .required()
    .messages({ 'string.pattern.base': '{{#label}} must be lower-case letters, digits and hyphens' }),
  title: words(120).required(),
  board: words(120).required(),
  instrument: Joi.valid(...INSTRUMENTS).default('piano'),
  edition: words(40).default(''),
  grades: Joi.array()
    .min(1)
    .max(30)
    .required()
    .items(
      Joi.object({
        id: identifier.required(),
        title: words(80).required(),
        groups: Joi.array()
          .min(1)
          .max(60)
          .required()
          .items(
            Joi.object({
              id: identifier.required(),
              title: words(200).required(),
              rule: Joi.alternatives(
                Joi.valid('all'),
                Joi.object({ any: Joi.number().integer().min(1).max(500).required() }),
              ).default('all'),
              entries: Joi.array().min(1).max(200).items(entrySchema).required(),
            }),
          ),
      }),
    ),
})

/** A set of studies as a file: `tactum-set/1`. */
export const SET_FORMAT = 'tactum-set/1'
const setFileSchema: ObjectSchema<{ format: string; title?: string; studies: RecipeInput[] }> = Joi.object({
  format: Joi.valid(SET_FORMAT).required(),
  title: words(120),
  studies: Joi.array().max(500).items(recipeSchema).required(),
})

const accepted = Joi.object({
  right: Joi.array().items(Joi.number().integer().min(1).max(5)),
  left: Joi.array().items(Joi.number().integer().min(1).max(5)),
})

/** Bodies of the API's requests. */
export const bodies = {
  newStudy: Joi.object({ recipe: recipeSchema.required() }),
  study: Joi.object({ recipe: recipeSchema.required(), accepted, version: version.required() }),
  newPupil: Joi.object({
    name: words(80).min(1).required(),
    instrument: Joi.valid('piano', 'accordion', 'marimba').required(),
  }),
  newSet: Joi.object({ title: words(120).min(1).required(), pupilId: uuid.required() }),
  set: Joi.object({
    title: words(120).min(1).required(),
    syllabusId: Joi.string().max(60).allow(null).required(),
    gradeId: Joi.string().max(80).allow(null).required(),
    studyIds: Joi.array().items(uuid).max(500).unique().required(),
    version: version.required(),
  }),
  missing: Joi.object({
    syllabusId: Joi.string().max(60).required(),
    gradeId: Joi.string().max(80).required(),
    version: version.required(),
  }),
}

/** Checks a value against a schema. @throws RecipeError naming the field */
export function checked<T>(schema: ObjectSchema<T>, value: unknown): T {
  if (value === null || value === undefined || typeof value !== 'object' || Array.isArray(value)) {
    throw new RecipeError('body.object', 'A JSON object is expected here.', '')
  }
  const { value: clean, error } = schema.validate(value, { convert: true, errors: { wrap: { label: false } } })
  if (error) throw errorOf(error)
  return clean
}

/** Reads JSON text. @throws RecipeError `json` */
export function parsedJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch (error) {
    throw new RecipeError('json', `This is not JSON: ${(error as Error).message}`, '')
  }
}

/** A syllabus from an unknown value, defaults filled, checked as a whole. @throws RecipeError naming the field */
export function syllabusOf(value: unknown): Syllabus {
  const syllabus = checked(syllabusSchema, value)
  checkSyllabus(syllabus)
  return syllabus
}

/** A recipe from an unknown value; whether it can be realised is the core's to say. @throws RecipeError */
export const recipeOf = (value: unknown): RecipeInput => checked(recipeSchema, value)

/** The studies of a set file. @throws RecipeError */
export const setFileOf = (value: unknown) => checked(setFileSchema, value)
