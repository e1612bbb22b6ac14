import { type ComparedPair, study } from './pair'

/** Pairs of studies and what is said of them, each sentence checked by hand. */
export const THIRD: readonly ComparedPair[] = [
  [
    study('A', 'harmonic-minor'),
    study('A', 'melodic-minor'),
    [
      'F becomes F♯ going up and G♯ becomes G going down',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C', 'natural-minor'),
    study('Eb'),
    [
      'degree 3 lies a half step higher, degree 6 lies a half step higher and degree 7 lies a half step higher',
      'E♭ major has the same notes and begins on degree 3.',
      'right hand: other fingers on degrees 1, 2, 3, 4, 5, 6 and 7',
      'left hand: other fingers on degrees 1, 2, 3, 4, 5, 6 and 7',
      'a little harder',
    ],
  ],
  [
    study('C'),
    study('C', 'harmonic-minor'),
    [
      'E becomes E♭ and A becomes A♭',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'a little harder',
    ],
  ],
  [
    study('F', 'major', { hands: 'right' }),
    study('B', 'major', { hands: 'right' }),
    ['transposed 6 half steps down', 'right hand: other fingers on degrees 4, 5, 6 and 7', 'a little harder'],
  ],
  [
    study('Bb', 'major', { hands: 'right' }),
    study('Eb', 'major', { hands: 'right' }),
    [
      'transposed 5 half steps up',
      'E♭ major, a fourth up: degree 4 lowered (A♭), one flat more.',
      'right hand: other fingers on degrees 1, 5, 6 and 7',
      'as hard as before',
    ],
  ],
  [
    study('A', 'major', { hands: 'left' }),
    study('E', 'major', { hands: 'left' }),
    [
      'transposed 7 half steps up',
      'E major, a fifth up: degree 7 raised (D♯), one sharp more.',
      'left hand: the same fingers on the same degrees',
      'as hard as before',
    ],
  ],
  [
    study('C', 'blues', { hands: 'right' }),
    study('C', 'minor-pentatonic', { hands: 'right' }),
    [
      'without F♯',
      'right hand: 4 notes fewer',
      'right hand: 2 instead of 3 on G and 3 instead of 4 on B♭',
      'as hard as before',
    ],
  ],
  [
    study('D', 'dorian'),
    study('D', 'natural-minor'),
    [
      'B becomes B♭',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major', { octaves: 1, hands: 'right' }),
    study('C', 'major-arpeggio', { octaves: 1, hands: 'right' }),
    [
      'without D, F, A and B',
      'right hand: 8 notes fewer',
      'right hand: 2 instead of 3 on E and 3 instead of 2 on G, no thumb any more, where it was on F',
      'a little harder',
    ],
  ],
  [
    study('G', 'major', { hands: 'right' }),
    study('G', 'major', { hands: 'left' }),
    ['the same notes', 'the left hand comes in', 'the right hand is left out', 'as hard as before'],
  ],
  [
    study('E', 'major-arpeggio', { hands: 'left' }),
    study('E', 'minor-arpeggio', { hands: 'left' }),
    ['G♯ becomes G', 'left hand: the same fingers on the same notes', 'as hard as before'],
  ],
  [
    study('C', 'augmented-arpeggio', { hands: 'right' }),
    study('C', 'major-arpeggio', { hands: 'right' }),
    ['G♯ becomes G', 'right hand: the same fingers on the same notes', 'as hard as before'],
  ],
  [
    study('C', 'whole-tone', { hands: 'right' }),
    study('C', 'major', { hands: 'right' }),
    [
      'F♯ becomes F, G♯ becomes G and A♯ becomes A',
      'B as well',
      'right hand: 4 notes more',
      'right hand: 3 instead of 1 on E, thumbs on F and C instead of E and C',
      'as hard as before',
    ],
  ],
  [
    study('D', 'major', { interval: 'third' }),
    study('D', 'major', { interval: 'sixth' }),
    [
      'the same notes',
      'a sixth apart, where it was a third apart',
      'right hand: the same fingers on the same notes, but for the ends',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major', { hands: 'right', pattern: { figure: 'broken-thirds' } }),
    study('C', 'major', { hands: 'right', pattern: { figure: 'broken-sixths' } }),
    [
      'the same notes',
      'in broken sixths, where it was in broken thirds',
      'right hand: a fingering of its own',
      'harder',
    ],
  ],
  [
    study('Ab', 'major', { hands: 'right' }),
    study('G#', 'natural-minor', { hands: 'right' }),
    [
      'B, E and F♯ as well',
      'without C, F and G',
      'right hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major', { instrument: 'marimba-4.3' }),
    study('C', 'major', { instrument: 'marimba-4.3', roll: { manner: 'separate', strokes: 4 } }),
    [
      'the same notes',
      'now rolled, 4 to the beat',
      '14 strokes change hands',
      'slower: 60 notes a minute against 120',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major', { instrument: 'marimba-4.3' }),
    study('C', 'major', { instrument: 'vibraphone-3.0' }),
    [
      'the same notes',
      'on the vibraphone, where it was the marimba',
      'every stroke stays in its hand',
      'difficulty is not compared between two instruments',
    ],
  ],
  [
    study('C', 'chromatic', { hands: 'right' }),
    study('C', 'double-thirds-chromatic-minor', { hands: 'right' }),
    [
      'the same keys under other names',
      'C chromatic in double minor thirds, where it was C chromatic',
      'right hand: 49 notes more',
      'right hand: a fingering of its own',
      'much harder',
    ],
  ],
  [
    study('C', 'double-octaves-major', { hands: 'right' }),
    study('C', 'double-octaves-major', { hands: 'right', handSize: 'small' }),
    ['the same notes', 'right hand: the same fingers on the same notes', 'a little harder'],
  ],
]
