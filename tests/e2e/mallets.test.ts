import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { callStudy, expectAccessible, fingersShown, useBrowser } from '../support/browser'
import { call } from '../support/http'
import { atNight } from '../support/night'

const { open } = useBrowser()
const stick = (index: number) => `[data-finger="sticks ${index}"]`
const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name }).click()
/** Opens a word of the title, chooses, and closes it again. */
async function choose(page: Page, word: RegExp, group: string, choice: string | RegExp): Promise<void> {
  await press(page, word)
  await page
    .getByRole('group', { name: group, exact: true })
    .getByRole('button', { name: choice, exact: typeof choice === 'string' })
    .click()
  await page.keyboard.press('Escape')
}
const shown = (page: Page, sticks: string) =>
  page.waitForFunction(
    (wanted) =>
      [...document.querySelectorAll('[data-finger^="sticks "]')]
        .map((each) => each.textContent?.trim())
        .join('')
        .startsWith(wanted),
    sticks,
  )
describe('a percussion teacher, by mouse', () => {
  it('puts a marimba on the floor, calls F, and sees why the right strikes twice', async () => {
    const { page, problems } = await open('/desk')
    await page.locator('[data-finger="right 0"]').waitFor()
    await choose(page, /^Instrument:/, 'marimba', /^4\.3 octaves/)
    await page.locator(stick(28)).waitFor()
    await press(page, /^Key:/)
    await press(page, /^F,/)
    await page.keyboard.press('Escape')
    await shown(page, 'RLRLRLRR')
    await press(page, /^Lead:/)
    await page.getByRole('option', { name: 'left lead' }).click()
    await shown(page, 'LRRLRLRR')
    const reasons = page.getByRole('complementary', { name: 'Reasons and alternatives' })
    await reasons.getByText('Double G A in the right hand, so that C falls to the right.').waitFor()
    await page.getByRole('img', { name: /^the marimba of 4\.3 octaves, its bars in two rows/ }).waitFor()
    await page.getByText('Out and back for B♭.').waitFor()
    await page.getByText(/In all 8 moves between the rows, 4 out and 4 in, \d+ to \d+ mm each\./).waitFor()
    await expectAccessible(page)
    await choose(page, /^School of sticking:/, 'School of sticking', /^strict alternation/)
    await shown(page, 'LRLRLRLRLRLRLRLRLRLRLRLRLRLRL')
    await reasons.getByText(/The sticks cross from B♭ to C/).waitFor()
    await reasons.getByText(/swaps the lead from octave to octave/).waitFor()
    // another size: the study moves to where it fits, everything else stays
    await choose(page, /^Instrument:/, 'glockenspiel', /^2\.5 octaves/)
    await page
      .getByRole('alert')
      .getByText(/the glockenspiel of 2\.5 octaves/)
      .waitFor()
    expect(problems).toEqual([])
  })

  atNight('compares the leads side by side, and takes the other', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'Bb major marimba')
    await shown(page, 'RRLLRLR')
    await page.getByRole('link', { name: 'Compare side by side' }).click()
    await page.getByRole('heading', { name: 'left lead', exact: true }).waitFor()
    await page.getByText(/^\d+ sticks change/).waitFor()
    await press(page, 'Put this on the desk: left lead')
    await shown(page, 'LRRLRLR')
    expect(problems).toEqual([])
  })

  atNight('rolls it, up the ladder of strokes, and hears it', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'Eb major marimba one octave')
    await choose(page, /^Strokes:/, 'Strokes', /^rolled through/)
    await page.getByText('4 strokes to the beat', { exact: true }).waitFor()
    await page
      .getByText(/Roll speeds are planning values, not measured/)
      .first()
      .waitFor()
    await choose(page, /^Strokes:/, 'Ladder of strokes', 'up the ladder 2 3 4 6 8')
    await page.locator('text.head', { hasText: '8 strokes to the beat' }).waitFor()
    await press(page, 'Play')
    await page.locator('rect.sounding').first().waitFor()
    await press(page, 'Stop')
    expect(problems).toEqual([])
  })

  atNight('takes four mallets through the key, and is told where a hand cannot reach', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'C major marimba one octave')
    await choose(page, /^Strokes:/, 'Strokes', 'four mallets')
    await shown(page, '12341234')
    await press(page, /^Strokes:/)
    await expectAccessible(page, '.choices')
    await press(page, '1324')
    await shown(page, '13241324')
    await page.getByRole('button', { name: '1 is the highest' }).click()
    await shown(page, '1324')
    await page.getByLabel('your own').fill('1235')
    await page.getByRole('button', { name: 'Use', exact: true }).click()
    await page
      .getByRole('alert')
      .getByText(/mallets\.figure must list up to 16 strokes of the mallets 1 to 4/)
      .waitFor()
    await page.getByLabel('your own').fill('(12)(34)')
    await page.getByRole('button', { name: 'Use', exact: true }).click()
    await page.waitForFunction(() => !document.querySelector('[role=alert]'))
    await page.getByLabel('a hand reaches').fill('150')
    await page.keyboard.press('Tab')
    await page
      .getByRole('alert')
      .getByText(/mm apart; its reach is 150 mm/)
      .waitFor()
    expect(problems).toEqual([])
  })
})

