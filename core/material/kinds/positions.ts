import { type Base, bothWays, degrees, MAJOR_SIGNATURE, MINOR_SIGNATURE, PLAIN_BASE } from './base'

const POSITION = { ...PLAIN_BASE, family: 'position', memory: 0 } as const
const NINTH = { ...PLAIN_BASE, family: 'position', texture: 'position', memory: 8 } as const
const NINTH_STEPS = [0, 2, 4, 6, 8]

/** What lies under a hand that stays, or is shared by two; common practice. */
export const POSITIONS = {
  'five-finger-major': {
    ...POSITION,
    texture: 'position',
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 4, 5, 7])),
    written: 'major five-finger',
  },
  'five-finger-minor': {
    ...POSITION,
    texture: 'position',
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 3, 5, 7])),
    written: 'minor five-finger',
  },
  'tetrachords-major': {
    ...POSITION,
    texture: 'tetrachords',
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 4, 5, 7, 9, 11])),
    written: 'major in tetrachords',
  },
  'tetrachords-natural-minor': {
    ...POSITION,
    texture: 'tetrachords',
    mode: 'minor',
    form: 'natural',
    signature: MINOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 3, 5, 7, 8, 10])),
    written: 'natural minor in tetrachords',
  },
  'tetrachords-harmonic-minor': {
    ...POSITION,
    texture: 'tetrachords',
    mode: 'minor',
    form: 'harmonic',
    signature: MINOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 3, 5, 7, 8, 11])),
    written: 'harmonic minor in tetrachords',
  },
  // up to the ninth and back within one position of the hand
  'dominant-ninth-arpeggio': {
    ...NINTH,
    mode: 'major',
    signature: -1,
    ...bothWays(degrees([0, 4, 7, 10, 14], NINTH_STEPS)),
    phrases: {
      en: ['dominant|dom? ninth|9th|9 chord|arpeggio|arp?'],
      es: ['novena dominante?', 'arpegio de? novena'],
      de: ['dominantnonakkord'],
    },
    written: 'dominant ninth arpeggio',
  },
  'major-ninth-arpeggio': {
    ...NINTH,
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    ...bothWays(degrees([0, 4, 7, 11, 14], NINTH_STEPS)),
    phrases: { en: ['major|maj ninth|9th|9 chord|arpeggio|arp?'], es: ['novena mayor'], de: [] },
    written: 'major ninth arpeggio',
  },
  'minor-ninth-arpeggio': {
    ...NINTH,
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    ...bothWays(degrees([0, 3, 7, 10, 14], NINTH_STEPS)),
    phrases: { en: ['minor|min ninth|9th|9 chord|arpeggio|arp?'], es: ['novena menor'], de: [] },
    written: 'minor ninth arpeggio',
  },
} as const satisfies Readonly<Record<string, Base>>
