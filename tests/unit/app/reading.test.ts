import { describe, expect, it } from 'vitest'
import { TAUGHT } from '#core/instrument'
import type { Entry } from '#core/syllabus'
import { CHOICES, valueOf, withValue } from '~/components/syllabi/reading'
import { syllabusOf } from '../../../shared/schemas'
import { entryOf, groupOf } from '../../support/syllabi'

const taken = (instrument: string, entry: object): Entry =>
  syllabusOf({
    ...{ format: 'tactum-syllabus/1', id: 'list', title: 'List', board: 'Board', instrument },
    grades: [{ id: 'g', title: 'G', groups: [groupOf(entry)] }],
  }).grades[0]!.groups[0]!.entries[0]!

describe('how a line of a list is read', () => {
  it.each(TAUGHT.map(({ id, list, family }) => [id, list, family.plays] as const))(
    'for %s: every answer that is offered is one that a list takes, and can be taken back',
    (_, list, plays) => {
      const plain = taken(list, entryOf())
      for (const { field, options, plays: whose, when } of CHOICES) {
        if ((whose && !whose.includes(plays)) || (when && !when(plain))) continue
        for (const { value } of options) {
          const entry = withValue(plain, field, value)
          expect(valueOf(entry, field)).toBe(value)
          expect(valueOf(taken(list, entry), field)).toBe(value)
          expect(withValue(entry, field, valueOf(plain, field))).toEqual(plain)
        }
      }
    },
  )

  it('says several things of sticks, and nothing once the last is gone', () => {
    const plain = taken('mallets', entryOf())
    const both = withValue(withValue(plain, 'sticks.make', 'vibraphone'), 'sticks.rudiment', 'paradiddle')
    expect(both.sticks).toEqual({ make: 'vibraphone', rudiment: 'paradiddle' })
    expect(withValue(both, 'sticks.rudiment', null).sticks).toEqual({ make: 'vibraphone' })
    expect(withValue(withValue(both, 'sticks.rudiment', null), 'sticks.make', null).sticks).toBeNull()
  })
})
