import { syllabusError } from './messages'
import { inversionsOf, KINDS, type KindId, type NamedMaterial } from '../material'
import { type Articulation, completePattern, type Hand, type Pattern, PLAIN_PATTERN } from '../study'
import { rootOf, tonicsOf } from './keys'
import { type Atom, type Entry, type Grade, type Group, type Requirement, saysHands, type Syllabus } from './model'
import { atomMessage } from './words'

/** A grade as it is asked: what it includes comes first, under ids that tell where it is from. */
export interface FullGrade {
  readonly id: string
  readonly title: string
  readonly draw: number | null
  readonly groups: readonly Group[]
}

function renamed(grade: FullGrade): Group[] {
  const id = (own: string) => `${grade.id}:${own}`
  return grade.groups.map((group) => ({
    ...group,
    id: id(group.id),
    entries: group.entries.map((entry) => ({
      ...entry,
      id: id(entry.id),
      keys: 'as' in entry.keys ? { as: id(entry.keys.as) } : entry.keys,
    })),
  }))
}

/**
 * A grade with all that it includes.
 * @throws DomainError `includes.unknown`, `includes.circle`
 */
export function fullGrade(syllabus: Syllabus, grade: Grade, seen: readonly string[] = []): FullGrade {
  const { id, title, draw, groups, includes } = grade
  if (includes === null) return { id, title, draw, groups }
  const first = syllabus.grades.findIndex((each) => each.id === (seen[0] ?? id))
  const path = `grades[${first}].includes`
  const other = syllabus.grades.find((each) => each.id === includes)
  if (!other) throw syllabusError('includes.unknown', { grade: includes }, path)
  if ([...seen, id].includes(includes)) {
    throw syllabusError('includes.circle', { grades: [...seen, id, includes].join(' → ') }, path)
  }
  return { id, title, draw, groups: [...renamed(fullGrade(syllabus, other, [...seen, id])), ...groups] }
}

/** The kinds that compete for one atom: with the candidate's choice all of one mode, else each by itself. */
function forms(entry: Entry): KindId[][] {
  if (entry.chooser !== 'candidate') return entry.kinds.map((kind) => [kind])
  const side = (kind: KindId) => `${KINDS[kind].mode}/${KINDS[kind].family}`
  return [...new Set(entry.kinds.map(side))].map((one) => entry.kinds.filter((kind) => side(kind) === one))
}

type PlayerId = readonly ('together' | Hand)[]
const HANDS: Record<Entry['hands'], readonly PlayerId[]> = {
  together: [['together']],
  right: [['right']],
  left: [['left']],
  separate: [['right'], ['left']],
  either: [['right', 'left']],
  each: [['right'], ['left'], ['together']],
}

/** Touches of each atom: any of those that the candidate may choose, or one by one. */
const touches = ({ articulations, touchChooser, touch }: Entry): (readonly Articulation[])[] =>
  touch || touchChooser === 'candidate' || articulations.length < 2
    ? [articulations]
    : articulations.map((each) => [each])

const leads = ({ lead }: Entry): (Hand | null)[] =>
  lead === 'both' ? ['right', 'left'] : [lead === 'either' ? null : lead]

/** All that an entry asks of one key, variant by variant within each atom. */
interface Slot {
  readonly kinds: readonly KindId[]
  readonly tonic: string
  readonly player: PlayerId
  readonly inversion: number
  readonly touch: readonly Articulation[]
  readonly lead: Hand | null
}

function slotsOf(entry: Entry, entries: readonly Entry[]): Slot[] {
  return forms(entry).flatMap((kinds) =>
    tonicsOf(entry, kinds[0]!, entries).flatMap((tonic) =>
      HANDS[entry.hands].flatMap((player) =>
        entry.inversions
          .filter((inversion) => inversion < inversionsOf(KINDS[kinds[0]!]))
          .flatMap((inversion) =>
            touches(entry).flatMap((touch) =>
              leads(entry).map((lead): Slot => ({ kinds, tonic, player, inversion, touch, lead })),
            ),
          ),
      ),
    ),
  )
}

/** What an entry asks in each of its kinds, in the first of its keys. */
export const firstRequired = (entry: Entry, entries: readonly Entry[]): Requirement[] =>
  entry.kinds.flatMap((kind) => {
    const [tonic] = tonicsOf(entry, kind, entries)
    const [player] = HANDS[entry.hands]
    return tonic === undefined
      ? []
      : variantsOf(entry, { kinds: [kind], tonic, player: player!, inversion: 0, touch: [], lead: null })
  })

