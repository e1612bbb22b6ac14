import { randomUUID } from 'node:crypto'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { dateOf, dayOf } from '#core/practice'
import { expectAccessible, useBrowser } from '../support/browser'
import { call } from '../support/http'
import { atNight } from '../support/night'
import { pupilOnTheWay } from '../support/onTheWay'

const { open } = useBrowser()
const line = (page: Page) => page.getByLabel('Or type it')

describe('a line of the record', () => {
  it('takes another day, asks which one where it stands, keeps the rest, and is undone as one', async () => {
    const { path, record, day, setId } = await pupilOnTheWay()
    // two hands of one arpeggio are called alike
    const recipe = { material: { tonic: 'C', kind: 'minor-arpeggio' }, hands: 'left', octaves: 2 }
    const left = (await call('/api/studies', 'POST', { recipe })).body.id
    const { title, syllabusId, gradeId, studies, version } = (await call(`/api/sets/${setId}`)).body
    const studyIds = [...studies.map(({ id }: { id: string }) => id), left]
    await call(`/api/sets/${setId}`, 'PUT', { title, syllabusId, gradeId, studyIds, version })
    const before = (await record()).length
    const { page, problems } = await open(path())
    await line(page).fill('yesterday G minor 96 clean, D minor right, C minor arpeggio clean, F minor wrong')
    await page.getByText('which one?').waitFor()
    // what is not clear stays in the line
    await page.getByRole('button', { name: 'Add', exact: true }).click()
    await expect.poll(async () => (await record()).length).toBe(before + 2)
    const [g, d] = (await record()).slice(-2)
    expect([g.date, d.date]).toEqual([day(-1), day(-1)])
    expect(g).toMatchObject({ outcome: 'right', tempo: 192 })
    // nobody said how fast, and it was never played: where practice begins, not what is asked
    expect(d.tempo).toBeLessThan(0.7 * 144)
    await page.getByText('2 entries saved').waitFor()
    expect(await line(page).inputValue()).toBe('C minor arpeggio clean; F minor wrong')
    await page
      .getByRole('button', { name: /^C minor arpeggio, left hand/ })
      .first()
      .waitFor()
    await page
      .getByRole('group', { name: /which one/ })
      .getByRole('button', { name: /left hand/ })
      .click()
    await page.getByRole('button', { name: 'Add', exact: true }).click()
    await expect.poll(async () => (await record()).length).toBe(before + 3)
    expect((await record()).at(-1)).toMatchObject({ hands: 'left', studyId: left })
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect.poll(async () => (await record()).at(-1).withdrawn).toBe(true)
    // two that were added together go together
    await line(page).fill('A major 100 clean on Monday, E staccato wrong')
    await page.getByRole('button', { name: 'Add', exact: true }).click()
    await page.getByText('2 entries saved').waitFor()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect.poll(async () => (await record()).slice(-2).every(({ withdrawn }: any) => withdrawn)).toBe(true)
    expect(problems).toEqual([])
  })

  it('and presses are of another day where one is chosen', async () => {
    const { path, record, day } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    await page.getByLabel('Date of what you enter').fill(day(-3))
    await page
      .getByRole('button', { name: /^right: / })
      .first()
      .click()
    await expect.poll(async () => (await record()).length).toBe(4)
    expect((await record()).at(-1)).toMatchObject({ date: day(-3), outcome: 'right' })
    // nothing is of tomorrow
    await page.getByLabel('Date of what you enter').fill(day(3))
    await page.getByLabel('Date of what you enter').blur()
    expect(await page.getByLabel('Date of what you enter').inputValue()).toBe(day(0))
    expect(problems).toEqual([])
  })
})

describe('what comes back from home', () => {
  it('is entered as it was printed, week by week', async () => {
    const { path, record, day, pupilId, setId } = await pupilOnTheWay()
    const lesson = (await call(`/api/pupils/${pupilId}/lesson?set=${setId}`)).body
    const recipe = lesson.practice.set.studies[0].recipe
    const lineOf = (hands: string, tempo: number, days: string[]) => ({
      ...{ id: randomUUID(), studyId: lesson.practice.set.studies[0].id, study: recipe, hands, octaves: 1 },
      ...{ stage: `${hands}-alone`, tempo, reach: tempo, minutes: 4, days, test: false, where: null, note: '' },
      because: 'on-the-way',
    })
    const lines = [lineOf('right', 90, ['mon', 'wed']), lineOf('left', 80, ['tue'])]
    for (const from of [day(-14), day(-7)])
      await call(`/api/pupils/${pupilId}/week`, 'PUT', { from, lines, note: '', version: 0 })
    const { page, problems } = await open(path('/history'))
    const week = page.getByRole('region', { name: 'Home practice' })
    await expect.poll(() => week.getByRole('button', { name: /empty$/ }).count()).toBe(14)
    await week
      .getByRole('button', { name: /empty$/ })
      .first()
      .click()
    await expect.poll(async () => (await record()).length).toBe(4)
    expect((await record()).at(-1)).toMatchObject({
      ...{ kind: 'home', by: 'pupil', outcome: 'right', hands: 'right', stage: 'right-alone', date: day(-6) },
      tempo: 90,
    })
    // an older week as well
    await week.getByRole('combobox').selectOption({ index: 1 })
    await week
      .getByRole('button', { name: /empty$/ })
      .nth(7)
      .click()
    await expect.poll(async () => (await record()).at(-1)).toMatchObject({ hands: 'left', date: day(-12), tempo: 80 })
    // pressed twice it was not clean: one entry corrects the other
    await week
      .getByRole('button', { name: /: clean$/ })
      .first()
      .click()
    await expect.poll(async () => (await record()).at(-1)).toMatchObject({ outcome: 'wrong', hands: 'left' })
    await expectAccessible(page)
    // and the lesson shows what was set last time, and what came of it
    await page.goto(path('/lesson'))
    await page.getByText(/^Since last/).waitFor()
    expect(await page.getByRole('button', { name: /: clean$/ }).count()).toBe(1)
    expect(problems).toEqual([])
  })
})

