import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Called, completionsOf, parseCall, writeCall } from '#core/call'
import { KIND_IDS, kindNamed } from '#core/material'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { choiceMessage } from '#core/realise'
import { FIGURES, JOURNEYS, LADDERS, LENGTHS, WALKS } from '#core/study'
import { anyRecipe } from '../../support/recipes'
import { inEnglish as spoken, english } from '../../support/english'
import { runs } from '../../support/runs'

const one = (line: string): RecipeInput => {
  const called = parseCall(line)
  expect(called.problems, line).toEqual([])
  expect(called.studies, line).toHaveLength(1)
  return called.studies[0]!
}
const unknown = ({ understood }: Called) => understood.filter((each) => !each.meaning).map((each) => each.typed)

describe('a called line', () => {
  it('reads back what was written, for any recipe', () => {
    fc.assert(
      fc.property(anyRecipe, (recipe) => {
        const line = writeCall(recipe)
        const called = parseCall(line)
        expect(called.complete, line).toBe(true)
        expect(completeRecipe(called.studies[0]!), line).toEqual(recipe)
        expect(called.studies, line).toHaveLength(1)
      }),
      { numRuns: runs(600) },
    )
  })

  it('names every kind so that it is understood', () => {
    for (const kind of KIND_IDS) {
      const line = writeCall(completeRecipe({ material: { tonic: 'D', kind } }))
      expect(one(line).material, line).toMatchObject({ tonic: 'D', kind })
    }
  })

  it('says the same in any order of its phrases', () => {
    const phrases = ['G# harmonic minor', 'together', 'two octaves', 'contrary', 'at 72', 'staccato', 'in triplets']
    fc.assert(
      fc.property(fc.shuffledSubarray(phrases, { minLength: 7 }), (order) => {
        expect(one(order.join(' '))).toEqual(one(phrases.join(', ')))
      }),
    )
  })

  // spellings of German and fixed-do names: common practice
  it.each([
    ['g sharp harmonic minor, together, two octaves, contrary', { tonic: 'G#', kind: 'harmonic-minor' }],
    ['Eb arp 1st inv LH 3 oct', { tonic: 'Eb', kind: 'major-arpeggio', inversion: 1 }],
    ['sol sostenido menor armónica', { tonic: 'G#', kind: 'harmonic-minor' }],
    ['si bemol mayor', { tonic: 'Bb', kind: 'major' }],
    ['mi♭ mayor md', { tonic: 'Eb', kind: 'major' }],
    ['Fis-Dur zusammen 2 Oktaven', { tonic: 'F#', kind: 'major' }],
    ['B-Dur', { tonic: 'Bb', kind: 'major' }],
    ['B major', { tonic: 'B', kind: 'major' }],
    ['h-moll', { tonic: 'B', kind: 'harmonic-minor' }],
    ['es moll melodisch', { tonic: 'Eb', kind: 'melodic-minor' }],
    ['ces dur', { tonic: 'Cb', kind: 'major' }],
    ['F double sharp diminished', { tonic: 'F##', kind: 'diminished-arpeggio' }],
    ['do mayor', { tonic: 'C', kind: 'major' }],
    ['dom 7 on C', { tonic: 'C', kind: 'dominant-seventh-arpeggio' }],
    ['f half dim 7th', { tonic: 'F', kind: 'half-diminished-seventh-arpeggio' }],
    ['C minor pentatonic', { tonic: 'C', kind: 'minor-pentatonic' }],
    ['E harmonic minor in double thirds', { tonic: 'E', kind: 'double-thirds-harmonic-minor' }],
  ])('%s', (line, material) => {
    const called = parseCall(line)
    expect(unknown(called)).toEqual([])
    expect(called.studies.map((study) => study.material)).toEqual([material])
  })

  it('takes patterns, rhythms and bookends', () => {
    expect(one('c major broken thirds in loops swing 60 % accent every 3 cadence after')).toMatchObject({
      pattern: { figure: 'broken-thirds', walk: 'loops' },
      rhythm: { swing: 60, accents: 3 },
      bookends: { after: 'cadence' },
    })
    expect(one('G relay by fourths long-short 16ths at 100').tempo).toEqual({ notesPerBeat: 4, bpm: 100 })
    expect(one('D major pin rh note 3 finger 4 pin lh notes 1 fingers 5 4 3').pins).toEqual([
      { hand: 'right', index: 2, finger: 4 },
      { hand: 'left', from: 0, fingers: [5, 4, 3] },
    ])
  })

  it('reads pitches with their octaves', () => {
    expect(one('pitches C4 E4 G4+C5 F##4, rh').material).toEqual({ pitches: ['C4', 'E4', ['G4', 'C5'], 'F##4'] })
  })
})

