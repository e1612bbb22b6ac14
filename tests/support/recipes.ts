import fc from 'fast-check'
import { type Kind, KINDS } from '#core/material'
import {
  CLEFS,
  ACCENTS,
  ACCOMPANIMENT_ROWS,
  ACCOMPANIMENTS,
  AFTER,
  ARTICULATIONS,
  BEFORE,
  DIRECTIONS,
  COURSES,
  figuresFor,
  goes,
  HANDS,
  type Hands,
  type JourneyName,
  JOURNEYS,
  keyStepsIn,
  LADDERS,
  LEG_WAYS,
  LENGTHS,
  LINKS,
  MOTIONS,
  RETURNS,
  takesBookends,
  takesMotif,
  walksFor,
} from '#core/study'
import { CHROMATICS, FIRST_FINGERS, HAND_SIZES, LEFT_ARPEGGIOS, REPEATS, SCHOOLS } from '#core/fingering'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { MALLET_IDS, STRIKES } from '#core/surface'
import {
  DAMPINGS,
  DEAD_STROKES,
  NUMBERINGS,
  PEDALS,
  ROLLS,
  ROLL_ENDINGS,
  ROLL_STROKES,
  RUDIMENTS,
  RUDIMENT_ON,
  STICKING_SCHOOLS,
  TOPS,
  type Ring,
} from '#core/sticking'
import { anyNamed, RUNS } from './material'

/** Anything that a pattern can be made of, whether or not it goes with the material. */
const pattern = fc.record({
  figure: fc.nat(20),
  walk: fc.nat(20),
  journey: fc.constantFrom(...JOURNEYS),
  accompaniment: fc.constantFrom(...ACCOMPANIMENTS),
})

const rhythm = fc.record({
  ladder: fc.constantFrom(...LADDERS.filter((each) => each !== 'strokes')),
  lengths: fc.constantFrom(...LENGTHS),
  swing: fc.integer({ min: 50, max: 75 }),
  accents: fc.constantFrom(...ACCENTS),
})

const degree = fc.integer({ min: -1, max: 8 })
/** A motif of one's own, with its way; lengths that every pace has. */
const ownMotif = fc.record({
  motif: fc.array(
    fc.oneof(
      { weight: 6, arbitrary: degree },
      { weight: 1, arbitrary: fc.constant(null) },
      // no wider than an octave, in chords as in scales: every hand takes it
      {
        weight: 1,
        arbitrary: fc
          .tuple(fc.integer({ min: 0, max: 3 }), fc.integer({ min: 1, max: 3 }))
          .map(([low, by]) => [low, low + by]),
      },
      { weight: 1, arbitrary: fc.record({ degree, beats: fc.constantFrom(1, 2), held: fc.boolean() }) },
    ),
    { minLength: 1, maxLength: 4 },
  ),
  sequence: fc.record({
    step: fc.constantFrom(0, 1, 2, 7),
    direction: fc.constantFrom(...DIRECTIONS),
    return: fc.constantFrom(...RETURNS),
  }),
})
const KEYS = ['C', 'D', 'Eb', 'F#', 'Ab', 'B'] as const
/** Keys of one's own. */
const ownKeys = fc.record({
  keys: fc.array(fc.constantFrom(...KEYS), { minLength: 2, maxLength: 3 }),
  legs: fc.constantFrom(...LEG_WAYS),
})

const singsIn = (kind: Kind, own: { motif: readonly unknown[] } | null): boolean =>
  takesMotif(kind) && own !== null && own.motif.some((each) => each !== null)

/** Keys of one's own where the kind can go through keys; a motif goes through no twelve of them. */
function journeyIn<K extends object>(kind: Kind, name: JourneyName, keys: K | null, sings: boolean): K | JourneyName {
  if (keys && keyStepsIn(kind).length > 0) return keys
  return !sings && goes(name, keyStepsIn(kind)) ? name : 'one-key'
}