describe('a new pupil', () => {
  atNight('knows some already: many by one press, and a level', async () => {
    const { path, record, pupilId } = await pupilOnTheWay()
    const { page, problems } = await open(path())
    await page.getByRole('button', { name: 'Knows some of these already' }).click()
    await page.getByRole('dialog').getByLabel('Level').selectOption('3')
    await page.getByLabel(/Select all/).check()
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Save 2 studies' }).click()
    await expect.poll(async () => (await record()).length).toBe(5)
    const known = (await record()).slice(-2)
    expect(known.every((each: any) => each.outcome === 'right' && each.tempo === 144)).toBe(true)
    const pupil = (await call('/api/pupils')).body.find(({ id }: { id: string }) => id === pupilId)
    expect(pupil.learning.level).toBe(3)
    await page.getByText('2 entries saved').waitFor()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect.poll(async () => (await record()).length).toBe(7)
    expect(problems).toEqual([])
  })
})

describe('a term', () => {
  const WEEKS = 12
  /** Numbers of a text, in their order. */
  const numbersIn = (text: string | null): number[] => (text ?? '').match(/\d+/g)?.map(Number) ?? []

  atNight(
    'played through with a shifted clock: every figure on every page is the same one',
    async () => {
      const { path, record, setId, day } = await pupilOnTheWay()
      const { page, problems } = await open(path())
      const start = dayOf(day(0))!
      let brought = false
      for (let week = 0; week < WEEKS; week++) {
        // one week nobody comes
        if (week === 4) continue
        const now = dateOf(start + 7 * week)
        await page.clock.setFixedTime(new Date(`${now}T16:30:00`))
        await page.goto(path())
        await page.getByText(/would be right if asked/).waitFor()
        // by line, by press, by test
        if (week % 3 === 0) {
          await line(page).fill('G minor 80 clean, A major hesitated')
          await page.getByRole('button', { name: 'Add', exact: true }).click()
          await page.getByText('2 entries saved').waitFor()
        } else if (week % 3 === 1) {
          await page
            .getByRole('button', { name: /^right: / })
            .first()
            .click()
          await page.getByText('Saved in the practice record.').waitFor()
        } else {
          await page.goto(path('/test'))
          await page.getByRole('heading', { level: 1 }).waitFor()
          const right = page.getByRole('button', { name: /^right: / })
          const before = (await record()).length
          if ((await right.count()) > 0) {
            await right.first().click()
            await expect.poll(async () => (await record()).length).toBe(before + 1)
          }
          await page.goto(path())
        }
        if (week === 8) {
          await page.getByRole('button', { name: /^Exam and days/ }).click()
          await page.getByLabel('Exam date').fill(dateOf(start + 7 * WEEKS + 3))
          await page.getByRole('button', { name: 'Save' }).click()
          await page.keyboard.press('Escape')
          brought = true
        }
        await page.getByText(/would be right if asked/).waitFor()
        const { head, panel } = {
          head: await page.getByRole('heading', { level: 1 }).textContent(),
          panel: await page.locator('#will').textContent(),
        }
        const [printed, played, ready] = numbersIn(/\d+ in the set.*?ready/.exec(head!)![0])
        const [byThen] = numbersIn(/about (\d+) of/.exec(head!)![0])
        expect(numbersIn(/about \d+ of \d+/.exec(panel!)![0])).toEqual([byThen, printed])
        const told = (await call('/api/progress', 'GET', undefined, { 'x-today': now })).body.find(
          (each: { setId: string }) => each.setId === setId,
        )
        expect(told).toMatchObject({ studies: printed, played, ready, wrong: null })
        const chance = /a chance of (\d+) in 100/.exec(panel!)
        if (chance) expect(Number(chance[1])).toBe(Math.round(told.chance * 100))
        expect((await record()).every(({ date }: { date: string }) => date <= now)).toBe(true)
      }
      expect(brought).toBe(true)
      expect((await record()).some(({ kind }: { kind: string }) => kind === 'cold-test')).toBe(true)
      expect(problems).toEqual([])
    },
    240_000,
  )
})
