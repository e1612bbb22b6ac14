import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { completeRecipe, type RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'
import { BASSES, boardOf, buttonsOn } from '#core/surface'
import { writePdf } from '#paper'
import { RULE, WHITE } from '../../../paper/inks'
import { chartSheet } from '../../../shared/paper/chart'
import { cardsOf, studyPages } from '../../../shared/paper/studies'
import { DEFAULT_LOOK, type PaperRequest } from '#shared/paper/requests'
import { IN_ENGLISH, inEnglish } from '../../support/english'
import { faces } from '../../support/faces'
import { someOf } from '../../support/night'

const studyOf = (accordion: object, some: object = {}): RecipeInput =>
  completeRecipe({
    ...{ instrument: 'accordion', material: { tonic: 'C', kind: 'major' }, ...some },
    accordion,
  } as RecipeInput)
const sheetOf = (recipe: RecipeInput, map = true, chordNames = false) =>
  studyPages(
    {
      ...{ sheet: 'studies', size: 'a4', title: 'A sheet' },
      look: { ...DEFAULT_LOOK, map, chordNames, stair: false },
      studies: [{ recipe }],
    } as never,
    faces(),
    IN_ENGLISH,
  )
const drawn = ({ pages }: ReturnType<typeof sheetOf>) => pages.flatMap((page) => page.drawn)
const circles = (made: ReturnType<typeof sheetOf>): number =>
  drawn(made).filter((one) => one.kind === 'path' && /A/.test(one.d)).length

/** The text of a PDF, read by a program that is not ours. */
async function readBack(made: ReturnType<typeof sheetOf>): Promise<string> {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'tactum-board-')), 'sheet.pdf')
  writeFileSync(file, await writePdf(made.pages, made.title, faces()))
  return execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8', stdio: 'pipe' })
}

describe('the board on paper', () => {
  it('has its buttons by their names, those that are played with their fingers', async () => {
    const text = await readBack(sheetOf(studyOf({ bass: 48 })))
    for (const name of ['CM', 'F', 'G', 'D']) expect(text.split(/\s+/)).toContain(name)
    const without = await readBack(sheetOf(studyOf({ bass: 48 }), false))
    expect(without.split(/\s+/)).not.toContain('CM')
  })

  it('calls chords by their signs, or by their names where readers know them so', async () => {
    const minor = studyOf({ bass: 48, left: { part: 'cadence' } }, { material: { tonic: 'A', kind: 'harmonic-minor' } })
    const read = async (chordNames: boolean) => (await readBack(sheetOf(minor, true, chordNames))).split(/\s+/)
    const [signs, names] = [await read(false), await read(true)]
    for (const sign of ['AM', 'Am', 'Dm', 'E7', 'm', '7'])
      expect([sign, signs.includes(sign)]).toEqual([sign, sign !== 'AM'])
    for (const name of ['Am', 'Dm', 'E7']) expect(names.filter((each) => each === name).length).toBeGreaterThan(1)
    expect(names).not.toContain('m')
    expect(signs.filter((each) => each === 'm').length).toBeGreaterThan(1)
  })

  it('draws every button of the rows and columns that it shows', () => {
    const scale = studyOf({ bass: 48 }, { hands: 'left' })
    const { bass } = realise(scale) as unknown as { bass: { buttons: { column: number }[] } }
    const columns = bass.buttons.map(({ column }) => column)
    const near = ({ column }: { column: number }): boolean =>
      column >= Math.min(...columns) - 2 && column <= Math.max(...columns) + 2
    const shown = buttonsOn(boardOf({ bass: 48 })).filter(near)
    // a ring more marks the dimpled button
    expect(circles(sheetOf(scale)) - circles(sheetOf(scale, false))).toBe(shown.length + 1)
  })

  it('has the right hand’s buttons, and those of a free bass', () => {
    const one = circles(sheetOf(studyOf({ treble: 'c-3' }, { hands: 'right' })))
    const two = circles(sheetOf(studyOf({ treble: 'c-3', left: { board: 'free' } })))
    expect(one).toBeGreaterThan(30)
    expect(two).toBeGreaterThan(one + 30)
  })
})

