import { handsMessage, instrumentMessage } from '../instrument'
import { type Form, kindNamed, type KindId, KINDS, materialMessage } from '../material'
import { capital, joined, listed, type Message, named } from '../message'
import { apartMessage, courseMessage, octavesMessage, titleMessage } from '../realise'
import { PLAIN_RHYTHM, studyMessage } from '../study'
import { isOfKeys } from './keys'
import { syllabusMessage } from './messages'
import type { Atom, Entry, Requirement } from './model'

/** The form of minor that a scale is; null for all else. */
const formOf = (kind: KindId): Form | null => (KINDS[kind].family === 'scale' ? KINDS[kind].form : null)

/** “harmonic or melodic minor”. */
export function formsMessage(kinds: readonly KindId[]): Message {
  if (kinds.length === 1) return kindNamed({ id: kinds[0]! })
  const forms = kinds.flatMap((kind) => formOf(kind) ?? [])
  if (forms.length === kinds.length) {
    const formNames = forms.map((form) => materialMessage(`form.${form}`))
    return syllabusMessage('forms.minor', { forms: listed(formNames, 'or') })
  }
  return joined(
    kinds.map((id) => kindNamed({ id })),
    'or',
  )
}

/** Choices of a course beyond the plain one, as a list asks them; nothing for the plain one. */
export const requiredCourse = ({ pattern }: Pick<Requirement, 'pattern'>): Message[] =>
  courseMessage({ pattern, rhythm: PLAIN_RHYTHM })

/** “a sixth apart, right hand on the tonic”; “from an octave apart”. */
function requiredInterval(required: Requirement): Message[] {
  const { hands, motion, interval, tonicHand, contraryFrom } = required
  if (hands !== 'together') return []
  if (motion === 'contrary') {
    const hand = tonicHand ?? (contraryFrom === 'sixth' ? 'right' : 'left')
    const formNames = contraryFrom ? apartMessage({ ...required, contraryFrom, tonicHand: hand }) : null
    return formNames ? [formNames] : []
  }
  return interval === 'octave' ? [] : [syllabusMessage('asked.apart', { interval, hand: tonicHand ?? 'any' })]
}

/** Touches asked, one or several of them; nothing where that is the usual one, or any. */
export const requiredTouch = ({ articulations, touch: byHand }: Requirement): Message[] =>
  byHand
    ? [studyMessage('touch.by-hand', byHand)]
    : articulations.length === 0 || (articulations.length === 1 && articulations[0] === 'legato')
      ? []
      : [
          joined(
            articulations.map((touch) => studyMessage('touch', { touch })),
            'or',
          ),
        ]

/** Who plays, where the list says so: one of several hands, or those of the first form. */
export const requiredHands = (variants: readonly Requirement[]): Message =>
  new Set(variants.map(({ hands }) => hands)).size > 1
    ? syllabusMessage('asked.either-hand')
    : handsMessage(variants[0]!)

const requiredInversion = ({ inversion }: Requirement): Message[] =>
  inversion > 0 ? [syllabusMessage('asked.inversion', { inversion })] : []

/** Sticks, where they are asked for. */
export const requiredSticks = ({ lead, rolled, mallets, sticks }: Requirement): Message[] => [
  ...(lead ? [instrumentMessage('stick.lead', { hand: lead })] : []),
  ...(rolled ? [syllabusMessage('asked.rolled')] : []),
  ...(mallets === 4 ? [syllabusMessage('asked.four-mallets')] : []),
  ...(sticks?.figure ? [syllabusMessage('asked.figure', { figure: sticks.figure })] : []),
  ...(sticks?.rudiment ? [syllabusMessage('asked.rudiment', { rudiment: sticks.rudiment })] : []),
  ...(sticks?.alternating ? [syllabusMessage('asked.alternating')] : []),
  ...(sticks?.make ? [syllabusMessage('asked.make', { make: sticks.make })] : []),
]

