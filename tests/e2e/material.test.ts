import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { KIND_IDS } from '#core/material'
import { expectAccessible, fingersShown, useBrowser } from '../support/browser'
import { call } from '../support/http'
import { atNight, NIGHT } from '../support/night'

const { open } = useBrowser()
const finger = (hand: string, index: number) => `[data-finger="${hand} ${index}"]`
const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name }).click()
/** Opens the key's choices, picks a kind (and a tonic), and closes them. */
async function choose(page: Page, family: string, kind: string, tonic?: RegExp): Promise<void> {
  await press(page, /^Key:/)
  await press(page, family)
  await press(page, kind)
  if (tonic) await press(page, tonic)
  await page.keyboard.press('Escape')
}

/**
 * Chooses kinds in the open panel of the key (every one at night, the last of each drawer by day), and with each opens every drawer: what stands in the drawers, by the
 * kind that was chosen. In the page itself, since it is some eight hundred presses.
 */
const drawersOfEveryKind = (page: Page): Promise<{ all: Record<string, string[]>; other: string[] }> =>
  page.evaluate(async (every) => {
    const buttons = (label: string) => [
      ...document.querySelector(`[role="group"][aria-label^="${label}"]`)!.querySelectorAll('button'),
    ]
    const textOf = (button: Element): string => button.textContent.trim()
    const press = async (label: string, text: string): Promise<void> => {
      const found = buttons(label).find((button) => textOf(button) === text)
      if (!found) throw new Error(`${label} has no ${text}`)
      found.click()
      await new Promise((resolve) => setTimeout(resolve))
    }
    const drawers = async (): Promise<Record<string, string[]>> => {
      const found: Record<string, string[]> = {}
      for (const drawer of buttons('Family').map(textOf)) {
        await press('Family', drawer)
        found[drawer] = buttons('Kind').map(textOf)
      }
      return found
    }
    const all = await drawers()
    const other: string[] = []
    for (const [drawer, kinds] of Object.entries(all)) {
      for (const kind of every ? kinds : kinds.slice(-1)) {
        await press('Family', drawer)
        await press('Kind', kind)
        if (JSON.stringify(await drawers()) !== JSON.stringify(all)) other.push(`${drawer}: ${kind}`)
      }
    }
    return { all, other }
  }, NIGHT)

