import Joi, { type ObjectSchema } from 'joi'
import { KIND_IDS, SIGNATURES } from '#core/material'
import {
  CLEFS,
  ACCENTS,
  ACCOMPANIMENTS,
  AFTER,
  ARTICULATIONS,
  BEFORE,
  CHORD_LABELS,
  CONTRARY_FROM,
  COURSES,
  DIRECTIONS,
  FIGURES,
  FORMAT,
  HANDS,
  INTERVALS,
  JOURNEYS,
  KEY_STEP_IDS,
  LADDERS,
  LEG_WAYS,
  LENGTHS,
  LINKS,
  MAX_CHORDS,
  MAX_DEGREES,
  MAX_IN_GRIP,
  MAX_KEYS,
  MAX_OCTAVES,
  MAX_PITCHES,
  MAX_STEP,
  MOTIF_RANGE,
  MOTIONS,
  NOTES_PER_BEAT,
  RETURNS,
  SWING_RANGE,
  TEMPO_RANGE,
  VOICINGS,
  WALKS,
} from '#core/study'
import type { Accepted } from '#core/realise'
import { BAR_RANGES, STRIKES } from '#core/surface'
import { CHROMATICS, FIRST_FINGERS, HAND_SIZES, LEFT_ARPEGGIOS, REPEATS } from '#core/fingering'
import {
  DAMPINGS,
  DEAD_STROKES,
  HIGHEST_SHAPE,
  NUMBERINGS,
  PEDALS,
  REACH_RANGE,
  ROLL_ENDINGS,
  ROLL_STROKES,
  ROLLS,
  RUDIMENT_ON,
  RUDIMENTS,
  TOPS,
} from '#core/sticking'
import { accordionSchema, buttonPinSchema } from './accordionSchema'
import { type AnyFamily, families, INSTRUMENT_IDS, type RecipeInput, DEFAULT_INSTRUMENT } from '#core/instrument'

