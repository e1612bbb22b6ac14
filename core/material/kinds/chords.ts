import { type Base, bothWays, degrees, MAJOR_SIGNATURE, MINOR_SIGNATURE, PLAIN_BASE } from './base'

const TRIAD = [0, 2, 4]
const SEVENTH = [0, 2, 4, 6]
const triad = (semitones: readonly number[]) => {
  return { ...PLAIN_BASE, family: 'arpeggio', starts: 'chord-notes', ...bothWays(degrees(semitones, TRIAD)) } as const
}
const seventh = (semitones: readonly number[]) => {
  const row = bothWays(degrees(semitones, SEVENTH))
  return { ...PLAIN_BASE, family: 'seventh', starts: 'chord-notes', ...row, memory: 8 } as const
}
const suspended = (semitones: readonly number[], steps: readonly number[]) => {
  const row = bothWays(degrees(semitones, steps))
  const common = {
    family: 'arpeggio',
    mode: null,
    signature: MAJOR_SIGNATURE,
    starts: 'chord-notes',
    memory: 2,
  } as const
  return { ...PLAIN_BASE, ...common, ...row } as const
}
const sixth = (semitones: readonly number[]) => {
  const row = bothWays(degrees(semitones, [0, 2, 4, 5]))
  return { ...PLAIN_BASE, family: 'seventh', starts: 'chord-notes', ...row, memory: 8 } as const
}

/**
 * Broken chords. A chord that belongs to one key carries that key's signature (a dominant seventh that of the key it
 * leads to, a half-diminished seventh that of the major key whose seventh degree it stands on); chords of equal steps
 * carry none. Common practice; books differ. Scales over a chord: the augmented and the dominant one as one practitioner
 * has them, the others common practice from memory.
 */
export const CHORDS = {
  'major-arpeggio': {
    ...triad([0, 4, 7]),
    quality: 'major',
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    memory: 2,
    written: 'major arpeggio',
    scales: ['major', 'lydian'],
    takes: { broken: { id: 'broken-chord-major', memory: 0 } },
  },
  'minor-arpeggio': {
    ...triad([0, 3, 7]),
    quality: 'minor',
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    memory: 2,
    written: 'minor arpeggio',
    scales: ['natural-minor', 'dorian'],
    takes: { broken: { id: 'broken-chord-minor', memory: 0 } },
  },
  'diminished-arpeggio': {
    ...triad([0, 3, 6]),
    quality: 'diminished',
    mode: 'minor',
    signature: null,
    memory: 3,
    written: 'diminished arpeggio',
    scales: ['locrian', 'octatonic-whole-half'],
  },
  'augmented-arpeggio': {
    ...triad([0, 4, 8]),
    quality: 'augmented',
    mode: 'major',
    signature: null,
    memory: 3,
    written: 'augmented arpeggio',
    scales: ['whole-tone'],
  },
  'dominant-seventh-arpeggio': {
    ...seventh([0, 4, 7, 10]),
    quality: 'dominant',
    mode: 'major',
    signature: -1,
    // on the fifth degree of the key to which it leads
    ofKey: { steps: 4, semitones: 7 },
    written: 'dominant seventh arpeggio',
    scales: ['mixolydian', 'bebop-dominant', 'octatonic-half-whole'],
    takes: { broken: { id: 'broken-chord-dominant-seventh' } },
  },
  'diminished-seventh-arpeggio': {
    ...seventh([0, 3, 6, 9]),
    quality: 'diminished',
    mode: 'minor',
    signature: null,
    // on the raised seventh
    ofKey: { steps: 6, semitones: 11 },
    written: 'diminished seventh arpeggio',
    scales: ['octatonic-whole-half'],
    takes: { broken: { id: 'broken-chord-diminished-seventh' } },
  },
  'major-seventh-arpeggio': {
    ...seventh([0, 4, 7, 11]),
    quality: 'major',
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    written: 'major seventh arpeggio',
    scales: ['major', 'lydian'],
  },
  'minor-seventh-arpeggio': {
    ...seventh([0, 3, 7, 10]),
    quality: 'minor',
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    written: 'minor seventh arpeggio',
    scales: ['dorian', 'natural-minor'],
  },
  'half-diminished-seventh-arpeggio': {
    ...seventh([0, 3, 6, 10]),
    quality: 'half-diminished',
    mode: 'minor',
    signature: -5,
    written: 'half-diminished seventh arpeggio',
    scales: ['locrian'],
  },
  // a suspended second is its second inversion, a fourth lower: C D G of G C D
  'suspended-fourth-arpeggio': {
    ...suspended([0, 5, 7], [0, 3, 4]),
    phrases: {
      en: ['suspended|sus fourth|four|4 chord|arpeggio|arp?', 'sus4|sus chord|arpeggio|arp?'],
      es: ['arpegio? suspendido|sus cuarta'],
      de: ['vorhalt quarte'],
    },
    written: 'suspended fourth arpeggio',
    scales: ['mixolydian'],
  },
  'major-sixth-arpeggio': {
    ...sixth([0, 4, 7, 9]),
    mode: 'major',
    signature: MAJOR_SIGNATURE,
    phrases: {
      en: ['major? sixth|6th|6 chord|arpeggio|arp', 'added sixth|6th chord|arpeggio|arp?'],
      es: ['arpegio de? sexta'],
      de: ['sextakkord'],
    },
    written: 'sixth arpeggio',
    scales: ['major', 'bebop-major'],
  },
  'minor-sixth-arpeggio': {
    ...sixth([0, 3, 7, 9]),
    mode: 'minor',
    signature: MINOR_SIGNATURE,
    phrases: {
      en: ['minor|min|m sixth|6th|6 chord|arpeggio|arp'],
      es: ['menor sexta', 'arpegio de? sexta menor'],
      de: ['moll sextakkord'],
    },
    written: 'minor sixth arpeggio',
    scales: ['melodic-minor-jazz', 'dorian'],
  },
} as const satisfies Readonly<Record<string, Base>>
