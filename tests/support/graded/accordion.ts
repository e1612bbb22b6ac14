import type { RecipeInput } from '#core/instrument'
import { across, type More, overKeys, type Rule, study, TEMPO } from './rule'

const own = (tonic: string, kind: string, more: More = {}, accordion: More = {}): RecipeInput =>
  study(tonic, kind, { instrument: 'accordion', hands: 'right', ...more, accordion })

const both = { hands: 'together' }
const two = { octaves: 2 }
const ALL = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const SOME = ['C', 'G', 'D', 'F', 'Bb', 'A']
const scaleInBass = { left: { part: 'scale' } }
const alternating = { left: { part: 'alternating' } }
const buttons = { treble: 'c-3' }

/** Orders of what an accordion plays: common practice, no source. */
export const ACCORDION_RULES: readonly Rule[] = [
  overKeys('one octave before two', ALL, (tonic) => [own(tonic, 'major'), own(tonic, 'major', two)]),
  overKeys('one octave before two, buttons', SOME, (tonic) => [
    own(tonic, 'major', {}, buttons),
    own(tonic, 'major', two, buttons),
  ]),
  overKeys('five fingers before one octave', ALL, (tonic) => [own(tonic, 'five-finger-major'), own(tonic, 'major')]),
  overKeys('the right hand before both, basses in turn', ALL, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'major', both, alternating),
  ]),
  overKeys('basses in turn before the scale in the bass, both hands', SOME, (tonic) => [
    own(tonic, 'major', both, alternating),
    own(tonic, 'major', both, scaleInBass),
  ]),
  overKeys('basses in turn before the scale in the bass, left hand', ALL, (tonic) => [
    own(tonic, 'major', { hands: 'left' }, alternating),
    own(tonic, 'major', { hands: 'left' }, scaleInBass),
  ]),
  overKeys('the scale in the bass alone before both hands', ALL, (tonic) => [
    own(tonic, 'major', { hands: 'left' }, scaleInBass),
    own(tonic, 'major', both, scaleInBass),
  ]),
  overKeys('natural before harmonic before melodic', ['A', 'D', 'E', 'C', 'G', 'B'], (tonic, at) => [
    own(tonic, at % 2 ? 'natural-minor' : 'harmonic-minor'),
    own(tonic, at % 2 ? 'harmonic-minor' : 'melodic-minor'),
  ]),
  overKeys('a scale before its arpeggio', ALL, (tonic) => [
    own(tonic, 'major', two),
    own(tonic, 'major-arpeggio', two),
  ]),
  overKeys('a triad before the dominant seventh', SOME, (tonic) => [
    own(tonic, 'major-arpeggio', two),
    own(tonic, 'dominant-seventh-arpeggio', two),
  ]),
  overKeys('root position before an inversion', SOME, (tonic, at) => [
    own(tonic, 'major-arpeggio'),
    own(tonic, 'major-arpeggio', { material: { tonic, kind: 'major-arpeggio', inversion: 1 + (at % 2) } }),
  ]),
  {
    says: 'white tonics before black ones, on keys',
    pairs: across(
      ['C', 'G', 'D', 'F'].map((tonic) => own(tonic, 'major')),
      ['Bb', 'Eb', 'Ab', 'F#', 'B'].map((tonic) => own(tonic, 'major')),
    ),
  },
  overKeys('slow before fast', SOME, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'major', { tempo: { ...TEMPO, bpm: 80 } }),
  ]),
  overKeys('a scale in single notes before double thirds, before sixths', SOME, (tonic, at) => [
    own(tonic, at % 2 ? 'major' : 'double-thirds-major'),
    own(tonic, at % 2 ? 'double-thirds-major' : 'double-sixths-major'),
  ]),
  overKeys('the plain scale before broken thirds', SOME, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'major', { pattern: { figure: 'broken-thirds' } }),
  ]),
  overKeys('legato before staccato', SOME, (tonic) => [
    own(tonic, 'major'),
    own(tonic, 'major', { articulation: 'staccato' }),
  ]),
]