/** A note name, as the terminal writes it. */
export const note = Joi.string().pattern(/^[A-G](#{1,2}|b{1,2})?$/, 'note')

const pitch = Joi.string().pattern(/^[A-G](#{1,2}|b{1,2})?-?\d$/, 'pitch')
const finger = Joi.number().integer().min(1).max(5)

/** A tonic and a kind, or pitches as they are listed. */
const named = { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.required() }
const materialSchema = Joi.object({
  tonic: note.when('pitches', named),
  kind: Joi.valid(...KIND_IDS).when('pitches', named),
  inversion: Joi.number().integer().min(0).max(3).when('pitches', { is: Joi.exist(), then: Joi.forbidden() }),
  pitches: Joi.array().min(1).max(MAX_PITCHES).items(pitch, Joi.array().items(pitch).min(1).max(5)),
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
  degree: Joi.number().integer().min(1).max(MAX_DEGREES),
  leg: Joi.valid('up', 'down').when('degree', { is: Joi.exist(), otherwise: Joi.forbidden() }),
  finger: finger.when('from', { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.required() }),
  fingers: Joi.array()
    .min(1)
    .max(MAX_IN_GRIP)
    .items(finger)
    .when('from', { is: Joi.exist(), then: Joi.required(), otherwise: Joi.forbidden() }),
}).without('degree', ['from'])

function required() {
  return { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.required() }
}

/** How the course is shaped; the parts combine. */
const degree = Joi.number().integer().min(MOTIF_RANGE.degree.least).max(MOTIF_RANGE.degree.most)
const degrees = Joi.array().items(degree).unique().min(MOTIF_RANGE.chord.least).max(MOTIF_RANGE.chord.most)
/** Degrees, rests, degrees struck together; each may have a length. */
export const motifSchema = Joi.array()
  .min(MOTIF_RANGE.items.least)
  .max(MOTIF_RANGE.items.most)
  .items(
    Joi.alternatives(
      degree,
      degrees,
      Joi.object({
        degree: Joi.alternatives(degree, degrees).required(),
        beats: Joi.number().min(MOTIF_RANGE.beats.least).max(MOTIF_RANGE.beats.most),
        held: Joi.boolean(),
      }),
    ).allow(null),
  )
const sequenceSchema = Joi.object({
  step: Joi.number().integer().min(0).max(MAX_STEP),
  direction: Joi.valid(...DIRECTIONS),
  return: Joi.alternatives(Joi.valid(...RETURNS), Joi.object({ motif: motifSchema.required() })),
})
const legs = Joi.valid(...LEG_WAYS)
/** A journey by name, by its keys, or by the way from key to key. */
const journeySchema = Joi.alternatives(
  Joi.valid(...JOURNEYS),
  Joi.object({
    keys: Joi.array()
      .items(note, Joi.object({ tonic: note.required(), kind: Joi.valid(...KIND_IDS).required() }))
      .min(1)
      .max(MAX_KEYS)
      .required(),
    legs,
  }),
  Joi.object({
    by: Joi.valid(...KEY_STEP_IDS).required(),
    count: Joi.number().integer().min(1).max(MAX_KEYS),
    legs,
  }),
)
const LINE_FIELDS = {
  motif: motifSchema.allow(null),
  sequence: sequenceSchema,
  journey: journeySchema,
  link: Joi.valid(...LINKS),
}
/** What a list asks of a line beyond figure and walk. */
export const lineSchema = Joi.object(LINE_FIELDS)
const patternSchema = Joi.object({
  figure: Joi.valid(...FIGURES),
  walk: Joi.valid(...WALKS),
  ...LINE_FIELDS,
  accompaniment: Joi.valid(...ACCOMPANIMENTS),
})
const rhythmSchema = Joi.object({
  ladder: Joi.valid(...LADDERS),
  lengths: Joi.valid(...LENGTHS),
  swing: Joi.number().integer().min(SWING_RANGE.least).max(SWING_RANGE.most),
  accents: Joi.valid(...ACCENTS),
})
const bookendSchema = Joi.object({
  before: Joi.valid(...BEFORE),
  after: Joi.valid(...AFTER),
  chords: Joi.array()
    .items(
      Joi.string()
        .pattern(/^(I|II|III|IV|V|VI|VII)°?7?$/i, 'degree')
        .max(6),
    )
    .min(1)
    .max(MAX_CHORDS)
    .allow(null),
  voicing: Joi.valid(...VOICINGS),
  labels: Joi.valid(...CHORD_LABELS),
})

const rollSchema = Joi.object({
  manner: Joi.valid(...ROLLS),
  strokes: Joi.valid(...ROLL_STROKES),
  ending: Joi.valid(...ROLL_ENDINGS),
})
const malletSchema = Joi.object({
  count: Joi.valid(2, 4),
  figure: Joi.string()
    .max(80)
    .pattern(/^(?:[1-4]|\([1-4]{2,4}\))+$/, 'strokes'),
  shape: Joi.array().length(4).items(Joi.number().integer().min(0).max(HIGHEST_SHAPE)),
  numbering: Joi.valid(...NUMBERINGS),
  reach: Joi.number().integer().min(REACH_RANGE.least).max(REACH_RANGE.most),
})
const millimetres = ({ least, most }: { least: number; most: number }) =>
  Joi.number().integer().min(least).max(most).allow(null)
const ringSchema = Joi.object({
  pedal: Joi.valid(...PEDALS),
  damping: Joi.valid(...DAMPINGS),
  dead: Joi.valid(...DEAD_STROKES),
})
const barSchema = Joi.object({
  size: Joi.number().integer().min(BAR_RANGES.size.least).max(BAR_RANGES.size.most),
  gap: millimetres(BAR_RANGES.gap),
  overlap: millimetres(BAR_RANGES.overlap),
})

/** A stick at a note, on a degree in every octave, or sticks over successive notes. */
const stick = Joi.valid('R', 'L')
const stickPinSchema = Joi.object({
  index: Joi.number().integer().min(0).max(9999),
  from: Joi.number().integer().min(0).max(9999),
  degree: Joi.number().integer().min(1).max(MAX_DEGREES),
  leg: Joi.valid('up', 'down').when('degree', { is: Joi.exist(), otherwise: Joi.forbidden() }),
  stick: stick.when('from', { is: Joi.exist(), then: Joi.forbidden(), otherwise: Joi.required() }),
  sticks: Joi.array()
    .min(1)
    .max(MAX_IN_GRIP)
    .items(stick)
    .when('from', { is: Joi.exist(), then: Joi.required(), otherwise: Joi.forbidden() }),
}).xor('index', 'from', 'degree')

/** Pins by family, as they are written; those of others are checked when the recipe is completed. */
const PINS: Readonly<Record<string, Joi.Schema>> = {
  keys: pinSchema,
  accordion: Joi.when(Joi.object({ button: Joi.exist() }).unknown(), { then: buttonPinSchema, otherwise: pinSchema }),
  mallets: stickPinSchema,
}

/** An instrument of a family; the usual family's may be left out. */
function ofFamily({ instruments }: AnyFamily): Joi.Schema {
  const own = Joi.valid(...instruments.map(({ id }) => id))
  return instruments.some(({ id }) => id === DEFAULT_INSTRUMENT) ? own.optional() : own.required()
}

/** What each field of a recipe may hold. The compiler holds them to the type: none is missing, none too many. */
const FIELDS: Readonly<Record<keyof RecipeInput, Joi.Schema>> = {
  format: Joi.valid(FORMAT),
  instrument: Joi.valid(...INSTRUMENT_IDS),
  material: materialSchema.required(),
  hands: Joi.valid(...HANDS),
  motion: Joi.valid(...MOTIONS),
  interval: Joi.valid(...INTERVALS),
  contraryFrom: Joi.valid(...CONTRARY_FROM),
  tonicHand: Joi.valid('right', 'left'),
  octaves: Joi.number().integer().min(1).max(MAX_OCTAVES),
  course: Joi.valid(...COURSES),
  startOctave: Joi.number().integer().min(0).max(8),
  signature: Joi.valid(...SIGNATURES),
  clefs: Joi.valid(...CLEFS),
  school: Joi.valid(...families().flatMap(({ schools }) => schools.map(({ id }) => id))),
  firstFinger: Joi.valid(...FIRST_FINGERS),
  leftArpeggio: Joi.valid(...LEFT_ARPEGGIOS),
  chromatic: Joi.valid(...CHROMATICS),
  repeats: Joi.valid(...REPEATS),
  handSize: Joi.valid(...HAND_SIZES),
  articulation: Joi.valid(...ARTICULATIONS),
  touch: Joi.object({ right: Joi.valid(...ARTICULATIONS), left: Joi.valid(...ARTICULATIONS) }).allow(null),
  tempo: Joi.object({
    bpm: Joi.number().integer().min(TEMPO_RANGE.least).max(TEMPO_RANGE.most),
    notesPerBeat: Joi.valid(...NOTES_PER_BEAT),
  }),
  pattern: patternSchema,
  rhythm: rhythmSchema,
  bookends: bookendSchema,
  lead: Joi.valid('right', 'left'),
  tops: Joi.valid(...TOPS),
  rudiment: Joi.valid(...RUDIMENTS),
  rudimentOn: Joi.valid(...RUDIMENT_ON),
  roll: rollSchema,
  mallets: malletSchema,
  ring: ringSchema,
  strike: Joi.valid(...STRIKES),
  bars: barSchema,
  accordion: accordionSchema,
  pins: Joi.array()
    .max(500)
    .when('instrument', {
      switch: families().map((family) => ({
        is: ofFamily(family),
        then: Joi.array().items(PINS[family.id] ?? Joi.object()),
      })),
    }),
}

/** Keys that a recipe's dictionary of fields may hold; every one but the material has a default. */
export const recipeSchema: ObjectSchema<RecipeInput> = Joi.object(FIELDS)

/** Marks that were accepted for a study, by player. */
export const acceptedSchema: ObjectSchema<Accepted> = Joi.object({
  right: Joi.array().items(Joi.number().integer().min(1).max(5)),
  left: Joi.array().items(Joi.number().integer().min(1).max(5)),
  sticks: Joi.array().items(Joi.valid('R', 'L')),
}).pattern(
  // whoever plays in other families; the family itself says whether it can be
  Joi.valid(...families().flatMap(({ players }) => players)),
  Joi.array().items(Joi.string().max(4), Joi.number().integer()),
)
