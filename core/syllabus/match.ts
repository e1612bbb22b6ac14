import { syllabusMessage } from './messages'
import { type Message, joined, listed } from '../message'
import { KINDS, type NamedMaterial, kindNamed } from '../material'
import { parseNote, pitchClass } from '../pitch'
import { courseMessage } from '../realise'
import { isFree, notesPerMinute, PLAIN_RHYTHM, samePattern, touchedAlike, touchMessage } from '../study'
import { familyOf, type Miss, type Recipe, type ShortField } from '../instrument'
import type { Atom, Requirement } from './model'
import { requiredCourse } from './words'

/** One field in which a study falls short of a requirement, and how much it takes to mend. */
export interface Shortfall {
  readonly field: ShortField
  /** Told on demand: of all that is matched, little is said. */
  readonly message: () => Message
  readonly effort: number
}

/** How a study stands to an atom: the variant it comes nearest to and what is short. Nothing short: covered. */
export interface Match {
  readonly variant: number
  readonly short: readonly Shortfall[]
  readonly effort: number
}

/** What counts, where teachers and boards differ. */
export interface Policies {
  /** A study played hands together stands for each hand alone as well. */
  readonly togetherForSeparate: boolean
  readonly moreOctaves: boolean
  readonly fasterTempo: boolean
  /** Where the list names no touch, any counts; else legato only. */
  readonly anyTouch: boolean
}
export const DEFAULT_POLICIES: Policies = {
  togetherForSeparate: false,
  moreOctaves: true,
  fasterTempo: true,
  anyTouch: true,
}

/** More fields short than this, and the study is simply another one. */
const MAX_SHORT = 2

const keyOf = (tonic: string, kind: NamedMaterial['kind']): string =>
  `${pitchClass(parseNote(tonic))}/${KINDS[kind].family}/${KINDS[kind].mode}`

/** Studies and requirements that can be near one another share this; enharmonic names count as equal. */
export const kinOf = (recipe: Recipe): string | null => {
  const { material } = recipe
  return isFree(material) ? null : keyOf(material.tonic, material.kind)
}
export const requiredKin = ({ tonic, kind }: Requirement): string => keyOf(tonic, kind)

function materialShort({ material }: Recipe, required: Requirement, miss: Miss): void {
  const { kind, inversion = 0 } = material as NamedMaterial
  if (kind !== required.kind) {
    const [wanted, own] = [required.kind, kind].map((id) => kindNamed({ id }))
    miss('kind', () => syllabusMessage('short.kind', { asked: wanted!, own: own! }), 40)
  }
  if (inversion === required.inversion) return
  miss('inversion', () => syllabusMessage('short.inversion', { asked: required.inversion, own: inversion }), 40)
}

function lengthShort(recipe: Recipe, required: Requirement, policies: Policies, miss: Miss): void {
  const lengths = { own: recipe.octaves, asked: required.octaves }
  const lacking = required.octaves - recipe.octaves
  if (lacking > 0) miss('octaves', () => syllabusMessage('short.octaves', lengths), 20 * lacking)
  else if (lacking < 0 && !policies.moreOctaves)
    miss('octaves', () => syllabusMessage('short.just-octaves', lengths), 10)
  if (recipe.course !== required.course) {
    miss('course', () => syllabusMessage('short.course', { asked: required.course, own: recipe.course }), 10)
  }
}

const shapeOf = (messages: readonly Message[]): Message | 'plain' =>
  messages.length > 0 ? joined(messages, 'comma') : 'plain'

function shapeShort(recipe: Recipe, required: Requirement, miss: Miss): void {
  const { pattern, rhythm, bookends } = recipe
  const { resolution } = required
  const same =
    samePattern(pattern, required.pattern) &&
    rhythm.ladder === PLAIN_RHYTHM.ladder &&
    rhythm.lengths === PLAIN_RHYTHM.lengths
  if (!same) {
    miss(
      'pattern',
      () =>
        syllabusMessage('short.shape', {
          asked: shapeOf(requiredCourse(required)),
          own: shapeOf(courseMessage(recipe)),
        }),
      50,
    )
  }
  if (resolution !== 'none' && bookends.after !== resolution) {
    miss('resolution', () => syllabusMessage('short.resolution', { resolution }), 10)
  }
}

function touchShort(recipe: Recipe, required: Requirement, policies: Policies, miss: Miss): void {
  const { touch, articulations } = required
  const any = articulations.length > 0 ? articulations : policies.anyTouch ? [] : ['legato' as const]
  const wanted = touch ? [{ articulation: touch.right, touch }] : any.map((articulation) => ({ articulation }))
  if (wanted.length === 0 || wanted.some((each) => touchedAlike(recipe, each))) return
  const asked = () => listed(wanted.map(touchMessage), 'or')
  miss('articulation', () => syllabusMessage('short.touch', { asked: asked(), own: touchMessage(recipe) }), 10)
}

function tempoShort(recipe: Recipe, required: Requirement, policies: Policies, miss: Miss): void {
  const [own, least] = [notesPerMinute(recipe.tempo), notesPerMinute(required.tempo)]
  const most = required.tempo.most === undefined ? null : required.tempo.most * required.tempo.notesPerBeat
  if (own < least) {
    miss('tempo', () => syllabusMessage('short.tempo', { own, least }), Math.ceil((30 * (least - own)) / least))
  } else if (most !== null && own > most) miss('tempo', () => syllabusMessage('short.tempo-most', { own, most }), 5)
  else if (own > (most ?? least) && !policies.fasterTempo) {
    miss('tempo', () => syllabusMessage('short.just-tempo', { own, least }), 5)
  }
}

function shortfalls(recipe: Recipe, required: Requirement, policies: Policies): Shortfall[] {
  const found: Shortfall[] = []
  const miss: Miss = (field, message, effort) => void found.push({ field, message, effort })
  materialShort(recipe, required, miss)
  familyOf(recipe).examined.shortOf(recipe, required, policies.togetherForSeparate, miss)
  lengthShort(recipe, required, policies, miss)
  shapeShort(recipe, required, miss)
  touchShort(recipe, required, policies, miss)
  tempoShort(recipe, required, policies, miss)
  return found
}

/** A study beside each variant of an atom that it is near to; none where it is another study altogether. */
export function matchesOf(recipe: Recipe, atom: Atom, policies: Policies = DEFAULT_POLICIES): Match[] {
  const kin = kinOf(recipe)
  if (kin === null) return []
  return atom.variants.flatMap((requirement, variant) => {
    if (requiredKin(requirement) !== kin) return []
    const short = shortfalls(recipe, requirement, policies)
    return short.length > MAX_SHORT
      ? []
      : [{ variant, short, effort: short.reduce((sum, each) => sum + each.effort, 0) }]
  })
}

/** The nearest of some matches; the first of equals. */
export const nearest = (matches: readonly Match[]): Match | null =>
  matches.reduce<Match | null>((best, each) => (best === null || each.effort < best.effort ? each : best), null)

/** Holds a study against an atom; null where it is another study altogether. Enharmonic names count as equal. */
export const matchOf = (recipe: Recipe, atom: Atom, policies?: Policies): Match | null =>
  nearest(matchesOf(recipe, atom, policies))
