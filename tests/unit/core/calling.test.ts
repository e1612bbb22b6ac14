import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseCall, parseRequirement } from '#core/call'
import { realise } from '#core/realise'

const page = readFileSync('docs/calling.md', 'utf8')
const rows = page
  .split('\n')
  .filter((row) => row.startsWith('| `'))
  .map((row) => row.split('|')[1]!.trim().replaceAll('`', ''))
const phrasesIn = (part: string): string[] =>
  part
    .replace(/\n {2}/g, ' ')
    .split('\n')
    .filter((line) => line.startsWith('- **'))
    .flatMap((line) => [...line.matchAll(/`([^`]+)`/g)].map(([, phrase]) => phrase!))
const [called, printed] = page.slice(page.indexOf('## The phrases')).split('## What boards print')
const phrases = phrasesIn(called!)

/** Every way to say a phrase of the page: with and without what may be left out, each of its words in turn. */
function waysOf(phrase: string): string[] {
  const optional = /\[([^\]]*)\]/.exec(phrase)
  if (optional)
    return [...waysOf(phrase.replace(optional[0], optional[1]!)), ...waysOf(phrase.replace(optional[0], ''))]
  const words = phrase.split(' ')
  const many = words.findIndex((word) => word.includes('|'))
  if (many < 0) return [phrase.replace(/ +/g, ' ').trim()]
  return words[many]!.split('|').flatMap((word) => waysOf(words.with(many, word).join(' ')))
}

describe('the page on calling', () => {
  it('has a table of lines, and phrases', () => {
    expect(rows.length).toBeGreaterThan(15)
    expect(phrases.length).toBeGreaterThan(70)
  })

  it.each(rows)('%s is understood word for word, and can be played', (line) => {
    const called = parseCall(line)
    expect(called.problems).toEqual([])
    expect(called.understood.filter(({ meaning, typed }) => !meaning && typed !== ';')).toEqual([])
    expect(called.studies.length).toBeGreaterThan(0)
    for (const study of called.studies) realise(study, {}, 0)
  })

  it.each(phrases.filter((phrase) => !phrase.includes('…')))('%s means something', (phrase) => {
    for (const way of waysOf(phrase)) {
      const { understood } = parseCall(way)
      expect(
        understood.filter(({ meaning }) => !meaning),
        way,
      ).toEqual([])
    }
  })

  it.each(phrasesIn(printed!))('%s means something on a board’s list', (phrase) => {
    for (const way of waysOf(phrase)) {
      const { understood } = parseRequirement(way)
      expect(
        understood.filter(({ meaning }) => !meaning),
        way,
      ).toEqual([])
    }
  })
})