describe('several studies in one line', () => {
  const keys = (line: string) =>
    parseCall(line).studies.map(({ material }) => ('tonic' in material ? `${material.tonic} ${material.kind}` : ''))

  it('share what follows a list of keys', () => {
    const { studies } = parseCall('A, E, B majors together 2 oct')
    expect(studies.map((study) => study.material)).toEqual(['A', 'E', 'B'].map((tonic) => ({ tonic, kind: 'major' })))
    expect(studies.every(({ hands, octaves }) => hands === 'together' && octaves === 2)).toBe(true)
  })

  it('take each its own kind where each is given one; semicolons part them wholly', () => {
    expect(keys('C major, A minor together')).toEqual(['C major', 'A harmonic-minor'])
    const parted = parseCall('C major rh; D dorian lh').studies
    expect(parted.map(({ hands }) => hands)).toEqual(['right', 'left'])
  })

  it('are found by their signatures: keys with so many signs, common practice', () => {
    expect(keys('all minors of three flats or fewer')).toEqual(
      ['A', 'D', 'G', 'C'].map((tonic) => `${tonic} harmonic-minor`),
    )
    expect(keys('all majors up to 2 sharps')).toEqual(['C major', 'G major', 'D major'])
    expect(keys('majors with 4 flats')).toEqual(['Ab major'])
    expect(keys('all majors up to two signs')).toEqual(['C', 'G', 'F', 'D', 'Bb'].map((tonic) => `${tonic} major`))
    expect(keys('all majors')).toHaveLength(12)
    expect(keys('all three minors of A')).toEqual(['A natural-minor', 'A harmonic-minor', 'A melodic-minor'])
  })
})

describe('what is not understood', () => {
  it('is named, with the nearest reading, and the rest still counts', () => {
    const called = parseCall('c hramonci minor, stacatto')
    expect(called.complete).toBe(false)
    expect(called.understood.filter((each) => !each.meaning).map(({ typed, nearest }) => [typed, nearest])).toEqual([
      ['hramonci', 'harmonic'],
      ['stacatto', 'staccato'],
    ])
    expect(called.studies[0]!.material).toMatchObject({ tonic: 'C' })
  })

  it('is read as the word that was meant where one letter slipped, and that is said', () => {
    const called = parseCall('c hamronic minor left hnad')
    expect(called.complete).toBe(true)
    expect(called.studies).toMatchObject([{ hands: 'left', material: { tonic: 'C', kind: 'harmonic-minor' } }])
    expect(english(called.remarks)).toEqual(['“hamronic” is read as “harmonic”.', '“hnad” is read as “hand”.'])
  })

  it('is offered as a phrase where the word alone is only part of one', () => {
    const [groups, typo] = parseCall('C major groups fuor').understood.filter((each) => !each.meaning)
    expect(groups!.nearest).toMatch(/^groups of (three|four)$/)
    expect(typo!.nearest).toBe('four')
    expect(parseCall(`C major ${groups!.nearest}`).complete).toBe(true)
  })

  it('says what was assumed, what is missing and what does not go together', () => {
    expect(english(parseCall('d minor').remarks)).toEqual(['minor is taken as harmonic'])
    expect(english(parseCall('harmonic minor').problems).join()).toMatch(/Name a key/)
    expect(english(parseCall('F major rh lh').problems).join()).toMatch(/“right hand” and “left hand”/)
    expect(english(parseCall('C major 1st inversion').problems).join()).toMatch(/no inversions/)
    expect(english(parseCall('C augmented seventh').problems).join()).toMatch(/not known/)
  })

  it('never throws, and covers every character but spaces and hyphens', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.string({ unit: 'grapheme' })), (line) => {
        const { understood } = parseCall(line)
        const covered = understood.map((each) => each.typed).join('')
        expect(covered.replace(/[\s\-–_.]/gu, '')).toBe(line.replace(/[\s\-–_.]/gu, ''))
      }),
    )
  })
})

describe('completions', () => {
  it('go on from the last word, and what they say is understood', () => {
    for (const start of ['G harm', 'G broken', 'G rela', 'C major tog', 'C long', 'D pent']) {
      const offered = completionsOf(start)
      expect(offered.length, start).toBeGreaterThan(0)
      for (const { from, text } of offered) {
        expect(unknown(parseCall(start.slice(0, from) + text)), `${start} → ${text}`).toEqual([])
      }
    }
    expect(completionsOf('G broken')[1]!.text).toMatch(/^broken /)
    expect(completionsOf('G major ')).toEqual([])
  })
})

