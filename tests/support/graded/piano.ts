import { LEVEL_RULES } from './course'
import { MOVING_RULES } from './moving'
import {
  across,
  both,
  fingered as study,
  hand,
  HANDS,
  inverted,
  MAJORS,
  MINORS,
  type More,
  overKeys,
  type Rule,
  two,
  twoBoth,
} from './rule'

const [WHITE, BLACK, ALL_BLACK] = [
  ['C', 'G', 'D', 'A', 'E', 'F'],
  ['Bb', 'Eb', 'Ab'],
  ['B', 'F#', 'Db'],
]

const LENGTHS: readonly Rule[] = [
  overKeys('five fingers before one octave, one hand', MAJORS, (tonic, at) => [
    study(tonic, 'five-finger-major', hand(at)),
    study(tonic, 'major', hand(at)),
  ]),
  overKeys('five fingers by both hands before the whole scale by one', MAJORS, (tonic, at) => [
    study(tonic, 'five-finger-major', both),
    study(tonic, 'major', hand(at)),
  ]),
  overKeys('five fingers of one hand before both hands', MAJORS, (tonic, at) => [
    study(tonic, 'five-finger-major', hand(at)),
    study(tonic, 'five-finger-major', both),
  ]),
  overKeys('a scale by one hand before both', MAJORS, (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'major', both),
  ]),
  overKeys('a minor scale by one hand before both, two octaves', MINORS, (tonic, at) => [
    study(tonic, 'harmonic-minor', { ...hand(at), ...two }),
    study(tonic, 'harmonic-minor', twoBoth),
  ]),
  overKeys('one octave before two', MAJORS, (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'major', { ...hand(at), ...two }),
  ]),
  overKeys('two octaves before four, both hands', MAJORS, (tonic) => [
    study(tonic, 'major', twoBoth),
    study(tonic, 'major', { ...both, octaves: 4 }),
  ]),
  overKeys('one octave of an arpeggio before two', MINORS, (tonic, at) => [
    study(tonic, 'minor-arpeggio', hand(at)),
    study(tonic, 'minor-arpeggio', { ...hand(at), ...two }),
  ]),
  overKeys('one octave of any white tonic before two octaves of another', WHITE, (tonic, at) => [
    study(WHITE[(at + 2) % WHITE.length]!, 'major', hand(at)),
    study(tonic, 'major', { ...hand(at), ...two }),
  ]),
  overKeys('three octaves before four', ['D', 'E', 'Bb', 'B', 'Ab', 'F'], (tonic) => [
    study(tonic, 'major', { ...both, octaves: 3 }),
    study(tonic, 'major', { ...both, octaves: 4 }),
  ]),
  overKeys('up before up and down', MAJORS, (tonic, at) => [
    study(tonic, 'major', { ...hand(at), course: 'up' }),
    study(tonic, 'major', hand(at)),
  ]),
]

const of = (tonics: readonly string[], kind: string, more: More) => tonics.map((tonic) => study(tonic, kind, more))
const KEYS: readonly Rule[] = [
  { says: 'white tonics before black ones, right hand', pairs: across(of(WHITE, 'major', {}), of(BLACK, 'major', {})) },
  {
    says: 'white tonics before black ones, left hand, two octaves',
    pairs: across(
      of(['C', 'G', 'E', 'F'], 'major', { hands: 'left', ...two }),
      of(BLACK, 'major', { hands: 'left', ...two }),
    ),
  },
  {
    says: 'three black keys before all of them, one hand',
    pairs: HANDS.flatMap((hands) => across(of(BLACK, 'major', { hands }), of(ALL_BLACK, 'major', { hands }))),
  },
  {
    says: 'hands together: keys whose thumbs always meet before those whose never do',
    pairs: across(of(ALL_BLACK, 'major', twoBoth), of(['Bb', 'Eb'], 'major', twoBoth)),
  },
  {
    says: 'hands together: white tonics before keys whose thumbs never meet',
    pairs: across(of(WHITE, 'major', both), of(['Bb', 'Eb'], 'major', both)),
  },
  {
    says: 'few signs before more, white tonics',
    pairs: [
      ...across(of(['C', 'G'], 'major', {}), of(['A', 'E'], 'major', {})),
      ...across(of(['C', 'F'], 'major', twoBoth), of(['A', 'E'], 'major', twoBoth)),
      ...across(of(['C'], 'major', { hands: 'left' }), of(['D', 'A'], 'major', { hands: 'left' })),
    ],
  },
  {
    says: 'minors on white tonics with few signs before those on black ones',
    pairs: [
      ...across(of(['A', 'E', 'D', 'G'], 'harmonic-minor', {}), of(['Bb', 'D#', 'G#', 'C#'], 'harmonic-minor', {})),
      ...across(of(['A', 'D', 'G'], 'natural-minor', two), of(['Bb', 'D#'], 'natural-minor', two)),
    ],
  },
  {
    says: 'arpeggios on white keys before those on black roots with white keys',
    pairs: across(of(['C', 'F', 'G', 'D'], 'major-arpeggio', {}), of(['Eb', 'Ab', 'Bb', 'Db'], 'major-arpeggio', {})),
  },
]

