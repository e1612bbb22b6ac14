import type { Page, Route } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { useBrowser } from '../support/browser'

const { open } = useBrowser()

/** Everything that the page says: its text, and what it tells those who do not see it. */
const textsOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const labels = [...document.querySelectorAll('[aria-label], [placeholder], [title]')].flatMap((element) =>
      ['aria-label', 'placeholder', 'title'].flatMap((name) => element.getAttribute(name) ?? []),
    )
    const texts = document.body.innerText.split('\n').map((line) => line.trim())
    return [...labels, ...texts].filter(Boolean).toSorted()
  })

describe('the desk', () => {
  it('says all that it shows with the words of the first page; the others come after it', async () => {
    const { page } = await open('about:blank')
    const held: Route[] = []
    // a script is known by what it says
    await page.route('**/_nuxt/*.js', async (route) => {
      const answer = await route.fetch()
      if ((await answer.text()).includes('No studies yet.')) held.push(route)
      else await route.fulfill({ response: answer })
    })
    await page.goto('/desk', { waitUntil: 'commit' })
    await page.locator('[data-finger="right 0"]').waitFor()
    await expect.poll(() => held.length).toBeGreaterThan(0)
    const first = await textsOn(page)
    expect(first.length).toBeGreaterThan(50)
    await Promise.all(held.map((route) => route.continue()))
    // what is being fetched still is not left half handled
    await page.unrouteAll({ behavior: 'wait' })
    await page.getByRole('link', { name: 'Library' }).click()
    await page.getByRole('heading', { name: 'Library', level: 1 }).waitFor()
    await page.getByRole('link', { name: 'Desk' }).click()
    await page.locator('[data-finger="right 0"]').waitFor()
    expect(await textsOn(page)).toEqual(first)
  })
})
