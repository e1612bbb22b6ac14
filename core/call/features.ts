import { tellCall } from './messages'
import { featureTold } from './echo'
import type { Message } from '../message'
import type { KindId } from '../material'
import type { Features } from './part'

/** A kind that features come to, and what had to be assumed; or why they come to none. */
type KindReading =
  { readonly kind: KindId; readonly assumed: Message | null } | { readonly kind: null; readonly problem: Message }

type Named = NonNullable<Features['named']>
type Shape = NonNullable<Features['shape']>

const kind = (id: string, assumed: Message | null = null): KindReading => ({ kind: id as KindId, assumed })
const none = (problem: Message): KindReading => ({ kind: null, problem })

const FORM_KINDS = {
  natural: 'natural-minor',
  harmonic: 'harmonic-minor',
  melodic: 'melodic-minor',
  jazz: 'melodic-minor-jazz',
} as const

const isMinor = ({ quality, form }: Features): boolean => quality === 'minor' || form !== undefined

/** Teachers who say “minor” mean the one that exams ask for most: harmonic. Common practice; it is told as an assumption. */
const MINOR_MEANT = tellCall('assumed.harmonic')

function scaleOf(features: Features): KindReading {
  const { form, quality } = features
  if (form) return kind(FORM_KINDS[form])
  if (quality === 'minor') return kind('harmonic-minor', MINOR_MEANT)
  if (quality === undefined) return kind('major', tellCall('assumed.major'))
  return quality === 'major' ? kind('major') : none(tellCall('call.no-scale', { quality: featureTold({ quality }) }))
}

const NAMED_KINDS: Partial<Record<Named, KindId>> = {
  'whole-tone': 'whole-tone',
  chromatic: 'chromatic',
  blues: 'blues',
  'octatonic-half-whole': 'octatonic-half-whole',
  'octatonic-whole-half': 'octatonic-whole-half',
}

function namedOf(named: Named, features: Features): KindReading {
  const { shape, quality } = features
  if (named === 'chromatic' && shape === 'double-minor-thirds') return kind('double-thirds-chromatic-minor')
  if (named === 'chromatic' && shape === 'double-octaves') return kind('double-octaves-chromatic')
  if (shape !== undefined && shape !== 'scale')
    return none(tellCall('call.apart', { named: featureTold({ named }), shape: featureTold({ shape }) }))
  // a major blues has other notes, and so has a mode with another chord
  const strange = quality !== undefined && !['major', 'minor'].includes(quality)
  if (strange || (named === 'blues' && quality === 'major'))
    return none(tellCall('call.apart', { named: featureTold({ named }), shape: featureTold({ quality }) }))
  if (named === 'pentatonic') return kind(isMinor(features) ? 'minor-pentatonic' : 'major-pentatonic')
  return kind(NAMED_KINDS[named] ?? named)
}

const TRIADS = { major: 'major', minor: 'minor', diminished: 'diminished', augmented: 'augmented' } as const
const SEVENTHS = {
  dominant: 'dominant-seventh',
  diminished: 'diminished-seventh',
  major: 'major-seventh',
  minor: 'minor-seventh',
  'half-diminished': 'half-diminished-seventh',
} as const

const BROKEN = ['major', 'minor', 'diminished', 'dominant'] as const

/** A chord in close position, each inversion in turn. */
function brokenOf({ quality = 'major', form }: Features): KindReading {
  const which = form ? 'minor' : quality
  const found = BROKEN.find((each) => each === which)
  if (!found) return none(tellCall('call.no-scale', { quality: featureTold({ quality: which }) }))
  const seventh = found === 'dominant' || found === 'diminished'
  return kind(`broken-chord-${found}${seventh ? '-seventh' : ''}`, quality || form ? null : tellCall('assumed.major'))
}

function triadOf({ quality = 'major', form }: Features): KindReading {
  const which = form ? 'minor' : quality
  if (which === 'dominant' || which === 'half-diminished') return seventhOf({ quality: which })
  return kind(`${TRIADS[which]}-arpeggio`)
}

function seventhOf({ quality, form }: Features): KindReading {
  if (quality === 'augmented') return none(tellCall('call.augmented-seventh'))
  const which = form ? 'minor' : (quality ?? 'dominant')
  return kind(`${SEVENTHS[which]}-arpeggio`, quality || form ? null : tellCall('assumed.dominant'))
}

/** Double notes and chains stand over a scale. */
function overScale(shape: Shape, features: Features): KindReading {
  const { form, quality } = features
  const chain = shape.startsWith('diatonic')
  if (form === 'jazz' && !chain) return none(tellCall('call.double-notes'))
  if (form === 'melodic' && chain) return kind(`${shape}-melodic-minor-jazz`, tellCall('assumed.jazz'))
  const base = form ? FORM_KINDS[form] : quality === 'minor' ? 'harmonic-minor' : 'major'
  return kind(`${shape}-${base}`, quality === 'minor' && !form ? MINOR_MEANT : null)
}

function shapedOf(shape: Shape, features: Features): KindReading {
  const side = isMinor(features) ? 'minor' : 'major'
  switch (shape) {
    case 'scale':
      return scaleOf(features)
    case 'arpeggio':
      return triadOf(features)
    case 'seventh':
      return seventhOf(features)
    case 'broken-chord':
      return brokenOf(features)
    case 'five-finger':
      return kind(`five-finger-${side}`)
    case 'cadence':
      return kind(`cadence-${side}`)
    case 'tetrachords':
      return side === 'major' ? kind('tetrachords-major') : none(tellCall('call.tetrachords'))
    case 'double-minor-thirds':
      return none(tellCall('call.minor-thirds'))
    default:
      return overScale(shape, features)
  }
}

/** The kind that some features come to. */
export function kindFrom(features: Features): KindReading {
  const { named, shape, quality } = features
  if (named) return namedOf(named, features)
  if (shape) return shapedOf(shape, features)
  // a chord's quality says by itself that a chord is meant
  if (quality === 'diminished' || quality === 'augmented') return triadOf(features)
  if (quality === 'dominant' || quality === 'half-diminished') return seventhOf(features)
  return scaleOf(features)
}

/** Later features add to earlier ones; an arpeggio of a seventh is a seventh. */
export function merged(one: Features, other: Features): Features {
  const chord = [one.shape, other.shape].includes('seventh') && [one.shape, other.shape].includes('arpeggio')
  // “harmonic minor” says minor twice; a chord's quality is not undone by it
  return { ...one, ...other, ...(chord ? { shape: 'seventh' as const } : {}) }
}
