import type { Page } from 'playwright-core'
import { expect } from 'vitest'
import type { Window } from './browser'
import { notInPseudo } from './doubled'
import { call } from './http'

/** Every word that people typed: names, titles, printed lines of lists. Tactum does not translate those. */
async function typedWords(): Promise<Set<string>> {
  const request = [
    '/api/studio',
    '/api/pupils',
    '/api/syllabi',
    '/api/syllabi/corvane-piano',
    '/api/exams',
    '/api/studies',
  ]
  const answers = await Promise.all(request.map((path) => call(path)))
  const text = JSON.stringify(answers.map(({ body }) => body).map(withoutTitles))
  // days and months are the browser's own
  const days = Array.from({ length: 12 }, (_, at) =>
    (['short', 'long'] as const).flatMap((how) => [
      new Date(2026, at).toLocaleString('en-GB', { month: how }),
      new Date(2026, 0, at).toLocaleString('en-GB', { weekday: how }),
    ]),
  ).flat()
  // the name of a paper, of two kinds of file, names of notes in other languages, and the sign of an octave
  return new Set(['Tactum', 'Letter', 'JSON', 'CSV', 'Cis', 'do', 'va', ...days, ...(text.match(/\p{L}+/gu) ?? [])])
}
/** Titles of studies are Tactum's own. */
const withoutTitles = (body: unknown): unknown =>
  Array.isArray(body) && body.some((each) => each.shelf) ? body.map(({ tags, pupils }) => ({ tags, pupils })) : body

/** Whatever a page says, by eye or by ear: texts, and what attributes say. */
const textsOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const formatted: string[] = [document.title]
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (walker.nextNode()) {
      const { parentElement, textContent } = walker.currentNode
      if (!parentElement?.closest('script, style, noscript, svg.page')) formatted.push(textContent!)
    }
    for (const element of document.querySelectorAll('*')) {
      for (const name of ['aria-label', 'title', 'placeholder', 'aria-description', 'alt']) {
        const value = element.getAttribute(name)
        if (value) formatted.push(value)
      }
    }
    return formatted
  })

/** A page that speaks the language of tests, and what is found on it that does not, by place. */
type Open = (path: string) => Promise<Window>

export async function inPseudo(open: Open) {
  const typed = await typedWords()
  const { page, problems } = await open('/api/health')
  await page.evaluate(() => localStorage.setItem('tactum language', 'pseudo'))
  const left: Record<string, string[]> = {}
  const note = async (place: string): Promise<void> => {
    const found = notInPseudo(await textsOn(page), typed)
    if (found.length > 0) left[place] = found
  }
  const look = async (path: string, ready: string): Promise<void> => {
    await page.goto(path)
    await page.locator(ready).first().waitFor()
    await note(path)
  }
  return { page, problems, left, note, look }
}

/** Opens whatever opens on a page, one after the other, and looks at each. Tells how many there were, twenty at the most. */
export async function openAll(page: Page, look: (opened: string) => Promise<void>): Promise<number> {
  const closed = page.locator('main button[aria-expanded="false"]:visible')
  const count = Math.min(20, await closed.count())
  for (let at = 0; at < count; at++) {
    const button = closed.nth(at)
    const called = await button.innerText()
    await button.click()
    await page.locator('main [aria-expanded="true"]').first().waitFor()
    await look(called)
    // a list takes the keys as soon as it has come in
    await expect
      .poll(async () => (await page.keyboard.press('Escape'), page.locator('main [aria-expanded="true"]').count()))
      .toBe(0)
  }
  return count
}

/** Whatever opens on the desk with a study called, and what of it is not in the language of tests. */
export async function deskInPseudo(open: Open, name: string, line: string, pinned: string | null): Promise<void> {
  const { page, problems, left, note } = await inPseudo(open)
  await page.goto('/desk')
  await page.locator('[data-finger]').first().waitFor()
  await page.keyboard.press('/')
  await page.getByRole('combobox').fill(line)
  await page.keyboard.press('Enter')
  await page.getByRole('combobox').waitFor({ state: 'detached' })
  if (pinned) {
    await page.locator('[data-finger]').nth(2).click()
    await page.keyboard.press(pinned)
    await page.locator('.finger.pinned').first().waitFor()
  }
  await note(name)
  expect(await openAll(page, (opened) => note(`${name}: ${opened}`))).toBeGreaterThan(6)
  expect(left).toEqual({})
  expect(problems).toEqual([])
}