describe('all the material, by mouse', () => {
  it('opens every drawer for every kind, and every kind has its words', async () => {
    const { page, problems } = await open('/desk')
    await press(page, /^Key:/)
    await page.getByRole('group', { name: 'Family' }).waitFor()
    const { all, other } = await drawersOfEveryKind(page)
    expect(other).toEqual([])
    expect(Object.values(all).flat().filter(Boolean)).toHaveLength(KIND_IDS.length)
    // and the title opens again
    await page.keyboard.press('Escape')
    await press(page, /^Key:/)
    await page.getByRole('group', { name: 'Family' }).waitFor()
    expect(problems).toEqual([])
  })

  atNight('finds kinds by family, inversions and signatures where there are any', async () => {
    const { page, problems } = await open('/desk')
    await choose(page, 'Sevenths', 'dominant', /^D,/)
    await page.getByRole('button', { name: 'Key: D dominant seventh arpeggio', exact: true }).waitFor()
    expect(await fingersShown(page, 'right')).toBe('12341234543214321')
    await press(page, /^Key:/)
    await press(page, 'second inversion')
    await expectAccessible(page, '.choices')
    await page.keyboard.press('Escape')
    await page
      .getByRole('button', { name: 'Key: D dominant seventh arpeggio, second inversion', exact: true })
      .waitFor()
    const label = () => page.locator(finger('right', 0)).getAttribute('aria-label')
    await page.waitForFunction(() =>
      document.querySelector('[data-finger="right 0"]')?.getAttribute('aria-label')?.includes('A3'),
    )
    expect(await label()).toMatch(/A3/)
    await choose(page, 'Modes', 'dorian', /^E,/)
    const signs = () => page.locator('.engraving').first().innerHTML()
    await page.getByRole('button', { name: 'Key: E dorian', exact: true }).waitFor()
    const own = await signs()
    await press(page, /^Key:/)
    await page.getByRole('group', { name: 'Key signature' }).getByRole('button', { name: 'none' }).click()
    await page.keyboard.press('Escape')
    await page.waitForFunction((before) => document.querySelector('.engraving')!.innerHTML !== before, own)
    expect(problems).toEqual([])
  })

  it('engraves double notes with a finger for each, walked by step and by voice', async () => {
    const { page, problems } = await open('/desk')
    await choose(page, 'Double notes', 'thirds, major')
    await page.locator(finger('right', 57)).waitFor()
    await page.locator(finger('right', 0)).click()
    await page.keyboard.press('ArrowUp')
    const focused = () => page.evaluate(() => document.activeElement?.getAttribute('data-finger'))
    expect(await focused()).toBe('right 1')
    await page.keyboard.press('ArrowRight')
    expect(await focused()).toBe('right 3')
    for (const key of ['ArrowDown', 'ArrowDown']) await page.keyboard.press(key)
    expect(await focused()).toBe('left 3')
    await page.keyboard.press('2')
    await page.locator(`${finger('left', 3)}.pinned`).waitFor()
    expect(problems).toEqual([])
  })

  atNight('shares tetrachords between the hands with rests, and sounds a cadence in chords', async () => {
    const { page, problems } = await open('/desk')
    await choose(page, 'In one position', 'major in tetrachords')
    await page.waitForFunction(() => document.querySelectorAll('[data-finger]').length === 15)
    expect(await fingersShown(page, 'left')).toBe('54322345')
    await page.locator(finger('left', 3)).click()
    await page.keyboard.press('ArrowRight')
    await page.locator(`${finger('left', 4)}:focus`).waitFor()
    await choose(page, 'Cadence', 'minor')
    await page.waitForFunction(() => document.querySelectorAll('[data-finger]').length === 30)
    await page.getByRole('button', { name: 'Octaves: one octave', exact: true }).waitFor()
    // a run again, with the octaves of a run
    await choose(page, 'Scales', 'major')
    await page.getByRole('button', { name: 'Octaves: two octaves', exact: true }).waitFor()
    expect(problems).toEqual([])
  })

  it('fingers pitches as they are typed, and says which word is not one', async () => {
    const { page, problems } = await open('/desk')
    await press(page, /^Key:/)
    const own = page.getByLabel('Your own pitches')
    await own.fill('C4 E4 H4')
    await page.getByText('“H4” is not a pitch').waitFor()
    expect(await page.getByRole('button', { name: 'Add fingering' }).isDisabled()).toBe(true)
    await own.fill('c4 e♭4 g4 c5 g4 eb4 c4+g4')
    await page.keyboard.press('Enter')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: /^Key: Pattern C4 E♭4 G4 C5/ }).waitFor()
    await page.waitForFunction(() => document.querySelectorAll('[data-finger^="right"]').length === 8)
    await expect.poll(() => page.getByRole('button', { name: /^Octaves/ }).count()).toBe(0)
    const shown = await fingersShown(page, 'right')
    expect(shown).toHaveLength(8)
    await press(page, 'Save')
    await page.waitForURL(/\/desk\/[0-9a-f-]{36}$/)
    await page.reload()
    await page.locator(finger('right', 7)).waitFor()
    expect(await fingersShown(page, 'right')).toBe(shown)
    expect(problems).toEqual([])
  })

  it('refuses a chord that no hand takes, and keeps the last study', async () => {
    const { page } = await open('/desk')
    await press(page, /^Key:/)
    await page.getByLabel('Your own pitches').fill('C3+C6 D4')
    await page.keyboard.press('Enter')
    await page.getByText(/cannot be taken at once by an average/).waitFor()
    await page.getByText('The last study that can be played is shown').waitFor()
    expect(await fingersShown(page, 'right')).toMatch(/^123123/)
  })

  atNight('sets the hands a sixth apart, in either order', async () => {
    const { page } = await open('/desk')
    await press(page, /^Hands:/)
    await page.getByRole('option', { name: /^a sixth apart.*right hand/ }).click()
    await page.getByRole('button', { name: 'Hands: a sixth apart', exact: true }).waitFor()
    await page.waitForFunction(() =>
      document.querySelector('[data-finger="left 0"]')?.getAttribute('aria-label')?.includes('E3'),
    )
    await press(page, /^Hands:/)
    await page.getByRole('option', { name: /^a sixth apart.*left hand/ }).click()
    await page.waitForFunction(() =>
      document.querySelector('[data-finger="right 0"]')?.getAttribute('aria-label')?.includes('A3'),
    )
  })
})