/** Shaped runs of one or two octaves that fit together: every part is one that the kind can take. */
export const anyShaped: fc.Arbitrary<RecipeInput> = fc
  .record({
    material: anyNamed(RUNS),
    hands: fc.constantFrom(...HANDS),
    octaves: fc.integer({ min: 1, max: 2 }),
    course: fc.constantFrom(...COURSES),
    motion: fc.constantFrom(...MOTIONS),
    notesPerBeat: fc.constantFrom(1, 2, 4),
    pattern,
    own: fc.option(ownMotif, { freq: 3 }),
    keys: fc.option(ownKeys, { freq: 3 }),
    link: fc.constantFrom(...LINKS),
    rhythm,
    before: fc.constantFrom(...BEFORE),
    after: fc.constantFrom(...AFTER),
  })
  .map(({ material, hands, octaves, course, motion, notesPerBeat, pattern: input, ...more }) => {
    const { rhythm: lies, before, after, link } = more
    const kind = KINDS[material.kind]
    const [figures, walks] = [figuresFor(kind), walksFor(kind)]
    const sings = singsIn(kind, more.own)
    const journey = journeyIn(kind, input.journey, more.keys, sings)
    const asWalk = walks[input.walk % walks.length]!
    // what grows or repeats is too long for twelve keys
    const growing = ['crossing-loops', 'add-a-note'].includes(asWalk)
    const walk = journey !== 'one-key' && growing ? 'straight' : asWalk
    const holds =
      input.accompaniment !== 'none' && hands === 'together' && ACCOMPANIMENT_ROWS[input.accompaniment].goesWith(kind)
    const ends = takesBookends(kind)
    // a journey through twelve keys up a ladder is longer than any study, and so can be what grows or repeats
    const long = kind.up.length > 7 || journey !== 'one-key' || growing
    return {
      material,
      hands: hands as Hands,
      course,
      octaves: long ? 1 : octaves,
      motion: holds ? 'similar' : motion,
      tempo: { notesPerBeat: notesPerBeat as 1 },
      pattern: {
        ...(sings ? more.own : { figure: figures[input.figure % figures.length]!, walk }),
        journey,
        link,
        accompaniment: holds ? input.accompaniment : 'none',
      },
      rhythm: { ...lies, ladder: long ? 'none' : lies.ladder },
      bookends: ends ? { before, after } : {},
    } satisfies RecipeInput
  })

const pin = fc.oneof(
  fc.record({ hand: fc.constantFrom('right', 'left'), index: fc.nat(60), finger: fc.integer({ min: 1, max: 5 }) }),
  fc.record(
    {
      hand: fc.constantFrom('right', 'left'),
      degree: fc.integer({ min: 1, max: 7 }),
      finger: fc.integer({ min: 1, max: 5 }),
      leg: fc.constantFrom('up', 'down'),
    },
    { requiredKeys: ['hand', 'degree', 'finger'] },
  ),
  fc.record({
    hand: fc.constantFrom('right', 'left'),
    from: fc.nat(60),
    fingers: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 1, maxLength: 5 }),
  }),
)

/** Complete recipes of every material, with every field at any of its values; not all of them can be played. */
export const anyRecipe: fc.Arbitrary<Recipe> = fc
  .record({
    shaped: anyShaped,
    material: fc.oneof(
      anyNamed(),
      fc.record({
        pitches: fc.array(fc.constantFrom('C4', 'F##4', 'Bb3', ['C4', 'E4'], ['G3', 'Bb3', 'Eb4']), {
          minLength: 1,
          maxLength: 6,
        }),
      }),
    ),
    inversion: fc.integer({ min: 0, max: 3 }),
    keep: fc.boolean(),
    startOctave: fc.integer({ min: 1, max: 6 }),
    interval: fc.constantFrom('octave', 'third', 'sixth', 'tenth'),
    contraryFrom: fc.constantFrom('unison', 'octave'),
    tonicHand: fc.constantFrom('right', 'left'),
    bpm: fc.integer({ min: 20, max: 240 }),
    signature: fc.constantFrom('own', 'parallel', 'none'),
    clefs: fc.constantFrom(...CLEFS),
    articulation: fc.constantFrom(...ARTICULATIONS),
    touch: fc.constantFrom(null, { right: 'staccato', left: 'legato' }, { right: 'legato', left: 'staccato' }),
    school: fc.constantFrom(...SCHOOLS),
    firstFinger: fc.constantFrom(...FIRST_FINGERS),
    leftArpeggio: fc.constantFrom(...LEFT_ARPEGGIOS),
    chromatic: fc.constantFrom(...CHROMATICS),
    repeats: fc.constantFrom(...REPEATS),
    handSize: fc.constantFrom(...HAND_SIZES),
    pins: fc.array(pin, { maxLength: 3 }),
  })
  .map(({ shaped, material, inversion, keep, bpm, pins, ...fields }) => {
    const inverts = 'kind' in material && ['arpeggio', 'seventh'].includes(KINDS[material.kind].family)
    const size = 'kind' in material ? KINDS[material.kind].up.length : 0
    return completeRecipe({
      ...shaped,
      ...(fields as object),
      material: keep ? shaped.material : inverts ? { ...material, inversion: inversion % size } : material,
      tempo: { ...shaped.tempo, bpm },
      pins: pins as never,
    })
  })

