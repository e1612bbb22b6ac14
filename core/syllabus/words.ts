import { handsTold, tellInstrument } from '../instrument'
import { type Form, kindNamed, type KindId, KINDS, tellMaterial } from '../material'
import { capital, joined, listed, type Message, named } from '../message'
import { apartTold, courseTold, octavesTold, tellTitle } from '../realise'
import { PLAIN_PATTERN, PLAIN_RHYTHM } from '../study'
import { isOfKeys } from './keys'
import { tellSyllabus } from './messages'
import type { Atom, Entry, Requirement } from './model'

/** The form of minor that a scale is; null for all else. */
const formOf = (kind: KindId): Form | null => (KINDS[kind].family === 'scale' ? KINDS[kind].form : null)

/** “harmonic or melodic minor”. */
export function formsTold(kinds: readonly KindId[]): Message {
  if (kinds.length === 1) return kindNamed({ id: kinds[0]! })
  const forms = kinds.flatMap((kind) => formOf(kind) ?? [])
  if (forms.length === kinds.length) {
    const told = forms.map((form) => tellMaterial(`form.${form}`))
    return tellSyllabus('forms.minor', { forms: listed(told, 'or') })
  }
  return joined(
    kinds.map((id) => kindNamed({ id })),
    'or',
  )
}

/** Choices of a course beyond the plain one, as a list asks them; nothing for the plain one. */
export const askedCourse = ({ figure, walk }: Pick<Requirement, 'figure' | 'walk'>): Message[] =>
  courseTold({ pattern: { ...PLAIN_PATTERN, figure, walk }, rhythm: PLAIN_RHYTHM })

/** “a sixth apart, right hand on the tonic”; “from an octave apart”. */
function apartAsked(asked: Requirement): Message[] {
  const { hands, motion, interval, tonicHand, contraryFrom } = asked
  if (hands !== 'together') return []
  if (motion === 'contrary') {
    const told = contraryFrom === 'octave' ? apartTold({ ...asked, contraryFrom, tonicHand: 'right' }) : null
    return told ? [told] : []
  }
  return interval === 'octave' ? [] : [tellSyllabus('asked.apart', { interval, hand: tonicHand ?? 'any' })]
}

const touchAsked = ({ articulations }: Requirement): Message[] =>
  articulations.length === 0 || (articulations.length === 1 && articulations[0] === 'legato')
    ? []
    : [
        joined(
          articulations.map((touch) => tellSyllabus('touch', { touch })),
          'or',
        ),
      ]

/** Who plays, where the list says so: one of several hands, or those of the first form. */
export const handsAsked = (variants: readonly Requirement[]): Message =>
  new Set(variants.map(({ hands }) => hands)).size > 1 ? tellSyllabus('asked.either-hand') : handsTold(variants[0]!)

const inversionAsked = ({ inversion }: Requirement): Message[] =>
  inversion > 0 ? [tellSyllabus('asked.inversion', { inversion })] : []

/** Sticks, where they are asked for. */
export const sticksAsked = ({ lead, rolled, mallets }: Requirement): Message[] => [
  ...(lead ? [tellInstrument('stick.lead', { hand: lead })] : []),
  ...(rolled ? [tellSyllabus('asked.rolled')] : []),
  ...(mallets === 4 ? [tellSyllabus('asked.four-mallets')] : []),
]

/** What an accordion is asked beside the notes. */
export const accordionAsked = ({ hands, bass, ...asked }: Requirement): Message[] => [
  ...(bass ? [tellSyllabus('asked.bass', { part: bass, hands })] : []),
  ...(asked.bellows ? [tellSyllabus('asked.bellows', { bellows: asked.bellows, beats: asked.bellowsBeats ?? 0 })] : []),
  ...(asked.bassRows.length > 0
    ? [tellSyllabus('asked.rows', { rows: listed(asked.bassRows.map((row) => tellSyllabus('asked.row', { row }))) })]
    : []),
  ...(asked.treble ? [tellSyllabus('asked.treble', { treble: asked.treble })] : []),
  ...(asked.registers.length > 0 ? [tellSyllabus('asked.registers', { registers: asked.registers.join(' + ') })] : []),
]

/** Everything but key, form and hands. */
function rest(asked: Requirement, hands: readonly Message[]): Message[] {
  const { course, octaves, resolution, top } = asked
  return [
    ...inversionAsked(asked),
    ...hands,
    ...apartAsked(asked),
    octavesTold(octaves),
    ...(course === 'up-down' ? [] : [tellTitle('course', { course })]),
    ...askedCourse(asked),
    ...(resolution === 'none' ? [] : [tellSyllabus('asked.resolution', { resolution })]),
    ...touchAsked(asked),
    ...(top === 'twice' ? [tellSyllabus('asked.top-twice')] : []),
    ...sticksAsked(asked),
    ...accordionAsked(asked),
  ]
}

const kindsOf = (variants: readonly Requirement[]): KindId[] => [...new Set(variants.map(({ kind }) => kind))]

const seventhIn = (kind: KindId) =>
  KINDS[kind].quality === 'diminished' ? ('diminished' as const) : ('dominant' as const)

/** “Dominant seventh arpeggio of C”, “C major”. */
function keyAsked({ seventh }: Pick<Entry, 'seventh'>, tonic: string, kinds: readonly KindId[]): Message {
  if (kinds[0] && isOfKeys(seventh, kinds[0])) {
    return tellSyllabus('asked.seventh-of', { tonic: named(tonic), seventh: seventhIn(kinds[0]) })
  }
  return tellSyllabus('asked.key', { tonic: named(tonic), forms: formsTold(kinds) })
}

/** What an atom asks, in one line. @param says whether the list says which hands play */
export function atomTold(entry: Entry, tonic: string, variants: readonly Requirement[], says: boolean): Message {
  const hands = says ? [handsAsked(variants)] : []
  return joined([keyAsked(entry, tonic, kindsOf(variants)), ...rest(variants[0]!, hands)], 'comma')
}

/** Whether an atom's chord is named by the key that it belongs to. */
export const isOfKey = ({ tonic }: Pick<Atom, 'tonic'>, variant: Requirement): boolean =>
  isOfKeys('of', variant.kind) && tonic !== variant.tonic

/**
 * An atom as an examiner calls it: hands first, then key and form, then the rest. What the candidate chose is left to
 * the candidate.
 * @param variant the form to call, where it is the examiner's to name or the candidate has announced it
 */
export function callTold(atom: Atom, variant: Requirement, says: boolean): Message {
  const hands = new Set(atom.variants.map((each) => each.hands))
  const contrary = variant.hands === 'together' && variant.motion === 'contrary'
  const who = hands.size > 1 ? 'either' : contrary ? 'contrary' : variant.hands
  const key = { tonic: named(atom.tonic) }
  const what = isOfKey(atom, variant)
    ? tellSyllabus('call.seventh-of', { ...key, seventh: seventhIn(variant.kind) })
    : tellSyllabus('asked.key', { ...key, forms: kindNamed({ id: variant.kind }) })
  const parts = [...(says ? [tellSyllabus('call.hands', { hands: who })] : []), what, ...rest(variant, [])]
  return tellSyllabus('call', { said: capital(joined(parts, 'comma')) })
}
