import type { Entry, Grade, Group, Marking, Syllabus } from './model'

type Optional<T, K extends keyof T> = Omit<T, K> & { readonly [field in K]?: T[field] }

/** What an entry says where it says nothing. */
export const ENTRY_DEFAULTS = {
  reading: '',
  open: [],
  except: [],
  pick: 'all',
  chooser: 'examiner',
  scope: 'key',
  inversions: [0],
  seventh: 'on',
  hands: 'together',
  motion: 'similar',
  contraryFrom: null,
  interval: 'octave',
  tonicHand: null,
  course: 'up-down',
  top: null,
  articulations: [],
  touchChooser: 'candidate',
  touch: null,
  figure: 'straight',
  walk: 'straight',
  line: null,
  resolution: 'none',
  lead: 'either',
  rolled: false,
  mallets: 2,
  sticks: null,
  bass: null,
  bellows: null,
  bellowsBeats: null,
  bassRows: [],
  treble: null,
  board: null,
  registers: [],
  memory: false,
  conditions: [],
} as const satisfies Omit<Entry, 'id' | 'words' | 'keys' | 'kinds' | 'octaves' | 'tempo'>

type TempoInput = Optional<Entry['tempo'], 'beat' | 'kind'>
export type EntryInput = Optional<Omit<Entry, 'tempo'>, keyof typeof ENTRY_DEFAULTS> & { readonly tempo: TempoInput }

export const TEMPO_DEFAULTS = { beat: 'quarter', kind: 'minimum' } as const
export const GROUP_DEFAULTS = { rule: 'all', draw: null } as const satisfies Partial<Group>
export const GRADE_DEFAULTS = { includes: null, draw: null } as const satisfies Partial<Grade>
export const SYLLABUS_DEFAULTS = {
  instrument: 'piano',
  edition: '',
  follows: null,
  marking: null,
} as const satisfies Partial<Syllabus>

/** An entry with every field said. */
export const completeEntry = (input: EntryInput): Entry => ({
  ...ENTRY_DEFAULTS,
  ...input,
  tempo: { ...TEMPO_DEFAULTS, ...input.tempo },
})

const isDefault = (value: unknown, usual: unknown): boolean => JSON.stringify(value) === JSON.stringify(usual)

function without<T extends object>(value: T, defaults: object): Partial<T> {
  const usual = defaults as Record<string, unknown>
  return Object.fromEntries(
    Object.entries(value).filter(([field, own]) => !(field in usual) || !isDefault(own, usual[field])),
  ) as Partial<T>
}

/** A syllabus without what is said by silence: what a file holds. */
export const leanSyllabus = (syllabus: Syllabus): object => ({
  ...without(syllabus, SYLLABUS_DEFAULTS),
  instrument: syllabus.instrument,
  grades: syllabus.grades.map((grade) => ({
    ...without(grade, GRADE_DEFAULTS),
    groups: grade.groups.map((group) => ({
      ...without(group, GROUP_DEFAULTS),
      entries: group.entries.map((entry) => ({
        ...without(entry, ENTRY_DEFAULTS),
        tempo: without(entry.tempo, TEMPO_DEFAULTS),
      })),
    })),
  })),
})

/**
 * Marking for boards that do not say theirs, its titles by their codes: common practice, no source. Pass at three fifths, merit at three
 * quarters, distinction at 87 in a hundred.
 */
export const DEFAULT_MARKING: Marking = {
  total: 100,
  criteria: [
    { id: 'notes', title: 'usual.notes', most: 5 },
    { id: 'flow', title: 'usual.flow', most: 5 },
    { id: 'tempo', title: 'usual.tempo', most: 5 },
    { id: 'tone', title: 'usual.tone', most: 5 },
  ],
  bands: [
    { title: 'usual.distinction', least: 87 },
    { title: 'usual.merit', least: 75 },
    { title: 'usual.pass', least: 60 },
    { title: 'usual.below', least: 0 },
  ],
}
