import { describe, expect, it } from 'vitest'
import { parseCall, parseRequirement, writeCall } from '#core/call'
import { completeRecipe, familyOf, type RecipeInput } from '#core/instrument'
import { playedNotes } from '#core/playback'
import { realise } from '#core/realise'
import { allTrebleButtons, DEFAULT_FREE, FREE_ROWS, FREE_SYSTEMS, freeBassOf } from '#core/surface'
import { gradeSet } from '#core/syllabus'
import { recipeSchema } from '#shared/recipeSchema'
import { syllabusOf } from '../../../../shared/schemas'
import { english, errorText } from '../../../support/english'
import { TWELVE } from '../../../support/accordion'
import { someOf } from '../../../support/night'
import { entryOf, groupOf } from '../../../support/syllabi'

const KINDS = ['major', 'harmonic-minor', 'melodic-minor', 'chromatic', 'major-arpeggio', 'minor-arpeggio'] as const
const study = (tonic: string, kind: string, free: object, some: object = {}) =>
  realise(
    {
      ...{ instrument: 'accordion', material: { tonic, kind } },
      ...some,
      accordion: { treble: 'c-3', free, left: { board: 'free' } },
    } as RecipeInput,
    {},
    0,
  ) as any

describe('the buttons of a free bass', () => {
  // C-system: three semitones to the button along a row, a row inward half a button back and a semitone on; B-system mirrored
  it.each(FREE_SYSTEMS.flatMap((system) => FREE_ROWS.map((rows) => [system, rows] as const)))(
    '%s-system in %i rows lie as the right hand’s do',
    (system, rows) => {
      const free = { ...DEFAULT_FREE, system, rows }
      const buttons = allTrebleButtons(freeBassOf(free))
      const [zero, inward] = system === 'c' ? [60, -0.5] : [59, 0.5]
      for (const { midi, row, place } of buttons) expect(midi).toBe(zero + 3 * place + inward * (row - 1))
      const pitches = [...new Set(buttons.map(({ midi }) => midi))].sort((a, b) => a - b)
      expect(pitches).toEqual(Array.from({ length: free.notes }, (_, at) => free.lowest + at))
      // rows four and five repeat the first two
      const places = new Map(pitches.map((midi) => [midi, buttons.filter((each) => each.midi === midi).length]))
      expect(Math.max(...places.values())).toBe(rows > 3 ? 2 : 1)
    },
  )
})

describe('lines on a free bass', () => {
  it('sound in real octaves, an octave under the right hand', () => {
    for (const kind of KINDS)
      for (const tonic of someOf(TWELVE, 4)) {
        const { hands, bass } = study(tonic, kind, {}, { hands: 'together', octaves: 2 })
        expect(bass).toBeUndefined()
        expect(hands.left.midi).toEqual(hands.right.midi.map((midi: number) => midi - 12))
      }
    const alone = study('C', 'major', {}, { hands: 'left', octaves: 2 })
    expect(playedNotes(alone).map(({ midi }) => midi)).toEqual(alone.hands.left.midi)
  })

  it('mirror the right hand’s fingers and rows where the low notes lie by the chin', () => {
    for (const system of FREE_SYSTEMS)
      for (const kind of KINDS)
        for (const tonic of someOf(TWELVE, 3, system === 'c' ? 0 : 1)) {
          const left = study(tonic, kind, { system, rows: 3 }, { hands: 'left', octaves: 2 }).hands.left
          const right = (
            realise({
              ...{ instrument: 'accordion', material: { tonic, kind }, hands: 'right', octaves: 2 },
              ...{ school: 'four-fingers', accordion: { treble: `${system}-3` } },
            } as RecipeInput) as any
          ).hands.right
          const rows = ({ buttons }: any) => buttons.map(([row]: [number]) => row)
          expect(left.fingers, `${system} ${tonic} ${kind}`).toEqual(right.fingers)
          expect(rows(left)).toEqual(rows(right))
        }
  })

  it('take the fingers the other way about where they lie by the floor', () => {
    const fingers = (lows: string) =>
      study('C', 'chromatic', { lows }, { hands: 'left', octaves: 1 }).hands.left.fingers
    expect(fingers('chin').slice(0, 6)).toEqual([2, 3, 4, 2, 3, 4])
    expect(fingers('floor').slice(0, 6)).toEqual([4, 3, 2, 4, 3, 2])
  })

  it('never use the thumb', () => {
    for (const lows of ['chin', 'floor'])
      for (const kind of [...KINDS, 'double-thirds-major', 'cadence-major'])
        for (const tonic of someOf(TWELVE, 3)) {
          const { fingers } = study(tonic, kind, { lows }, { hands: 'left', octaves: 1 }).hands.left
          expect(Math.min(...fingers)).toBeGreaterThan(1)
        }
  })

  it('say which note a small converter has not', () => {
    expect.assertions(2)
    try {
      study('F#', 'major', { notes: 30, lowest: 40 }, { hands: 'left', octaves: 2 })
    } catch (error) {
      expect(errorText(error)).toContain('free bass of 30 notes has no')
      expect((error as { path: string }).path).toBe('accordion.free')
    }
  })
})

