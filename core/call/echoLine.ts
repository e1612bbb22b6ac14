import { joined, type Message } from '../message'
import { choiceMessage, journeyMessages, titleMessage } from '../realise'
import { type Journey, type KeyCourse, motifText, type Pattern, type Return, type Sequence } from '../study'

/** Parts of a pattern as they were said: keys may be without their number, legs without their keys. */
type Said = Partial<Omit<Pattern, 'journey' | 'sequence'>> & {
  readonly journey?: Journey | Partial<KeyCourse>
  readonly sequence?: Partial<Sequence>
}

function backMessage(back: Return): Message {
  return typeof back === 'object'
    ? titleMessage('line.other', { motif: motifText(back.motif) })
    : choiceMessage('return', back)
}

function sequenceMessages({ step, direction, return: back }: Partial<Sequence>): Message[] {
  return [
    ...(step === undefined ? [] : [titleMessage('line.step', { step })]),
    ...(direction === undefined ? [] : [choiceMessage('direction', direction)]),
    ...(back === undefined ? [] : [backMessage(back)]),
  ]
}

function keysMessages(journey: Journey | Partial<KeyCourse>): Message[] {
  if (typeof journey === 'string') return [choiceMessage('journey', journey)]
  if ('keys' in journey) return journeyMessages(journey)
  const { by, count, legs } = journey
  return [
    ...(by === undefined ? [] : [choiceMessage('keyStep', by)]),
    ...(count === undefined ? [] : [titleMessage('line.count', { count })]),
    ...(legs === undefined ? [] : [choiceMessage('legs', legs)]),
  ]
}

/** What a line says of a pattern: a motif takes the place of figure and walk, and they of it. */
export function patternEcho({ motif, sequence, figure, walk, journey, link, accompaniment }: Said): Message {
  const named = motif
    ? [titleMessage('line.motif-alone', { motif: motifText(motif) })]
    : [
        ...(figure === undefined ? [] : [choiceMessage('figure', figure)]),
        ...(walk === undefined ? [] : [choiceMessage('walk', walk)]),
      ]
  return joined(
    [
      ...named,
      ...(motif === null && named.length === 0 ? [choiceMessage('figure', 'straight')] : []),
      ...(sequence ? sequenceMessages(sequence) : []),
      ...(journey === undefined ? [] : keysMessages(journey)),
      ...(link === undefined ? [] : [titleMessage('line.link', { link: choiceMessage('link', link) })]),
      ...(accompaniment === undefined ? [] : [choiceMessage('accompaniment', accompaniment)]),
    ],
    'comma',
  )
}
