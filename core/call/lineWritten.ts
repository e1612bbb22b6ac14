import { MAKINGS } from '../material'
import type { Direction, Journey, KeyList, Pattern, Return } from '../study'
import { JOURNEY, KEY_STEP } from './called'
import { motifWritten } from './motifCalled'

/** “motif 1 4 2 3”; without one, that there is none. */
export const motifPhrase = ({ motif }: Pattern): string => (motif ? `motif ${motifWritten(motif)}` : 'no motif')

const ORDINALS = ['', '', 'second', 'third', 'fourth', '5th', '6th', '7th'] as const

export const stepPhrase = (step: number): string => {
  if (step === 0) return 'on the first degree'
  return step === 1 ? 'on every degree' : `on every ${ORDINALS[step]} degree`
}

export const DIRECTION: Readonly<Record<Direction, string>> = {
  course: 'as the course goes',
  up: 'climbing',
  down: 'coming down',
}

const BACK: Readonly<Record<Exclude<Return, object>, string>> = {
  mirrored: 'back mirrored',
  retrograde: 'back retrograde',
  same: 'back the same',
  none: 'one way only',
}

export const returnPhrase = (back: Return): string =>
  typeof back === 'string' ? BACK[back] : `back with ${motifWritten(back.motif)}`

/** The chords alone: where they stand is said by itself. */
export const cadencePhrase = (chords: readonly string[] | null): string =>
  chords ? `closing chords ${chords.join(' ')}` : 'the usual cadence'

const keyPhrase = (key: KeyList['keys'][number]): string =>
  typeof key === 'string' ? key : `${key.tonic} ${MAKINGS[key.kind].written}`

/** Keys as they are called and typed: “C, Eb, A harmonic minor”. */
export const keysWritten = (keys: KeyList['keys']): string => keys.map(keyPhrase).join(', ')

/** “through C, Eb, Gb, A, up and down in turn”; “by half steps, 12 keys”. */
export function journeyPhrase(journey: Journey): string {
  if (typeof journey === 'string') return JOURNEY[journey]
  const keys =
    'keys' in journey ? `through ${keysWritten(journey.keys)}` : `${KEY_STEP[journey.by]}, ${journey.count} keys`
  return journey.legs === 'alternate' ? `${keys}, up and down in turn` : keys
}
