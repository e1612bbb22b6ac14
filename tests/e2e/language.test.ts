import { describe, expect } from 'vitest'
import { useBrowser } from '../support/browser'
import { call } from '../support/http'
import { deskInPseudo, inPseudo } from '../support/pseudo'
import { atNight } from '../support/night'

const { open } = useBrowser()

describe('in another language', () => {
  atNight('nothing on the desk, a set, its exam or a list is English', async () => {
    const { body: pupils } = await call('/api/pupils')
    const nell = pupils.find((pupil: { sets: { gradeId: string | null }[] }) => pupil.sets.some((set) => set.gradeId))
    const set = nell.sets.find((each: { gradeId: string | null }) => each.gradeId).id as string
    const { page, problems, left, note, look } = await inPseudo(open)
    await look('/desk', '[data-finger]')
    expect(await page.evaluate(() => document.documentElement.lang)).toBe('en-x-pseudo')
    await page.keyboard.press('?')
    await page.getByRole('dialog').getByRole('heading').first().waitFor()
    await note('keys at the desk')
    await look('/library', 'ul li')
    await look('/pupils', 'section')
    await look(`/sets/${set}`, '[role="img"]')
    for (const part of ['', '/lesson', '/test', '/history']) {
      await look(`/pupils/${nell.id}${part}?set=${set}`, 'h1')
      await page.getByText(/^Ffeettcchhiinngg/).waitFor({ state: 'detached' })
    }
    await look(`/sets/${set}/coverage`, 'table')
    await look(`/sets/${set}/exam`, 'form')
    await page.locator('form button[type="submit"]').click()
    await page.locator('h1.call').waitFor()
    await note('a call')
    await look('/syllabi', 'main a')
    await look('/syllabi/corvane-piano', 'section')
    await look('/compare', 'table')
    for (const sheet of ['studies', 'worksheet', 'chart']) await look(`/paper?set=${set}&sheet=${sheet}`, 'svg.page')
    expect(left).toEqual({})
    expect(problems).toEqual([])
  })

  atNight('nothing that opens on the desk is English', () => deskInPseudo(open, 'keys', 'C major together', '4'))
})
