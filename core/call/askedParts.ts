import { tellCall } from './messages'
import { once } from './gather'
import type { Message } from '../message'
import { KINDS, type KindId, signatureOf, usualTonics } from '../material'
import { fifthsOf, type Note, noteName, parseNote, pitchClass } from '../pitch'
import { type Articulation, NOTES_PER_BEAT, type Tempo } from '../study'
import type { Chooser, Entry, EntryInput } from '../syllabus'
import { kindFrom, merged } from './features'
import type { Heard } from './heard'
import type { Features } from './part'

const FORMS = ['natural', 'harmonic', 'melodic'] as const

/** All kinds that some features come to, taken with one another. */
export function kindsFrom(
  features: readonly Features[],
  three: boolean,
): { kinds: KindId[]; open: string[]; problems: Message[] } {
  const pick = <K extends keyof Features>(field: K) => [
    ...new Set(features.flatMap((each) => (each[field] === undefined ? [] : [each[field]!]))),
  ]
  const forms = three ? [...FORMS] : pick('form')
  const qualities = pick('quality').filter((quality) => quality !== 'minor' || forms.length === 0)
  const bases: Features[] = [
    ...qualities.map((quality) => ({ quality })),
    ...forms.map((form) => ({ form, quality: 'minor' as const })),
  ]
  const shapes = pick('shape')
  const chords = shapes.includes('seventh') ? shapes.filter((shape) => shape !== 'arpeggio') : shapes
  const shaped: Features[] = chords.length > 0 ? chords.map((shape) => ({ shape })) : [{}]
  const named = pick('named')
  const tops = named.length > 0 ? named.flatMap((name) => shaped.map((each) => ({ ...each, named: name }))) : shaped
  const found = { kinds: new Set<KindId>(), open: new Set<string>(), problems: [] as Message[] }
  for (const base of bases.length > 0 ? bases : [{}]) {
    for (const top of tops) {
      const reading = kindFrom(merged(base, top))
      if (reading.kind === null) found.problems.push(reading.problem)
      else found.kinds.add(reading.kind)
      if (reading.kind !== null && reading.assumed) found.open.add(reading.assumed.code)
    }
  }
  return { kinds: [...found.kinds], open: [...found.open], problems: once(found.problems) }
}

const TWELVE = ['C', 'Db', 'D', 'Eb', 'E', 'F', 'F#', 'G', 'Ab', 'A', 'Bb', 'B']
const isBlack = (name: string): boolean => name.length > 1

export function keysFrom(heard: Heard, tonics: readonly Note[], previous: string | null): EntryInput['keys'] | null {
  const { ask, signs, all } = heard
  if (ask.above) return previous === null ? null : { as: previous }
  if (ask.starts) {
    return TWELVE.filter((name) => ask.starts === 'all' || isBlack(name) === (ask.starts === 'black'))
  }
  if (tonics.length > 0) return [...new Set(tonics.map(noteName))]
  if (signs.length > 0) {
    const limit = (side: 'sharps' | 'flats') => Math.max(0, ...signs.map((each) => each[side] ?? 0))
    return { sharps: limit('sharps'), flats: limit('flats') }
  }
  return all ? TWELVE : null
}

/** All keys of a kind by their simpler names: “all keys” in minor are not those in major. */
export function spelled(keys: EntryInput['keys'], kind: KindId, heard: Heard): EntryInput['keys'] {
  if (!Array.isArray(keys) || (!heard.all && !heard.ask.starts)) return keys
  const { signature } = KINDS[kind]
  if (signature === null) return keys
  const signs = (tonic: Note): number =>
    Math.abs(signature === null ? fifthsOf(tonic) : signatureOf(tonic, KINDS[kind]))
  return (keys as readonly string[]).map((name) => {
    const same = usualTonics(KINDS[kind]).filter((tonic) => pitchClass(tonic) === pitchClass(parseNote(name)))
    return noteName(same.sort((a, b) => signs(a) - signs(b))[0] ?? parseNote(name))
  })
}

const PER_QUARTER = { eighth: 0.5, quarter: 1, 'dotted-quarter': 1.5, half: 2 } as const

