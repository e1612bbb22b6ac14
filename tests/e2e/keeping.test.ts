import { describe, expect, it } from 'vitest'
import type { Page } from 'playwright-core'
import { more, useBrowser } from '../support/browser'
import { fillDisk } from '../support/fullDisk'
import { call } from '../support/http'
import { atNight } from '../support/night'

/** Longer than anything that saves by itself waits, in milliseconds of the page's own clock. */
const SETTLED = 10_000
const { open, openIn } = useBrowser()
const finger = (hand: string, index: number) => `[data-finger="${hand} ${index}"]`
async function pin(page: Page, hand: string, index: number, key: string): Promise<void> {
  await page.locator(finger(hand, index)).click()
  await page.keyboard.press(key)
  await page.locator(`${finger(hand, index)}.pinned`).waitFor()
}
const fresh = async (tonic: string) =>
  (await call('/api/studies', 'POST', { recipe: { material: { tonic, kind: 'major' } } })).body
const stored = async (id: string) => (await call(`/api/studies/${id}`)).body

describe('undo and redo', () => {
  atNight('take back every change by its name, and give it again', async () => {
    const { page } = await open('/desk')
    await pin(page, 'right', 3, '4')
    await page.getByRole('button', { name: 'Octaves: two octaves', exact: true }).click()
    await page.getByRole('option', { name: 'three octaves' }).click()
    await page.getByRole('button', { name: 'Touch: legato', exact: true }).click()
    await page.getByRole('option', { name: 'staccato' }).click()
    for (const words of ['touch: staccato', 'length: three octaves', 'pin 4 on F right hand']) {
      await page.getByRole('button', { name: `Undo ${words}`, exact: true }).click()
      await page.getByRole('button', { name: `Redo ${words}`, exact: true }).waitFor()
    }
    await expect.poll(() => page.locator('.finger.pinned').count()).toBe(0)
    expect(await page.getByRole('button', { name: 'Undo', exact: true }).isDisabled()).toBe(true)
    for (const words of ['pin 4 on F right hand', 'length: three octaves', 'touch: staccato']) {
      await page.getByRole('button', { name: `Redo ${words}`, exact: true }).click()
    }
    await page.getByRole('button', { name: 'Touch: staccato', exact: true }).waitFor()
    // a number on its way is one step
    await page.getByRole('button', { name: /^Tempo:/ }).click()
    await page.getByLabel('Quarter notes a minute').fill('')
    await page.keyboard.type('104', { delay: 60 })
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: /^Undo tempo: ♩ = 104/ }).click()
    await page.getByRole('button', { name: 'Undo touch: staccato' }).waitFor()
  })
})

describe('undo', () => {
  it('outlives a reload, of what is saved and of what is not', async () => {
    const { page } = await open('/desk')
    const octaves = page.getByRole('button', { name: /^Octaves:/ })
    const choose = async (words: string) => {
      await octaves.click()
      await page.getByRole('option', { name: words }).click()
    }
    await choose('three octaves')
    // what follows at once is one step
    await page.waitForTimeout(1000)
    await choose('one octave')
    await page.getByText('a draft in this browser').waitFor()
    await page.reload()
    await page.getByRole('button', { name: 'Undo length: one octave' }).click()
    await page.getByRole('button', { name: 'Octaves: three octaves' }).waitFor()
    const study = await fresh('D')
    await page.goto(`/desk/${study.id}`)
    await page.locator(finger('right', 0)).waitFor()
    await choose('four octaves')
    await expect.poll(async () => (await stored(study.id)).recipe.octaves, { timeout: SETTLED }).toBe(4)
    await page.reload()
    await page.getByRole('button', { name: 'Undo length: four octaves' }).click()
    await page.getByRole('button', { name: 'Octaves: two octaves' }).waitFor()
    await expect.poll(async () => (await stored(study.id)).recipe.octaves, { timeout: SETTLED }).toBe(2)
    // what somebody else made of it meanwhile has no way back from here
    const { recipe, version } = await stored(study.id)
    await call(`/api/studies/${study.id}`, 'PUT', { recipe: { ...recipe, octaves: 1 }, version })
    await page.reload()
    await page.getByRole('button', { name: 'Octaves: one octave' }).waitFor()
    expect(await page.getByRole('button', { name: 'Undo', exact: true }).isDisabled()).toBe(true)
  })
})

