import { type Base, bothWays, degrees, MAJOR_SIGNATURE, MINOR_SIGNATURE, PLAIN_BASE } from './base'

const OTHER = { ...PLAIN_BASE, family: 'other-scale' } as const

/** Scales of five to twelve notes; common practice. The blues scale has a raised fourth. */
export const OTHER_SCALES = {
  'major-pentatonic': {
    ...OTHER,
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 4, 7, 9], [0, 1, 2, 4, 5])),
    memory: 0.6,
    written: 'major pentatonic',
  },
  'minor-pentatonic': {
    ...OTHER,
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    ...bothWays(degrees([0, 3, 5, 7, 10], [0, 2, 3, 4, 6])),
    memory: 0.6,
    written: 'minor pentatonic',
  },
  blues: {
    ...OTHER,
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    ...bothWays(degrees([0, 3, 5, 6, 7, 10], [0, 2, 3, 3, 4, 6])),
    memory: 1.2,
    phrases: { en: ['blues'], es: ['blues'], de: ['blues'] },
    written: 'blues',
  },
  'whole-tone': {
    ...OTHER,
    mode: null,
    signature: null,
    ...bothWays(degrees([0, 2, 4, 6, 8, 10])),
    starts: 'anywhere',
    memory: 0.6,
    phrases: { en: ['whole tone|tones scale|scales?'], es: ['tonos enteros'], de: ['ganzton'] },
    written: 'whole-tone',
  },
  chromatic: {
    ...OTHER,
    mode: null,
    signature: null,
    spelling: 'plain',
    ...bothWays(degrees([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11])),
    starts: 'anywhere',
    memory: 0.6,
    phrases: { en: ['chromatic|chrom'], es: ['cromatica'], de: ['chromatisch'] },
    written: 'chromatic',
    takes: {
      'minor-thirds': { id: 'double-thirds-chromatic-minor' },
      octaves: { id: 'double-octaves-chromatic', memory: 0 },
    },
  },
  'octatonic-half-whole': {
    ...OTHER,
    mode: null,
    signature: null,
    ...bothWays(degrees([0, 1, 3, 4, 6, 7, 9, 10], [0, 1, 2, 2, 3, 4, 5, 6])),
    starts: 'anywhere',
    memory: 1.2,
    phrases: {
      en: [
        'octatonic ,? half step? first?',
        'half whole octatonic|diminished',
        'octatonic scale? ,? starting|beginning with|on a? semitone|half step?',
      ],
      es: [],
      de: [],
    },
    written: 'octatonic half step first',
  },
  'octatonic-whole-half': {
    ...OTHER,
    mode: null,
    signature: null,
    ...bothWays(degrees([0, 2, 3, 5, 6, 8, 9, 11], [0, 1, 2, 3, 4, 5, 5, 6])),
    starts: 'anywhere',
    memory: 1.2,
    phrases: {
      en: [
        'octatonic ,? whole step? first?',
        'whole half octatonic|diminished',
        'octatonic',
        'octatonic scale? ,? starting|beginning with|on a? tone|whole step?',
      ],
      es: [],
      de: [],
    },
    written: 'octatonic whole step first',
  },
} as const satisfies Readonly<Record<string, Base>>