const FORMS: readonly Rule[] = [
  overKeys('natural before harmonic minor', MINORS, (tonic, at) => [
    study(tonic, 'natural-minor', { ...hand(at), ...two }),
    study(tonic, 'harmonic-minor', { ...hand(at), ...two }),
  ]),
  overKeys('harmonic before melodic minor', MINORS, (tonic, at) => [
    study(tonic, 'harmonic-minor', hand(at)),
    study(tonic, 'melodic-minor', hand(at)),
  ]),
  overKeys('harmonic before melodic minor, both hands', ['A', 'C', 'F#', 'Bb'], (tonic) => [
    study(tonic, 'harmonic-minor', twoBoth),
    study(tonic, 'melodic-minor', twoBoth),
  ]),
  overKeys('major before the harmonic minor on the same white key', ['C', 'G', 'D', 'A', 'F'], (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'harmonic-minor', hand(at)),
  ]),
  overKeys('a major scale on a white tonic before the chromatic scale', WHITE, (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'chromatic', hand(at)),
  ]),
  overKeys('the chromatic scale by one hand before both', WHITE, (tonic, at) => [
    study(tonic, 'chromatic', hand(at)),
    study(tonic, 'chromatic', both),
  ]),
  overKeys('the chromatic scale in one octave before two', [...BLACK, ...ALL_BLACK], (tonic, at) => [
    study(tonic, 'chromatic', hand(at)),
    study(tonic, 'chromatic', { ...hand(at), ...two }),
  ]),
  overKeys('a major scale before the whole-tone scale', ['C', 'D', 'F', 'G'], (tonic, at) => [
    study(tonic, 'major', { ...hand(at), ...two }),
    study(tonic, 'whole-tone', { ...hand(at), ...two }),
  ]),
  overKeys(
    'natural minor before a minor with a leap of three half steps on either side',
    ['A', 'D', 'C', 'G'],
    (tonic, at) => [study(tonic, 'natural-minor', hand(at)), study(tonic, 'hungarian-minor', hand(at))],
  ),
]

const CHORDS: readonly Rule[] = [
  overKeys('a scale before its arpeggio', MAJORS, (tonic, at) => [
    study(tonic, 'major', { ...hand(at), ...two }),
    study(tonic, 'major-arpeggio', { ...hand(at), ...two }),
  ]),
  overKeys('a melodic minor before the arpeggio', MINORS, (tonic, at) => [
    study(tonic, 'melodic-minor', { ...hand(at), ...two }),
    study(tonic, 'minor-arpeggio', { ...hand(at), ...two }),
  ]),
  overKeys('a scale by both hands before the arpeggio by both', ['C', 'D', 'F', 'A', 'Bb', 'Ab', 'B'], (tonic) => [
    study(tonic, 'major', twoBoth),
    study(tonic, 'major-arpeggio', twoBoth),
  ]),
  overKeys('an arpeggio by one hand before both', MAJORS, (tonic, at) => [
    study(tonic, 'major-arpeggio', { ...hand(at), ...two }),
    study(tonic, 'major-arpeggio', twoBoth),
  ]),
  overKeys('an arpeggio of one hand before the scale by both', MAJORS, (tonic, at) => [
    study(tonic, 'major-arpeggio', hand(at)),
    study(tonic, 'major', both),
  ]),
  {
    says: 'an easy arpeggio of one hand before a hard scale by both',
    pairs: across(of(['C', 'F', 'G'], 'major-arpeggio', {}), of(['B', 'Eb', 'Ab', 'Bb'], 'major', both)),
  },
  overKeys('a triad before the dominant seventh', MAJORS, (tonic, at) => [
    study(tonic, 'major-arpeggio', { ...hand(at), ...two }),
    study(tonic, 'dominant-seventh-arpeggio', { ...hand(at), ...two }),
  ]),
  overKeys('a minor triad before the diminished seventh', MINORS.slice(0, 8), (tonic, at) => [
    study(tonic, 'minor-arpeggio', { ...hand(at), ...two }),
    study(tonic, 'diminished-seventh-arpeggio', { ...hand(at), ...two }),
  ]),
  overKeys('a major triad before the augmented and the diminished one', ['C', 'G', 'F', 'D'], (tonic, at) => [
    study(tonic, 'major-arpeggio', { ...hand(at), ...two }),
    study(tonic, at % 2 ? 'augmented-arpeggio' : 'diminished-arpeggio', { ...hand(at), ...two }),
  ]),
  overKeys('root position before the first inversion', MAJORS, (tonic, at) => [
    study(tonic, 'major-arpeggio', hand(at)),
    inverted(tonic, 'major-arpeggio', 1, hand(at)),
  ]),
  overKeys('root position before the second inversion', MINORS, (tonic, at) => [
    study(tonic, 'minor-arpeggio', { ...hand(at), ...two }),
    inverted(tonic, 'minor-arpeggio', 2, { ...hand(at), ...two }),
  ]),
  overKeys('a seventh in root position before its inversions', ['C', 'G', 'D', 'F', 'Bb', 'A'], (tonic, at) => [
    study(tonic, 'dominant-seventh-arpeggio', { ...hand(at), ...two }),
    inverted(tonic, 'dominant-seventh-arpeggio', 1 + (at % 3), { ...hand(at), ...two }),
  ]),
  overKeys('a dominant seventh before double thirds', MAJORS, (tonic, at) => [
    study(tonic, 'dominant-seventh-arpeggio', { ...hand(at), ...two }),
    study(tonic, 'double-thirds-major', { ...hand(at), ...two }),
  ]),
  overKeys('triads of the key before its sevenths', ['C', 'G', 'F', 'Bb', 'A'], (tonic, at) => [
    study(tonic, 'diatonic-triads-major', hand(at)),
    study(tonic, 'diatonic-sevenths-major', hand(at)),
  ]),
  overKeys('a scale before the triads of the key', ['C', 'G', 'D', 'F', 'A'], (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'diatonic-triads-major', hand(at)),
  ]),
  overKeys(
    'a broken chord in close position before the arpeggio in two octaves',
    ['C', 'G', 'F', 'D', 'A'],
    (tonic, at) => [
      study(tonic, 'broken-chord-major', hand(at)),
      study(tonic, 'major-arpeggio', { ...hand(at), ...two }),
    ],
  ),
]

