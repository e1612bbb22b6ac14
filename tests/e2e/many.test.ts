import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { expectAccessible, useBrowser } from '../support/browser'
import { call, setOfMajors } from '../support/http'

const { open } = useBrowser()

/** Pupils are found by typing: there are more than a few. */
async function pupilFound(page: Page, name: string) {
  const card = page.locator('section').filter({ has: page.getByRole('heading', { name: new RegExp(`^${name}`) }) })
  const find = page.getByRole('searchbox', { name: 'Find' })
  await find.fill(name)
  return card
}

describe('a pupil', () => {
  it('comes no more, is thrown away once it is said what goes with that, and comes back', async () => {
    const name = `Wren ${Date.now()}`
    const { id } = (await call('/api/pupils', 'POST', { name, instrument: 'piano' })).body
    await call('/api/sets', 'POST', { title: 'Autumn', pupilId: id })
    for (let at = 0; at < 9; at++) await call('/api/pupils', 'POST', { name: `Heron ${at}`, instrument: 'piano' })
    const { page, problems } = await open('/pupils')
    // what stands above the pupils comes after them, and moves them
    await page.waitForLoadState('networkidle')
    const card = await pupilFound(page, name)
    await card.getByRole('button', { name: /^How Wren/ }).click()
    await card.getByRole('button', { name: 'Archive' }).click()
    await page.getByText('No match.').waitFor()
    const shelf = page.getByRole('group', { name: 'Show' })
    await shelf.getByRole('button', { name: /^Archived/ }).click()
    // the rest by keyboard
    await card.getByRole('button', { name: /^How Wren/ }).focus()
    await page.keyboard.press('Enter')
    await card.getByRole('button', { name: 'Delete' }).focus()
    await page.keyboard.press('Enter')
    const question = card.getByRole('group', {
      name: /to the bin, with one set, no mock exam and nothing in the practice record/,
    })
    await question.waitFor()
    await expectAccessible(page)
    // what is asked first stands on keeping
    expect(await question.getByRole('button', { name: 'Cancel' }).evaluate((it) => it === document.activeElement)).toBe(
      true,
    )
    await page.keyboard.press('Shift+Tab')
    await page.keyboard.press('Enter')
    await page.getByText(`${name} is in the bin.`).waitFor()
    expect((await call(`/api/pupils/${id}/belongings`)).status).toBe(404)
    await page.getByRole('button', { name: 'Undo' }).click()
    await page.getByText('Restored.').waitFor()
    await card.getByRole('link', { name: 'Autumn' }).waitFor()
    await card.getByRole('button', { name: /^How Wren/ }).click()
    await card.getByRole('button', { name: 'Restore' }).click()
    // nobody may be left on that shelf: the way to the others is
    await shelf.getByRole('button', { name: /^Pupils/ }).click()
    await card.getByRole('link', { name: 'Autumn' }).waitFor()
    await expect
      .poll(async () => (await call('/api/pupils')).body.find((each: any) => each.id === id).archived)
      .toBe(false)
    expect(problems).toEqual([])
  })
})

describe('studies that are there', () => {
  it('are made the way their pupil plays, once it is seen what changes, and go back by one undo', async () => {
    const { id, content } = await setOfMajors('Refingered', ['Bb', 'Eb', 'C'])
    const { pupil } = (await call(`/api/sets/${id}`)).body
    await call(`/api/pupils/${pupil.id}/preferences`, 'PUT', { settings: { school: 'one-fingering-for-all' } })
    const schools = async () => (await call(`/api/sets/${id}`)).body.studies.map((study: any) => study.recipe.school)
    const { page, problems } = await open(`/sets/${id}`)
    await page.getByText('3 studies do not follow how Test P. plays.').waitFor()
    await page.getByRole('button', { name: 'Show what changes' }).click()
    const sheet = page.getByRole('dialog', { name: 'Edit studies' })
    await sheet.getByText('no note changes').waitFor()
    expect(await sheet.getByText(/\d+ notes change their fingering/).count()).toBe(2)
    await expectAccessible(page)
    await sheet.getByRole('checkbox', { name: 'Select E♭ major' }).uncheck()
    await sheet.getByRole('button', { name: 'Change 2 studies' }).click()
    await page.getByText('2 studies are changed.').waitFor()
    expect(await schools()).toEqual(['one-fingering-for-all', 'conservatory', 'one-fingering-for-all'])
    await page.getByRole('button', { name: 'Undo', exact: true }).click()
    await page.getByText('2 studies are as before.').waitFor()
    expect(await schools()).toEqual(['conservatory', 'conservatory', 'conservatory'])
    expect(content.studyIds).toHaveLength(3)
    expect(problems).toEqual([])
  })

  it('take on a tempo and octaves together in the library, by keyboard', async () => {
    const tag = `many ${Date.now()}`
    const { content } = await setOfMajors('Many', ['A', 'E'])
    await call('/api/studies/tags', 'PUT', { ids: content.studyIds, add: [tag] })
    const stored = async () =>
      Promise.all(content.studyIds.map(async (id) => (await call(`/api/studies/${id}`)).body.recipe))
    const { page, problems } = await open('/library')
    await page.getByRole('searchbox', { name: 'Find' }).fill(tag)
    await page.getByRole('button', { name: 'Select all 2' }).press('Enter')
    const change = page.getByRole('button', { name: 'Edit', exact: true })
    await expect.poll(() => change.isEnabled()).toBe(true)
    await change.press('Enter')
    await page.keyboard.type('77')
    await page.keyboard.press('Tab')
    await page.keyboard.type('3')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Show what changes' }).press('Enter')
    const sheet = page.getByRole('dialog', { name: 'Edit studies' })
    await sheet.getByText(/→ A major.*three octaves/).waitFor()
    await sheet.getByRole('button', { name: 'Change 2 studies' }).press('Enter')
    await page.getByText('2 studies are changed.').waitFor()
    expect((await stored()).map(({ octaves, tempo }) => [octaves, tempo.bpm])).toEqual([
      [3, 77],
      [3, 77],
    ])
    await page.getByRole('button', { name: 'Undo' }).press('Enter')
    await page.getByText('2 studies are as before.').waitFor()
    expect((await stored()).map(({ octaves }) => octaves)).toEqual([2, 2])
    expect(problems).toEqual([])
  })
})
