import { formatOf } from '#core/formats'
import { describe, expect, it } from 'vitest'
import { parseCall } from '#core/call'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { fingered } from '../support/played'
import { messageOf } from '../support/english'

/** Closing chords by their degrees: facts of the trade, common practice without a published source. */
const closing = (tonic: string, bookends: object, more: object = {}) =>
  fingered({
    material: { tonic, kind: 'major' },
    ...{ octaves: 1, hands: 'right', course: 'up', bookends: { after: 'cadence', ...bookends } },
    ...more,
  } as RecipeInput)
const chordsOf = (study: ReturnType<typeof closing>, hand: 'right' | 'left' = 'right') => {
  const from = study.sections!.at(-1)!.from
  const steps = new Map<number, string[]>()
  const { notes } = study.hands[hand]!
  for (const { pitch, step } of notes.filter((note) => note.step >= from)) {
    const name = pitch.letter + (pitch.alteration > 0 ? '#' : pitch.alteration < 0 ? 'b' : '')
    steps.set(step, [...(steps.get(step) ?? []), name])
  }
  return [...steps.values()].map((chord) => chord.join(''))
}
const labelsOf = (study: ReturnType<typeof closing>, hand: 'right' | 'left' = 'right') =>
  study.hands[hand]!.notes.flatMap(({ label }) => (label ? [label] : []))

describe('closing chords', () => {
  it('I IV V I V7 I in G: close, each voice moving as little as it can', () => {
    expect(chordsOf(closing('G', { chords: ['I', 'IV', 'V', 'I', 'V7', 'I'] }))).toEqual([
      ...['GBD', 'GCE', 'F#AD', 'GBD', 'F#CD', 'GBD'],
    ])
  })

  it('are the usual ones where only labels are asked for, which stand beneath the lower staff', () => {
    const plain = closing('G', {})
    const named = closing('G', { labels: 'names' })
    expect(chordsOf(named)).toEqual(chordsOf(plain))
    expect(labelsOf(named)).toEqual(['G', 'C', 'G', 'D7', 'G'])
    const both = closing('G', { labels: 'degrees' }, { hands: 'together' })
    expect([labelsOf(both), labelsOf(both, 'left')]).toEqual([[], ['I', 'IV', 'I', 'V7', 'I']])
    expect(labelsOf(plain)).toEqual([])
  })

  it.each(['names', 'degrees'] as const)('have their %s beneath them in MusicXML, each once', (labels) => {
    for (const hands of ['right', 'together'] as const) {
      const study = closing('G', { labels }, { hands })
      const file = formatOf('musicxml').write({ title: 'a', pieces: [{ title: 'a', study }] }, {}) as string
      const beneath = [...file.matchAll(/<direction placement="below">\s*<direction-type>\s*<words>([^<]+)/g)]
      const expected = labelsOf(study, hands === 'right' ? 'right' : 'left')
      expect(beneath.map(([, words]) => words)).toEqual(expected)
      const quoted = (format: 'abc' | 'lilypond') =>
        formatOf(format).write({ title: 'a', pieces: [{ title: 'a', study }] }, {}) as string
      expect([...quoted('abc').matchAll(/"_([^"]+)"/g)].map(([, words]) => words)).toEqual(expected)
      expect([...quoted('lilypond').matchAll(/_"([^"]+)"/g)].map(([, words]) => words)).toEqual(expected)
    }
  })

  it('lie with the root in the left hand and the chord in the right', () => {
    const parted = closing(
      'C',
      { voicing: 'root-and-chord', chords: ['I', 'vi', 'IV', 'V7', 'I'] },
      { hands: 'together' },
    )
    expect(chordsOf(parted, 'left')).toEqual(['C', 'A', 'F', 'G', 'C'])
    expect(chordsOf(parted)).toEqual(['CEG', 'CEA', 'CFA', 'BFG', 'CEG'])
  })

  it('in minor have the leading note in V, and small degrees where they are minor', () => {
    const minor = closing(
      'A',
      { chords: ['I', 'IV', 'V7', 'I'], labels: 'degrees' },
      { material: { tonic: 'A', kind: 'harmonic-minor' } },
    )
    expect(labelsOf(minor)).toEqual(['i', 'iv', 'V7', 'i'])
    expect(chordsOf(minor)[2]).toBe('G#DE')
  })

  it('are refused by their field, called by their degrees, and reset where there is no cadence', () => {
    expect(messageOf(() => closing('C', { chords: ['I', 'H'] }))).toContain('bookends.chords[1] must list')
    const base = completeRecipe({ material: { tonic: 'C', kind: 'major' } })
    const { studies } = parseCall('with closing chords I IV V I V7 I, chord names beneath', { base })
    expect(completeRecipe(studies[0]!).bookends).toEqual({
      ...{ before: 'none', after: 'cadence', voicing: 'close', labels: 'names' },
      chords: ['I', 'IV', 'V', 'I', 'V7', 'I'],
    })
    expect(completeRecipe({ ...base, bookends: { chords: ['I'], labels: 'names' } }).bookends).toMatchObject({
      chords: null,
      labels: 'none',
    })
  })
})
