import { families, familyOf, type RecipeInput } from '../instrument'
import { kindNamed, qualityNamed, materialMessage, type Related } from '../material'
import { joined, listed, type Message, named } from '../message'
import { noteName } from '../pitch'
import { patternEcho } from './echoLine'
import { callMessage } from './messages'
import type { Ask, Features, Pace, Part, Signs } from './part'

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
  // what goes back to its default says nothing
  if (value === undefined) return []
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return [fieldMessage(path, value)]
  return Object.entries(value).flatMap(([inner, each]) => valueMessage(`${path}.${inner}`, each))
}

/** What follows from what one hand does while the other plays. */
const OF_BOTH_HANDS = ['hands', 'motion', 'interval']

/** Parts of a recipe are told field by field, pins by their family. */
function changeMessage(change: Omit<RecipeInput, 'material'>): Message[] {
  const accompanied = (change.pattern?.accompaniment ?? 'none') !== 'none'
  return Object.entries(change).flatMap(([field, value]): Message[] => {
    if (accompanied && OF_BOTH_HANDS.includes(field)) return []
    if (field === 'pins') return (value as object[]).map((pin) => pinMessage(pin))
    if (field === 'pattern') return [patternEcho(value as Parameters<typeof patternEcho>[0])]
    return valueMessage(field, value)
  })
}

/** A line may pin before it names an instrument: the family is that which has such pins. */
const pinMessage = (pin: object): Message => {
  const family = families().find(({ pins }) => pins.isOwn(pin as never)) ?? familyOf({})
  return family.pins.describe(pin as never)
}

function askMessage(said: Ask): Message[] {
  const { except, start, question: _, bpm, beat, most, condition, degree, handsOn, every: __, ...ask } = said
  const notes = listed(
    (except ?? []).map((note) => named(noteName(note))),
    'comma',
  )
  return [
    ...(except ? [callMessage('echo.except', { notes })] : []),
    ...(start ? [callMessage('echo.start', { note: named(noteName(start)) })] : []),
    ...(['right', 'left'] as const).flatMap((hand) => {
      const note = handsOn?.[hand]
      return note ? [callMessage('echo.hand-on', { hand, note: named(noteName(note)) })] : []
    }),
    ...(degree === undefined ? [] : [callMessage('echo.degree', { degree })]),
    ...(bpm === undefined
      ? beat === undefined
        ? []
        : [fieldMessage('ask.beat', beat)]
      : [callMessage('echo.tempo', { beat: beat ?? 'quarter', bpm, most: most ?? 'none' })]),
    ...(condition === undefined ? [] : [fieldMessage('ask.condition', condition)]),
    ...Object.entries(ask).map(([field, value]) => fieldMessage(`ask.${field}`, String(value))),
  ]
}

const signsMessage = ({ sharps, flats, exact }: Signs): Message =>
  callMessage('echo.signs', { sharps: sharps ?? 'none', flats: flats ?? 'none', exact: exact ? 'yes' : 'no' })
const paceMessage = (pace: Pace): Message =>
  'by' in pace ? callMessage('echo.pace.by', pace) : callMessage('echo.pace.times', pace)

const relatedMessage = ({ by, mode }: Related): Message => callMessage('echo.related', { by, mode: mode ?? 'none' })

type Echoes = { readonly [I in Part['is']]: ((part: Extract<Part, { is: I }>) => Message) | null }
/** What each part of a line says; null for words that a sentence needs and that say nothing, or that only lists have. */
const ECHOES: Echoes = {
  tonic: ({ note }) => callMessage('echo.note', { note: named(noteName(note)) }),
  feature: ({ features }) => featureMessage(features),
  inversion: ({ inversion }) => callMessage('echo.inversion', { inversion }),
  change: ({ change }) => joined(changeMessage(change), 'comma'),
  more: ({ octaves }) => callMessage('echo.more-octaves', { octaves }),
  pace: ({ pace }) => paceMessage(pace),
  related: ({ related }) => relatedMessage(related),
  'related-keys': ({ related }) => relatedMessage(related),
  moved: ({ by: { semitones } }) =>
    callMessage('echo.moved', { way: semitones < 0 ? 'down' : 'up', semitones: Math.abs(semitones) }),
  draw: () => callMessage('echo.draw'),
  aside: ({ message }) => message,
  pitches: ({ pitches }) => callMessage('echo.pitches', { count: pitches.length }),
  all: () => callMessage('echo.all'),
  'three-minors': () => callMessage('echo.three-minors'),
  'two-minors': () => callMessage('echo.two-minors'),
  signs: ({ signs }) => signsMessage(signs),
  ask: ({ ask }) => joined(askMessage(ask), 'comma'),
  played: null,
  or: null,
  filler: null,
}

/** What a part of a line says, back in plain words; null for words that say nothing by themselves. */
export const echoOf = (part: Part): Message | null => {
  const echo = ECHOES[part.is] as ((part: Part) => Message) | null
  return echo ? echo(part) : null
}
