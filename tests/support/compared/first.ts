import { type ComparedPair, study } from './pair'

/** Pairs of studies and what is said of them, each sentence checked by hand. */
export const FIRST: readonly ComparedPair[] = [
  [
    study('C'),
    study('C'),
    [
      'the same notes',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('D'),
    study('D', 'major', { interval: 'third' }),
    [
      'the same notes',
      'now a third apart',
      'right hand: the same fingers on the same notes, but for the ends',
      'left hand: the same fingers on the same notes',
      'a little harder',
    ],
  ],
  [
    study('D'),
    study('D', 'major', { interval: 'sixth' }),
    [
      'the same notes',
      'now a sixth apart',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'harder',
    ],
  ],
  [
    study('C', 'major-arpeggio'),
    study('C', 'major-arpeggio', { inversion: 1 }),
    [
      'the same notes',
      'begins on E, where it was C',
      'right hand: 1 instead of 2 on E, 2 instead of 3 on G and 4 instead of 1 on C, thumbs on E instead of C',
      'left hand: 1 instead of 4 on E, 4 instead of 2 on G and 2 instead of 1 on C, thumbs on E instead of C',
      'a little harder',
    ],
  ],
  [
    study('C', 'major-arpeggio', { hands: 'right' }),
    study('C', 'major-arpeggio', { hands: 'right', inversion: 2 }),
    [
      'the same notes',
      'begins on G, where it was C',
      'right hand: 4 instead of 2 on E, 1 instead of 3 on G and 2 instead of 1 on C, thumbs on G instead of C',
      'a little harder',
    ],
  ],
  [
    study('C', 'double-thirds-major', { hands: 'right' }),
    study('C', 'double-sixths-major', { hands: 'right' }),
    [
      'the same notes',
      'C major in double sixths, where it was C major in double thirds',
      'right hand: a fingering of its own',
      'harder',
    ],
  ],
  [
    study('C'),
    study('C', 'double-thirds-major'),
    [
      'the same notes',
      'C major in double thirds, where it was C major',
      'each hand: 29 notes more',
      'right hand: a fingering of its own',
      'left hand: a fingering of its own',
      'much harder',
    ],
  ],
  [
    study('E'),
    study('E', 'major', { motion: 'contrary' }),
    [
      'the same notes',
      'contrary motion, where it was hands together',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'a little easier',
    ],
  ],
  [
    study('Bb'),
    study('Bb', 'major', { motion: 'contrary' }),
    [
      'the same notes',
      'contrary motion, where it was hands together',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('G'),
    study('G', 'major', { articulation: 'staccato' }),
    [
      'the same notes',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'staccato, where it was legato',
      'a little harder',
    ],
  ],
  [
    study('G'),
    study('G', 'major', { tempo: { bpm: 90, notesPerBeat: 2 } }),
    [
      'the same notes',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'faster: 180 notes a minute against 120',
      'as hard as before',
    ],
  ],
  [
    study('G'),
    study('G', 'major', { octaves: 4 }),
    [
      'the same notes',
      'four octaves, where it was two octaves',
      'each hand: 28 notes more',
      'right hand: the same fingers on the same notes, but for the ends',
      'left hand: the same fingers on the same notes',
      'a little harder',
    ],
  ],
  [
    study('G#', 'natural-minor'),
    study('G#', 'harmonic-minor'),
    [
      'F♯ becomes F×',
      'right hand: the same fingers on the same notes',
      'left hand: 4 instead of 3 on C♯, 3 instead of 2 on D♯ and 2 instead of 1 on E, thumbs on B and F× instead of B and E',
      'as hard as before',
    ],
  ],
  [
    study('F#', 'harmonic-minor'),
    study('F#', 'melodic-minor'),
    [
      'D becomes D♯ going up and E♯ becomes E going down',
      'right hand: 3 instead of 4 on G♯ going up, 1 instead of 2 on E♯ going up and 2 instead of 3 on F♯ going up, thumbs on A, E♯ and D instead of A and D',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C'),
    study('D'),
    [
      'transposed a whole step up',
      'right hand: the same fingers on the same degrees',
      'left hand: the same fingers on the same degrees',
      'as hard as before',
    ],
  ],
  [
    study('C'),
    study('Db'),
    [
      'transposed a half step up',
      'right hand: other fingers on degrees 1, 2, 3, 4, 5, 6 and 7',
      'left hand: other fingers on degrees 1, 2, 3, 4, 5, 6 and 7',
      'a little harder',
    ],
  ],
  [
    study('C', 'major', { hands: 'right' }),
    study('Db', 'major', { hands: 'right' }),
    ['transposed a half step up', 'right hand: other fingers on degrees 1, 2, 3, 4, 5, 6 and 7', 'a little harder'],
  ],
  [
    study('C'),
    study('A', 'natural-minor'),
    [
      'degree 3 lies a half step lower, degree 6 lies a half step lower and degree 7 lies a half step lower',
      'A natural minor has the same notes and begins on degree 6.',
      'right hand: the same fingers on the same degrees',
      'left hand: the same fingers on the same degrees',
      'as hard as before',
    ],
  ],
  [
    study('F#'),
    study('Gb'),
    [
      'the same keys under other names',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
  [
    study('C'),
    study('C', 'chromatic'),
    [
      'C♯, D♯, F♯, G♯, A♯, B♭, A♭, G♭, E♭ and D♭ as well',
      'each hand: 20 notes more',
      'right hand: other fingers on D, E, F, G, A, B and C, thumbs on D, E, G, A and B instead of F and C',
      'left hand: other fingers on D, E, F and A, thumbs on D, F, G, A and C instead of G and C',
      'a little harder',
    ],
  ],
  [
    study('C'),
    study('C', 'major-pentatonic'),
    [
      'without F and B',
      'each hand: 8 notes fewer',
      'right hand: 1 instead of 3 on E, thumbs on E and C instead of F and C',
      'left hand: 3 instead of 4 on D and 2 instead of 3 on E',
      'as hard as before',
    ],
  ],
  [
    study('C', 'major-pentatonic'),
    study('C', 'minor-pentatonic'),
    [
      'E becomes E♭',
      'F and B♭ as well',
      'without D and A',
      'right hand: the same fingers on the same notes',
      'left hand: the same fingers on the same notes',
      'as hard as before',
    ],
  ],
]
