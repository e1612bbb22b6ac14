import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { ensurePostgres, freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import type { RecipeInput } from '#core/instrument'
import { someOf } from '../support/night'
import { PARTS, strangeParts } from '../support/parts'
import { callStudy, expectAccessible, useBrowser } from '../support/browser'
import { newDatabase } from '../support/database'
import { asPage } from '../support/http'

const { open } = useBrowser()
let server: Awaited<ReturnType<typeof startServer>>
beforeAll(async () => {
  server = await startServer({
    ...{ port: await freePort(), databaseUrl: await newDatabase('own'), log: 'test-own-instrument.log' },
    binaries: await ensurePostgres(),
  })
})
afterAll(() => server.stop())

const pupils = async () =>
  (await (await fetch(`${server.address}/api/pupils`)).json()) as {
    id: string
    name: string
    instrument: string
    preferences: { settings?: object }
  }[]

describe('an accordion teacher’s first ten minutes', () => {
  it('begin on the accordion, stay on its board, and speak of nothing that it has not', async () => {
    const { page, problems } = await open(`${server.address}/desk`)
    // the sentence at the door: the instrument and its make, by mouse and by keys
    await page.locator('#welcome-name').fill('Reeds and Straps')
    await page.locator('#welcome-instrument').selectOption('accordion')
    await page.getByRole('button', { name: 'Make and school' }).press('Enter')
    await page.getByRole('combobox', { name: /^keyboard/ }).selectOption('26 keys')
    await page.getByRole('combobox', { name: /^bass board/ }).selectOption('48 bass')
    await page.keyboard.press('Escape')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Start empty' }).click()
    await page.getByRole('link', { name: 'Reeds and Straps' }).waitFor()

    // the desk opens on that instrument
    await page.goto(`${server.address}/desk`)
    await page.getByRole('button', { name: /^Right hand’s keyboard: 26 keys/ }).waitFor()
    await page.getByRole('button', { name: /^Bass board: 48/ }).waitFor()
    await page.getByRole('img', { name: /^Buttons of the board that are played, of 48/ }).waitFor()

    // the next key is called: still on 48 basses; what the board has not is said, with what would serve
    await callStudy(page, 'A flat major')
    await page
      .getByText(/A board of 48 has no A♭ major/)
      .first()
      .waitFor()
    await page
      .getByText(/It has this in E♭, B♭, F, C/)
      .first()
      .waitFor()
    await callStudy(page, 'F major')
    await page.getByRole('button', { name: /^Bass board: 48/ }).waitFor()
    await page
      .getByRole('heading', { name: /F major/ })
      .first()
      .waitFor()

    // the left hand alone has one octave, its counterbasses underlined
    await callStudy(page, 'F major left hand')
    await page
      .getByRole('button', { name: /one octave/ })
      .first()
      .waitFor()
    expect(await page.locator('.score .beneath, .beneath').count()).toBeGreaterThan(2)

    // a board of one's own make: the editor is a grid that arrows go through, and each button says whether it is there
    await page.getByRole('button', { name: /^Bass board: 48/ }).click()
    const grid = page.getByRole('group', { name: /^Buttons of the board/ })
    await grid.getByRole('button', { name: 'bass C: on the board' }).focus()
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('Enter')
    await grid.getByRole('button', { name: 'counterbass of C: missing' }).waitFor()
    await expectAccessible(page, '.choices')
    await page.getByRole('combobox', { name: 'to', exact: true }).selectOption('B')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: /^Bass board: 53/ }).waitFor()
    await page.getByRole('button', { name: /^Bass board: 53/ }).click()
    await page.getByRole('button', { name: 'As 48 usually are' }).click()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: /^Bass board: 48/ }).waitFor()

    // free bass and back
    await page.getByRole('button', { name: /^Free bass: standard bass/ }).click()
    await page.getByRole('button', { name: 'free bass: single notes' }).click()
    await page.keyboard.press('Escape')
    await page
      .getByRole('img', { name: /^Free bass with the fingers/ })
      .first()
      .waitFor()
    await expectAccessible(page)

    // a pupil by a line, on another make
    await page.goto(`${server.address}/pupils`)
    const line = page.getByLabel('New pupil')
    expect(await line.getAttribute('placeholder')).toContain('48 bass')
    await line.fill('Nina, C-system, 72 bass, Mondays 16:30')
    await line.press('Enter')
    await page.getByRole('link', { name: 'Nina' }).waitFor()
    const [nina] = await pupils()
    expect(nina).toMatchObject({
      instrument: 'accordion',
      preferences: { settings: { accordion: { treble: 'c-5', bass: 72 } } },
    })

    // her lesson: what is typed is for her instrument
    await page.getByRole('link', { name: 'Nina' }).click()
    await page.waitForURL(/\/pupils\//)
    await page.goto(`${page.url().replace(/\/$/, '')}/lesson`)
    await page.locator('#week-line').fill('D major left hand')
    await page.locator('#week-line').press('Enter')
    await page.getByText('added by hand').waitFor()
    await page
      .getByText(/^left hand alone, ♩ = 42/)
      .first()
      .waitFor()

    // a worksheet about the board
    await page.goto(`${server.address}/paper?sheet=worksheet`)
    await page.getByText('Bass or counterbass').first().waitFor()
    expect(await page.getByText('Rows of bars').count()).toBe(0)
    expect(await page.getByText('Sticks', { exact: true }).count()).toBe(0)
    expect(problems).toEqual([])
  })
})

