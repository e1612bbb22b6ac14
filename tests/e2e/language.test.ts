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

/** A page that speaks the language of tests, and what is found on it that does not, by place. */
async function inPseudo() {
  const typed = await typedWords()
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
  return { page, problems, left, note, look }
}

/** Opens whatever opens on a page, one after the other, and looks at each. Tells how many there were, twenty at the most. */
async function openAll(page: Page, look: (opened: string) => Promise<void>): Promise<number> {
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

describe('in another language', () => {
  it('nothing on the desk, a set, its exam or a list is English', async () => {
    const { body: pupils } = await call('/api/pupils')
    const nell = pupils.find((pupil: { sets: { gradeId: string | null }[] }) => pupil.sets.some((set) => set.gradeId))
    const set = nell.sets.find((each: { gradeId: string | null }) => each.gradeId).id as string
    const { page, problems, left, note, look } = await inPseudo()
    await look('/desk', '[data-finger]')
    expect(await page.evaluate(() => document.documentElement.lang)).toBe('en-x-pseudo')
    await page.keyboard.press('?')
    await page.getByRole('dialog').getByRole('heading').first().waitFor()
    await note('keys at the desk')
    await look('/library', 'ul li')
    await look('/pupils', 'section')
    await look(`/sets/${set}`, '[role="img"]')
    for (const part of ['', '/lesson', '/test', '/history']) {
      await look(`/pupils/${nell.id}${part}?set=${set}`, 'h1')
      await page.getByText(/^Ffeettcchhiinngg/).waitFor({ state: 'detached' })
    }
    await look(`/print/week/${set}`, 'section')
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

  it.each([
    ['keys', 'C major together', '4'],
    ['bars', 'F major marimba 4.3', 'L'],
    ['four mallets', 'C major marimba four mallets 1234', null],
  ])('nothing that opens on the desk is English: %s', async (name, line, pinned) => {
    const { page, problems, left, note } = await inPseudo()
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
  })

  it('nothing that opens on a set, in the library or in a list of one’s own is English', async () => {
    const list = { title: 'Own words', edition: '', follows: false }
    const { body: own } = await call('/api/syllabi/corvane-piano/copy', 'POST', list)
    const { body: pupils } = await call('/api/pupils')
    const { sets } = pupils.find((pupil: { sets: { gradeId: string | null }[] }) =>
      pupil.sets.some((set) => set.gradeId),
    )
    const set = sets.find((each: { gradeId: string | null }) => each.gradeId)
    const { page, problems, left, note, look } = await inPseudo()
    for (const [path, ready] of [
      [`/sets/${set.id}`, '[role="img"]'],
      ['/library', 'ul li'],
      [`/syllabi/${own.id}`, 'section'],
    ] as const) {
      await look(path, ready)
      expect(await openAll(page, (opened) => note(`${path}: ${opened}`)), path).toBeGreaterThan(0)
    }
    expect(left).toEqual({})
    expect(problems).toEqual([])
  })
})
