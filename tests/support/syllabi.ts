import fc from 'fast-check'
import type { KindId } from '#core/material'
import { ARTICULATIONS, COURSES, INTERVALS, MOTIONS, NOTES_PER_BEAT } from '#core/study'
import type { RecipeInput } from '#core/instrument'
import { BASS_ROWS } from '#core/surface'
import {
  BEATS,
  CHOOSERS,
  ENTRY_HANDS,
  LEADS,
  RESOLUTIONS,
  SCOPES,
  SEVENTHS,
  type Syllabus,
  SYLLABUS_INSTRUMENTS,
  TEMPO_KINDS,
} from '#core/syllabus'
import { syllabusOf } from '../../shared/schemas'

/** A list of one grade, `g`, from its groups. */
export const listOf = (...groups: object[]): Syllabus => listOfGrades({ id: 'g', title: 'G', groups })
export const listOfGrades = (...grades: object[]): Syllabus =>
  syllabusOf({ format: 'tactum-syllabus/1', id: 'test', title: 'Test', board: 'Test', grades })
/** An entry that asks for C major, one octave, 120 notes a minute, unless it says otherwise. */
export const entryOf = (some: object = {}) => ({
  id: 'e',
  words: 'as printed',
  keys: ['C'],
  kinds: ['major'],
  octaves: 1,
  tempo: { bpm: 60, notesPerBeat: 2 },
  ...some,
})
export const groupOf = (...entries: object[]) => ({ id: 'A', title: 'A', entries })
export const studyOf = (tonic: string, kind: string, some: Partial<RecipeInput> = {}): RecipeInput => ({
  material: { tonic, kind },
  octaves: 1,
  ...some,
})

const TONICS = ['C', 'G', 'D', 'F', 'Bb', 'Eb'] as const
const KINDS: readonly KindId[] = [
  'major',
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'major-arpeggio',
  'chromatic',
]
const printable = fc
  .string({ minLength: 1, maxLength: 30 })
  .map((text) => text.replace(/[\p{Cc}\p{Cs}]/gu, '').trim() || 'x')
const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined })

const anyTempo = fc.record(
  {
    beat: fc.constantFrom(...BEATS),
    bpm: fc.integer({ min: 20, max: 120 }),
    notesPerBeat: fc.constantFrom(...NOTES_PER_BEAT),
    kind: fc.constantFrom(...TEMPO_KINDS),
    most: fc.integer({ min: 120, max: 240 }),
  },
  { requiredKeys: ['bpm', 'notesPerBeat'] },
)

/** An entry with anything that an entry can say; every field but the required ones may be left out. */
const anyFields = fc.record(
  {
    words: printable,
    reading: printable,
    open: fc.array(
      printable.map((text) => text.replaceAll('|', '/')),
      { maxLength: 2 },
    ),
    keys: fc.oneof(
      fc.subarray([...TONICS], { minLength: 1 }),
      fc.record(
        { sharps: fc.integer({ min: 1, max: 4 }), flats: fc.integer({ min: 1, max: 4 }) },
        { noNullPrototype: true },
      ),
    ),
    except: fc.constantFrom([], ['A'], ['E', 'Ab']),
    kinds: fc.subarray([...KINDS], { minLength: 1, maxLength: 3 }),
    chooser: fc.constantFrom(...CHOOSERS),
    scope: fc.constantFrom(...SCOPES),
    seventh: fc.constantFrom(...SEVENTHS),
    hands: fc.constantFrom(...ENTRY_HANDS),
    motion: fc.constantFrom(...MOTIONS),
    contraryFrom: fc.constantFrom('unison', 'octave', null),
    interval: fc.constantFrom(...INTERVALS),
    tonicHand: fc.constantFrom('right', 'left', null),
    octaves: fc.integer({ min: 1, max: 4 }),
    course: fc.constantFrom(...COURSES),
    top: fc.constantFrom('once', 'twice', null),
    articulations: fc.subarray([...ARTICULATIONS]),
    touchChooser: fc.constantFrom(...CHOOSERS),
    touch: fc.constantFrom(null, { right: 'legato', left: 'staccato' }),
    tempo: anyTempo,
    figure: fc.constantFrom('straight', 'broken-thirds'),
    walk: fc.constantFrom('straight', 'loops'),
    line: fc.constantFrom(
      null,
      { journey: { by: 'half-step', count: 2 } },
      { journey: { keys: ['C', 'Eb'] }, link: 'above' },
    ),
    resolution: fc.constantFrom(...RESOLUTIONS),
    lead: fc.constantFrom(...LEADS),
    rolled: fc.boolean(),
    mallets: fc.constantFrom(2, 4),
    bass: fc.constantFrom('alternating', 'waltz', 'scale', 'chords', 'cadence', null),
    bellows: fc.constantFrom('octave', 'top', 'beats', null),
    bellowsBeats: fc.constantFrom(1, 8, 64, null),
    bassRows: fc.subarray([...BASS_ROWS]),
    treble: fc.constantFrom('keys', 'buttons', null),
    registers: fc.subarray(['16', '8', '4']),
    memory: fc.boolean(),
    conditions: fc.array(
      printable.map((text) => text.replaceAll('|', '/')),
      { maxLength: 2 },
    ),
  },
  { requiredKeys: ['words', 'keys', 'kinds', 'octaves', 'tempo'] },
)

/** The same with what a list may ask: lines that are not too long. */
export const anyEntry = anyFields.map(({ line, ...entry }) =>
  line && entry.octaves === 1 && entry.walk !== 'loops' ? { ...entry, line } : entry,
)

/** A whole list, checked: its ids tell its parts apart. */
export const anySyllabus: fc.Arbitrary<Syllabus> = fc
  .record({
    title: printable,
    instrument: fc.constantFrom(...SYLLABUS_INSTRUMENTS),
    edition: fc.constantFrom('', '2026', 'second'),
    follows: maybe(fc.constantFrom('the-one-before')),
    marking: maybe(
      fc.constant({
        total: 20,
        criteria: [{ id: 'n', title: 'Notes', most: 5 }],
        bands: [{ title: 'Pass', least: 12 }],
      }),
    ),
    grades: fc.array(
      fc.array(
        fc.record({
          title: printable,
          any: fc.boolean(),
          of: fc.constantFrom('items', 'keys', 'entries'),
          draw: maybe(fc.constant(1)),
          entries: fc.array(anyEntry, { minLength: 1, maxLength: 3 }),
        }),
        { minLength: 1, maxLength: 3 },
      ),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ title, grades, follows, marking, ...rest }) =>
    syllabusOf({
      ...{ format: 'tactum-syllabus/1', id: 'any', title, board: title, ...rest },
      ...(follows ? { follows } : {}),
      ...(marking ? { marking } : {}),
      grades: grades.map((groups, at) => ({
        id: `g${at}`,
        title: `Grade ${at}`,
        includes: at > 0 && groups.length > 2 ? 'g0' : null,
        groups: groups.map(({ any, of, draw, entries, ...group }, place) => ({
          ...group,
          id: 'ABC'[place],
          rule: any ? { any: 1, of } : 'all',
          ...(draw ? { draw } : {}),
          entries: entries.map((entry, line) => ({ ...entry, id: `g${at}.${place}.${line}` })),
        })),
      })),
    }),
  )