describe('a mallet teacher', () => {
  it('has sticks everywhere: on the desk, in a pupil’s line, on paper', async () => {
    const { page, problems } = await open(`${server.address}/settings`)
    await page.locator('#studio-instrument').selectOption('vibraphone')
    await page.getByRole('button', { name: 'Make and school' }).click()
    await page.getByRole('combobox', { name: /^lead/ }).selectOption('left lead')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Save', exact: true }).first().click()
    await page.getByText('Saved', { exact: false }).first().waitFor()
    await page.goto(`${server.address}/desk`)
    await page.getByRole('button', { name: /^Instrument: vibraphone/ }).waitFor()
    // a browser that knew another instrument begins with it, and lies right once the server has answered
    const later = await page.context().newPage()
    await later.route('**/api/studio', async (route) => {
      await later.locator('[data-finger^="right"]').first().waitFor()
      await route.continue()
    })
    await later.addInitScript(() => localStorage.setItem('tactum taught', '{"instrument":"piano","make":{}}'))
    await later.goto(`${server.address}/desk`)
    await later.getByRole('button', { name: /^Instrument: vibraphone/ }).waitFor()
    await later.close()
    await callStudy(page, 'B flat major')
    await page
      .getByRole('button', { name: /left lead/ })
      .first()
      .waitFor()
    await page.getByRole('button', { name: /^Instrument: vibraphone/ }).waitFor()
    await page.goto(`${server.address}/pupils`)
    expect(await page.getByLabel('New pupil').getAttribute('placeholder')).toContain('vibraphone')
    await page.getByLabel('New pupil').fill('Odd, xylophone')
    await page.getByLabel('New pupil').press('Enter')
    await page.getByRole('link', { name: 'Odd' }).waitFor()
    expect((await pupils()).find(({ name }) => name === 'Odd')!.instrument).toBe('xylophone')
    await page.goto(`${server.address}/paper?sheet=worksheet`)
    await page.getByText('Rows of bars').first().waitFor()
    expect(await page.getByText('Black keys').count()).toBe(0)
    expect(problems).toEqual([])
  })

  it('lets bars ring, stops them with a mallet, and shows both', async () => {
    const { page, problems } = await open(`${server.address}/desk`)
    await callStudy(page, 'D major vibraphone two octaves')
    await page.getByRole('button', { name: /^How bars ring: pedal with every note/ }).click()
    await page.getByRole('button', { name: 'at every bar' }).press('Enter')
    await page.getByRole('button', { name: /^damped by the next stroke/ }).click()
    await page.getByRole('button', { name: 'dead on the beat' }).click()
    await expectAccessible(page, '.choices')
    await page.keyboard.press('Escape')
    await page
      .getByRole('img', { name: /^Pedal at every bar\. \d+ dead strokes\. \d+ bars are damped\./ })
      .first()
      .waitFor()
    await page.getByText(/The pedal is held for each bar/).waitFor()
    // another instrument has no pedal: dead strokes stay, the rest goes
    await callStudy(page, 'marimba')
    await page.getByRole('button', { name: 'How bars ring: dead strokes on the beat' }).waitFor()
    // one that nobody can play leaves its own instrument standing, not the last one
    await callStudy(page, 'A flat major accordion 12 bass')
    await page.getByText('Another study of this instrument is shown meanwhile').waitFor()
    await page.getByRole('img', { name: /^Buttons of the board that are played, of 12/ }).waitFor()
    expect(await page.getByRole('img', { name: /bars in two rows/ }).count()).toBe(0)
    expect(problems).toEqual([])
  })
})

/** Pages of a studio, as its teacher goes through them; the handbook is for all instruments. */
const PAGES = [
  'desk',
  'today',
  'library',
  'pupils',
  'paper?sheet=studies',
  'paper?sheet=chart',
  'paper?sheet=worksheet',
]
const TAUGHT_AS = [
  ['piano', 'piano', {}],
  ['accordion', 'accordion', { instrument: 'accordion', accordion: { treble: 'keys-34', bass: 72 } }],
  ['accordion', 'buttons', { instrument: 'accordion', accordion: { treble: 'c-5', bass: 96 } }],
  ['marimba', 'marimba', { instrument: 'marimba-4.3' }],
  ['vibraphone', 'vibraphone', { instrument: 'vibraphone-3.0' }],
] as const

describe('a studio’s pages', () => {
  // one of them by day, all at night
  it.each(someOf(TAUGHT_AS, 1, 4).map((each) => [each[1], each] as const))(
    'for %s name no part that the instrument has not',
    async (_, [instrument, , make]) => {
      const { page } = await open(`${server.address}/about`)
      const ask = async (path: string, method = 'GET', body?: object) => {
        const answer = await asPage(server.address, path, method, body)
        if (!answer.ok) throw new Error(await answer.text())
        return answer.status === 204 ? null : await answer.json()
      }
      for (const { id } of await pupils()) await ask(`/api/pupils/${id}`, 'DELETE')
      const { name, teacher, settings } = await ask('/api/studio')
      await ask('/api/studio', 'PUT', { name, teacher, settings: { ...settings, instrument, make } })
      const pupil = await ask('/api/pupils', 'POST', { name: `Own ${instrument}`, instrument })
      const strange = strangeParts({ instrument: 'piano', ...make } as RecipeInput)
      for (const path of [...someOf(PAGES, 6), `pupils/${pupil.id}`, `pupils/${pupil.id}/lesson`]) {
        await page.goto(`${server.address}/${path}`, { waitUntil: 'networkidle' })
        const said = await page.evaluate(() => {
          const named = [...document.querySelectorAll('main [aria-label], main [placeholder], main [title]')].flatMap(
            (one) => ['aria-label', 'placeholder', 'title'].map((name) => one.getAttribute(name) ?? ''),
          )
          return [document.querySelector('main')!.innerText, ...named]
        })
        for (const words of said) for (const part of strange) expect(words, `${path}: ${part}`).not.toMatch(PARTS[part])
      }
    },
  )
})
