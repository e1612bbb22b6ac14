import { readFileSync } from 'node:fs'
import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { expectAccessible, useBrowser } from '../support/browser'
import { setOfMajors } from '../support/http'
import { atNight } from '../support/night'

const { open } = useBrowser()
const choose = async (page: Page, word: RegExp, option: string | RegExp): Promise<void> => {
  await page.getByRole('button', { name: word }).click()
  await page.getByRole('option', { name: option }).click()
}
const onPaper = (page: Page, text: string | RegExp) => page.locator('svg.page text', { hasText: text })
const saved = async (page: Page, name: string) => {
  const button = page.getByRole('button', { name })
  const [download] = await Promise.all([page.waitForEvent('download'), button.click()])
  return { name: download.suggestedFilename(), file: readFileSync(await download.path(), 'latin1') }
}

describe('paper, by mouse', () => {
  it('shows the page as it changes, remembers how, and saves it', async () => {
    const { id } = await setOfMajors('On paper', ['C', 'G'])
    const { page, problems } = await open(`/paper?set=${id}`)
    await onPaper(page, 'On paper').waitFor()
    await choose(page, /^Names:/, /^german/i)
    await onPaper(page, /^Fis$/).first().waitFor()
    await choose(page, /^Fingers:/, 'none')
    await expect.poll(() => page.locator('svg.page text.serif-bold', { hasText: /^[1-5]$/ }).count()).toBe(0)
    await page.getByRole('checkbox', { name: 'tempi to tick off' }).check()
    await onPaper(page, /^ 46$/).first().waitFor()
    await choose(page, /^Paper:/, 'Letter')
    await expect.poll(() => page.locator('svg.page').first().getAttribute('viewBox')).toBe('0 0 612 792')
    await expectAccessible(page)
    const { name, file } = await saved(page, 'Save as PDF')
    expect(name).toBe('on-paper.pdf')
    expect(file).toContain('/MediaBox [0 0 612 792]')
    await page.reload()
    await page.getByRole('button', { name: 'Fingers: none' }).waitFor()
    expect(await page.getByRole('checkbox', { name: 'tempi to tick off' }).isChecked()).toBe(true)
    expect(problems).toEqual([])
  })

  atNight('makes a chart of several kinds, and a worksheet that can be made again', async () => {
    const { page, problems } = await open('/paper?sheet=chart')
    await onPaper(page, 'Major in all keys').waitFor()
    await page.getByRole('button', { name: /^Kinds:/ }).click()
    await page.getByRole('checkbox', { name: 'harmonic minor', exact: true }).check()
    await onPaper(page, 'Major and harmonic minor in all keys').first().waitFor()
    await expectAccessible(page)
    await page.keyboard.press('Escape')
    await choose(page, /^Sheet:/, /^a worksheet/)
    await page.getByRole('button', { name: /^Keys:/ }).click()
    await page.getByRole('checkbox', { name: 'E♭', exact: true }).check()
    await page.keyboard.press('Escape')
    await onPaper(page, /^E$/).first().waitFor()
    await page.getByLabel('Sheet number').fill('77')
    await page.getByLabel('Sheet number').press('Enter')
    await onPaper(page, 'Worksheet 77: answers').first().waitFor()
    const before = await page.locator('svg.page text').allTextContents()
    await page.getByRole('button', { name: 'Another' }).click()
    await expect.poll(() => onPaper(page, 'Worksheet 77').count()).toBe(0)
    await page.getByLabel('Sheet number').fill('77')
    await page.getByLabel('Sheet number').press('Enter')
    await expect.poll(() => page.locator('svg.page text').allTextContents()).toEqual(before)
    await expectAccessible(page)
    expect((await saved(page, 'Save as PDF')).name).toBe('worksheet-77.pdf')
    expect(problems).toEqual([])
  })
})

describe('paper from where the studies are', () => {
  it('takes what is chosen in the library, and what stands side by side', async () => {
    const { content } = await setOfMajors('Chosen', ['E', 'B'])
    const ids = content.studyIds
    const { page, problems } = await open(`/paper?studies=${ids.join(',')}`)
    await page.getByRole('button', { name: 'Of: 2 studies selected in the library' }).waitFor()
    await onPaper(page, /^B major/)
      .first()
      .waitFor()
    await page.goto(`/compare?studies=${ids.join(',')}`)
    await page.getByRole('button', { name: 'Print', exact: true }).click()
    await page.getByRole('button', { name: /^Of: the 2 studies side by side/ }).waitFor()
    await onPaper(page, /^E major/)
      .first()
      .waitFor()
    expect(problems).toEqual([])
  })
})

describe('paper, by keyboard', () => {
  atNight('goes from an unsaved study on the desk to cards and back to its notes', async () => {
    const { page, problems } = await open('/desk')
    await page.locator('[data-finger]').first().waitFor()
    await page.getByRole('button', { name: 'More', exact: true }).focus()
    await page.keyboard.press('Enter')
    await page.keyboard.type('Print')
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: /^Of: the study on the desk/ }).waitFor()
    await page.locator('svg.page').first().waitFor()
    await page.getByRole('button', { name: /^Sheet:/ }).focus()
    await page.keyboard.press('Enter')
    await page.keyboard.type('cards')
    await page.keyboard.press('Enter')
    await onPaper(page, 'Cards to draw from').waitFor()
    await onPaper(page, /^C major, hands together/).waitFor()
    expect(problems).toEqual([])
  })
})
