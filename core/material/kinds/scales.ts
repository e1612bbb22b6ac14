import { type Base, bothWays, degrees, MAJOR_SIGNATURE, MINOR_SIGNATURE, PLAIN_BASE } from './base'

const SCALE = { ...PLAIN_BASE, family: 'scale' } as const
const MINOR = { ...SCALE, mode: 'minor', signature: MINOR_SIGNATURE } as const
const NATURAL = degrees([0, 2, 3, 5, 7, 8, 10])
const MELODIC = degrees([0, 2, 3, 5, 7, 9, 11])

/** Major and the forms of minor; common practice. */
export const SCALES = {
  major: {
    ...SCALE,
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    ...bothWays(degrees([0, 2, 4, 5, 7, 9, 11])),
    memory: 0,
    written: 'major',
    takes: {
      thirds: { id: 'double-thirds-major' },
      sixths: { id: 'double-sixths-major' },
      octaves: { id: 'double-octaves-major' },
      triads: { id: 'diatonic-triads-major' },
      sevenths: { id: 'diatonic-sevenths-major', memory: 8 },
      cadence: { id: 'cadence-major' },
    },
  },
  'natural-minor': {
    ...MINOR,
    form: 'natural',
    ...bothWays(NATURAL),
    modeOf: { base: 'major', degree: 6 },
    memory: 0.5,
    written: 'natural minor',
    takes: {
      thirds: { id: 'double-thirds-natural-minor' },
      sixths: { id: 'double-sixths-natural-minor' },
      octaves: { id: 'double-octaves-natural-minor' },
      triads: { id: 'diatonic-triads-natural-minor' },
      sevenths: { id: 'diatonic-sevenths-natural-minor' },
    },
  },
  'harmonic-minor': {
    ...MINOR,
    form: 'harmonic',
    ...bothWays(degrees([0, 2, 3, 5, 7, 8, 11])),
    memory: 2.6,
    written: 'harmonic minor',
    takes: {
      thirds: { id: 'double-thirds-harmonic-minor' },
      sixths: { id: 'double-sixths-harmonic-minor' },
      octaves: { id: 'double-octaves-harmonic-minor' },
      triads: { id: 'diatonic-triads-harmonic-minor' },
      sevenths: { id: 'diatonic-sevenths-harmonic-minor' },
      cadence: { id: 'cadence-minor' },
    },
  },
  'melodic-minor': {
    ...MINOR,
    form: 'melodic',
    up: MELODIC,
    down: NATURAL,
    memory: 5.6,
    written: 'melodic minor',
    takes: {
      thirds: { id: 'double-thirds-melodic-minor' },
      sixths: { id: 'double-sixths-melodic-minor' },
      octaves: { id: 'double-octaves-melodic-minor' },
    },
  },
  'melodic-minor-jazz': {
    ...MINOR,
    form: 'jazz',
    ...bothWays(MELODIC),
    memory: 3.4,
    written: 'jazz melodic minor',
    takes: {
      triads: { id: 'diatonic-triads-melodic-minor-jazz' },
      sevenths: { id: 'diatonic-sevenths-melodic-minor-jazz' },
    },
  },
} as const satisfies Readonly<Record<string, Base>>
