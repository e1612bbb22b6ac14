import type { RecipeInput } from '#core/instrument'
import { across, type More, overKeys, type Rule, study, TEMPO } from './rule'

type On = (tonic: string, kind: string, more?: More) => RecipeInput
const on =
  (instrument: string): On =>
  (tonic, kind, more = {}) =>
    study(tonic, kind, { instrument, ...more })

const two = { octaves: 2 }
const ALL = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const SOME = ['C', 'F', 'G', 'Bb', 'D', 'Eb']
const SLOW = { bpm: 60, notesPerBeat: 1 }

/** What holds on any bars: common practice, no source. */
const rulesOn = (name: string, own: On): Rule[] => [
  overKeys(`${name}: one octave before two`, ALL, (tonic) => [own(tonic, 'major'), own(tonic, 'major', two)]),
  overKeys(`${name}: five notes before the scale`, SOME, (tonic) => [
    own(tonic, 'five-finger-major'),
    own(tonic, 'major'),
  ]),
  {
    says: `${name}: few accidentals before many`,
    pairs: across(
      ['C', 'F', 'G'].map((tonic) => own(tonic, 'major')),
      ['B', 'Db', 'F#', 'Ab', 'E'].map((tonic) => own(tonic, 'major')),
    ),
  },
  overKeys(`${name}: a scale before its arpeggio`, ALL, (tonic) => [
    own(tonic, 'major', two),
    own(tonic, 'major-arpeggio', two),
  ]),
  overKeys(`${name}: a triad before a seventh`, SOME, (tonic) => [
    own(tonic, 'major-arpeggio', two),
    own(tonic, 'dominant-seventh-arpeggio', two),
  ]),
  overKeys(`${name}: natural, harmonic, melodic`, ['A', 'D', 'E', 'C', 'G', 'B'], (tonic, at) => [
    own(tonic, at % 2 ? 'natural-minor' : 'harmonic-minor'),
    own(tonic, at % 2 ? 'harmonic-minor' : 'melodic-minor'),
  ]),
  overKeys(`${name}: a major scale before the chromatic one`, ['C', 'F', 'G', 'D'], (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'chromatic'),
  ]),
  overKeys(`${name}: slow before fast`, SOME, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'major', { tempo: { ...TEMPO, bpm: 80 } }),
  ]),
  overKeys(`${name}: the plain scale before broken thirds`, SOME, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'major', { pattern: { figure: 'broken-thirds' } }),
  ]),
  overKeys(`${name}: broken thirds before broken sixths`, SOME, (tonic) => [
    own(tonic, 'major', { pattern: { figure: 'broken-thirds' } }),
    own(tonic, 'major', { pattern: { figure: 'broken-sixths' } }),
  ]),
  overKeys(`${name}: single strokes before a roll on each note`, SOME, (tonic) => [
    own(tonic, 'major', { tempo: SLOW }),
    own(tonic, 'major', { tempo: SLOW, roll: { manner: 'separate', strokes: 8 } }),
  ]),
  overKeys(`${name}: a slow roll before a fast one`, SOME, (tonic) => [
    own(tonic, 'major', { tempo: SLOW, roll: { manner: 'separate', strokes: 4 } }),
    own(tonic, 'major', { tempo: SLOW, roll: { manner: 'separate', strokes: 8 } }),
  ]),
  overKeys(`${name}: a scale before double sixths`, SOME, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'double-sixths-major'),
  ]),
  overKeys(`${name}: single notes before double stops`, SOME, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'double-thirds-major'),
  ]),
]

const [marimba, vibraphone, xylophone] = [on('marimba-4.3'), on('vibraphone-3.0'), on('xylophone-3.5')]
export const MALLET_RULES: readonly Rule[] = [
  ...rulesOn('marimba', marimba),
  ...rulesOn('vibraphone', vibraphone),
  ...rulesOn('xylophone', xylophone),
  overKeys('marimba: two mallets before four', ['C', 'F', 'G', 'Bb'], (tonic) => [
    marimba(tonic, 'major'),
    marimba(tonic, 'major', { mallets: { count: 4 } }),
  ]),
  overKeys('vibraphone: the pedal changed before bars stopped by a mallet', ['C', 'F', 'G', 'D'], (tonic) => [
    vibraphone(tonic, 'major'),
    vibraphone(tonic, 'major', { ring: { pedal: 'down', damping: 'other-mallet' } }),
  ]),
]