/** How many atoms an entry comes to, without making them. */
export function countOf(entry: Entry, entries: readonly Entry[]): number {
  const each = HANDS[entry.hands].length * touches(entry).length * leads(entry).length
  return forms(entry).reduce((sum, [kind]) => {
    const inversions = entry.inversions.filter((inversion) => inversion < inversionsOf(KINDS[kind!])).length
    return sum + tonicsOf(entry, kind!, entries).length * inversions * each
  }, 0)
}

/** The shape of what an entry asks in one of its keys. @throws DomainError naming a field of `pattern` */
const patternOf = ({ figure, walk, line }: Entry, first: NamedMaterial): Pattern =>
  line ? completePattern({ figure, walk, ...line }, first) : { ...PLAIN_PATTERN, figure, walk }

/** Touches of who plays: each hand's own only where both play. */
function touchBy(
  hands: Requirement['hands'],
  own: Entry['touch'],
  articulations: readonly Articulation[],
): Pick<Requirement, 'articulations' | 'touch'> {
  if (!own) return { articulations, touch: null }
  if (hands !== 'together') return { articulations: [own[hands]], touch: null }
  return own.right === own.left ? { articulations: [own.right], touch: null } : { articulations: [], touch: own }
}

function variantsOf(entry: Entry, { kinds, tonic, player, inversion, touch, lead }: Slot): Requirement[] {
  const { motion, contraryFrom, interval, tonicHand, octaves, course, top } = entry
  const { tempo, resolution, rolled, mallets, sticks } = entry
  const { bass, bellows, bellowsBeats, bassRows, treble, board, registers } = entry
  return kinds.flatMap((kind) =>
    player.map((hands) => ({
      tonic: rootOf(entry, tonic, kind),
      kind,
      inversion,
      hands,
      motion,
      contraryFrom,
      interval,
      tonicHand,
      octaves,
      course,
      top,
      ...touchBy(hands, entry.touch, touch),
      tempo,
      pattern: patternOf(entry, { tonic: rootOf(entry, tonic, kind), kind }),
      resolution,
      lead,
      rolled,
      mallets,
      sticks,
      // a right hand alone has no bass to play
      bass: hands === 'right' ? null : bass,
      ...{ bellows, bellowsBeats, bassRows, treble, registers },
      board: hands === 'right' ? null : board,
    })),
  )
}

function scopeOf(entry: Entry, kinds: readonly KindId[]): string | null {
  if (kinds.length < 2 || entry.scope === 'key') return null
  return `${entry.scope === 'entry' ? entry.id : 'grade'}|${[...kinds].sort().join('+')}`
}

function atomOf(group: Group, entry: Entry, slot: Slot, hands: boolean): Atom {
  const { kinds, tonic, player, inversion, touch, lead } = slot
  const variants = variantsOf(entry, slot)
  const more = [
    inversion > 0 ? `inversion-${inversion}` : '',
    touches(entry).length > 1 ? touch.join('+') : '',
    entry.lead === 'both' ? `${lead}-lead` : '',
  ]
  return {
    id: [entry.id, tonic, kinds.join('+'), player.join('+'), ...more].filter(Boolean).join('/'),
    group: group.id,
    entry: entry.id,
    words: atomMessage(entry, tonic, variants, hands),
    tonic,
    variants,
    scope: scopeOf(entry, kinds),
  }
}

/**
 * Everything that a grade can ask, in printed order; choices count once.
 * @param entries from which keys may be taken, where it is not the grade's own alone
 */
export function expand(
  grade: Pick<FullGrade, 'groups'>,
  hands = true,
  entries: readonly Entry[] = grade.groups.flatMap((group) => group.entries),
): Atom[] {
  return grade.groups.flatMap((group) =>
    group.entries.flatMap((entry) => slotsOf(entry, entries).map((slot) => atomOf(group, entry, slot, hands))),
  )
}

/** Everything that a grade of a syllabus can ask. @throws DomainError as `fullGrade` */
export const atomsOf = (syllabus: Syllabus, grade: Grade): Atom[] =>
  expand(fullGrade(syllabus, grade), saysHands(syllabus))
