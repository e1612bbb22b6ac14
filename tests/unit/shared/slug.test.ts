import { describe, expect, it } from 'vitest'
import { slugOf } from '../../../shared/slug'

describe('a name for addresses', () => {
  it.each([
    ['Prélude', 'prelude'],
    ['Übung Nº 3: Tonleitern', 'ubung-n-3-tonleitern'],
    ['  Corvane, Piano 2026 ', 'corvane-piano-2026'],
    ['♯♭', ''],
  ])('%s is %s', (title, slug) => {
    expect(slugOf(title)).toBe(slug)
  })

  it('is no longer than asked, and does not end in a hyphen', () => {
    expect(slugOf('a list of many words', 7)).toBe('a-list')
  })
})