describe('a percussion teacher, by keyboard', () => {
  atNight('calls, walks to a note, pins R and L, frees and undoes', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'E major on the marimba, left lead, one octave')
    await shown(page, 'LRLRLRLRLRLRLRL')
    await page.locator(stick(0)).focus()
    for (let step = 0; step < 3; step++) await page.keyboard.press('ArrowRight')
    expect(await page.locator(stick(3)).getAttribute('aria-label')).toMatch(/^note 4 of 15, A4, .*right stick/)
    await page.keyboard.press('l')
    await page.locator(`${stick(3)}.pinned`).waitFor()
    expect((await fingersShown(page, 'sticks'))[3]).toBe('L')
    await page.keyboard.press('0')
    await page.waitForFunction((place) => !document.querySelector(place)!.classList.contains('pinned'), stick(3))
    await page.keyboard.press('Control+z')
    await page.locator(`${stick(3)}.pinned`).waitFor()
    // strict alternation has no room for this pin: it says so, and the last good sticks stay
    await callStudy(page, 'E major marimba left lead one octave strict, pin note 2 stick L')
    await page
      .getByRole('alert')
      .getByText(/L on F♯ \(note 2\) while they alternate strictly from the left/)
      .waitFor()
    expect(problems).toEqual([])
  })
})

describe('keeping and printing', () => {
  it('stores the sticks that stand, prints them, and finds the study by its instrument', async () => {
    const recipe = { instrument: 'vibraphone-3.0', material: { tonic: 'G', kind: 'major' }, octaves: 1, lead: 'left' }
    const { status, body } = await call('/api/studies', 'POST', { recipe })
    expect(status).toBe(201)
    expect(body.accepted.sticks.join('')).toHaveLength(15)
    const { page, problems } = await open(`/paper?studies=${body.id}`)
    const sticks = page.locator('svg.page text.serif-bold').filter({ hasText: /^[RL]$/ })
    await expect.poll(() => sticks.allTextContents()).toEqual(body.accepted.sticks)
    await page.getByText(/Mallet instruments are loud/).waitFor()
    await page.goto('/library')
    await page.getByRole('searchbox').or(page.getByRole('textbox')).first().fill('vibraphone')
    await page.getByText('G major, vibraphone, one octave, left lead').first().waitFor()
    expect(problems).toEqual([])
  })

  it('refuses what does not go together, and names the field', async () => {
    const refused = async (recipe: object) => (await call('/api/studies', 'POST', { recipe })).body.path
    const material = { tonic: 'C', kind: 'major' }
    expect(await refused({ material, lead: 'left' })).toBe('recipe.lead')
    expect(await refused({ material, instrument: 'marimba-4.3', roll: { manner: 'through', strokes: 40 } })).toBe(
      'recipe.roll.strokes',
    )
    expect(await refused({ material, instrument: 'marimba-4.3', hands: 'right' })).toBe('recipe.hands')
    const far = { material: { pitches: ['C2'] }, instrument: 'xylophone-3.5' }
    expect(await refused(far)).toBe('recipe.material.pitches')
  })

  atNight('fits a tablet on the stand', async () => {
    const { page, problems } = await open('/desk', { width: 1024, height: 768 }, true)
    await callStudy(page, 'G# harmonic minor marimba')
    await page.locator(stick(28)).waitFor()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1024)
    expect(problems).toEqual([])
  })
})
