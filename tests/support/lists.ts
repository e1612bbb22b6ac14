import fc from 'fast-check'
import type { RecipeInput } from '#core/instrument'
import type { Policies } from '#core/syllabus'
import { entryOf, studyOf } from './syllabi'

/** Sets of up to so many studies that lists of `listsOver` the same keys may ask. */
export const setsOver = (keys: readonly string[], maxLength: number) =>
  fc.array(
    fc
      .record({
        tonic: fc.constantFrom(...keys),
        kind: fc.constantFrom('major', 'harmonic-minor', 'melodic-minor'),
        octaves: fc.integer({ min: 1, max: 2 }),
        hands: fc.constantFrom('together', 'right', 'left'),
        bpm: fc.constantFrom(20, 50, 60),
      })
      .map(({ tonic, kind, bpm, ...rest }) =>
        studyOf(tonic, kind, { ...rest, tempo: { bpm } } as Partial<RecipeInput>),
      ),
    { maxLength },
  )

const entriesOver = (keys: readonly string[]) =>
  fc.record({
    keys: fc.subarray([...keys], { minLength: 1 }),
    kinds: fc.constantFrom(['major'], ['harmonic-minor', 'melodic-minor']),
    chooser: fc.constantFrom('candidate', 'examiner'),
    scope: fc.constantFrom('key', 'entry', 'grade'),
    hands: fc.constantFrom('together', 'right', 'separate', 'either'),
    octaves: fc.constantFrom(1, 2),
    pick: fc.constantFrom<number | 'all'>('all', 1),
  })

/** One or two groups, some of which leave a choice of their items, keys or lines. */
export const groupsOver = (keys: readonly string[]) =>
  fc
    .array(
      fc.record({
        entries: fc.array(entriesOver(keys), { minLength: 1, maxLength: 2 }),
        rule: fc.constantFrom(null, 'items', 'keys', 'entries'),
      }),
      { minLength: 1, maxLength: 2 },
    )
    .map((groups) =>
      groups.map(({ entries, rule }, at) => ({
        id: `G${at}`,
        title: 'group',
        rule: rule ? { any: 1, of: rule } : 'all',
        entries: entries.map((entry, line) =>
          entryOf({ ...entry, id: `e${at}.${line}`, ...(rule ? { pick: 'all' } : {}) }),
        ),
      })),
    )

export const anyPolicies: fc.Arbitrary<Policies> = fc.record({
  togetherForSeparate: fc.boolean(),
  moreOctaves: fc.boolean(),
  fasterTempo: fc.boolean(),
  anyTouch: fc.boolean(),
})
