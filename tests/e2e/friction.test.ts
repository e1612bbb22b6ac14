import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { callStudy, expectAccessible, useBrowser } from '../support/browser'
import { call, setOfMajors } from '../support/http'
import { atNight } from '../support/night'

const { open } = useBrowser()
const line = (page: Page) => page.getByRole('combobox', { name: /^Type a scale/ })
const heading = (page: Page) => page.locator('svg[role="group"]').first()
const saysScore = (page: Page, words: RegExp) =>
  expect.poll(() => heading(page).getAttribute('aria-label')).toMatch(words)

describe('a mock exam', () => {
  it('is taken up where it was left after a reload, and kept as it stands', async () => {
    const { id, content } = await setOfMajors('Half an exam', ['C', 'G', 'D', 'F'])
    await call(`/api/sets/${id}`, 'PUT', { ...content, version: 2, syllabusId: 'corvane-piano', gradeId: '1' })
    const { page, problems } = await open(`/sets/${id}/exam?seed=7`)
    await page.getByRole('button', { name: 'Draw' }).click()
    await page.getByText(/: 1 of /).waitFor()
    await page.keyboard.type('5')
    await page.getByRole('textbox', { name: 'note' }).fill('thumb late')
    await page.reload()
    await page.getByText('Continued: one call was marked.').waitFor()
    expect(await page.getByRole('button', { name: '5', pressed: true }).count()).toBe(1)
    expect(await page.getByRole('textbox', { name: 'note' }).inputValue()).toBe('thumb late')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Save unfinished' }).click()
    await page.getByRole('heading', { name: /a mock exam, not finished/ }).waitFor()
    await page.getByText('thumb late').waitFor()
    await page.reload()
    await page.getByRole('button', { name: 'Draw' }).waitFor()
    expect(problems).toEqual([])
  })
})

describe('a study of a set', () => {
  atNight('says where it stands, and a trial changes nothing in the set until that is said', async () => {
    const { id, content } = await setOfMajors('In its place', ['C', 'G', 'D'])
    const stored = async () => (await call(`/api/studies/${content.studyIds[1]}`)).body.recipe.octaves
    const before = await stored()
    const { page, problems } = await open(`/sets/${id}`)
    await page.getByRole('link', { name: 'G major', exact: true }).click()
    const place = page.getByRole('navigation', { name: 'Its place in the set' })
    await place.getByText('no. 2 of 3').waitFor()
    await callStudy(page, 'one octave')
    await page.getByText('a variant: the set still has the old one').waitFor()
    // longer than a study of the library waits before it saves itself
    await page.waitForTimeout(2500)
    expect(await stored()).toBe(before)
    await place.getByRole('link', { name: 'next ›' }).click()
    await place.getByText('no. 3 of 3').waitFor()
    expect(await stored()).toBe(before)
    await place.getByRole('link', { name: '‹ previous' }).click()
    await place.getByText('no. 2 of 3').waitFor()
    await callStudy(page, 'one octave')
    await page.getByRole('button', { name: 'Save in the set' }).click()
    await expect.poll(stored).toBe(1)
    await expectAccessible(page)
    await place.getByRole('link', { name: /In its place/ }).click()
    await page.getByRole('link', { name: 'G major', exact: true }).waitFor()
    expect(problems).toEqual([])
  })
})

describe('the call line', () => {
  it('changes the study on the desk where no key is named, and says so', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'E flat major, two octaves')
    await saysScore(page, /^E♭ major/)
    // what follows at once on a step of its sort is one step with it
    await page.waitForTimeout(1000)
    await page.keyboard.press('/')
    await line(page).fill('harmonic, one more octave')
    await page.getByText('No key is named: this changes E♭ major').waitFor()
    await page.keyboard.press('Enter')
    await saysScore(page, /^E♭ harmonic minor, hands together, three octaves/)
    await page.keyboard.press('Control+z')
    await saysScore(page, /^E♭ major/)
    expect(problems).toEqual([])
  })

  atNight('takes the rest in spite of a word that says nothing, once that was pointed out', async () => {
    const { page } = await open('/desk')
    await page.locator('[data-finger]').first().waitFor()
    await page.keyboard.press('/')
    await line(page).fill('A major wobbly contrary')
    await page.keyboard.press('Enter')
    await page.getByText('“wobbly” is not understood. Enter again takes the rest without it.').waitFor()
    await page.keyboard.press('Enter')
    await saysScore(page, /^A major, contrary/)
  })

  it('keeps a batch by Enter, as its button says, and shows an instrument that stands', async () => {
    const { page } = await open('/desk')
    await callStudy(page, 'C major on the marimba')
    await page.keyboard.press('/')
    await line(page).fill('D, E majors')
    await page.getByText('For the marimba, as on the desk.').waitFor()
    await page.getByRole('button', { name: 'For the piano instead' }).click()
    await expect.poll(() => line(page).inputValue()).toBe('D, E majors on the piano')
    const before = (await call('/api/studies')).body.length
    await page.keyboard.press('Enter')
    await page.getByText('2 studies are in the library.').waitFor()
    expect((await call('/api/studies')).body).toHaveLength(before + 2)
  })
})

