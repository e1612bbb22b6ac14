import { type Base, bothWays, degrees, PLAIN_BASE } from './base'

/** A mode carries the signature of its parent scale; `signature` counts fifths from the tonic's major. */
const mode = <M extends 'major' | 'minor', D extends number>(
  third: M,
  signature: number,
  degree: D,
  semitones: readonly number[],
) =>
  ({
    ...PLAIN_BASE,
    family: 'mode',
    mode: third,
    signature,
    ...bothWays(degrees(semitones)),
    modeOf: { base: 'major', degree },
    memory: 0.6,
  }) as const

/** The seven modes of the major scale; common practice. */
export const MODES = {
  ionian: {
    ...mode('major', 0, 1, [0, 2, 4, 5, 7, 9, 11]),
    phrases: { en: ['ionian mode?'], es: ['jonio|jonico mode?'], de: ['ionisch'] },
    written: 'ionian',
  },
  dorian: {
    ...mode('minor', -2, 2, [0, 2, 3, 5, 7, 9, 10]),
    phrases: { en: ['dorian mode?'], es: ['dorio|dorico mode?'], de: ['dorisch'] },
    written: 'dorian',
  },
  phrygian: {
    ...mode('minor', -4, 3, [0, 1, 3, 5, 7, 8, 10]),
    phrases: { en: ['phrygian mode?'], es: ['frigio mode?'], de: ['phrygisch'] },
    written: 'phrygian',
  },
  lydian: {
    ...mode('major', 1, 4, [0, 2, 4, 6, 7, 9, 11]),
    phrases: { en: ['lydian mode?'], es: ['lidio mode?'], de: ['lydisch'] },
    written: 'lydian',
  },
  mixolydian: {
    ...mode('major', -1, 5, [0, 2, 4, 5, 7, 9, 10]),
    phrases: { en: ['mixolydian|mixo mode?'], es: ['mixolidio mode?'], de: ['mixolydisch'] },
    written: 'mixolydian',
  },
  aeolian: {
    ...mode('minor', -3, 6, [0, 2, 3, 5, 7, 8, 10]),
    phrases: { en: ['aeolian|eolian mode?'], es: ['eolio mode?'], de: ['aolisch'] },
    written: 'aeolian',
  },
  locrian: {
    ...mode('minor', -5, 7, [0, 1, 3, 5, 6, 8, 10]),
    phrases: { en: ['locrian mode?'], es: ['locrio mode?'], de: ['lokrisch'] },
    written: 'locrian',
  },
} as const satisfies Readonly<Record<string, Base>>
