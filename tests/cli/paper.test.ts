import { execFileSync } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { run } from '../support/terminal'

/** Poppler's tools read the file: a reader of PDF that is not ours. */
const poppler = (tool: string, ...args: string[]): string =>
  execFileSync(tool, args, { encoding: 'utf8', stdio: 'pipe' })
const out = path.join(mkdtempSync(path.join(tmpdir(), 'tactum-paper-')), 'set.pdf')
const set = JSON.stringify({
  format: 'tactum-set/1',
  title: 'Spring set',
  studies: ['Eb', 'C#', 'G'].map((tonic) => ({ material: { tonic, kind: 'harmonic-minor' }, octaves: 3 })),
})

describe('a set as PDF', () => {
  it('opens without a complaint, with its faces in it and text that can be searched', async () => {
    const { code, lines } = await run('export', set, ['--format', 'pdf', '--out', out, '--paper', 'letter'])
    expect([code, JSON.parse(lines[0]!)]).toMatchObject([0, { studies: 3, format: 'pdf' }])
    const fonts = poppler('pdffonts', out).trim().split('\n').slice(2)
    expect(fonts.length).toBeGreaterThan(4)
    // the columns after the encoding: embedded, subset, to Unicode
    for (const font of fonts) expect(font).toMatch(/ yes yes yes +\d+ +0$/)
    const text = poppler('pdftotext', '-raw', out, '-')
    for (const words of ['Spring set', 'C♯ harmonic minor', 'Name ', '1 of ', 'Usual cautions, not medical advice'])
      expect(text.replace(/\s+/g, ' ')).toContain(words)
    const info = poppler('pdfinfo', out)
    expect(info).toMatch(/Title: +Spring set/)
    expect(info).toMatch(/Page size: +612 x 792 pts \(letter\)/)
  })

  it('or a chart of all keys, each with its fingers', async () => {
    const { code } = await run('export', '', ['--format', 'pdf', '--chart', 'major', '--out', out])
    expect(code).toBe(0)
    const text = poppler('pdftotext', '-layout', out, '-').replace(/\s+/g, ' ')
    expect(text).toContain('These five share a pattern: C, G, D, A, E')
    expect(text).toContain('RH 4 on F♯ · LH 4 on A')
    const { lines } = await run('export', '', ['--format', 'pdf', '--chart', 'polka', '--out', out])
    expect(JSON.parse(lines[0]!).error.path).toBe('chart.kinds[0]')
  })

  it('or a worksheet that can be made again by its number, with its answers alone', async () => {
    const request = ['--worksheet', 'signature,steps,black-keys', '--kinds', 'major', '--seed', '7', '--each', '2']
    const textOf = async (...more: string[]): Promise<string> => {
      const { code } = await run('export', '', ['--format', 'pdf', '--out', out, ...request, ...more])
      expect(code).toBe(0)
      return poppler('pdftotext', '-layout', out, '-').replace(/\s+/g, ' ')
    }
    const blank = await textOf('--answers', 'none', '--keys', 'Eb,F#')
    expect(blank).toContain('Worksheet 7')
    expect(blank).not.toContain('answers')
    expect(blank).toMatch(/E♭ major.*F♯ major|F♯ major.*E♭ major/)
    const answers = await textOf('--answers', 'only')
    expect(answers).toContain('Worksheet 7: answers')
    // the steps of a major scale
    expect(answers).toMatch(/W W H W W W H/)
    expect(await textOf('--answers', 'only')).toBe(answers)
    const { lines } = await run('export', '', ['--format', 'pdf', '--out', out, '--worksheet', 'singing'])
    expect(JSON.parse(lines[0]!).error.path).toBe('worksheet.tasks[0]')
  })

  it('or cards, one study to a card', async () => {
    const { code } = await run('export', set, ['--format', 'pdf', '--sheet', 'cards', '--out', out])
    expect(code).toBe(0)
    expect(poppler('pdftotext', '-layout', out, '-').match(/harmonic minor/g)).toHaveLength(3)
  })

  it('is refused by name where an option is none', async () => {
    const { code, lines } = await run('export', set, ['--format', 'pdf', '--out', out, '--paper', 'a5'])
    expect([code, JSON.parse(lines[0]!).error]).toMatchObject([1, { code: 'option.among', path: 'paper' }])
  })
})
