import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { useBrowser } from '../support/browser'
import { call } from '../support/http'

const { open } = useBrowser()

/** Every word that people typed: names, titles, printed lines of lists. Tactum does not translate those. */
async function typedWords(): Promise<Set<string>> {
  const asked = [
    '/api/studio',
    '/api/pupils',
    '/api/syllabi',
    '/api/syllabi/corvane-piano',
    '/api/exams',
    '/api/studies',
  ]
  const answers = await Promise.all(asked.map((path) => call(path)))
  const text = JSON.stringify(answers.map(({ body }) => body).map(withoutTitles))
  const months = Array.from({ length: 12 }, (_, at) => new Date(2026, at).toLocaleString('en-GB', { month: 'short' }))
  // the name of a paper, and of two kinds of file
  return new Set(['Tactum', 'Letter', 'JSON', 'CSV', ...months, ...(text.match(/\p{L}+/gu) ?? [])])
}
/** Titles of studies are Tactum's own. */
const withoutTitles = (body: unknown): unknown =>
  Array.isArray(body) && body.some((each) => each.shelf) ? body.map(({ tags, pupils }) => ({ tags, pupils })) : body

/** Whatever a page says, by eye or by ear: texts, and what attributes say. */
const saidOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const said: string[] = [document.title]
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (walker.nextNode()) {
      const { parentElement, textContent } = walker.currentNode
      if (!parentElement?.closest('script, style, noscript')) said.push(textContent!)
    }
    for (const element of document.querySelectorAll('*')) {
      for (const name of ['aria-label', 'title', 'placeholder', 'aria-description', 'alt']) {
        const value = element.getAttribute(name)
        if (value) said.push(value)
      }
    }
    return said
  })

/** Words in which not every letter stands twice, and that nobody typed. */
function english(said: readonly string[], typed: ReadonlySet<string>): string[] {
  const left = said.flatMap((text) => {
    const words = text.match(/\p{L}{2,}/gu) ?? []
    return words
      .filter((word) => !/^(?:(\p{L})\1)+$/iu.test(word) && !typed.has(word))
      .map((word) => `${word}: ${text}`)
  })
  return [...new Set(left)]
}

describe('in another language', () => {
  it('nothing on the desk, a set, its exam or a list is English', async () => {
    const typed = await typedWords()
    const { body: pupils } = await call('/api/pupils')
    const nell = pupils.find((pupil: { sets: { gradeId: string | null }[] }) => pupil.sets.some((set) => set.gradeId))
    const set = nell.sets.find((each: { gradeId: string | null }) => each.gradeId).id as string
    const { page, problems } = await open('/api/health')
    await page.evaluate(() => localStorage.setItem('tactum language', 'pseudo'))
    const left: Record<string, string[]> = {}
    const note = async (place: string): Promise<void> => {
      const found = english(await saidOn(page), typed)
      if (found.length > 0) left[place] = found
    }
    const look = async (path: string, ready: string): Promise<void> => {
      await page.goto(path)
      await page.locator(ready).first().waitFor()
      await note(path)
    }
    await look('/desk', '[data-finger]')
    expect(await page.evaluate(() => document.documentElement.lang)).toBe('en-x-pseudo')
    await page.keyboard.press('?')
    await page.getByRole('dialog').getByRole('heading').first().waitFor()
    await note('keys at the desk')
    await look('/library', 'ul li')
    await look('/sets', 'section')
    await look(`/sets/${set}`, '[role="img"]')
    await look(`/sets/${set}/coverage`, 'table')
    await look(`/sets/${set}/exam`, 'form')
    await page.locator('form button[type="submit"]').click()
    await page.locator('h1.call').waitFor()
    await note('a call')
    await look('/syllabi', 'main a')
    await look('/syllabi/corvane-piano', 'section')
    await look('/compare', 'table')
    await look(`/print/set/${set}`, '.sheet-line svg')
    expect(left).toEqual({})
    expect(problems).toEqual([])
  })
})