describe('a line that names no key', () => {
  const base = completeRecipe({
    material: { tonic: 'Eb', kind: 'major' },
    octaves: 2,
    tempo: { bpm: 72 },
    pins: [{ hand: 'right', index: 3, finger: 4 }],
  })
  const over = (line: string) => parseCall(line, { base })
  const one = (line: string) => {
    const { studies, problems, complete } = over(line)
    expect([studies.length, problems, complete]).toEqual([1, [], true])
    return completeRecipe(studies[0]!)
  }

  it('changes the study that it is said over, and says so', () => {
    expect(one('in broken thirds')).toMatchObject({ material: base.material, pattern: { figure: 'broken-thirds' } })
    expect(one('relay by half steps swing 62')).toMatchObject({
      pattern: { journey: 'relay-half-step' },
      rhythm: { swing: 62 },
      tempo: { bpm: 72 },
    })
    expect(one('one more octave').octaves).toBe(3)
    expect(one('an octave less').octaves).toBe(1)
    expect(one('right hand').hands).toBe('right')
    expect(one('rhythm ladder with octaves').rhythm.ladder).toBe('octaves')
    expect(english(over('staccato').remarks)).toEqual([
      'No key is named: this changes E♭ major, hands together, two octaves.',
    ])
  })

  it('may name another form of its key, or all keys', () => {
    expect(one('melodic').material).toEqual({ tonic: 'Eb', kind: 'melodic-minor' })
    expect(one('arpeggio').material).toMatchObject({ tonic: 'Eb', kind: 'major-arpeggio' })
    expect(one('minor thirds chromatic').material).toEqual({ tonic: 'Eb', kind: 'double-thirds-chromatic-minor' })
    for (const line of ['through 12 keys', 'in all keys', 'through all the keys'])
      expect(over(line).studies.map(({ octaves, tempo }) => [octaves, tempo!.bpm])).toEqual(Array(12).fill([2, 72]))
  })

  it('keeps pins where no note moves, and lets them go where notes do', () => {
    expect(one('at 90').pins).toHaveLength(1)
    expect(one('staccato').pins).toHaveLength(1)
    expect(one('one more octave').pins).toEqual([])
    expect(one('harmonic minor').pins).toEqual([])
  })

  it('goes to another instrument with what that takes', () => {
    expect(one('on the marimba')).toMatchObject({ instrument: 'marimba-4.3', material: base.material, octaves: 2 })
  })

  it('never changes it where a key is named', () => {
    expect(over('C').studies).toEqual([{ material: { tonic: 'C', kind: 'major' } }])
    expect(over('G dorian in broken thirds').studies[0]).not.toHaveProperty('tempo')
    expect(parseCall('in broken thirds').studies).toEqual([])
  })

  it('says one thing in spite of a word that says nothing', () => {
    const { studies, complete, understood } = over('in broken thirds wobbly')
    expect([studies.length, complete]).toEqual([1, false])
    expect(understood.filter(({ meaning }) => !meaning).map(({ typed }) => typed)).toEqual(['wobbly'])
  })
})

describe('the words of the menus', () => {
  /** What a menu offers for a field of a study, as it says it. */
  const labels: readonly (readonly [string, (recipe: Recipe) => unknown, unknown])[] = [
    ...KIND_IDS.map(
      (id) => [spoken(kindNamed({ id })), (recipe: Recipe) => (recipe.material as { kind?: string }).kind, id] as const,
    ),
    ...FIGURES.map(
      (value) => [spoken(choiceMessage('figure', value)), (recipe: Recipe) => recipe.pattern.figure, value] as const,
    ),
    ...WALKS.map(
      (value) => [spoken(choiceMessage('walk', value)), (recipe: Recipe) => recipe.pattern.walk, value] as const,
    ),
    ...JOURNEYS.map(
      (value) => [spoken(choiceMessage('journey', value)), (recipe: Recipe) => recipe.pattern.journey, value] as const,
    ),
    ...LADDERS.filter((value) => value !== 'strokes').map(
      (value) => [spoken(choiceMessage('ladder', value)), (recipe: Recipe) => recipe.rhythm.ladder, value] as const,
    ),
    ...LENGTHS.map(
      (value) => [spoken(choiceMessage('lengths', value)), (recipe: Recipe) => recipe.rhythm.lengths, value] as const,
    ),
  ]
  it.each(labels)('“%s” is understood', (label, field, value) => {
    const { studies, problems, complete } = parseCall(`C ${label}`)
    expect([problems, complete]).toEqual([[], true])
    expect(field(completeRecipe(studies[0]!))).toBe(value)
  })
})
