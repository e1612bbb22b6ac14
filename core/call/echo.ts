import { families, familyOf, type RecipeInput } from '../instrument'
import { kindNamed, qualityNamed, tellMaterial } from '../material'
import { joined, listed, type Message, named } from '../message'
import { noteName } from '../pitch'
import { tellCall } from './messages'
import type { Ask, Features, Part } from './part'

/** A feature by what it names most surely. */
export function featureTold({ quality, form, shape, named: name }: Features): Message {
  if (name) return name === 'pentatonic' ? tellCall('feature.pentatonic') : kindNamed({ id: name })
  if (shape) return tellCall(`feature.shape.${shape}`)
  return form ? tellMaterial(`form.${form}`) : qualityNamed(quality ?? 'major')
}

/** A field that was set, by its path: `echo.tempo.bpm` with its value. */
const fieldTold = (path: string, value: unknown): Message => ({
  code: `echo.${path}`,
  params: {
    value: Array.isArray(value)
      ? value.join(' ')
      : typeof value === 'boolean'
        ? String(value)
        : (value as string | number),
  },
})

function valueTold(path: string, value: unknown): Message[] {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return [fieldTold(path, value)]
  return Object.entries(value).flatMap(([inner, each]) => valueTold(`${path}.${inner}`, each))
}

/** Parts of a recipe are told field by field, pins by their family. */
function changeTold(change: Omit<RecipeInput, 'material'>): Message[] {
  return Object.entries(change).flatMap(([field, value]): Message[] => {
    if (field === 'pins') return (value as object[]).map((pin) => pinTold(pin))
    return valueTold(field, value)
  })
}

/** A line may pin before it names an instrument: the family is that which has such pins. */
const pinTold = (pin: object): Message => {
  const family = families().find(({ pins }) => pins.isOwn(pin as never)) ?? familyOf({})
  return family.pins.told(pin as never)
}

function askTold({ except, start, question: _, bpm, beat, most, condition, ...ask }: Ask): Message[] {
  const notes = listed(
    (except ?? []).map((note) => named(noteName(note))),
    'comma',
  )
  return [
    ...(except ? [tellCall('echo.except', { notes })] : []),
    ...(start ? [tellCall('echo.start', { note: named(noteName(start)) })] : []),
    ...(bpm === undefined
      ? beat === undefined
        ? []
        : [fieldTold('ask.beat', beat)]
      : [tellCall('echo.tempo', { beat: beat ?? 'quarter', bpm, most: most ?? 'none' })]),
    ...(condition === undefined ? [] : [fieldTold('ask.condition', condition)]),
    ...Object.entries(ask).map(([field, value]) => fieldTold(`ask.${field}`, String(value))),
  ]
}

/** What a part of a line says, back in plain words; null for words that a sentence needs and that say nothing. */
export function echoOf(part: Part): Message | null {
  switch (part.is) {
    case 'tonic':
      return tellCall('echo.note', { note: named(noteName(part.note)) })
    case 'feature':
      return featureTold(part.features)
    case 'inversion':
      return tellCall('echo.inversion', { inversion: part.inversion })
    case 'change':
      return joined(changeTold(part.change), 'comma')
    case 'more':
      return tellCall('echo.more-octaves', { octaves: part.octaves })
    case 'pitches':
      return tellCall('echo.pitches', { count: part.pitches.length })
    case 'all':
      return tellCall('echo.all')
    case 'three-minors':
      return tellCall('echo.three-minors')
    case 'two-minors':
      return tellCall('echo.two-minors')
    case 'signs': {
      const { sharps, flats, exact } = part.signs
      return tellCall('echo.signs', { sharps: sharps ?? 'none', flats: flats ?? 'none', exact: exact ? 'yes' : 'no' })
    }
    case 'ask':
      return joined(askTold(part.ask), 'comma')
    default:
      return null
  }
}
