import type { Page } from 'playwright-core'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { expectAccessible, useBrowser } from '../support/browser'
import { newDatabase } from '../support/database'
import { asPage } from '../support/http'

const { open } = useBrowser()
let server: Awaited<ReturnType<typeof startServer>>
let started: Parameters<typeof startServer>[0]
beforeAll(async () => {
  started = { port: await freePort(), databaseUrl: await newDatabase('monday'), log: 'test-monday.log' }
  server = await startServer(started)
})
afterAll(() => server.stop())

const week = (page: Page) => page.getByRole('region', { name: 'This week' })
const asks = (page: Page) => page.getByRole('region', { name: 'This lesson' })
const lines = (page: Page) => week(page).getByRole('listitem')
const outcome = (page: Page, name: string, at = 0) =>
  asks(page)
    .getByRole('button', { name: new RegExp(`^${name}:`) })
    .nth(at)

describe('the first door', () => {
  it('asks once, over a page that works already, and opens a studio of one’s own', async () => {
    const { page, problems } = await open(`${server.address}/desk`)
    const band = page.getByRole('region', { name: 'Your studio' })
    await page.locator('[data-finger]').first().waitFor()
    await band.getByLabel('My studio is called').fill('Rowan Street')
    await band.getByLabel('I teach').selectOption('accordion')
    await band.getByLabel('and write').selectOption('british')
    await expectAccessible(page)
    await band.getByRole('button', { name: 'Start empty' }).click()
    await page.getByRole('link', { name: 'Rowan Street' }).waitFor()
    await band.waitFor({ state: 'detached' })

    // nothing is there, and the page says what to do first; what is taught is what a new study and pupil have
    await page.goto(`${server.address}/desk`)
    await page.getByRole('button', { name: /^Instrument: accordion/ }).waitFor()
    await page.getByRole('link', { name: 'Today' }).click()
    await page.getByRole('link', { name: 'Add the first one' }).click()
    expect(await page.getByLabel('Instrument').inputValue()).toBe('accordion')
    expect(problems).toEqual([])
  })

  it.each(['piano', 'accordion', 'marimba'])(
    'leads to a first lesson on the %s in a minute, by keyboard',
    async (instrument) => {
      const { page, problems } = await open(`${server.address}/pupils`)
      const today = new Date().toLocaleDateString('en-GB', { weekday: 'long' })
      await page
        .getByLabel('New pupil')
        .fill(`Nina ${instrument}, ${instrument}, ${today}s 16:30, about Grade 2, knows C G`)
      await page.getByText('16:30, 30 min · level 2 · knows C G').waitFor()
      await page.keyboard.press('Enter')
      await page.getByRole('link', { name: `Nina ${instrument}` }).waitFor()
      await page.goto(`${server.address}/today`)
      await page
        .getByRole('list', { name: 'Today’s lessons' })
        .getByRole('link', { name: `Nina ${instrument}` })
        .press('Enter')
      await outcome(page, 'right').waitFor()
      expect(await lines(page).count()).toBeGreaterThan(1)
      await page.getByRole('button', { name: /^Course|course: Level 2/i }).waitFor()
      await expectAccessible(page)
      expect(problems).toEqual([])
    },
  )
})

/** By then a page has mostly worked out what came: on a slower one nothing is found, and nothing fails. */
const SOON = 1000
/** Answers to what is read from somewhere come, as they were then, once that is said. */
async function heldBack(page: Page, path: string) {
  let goOn = (): void => {}
  const until = new Promise<void>((resolve) => (goOn = resolve))
  await page.route(path, async (route) => {
    if (route.request().method() !== 'GET') return route.continue()
    const response = await route.fetch()
    await until
    return route.fulfill({ response })
  })
  const goesOn = async (): Promise<void> => {
    await page.waitForTimeout(SOON)
    goOn()
    await page.unrouteAll({ behavior: 'wait' })
    await page.waitForTimeout(SOON)
  }
  return { goesOn }
}

