import Joi, { type ObjectSchema } from 'joi'
import { LEFT_BOARDS, LEFT_PARTS, MAX_BELLOWS_BEATS, REGISTERS, TURNS } from '#core/buttons'
import { KIND_IDS } from '#core/material'
import { RUDIMENTS } from '#core/sticking'
import { BASS_ROWS, MALLET_IDS } from '#core/surface'
import {
  ARTICULATIONS,
  CONTRARY_FROM,
  COURSES,
  FIGURES,
  INTERVALS,
  MAX_OCTAVES,
  MOTIONS,
  NOTES_PER_BEAT,
  TEMPO_RANGE,
  WALKS,
} from '#core/study'
import {
  BEATS,
  BUNDLES,
  CHOOSERS,
  type Entry,
  ENTRY_DEFAULTS,
  ENTRY_HANDS,
  type Grade,
  GRADE_DEFAULTS,
  type Group,
  GROUP_DEFAULTS,
  LEADS,
  RESOLUTIONS,
  SCOPES,
  SEVENTHS,
  type Syllabus,
  SYLLABUS_DEFAULTS,
  SYLLABUS_FORMAT,
  SYLLABUS_INSTRUMENTS,
  TEMPO_DEFAULTS,
  TEMPO_KINDS,
} from '#core/syllabus'
import { lineSchema, note, recipeSchema } from './recipeSchema'
import { words } from './words'

const identifier = words(80).min(1)
const slug = Joi.string().pattern(/^[a-z0-9][a-z0-9-]{0,60}$/, 'slug')
const whole = (least: number, most: number) => Joi.number().integer().min(least).max(most)
const oneOf = (values: readonly (string | number)[], usual: string | number) => Joi.valid(...values).default(usual)
const listOf = (values: readonly string[], usual: readonly string[]) =>
  Joi.array()
    .items(Joi.valid(...values))
    .unique()
    .default([...usual])
const texts = (most: number) => Joi.array().items(words(most).min(1)).max(20).default([])

const keysSchema = Joi.alternatives(
  Joi.array().items(note).min(1).max(60).unique(),
  Joi.object({ sharps: whole(0, 7).required(), flats: whole(0, 7).required() }),
  Joi.object({ as: identifier.required() }),
)

const bpm = whole(TEMPO_RANGE.least, TEMPO_RANGE.most)
const tempoSchema = Joi.object({
  beat: oneOf(BEATS, TEMPO_DEFAULTS.beat),
  bpm: bpm.required(),
  notesPerBeat: Joi.valid(...NOTES_PER_BEAT).required(),
  kind: oneOf(TEMPO_KINDS, TEMPO_DEFAULTS.kind),
  most: bpm,
})

const MALLET_MAKES = [...new Set(MALLET_IDS.map((id) => id.split('-')[0]!))]
const sticksSchema = Joi.object({
  rudiment: Joi.valid(...RUDIMENTS.filter((rudiment) => rudiment !== 'none')),
  alternating: Joi.valid(true),
  figure: recipeSchema.extract('mallets.figure'),
  make: Joi.valid(...MALLET_MAKES),
}).min(1)