const DOUBLES: readonly Rule[] = [
  overKeys('a scale by both hands before double thirds of one', MAJORS, (tonic, at) => [
    study(tonic, 'major', both),
    study(tonic, 'double-thirds-major', { ...hand(at), ...two }),
  ]),
  overKeys('double thirds before double sixths', MAJORS, (tonic, at) => [
    study(tonic, 'double-thirds-major', { ...hand(at), ...two }),
    study(tonic, 'double-sixths-major', { ...hand(at), ...two }),
  ]),
  overKeys('double thirds before double octaves', MAJORS, (tonic, at) => [
    study(tonic, 'double-thirds-major', hand(at)),
    study(tonic, 'double-octaves-major', hand(at)),
  ]),
  overKeys('a chromatic scale a minor third apart before double thirds of one hand', WHITE, (tonic, at) => [
    study(tonic, 'chromatic', { ...both, interval: 'third' }),
    study(tonic, 'double-thirds-chromatic-minor', hand(at)),
  ]),
  overKeys('hands a third apart before double thirds of one hand, two octaves', MAJORS, (tonic, at) => [
    study(tonic, at % 2 ? 'chromatic' : 'major', { ...twoBoth, interval: 'third' }),
    study(tonic, 'double-thirds-major', { ...hand(at), ...two }),
  ]),
  overKeys('a chromatic scale a third apart before double thirds of a major scale', WHITE, (tonic, at) => [
    study(tonic, 'chromatic', { ...twoBoth, interval: 'third' }),
    study(tonic, 'double-thirds-major', { ...hand(at), ...two }),
  ]),
  overKeys('chromatic thirds before chromatic octaves', ['C', 'D', 'F#', 'Bb'], (tonic, at) => [
    study(tonic, 'double-thirds-chromatic-minor', { ...hand(at), ...two }),
    study(tonic, 'double-octaves-chromatic', { ...hand(at), ...two }),
  ]),
  overKeys('double thirds by one hand before both', ['C', 'G', 'F', 'B'], (tonic, at) => [
    study(tonic, 'double-thirds-major', { ...hand(at), ...two }),
    study(tonic, 'double-thirds-major', twoBoth),
  ]),
  overKeys('hands a third apart before double thirds of one hand', ['C', 'G', 'D', 'Eb', 'E', 'Bb'], (tonic, at) => [
    study(tonic, 'major', { ...both, interval: 'third' }),
    study(tonic, 'double-thirds-major', hand(at)),
  ]),
]

export const PIANO_RULES: readonly Rule[] = [
  ...LENGTHS,
  ...KEYS,
  ...FORMS,
  ...CHORDS,
  ...DOUBLES,
  ...MOVING_RULES,
  ...LEVEL_RULES,
]
