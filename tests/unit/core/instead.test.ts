import { describe, expect, it } from 'vitest'
import { insteadOf, parseCall, type Part } from '#core/call'
import { inEnglish } from '../../support/english'

const partsOf = (line: string): { typed: string; part: Part; from: number; to: number }[] =>
  parseCall(line).understood.flatMap(({ typed, meaning, from, to }) =>
    meaning ? [{ typed, part: meaning.part, from, to }] : [],
  )

const LINES = [
  'C major two octaves in broken triads by half steps at 80',
  'G harmonic minor contrary motion staccato triplets',
  'A flat accordion alternating bass 48 bass bellows turn at the top',
  'C marimba one stick up the other down left lead',
]

describe('what could stand in a line instead', () => {
  it.each(LINES)('%s: every part has other words, and each of them is read as what it offers', (line) => {
    for (const { typed, part, from, to } of partsOf(line)) {
      const others = insteadOf(part)
      expect(new Set(others.map(({ text }) => text)).size, typed).toBe(others.length)
      for (const { text, meaning } of others) {
        const said = line.slice(0, from) + text + line.slice(to)
        const [own] = partsOf(said).filter((each) => each.from === from)
        expect(own, `${typed} → ${text}`).toBeDefined()
        expect(inEnglish(meaning)).not.toBe('')
        expect(JSON.stringify(own!.part), `${typed} → ${text}`).not.toBe(JSON.stringify(part))
      }
    }
  })

  it.each([
    ['C', 'E flat'],
    ['two octaves', '3 octaves'],
    ['in broken triads', 'broken thirds'],
    ['by half steps', 'by whole steps'],
    ['at 80', '90 bpm'],
    ['48 bass', '72 bass'],
    ['contrary motion', 'similar'],
    ['triplets', 'sixteenths'],
  ])('of %s there is %s', (typed, other) => {
    const part = LINES.flatMap(partsOf).find((each) => each.typed === typed)!.part
    expect(insteadOf(part).map(({ text }) => text)).toContain(other)
  })
})
