import { beforeAll, describe, expect, it } from 'vitest'
import type { RecipeInput } from '#core/instrument'
import { crossingsOf, lineFor, playersIn, realise } from '#core/realise'
import { type Faces, type Page, PAPERS, type Sheet, type SheetLook, sheetPages } from '#paper'
import { DEFAULT_LOOK } from '#shared/paper/requests'
import { faces as loaded } from '../../support/faces'
import { someOf } from '../../support/night'

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
const sheetOf = (some: Partial<SheetLook> = {}, paper: Sheet['paper'] = 'a4', input = recipes): Sheet => ({
  words: {
    title: 'A set',
    name: 'Name ____',
    date: 'Date ____',
    caution: 'Stay loose. '.repeat(30),
    page: (at, of) => `${at} of ${of}`,
  },
  studies: input.map((recipe, at) => {
    const study = realise(recipe, {}, 0)
    return {
      study,
      title: `Study ${at + 1} in E♭`,
      tempo: '♩ = 60 in eighths',
      heads: [],
      tempi: [40, 50, 60],
      step: String,
    }
  }),
  paper,
  look: { ...DEFAULT_LOOK, ...some },
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
    const pages = sheetPages(sheetOf({}, paper), faces)
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
    const count = (fingers: SheetLook['fingers']): number =>
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

  it('says the long title of a study whole, in as many lines as it takes', () => {
    const long = 'C major, hands together, one octave, through C, E♭ and G♭, up and down in turn, led by a common note'
    const sheet = sheetOf({}, 'a4', recipes.slice(0, 2))
    const pages = sheetPages({ ...sheet, studies: sheet.studies.map((each) => ({ ...each, title: long })) }, faces)
    const { width } = pages[0]!
    const titles = pages[0]!.drawn.flatMap((one) =>
      one.kind === 'text' && one.face === 'serif-bold' && long.includes(one.text) ? [one] : [],
    )
    expect(titles.map(({ text }) => text).join(' ')).toBe(`${long} ${long}`)
    for (const { text, x, size } of titles) expect(x + faces.width(text, 'serif-bold', size)).toBeLessThan(width - 20)
  })

  it('has names, stairs, maps, tempi and grips where they are wanted, and keeps within the page', () => {
    const drawnIn = (some: Partial<SheetLook>): number =>
      sheetPages(sheetOf(some), faces).reduce((sum, { drawn }) => sum + drawn.length, 0)
    const plain = drawnIn({})
    for (const some of [
      { names: 'letters' },
      { stair: true },
      { map: true },
      { steps: true },
      { grips: true },
    ] as const)
      expect(drawnIn(some)).toBeGreaterThan(plain)
    const named = textsOf(sheetPages(sheetOf({ names: 'degrees' }), faces), 'sans')
    expect(named.filter((text) => /^[♭♯]?[1-7]$/.test(text)).length).toBeGreaterThan(100)
    const all = sheetPages(sheetOf({ names: 'german', stair: true, map: true, steps: true, grips: true }), faces)
    expect(textsOf(all).filter((text) => text === '♩ 50')).toHaveLength(recipes.length)
    for (const { width, drawn } of all)
      for (const one of drawn)
        if (one.kind === 'text') expect(one.x > 20 && one.x < width - 20 && one.y < 842).toBe(true)
  })

  it('prints one hand’s line alone: half the fingers of two hands, all of one who plays alone', () => {
    const [both, , , sticks] = recipes
    const fingersOf = (input: RecipeInput, hands: SheetLook['hands']): string[] =>
      textsOf(sheetPages(sheetOf({ hands }, 'a4', [input]), faces), 'serif-bold').filter(isFinger)
    expect([...fingersOf(both!, 'right'), ...fingersOf(both!, 'left')]).toHaveLength(fingersOf(both!, 'all').length)
    expect(fingersOf(sticks!, 'right')).toEqual(fingersOf(sticks!, 'all'))
  })

  it('breaks its lines after so many bars, where they fit', () => {
    const recipe: RecipeInput = { material: { tonic: 'C', kind: 'major' }, octaves: 2 }
    const lines = (bars: number): number =>
      textsOf(sheetPages(sheetOf({ bars, hands: 'right' }, 'a4', [recipe]), faces), 'music').filter(
        (text) => text === '\uE050',
      ).length
    expect([1, 2, 4].map(lines)).toEqual([4, 2, 1])
  })

  it('leaves no page half empty without need: pages of one sheet are about equally full', () => {
    const pages = sheetPages(sheetOf({ stair: true }, 'a4', [...recipes, ...recipes]), faces)
    const lowest = pages.map(({ drawn }) =>
      Math.max(...drawn.flatMap((one) => (one.kind === 'text' && isFinger(one.text) ? [one.y] : []))),
    )
    expect(pages.length).toBeGreaterThan(3)
    expect(Math.min(...lowest)).toBeGreaterThan(842 / 2)
  })

  it('takes more pages where its notes are large', () => {
    expect(sheetPages(sheetOf({ large: true }), faces).length).toBeGreaterThan(sheetPages(sheetOf(), faces).length)
  })
})

