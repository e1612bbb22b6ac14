import { callMessage } from './messages'
import { featureMessage } from './echo'
import type { Message } from '../message'
import { BASE_IDS, type BaseId, BASES, type KindId, type Quality, treatedAs, type TreatmentId } from '../material'
import type { Features } from './part'

/** A kind that features come to, and what had to be assumed; or why they come to none. */
type KindReading =
  { readonly kind: KindId; readonly assumed: Message | null } | { readonly kind: null; readonly problem: Message }

type Shape = NonNullable<Features['shape']>

const kind = (id: KindId, assumed: Message | null = null): KindReading => ({ kind: id, assumed })
const none = (problem: Message): KindReading => ({ kind: null, problem })

/** The first base of the register that is so. */
const baseThat = (is: (base: (typeof BASES)[BaseId]) => boolean): BaseId | undefined =>
  BASE_IDS.find((id) => is(BASES[id]))

const ofForm = (form: NonNullable<Features['form']>): BaseId => baseThat((base) => base.form === form)!

/** What each shape does with a base. */
const TREATMENT: Partial<Record<Shape, TreatmentId>> = {
  'double-thirds': 'thirds',
  'double-minor-thirds': 'minor-thirds',
  'double-sixths': 'sixths',
  'double-octaves': 'octaves',
  'diatonic-triads': 'triads',
  'diatonic-sevenths': 'sevenths',
}

const isMinor = ({ quality, form }: Features): boolean => quality === 'minor' || form !== undefined

/** Teachers who say “minor” mean the one that exams ask for most: harmonic. Common practice; it is told as an assumption. */
const MINOR_MEANT = callMessage('assumed.harmonic')

function scaleOf(features: Features): KindReading {
  const { form, quality } = features
  if (form) return kind(ofForm(form))
  if (quality === 'minor') return kind(ofForm('harmonic'), MINOR_MEANT)
  if (quality === undefined) return kind('major', callMessage('assumed.major'))
  return quality === 'major'
    ? kind('major')
    : none(callMessage('call.no-scale', { quality: featureMessage({ quality }) }))
}

function namedOf(named: NonNullable<Features['named']>, features: Features): KindReading {
  const { shape, quality } = features
  const message = featureMessage({ named })
  const treatment = shape && TREATMENT[shape]
  const treated = treatment && named !== 'pentatonic' ? treatedAs(named, treatment) : null
  if (treated) return kind(treated)
  if (shape !== undefined && shape !== 'scale')
    return none(callMessage('call.apart', { named: message, shape: featureMessage({ shape }) }))
  // a major blues has other notes, and so has a mode with another chord
  const strange = quality !== undefined && !['major', 'minor'].includes(quality)
  if (strange || (named === 'blues' && quality === 'major'))
    return none(callMessage('call.apart', { named: message, shape: featureMessage({ quality }) }))
  if (named === 'pentatonic') return kind(isMinor(features) ? 'minor-pentatonic' : 'major-pentatonic')
  return kind(named)
}

/** The arpeggio of a chord; undefined where the register has none. */
const chordOf = (family: 'arpeggio' | 'seventh', quality: Quality): BaseId | undefined =>
  baseThat((base) => base.family === family && base.quality === quality)

/** A chord in close position, each inversion in turn. */
function brokenOf({ quality = 'major', form }: Features): KindReading {
  const which = form ? 'minor' : quality
  const found = baseThat((base) => base.quality === which && base.takes.broken !== undefined)
  if (!found) return none(callMessage('call.no-scale', { quality: featureMessage({ quality: which }) }))
  return kind(treatedAs(found, 'broken')!, quality || form ? null : callMessage('assumed.major'))
}

function triadOf({ quality = 'major', form }: Features): KindReading {
  const which = form ? 'minor' : quality
  const found = chordOf('arpeggio', which)
  return found ? kind(found) : seventhOf({ quality: which })
}

function seventhOf({ quality, form }: Features): KindReading {
  const found = chordOf('seventh', form ? 'minor' : (quality ?? 'dominant'))
  if (!found) return none(callMessage('call.augmented-seventh'))
  return kind(found, quality || form ? null : callMessage('assumed.dominant'))
}

/** Double notes and chains stand over a scale. */
function overScale(shape: Shape, features: Features): KindReading {
  const { form, quality } = features
  const treatment = TREATMENT[shape]!
  const base = form ? ofForm(form) : quality === 'minor' ? ofForm('harmonic') : 'major'
  const treated = treatedAs(base, treatment)
  if (treated) return kind(treated, quality === 'minor' && !form ? MINOR_MEANT : null)
  // chains of melodic minor go the same way up and down
  const jazz = form === 'melodic' ? treatedAs(ofForm('jazz'), treatment) : null
  return jazz ? kind(jazz, callMessage('assumed.jazz')) : none(callMessage('call.double-notes'))
}

/** A scale shared by the hands, four notes each. */
function tetrachordsOf(features: Features): KindReading {
  const { form = isMinor(features) ? 'harmonic' : null } = features
  const found = baseThat((base) => base.texture === 'tetrachords' && base.form === form)
  if (!found) return none(callMessage('call.tetrachords'))
  return kind(found, form && !features.form ? MINOR_MEANT : null)
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
      return kind(baseThat((base) => base.texture === 'position' && base.mode === side)!)
    case 'cadence':
      return kind(
        treatedAs(
          baseThat((base) => base.takes.cadence !== undefined && base.mode === side)!,
          'cadence',
        )!,
      )
    case 'tetrachords':
      return tetrachordsOf(features)
    case 'double-minor-thirds':
      return none(callMessage('call.minor-thirds'))
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
