import type { KindId } from '../material'
import type { Message } from '../message'
import { kindFrom, merged } from './features'
import { once } from './once'
import type { Features } from './part'

const FORMS = ['natural', 'harmonic', 'melodic'] as const

/** All different values of some features' field. */
const pick = <K extends keyof Features>(features: readonly Features[], field: K) => [
  ...new Set(features.flatMap((each) => (each[field] === undefined ? [] : [each[field]!]))),
]

/** Names that a quality modifies; others stand for a scale by themselves. */
const MODIFIED: readonly Features['named'][] = ['pentatonic', 'blues']

interface Bases {
  readonly bases: readonly Features[]
  readonly tops: readonly Features[]
}

/** Qualities that only a seventh has beside triads; and those that a triad has. */
const OF_SEVENTHS: readonly Features['quality'][] = ['dominant', 'diminished', 'half-diminished']

/** “Arpeggios: major, minor, dominant seventh and diminished seventh”: triads, and sevenths. */
function triadsAndSevenths(bases: readonly Features[], shapes: readonly Features['shape'][]): Bases[] | null {
  if (!shapes.includes('seventh') || !shapes.includes('arpeggio') || shapes.length > 2) return null
  const sevenths = bases.filter(({ quality }) => OF_SEVENTHS.includes(quality))
  const triads = bases.filter(({ quality }) => quality === 'major' || quality === 'minor')
  if (sevenths.length === 0 || triads.length === 0) return null
  return [
    { bases: triads, tops: [{ shape: 'arpeggio' }] },
    { bases: sevenths, tops: [{ shape: 'seventh' }] },
  ]
}

/** What is multiplied: every form or quality with every shape; names of other scales apart from them. */
function basesOf(features: readonly Features[], forms: readonly NonNullable<Features['form']>[]): Bases[] {
  const qualities = pick(features, 'quality').filter((quality) => quality !== 'minor' || forms.length === 0)
  const bases: Features[] = [
    ...qualities.map((quality) => ({ quality })),
    ...forms.map((form) => ({ form, quality: 'minor' as const })),
  ]
  const shapes = pick(features, 'shape')
  const mixed = triadsAndSevenths(bases, shapes)
  if (mixed) return mixed
  const within = shapes.includes('broken-chord')
  const chords = shapes.includes('seventh')
    ? shapes.filter((shape) => (within ? shape !== 'seventh' : shape !== 'arpeggio'))
    : shapes
  const shaped: Features[] = chords.length > 0 ? chords.map((shape) => ({ shape })) : [{}]
  const named = pick(features, 'named')
  const apart = named.filter((name) => !MODIFIED.includes(name))
  const modified = named.filter((name) => MODIFIED.includes(name))
  const tops = modified.length > 0 ? modified.map((name) => ({ named: name })) : shaped
  const own = { bases: bases.length > 0 ? bases : [{}], tops }
  if (apart.length === 0) return [own]
  const alone = apart.map((name) => ({ named: name }))
  // “lydian dominant” is neither
  const chord = !shapes.includes('seventh') && qualities.some((quality) => !['major', 'minor'].includes(quality))
  if (chord) return [{ bases, tops: alone }]
  if (bases.length > 0) return [own, { bases: [{}], tops: alone }]
  return [{ bases: [{}], tops: alone.flatMap((name) => shaped.map((shape) => ({ ...shape, ...name }))) }]
}

/** All kinds that some features come to, taken with one another. */
export function kindsFrom(
  features: readonly Features[],
  { three, two }: { readonly three: boolean; readonly two: boolean },
): { kinds: KindId[]; open: string[]; problems: Message[] } {
  const qualities = pick(features, 'quality')
  // “C major and A minor, both forms”: a major has but one
  const major = qualities.length > 0 && !qualities.includes('minor') && pick(features, 'form').length === 0
  const minors = two && !major && pick(features, 'form').length === 0 ? (['harmonic', 'melodic'] as const) : []
  const forms = three && !major ? [...FORMS] : [...pick(features, 'form'), ...minors]
  const found = { kinds: new Set<KindId>(), open: new Set<string>(), problems: [] as Message[] }
  for (const { bases, tops } of basesOf(features, forms)) {
    for (const base of bases) {
      for (const top of tops) {
        const reading = kindFrom(merged(base, top))
        if (reading.kind === null) found.problems.push(reading.problem)
        else found.kinds.add(reading.kind)
        if (reading.kind !== null && reading.assumed) found.open.add(reading.assumed.code)
      }
    }
  }
  return { kinds: [...found.kinds], open: [...found.open], problems: once(found.problems) }
}
