import { describe, expect, it } from 'vitest'
import { parseRequirement } from '#core/call'
import { someOf } from '../support/night'
import { brief } from '../support/printed'
import lines from '../support/printed-lines.json'

/**
 * Lines in the manner of all sorts of boards' lists, none of them real, each with its reading worked by hand beside it:
 * the entries in short (`brief`), and the questions that the words leave open; `refused` where a word means nothing to a
 * list or two of them are at odds. Phrases and what they ask: common practice, no source.
 */
type Row = readonly [line: string, reading: string | readonly string[], open?: string]

const ROWS = lines as unknown as readonly Row[]

/** Each line is read once, however often it is looked at. */
const READ = new Map(ROWS.map(([line]) => [line, parseRequirement(line)]))
const readingOf = (line: string) => READ.get(line)!

type Outcome = 'right' | 'asked' | 'refused' | 'silently wrong'

/** What became of a line: read as it is meant, with or without a question; refused; or taken for something else. */
function outcomeOf([line, reading]: Row): Outcome {
  const { entries, problems } = readingOf(line)
  if (problems.length > 0) return 'refused'
  const meant = typeof reading === 'string' ? [reading] : reading
  if (JSON.stringify(entries.map(brief)) !== JSON.stringify(meant)) return 'silently wrong'
  return entries.some(({ open = [] }) => open.some((code) => code !== 'no-tempo')) ? 'asked' : 'right'
}

describe('printed lists', () => {
  it.each(ROWS.map(([line, reading, open = '']) => [line, reading, open] as const))('%s', (line, reading, open) => {
    const { entries, problems } = readingOf(line)
    if (reading === 'refused') {
      expect(problems).not.toEqual([])
      return
    }
    expect(problems).toEqual([])
    expect(entries.map(brief)).toEqual(typeof reading === 'string' ? [reading] : reading)
    expect([...new Set(entries.flatMap((entry) => entry.open ?? []))].join(' ')).toBe(open)
    for (const entry of entries) expect(entry.words).toBe(line)
  })

  it('are read rightly, asked about or refused, never silently wrong', () => {
    expect(ROWS.length).toBeGreaterThanOrEqual(500)
    const count: Record<Outcome, number> = { right: 0, asked: 0, refused: 0, 'silently wrong': 0 }
    for (const row of ROWS) count[outcomeOf(row)]++
    // the count that the next developer reads
    process.stdout.write(
      `printed lists: ${Object.entries(count)
        .map(([what, many]) => `${many} ${what}`)
        .join(', ')}\n`,
    )
    expect(count['silently wrong']).toBe(0)
  })

  it('name a word that means nothing, wherever it stands', () => {
    for (const [line, reading] of someOf(ROWS, 120)) {
      if (reading === 'refused') continue
      const { unread } = parseRequirement(`${line}, zwurbel`)
      expect(unread, line).toEqual(['zwurbel'])
      // a number or bullet before a line is one only where it begins it
      if (/^\w/.test(line) && !/^\w+[.)]/.test(line)) {
        expect(parseRequirement(`Zwurbel ${line}`).unread, line).toEqual(['Zwurbel'])
      }
    }
  })
})
