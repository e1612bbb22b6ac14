import { type ComparedPair, study } from './pair'

/** Pairs of studies and what is said of them, each sentence checked by hand. */
export const SECOND: readonly ComparedPair[] = [
  [
    study('C'),
    study('C', 'five-finger-major'),
    [
      'without A and B',
      'each hand: 10 notes fewer',
      'right hand: 4 instead of 1 on F and 5 instead of 2 on G, thumbs on C instead of F and C',
      'left hand: 5 instead of 1 on C, thumbs on G instead of G and C',
      'a little easier',
    ],
  ],
  [
    study('C', 'five-finger-major'),
    study('C', 'five-finger-minor'),
    [
      'E becomes E♭',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C'),
    study('C', 'major', { pattern: { figure: 'broken-thirds' } }),
    [
      'the same notes',
      'now in broken thirds',
      'each hand: 28 notes more',
      'right hand: a fingering of its own',
      'left hand: a fingering of its own',
      'as hard as before',
    ],
  ],
  [
    study('C'),
    study('C', 'major', { course: 'down-up' }),
    [
      'the same notes',
      'down first, then up, where it was up, then down',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major', { hands: 'right' }),
    study('C'),
    ['the same notes', 'the left hand comes in', 'right hand: the same fingers on the same notes', 'harder'],
  ],
  [
    study('C', 'major-arpeggio'),
    study('C', 'minor-arpeggio'),
    [
      'E becomes E♭',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major-arpeggio'),
    study('C', 'dominant-seventh-arpeggio'),
    [
      'B♭ as well',
      'each hand: 4 notes more',
      'right hand: the same fingers on the same notes',
      'left hand: 3 instead of 2 on G',
      'as hard as before',
    ],
  ],
  [
    study('G', 'dominant-seventh-arpeggio'),
    study('C'),
    [
      'C, E and A as well',
      'each hand: 12 notes more',
      'right hand: other fingers on B, D, F and G, thumbs on F and C instead of G',
      'left hand: 2 instead of 4 on B and 4 instead of 3 on D, thumbs on G and C instead of G',
      'easier',
    ],
  ],
  [
    study('D'),
    study('D', 'major', { school: 'black-key-pivot' }),
    [
      'the same notes',
      'school: black-key pivot, where it was conservatory school',
      'right hand: the same fingers on the same notes',
      'left hand: other fingers on E, F♯, G, A, B, C♯ and D, thumbs on E and B instead of A and D',
      'as hard as before',
    ],
  ],
  [
    study('C'),
    study('C', 'major', { instrument: 'marimba-4.3' }),
    [
      'on the marimba, where it was the piano',
      'the sticks come in',
      'the right hand is left out',
      'the left hand is left out',
      'difficulty is not compared between two instruments',
    ],
  ],
  [
    study('C', 'major', { instrument: 'vibraphone-3.0', octaves: 1 }),
    study('C', 'major', { instrument: 'vibraphone-3.0', octaves: 1, ring: { pedal: 'down', damping: 'other-mallet' } }),
    ['the same notes', 'now pedal down, damped by the other mallet', '7 strokes change hands', 'a little harder'],
  ],
  [
    study('F', 'major', { instrument: 'marimba-4.3', octaves: 1 }),
    study('F', 'major', { instrument: 'marimba-4.3', octaves: 1, lead: 'left', school: 'strict' }),
    [
      'the same notes',
      'left lead and strict alternation, where it was right lead',
      '15 strokes change hands',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major', { instrument: 'accordion' }),
    study('C', 'major', { instrument: 'accordion', accordion: { treble: 'c-3' } }),
    [
      'the same notes',
      'school: four fingers by rows, where it was conservatory school',
      'right hand: other fingers on D, F, G, A and C, no thumb any more, where it was on F and C',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major', { instrument: 'accordion', accordion: { left: { part: 'alternating' } } }),
    study('C', 'major', { instrument: 'accordion', accordion: { left: { part: 'waltz' } } }),
    [
      'the same notes',
      'accordion, right hand over waltz bass, where it was accordion, right hand over alternating bass',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('A', 'natural-minor'),
    study('A', 'melodic-minor'),
    [
      'F becomes F♯ going up and G becomes G♯ going up',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'a little harder',
    ],
  ],
  [
    study('A', 'natural-minor', { motion: 'contrary' }),
    study('A', 'melodic-minor', { motion: 'contrary' }),
    [
      'F becomes F♯ going up and G becomes G♯ going up',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'a little harder',
    ],
  ],
  [
    study('C', 'major', { handSize: 'small' }),
    study('C'),
    [
      'the same notes',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'a little easier',
    ],
  ],
  [
    study('C', 'chromatic'),
    study('C', 'chromatic', { chromatic: 'fours' }),
    [
      'the same notes',
      'right hand: other fingers on D♯, G♯, A and A♯, thumbs on D, E, G and B instead of D, E, G, A and B',
      'left hand: other fingers on C♯, F♯, G and G♯, thumbs on D, F, A and C instead of D, F, G, A and C',
      'a little harder',
    ],
  ],
  [
    study('C'),
    study('C', 'major', { rhythm: { lengths: 'long-short' } }),
    [
      'the same notes',
      'now long-short',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'a little harder',
    ],
  ],
  [
    study('C'),
    study('C', 'mixolydian'),
    [
      'B becomes B♭',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C'),
    study('F', 'mixolydian'),
    [
      'degree 7 lies a half step lower',
      'right hand: other fingers on degrees 4, 5, 6 and 7',
      'left hand: the same fingers on the same degrees',
      'as hard as before',
    ],
  ],
  [
    study('E', 'major-arpeggio'),
    study('Eb', 'major-arpeggio'),
    [
      'transposed a half step down',
      'right hand: 1 instead of 2 on degree 3, 2 instead of 3 on degree 5 and 4 instead of 1 on degree 1',
      'left hand: 1 instead of 3 on degree 3, 4 instead of 2 on degree 5 and 2 instead of 1 on degree 1',
      'a little harder',
    ],
  ],
]
