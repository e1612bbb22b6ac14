import { beforeAll, describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { crossingsOf, lineFor, playersIn, realise } from '#core/realise'
import { type Faces, type Page, PAPERS, type Sheet, sheetPages } from '#paper'
import { faces as loaded } from '../../support/faces'

let faces: Faces
beforeAll(() => {
  faces = loaded()
})

const recipes: RecipeInput[] = [
  { material: { tonic: 'G#', kind: 'harmonic-minor' }, octaves: 4 },
  { material: { tonic: 'C', kind: 'double-thirds-major' }, hands: 'right' },
  { material: { tonic: 'D', kind: 'major' }, pattern: { accompaniment: 'scale-in-bass' } },
  { material: { tonic: 'F', kind: 'major' }, instrument: 'marimba-4.3' },
  { material: { tonic: 'C', kind: 'major' }, instrument: 'accordion' },
  { material: { tonic: 'A', kind: 'cadence-minor' } },
]
const sheetOf = (some: Partial<Sheet> = {}, asked = recipes): Sheet => ({
  words: {
    title: 'A set',
    name: 'Name ____',
    date: 'Date ____',
    caution: 'Stay loose. '.repeat(30),
    page: (at, of) => `${at} of ${of}`,
  },
  studies: asked.map((recipe, at) => {
    const study = realise(recipe, {}, 0)
    return { study, title: `Study ${at + 1} in E♭`, tempo: '♩ = 60 in eighths', head: null }
  }),
  ...{ paper: 'a4', fingers: 'all', large: false },
  ...some,
})
const textsOf = (pages: readonly Page[], face?: string): string[] =>
  pages.flatMap(({ drawn }) =>
    drawn.flatMap((one) => (one.kind === 'text' && (!face || one.face === face) ? [one.text] : [])),
  )
const isFinger = (text: string): boolean => /^([1-5]|R|L)$/.test(text)
const notesIn = (sheet: Sheet): number =>
  sheet.studies.reduce(
    (sum, { study }) => sum + playersIn(study).reduce((own, player) => own + lineFor(study, player).notes.length, 0),
    0,
  )

describe('a sheet', () => {
  it.each(['a4', 'letter'] as const)('on %s keeps all it draws between its margins, clear of the foot', (paper) => {
    const pages = sheetPages(sheetOf({ paper }), faces)
    for (const { width, height, drawn } of pages) {
      expect({ width, height }).toEqual(PAPERS[paper])
      const rule = drawn.findLast((one) => one.kind === 'path' && one.stroke === '#c9d2cb')!
      const foot = rule.kind === 'path' ? Number(/^M[\d.]+ ([\d.]+)/.exec(rule.d)![1]) : 0
      for (const one of drawn) {
        if (one.kind !== 'text') continue
        expect(one.x).toBeGreaterThan(20)
        expect(one.x).toBeLessThan(width - 20)
        // what stands under the rule is the foot’s own
        if (one.face === 'music' || isFinger(one.text)) expect(one.y).toBeLessThan(foot + 2)
      }
    }
  })

  it('has a finger or stick for every note, at the crossings only, or none', () => {
    const count = (fingers: Sheet['fingers']): number =>
      textsOf(sheetPages(sheetOf({ fingers }), faces), 'serif-bold').filter(isFinger).length
    const sheet = sheetOf()
    const crossings = sheet.studies.reduce(
      (sum, { study }) => sum + playersIn(study).reduce((own, player) => own + crossingsOf(study, player).length, 0),
      0,
    )
    expect(count('all')).toBe(notesIn(sheet))
    expect(count('crossings')).toBe(crossings)
    expect(count('none')).toBe(0)
  })

  it('numbers its pages, has the place for a name on the first, and every title with music under it', () => {
    const pages = sheetPages(sheetOf(), faces)
    expect(pages.length).toBeGreaterThan(1)
    pages.forEach((page, at) => {
      const texts = textsOf([page])
      expect(texts).toContain(`${at + 1} of ${pages.length}`)
      expect(texts.some((text) => text.startsWith('Name'))).toBe(at === 0)
      const titles = page.drawn.filter((one) => one.kind === 'text' && one.text.startsWith('Study'))
      for (const title of titles) {
        const below = page.drawn.some(
          (one) => one.kind === 'text' && one.face === 'music' && title.kind === 'text' && one.y > title.y,
        )
        expect(below).toBe(true)
      }
    })
    expect(textsOf(pages).filter((text) => text.startsWith('Study'))).toHaveLength(recipes.length)
  })

  it('takes more pages where its notes are large', () => {
    expect(sheetPages(sheetOf({ large: true }), faces).length).toBeGreaterThan(sheetPages(sheetOf(), faces).length)
  })
})