describe('work is never lost', () => {
  atNight('what is not saved outlives a reload, and the window', async () => {
    const { page } = await open('/desk')
    await pin(page, 'right', 3, '4')
    await page.getByText('a draft in this browser').waitFor()
    await page.reload()
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
    const context = page.context()
    // a second window of the same browser leaves the first one's work alone
    const { page: other } = await openIn(context, '/desk')
    await other.locator(finger('right', 0)).waitFor()
    await expect.poll(() => other.getByText('was not saved').count()).toBe(0)
    await other.close()
    await page.close()
    const { page: later } = await openIn(context, '/desk')
    await later.getByText('“C major, hands together, two octaves” was not saved').waitFor()
    await later.getByRole('button', { name: 'Back' }).click()
    await later.locator(`${finger('right', 3)}.pinned`).waitFor()
  })

  it('a study of the library saves itself', async () => {
    const { id } = await fresh('E')
    const { page } = await open(`/desk/${id}`)
    await pin(page, 'left', 2, '2')
    await page.getByText(/^not saved since/).waitFor()
    await page.getByText(/^saved \d/).waitFor()
    expect(await stored(id)).toMatchObject({ version: 2, recipe: { pins: [{ hand: 'left', index: 2, finger: 2 }] } })
  })

  it('goes on without a database behind the server, says so once, and saves when it is back, without a press', async () => {
    const { id } = await fresh('F')
    const { page } = await open(`/desk/${id}`)
    await page.locator(finger('right', 0)).waitFor()
    const gone = {
      status: 503,
      json: { code: 'database', message: 'The database does not answer just now.', path: '' },
    }
    await page.route('**/api/**', (route) => route.fulfill(gone))
    await pin(page, 'left', 2, '2')
    await page.getByText('server not answering: saved in this browser').waitFor()
    expect(await page.getByText('The server does not answer. Your changes stay').count()).toBe(1)
    await page.unroute('**/api/**')
    await page.getByText(/^saved \d/).waitFor()
    await page.getByText('The server does not answer').waitFor({ state: 'detached' })
    expect(await stored(id)).toMatchObject({ version: 2, recipe: { pins: [{ hand: 'left', index: 2, finger: 2 }] } })
  })

  atNight(
    'keeps what was changed while the disk is full, says so once, and saves when there is room, without a press',
    async () => {
      const { id } = await fresh('G')
      const { page } = await open(`/desk/${id}`)
      await page.locator(finger('right', 0)).waitFor()
      const makeRoom = await fillDisk()
      try {
        await pin(page, 'left', 2, '2')
        await page.getByText('disk full: saved in this browser').waitFor()
        expect(await page.getByText('The disk is full, so nothing can be saved.').count()).toBe(1)
        // the page lives: what was pinned stands, and nothing waits
        await page.locator(`${finger('left', 2)}.pinned`).waitFor()
        expect(await page.locator('.waiting').count()).toBe(0)
        expect((await stored(id)).version).toBe(1)
      } finally {
        await makeRoom()
      }
      await page.getByText(/^saved \d/).waitFor()
      await page.getByText('The disk is full').waitFor({ state: 'detached' })
      expect(await stored(id)).toMatchObject({ version: 2, recipe: { pins: [{ hand: 'left', index: 2, finger: 2 }] } })
    },
  )

  atNight('goes on without the server, and saves when it is back', async () => {
    const { id } = await fresh('B')
    const { page } = await open(`/desk/${id}`)
    await page.locator(finger('right', 0)).waitFor()
    await page.context().setOffline(true)
    await pin(page, 'left', 2, '2')
    await page.getByText('server not answering: saved in this browser').waitFor()
    await page.getByRole('button', { name: 'Octaves: two octaves', exact: true }).click()
    await page.getByRole('option', { name: 'one octave' }).click()
    await page.getByRole('button', { name: 'Octaves: one octave', exact: true }).waitFor()
    expect((await stored(id)).version).toBe(1)
    await page.context().setOffline(false)
    await page.getByText(/^saved \d/).waitFor()
    expect(await stored(id)).toMatchObject({ version: 2, recipe: { octaves: 1 } })
  })

  atNight('saves what is asked, not what is still shown, and never one study over another', async () => {
    const { page } = await open('/desk')
    await page.locator(finger('right', 0)).waitFor()
    // a long study: saved in the moment in which it is called
    await page.keyboard.press('/')
    await page.getByRole('combobox', { name: /^Type a scale/ }).fill('Db major relay by half steps, in groups of four')
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.waitForURL(/\/desk\/[0-9a-f-]{36}$/)
    const first = page.url().split('/').at(-1)!
    expect((await stored(first)).recipe).toMatchObject({
      material: { tonic: 'Db' },
      pattern: { journey: 'relay-half-step' },
    })
    // another begun while the answer to a save is still on its way
    await more(page, 'New')
    await pin(page, 'right', 3, '4')
    await page.route('**/api/studies', async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 1200))
      await route.continue()
    })
    const answered = page.waitForResponse((answer) => answer.request().method() === 'POST')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await more(page, 'New')
    const { id } = (await (await answered).json()) as { id: string }
    await page.locator('.finger.pinned').first().waitFor({ state: 'detached' })
    await page.clock.install()
    await pin(page, 'left', 4, '2')
    await page.clock.runFor(SETTLED)
    expect(await stored(id)).toMatchObject({ version: 1, recipe: { pins: [{ hand: 'right', index: 3, finger: 4 }] } })
    await page.getByText('a draft in this browser').waitFor()
  })

  atNight('a save that is refused says so, and is not sent again and again', async () => {
    const { id } = await fresh('G')
    const { page } = await open(`/desk/${id}`)
    let sent = 0
    await page.route(`**/api/studies/${id}`, (route) => {
      if (route.request().method() !== 'PUT') return route.continue()
      sent++
      const body = JSON.stringify({ code: 'server', message: 'The server could not do this.', path: '' })
      return route.fulfill({ status: 500, contentType: 'application/json', body })
    })
    await page.clock.install()
    await pin(page, 'left', 2, '2')
    await page.clock.runFor(SETTLED)
    await page.getByText('The server could not do this.').waitFor()
    await page.clock.runFor(SETTLED)
    expect(sent).toBe(1)
    await page.unroute(`**/api/studies/${id}`)
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.getByText(/^saved \d/).waitFor()
  })

  it('a new study that was to be saved while the server was gone is saved once', async () => {
    const { page } = await open('/desk')
    await page.getByRole('button', { name: 'Key: C major', exact: true }).waitFor()
    const titles = async () =>
      (await call('/api/studies')).body.filter((each: { title: string }) => each.title.startsWith('C major, hands'))
    const before = (await titles()).length
    await page.context().setOffline(true)
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.getByText('server not answering: saved in this browser').waitFor()
    await page.context().setOffline(false)
    await page.getByText(/^saved \d/).waitFor()
    expect((await titles()).length).toBe(before + 1)
  })

  atNight('never overwrites what was saved while the server was out of reach', async () => {
    const { id, recipe } = await fresh('F#')
    const { page } = await open(`/desk/${id}`)
    await page.locator(finger('right', 0)).waitFor()
    await page.context().setOffline(true)
    await pin(page, 'right', 2, '2')
    await page.getByText('server not answering: saved in this browser').waitFor()
    await call(`/api/studies/${id}`, 'PUT', { recipe: { ...recipe, octaves: 1 }, version: 1 })
    await page.context().setOffline(false)
    await page.getByText('Another window saved this study meanwhile').waitFor()
    expect(await stored(id)).toMatchObject({ version: 2, recipe: { octaves: 1 } })
    // even a reload in between keeps both
    await page.reload()
    await page.locator(`${finger('right', 2)}.pinned`).waitFor()
    await page.getByText('Another window saved this study meanwhile').waitFor()
    await page.getByRole('button', { name: 'See both' }).click()
    await page.getByRole('button', { name: 'Use the saved one' }).click()
    await page.getByRole('button', { name: 'Octaves: one octave', exact: true }).waitFor()
    expect((await stored(id)).version).toBe(2)
  })
})