export function tempoFrom({ ask, change }: Heard): { tempo: EntryInput['tempo']; open: string[]; problems: Message[] } {
  const beat = ask.beat ?? 'quarter'
  const bpm = ask.bpm ?? change.tempo?.bpm
  const said = change.tempo?.notesPerBeat
  // “in quavers” counts against the beat: four of them fill a minim
  const perBeat = (said ?? 2) * PER_QUARTER[beat]
  const fits = (NOTES_PER_BEAT as readonly number[]).includes(perBeat)
  const open = [
    ...(bpm === undefined ? ['no-tempo'] : []),
    ...(bpm !== undefined && said === undefined ? ['no-notes'] : []),
  ]
  const problems = fits ? [] : [tellCall('asked.notes-to-beat')]
  const notesPerBeat = (fits ? perBeat : 2) as Tempo['notesPerBeat']
  const { kind, most } = ask
  return {
    tempo: {
      ...(beat === 'quarter' ? {} : { beat }),
      bpm: bpm ?? 60,
      notesPerBeat,
      ...(kind ? { kind } : {}),
      ...(most ? { most } : {}),
    },
    open,
    problems,
  }
}

const HAND_OPEN = 'hand'

/** One hand or the other, as whoever chooses: the examiner's choice means that each must be ready. */
function eitherHand(chooser: Chooser | undefined): { hands: Entry['hands']; open: string[] } {
  if (chooser === undefined) return { hands: 'either', open: [HAND_OPEN] }
  return { hands: chooser === 'candidate' ? 'either' : 'separate', open: [] }
}

export function handsFrom({ ask, hands, or, choosers }: Heard): { hands: Entry['hands']; open: string[] } {
  const together = hands.includes('together')
  const both = hands.includes('right') && hands.includes('left')
  if (ask.hands === 'either' || (both && (or.has('hands') || choosers.hands))) return eitherHand(choosers.hands)
  if (both || ask.hands === 'separate') return { hands: together ? 'each' : 'separate', open: [] }
  return { hands: ask.hands ?? hands[0] ?? 'together', open: [] }
}

export function touchFrom({ touches, or, choosers }: Heard): {
  articulations: Articulation[]
  touchChooser: Chooser
  open: string[]
} {
  const articulations = [...new Set(touches)]
  if (articulations.length < 2) return { articulations, touchChooser: 'candidate', open: [] }
  if (choosers.touch) return { articulations, touchChooser: choosers.touch, open: [] }
  if (!or.has('touch')) return { articulations, touchChooser: 'both', open: [] }
  return {
    articulations,
    touchChooser: 'examiner',
    open: ['touch'],
  }
}

/** Who chooses among forms, and over how many keys. */
export function formFrom(
  heard: Heard,
  kinds: readonly KindId[],
  keys: EntryInput['keys'],
): Pick<Entry, 'chooser' | 'scope'> & { open: string[] } {
  const minors = kinds.filter((kind) => KINDS[kind].mode === 'minor')
  const several = minors.length > 1
  const { choosers, or, ask } = heard
  const chooser = choosers.forms ?? (several && or.has('forms') ? 'candidate' : several ? 'both' : 'examiner')
  const open: string[] = []
  if (several && or.has('forms') && !choosers.forms) open.push('form')
  const many = !Array.isArray(keys) || keys.length > 1
  if (several && chooser === 'candidate' && many && !ask.scope) {
    open.push('form-scope')
  }
  return { chooser, scope: ask.scope ?? 'key', open }
}

export function motionFrom({ change }: Heard, hands: Entry['hands']) {
  if (hands !== 'together' && hands !== 'each') return { open: [] }
  const { motion = 'similar', interval = 'octave', contraryFrom = null, tonicHand = null } = change
  const open: string[] = []
  if (motion === 'contrary' && !contraryFrom) open.push('contrary-from')
  if (interval !== 'octave' && !tonicHand) open.push('tonic-hand')
  return { motion, interval, contraryFrom, tonicHand, open }
}

export function seventhFrom(heard: Heard, kinds: readonly KindId[]): { seventh: Entry['seventh']; open: string[] } {
  if (!kinds.includes('dominant-seventh-arpeggio')) return { seventh: 'on', open: [] }
  if (heard.ask.seventh === 'of' || heard.of === 'of') return { seventh: 'of', open: [] }
  const open = heard.of === 'on' ? [] : ['seventh']
  return { seventh: 'on', open }
}
