import { KINDS, type KindId } from '../material'
import { parseNote, printedName } from '../pitch'
import { octaveWords, shapeWords } from '../realise'
import { PLAIN_PATTERN, PLAIN_RHYTHM } from '../study'
import type { Atom, Entry, Requirement } from './model'

const HANDS = { together: 'hands together', right: 'right hand', left: 'left hand' } as const
/** Root position is not said. */
export const INVERSIONS = ['', 'first inversion', 'second inversion', 'third inversion']

export const handsAsked = ({ hands, motion }: Pick<Requirement, 'hands' | 'motion'>): string =>
  hands === 'together' && motion === 'contrary' ? 'contrary motion' : HANDS[hands]

/** “harmonic or melodic minor”. */
export function formsWords(kinds: readonly KindId[]): string {
  const forms = kinds.map((kind) => KINDS[kind].words)
  const shared = forms.length > 1 && forms.every((form) => form.endsWith(' minor'))
  return shared ? `${forms.map((each) => each.replace(' minor', '')).join(' or ')} minor` : forms.join(' or ')
}

/** The course as a title says it; empty for the plain one. */
export const askedShape = ({ figure, walk }: Pick<Requirement, 'figure' | 'walk'>): string =>
  shapeWords({ pattern: { ...PLAIN_PATTERN, figure, walk }, rhythm: PLAIN_RHYTHM })

/** “a sixth apart, right hand on the tonic”; “from an octave apart”. */
function apartAsked({ hands, motion, interval, tonicHand, contraryFrom }: Requirement): string {
  if (hands !== 'together') return ''
  if (motion === 'contrary') return contraryFrom === null ? '' : contraryFrom === 'octave' ? 'from an octave apart' : ''
  if (interval === 'octave') return ''
  return `a ${interval} apart${tonicHand ? `, ${tonicHand} hand on the tonic` : ''}`
}

const touchAsked = (articulations: readonly string[]): string =>
  articulations.length === 1 && articulations[0] === 'legato' ? '' : articulations.join(' or ')

function rest(asked: Requirement, hands: boolean): string[] {
  return [
    INVERSIONS[asked.inversion]!,
    hands ? handsAsked(asked) : '',
    apartAsked(asked),
    octaveWords(asked.octaves),
    asked.course === 'up-down' ? '' : asked.course.replace('-', ' and '),
    askedShape(asked),
    asked.resolution === 'none' ? '' : asked.resolution === 'cadence' ? 'with a cadence' : 'with the tonic chord',
    touchAsked(asked.articulations),
    asked.top === 'twice' ? 'top note twice' : '',
    asked.lead ? `${asked.lead} lead` : '',
    asked.rolled ? 'rolled' : '',
    asked.mallets === 4 ? 'four mallets' : '',
  ]
}

/** “Dominant seventh of C”, “C major”. */
function named({ seventh }: Pick<Entry, 'seventh'>, tonic: string, kinds: readonly KindId[]): string {
  const key = printedName(parseNote(tonic))
  const of = seventh === 'of' && kinds[0] === 'dominant-seventh-arpeggio'
  return of
    ? `${KINDS[kinds[0]!].words.replace(/^./, (first) => first.toUpperCase())} of ${key}`
    : `${key} ${formsWords(kinds)}`
}

/** What an atom asks, in one line. */
export function atomWords(entry: Entry, tonic: string, variants: readonly Requirement[], says: boolean): string {
  const [first] = variants
  const kinds = [...new Set(variants.map((each) => each.kind))]
  const hands = [...new Set(variants.map((each) => each.hands))]
  const either = hands.length > 1 ? 'either hand' : ''
  const parts = rest(first!, says)
  if (either) parts[1] = either
  return [named(entry, tonic, kinds), ...parts].filter(Boolean).join(', ')
}

const CALLED_HANDS = { together: 'Hands together', right: 'Right hand', left: 'Left hand' } as const

/**
 * An atom as an examiner calls it: hands first, then key and form, then the rest. What the candidate chose is left to
 * the candidate.
 * @param variant the form to call, where it is the examiner's to name or the candidate has announced it
 */
export function calledWords(atom: Atom, variant: Requirement, says: boolean): string {
  const key = printedName(parseNote(atom.tonic))
  const kinds = [...new Set(atom.variants.map((each) => each.kind))]
  const form = kinds.length > 1 ? formsWords([variant.kind]) : KINDS[variant.kind].words
  const hands = new Set(atom.variants.map((each) => each.hands))
  const contrary = variant.hands === 'together' && variant.motion === 'contrary'
  const who = !says ? '' : hands.size > 1 ? 'Either hand' : contrary ? 'Contrary motion' : CALLED_HANDS[variant.hands]
  const of = atom.words.startsWith('Dominant seventh') && atom.tonic !== variant.tonic
  const what = of ? `dominant seventh of ${key}` : `${key} ${form}`
  const parts = [who, what, ...rest(variant, false)].filter(Boolean)
  const said = parts.join(', ')
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`
}