describe('schools on the desk', () => {
  atNight('change the fingers, say their idea, and keep their settings with the study', async () => {
    const { page, problems } = await open('/desk')
    await choose(page, 'Scales', 'major', /^D,/)
    await press(page, 'conservatory school')
    await expectAccessible(page, '.choices')
    await press(page, /^black-key pivot/)
    await page.getByText('Size of the hand').click()
    await press(page, /^Small/)
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'black-key pivot', exact: true }).waitFor()
    expect((await fingersShown(page, 'left')).slice(0, 8)).toBe('21432132')
    await press(page, 'Save')
    await page.waitForURL(/\/desk\/[0-9a-f-]{36}$/)
    const { body } = await call(`/api/studies/${page.url().split('/').at(-1)}`)
    expect(body.recipe).toMatchObject({ school: 'black-key-pivot', handSize: 'small', chromatic: 'one-three' })
    expect(problems).toEqual([])
  })

  it('say where they do not go, with the way back', async () => {
    const { page } = await open('/desk')
    await press(page, 'conservatory school')
    await press(page, /^two-hand tetrachords/)
    await page.keyboard.press('Escape')
    await page.waitForFunction(() => document.querySelectorAll('[data-finger]').length === 31)
    await choose(page, 'Other scales', 'blues')
    await page.getByText('shares a seven-note scale').waitFor()
    await press(page, 'Use the conservatory school')
    await page.getByRole('button', { name: 'Key: C blues', exact: true }).waitFor()
    await page.getByRole('alert').filter({ hasText: 'seven-note' }).waitFor({ state: 'detached' })
  })
})

describe('pins on more than a note', () => {
  it('hold a degree in every octave, hold a grip, and are freed whole', async () => {
    const { page } = await open('/desk')
    await page.locator(finger('right', 3)).click()
    await page.keyboard.press('4')
    await press(page, '4 in every octave')
    await page.locator(`${finger('right', 10)}.pinned`).waitFor()
    expect((await fingersShown(page, 'right')).slice(0, 14)).toBe('12341231234123')
    await press(page, 'Unpin every octave')
    await page.locator(`${finger('right', 10)}.pinned`).waitFor({ state: 'detached' })
    await page.locator(finger('left', 6)).click()
    await press(page, 'Pin this grip')
    await page.locator(`${finger('left', 6)}.pinned`).waitFor()
    await expect.poll(() => page.locator('.finger.pinned').count()).toBe(3)
    await page.getByText('pinned: 3 2 1 from A').waitFor()
    await press(page, 'Unpin this grip')
    await page.locator('.finger.pinned').first().waitFor({ state: 'detached' })
  })
})

describe('side by side', () => {
  atNight('shows the three minors at a glance, what differs framed and said', async () => {
    const { page, problems } = await open('/desk')
    await choose(page, 'Scales', 'natural minor', /^G♯,/)
    await page.getByRole('link', { name: 'Compare side by side' }).click()
    const glance = page.locator('.glance')
    await glance.waitFor()
    await expect.poll(() => glance.locator('tbody').count()).toBe(3)
    const harmonic = glance.locator('tbody').nth(1)
    await expect
      .poll(() => harmonic.locator('.notes .differs').allTextContents())
      .toEqual([' F× ', ' F× '].map((text) => expect.stringContaining(text.trim())))
    await page.getByText('F♯ becomes F×', { exact: true }).waitFor()
    await page.locator('.engraving svg').nth(2).waitFor()
    await expect.poll(() => page.locator('rect.changed').count()).toBeGreaterThan(8)
    await expectAccessible(page, 'main')
    expect(problems).toEqual([])
  })

  atNight(
    'lays schools, the next best and more octaves beside the study, and puts one on the desk; by keyboard',
    async () => {
      const { page, problems } = await open('/desk')
      await choose(page, 'Scales', 'major', /^D,/)
      await page.getByRole('link', { name: 'Compare side by side' }).focus()
      await page.keyboard.press('Enter')
      await page.getByRole('button', { name: 'Beside: black-key pivot' }).waitFor()
      await page.getByText('right hand: the same fingers on the same').waitFor()
      await page.getByRole('button', { name: 'Beside: black-key pivot' }).focus()
      await page.keyboard.press('Enter')
      await page.keyboard.type('three')
      await page.keyboard.press('Enter')
      await page.getByRole('button', { name: 'Beside: three octaves' }).waitFor()
      await page.getByText('right hand: 14 notes more').waitFor()
      await page.getByRole('button', { name: /^Beside: / }).click()
      await page.getByRole('option', { name: /^next best, left hand/ }).click()
      const put = page.getByRole('button', { name: /^Put this on the desk/ })
      await put.focus()
      await page.keyboard.press('Enter')
      await page.locator('.finger.pinned').first().waitFor()
      expect(new URL(page.url()).pathname).toBe('/desk')
      expect(problems).toEqual([])
    },
  )

  it('begins with a study of its own where the desk is empty', async () => {
    const { page, problems } = await open('/compare?beside=free-and-smooth')
    await page.getByRole('button', { name: 'Beside: free and smooth' }).waitFor()
    await page.locator('.engraving svg').nth(1).waitFor()
    expect(problems).toEqual([])
  })
})
