import type { Page } from 'playwright-core'
import { beforeAll, describe, expect, it } from 'vitest'
import { expectAccessible, useBrowser } from '../support/browser'
import { call } from '../support/http'
import { atNight, NIGHT, someOf } from '../support/night'

const { open } = useBrowser()

/** Desk, tablet lying and standing, two phones, and a desk at 200 %. */
const SIZES = [
  [1024, 768],
  [768, 1024],
  [390, 844],
  [360, 740],
  [640, 400],
] as const

let pages: string[] = []
beforeAll(async () => {
  const pupils = (await call('/api/pupils')).body
  const marit = pupils.find(({ name }: { name: string }) => name === 'Marit A.')
  const { id, sets } = marit
  const [exam] = (await call('/api/exams')).body
  pages = [
    ...[
      '/desk',
      '/library',
      '/pupils',
      '/syllabi',
      '/syllabi/corvane-piano',
      '/compare',
      '/files',
      '/settings',
      '/today',
      '/help',
      '/about',
    ],
    ...['/paper?sheet=studies', '/paper?sheet=worksheet'],
    ...['', '/coverage', '/exam'].map((part) => `/sets/${sets[0].id}${part}`),
    ...['', '/lesson', '/test', '/history'].map((part) => `/pupils/${id}${part}?set=${sets[0].id}`),
    ...(exam ? [`/exams/${exam.id}`] : []),
  ]
})

describe('every size of glass', () => {
  // by day the narrowest, which is where it is tight
  const sizes = NIGHT ? SIZES : SIZES.filter(([width]) => width === 360)
  it.each(sizes)('%d by %d holds every page without sideways scrolling', async (width, height) => {
    const { page, problems } = await open('/desk', { width, height }, true)
    const wide: string[] = []
    // and by day a third of the pages
    for (const path of someOf(pages, 7, 1)) {
      await page.goto(path)
      await page.locator('h1, [data-finger]').first().waitFor()
      await page.locator('.waiting').first().waitFor({ state: 'detached' })
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      )
      if (over > 0) wide.push(`${path}: ${over}`)
    }
    expect(wide).toEqual([])
    expect(problems).toEqual([])
  })

  it('has what is dragged at the desk as buttons under the finger', async () => {
    const sets = (await call('/api/pupils')).body[0].sets
    const { page, problems } = await open(`/sets/${sets[0].id}`, { width: 768, height: 1024 }, true)
    const titles = page.locator('ol .title')
    const first = await titles.first().textContent()
    const move = (at: number, way: RegExp) => page.locator('ol li').nth(at).getByRole('button', { name: way }).tap()
    await move(0, /^Move .* down$/)
    await expect.poll(() => titles.nth(1).textContent()).toBe(first)
    await move(1, /^Move .* up$/)
    await expect.poll(() => titles.first().textContent()).toBe(first)
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  it('pins and hears on a phone', async () => {
    const { page, problems } = await open('/desk', { width: 390, height: 844 }, true)
    await page.locator('[data-finger="right 3"]').tap()
    await page.getByRole('button', { name: 'Pin finger 4' }).tap()
    await page.locator('[data-finger="right 3"].pinned').waitFor()
    await expectAccessible(page)
    expect(problems).toEqual([])
  })
})

/** Every colour that is painted in the score, with its contrast (WCAG) to what the score stands on. */
const inksOf = (page: Page): Promise<{ paint: string; contrast: number }[]> =>
  page.evaluate(() => {
    const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })!
    const rgb = (colour: string): number[] => {
      canvas.clearRect(0, 0, 1, 1)
      canvas.fillStyle = colour
      canvas.fillRect(0, 0, 1, 1)
      return [...canvas.getImageData(0, 0, 1, 1).data]
    }
    const light = (colour: string): number => {
      const [r, g, b] = rgb(colour).map((part) => {
        const value = part / 255
        return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4
      })
      return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
    }
    const sheet = light(getComputedStyle(document.documentElement).getPropertyValue('--color-sheet'))
    const contrast = (colour: string): number => {
      const own = light(colour)
      return (Math.max(own, sheet) + 0.05) / (Math.min(own, sheet) + 0.05)
    }
    const found = new Map<string, number>()
    const shapes = document.querySelectorAll(
      '.engraving svg :is(path, rect, line, text, circle, ellipse, polygon, polyline)',
    )
    for (const shape of shapes) {
      const style = getComputedStyle(shape)
      for (const side of ['fill', 'stroke'] as const) {
        const colour = style[side]
        if (colour === 'none' || rgb(colour)[3] === 0) continue
        if (side === 'stroke' && parseFloat(style.strokeWidth) === 0) continue
        found.set(`${side} ${colour}`, contrast(colour))
      }
    }
    return [...found].map(([paint, value]) => ({ paint, contrast: value }))
  })

describe('the evening’s ground', () => {
  atNight('leaves no stroke of the score unseen, light or dark', async () => {
    const { page } = await open('/desk')
    await page.locator('[data-finger]').first().waitFor()
    // beams, stems, accidentals, ledger lines, octave signs; then rests and brackets, and the board's own signs
    for (const line of [
      'g# harmonic minor 4 octaves',
      'c major in tetrachords',
      'f major accordion alternating bass',
    ]) {
      await page.keyboard.press('/')
      await page.keyboard.type(line)
      await page.keyboard.press('Enter')
      await page.locator('.waiting').first().waitFor({ state: 'detached' })
      await expect.poll(async () => (await inksOf(page)).length).toBeGreaterThan(0)
      for (const ground of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme: ground })
        await expect.poll(() => page.evaluate(() => document.documentElement.dataset.ground)).toBe(ground)
        const inks = await inksOf(page)
        expect(
          inks.filter(({ contrast }) => contrast < 4.5),
          `${line}, ${ground}: ${JSON.stringify(inks)}`,
        ).toEqual([])
      }
    }
  })

  it('is as the system wishes, until somebody chooses, and is kept', async () => {
    const { page, problems } = await open('/library')
    await page.emulateMedia({ colorScheme: 'dark' })
    const ground = () => page.evaluate(() => document.documentElement.dataset.ground)
    await expect.poll(ground).toBe('dark')
    await page.emulateMedia({ colorScheme: 'light' })
    await expect.poll(ground).toBe('light')
    await page.goto('/settings')
    await page.getByRole('button', { name: 'Dark', exact: true }).click()
    await expect.poll(ground).toBe('dark')
    await page.reload()
    await expect.poll(ground).toBe('dark')
    await page.getByRole('button', { name: 'Light', exact: true }).click()
    await expect.poll(ground).toBe('light')
    await page.getByRole('button', { name: 'Automatic' }).click()
    expect(await page.getByRole('button', { name: 'Automatic' }).getAttribute('aria-pressed')).toBe('true')
    expect(problems).toEqual([])
  })

  it('can be read: every page, and its paper stays white', async () => {
    const { page, problems } = await open('/library')
    await page.emulateMedia({ colorScheme: 'dark' })
    for (const path of NIGHT ? pages : ['/desk', pages.find((each) => each.startsWith('/sets/'))!]) {
      await page.goto(path)
      await page.locator('h1, [data-finger]').first().waitFor()
      await expectAccessible(page, undefined, 'dark')
    }
    await page.goto('/paper?sheet=chart')
    const sheet = page.locator('svg.page').first()
    await sheet.waitFor()
    expect(await sheet.evaluate((element) => getComputedStyle(element).backgroundColor)).toBe('rgb(255, 255, 255)')
    expect(problems).toEqual([])
  })
})
