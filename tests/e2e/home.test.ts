import { describe, expect, it } from 'vitest'
import { barriers, expectAccessible, useBrowser } from '../support/browser'
import { call } from '../support/http'

const { open, openIn } = useBrowser()
const PHONE = { width: 390, height: 844 }

/** A pupil of the demo with a week that was set, and the address of the pupil's page. */
async function pupilWithWeek(name: RegExp) {
  const { body: pupils } = await call('/api/pupils')
  const { id } = pupils.find((pupil: { name: string }) => name.test(pupil.name))
  const { body: weeks } = await call(`/api/pupils/${id}/weeks`)
  const { path } = (await call(`/api/pupils/${id}/link`, 'POST')).body
  return { id: id as string, path: path as string, lines: weeks[0].lines as { id: string }[] }
}
const record = async (id: string) =>
  (await call(`/api/pupils/${id}/record`)).body.entries as { by: string; outcome: string }[]
const own = async (id: string) => (await record(id)).filter(({ by }) => by === 'pupil').length

describe('a pupil’s page', () => {
  it('is made in the lesson, shown as a code, and renewed', async () => {
    const { id } = await pupilWithWeek(/^Oda/)
    await call(`/api/pupils/${id}/link`, 'DELETE')
    const { page, problems } = await open(`/pupils/${id}/lesson`)
    await page.getByRole('button', { name: 'Page for home' }).click()
    await page.getByRole('button', { name: 'Create the page' }).click()
    await page.getByRole('img', { name: 'Code of the address' }).waitFor()
    const address = await page.getByRole('textbox', { name: 'Address' }).inputValue()
    await expectAccessible(page, '.choices .grid')
    await page.getByRole('button', { name: 'New address' }).click()
    await page.getByRole('button', { name: 'New address' }).last().click()
    await expect.poll(() => page.getByRole('textbox', { name: 'Address' }).inputValue()).not.toBe(address)
    const { path } = (await call(`/api/pupils/${id}/link`)).body.link
    expect(await page.getByRole('textbox', { name: 'Address' }).inputValue()).toMatch(new RegExp(`${path}$`))
    expect(problems).toEqual([])
  })

  it.each([
    [/^Joss/, PHONE, undefined],
    [/^Oda/, { width: 360, height: 640 }, 'dark' as const],
  ])('of %s is read on a phone, and marks go into the record as the pupil’s own', async (name, size, ground) => {
    const pupil = await pupilWithWeek(name)
    const before = await own(pupil.id)
    const { page, problems } = await open(pupil.path, size)
    if (ground) await page.emulateMedia({ colorScheme: ground })
    expect(await page.locator('.line').count()).toBe(pupil.lines.length)
    // nothing stands beyond the edge of the glass
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(size.width)
    expect(await barriers(page, undefined, ground)).toEqual([])
    const line = page.locator('.line').first()
    await line.getByRole('button', { name: 'Play' }).click()
    await line.getByRole('button', { name: 'Stop' }).click()
    await line.getByRole('button', { name: 'Play' }).waitFor()
    await line.getByRole('button', { name: 'Nearly' }).focus()
    await page.keyboard.press('Enter')
    await page.getByText('Saved. Your teacher will see it.').waitFor()
    await line.getByText('Done today: Nearly').waitFor()
    expect(await own(pupil.id)).toBe(before + 1)
    await page.getByLabel('Show fingers').uncheck()
    expect(await page.locator('.fingers').first().isVisible()).toBe(false)
    expect(problems).toEqual([])
  })

  it('opens without a connection after one visit, and what was done then is sent later, once', async () => {
    const pupil = await pupilWithWeek(/^Joss/)
    const before = await own(pupil.id)
    const { page } = await open(pupil.path, PHONE)
    const context = page.context()
    await page.evaluate(async (path) => {
      await navigator.serviceWorker.ready
      while (!(await caches.match(path))) await new Promise((resolve) => setTimeout(resolve, 100))
    }, pupil.path)
    await context.setOffline(true)
    await page.close()
    const { page: offline } = await openIn(context, pupil.path)
    expect(await offline.locator('.music').count()).toBeGreaterThan(0)
    await offline.locator('.line').last().getByRole('button', { name: 'Easy' }).click()
    await offline.getByText('Kept on this phone.').waitFor()
    // also when it is closed meanwhile
    await offline.close()
    const { page: again } = await openIn(context, pupil.path)
    await again.getByText('Kept on this phone.').waitFor()
    expect(await own(pupil.id)).toBe(before)
    await context.setOffline(false)
    await again.getByText('Saved. Your teacher will see it.').waitFor()
    await again.reload()
    await again.locator('.line').last().getByText('Done today: Easy').waitFor()
    expect(await own(pupil.id)).toBe(before + 1)
  })

  it('loses nothing beside a mark that is refused', async () => {
    const pupil = await pupilWithWeek(/^Joss/)
    const before = await own(pupil.id)
    const { page } = await open(pupil.path, PHONE)
    await page.evaluate(
      ([path, line]) => {
        const mark = (date: string) => ({ id: '', line, outcome: 'right', tempo: 60, date })
        const today = new Date().toISOString().slice(0, 10)
        const marks = [mark(today), mark('2020-01-01'), mark(today)]
        const kept = marks.map((each, at) => ({
          ...each,
          id: `${at}1111111-1111-4111-8111-11111111111${Date.now() % 10}`,
        }))
        localStorage.setItem(`tactum marks ${path!.split('/').at(-1)}`, JSON.stringify(kept))
      },
      [pupil.path, pupil.lines[0]!.id],
    )
    await page.reload()
    await page.getByText('Saved. Your teacher will see it.').waitFor()
    expect(await own(pupil.id)).toBe(before + 2)
  })

  it('says that it is closed, where its address was withdrawn', async () => {
    const pupil = await pupilWithWeek(/^Joss/)
    const { page } = await open(pupil.path, PHONE)
    await call(`/api/pupils/${pupil.id}/link`, 'DELETE')
    await page.locator('.line').first().getByRole('button', { name: 'Easy' }).click()
    await page.getByText('This page is closed.').waitFor()
    await page.reload()
    await page.getByRole('heading', { name: 'This page is not here' }).waitFor()
  })
})
