import { describe, expect, it } from 'vitest'
import { parseCall, parseRequirement, writeCall } from '#core/call'
import { formatOf } from '#core/formats'
import { completeRecipe, type Recipe, type RecipeInput } from '#core/instrument'
import { playedNotes } from '#core/playback'
import { readSpokenLine } from '#core/practice'
import { realise } from '#core/realise'
import { calledWhole } from '#shared/paper/called'
import { notesKeyOf, studyKeyOf } from '../../../core/practice/entry'
import { matchOf } from '../../../core/syllabus/match'
import { atomsOf, DEFAULT_POLICIES, gradeSet, recipesForMissing } from '#core/syllabus'
import { english, IN_ENGLISH } from '../../support/english'
import { listOf, entryOf, groupOf } from '../../support/syllabi'

const C = { material: { tonic: 'C', kind: 'major' }, octaves: 1 } as const
const APART = { right: 'staccato', left: 'legato' } as const
const OTHER = { right: 'legato', left: 'staccato' } as const
const apart = (touch: object = APART, more: object = {}): Recipe =>
  completeRecipe({ ...C, touch, ...more } as RecipeInput)
const FAMILIES = ['piano', 'accordion'] as const

describe('a touch for each hand', () => {
  it('is one touch where hands have the same, or one of them plays', () => {
    expect(apart({ right: 'staccato', left: 'staccato' })).toEqual(completeRecipe({ ...C, articulation: 'staccato' }))
    expect(apart({ left: 'staccato' }, { hands: 'left' })).toMatchObject({ articulation: 'staccato', touch: null })
    expect(apart({ left: 'staccato' }, { hands: 'right' })).toMatchObject({ articulation: 'legato', touch: null })
    // a hand that has none of its own takes the one for both
    expect(apart({ left: 'legato' }, { articulation: 'staccato' }).touch).toEqual(APART)
    expect(apart()).toMatchObject({ articulation: 'staccato', touch: APART })
    expect(completeRecipe(apart() as RecipeInput)).toEqual(apart())
    // sticks share their line
    expect(completeRecipe({ ...C, instrument: 'marimba-5.0', touch: APART }).touch).toBeNull()
  })

  it('names the field that is wrong', () => {
    for (const [touch, path] of [
      [{ right: 'loud' }, 'touch.right'],
      [{ left: 3 }, 'touch.left'],
      [['staccato'], 'touch'],
      ['staccato', 'touch'],
    ] as const)
      expect(() => completeRecipe({ ...C, touch } as unknown as RecipeInput)).toThrow(expect.objectContaining({ path }))
  })

  it.each(FAMILIES)('is heard hand by hand, on %s', (instrument) => {
    const beats = (recipe: object, hand: string) =>
      playedNotes(realise({ ...C, instrument, ...recipe } as RecipeInput, {}, 0))
        .filter((note) => note.hand === hand)
        .map((note) => note.beats)
    const [plain, short] = [{}, { articulation: 'staccato' }]
    for (const [touch, right, left] of [
      [APART, short, plain],
      [OTHER, plain, short],
    ] as const) {
      expect(beats({ touch }, 'right')).toEqual(beats(right, 'right'))
      expect(beats({ touch }, 'left')).toEqual(beats(left, 'left'))
      expect(beats({ touch }, 'left')).not.toEqual(beats({ touch: touch === APART ? OTHER : APART }, 'left'))
    }
  })

  it('stands in files at the notes of its hand', () => {
    const study = realise(apart() as RecipeInput, {}, 0)
    const file = (name: string) =>
      String(formatOf(name as 'abc').write({ title: 'C', pieces: [{ title: 'C', study }] }, {}))
    const notes = file('musicxml').split('<note>').slice(1)
    const of = (staff: number) =>
      notes.filter(
        (note) =>
          note.includes(`<staff>${staff}</staff>`) && !note.includes('<rest') && !note.includes('<tie type="stop"'),
      )
    expect(of(1).every((note) => note.includes('<staccato'))).toBe(true)
    expect(of(2).some((note) => note.includes('<staccato'))).toBe(false)
    expect(of(2).filter((note) => note.includes('<slur'))).toHaveLength(4)
    expect(of(1).some((note) => note.includes('<slur'))).toBe(false)
    const staves = file('lilypond').split('\\new Staff ')
    expect([staves[1]!.includes('-.'), staves[2]!.includes('-.')]).toEqual([true, false])
    const voices = file('abc').split('[V:')
    expect([/\.\S/.test(voices[1]!), /\.\S/.test(voices[2]!)]).toEqual([true, false])
    expect(file('csv')).toContain('"right staccato, left legato"')
  })

  it.each([
    ['C major, RH staccato and LH legato', APART],
    ['C major, right hand staccato, left hand legato', APART],
    ['C major, LH legato, RH staccato', APART],
    ['C major, legato in the left hand and staccato in the right hand', APART],
    ['C major, staccato in the left hand', OTHER],
    ['C major, right hand legato, staccato in the other hand', OTHER],
    ['C major, the right hand plays legato while the left hand plays staccato', OTHER],
  ])('is called, and asked by a list: %s', (line, touch) => {
    const [study] = parseCall(line).studies
    expect(completeRecipe(study!)).toMatchObject({ hands: 'together', touch })
    const { entries, problems } = parseRequirement(line)
    expect([problems, entries[0]]).toMatchObject([[], { touch }])
    expect(entries[0]!.conditions ?? []).toEqual([])
  })

  it('is written as it is read', () => {
    for (const touch of [APART, OTHER]) {
      const recipe = apart(touch)
      expect(completeRecipe(parseCall(writeCall(recipe)).studies[0]!)).toEqual(recipe)
    }
  })

  it('gives way to one touch for both, and takes both hands', () => {
    const over = (line: string, base: Recipe) => parseCall(line, { base: base as RecipeInput }).studies[0]!
    expect(completeRecipe(over('legato', apart()))).toMatchObject({ articulation: 'legato', touch: null })
    const alone = completeRecipe({ ...C, hands: 'right' })
    expect(completeRecipe(over('RH staccato and LH legato', alone))).toMatchObject({ hands: 'together', touch: APART })
  })

  it('is not both at once in a list, and nothing for sticks', () => {
    expect(parseRequirement('C major, legato, RH staccato and LH legato').problems).toHaveLength(1)
    expect(parseRequirement('C major, RH staccato and LH legato, legato').problems).toHaveLength(1)
    expect(parseRequirement('C major, RH staccato and LH legato', { instrument: 'mallets' }).problems).toHaveLength(1)
  })

  it('is graded hand by hand', () => {
    const list = (entry: object) => listOf(groupOf(entryOf(entry)))
    const short = (entry: object, recipe: Recipe) =>
      matchOf(recipe, atomsOf(list(entry), list(entry).grades[0]!)[0]!, DEFAULT_POLICIES)!.short.map(
        ({ field }) => field,
      )
    const legato = completeRecipe(C)
    expect(short({ touch: APART }, apart())).toEqual([])
    expect(short({ touch: APART }, apart(OTHER))).toEqual(['articulation'])
    expect(short({ touch: APART }, legato)).toEqual(['articulation'])
    expect(short({ articulations: ['legato', 'staccato'] }, apart())).toEqual(['articulation'])
    expect(short({}, apart())).toEqual([])
    // what is missing is made as it is asked
    const missing = list({ touch: APART })
    const [made] = recipesForMissing(missing, gradeSet(missing, missing.grades[0]!.id, []))
    expect(completeRecipe(made!).touch).toEqual(APART)
    // a hand by itself has the touch of that hand
    const hands = atomsOf(list({ touch: APART, hands: 'each' }), list({ touch: APART, hands: 'each' }).grades[0]!)
    expect(hands.map(({ variants: [first] }) => [first!.hands, first!.articulations, first!.touch])).toEqual([
      ['right', ['staccato'], null],
      ['left', ['legato'], null],
      ['together', [], APART],
    ])
    expect(english(hands[2]!.words)).toContain('right hand staccato, left hand legato')
  })

  it('is a line of its own in the record, whose notes are those of the others', () => {
    const all = [completeRecipe(C), completeRecipe({ ...C, articulation: 'staccato' }), apart(), apart(OTHER)]
    expect(new Set(all.map(studyKeyOf)).size).toBe(4)
    expect(new Set(all.map(notesKeyOf)).size).toBe(1)
    expect(readSpokenLine('C major staccato 80 clean', all)[0]!.studies).toEqual([1])
    expect(readSpokenLine('C major RH staccato LH legato 80 clean', all)[0]!.studies).toEqual([2])
    expect(readSpokenLine('C major 80 clean', all)[0]!.studies).toEqual([0])
    // as it was stored before there was such a field
    const { touch: _, ...stored } = completeRecipe(C)
    expect(studyKeyOf(stored as Recipe)).toBe(studyKeyOf(all[0]!))
  })

  it('is harder than one touch, and told apart by it', () => {
    const total = (recipe: Recipe) => realise(recipe as RecipeInput, {}, 0).difficulty.total
    expect(total(apart())).toBeGreaterThan(total(completeRecipe({ ...C, articulation: 'staccato' })))
    const titles = calledWhole(IN_ENGLISH, [completeRecipe(C), apart()])
    expect(titles[1]).toBe(`${titles[0]}, right hand staccato, left hand legato`)
  })
})