describe('cards', () => {
  const cards = (...recipes: RecipeInput[]) =>
    cardsOf(
      { sheet: 'cards', size: 'a4', title: 'Cards', studies: recipes.map((recipe) => ({ recipe })) },
      faces(),
      IN_ENGLISH,
    ) as ReturnType<typeof sheetOf>

  it('have the buttons of the left hand, on every board, each in its own card', async () => {
    for (const bass of someOf(BASSES, 2, 1)) {
      const made = cards(...['C', 'F'].map((tonic) => studyOf({ bass }, { material: { tonic, kind: 'major' } })))
      const text = (await readBack(made)).split(/\s+/)
      for (const name of ['CM', 'FM']) expect(text).toContain(name)
      // scissors go above and below the one row of cards
      const cuts = drawn(made).flatMap((one) =>
        one.kind === 'path' ? (/^M[\d.]+ ([\d.]+)H/.exec(one.d)?.[1] ?? []) : [],
      )
      const down = Math.max(...cuts.map(Number))
      for (const one of drawn(made)) {
        if (one.kind !== 'path' || !/A/.test(one.d)) continue
        const [x, y] = (one.d.match(/-?[\d.]+/g) ?? []).map(Number)
        expect(x).toBeGreaterThan(0)
        expect(x).toBeLessThan(595)
        expect(y).toBeLessThan(down)
      }
    }
  })

  it('have those of a free bass, and nothing where the left hand rests', () => {
    expect(circles(cards(studyOf({ left: { board: 'free' } })))).toBeGreaterThan(30)
    expect(circles(cards(studyOf({}, { hands: 'right' })))).toBe(0)
  })
})

describe('a board of one’s own make on paper', () => {
  it('has no button that is missing', () => {
    const whole = studyOf({ bass: 48 }, { hands: 'left' })
    const missing = (['minor', 'seventh', 'diminished'] as const).map((row) => ({ row, column: 0 }))
    const own = studyOf({ bass: 48, missing }, { hands: 'left' })
    expect(circles(sheetOf(whole)) - circles(sheetOf(own))).toBe(missing.length)
  })
})

describe('the stair on paper', () => {
  const keysIn = (accordion: object): number => {
    const recipe = studyOf(accordion, { material: { tonic: 'A', kind: 'harmonic-minor' } })
    const look = { ...DEFAULT_LOOK, map: false, stair: true }
    const request = { sheet: 'studies', size: 'a4', title: 'A sheet', look, studies: [{ recipe }] } as never
    return drawn(studyPages(request, faces(), IN_ENGLISH)).filter(
      (one) => one.kind === 'path' && one.fill === WHITE && one.stroke === RULE,
    ).length
  }

  it('has a keyboard beside it where keys are played, and none beside buttons', () => {
    expect(keysIn({ treble: 'keys-41' })).toBeGreaterThan(10)
    for (const treble of ['c-3', 'c-5', 'b-4']) expect(keysIn({ treble })).toBe(0)
    expect(keysIn({ treble: 'keys-41', left: { board: 'free' } })).toBe(0)
  })
})

describe('a chart for an accordion', () => {
  const chart = (accordion: object) =>
    chartSheet(
      {
        ...{ sheet: 'chart', size: 'a4' },
        chart: { kinds: ['major'], settings: { instrument: 'accordion', accordion } },
      } as Extract<PaperRequest, { sheet: 'chart' }>,
      faces(),
      IN_ENGLISH,
    )

  it('has the board under every key', async () => {
    const made = chart({ bass: 120 })
    expect(made.notices).toEqual([])
    const text = await readBack(made as ReturnType<typeof sheetOf>)
    for (const key of ['C', 'G', 'E♭', 'F♯']) expect(text).toContain(key)
    // two rows of buttons under each of twelve keys
    expect(circles(made as ReturnType<typeof sheetOf>)).toBeGreaterThan(12 * 12)
  })

  it('leaves out keys that a small board has not, and says which', () => {
    const { notices, pages } = chart({ bass: 12, treble: 'keys-22' })
    expect(notices).toHaveLength(1)
    const words = inEnglish(notices[0]!)
    expect(words).toMatch(/left out/)
    // a board of twelve has the chords of B flat to A: the keys beyond are left out, those within stand
    for (const key of ['D♭', 'E', 'A♭']) expect(words).toMatch(new RegExp(`\\b${key}(,| and|:)`))
    const text = pages.flatMap(({ drawn: own }) => own.flatMap((one) => (one.kind === 'text' ? [one.text] : [])))
    for (const key of ['C', 'G', 'F']) expect(text).toContain(key)
  })
})