/** What each field may hold. The compiler holds them to the types: none is missing, none too many. */
const ENTRY_FIELDS: Readonly<Record<keyof Entry, Joi.Schema>> = {
  id: identifier.required(),
  words: words(400).required(),
  reading: words(400).allow('').default(ENTRY_DEFAULTS.reading),
  open: texts(200),
  keys: keysSchema.required(),
  except: Joi.array().items(note).max(30).default([]),
  pick: Joi.alternatives(Joi.valid('all'), whole(1, 60)).default(ENTRY_DEFAULTS.pick),
  kinds: Joi.array()
    .items(Joi.valid(...KIND_IDS))
    .min(1)
    .unique()
    .required(),
  chooser: oneOf(CHOOSERS, ENTRY_DEFAULTS.chooser),
  scope: oneOf(SCOPES, ENTRY_DEFAULTS.scope),
  inversions: Joi.array()
    .items(whole(0, 3))
    .min(1)
    .unique()
    .default([...ENTRY_DEFAULTS.inversions]),
  seventh: oneOf(SEVENTHS, ENTRY_DEFAULTS.seventh),
  hands: oneOf(ENTRY_HANDS, ENTRY_DEFAULTS.hands),
  motion: oneOf(MOTIONS, ENTRY_DEFAULTS.motion),
  contraryFrom: Joi.valid(...CONTRARY_FROM, null).default(null),
  interval: oneOf(INTERVALS, ENTRY_DEFAULTS.interval),
  tonicHand: Joi.valid('right', 'left', null).default(null),
  octaves: whole(1, MAX_OCTAVES).required(),
  course: oneOf(COURSES, ENTRY_DEFAULTS.course),
  top: Joi.valid('once', 'twice', null).default(null),
  articulations: listOf(ARTICULATIONS, ENTRY_DEFAULTS.articulations),
  touchChooser: oneOf(CHOOSERS, ENTRY_DEFAULTS.touchChooser),
  touch: Joi.object({ right: Joi.valid(...ARTICULATIONS).required(), left: Joi.valid(...ARTICULATIONS).required() })
    .allow(null)
    .default(null),
  tempo: tempoSchema.required(),
  figure: oneOf(FIGURES, ENTRY_DEFAULTS.figure),
  walk: oneOf(WALKS, ENTRY_DEFAULTS.walk),
  line: lineSchema.allow(null).default(null),
  resolution: oneOf(RESOLUTIONS, ENTRY_DEFAULTS.resolution),
  lead: oneOf(LEADS, ENTRY_DEFAULTS.lead),
  rolled: Joi.boolean().default(ENTRY_DEFAULTS.rolled),
  mallets: oneOf([2, 4], ENTRY_DEFAULTS.mallets),
  sticks: sticksSchema.allow(null).default(null),
  bass: Joi.valid(...LEFT_PARTS.filter((part) => part !== 'none'), null).default(null),
  bellows: Joi.valid(...TURNS.filter((turn) => turn !== 'free'), null).default(null),
  bellowsBeats: whole(1, MAX_BELLOWS_BEATS).allow(null).default(null),
  bassRows: listOf(BASS_ROWS, ENTRY_DEFAULTS.bassRows),
  treble: Joi.valid('keys', 'buttons', null).default(null),
  board: Joi.valid(...LEFT_BOARDS, null).default(null),
  registers: listOf(REGISTERS, ENTRY_DEFAULTS.registers),
  memory: Joi.boolean().default(ENTRY_DEFAULTS.memory),
  conditions: texts(200),
}
const entrySchema = Joi.object(ENTRY_FIELDS)

const GROUP_FIELDS: Readonly<Record<keyof Group, Joi.Schema>> = {
  id: identifier.required(),
  title: words(200).required(),
  rule: Joi.alternatives(
    Joi.valid('all'),
    Joi.object({ any: whole(1, 500).required(), of: oneOf(BUNDLES, 'items') }),
  ).default(GROUP_DEFAULTS.rule),
  draw: whole(0, 100).allow(null).default(GROUP_DEFAULTS.draw),
  entries: Joi.array().min(1).max(200).items(entrySchema).required(),
}
const groupSchema = Joi.object(GROUP_FIELDS)

const GRADE_FIELDS: Readonly<Record<keyof Grade, Joi.Schema>> = {
  id: identifier.required(),
  title: words(80).required(),
  includes: identifier.allow(null).default(GRADE_DEFAULTS.includes),
  draw: whole(1, 100).allow(null).default(GRADE_DEFAULTS.draw),
  groups: Joi.array().min(1).max(60).required().items(groupSchema),
}
const gradeSchema = Joi.object(GRADE_FIELDS)

const markingSchema = Joi.object({
  total: whole(1, 1000).required(),
  criteria: Joi.array()
    .items(Joi.object({ id: identifier.required(), title: words(80).required(), most: whole(1, 9).required() }))
    .min(1)
    .max(8)
    .required(),
  bands: Joi.array()
    .items(Joi.object({ title: words(80).required(), least: whole(0, 1000).required() }))
    .min(1)
    .max(10)
    .required(),
})

const FIELDS: Readonly<Record<keyof Syllabus, Joi.Schema>> = {
  format: Joi.valid(SYLLABUS_FORMAT).required(),
  id: slug.required(),
  title: words(120).required(),
  board: words(120).required(),
  instrument: oneOf(SYLLABUS_INSTRUMENTS, SYLLABUS_DEFAULTS.instrument),
  edition: words(40).allow('').default(SYLLABUS_DEFAULTS.edition),
  follows: slug.allow(null).default(SYLLABUS_DEFAULTS.follows),
  marking: markingSchema.allow(null).default(SYLLABUS_DEFAULTS.marking),
  purpose: Joi.valid('course'),
  grades: Joi.array().min(1).max(30).required().items(gradeSchema),
}

/** A board's list: `tactum-syllabus/1`. */
export const syllabusSchema: ObjectSchema<Syllabus> = Joi.object(FIELDS)