const stick = fc.constantFrom('R', 'L')
const stickPin = fc.oneof(
  fc.record({ index: fc.nat(60), stick }),
  fc.record(
    { degree: fc.integer({ min: 1, max: 7 }), stick, leg: fc.constantFrom('up', 'down') },
    { requiredKeys: ['degree', 'stick'] },
  ),
  fc.record({ from: fc.nat(60), sticks: fc.array(stick, { minLength: 1, maxLength: 5 }) }),
)

/** Every way of striking: alternating, a rudiment, rolled, four mallets; one at a time, as they exclude one another. */
const manner = fc.oneof(
  fc.constant({}),
  fc.record({ rudiment: fc.constantFrom(...RUDIMENTS), rudimentOn: fc.constantFrom(...RUDIMENT_ON) }),
  fc.record({
    roll: fc.record({
      manner: fc.constantFrom(...ROLLS),
      strokes: fc.constantFrom(...ROLL_STROKES),
      ending: fc.constantFrom(...ROLL_ENDINGS),
    }),
  }),
  fc.record({
    mallets: fc.record({
      count: fc.constantFrom(2, 4),
      figure: fc.constantFrom('1234', '3142', '123432', '(12)(34)', '1(23)4'),
      shape: fc.constantFrom([0, 2, 4, 7], [0, 2, 4, 6], [0, 1, 3, 5]),
      numbering: fc.constantFrom(...NUMBERINGS),
      reach: fc.integer({ min: 400, max: 700 }),
    }),
  }),
)

/** As much of a ring as an instrument and a manner of striking can have. */
function ringFor(instrument: string, free: boolean, rolled: boolean, { pedal, damping, dead }: Ring): Ring {
  const own = instrument.startsWith('vibraphone') ? pedal : 'note'
  return { pedal: own, damping: free && own !== 'note' ? damping : 'none', dead: rolled ? 'none' : dead }
}

/** Complete recipes for mallets, with every field at any of its values; not all of them fit their instrument. */
export const anyMallets: fc.Arbitrary<Recipe> = fc
  .record({
    material: anyNamed(RUNS),
    instrument: fc.constantFrom(...MALLET_IDS),
    octaves: fc.integer({ min: 1, max: 3 }),
    course: fc.constantFrom(...COURSES),
    startOctave: fc.integer({ min: 2, max: 5 }),
    bpm: fc.integer({ min: 40, max: 160 }),
    school: fc.constantFrom(...STICKING_SCHOOLS),
    lead: fc.constantFrom('right', 'left'),
    tops: fc.constantFrom(...TOPS),
    strike: fc.constantFrom(...STRIKES),
    bars: fc.record({
      size: fc.integer({ min: 80, max: 120 }),
      gap: fc.option(fc.integer({ min: 2, max: 20 })),
      overlap: fc.option(fc.integer({ min: 0, max: 40 })),
    }),
    manner,
    ring: fc.record({
      pedal: fc.constantFrom(...PEDALS),
      damping: fc.constantFrom(...DAMPINGS),
      dead: fc.constantFrom(...DEAD_STROKES),
    }),
    pins: fc.array(stickPin, { maxLength: 3 }),
  })
  .map(({ material, bpm, manner: how, ring: any, pins, ...fields }) => {
    const double = KINDS[material.kind].second !== undefined
    const single = 'rudiment' in how || ('mallets' in how && how.mallets.count === 4)
    return completeRecipe({
      ...(fields as RecipeInput),
      material,
      tempo: { bpm },
      ring: ringFor(fields.instrument, Object.keys(how).length === 0 && !double, 'roll' in how, any),
      ...(double && single ? {} : (how as object)),
      pins: pins as never,
    })
  })