/** Where a study's music stands: pages on which its fingers are, told apart by the titles over them. */
const pagesOfStudies = (pages: readonly Page[]): number[][] => {
  const found: number[][] = []
  let study = -1
  pages.forEach((page, at) => {
    const texts = page.drawn
      .flatMap((one) => (one.kind === 'text' ? [one] : []))
      .filter(({ text, face }) => text.startsWith('Study') || (isFinger(text) && face === 'serif-bold'))
    for (const { text, x, size } of texts) {
      if (text.startsWith('Study') && size === 13 && x > 42) study++
      else if (!text.startsWith('Study')) (found[study] ??= []).push(at)
    }
  })
  return found.map((own) => [...new Set(own)])
}

describe('a page turn', () => {
  it('comes between studies, where a page holds each of them', () => {
    const relay: RecipeInput = { material: { tonic: 'Db', kind: 'major' }, pattern: { journey: 'relay-half-step' } }
    const wanted = [relay, ...recipes, relay, ...recipes, relay]
    const looks = [{}, { stair: true }, { bars: 2 }, { large: true }] satisfies Partial<SheetLook>[]
    for (const look of someOf<Partial<SheetLook>>(looks, 1))
      for (const paper of someOf(['a4', 'letter'] as const, 1)) {
        const pages = sheetPages(sheetOf(look, paper, wanted), faces)
        const torn = pagesOfStudies(pages).filter((own, at) => own.length > 1 && !isLong(wanted[at]!, look, paper))
        expect(torn, JSON.stringify(look)).toEqual([])
      }
  })

  const isLong = (recipe: RecipeInput, look: Partial<SheetLook>, paper: Sheet['paper']): boolean =>
    sheetPages(sheetOf(look, paper, [recipe]), faces).length > 1
})

describe('the head of a sheet', () => {
  const titled = (title: string): Sheet => {
    const sheet = sheetOf({}, 'a4', [recipes[0]!])
    return { ...sheet, words: { ...sheet.words, title }, studies: sheet.studies.map((own) => ({ ...own, title })) }
  }

  it('has the title of a study once, with its tempo under it', () => {
    const texts = textsOf(sheetPages(titled('G♯ harmonic minor'), faces))
    expect(texts.filter((text) => text === 'G♯ harmonic minor')).toHaveLength(1)
    expect(texts).toContain('♩ = 60 in eighths')
  })

  it('says a long title whole, in two lines', () => {
    const title = 'B♭ major, accordion, right hand over alternating bass, two octaves, bellows turn every two bars'
    const texts = textsOf(sheetPages(titled(title), faces), 'serif-bold')
    const first = texts.find((text) => title.startsWith(text) && !isFinger(text))!
    expect(texts).toContain(title.slice(first.length + 1))
  })
})

describe('a book', () => {
  const book = { contents: 'Contents', count: 'so many studies' }
  const input = [...recipes, ...recipes, ...recipes]
  const sheet = sheetOf({ book: true }, 'a4', input)
  const bound = (): Page[] => sheetPages({ ...sheet, book }, faces)

  it('has a title page, contents that name the page of every study, and numbers through', () => {
    const pages = bound()
    expect(textsOf([pages[0]!])).toEqual(expect.arrayContaining(['A set', 'so many studies']))
    expect(textsOf([pages[1]!])).toContain('Contents')
    const entries = textsOf(pages.slice(1, 2), 'serif')
    sheet.studies.forEach(({ title }) => {
      const named = Number(entries[entries.indexOf(title) + 1])
      const heads = textsOf([pages[named - 1]!], 'serif-bold')
      expect(heads, title).toContain(title)
    })
    pages.forEach((page, at) => expect(textsOf([page])).toContain(`${at + 1} of ${pages.length}`))
  })

  it('has at the head of every page the study that it begins with', () => {
    for (const page of bound().slice(2)) {
      const [running] = textsOf([page], 'sans').filter((text) => text.startsWith('Study'))
      const [first] = textsOf([page], 'serif-bold').filter((text) => text.startsWith('Study'))
      expect(first ?? running).toBe(running)
    }
  })

  it('is the same music as the sheet', () => {
    const fingers = (pages: readonly Page[]): number => textsOf(pages, 'serif-bold').filter(isFinger).length
    expect(fingers(bound())).toBe(notesIn(sheet))
  })
})
