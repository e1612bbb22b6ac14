import { describe, expect, it } from 'vitest'
import { formatOf } from '#core/formats'
import type { RecipeInput } from '#core/instrument'
import { realise } from '#core/realise'
import { expectAccessible, fingersShown, useBrowser } from '../support/browser'
import { atNight } from '../support/night'

const { open } = useBrowser()

describe('a line is shaped', () => {
  it('in one panel, by mouse: motif, way back, keys, and drawn at once', async () => {
    const { page, problems } = await open('/desk')
    await page.getByRole('button', { name: /^Shape it:/ }).click()
    const field = page.getByLabel('Degrees or notes of your own')
    await field.fill('C F# D')
    await page.getByText('F♯ is not in C major, so it has no degree to move by.').waitFor()
    expect(await page.getByRole('button', { name: 'Use', exact: true }).first().isDisabled()).toBe(true)
    await field.fill('C F D E')
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: 'Shape it: 1 4 2 3 on every degree' }).waitFor()
    await page.getByRole('img', { name: 'The line as it goes: 113 notes in a hand' }).waitFor()
    await page.getByRole('button', { name: 'back to front' }).click()
    await page.getByLabel('Keys of your own').fill('C E♭')
    await page.keyboard.press('Enter')
    const words = 'Shape it: 1 4 2 3 on every degree, back to front on the way back, through C and E♭'
    await page.getByRole('button', { name: words }).waitFor()
    await page.getByRole('button', { name: 'up and down in turn' }).click()
    await page
      .getByRole('button', { name: /in turn$/ })
      .first()
      .waitFor()
    await expectAccessible(page)
    // a figure by its name takes the motif's place
    await page.getByRole('button', { name: 'broken triads' }).click()
    await page.getByRole('button', { name: /^Shape it: in broken triads, through C and E♭/ }).waitFor()
    expect(problems).toEqual([])
  })

  it('by keyboard alone: its stair moves with the arrows', async () => {
    const { page, problems } = await open('/desk')
    await page.getByRole('button', { name: /^Shape it:/ }).focus()
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: 'Click a motif together' }).focus()
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: /^Shape it: 1 2 3 1 on every degree/ }).waitFor()
    await page.getByRole('spinbutton', { name: 'Note 2' }).focus()
    await page.keyboard.press('ArrowUp')
    await page.keyboard.press('ArrowUp')
    await page.getByRole('button', { name: /^Shape it: 1 4 3 1 on every degree/ }).waitFor()
    await page.getByRole('spinbutton', { name: 'Note 3' }).focus()
    await page.keyboard.press('Delete')
    await page.getByRole('button', { name: /^Shape it: 1 4 – 1 on every degree/ }).waitFor()
    expect(problems).toEqual([])
  })

  it('by a call, and what was understood stands part by part', async () => {
    const { page, problems } = await open('/desk')
    await page.locator('[data-finger]').first().waitFor()
    await page.keyboard.press('/')
    await page.keyboard.type('right hand, one octave, all twelve keys by half steps, up and down in turn')
    await page
      .getByText(/^by (half steps|semitones), 12 keys/)
      .first()
      .waitFor()
    await page.keyboard.press('Enter')
    // C up, D flat down: the thumb on C before the joint; what was typed before that is drawn for a moment
    await expect.poll(async () => (await fingersShown(page, 'right')).slice(0, 16)).toBe('1231234121432132')
    expect(problems).toEqual([])
  })

  it('ends with chords of one’s own, named beneath as soon as they are asked for', async () => {
    const { page, problems } = await open('/desk?type=' + encodeURIComponent('G major one octave up'))
    await page.locator('[data-finger]').first().waitFor()
    await page.getByRole('button', { name: /^Shape it:/ }).click()
    await page.getByRole('button', { name: 'cadence after' }).click()
    const field = page.getByLabel('Closing chords')
    await field.fill('I IV X')
    expect(await field.getAttribute('aria-invalid')).toBe('true')
    await field.fill('I IV V I V7 I')
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: /^Shape it: .*cadence I IV V I V7 I after$/ }).waitFor()
    await page.getByRole('button', { name: 'chord names beneath' }).click()
    await page.locator('text.sign', { hasText: 'D7' }).waitFor()
    expect(await page.locator('text.sign').allTextContents()).toEqual(
      expect.arrayContaining([expect.stringMatching(/^\s*G\s*$/), expect.stringMatching(/^\s*D7\s*$/)]),
    )
    expect(problems).toEqual([])
  })

  it('takes a motif from what is marked out in the score', async () => {
    const { page, problems } = await open('/desk?type=' + encodeURIComponent('C major right hand'))
    await page.locator('[data-finger="right 0"]').waitFor()
    await page.locator('[data-finger="right 2"]').click()
    await page.locator('[data-finger="right 5"]').click({ modifiers: ['Shift'] })
    await page.getByRole('button', { name: 'Use 3 4 5 6 as a motif' }).click()
    await page.getByRole('button', { name: 'Shape it: 3 4 5 6 on every degree' }).waitFor()
    expect(await page.getByRole('button', { name: /as a motif$/ }).count()).toBe(0)
    expect(problems).toEqual([])
  })

  atNight(
    'takes a motif that is played in, by the figures of the keyboard and by mouse, with its lengths',
    async () => {
      const { page, problems } = await open('/desk')
      await page.getByRole('button', { name: /^Shape it:/ }).click()
      await page.getByRole('button', { name: 'Play it in' }).click()
      const keys = page.getByRole('group', { name: /^Degrees to play/ })
      for (const figure of ['1', '4', '2']) {
        await page.keyboard.press(`Digit${figure}`, { delay: 150 })
      }
      await keys.getByRole('button', { name: '3', exact: true }).click({ delay: 150 })
      // a hand plays unevenly: whatever the lengths, these are the degrees
      await page
        .getByRole('status')
        .filter({ hasText: /^1\S* (?:– )*4\S* (?:– )*2\S* (?:– )*3/ })
        .waitFor()
      const again = page.getByRole('button', { name: 'Again', exact: true })
      await again.click()
      // by the keyboard alone a degree is pressed as any button; with Shift a figure sounds an octave higher
      await keys.getByRole('button', { name: '2', exact: true }).focus()
      await page.keyboard.press('Enter')
      await page.getByRole('status').filter({ hasText: /^2$/ }).waitFor()
      await again.click()
      await page.keyboard.down('Shift')
      await page.keyboard.down('Digit1')
      await page.keyboard.up('Shift')
      await page.keyboard.up('Digit1')
      await page.getByRole('status').filter({ hasText: /^1$/ }).waitFor()
      expect(await keys.locator('.down').count()).toBe(0)
      await again.click()
      for (const figure of ['1', '4', '2', '3']) await page.keyboard.press(`Digit${figure}`, { delay: 150 })
      const row = page.locator('p').filter({ has: page.getByRole('button', { name: 'Again', exact: true }) })
      await row.getByRole('button', { name: 'Use', exact: true }).click()
      await page.getByRole('button', { name: /^Shape it: 1\S* (?:– )*4/ }).waitFor()
      await expectAccessible(page)
      expect(problems).toEqual([])
    },
  )

  it('takes a motif from a file, and says of another why it cannot be moved', async () => {
    const tune = (material: object, motif: readonly unknown[]): Buffer => {
      const pattern = { motif, sequence: { step: 0, return: 'none' } }
      const study = realise({ material, hands: 'right', octaves: 1, course: 'up', pattern } as RecipeInput)
      return Buffer.from(formatOf('midi').write({ title: 'a', pieces: [{ title: 'a', study }] }, {}) as Uint8Array)
    }
    const { page, problems } = await open('/desk')
    await page.getByRole('button', { name: /^Shape it:/ }).click()
    const file = page.getByLabel('From a file …')
    const named = { name: 'tune.mid', mimeType: 'audio/midi' }
    const eFlat = { tonic: 'Eb', kind: 'major' }
    await file.setInputFiles({ ...named, buffer: tune(eFlat, [1, 2, 3]) })
    await page.getByText(/is not in C major, so it has no degree to move by/).waitFor()
    await file.setInputFiles({ name: 'no.mid', mimeType: 'audio/midi', buffer: Buffer.from('no music') })
    await page.getByRole('status').filter({ hasText: /file/i }).waitFor()
    await file.setInputFiles({ ...named, buffer: tune({ tonic: 'C', kind: 'major' }, [1, 3, 5, 3]) })
    await page
      .getByRole('status')
      .filter({ hasText: /^1\S* 3\S* 5\S* 3/ })
      .waitFor()
    expect(problems).toEqual([])
  })

  atNight('has a control for each part of a call: what else could stand there, or nothing', async () => {
    const { page, problems } = await open(
      '/desk?type=' + encodeURIComponent('C major right hand one octave in broken triads through C and D'),
    )
    await page.getByRole('button', { name: /^in broken triads: / }).click()
    await page.getByRole('menuitem', { name: 'in broken sixths' }).click()
    const line = page.getByRole('combobox')
    await expect.poll(() => line.inputValue()).toBe('C major right hand one octave broken sixths through C and D')
    await page.getByRole('button', { name: /^through C and D: / }).focus()
    await page.keyboard.press('Enter')
    await page.getByRole('menuitem', { name: 'Leave it out' }).waitFor()
    await expectAccessible(page)
    await page.keyboard.press('End')
    await page.keyboard.press('Enter')
    await expect.poll(async () => (await line.inputValue()).trim()).toBe('C major right hand one octave broken sixths')
    await page.getByRole('button', { name: /^Shape it: in broken sixths$/ }).waitFor()
    expect(problems).toEqual([])
  })

  it('says what the key shares with its neighbours, and the steps under the notes', async () => {
    const { page, problems } = await open('/desk?type=' + encodeURIComponent('G major right hand one octave up'))
    await page.locator('[data-finger="right 7"]').waitFor()
    await page.keyboard.press('Enter')
    const beside = page.getByRole('button', { name: /^E natural minor has the same notes/ })
    await beside.click()
    expect(await beside.getAttribute('aria-expanded')).toBe('true')
    await page.getByRole('button', { name: 'show', exact: true }).click()
    await page.getByRole('button', { name: /^(?:steps, whole and half|tones and semitones)/ }).click()
    await expect
      .poll(() =>
        page
          .locator('svg .name')
          .allTextContents()
          .then((all) => all.slice(0, 8)),
      )
      .toEqual(['', 'T', 'T', 'S', 'T', 'T', 'T', 'S'])
    await page.getByLabel('Neighbouring keys').uncheck()
    expect(await beside.count()).toBe(0)
    expect(problems).toEqual([])
  })
})