describe('a lesson without an exam', () => {
  async function lessonOf(name: string): Promise<{ page: Page; problems: string[]; id: string }> {
    const made = await asPage(server.address, '/api/pupils', 'POST', {
      name,
      instrument: 'piano',
      learning: { level: 3 },
    })
    const { id } = (await made.json()) as { id: string }
    return { ...(await open(`${server.address}/pupils/${id}/lesson`)), id }
  }
  const record = async (id: string) =>
    (
      (await (await fetch(`${server.address}/api/pupils/${id}/record`)).json()) as {
        entries: Record<string, unknown>[]
      }
    ).entries

  it('hears what went wrong, sets it for the week, prints it, and takes everything back', async () => {
    const { page, problems, id } = await lessonOf('Ada L.')
    await outcome(page, 'right').waitFor()
    const proposed = await lines(page).allTextContents()
    // by key: the first is right, the second wrong at the turn
    await page.keyboard.press('1')
    await asks(page).locator('[aria-pressed=true]').first().waitFor()
    await page.keyboard.press('3')
    await asks(page).getByRole('button', { name: 'the turn' }).click()
    await lines(page).first().getByText('around the turn').waitFor()
    await lines(page).first().getByText('because it went wrong there').waitFor()
    expect((await record(id)).map(({ outcome: how }) => how)).toEqual(['right', 'wrong'])

    // typed, moved, deleted, by keyboard; each is undone by itself
    await page.getByLabel('Type a scale').fill('E major')
    await page.keyboard.press('Enter')
    await lines(page).last().getByText('E major').waitFor()
    const count = await lines(page).count()
    await lines(page).last().getByRole('button', { name: 'E major', exact: true }).press('Alt+ArrowUp')
    await lines(page)
      .nth(count - 2)
      .getByText('E major')
      .waitFor()
    await lines(page)
      .nth(count - 2)
      .getByRole('button', { name: 'E major', exact: true })
      .press('Delete')
    await expect.poll(() => lines(page).count()).toBe(count - 1)
    await expectAccessible(page)

    await page.getByRole('link', { name: 'Print the sheet' }).click()
    await page.locator('svg.page text', { hasText: 'around the turn' }).first().waitFor()
    // the lesson is read again, slowly: what is typed meanwhile is not lost to what was read before it
    const read = await heldBack(page, '**/api/pupils/*/lesson*')
    await page.goBack()
    await outcome(page, 'right').waitFor()
    // the sheet was left: what was done since is undone step by step
    await page.getByLabel('Type a scale').fill('B major')
    await page.keyboard.press('Enter')
    await read.goesOn()
    await lines(page).last().getByText('B major').waitFor()
    await week(page).getByRole('button', { name: 'Undo' }).click()
    await expect.poll(() => lines(page).count()).toBe(count - 1)
    await week(page).getByRole('button', { name: 'Back to the proposal' }).click()
    await expect.poll(() => lines(page).first().textContent()).not.toBe(proposed[0])
    expect(problems).toEqual([])
  })

  it('is told by pedal and by a typed line, and undone by Ctrl+Z', async () => {
    const { page, problems, id } = await lessonOf('Ben S.')
    await outcome(page, 'right').waitFor()
    await page.keyboard.press('PageDown')
    await expect.poll(async () => (await record(id)).length).toBe(1)
    await page.keyboard.press('Control+z')
    await expect.poll(async () => (await record(id)).filter(({ withdrawn }) => withdrawn).length).toBe(1)
    const [title] = await asks(page).locator('li .font-serif').allTextContents()
    await page.keyboard.press('/')
    await page.keyboard.type(`${title} second go right`)
    await page.getByText(/hesitated at/).waitFor()
    await page.keyboard.press('Enter')
    await expect.poll(async () => (await record(id)).at(-1)?.outcome).toBe('hesitated')
    expect(problems).toEqual([])
  })

  it('goes on when the server was started again in the middle', async () => {
    const { page, id } = await lessonOf('Cleo M.')
    await outcome(page, 'right').waitFor()
    await server.stop()
    await outcome(page, 'right').click()
    await page.getByText('The server does not answer. Your changes stay on this page').waitFor()
    // what is open stays, a page that is not here yet says so
    await page.getByRole('link', { name: 'Library' }).click()
    await page
      .getByText(/this page is not loaded yet|does not answer/)
      .first()
      .waitFor()
    expect(await outcome(page, 'wrong').isVisible()).toBe(true)
    server = await startServer({ ...started, again: true })
    await expect.poll(async () => (await record(id)).length).toBe(1)
  })

  it('is given on a phone by finger, with everything large enough', async () => {
    const { page, problems, id } = await lessonOf('Dora F.')
    await page.context().close()
    const phone = await open(`${server.address}/pupils/${id}/lesson`, { width: 390, height: 844 }, true)
    await outcome(phone.page, 'right').waitFor()
    const small = await phone.page.evaluate(
      () =>
        [...document.querySelectorAll<HTMLElement>('main button.plain-button, main .main-button, main .tempo button')]
          .filter((each) => each.getClientRects().length > 0)
          .map((each) => each.getBoundingClientRect())
          .filter(({ height }) => height < 44).length,
    )
    expect(small).toBe(0)
    await outcome(phone.page, 'hesitated').tap()
    await expect.poll(async () => (await record(id)).length).toBe(1)
    expect([...problems, ...phone.problems]).toEqual([])
  })
})

describe('six lessons in a row', () => {
  it('each open by one press, with the next at hand', async () => {
    const names = ['Eva', 'Finn', 'Gus', 'Hal', 'Ida', 'Jan']
    const weekday = new Date().toLocaleDateString('en-GB', { weekday: 'short' }).toLowerCase()
    for (const [at, name] of names.entries()) {
      const lessons = [{ weekday, time: `${9 + at}:00`.padStart(5, '0'), minutes: 30 }]
      await asPage(server.address, '/api/pupils', 'POST', { name: `Six ${name}`, instrument: 'piano', lessons })
    }
    const { page, problems } = await open(`${server.address}/today`)
    await page.getByRole('list', { name: 'Today’s lessons' }).getByRole('link', { name: 'Six Eva' }).click()
    for (const [at, name] of names.entries()) {
      await page.getByRole('button', { name: `Pupil: Six ${name}` }).waitFor()
      await outcome(page, 'right').click()
      await asks(page).locator('[aria-pressed=true]').first().waitFor()
      if (at < names.length - 1) await page.getByRole('link', { name: `Next: Six ${names[at + 1]}` }).click()
    }
    expect(problems).toEqual([])
  })
})
