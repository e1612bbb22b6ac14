import { families, familyOf, type RecipeInput } from '../instrument'
import { kindNamed, qualityNamed, materialMessage } from '../material'
import { joined, listed, type Message, named } from '../message'
import { noteName } from '../pitch'
import { callMessage } from './messages'
import type { Ask, Features, Part } from './part'

/** A feature by what it names most surely. */
export function featureMessage({ quality, form, shape, named: name }: Features): Message {
  if (name) return name === 'pentatonic' ? callMessage('feature.pentatonic') : kindNamed({ id: name })
  if (shape) return callMessage(`feature.shape.${shape}`)
  return form ? materialMessage(`form.${form}`) : qualityNamed(quality ?? 'major')
}

/** A field that was set, by its path: `echo.tempo.bpm` with its value. */
const fieldMessage = (path: string, value: unknown): Message => ({
  code: `echo.${path}`,
  params: {
    value: Array.isArray(value)
      ? value.join(' ')
      : typeof value === 'boolean'
        ? String(value)
        : (value as string | number),
  },
})

function valueMessage(path: string, value: unknown): Message[] {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return [fieldMessage(path, value)]
  return Object.entries(value).flatMap(([inner, each]) => valueMessage(`${path}.${inner}`, each))
}

/** Parts of a recipe are told field by field, pins by their family. */
function changeMessage(change: Omit<RecipeInput, 'material'>): Message[] {
  return Object.entries(change).flatMap(([field, value]): Message[] => {
    if (field === 'pins') return (value as object[]).map((pin) => pinMessage(pin))
    return valueMessage(field, value)
  })
}

/** A line may pin before it names an instrument: the family is that which has such pins. */
const pinMessage = (pin: object): Message => {
  const family = families().find(({ pins }) => pins.isOwn(pin as never)) ?? familyOf({})
  return family.pins.describe(pin as never)
}

function askMessage({ except, start, question: _, bpm, beat, most, condition, ...ask }: Ask): Message[] {
  const notes = listed(
    (except ?? []).map((note) => named(noteName(note))),
    'comma',
  )
  return [
    ...(except ? [callMessage('echo.except', { notes })] : []),
    ...(start ? [callMessage('echo.start', { note: named(noteName(start)) })] : []),
    ...(bpm === undefined
      ? beat === undefined
        ? []
        : [fieldMessage('ask.beat', beat)]
      : [callMessage('echo.tempo', { beat: beat ?? 'quarter', bpm, most: most ?? 'none' })]),
    ...(condition === undefined ? [] : [fieldMessage('ask.condition', condition)]),
    ...Object.entries(ask).map(([field, value]) => fieldMessage(`ask.${field}`, String(value))),
  ]
}

/** What a part of a line says, back in plain words; null for words that a sentence needs and that say nothing. */
export function echoOf(part: Part): Message | null {
  switch (part.is) {
    case 'tonic':
      return callMessage('echo.note', { note: named(noteName(part.note)) })
    case 'feature':
      return featureMessage(part.features)
    case 'inversion':
      return callMessage('echo.inversion', { inversion: part.inversion })
    case 'change':
      return joined(changeMessage(part.change), 'comma')
    case 'more':
      return callMessage('echo.more-octaves', { octaves: part.octaves })
    case 'pitches':
      return callMessage('echo.pitches', { count: part.pitches.length })
    case 'all':
      return callMessage('echo.all')
    case 'three-minors':
      return callMessage('echo.three-minors')
    case 'two-minors':
      return callMessage('echo.two-minors')
    case 'signs': {
      const { sharps, flats, exact } = part.signs
      return callMessage('echo.signs', {
        sharps: sharps ?? 'none',
        flats: flats ?? 'none',
        exact: exact ? 'yes' : 'no',
      })
    }
    case 'ask':
      return joined(askMessage(part.ask), 'comma')
    default:
      return null
  }
}
