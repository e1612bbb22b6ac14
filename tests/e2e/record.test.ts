import { randomUUID } from 'node:crypto'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { expectAccessible, useBrowser } from '../support/browser'
import { call, freshSet } from '../support/http'
import { pupilOnTheWay } from '../support/onTheWay'
import { atNight } from '../support/night'

const { open } = useBrowser()

const study = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first()
const close = (page: Page) => page.getByRole('button', { name: 'Close' })

describe('the record of a pupil', () => {
  it('takes the errand of the lesson by mouse: G minor at 96, right; will they be ready?', async () => {
    const { path, record } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    await study(page, /^G harmonic minor/).waitFor()
    await study(page, /^G harmonic minor/).click()
    const panel = page.getByRole('region', { name: /^G harmonic minor/ })
    await panel.getByLabel('Beats a minute').fill('96')
    await panel.getByRole('button', { name: /^right: G harmonic minor/ }).click()
    await panel.getByText(/lesson: right at 96/).waitFor()
    // when it is asked again stands there at once
    await panel.getByText(/Test again/).waitFor()
    await close(page).click()
    await page.getByText(/of 5\b.*would be right if asked/).waitFor()
    expect(await page.getByRole('heading', { level: 1 }).textContent()).toContain('5 in the set, 3 played')
    expect((await record()).at(-1)).toMatchObject({ outcome: 'right', tempo: 192, kind: 'lesson', by: 'teacher' })
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  atNight('takes it by keyboard, as it would be said', async () => {
    const { path, record } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    await study(page, /^G harmonic minor/).waitFor()
    await page.getByLabel('Or type it').focus()
    await page.keyboard.type('G minor together 96 clean, D minor LH wrong at the turn')
    await page.getByText('G harmonic minor, hands together, two octaves: right at ♩ = 96', { exact: false }).waitFor()
    await page.keyboard.press('Enter')
    await expect.poll(async () => (await record()).length).toBe(5)
    await page.getByText(/of 5\b.*would be right if asked/).waitFor()
    const [one, other] = (await record()).slice(-2)
    expect(one).toMatchObject({ outcome: 'right', tempo: 192, hands: 'together' })
    expect(other).toMatchObject({ outcome: 'wrong', hands: 'left', where: { place: 'turn' } })
    // what it does not know it asks, and adds nothing
    await page.keyboard.type('B flat minor clean')
    await page.getByText('nothing in this set').waitFor()
    await page.keyboard.press('Enter')
    expect(await record()).toHaveLength(5)
    expect(problems).toEqual([])
  })

  atNight('takes it by touch: wrong, and where on the stair; and takes it back', async () => {
    const { path, record } = await pupilOnTheWay()
    const { page, problems } = await open(path(), { width: 1024, height: 768 }, true)
    await study(page, /^A major/).waitFor()
    await study(page, /^A major/).tap()
    await page
      .getByRole('button', { name: /^wrong: A major/ })
      .first()
      .tap()
    await page.locator('.where .stair .disc').nth(4).tap()
    await expect
      .poll(async () => (await record()).at(-1))
      .toMatchObject({ outcome: 'wrong', where: { player: 'right' } })
    await close(page).tap()
    await page.getByText(/of 5\b.*would be right if asked/).waitFor()
    await page.getByText('A major: wrong, in the record.').waitFor()
    await page.getByRole('button', { name: 'Undo' }).tap()
    await expect.poll(async () => (await record()).at(-1)).toMatchObject({ withdrawn: true })
    expect(problems).toEqual([])
  })

  it('changes the plan with the aim: more minutes, another day, a week for a study', async () => {
    const { path, setId, day } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    await page.getByText('Today, 20 minutes').waitFor()
    await page.getByRole('button', { name: /^Exam and days/ }).click()
    await page.getByLabel('Minutes a day').fill('4')
    await page.getByLabel('Exam date').fill(day(30))
    await page.getByRole('button', { name: 'Save' }).click()
    await page.getByText('Today, 4 minutes').waitFor()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'What would help?' }).click()
    const more = page.getByRole('button', { name: /minutes a day$/ })
    await more.click()
    await page.getByRole('button', { name: 'Save' }).click()
    await page.getByText(/^Today, ([5-9]|[1-6]\d) minutes/).waitFor()
    await study(page, /^C minor arpeggio/).click()
    const week = page.getByLabel('Start in the week of')
    await week.selectOption({ index: 3 })
    await expect.poll(async () => (await call(`/api/sets/${setId}/practice`)).body.aim.pins.length).toBe(1)
    expect(problems).toEqual([])
  })

  atNight('lays planned work into another week by hand', async () => {
    const { path, setId } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    const handle = page.locator('.handle').last()
    const box = (await handle.boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
    await page.mouse.down()
    await page.mouse.move(box.x + 150, box.y + 4, { steps: 4 })
    await page.mouse.up()
    await expect.poll(async () => (await call(`/api/sets/${setId}/practice`)).body.aim.pins.length).toBe(1)
    expect(problems).toEqual([])
  })

  atNight('opens a stage on the desk as a study', async () => {
    const { path } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    await study(page, /^A major/).click()
    await page.getByRole('button', { name: /^the crossings alone/ }).click()
    await page
      .getByRole('button', { name: /^On the desk: Pattern/ })
      .first()
      .click()
    await page.waitForURL(/\/desk/)
    await page.locator('[data-finger="right 0"]').waitFor()
    expect(await page.getByRole('heading', { level: 1 }).textContent()).toContain('Pattern')
    expect(problems).toEqual([])
  })
})

describe('tests on the stand', () => {
  it('calls what is due, once each, by key and pedal, and keeps how it went', async () => {
    const { path, record } = await pupilOnTheWay()
    const { page, problems } = await open(path('/test'))
    await page.getByText('1 of 3').waitFor()
    expect(await page.getByRole('heading', { level: 1 }).textContent()).toContain('G harmonic minor')
    await expectAccessible(page)
    await page.keyboard.press('PageDown')
    await page.getByText('2 of 3').waitFor()
    await page.keyboard.press('2')
    await page.getByText('3 of 3').waitFor()
    await page.keyboard.press('PageUp')
    await page.getByText('1 of 3 right at the first try').waitFor()
    const shown = (await record()).slice(-3)
    expect(shown.map(({ outcome }: { outcome: string }) => outcome)).toEqual(['right', 'hesitated', 'wrong'])
    expect(shown.every(({ kind }: { kind: string }) => kind === 'cold-test')).toBe(true)
    // nothing is asked twice on a day
    await page.reload()
    await page.getByText('No tests are due today.').waitFor()
    expect(problems).toEqual([])
  })
})

describe('today, history and the week', () => {
  atNight('goes through today with a timer that says when to rest', async () => {
    const { path, record } = await pupilOnTheWay()
    const { page, problems } = await open(path('/lesson'))
    await page.clock.install()
    await page.reload()
    const buttons = page.getByRole('button', { name: /^right:/ })
    await buttons.first().waitFor()
    const before = await buttons.count()
    await page.getByRole('button', { name: 'Start' }).click()
    await page.clock.runFor(25 * 60 * 1000 + 2000)
    await page.getByText('rest the hands for five').waitFor()
    await page.getByRole('button', { name: 'Rested' }).click()
    await buttons.first().click()
    await expect.poll(async () => (await record()).length).toBe(4)
    await expect.poll(() => buttons.count()).toBeLessThan(before)
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  it('finds what was played, puts it right, and takes the week from home', async () => {
    const { path, record } = await pupilOnTheWay()
    const { page, problems } = await open(path('/history'))
    await page.getByText('3 entries').waitFor()
    await page.getByLabel('Outcome').selectOption('hesitated')
    await page.getByText('one entry').waitFor()
    await page.getByRole('button', { name: 'Correct' }).click()
    await page.getByRole('button', { name: 'right', exact: true }).click()
    await page.getByText('0 entries, 1 corrected').waitFor()
    await page
      .getByRole('button', { name: /^A major.*empty$/ })
      .first()
      .click()
    await page
      .getByRole('button', { name: /^D harmonic minor.*empty$/ })
      .nth(2)
      .dblclick()
    await page.getByRole('button', { name: 'Add 2 boxes' }).click()
    await expect.poll(async () => (await record()).length).toBe(6)
    const home = (await record()).slice(-2)
    expect(home.every(({ kind, by }: { kind: string; by: string }) => kind === 'home' && by === 'pupil')).toBe(true)
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  it('keeps the hands of one arpeggio apart: what the left played is put right as the left hand’s', async () => {
    const { pupilId, set } = await freshSet('Hands apart')
    const recipe = { material: { tonic: 'C', kind: 'minor-arpeggio' }, octaves: 2 }
    const studyIds: string[] = []
    for (const hands of ['right', 'left']) {
      studyIds.push((await call('/api/studies', 'POST', { recipe: { ...recipe, hands } })).body.id)
    }
    const list = { syllabusId: null, gradeId: null, studyIds, version: 1 }
    await call(`/api/sets/${set.id}`, 'PUT', { title: 'Hands apart', ...list })
    const today = (await call(`/api/sets/${set.id}/practice`)).body.today
    const shown = { kind: 'lesson', outcome: 'wrong', tempo: 98, date: today }
    await call(`/api/pupils/${pupilId}/record`, 'POST', {
      entries: studyIds.map((studyId) => ({ id: randomUUID(), studyId, ...shown })),
    })
    const { page, problems } = await open(`/pupils/${pupilId}/history?set=${set.id}`)
    await page.getByText('2 entries').waitFor()
    await page.getByLabel('Study').selectOption({ label: 'C minor arpeggio, left hand, two octaves' })
    await page.getByText('one entry').waitFor()
    const line = page.getByRole('listitem').filter({ hasText: 'C minor arpeggio, left hand' })
    await line.getByRole('button', { name: 'Correct' }).click()
    await line.getByRole('button', { name: 'right', exact: true }).click()
    const record = async () => (await call(`/api/pupils/${pupilId}/record`)).body
    await expect.poll(async () => (await record()).entries.length).toBe(3)
    const { entries, recipes } = await record()
    expect(entries.at(-1)).toMatchObject({ outcome: 'right', hands: 'left', studyId: studyIds[1] })
    expect(recipes[entries.at(-1).recipe].hands).toBe('left')
    expect(problems).toEqual([])
  })

  atNight('is a week on paper: days, minutes, boxes, what to watch for', async () => {
    const { setId } = await pupilOnTheWay()
    const { page, problems } = await open(`/paper?sheet=week&set=${setId}`)
    await page.getByText('Watch for').waitFor()
    expect(await page.locator('svg.page text', { hasText: /day \d+ \w+/ }).count()).toBeGreaterThanOrEqual(6)
    expect(await page.locator('svg.page text', { hasText: /= \d+$/ }).count()).toBeGreaterThan(15)
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  it('finds what is due and who is behind beside the day’s lessons', async () => {
    const { pupilId, path } = await pupilOnTheWay()
    const { page, problems } = await open('/today')
    const due = page.getByRole('region', { name: 'Tests due' })
    await due.locator(`a[href^="/pupils/${pupilId}/test"]`).waitFor()
    await due.locator(`a[href^="/pupils/${pupilId}/test"]`).click()
    await page.getByText('1 of 3').waitFor()
    await page.goto(path())
    await page.getByRole('link', { name: 'Print the week' }).click()
    await page.getByText('a week from').first().waitFor()
    expect(problems).toEqual([])
  })

  atNight('keeps the teacher’s own way through a study', async () => {
    const { path } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    await page.getByRole('button', { name: 'Practice steps' }).click()
    const sheet = page.getByRole('dialog')
    await sheet.getByLabel('For').selectOption({ index: 2 })
    await sheet.getByLabel('the ladder of rhythms', { exact: true }).uncheck()
    await sheet.getByRole('button', { name: 'Save' }).click()
    await sheet.getByText('your own').waitFor()
    await sheet.getByRole('button', { name: 'Back to the default' }).click()
    await sheet.getByText('default').waitFor()
    expect(problems).toEqual([])
  })
})
