import { describe, expect, it } from 'vitest'
import { dateOf, dayOf } from '#core/practice'
import { expectAccessible, useBrowser } from '../support/browser'
import { atNight } from '../support/night'
import { call, freshSet } from '../support/http'
import { pupilOnTheWay } from '../support/onTheWay'

const { open } = useBrowser()

describe('what would help', () => {
  it('is tried on, side by side, and keeps nothing before it is told to', async () => {
    const { path, setId, day } = await pupilOnTheWay()
    const stored = async () => (await call(`/api/sets/${setId}/practice`)).body
    const { version, ...aim } = (await stored()).aim
    await call(`/api/sets/${setId}/aim`, 'PUT', { ...aim, exam: day(30), minutesADay: 4, version })
    const { page, problems } = await open(path())
    await page.getByRole('button', { name: 'What would help?' }).click()
    const will = page.getByRole('region', { name: 'Will they be ready?' })
    const bar = page.getByRole('status', { name: 'Preview' })
    await will.getByRole('button', { name: /later$/ }).click()
    await bar.getByText(/^Preview: .* later$/).waitFor()
    expect((await stored()).aim.exam).toBe(day(30))
    // the other one beside it, by keyboard
    await will.getByRole('button', { name: /minutes a day$/ }).focus()
    await page.keyboard.press('Enter')
    await bar.getByText(/^Preview: \d+ minutes a day$/).waitFor()
    await expectAccessible(page)
    await bar.getByRole('button', { name: 'Cancel' }).click()
    await expect.poll(() => bar.count()).toBe(0)
    expect((await stored()).aim.minutesADay).toBe(4)
    await will.getByRole('button', { name: /^without/ }).click()
    await bar.getByRole('button', { name: 'Save' }).click()
    await expect.poll(async () => (await stored()).set.studies.length).toBeLessThan(5)
    await expect.poll(() => bar.count()).toBe(0)
    expect(problems).toEqual([])
  })

  atNight('takes the grade below when that is kept, with what that asks besides', async () => {
    const { set, pupilId } = await freshSet('Too high')
    const list = { syllabusId: 'corvane-piano', gradeId: '3' }
    await call(`/api/sets/${set.id}`, 'PUT', { title: 'Too high', ...list, studyIds: [], version: 1 })
    await call(`/api/sets/${set.id}/missing`, 'POST', { ...list, version: 2 })
    const stored = async () => (await call(`/api/sets/${set.id}/practice`)).body
    const exam = dateOf(dayOf((await stored()).today)! + 20)
    const aim = { exam, minutesADay: 5, days: ['mon', 'wed'], lesson: null, away: [], pins: [], version: 0 }
    await call(`/api/sets/${set.id}/aim`, 'PUT', aim)
    const { page, problems } = await open(`/pupils/${pupilId}?set=${set.id}`)
    await page.getByRole('button', { name: 'What would help?' }).click()
    await page.getByRole('button', { name: /instead$/ }).click()
    const lines = page.getByRole('list', { name: 'Studies' }).getByRole('button')
    const bar = page.getByRole('status', { name: 'Preview' })
    await bar.waitFor()
    const tried = await lines.count()
    expect((await stored()).set.gradeId).toBe('3')
    await bar.getByRole('button', { name: 'Save' }).click()
    await expect.poll(async () => (await stored()).set.gradeId).not.toBe('3')
    await expect.poll(async () => (await stored()).set.studies.length).toBe(tried)
    expect(problems).toEqual([])
  })
})