describe('free bass in words and lists', () => {
  it('is called, and a study says so', () => {
    const [called] = parseCall('C major accordion together free bass').studies
    expect(completeRecipe(called!)).toMatchObject({ accordion: { left: { board: 'free', part: 'scale' } } })
    expect(english(realise(called!).title)).toBe('C major, accordion, hands together, free bass, two octaves')
    const [back] = parseCall('standard bass', { base: called! }).studies
    expect(completeRecipe(back!)).toMatchObject({ accordion: { left: { board: 'standard' } } })
  })

  it('is asked by lists, and told where a study has the other bass', () => {
    const { entries, problems } = parseRequirement('C major, hands together, free bass, two octaves', {
      instrument: 'accordion',
    })
    expect(problems).toEqual([])
    expect(entries[0]).toMatchObject({ board: 'free' })
    const list = syllabusOf({
      ...{ format: 'tactum-syllabus/1', id: 'test', title: 'Test', board: 'Test', instrument: 'accordion' },
      grades: [{ id: 'g', title: 'G', groups: [groupOf(entryOf({ ...entries[0], hands: 'together' }))] }],
    })
    const held = (board: string) =>
      gradeSet(list, 'g', [
        completeRecipe({
          ...{ instrument: 'accordion', material: { tonic: 'C', kind: 'major' }, octaves: 2, hands: 'together' },
          ...{ tempo: { bpm: 120, notesPerBeat: 2 }, accordion: { left: { board, part: 'scale' } } },
        } as RecipeInput),
      ]).atoms[0]!
    expect(held('free').status).toBe('covered')
    const near = held('standard')
    expect(near.status).toBe('near')
    expect(JSON.stringify(english(near))).toContain('free bass asked, this has the standard bass')
  })
})

describe('a button of the free bass', () => {
  const RECIPE = {
    ...{ instrument: 'accordion', material: { tonic: 'D', kind: 'major' }, hands: 'together', octaves: 1 },
    accordion: { treble: 'c-5', free: { ...DEFAULT_FREE, rows: 5 }, left: { board: 'free' } },
  }
  const family = familyOf({ instrument: 'accordion' })
  const solved = (pins: readonly object[]) => realise({ ...RECIPE, pins } as unknown as RecipeInput, {}, 0) as any

  it('can be pinned wherever a note has two, and stays pinned on a line', () => {
    const plain = solved([])
    for (const hand of ['right', 'left'] as const) {
      let found = 0
      for (let index = 0; index < plain.hands[hand].notes.length; index++) {
        const ways = family.pins.alsoAt(plain.recipe, plain, hand, index)
        if (ways.length === 0) continue
        found++
        expect(ways.filter(({ stands }) => stands)).toHaveLength(1)
        for (const { pin } of ways) {
          const own = solved([pin])
          expect(own.hands[hand].buttons[index]).toEqual((pin as unknown as { button: unknown }).button)
          const [again] = parseCall(writeCall(own.recipe)).studies
          expect(completeRecipe(again!)).toEqual(own.recipe)
          expect(recipeSchema.validate(own.recipe).error).toBeUndefined()
        }
      }
      expect(found).toBeGreaterThan(3)
    }
  })

  it('is none of the board’s: a pin of the other sort is refused, with its note', () => {
    const onBoard = { hand: 'left', index: 0, button: { row: 'fundamental', column: 2 } }
    expect(() => solved([onBoard])).toThrowError(expect.objectContaining({ code: 'pin.conflict', path: 'pins[0]' }))
    const inRows = { hand: 'left', index: 0, button: [1, 0] }
    const standard = { ...RECIPE, accordion: {}, pins: [inRows] } as unknown as RecipeInput
    expect(() => realise(standard)).toThrowError(expect.objectContaining({ code: 'pin.conflict', path: 'pins[0]' }))
  })
})
