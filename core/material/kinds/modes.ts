import { type Base, bothWays, degrees, PLAIN_BASE } from './base'

/** A mode carries the signature of its parent scale; `signature` counts fifths from the tonic's major. */
const mode = <M extends 'major' | 'minor', D extends number>(
  third: M,
  signature: number,
  degree: D,
  semitones: readonly number[],
  base = 'major',
) =>
  ({
    ...PLAIN_BASE,
    family: 'mode',
    mode: third,
    signature,
    ...bothWays(degrees(semitones)),
    modeOf: { base, degree },
    memory: base === 'major' ? 0.6 : 1.8,
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

/**
 * Modes of jazz melodic and of harmonic minor, as improvisers call them (common practice). Each carries the signature of
 * the mode that it is named by, and the altered degree its sign; books differ.
 */
export const MINOR_MODES = {
  'dorian-flat-2': {
    ...mode('minor', -2, 2, [0, 1, 3, 5, 7, 9, 10], 'melodic-minor-jazz'),
    phrases: {
      en: ['dorian flat|b 2|two|second', 'phrygian natural|raised|♮ 6|six|sixth'],
      es: ['dorio bemol 2'],
      de: [],
    },
    written: 'dorian flat 2',
  },
  'lydian-augmented': {
    ...mode('major', 1, 3, [0, 2, 4, 6, 8, 9, 11], 'melodic-minor-jazz'),
    phrases: { en: ['lydian augmented|aug', 'lydian sharp|# 5|five|fifth'], es: ['lidio aumentado'], de: [] },
    written: 'lydian augmented',
  },
  'lydian-dominant': {
    ...mode('major', 1, 4, [0, 2, 4, 6, 7, 9, 10], 'melodic-minor-jazz'),
    phrases: { en: ['lydian dominant|dom', 'lydian flat|b 7|seven|seventh'], es: ['lidio dominante|b7'], de: [] },
    written: 'lydian dominant',
  },
  'mixolydian-flat-6': {
    ...mode('major', -1, 5, [0, 2, 4, 5, 7, 8, 10], 'melodic-minor-jazz'),
    phrases: {
      en: ['mixolydian|mixo flat|b 6|six|sixth', 'mixolydian|mixo flat|b 13'],
      es: ['mixolidio bemol 6'],
      de: [],
    },
    written: 'mixolydian flat 6',
  },
  'locrian-natural-2': {
    ...mode('minor', -5, 6, [0, 2, 3, 5, 6, 8, 10], 'melodic-minor-jazz'),
    phrases: { en: ['locrian natural|raised|sharp|#|♮ 2|two|second'], es: ['locrio natural 2'], de: [] },
    written: 'locrian natural 2',
  },
  altered: {
    ...mode('minor', -5, 7, [0, 1, 3, 4, 6, 8, 10], 'melodic-minor-jazz'),
    phrases: {
      en: ['altered scale?', 'super locrian', 'superlocrian'],
      es: ['alterada', 'superlocrio'],
      de: ['alteriert'],
    },
    written: 'altered',
  },
  'locrian-natural-6': {
    ...mode('minor', -5, 2, [0, 1, 3, 5, 6, 9, 10], 'harmonic-minor'),
    phrases: { en: ['locrian natural|raised|sharp|♮ 6|six|sixth'], es: ['locrio natural 6'], de: [] },
    written: 'locrian natural 6',
  },
  'ionian-sharp-5': {
    ...mode('major', 0, 3, [0, 2, 4, 5, 8, 9, 11], 'harmonic-minor'),
    phrases: { en: ['ionian sharp|# 5|five|fifth', 'ionian augmented|aug'], es: ['jonio aumentado'], de: [] },
    written: 'ionian sharp 5',
  },
  'dorian-sharp-4': {
    ...mode('minor', -2, 4, [0, 2, 3, 6, 7, 9, 10], 'harmonic-minor'),
    phrases: { en: ['dorian sharp|raised|# 4|four|fourth'], es: ['dorio sostenido 4'], de: [] },
    written: 'dorian sharp 4',
  },
  'phrygian-dominant': {
    ...mode('major', -4, 5, [0, 1, 4, 5, 7, 8, 10], 'harmonic-minor'),
    phrases: {
      en: ['phrygian dominant|dom|major', 'phrygian natural|raised|♮ 3|three|third'],
      es: ['frigio dominante|mayor'],
      de: [],
    },
    written: 'phrygian dominant',
  },
  'lydian-sharp-2': {
    ...mode('major', 1, 6, [0, 3, 4, 6, 7, 9, 11], 'harmonic-minor'),
    phrases: { en: ['lydian sharp|raised|# 2|two|second'], es: ['lidio sostenido 2'], de: [] },
    written: 'lydian sharp 2',
  },
  'altered-diminished': {
    ...mode('minor', -5, 7, [0, 1, 3, 4, 6, 8, 9], 'harmonic-minor'),
    phrases: {
      en: ['altered diminished|dim', 'altered double flat 7|seven|seventh', 'ultra locrian', 'ultralocrian'],
      es: ['ultralocrio'],
      de: [],
    },
    written: 'altered diminished',
  },
} as const satisfies Readonly<Record<string, Base>>