describe('panels, by keyboard', () => {
  const inPanel = (page: Page) => page.evaluate(() => document.activeElement?.closest('.choices') !== null)

  atNight('are entered, walked through and left, without losing the place', async () => {
    const { page, problems } = await open('/desk')
    await page.locator('[data-finger]').first().waitFor()
    const shown = /^How this study is kept/
    for (const name of [/^Key:/, /^Tempo:/, /^Shape it:/, /^Save to set/, /^show/, shown]) {
      const word = page.getByRole('button', { name }).first()
      await word.focus()
      await page.keyboard.press('Enter')
      await expect.poll(() => inPanel(page), { message: String(name) }).toBe(true)
      // what only says something has nothing to walk through
      if (name !== shown) {
        await page.keyboard.press('Tab')
        expect(await inPanel(page), String(name)).toBe(true)
      }
      await expectAccessible(page, '.choices')
      await page.keyboard.press('Escape')
      await expect.poll(() => page.locator('.choices').count(), { message: String(name) }).toBe(0)
      expect(await word.evaluate((element) => element === document.activeElement), String(name)).toBe(true)
    }
    expect(problems).toEqual([])
  })

  it('a study goes into a new set of a new pupil from the desk', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'B flat dorian')
    await page.getByRole('button', { name: 'Save to set' }).focus()
    await page.keyboard.press('Enter')
    await expect.poll(() => inPanel(page)).toBe(true)
    await page.getByRole('button', { name: 'new pupil …' }).focus()
    await page.keyboard.press('Enter')
    // the list may still be on its way
    await expect
      .poll(() => page.getByLabel('Name of a new pupil').evaluate((field) => field === document.activeElement))
      .toBe(true)
    await page.keyboard.type('Nell Quay')
    await page.keyboard.press('Enter')
    await page.getByText('Added to Nell Quay, First set').waitFor()
    const pupil = (await call('/api/pupils')).body.find(({ name }: { name: string }) => name === 'Nell Quay')
    const { studies } = (await call(`/api/sets/${pupil.sets[0].id}`)).body
    expect(studies.map(({ recipe }: any) => recipe.material.kind)).toEqual(['dorian'])
    // found by typing, and another set begun for the same pupil
    await page.getByRole('button', { name: 'Save to set' }).click()
    await page.getByRole('searchbox', { name: 'Find a pupil or a set' }).fill('nell quay')
    await expect.poll(() => page.locator('.choices li').count()).toBe(1)
    await page.getByRole('button', { name: 'new set …' }).click()
    await page.keyboard.type('Autumn')
    await page.keyboard.press('Enter')
    await page.getByText('Added to Nell Quay, Autumn').waitFor()
    expect(problems).toEqual([])
  })
})

describe('pupils', () => {
  it('are renamed and given a note; a name that is there already is pointed out, an empty one asked for', async () => {
    const long = `${'Unbroken'.repeat(9)} Q.`
    await call('/api/pupils', 'POST', { name: 'Quill R.', instrument: 'piano' })
    const { page, problems } = await open('/pupils', { width: 390, height: 844 })
    await page.getByRole('button', { name: 'Add', exact: true }).click()
    await page.getByText('A pupil needs a name.').waitFor()
    const newName = page.getByRole('textbox', { name: 'New pupil' })
    await newName.fill('quill  r.')
    const count = async () => (await call('/api/pupils')).body.length
    const before = await count()
    await newName.press('Enter')
    await page.getByText(/There is a quill r\. already\./i).waitFor()
    expect(await count()).toBe(before)
    await newName.press('Enter')
    await expect.poll(count).toBe(before + 1)
    await page.getByRole('button', { name: /^How Quill R\. plays/ }).click()
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill(long)
    await page.getByRole('textbox', { name: 'Note' }).fill('sings well')
    await page.getByRole('button', { name: 'Save' }).click()
    await page.getByRole('link', { name: long }).waitFor()
    await page.getByText('sings well').waitFor()
    const over = () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(await over()).toBeLessThanOrEqual(0)
    await expectAccessible(page)
    expect(problems).toEqual([])
  })
})
