import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseCall } from '#core/call'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { FIGURES, WALKS } from '#core/study'

/**
 * Calls in teachers' own words, each with its reading worked by hand (`calls/lines.txt`; common practice, from memory).
 * Every one is counted: read rightly; asked, where something is said to be open or not understood; refused; or silently
 * wrong, which none may be.
 */
type Row = { readonly call: string; readonly reading: string; readonly over: RecipeInput | null }

const OVER: Readonly<Record<string, RecipeInput>> = {
  'C major': { material: { tonic: 'C', kind: 'major' } },
  'C major right hand': { material: { tonic: 'C', kind: 'major' }, hands: 'right' },
  'E minor arpeggio at 80': { material: { tonic: 'E', kind: 'minor-arpeggio' }, tempo: { bpm: 80 } },
}
/** Twelve majors from no signs outward, of two names the simpler; F# before G flat. */
const ALL_MAJORS = ['C', 'G', 'F', 'D', 'Bb', 'A', 'Eb', 'E', 'Ab', 'B', 'Db', 'F#'].map((tonic) => `${tonic} major`)

function rowsOf(text: string): Row[] {
  const rows: Row[] = []
  let over: RecipeInput | null = null
  for (const line of text.split('\n')) {
    const section = /^== (over )?(.*)$/.exec(line)
    if (section) over = section[1] ? OVER[section[2]!]! : null
    const [call, reading] = line.startsWith('#') ? [] : line.split(' -> ')
    if (call && reading) rows.push({ call, reading, over })
  }
  return rows
}

/** What a word of a reading says of the study. */
function said(word: string): Omit<RecipeInput, 'material'> {
  const octaves = /^(\d)o$/.exec(word)?.[1]
  const notes = /^\/(\d)$/.exec(word)?.[1]
  const start = /^start(\d)$/.exec(word)?.[1]
  if (octaves) return { octaves: Number(octaves) }
  if (notes) return { tempo: { notesPerBeat: Number(notes) as 1 } }
  if (start) return { startOctave: Number(start) }
  if (/^\d+$/.test(word)) return { tempo: { bpm: Number(word) } }
  if (/^(marimba|xylophone|vibraphone|accordion)/.test(word)) return { instrument: word } as RecipeInput
  if ((FIGURES as readonly string[]).includes(word)) return { pattern: { figure: word as (typeof FIGURES)[number] } }
  if ((WALKS as readonly string[]).includes(word)) return { pattern: { walk: word as (typeof WALKS)[number] } }
  const words: Readonly<Record<string, object>> = {
    ...{ R: { hands: 'right' }, L: { hands: 'left' }, contrary: { motion: 'contrary' } },
    ...{ third: { interval: 'third' }, sixth: { interval: 'sixth' }, tenth: { interval: 'tenth' } },
    ...{ up: { course: 'up' }, down: { course: 'down' }, 'down-up': { course: 'down-up' } },
    ...{ staccato: { articulation: 'staccato' }, 'long-short': { rhythm: { lengths: 'long-short' } } },
    ...{ swing: { rhythm: { swing: 67 } }, 'lead-left': { lead: 'left' } },
  }
  expect(words, word).toHaveProperty([word])
  return words[word]!
}

/** Studies of a reading, with nothing left open. */
function studiesOf(reading: string): Recipe[] {
  if (reading === 'none') return []
  if (reading === 'all-majors') return studiesOf(ALL_MAJORS.join('; '))
  return reading.split('; ').map((study) => {
    const [tonic, kind, ...words] = study.split(' ')
    const inversion = words.find((word) => word.startsWith('inv'))
    const rest = words.filter((word) => word !== inversion).map(said)
    const tempo = Object.assign({}, ...rest.map((each) => each.tempo ?? {})) as RecipeInput['tempo']
    const all = Object.assign({}, ...rest) as RecipeInput
    return completeRecipe({
      ...all,
      ...(tempo ? { tempo } : {}),
      material: { tonic: tonic!, kind: kind!, ...(inversion ? { inversion: Number(inversion.slice(3)) } : {}) },
    })
  })
}

type Verdict = 'right' | 'asked' | 'refused' | 'silently wrong'
function verdictOf({ call, reading, over }: Row): Verdict {
  const { studies, understood, remarks, problems } = parseCall(call, { base: over ?? undefined })
  const got = studies.map((study) => completeRecipe(study))
  const wanted = studiesOf(reading)
  const open = [...problems, ...remarks].filter(({ code }) => code !== 'call.changes')
  const unread = understood.filter(({ meaning, typed }) => !meaning && typed !== ';')
  const same = JSON.stringify(got) === JSON.stringify(wanted)
  if (same && (wanted.length > 0 || open.length + unread.length > 0)) return 'right'
  if (open.length > 0 || unread.length > 0) return got.length > 0 ? 'asked' : 'refused'
  return 'silently wrong'
}

const rows = rowsOf(readFileSync(new URL('calls/lines.txt', import.meta.url), 'utf8'))
const counted = rows.map((row) => ({ row, verdict: verdictOf(row) }))
const of = (verdict: Verdict): string[] => counted.filter((each) => each.verdict === verdict).map(({ row }) => row.call)

describe('calls in teachers’ own words', () => {
  it('are three hundred, each once in its section', () => {
    expect(rows.length).toBeGreaterThanOrEqual(300)
    expect(new Set(rows.map(({ call, over }) => `${call} ${JSON.stringify(over)}`)).size).toBe(rows.length)
  })

  it('are never wrong in silence', () => {
    expect(of('silently wrong')).toEqual([])
  })

  it('are read rightly, at least 95 of a hundred', () => {
    const missed = { asked: of('asked'), refused: of('refused') }
    console.log(
      `${of('right').length} of ${rows.length} calls are read rightly; asked: ${missed.asked.join(' · ')}; refused: ${missed.refused.join(' · ')}`,
    )
    expect(of('right').length / rows.length, JSON.stringify(missed)).toBeGreaterThanOrEqual(0.95)
  })

  // whatever is called in one key can be called in every other, and by every name of it
  it.each([
    ['C', 'C'],
    ['F sharp', 'F#'],
    ['Fsharp', 'F#'],
    ['f#', 'F#'],
    ['fa sostenido', 'F#'],
    ['E flat', 'Eb'],
    ['Eflat', 'Eb'],
    ['Eb', 'Eb'],
    ['mi bemol', 'Eb'],
  ])('are alike in every key: %s', (name, tonic) => {
    const readings: readonly [line: string, kind: string, change?: object][] = [
      [`${name} major`, 'major'],
      [`${name} minor melodic left hand`, 'melodic-minor', { hands: 'left' }],
      [`dominant seventh on ${name}`, 'dominant-seventh-arpeggio'],
      [`${name} major in tenths`, 'major', { interval: 'tenth' }],
      [`${name} major crotchet 72`, 'major', { tempo: { bpm: 72 } }],
      [`chromatic starting on ${name}`, 'chromatic'],
    ]
    for (const [line, kind, change = {}] of readings) {
      const { studies } = parseCall(line)
      expect(
        studies.map((study) => completeRecipe(study)),
        line,
      ).toEqual([completeRecipe({ ...change, material: { tonic, kind } })])
    }
  })
})
