import { both, fingered as study, hand, MAJORS, MINORS, type More, overKeys, type Rule, TEMPO, twoBoth } from './rule'

const MOTION: readonly Rule[] = [
  overKeys('contrary motion from one key before similar motion, white tonics', ['C', 'G', 'D', 'A', 'E'], (tonic) => [
    study(tonic, 'major', { ...both, motion: 'contrary' }),
    study(tonic, 'major', both),
  ]),
  overKeys('contrary motion from one key before similar motion, two octaves', ['C', 'G', 'D', 'A', 'E'], (tonic) => [
    study(tonic, 'major', { ...twoBoth, motion: 'contrary' }),
    study(tonic, 'major', twoBoth),
  ]),
  overKeys('an octave apart before a third apart', MAJORS, (tonic) => [
    study(tonic, 'major', twoBoth),
    study(tonic, 'major', { ...twoBoth, interval: 'third' }),
  ]),
  overKeys('an octave apart before a sixth apart', MINORS, (tonic) => [
    study(tonic, 'harmonic-minor', twoBoth),
    study(tonic, 'harmonic-minor', { ...twoBoth, interval: 'sixth' }),
  ]),
  overKeys('one octave shared by both hands before the scale by both', ['C', 'G', 'D', 'A', 'E', 'F'], (tonic) => [
    study(tonic, 'tetrachords-major', { ...both, school: 'two-hand-tetrachords' }),
    study(tonic, 'major', both),
  ]),
]

const pattern = (figure: string): More => ({ pattern: { figure } })
const PATTERNS: readonly Rule[] = [
  overKeys('the plain scale before groups of three on each degree', MAJORS, (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'major', { ...hand(at), ...pattern('groups-of-three') }),
  ]),
  overKeys('the plain scale before broken thirds', MAJORS, (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'major', { ...hand(at), ...pattern('broken-thirds') }),
  ]),
  overKeys('broken thirds before broken sixths', ['C', 'G', 'F', 'D', 'A', 'Bb'], (tonic, at) => [
    study(tonic, 'major', { ...hand(at), ...pattern('broken-thirds') }),
    study(tonic, 'major', { ...hand(at), ...pattern('broken-sixths') }),
  ]),
  overKeys('broken thirds before double thirds', ['C', 'G', 'E', 'F', 'Ab', 'B'], (tonic, at) => [
    study(tonic, 'major', { ...hand(at), ...pattern('broken-thirds') }),
    study(tonic, 'double-thirds-major', hand(at)),
  ]),
  overKeys('one key before several', ['C', 'D', 'F', 'G'], (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'major', { ...hand(at), pattern: { journey: 'relay-half-step' } }),
  ]),
  overKeys('even notes before long and short', ['C', 'G', 'D', 'Bb', 'E'], (tonic, at) => [
    study(tonic, 'major', hand(at)),
    study(tonic, 'major', { ...hand(at), rhythm: { lengths: 'long-short' } }),
  ]),
]

const at = (bpm: number): More => ({ tempo: { ...TEMPO, bpm } })
const PLAYING: readonly Rule[] = [
  overKeys('slow before fast', MAJORS, (tonic, place) => [
    study(tonic, 'major', { ...hand(place), ...at(60) }),
    study(tonic, 'major', { ...hand(place), ...at(80) }),
  ]),
  overKeys(
    'slow before fast, arpeggios and chromatic scales by both hands',
    ['C', 'D', 'Eb', 'F#', 'A'],
    (tonic, place) => [
      study(tonic, place % 2 ? 'chromatic' : 'minor-arpeggio', { ...twoBoth, ...at(80) }),
      study(tonic, place % 2 ? 'chromatic' : 'minor-arpeggio', { ...twoBoth, ...at(120) }),
    ],
  ),
  overKeys('legato before staccato', MAJORS, (tonic) => [
    study(tonic, 'major', twoBoth),
    study(tonic, 'major', { ...twoBoth, articulation: 'staccato' }),
  ]),
]

/** How hands move, patterns, tempo and touch. */
export const MOVING_RULES: readonly Rule[] = [...MOTION, ...PATTERNS, ...PLAYING]