/** What an accordion is asked beside the notes. */
export const requiredAccordion = ({ hands, bass, ...required }: Requirement): Message[] => [
  ...(bass ? [syllabusMessage('asked.bass', { part: bass, hands })] : []),
  ...(required.bellows
    ? [syllabusMessage('asked.bellows', { bellows: required.bellows, beats: required.bellowsBeats ?? 0 })]
    : []),
  ...(required.bassRows.length > 0
    ? [
        syllabusMessage('asked.rows', {
          rows: listed(required.bassRows.map((row) => syllabusMessage('asked.row', { row }))),
        }),
      ]
    : []),
  ...(required.board ? [syllabusMessage('asked.board', { board: required.board })] : []),
  ...(required.treble ? [syllabusMessage('asked.treble', { treble: required.treble })] : []),
  ...(required.registers.length > 0
    ? [syllabusMessage('asked.registers', { registers: required.registers.join(' + ') })]
    : []),
]

/** Everything but key, form and hands. */
function rest(required: Requirement, hands: readonly Message[]): Message[] {
  const { course, octaves, resolution, top } = required
  return [
    ...requiredInversion(required),
    ...hands,
    ...requiredInterval(required),
    octavesMessage(octaves),
    ...(course === 'up-down' ? [] : [titleMessage('course', { course })]),
    ...requiredCourse(required),
    ...(resolution === 'none' ? [] : [syllabusMessage('asked.resolution', { resolution })]),
    ...requiredTouch(required),
    ...(top === 'twice' ? [syllabusMessage('asked.top-twice')] : []),
    ...requiredSticks(required),
    ...requiredAccordion(required),
  ]
}

const kindsOf = (variants: readonly Requirement[]): KindId[] => [...new Set(variants.map(({ kind }) => kind))]

const seventhIn = (kind: KindId) =>
  KINDS[kind].quality === 'diminished' ? ('diminished' as const) : ('dominant' as const)

/** “Dominant seventh arpeggio of C”, “C major”. */
function requiredKey({ seventh }: Pick<Entry, 'seventh'>, tonic: string, kinds: readonly KindId[]): Message {
  if (kinds[0] && isOfKeys(seventh, kinds[0])) {
    return syllabusMessage('asked.seventh-of', { tonic: named(tonic), seventh: seventhIn(kinds[0]) })
  }
  return syllabusMessage('asked.key', { tonic: named(tonic), forms: formsMessage(kinds) })
}

/** What an atom asks, in one line. @param says whether the list says which hands play */
export function atomMessage(entry: Entry, tonic: string, variants: readonly Requirement[], says: boolean): Message {
  const hands = says ? [requiredHands(variants)] : []
  return joined([requiredKey(entry, tonic, kindsOf(variants)), ...rest(variants[0]!, hands)], 'comma')
}

/** Whether an atom's chord is named by the key that it belongs to. */
export const isOfKey = ({ tonic }: Pick<Atom, 'tonic'>, variant: Requirement): boolean =>
  isOfKeys('of', variant.kind) && tonic !== variant.tonic

/**
 * An atom as an examiner calls it: hands first, then key and form, then the rest. What the candidate chose is left to
 * the candidate.
 * @param variant the form to call, where it is the examiner's to name or the candidate has announced it
 */
export function examinerCall(atom: Atom, variant: Requirement, says: boolean): Message {
  const hands = new Set(atom.variants.map((each) => each.hands))
  const contrary = variant.hands === 'together' && variant.motion === 'contrary'
  const played = hands.size > 1 ? 'either' : contrary ? 'contrary' : variant.hands
  const key = { tonic: named(atom.tonic) }
  const what = isOfKey(atom, variant)
    ? syllabusMessage('call.seventh-of', { ...key, seventh: seventhIn(variant.kind) })
    : syllabusMessage('asked.key', { ...key, forms: kindNamed({ id: variant.kind }) })
  const parts = [...(says ? [syllabusMessage('call.hands', { hands: played })] : []), what, ...rest(variant, [])]
  return syllabusMessage('call', { said: capital(joined(parts, 'comma')) })
}
