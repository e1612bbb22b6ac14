import type { JourneyName, KeyStep, LegWay } from '../names'

interface JourneyRow {
  /** What it stands for; null where the study stays in its key. */
  readonly course: { readonly by: KeyStep; readonly legs: LegWay } | null
  readonly calls: readonly string[]
}

/** The named journeys: as many keys as their way has. */
export const JOURNEY_ROWS: Readonly<Record<JourneyName, JourneyRow>> = {
  'one-key': { course: null, calls: ['in one key', 'en una tonalidad'] },
  'relay-half-step': {
    course: { by: 'half-step', legs: 'alternate' },
    calls: ['relay by half steps', 'relay by? half? steps|step|semitones?', 'relay', 'relevo por? semitonos?'],
  },
  'relay-fourth': {
    course: { by: 'fourth', legs: 'alternate' },
    calls: ['relay by fourths', 'relay by|in fourths', 'relevo por cuartas'],
  },
  'mode-chain': {
    course: { by: 'mode', legs: 'each' },
    calls: ['modes in a chain', 'modes in a? chain', 'mode chain', 'all modes', 'chain of modes', 'modos en cadena'],
  },
  'one-fewer': {
    course: { by: 'one-fewer', legs: 'each' },
    calls: [
      'one sign fewer each time',
      'one|a sign|sharp|flat|accidental fewer|less each? time?',
      'one|a sharp or flat fewer|less each? time?',
      'una alteracion menos cada? vez?',
    ],
  },
}

/** How the ways from key to key are called. */
export const KEY_STEP_CALLS: Readonly<Record<KeyStep, readonly string[]>> = {
  'half-step': ['by|in half steps|step', 'by|in semitones', 'chromatically', 'por|de semitonos|semitono'],
  'whole-step': ['by|in whole steps|step', 'by|in whole tones', 'por|de tonos|tono'],
  'minor-third': ['by|in minor thirds', 'por terceras menores'],
  fourth: ['by|in fourths keys?', 'por cuartas'],
  fifth: ['by|in fifths keys?', 'by|round|around|through the? circle of? fifths?', 'por quintas'],
  mode: ['through the? modes', 'por los? modos'],
  'one-fewer': ['a|one sign fewer each? key'],
  relative: ['paired with its? relative', 'junto a|con su? relativa|relativo'],
  parallel: ['paired with its? parallel', 'junto a|con su? paralela|homonima'],
}
