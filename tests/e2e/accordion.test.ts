import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { callStudy, expectAccessible, fingersShown, more, useBrowser } from '../support/browser'
import { call } from '../support/http'
import { atNight } from '../support/night'

const { open } = useBrowser()
const at = (hand: 'right' | 'left', index: number): string => `[data-finger="${hand} ${index}"]`
const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', typeof name === 'string' ? { name, exact: true } : { name }).click()
/** Opens a word of the title, chooses, and closes it again. */
async function choose(page: Page, word: RegExp, group: string, choice: string | RegExp): Promise<void> {
  await press(page, word)
  const button = page
    .getByRole('group', { name: group, exact: true })
    .getByRole('button', { name: choice, exact: true })
  await (
    typeof choice === 'string'
      ? button
      : page.getByRole('group', { name: group, exact: true }).getByRole('button', { name: choice })
  ).click()
  await page.keyboard.press('Escape')
}
const shown = (page: Page, hand: string, fingers: string) =>
  page.waitForFunction(
    ([who, wanted]) =>
      [...document.querySelectorAll(`[data-finger^="${who} "]`)]
        .map((each) => each.textContent?.trim())
        .join('')
        .startsWith(wanted!),
    [hand, fingers],
  )
const pupilCalled = async (name: string) =>
  (await call('/api/pupils')).body.find((pupil: { name: string }) => pupil.name === name)

describe('an accordion teacher’s lesson, by mouse', () => {
  atNight('goes from choosing the instrument to the printed page', async () => {
    const { page, problems } = await open('/desk')
    await page.locator(at('right', 0)).waitFor()
    await choose(page, /^Instrument:/, 'accordion', 'Accordion')
    await shown(page, 'left', '432343234323434')
    await choose(page, /^Right hand’s keyboard:/, 'piano keys', '37 keys')
    await choose(page, /^Bass board:/, 'the board', /^96 bass/)
    await page.getByRole('img', { name: /^Bass board of 96 buttons/ }).waitFor()
    const reasons = page.getByRole('complementary', { name: 'Reasons and alternatives' })
    await reasons.getByText(/4 on C and 2 on G: the other finger has the alternate bass/).waitFor()
    await reasons.getByText('2 notes of the right hand to each stroke of the left').waitFor()

    // the bellows over the score, and where they turn
    await page.getByRole('img', { name: 'The bellows over this line: 2 ways' }).waitFor()
    await choose(page, /^Bellows:/, 'the bellows turn', /^at every octave/)
    await page.getByRole('img', { name: 'The bellows over this line: 4 ways' }).waitFor()
    await expectAccessible(page)

    // another bass, and back
    await choose(page, /^Hands and bass:/, 'both hands', 'right hand over waltz bass')
    await shown(page, 'left', '433233')
    await choose(page, /^Hands and bass:/, 'both hands', 'right hand over alternating bass')
    await shown(page, 'left', '4323')

    // a finger and a button pinned
    await page.locator(at('left', 2)).click()
    await press(page, 'Pin finger 4')
    await page.waitForFunction(() => document.querySelector('[data-finger="left 2"]')?.textContent?.trim() === '4')
    await page.getByLabel(/^On which button:/).selectOption('counterbass of E♭')
    await page.getByText(/pinned: .*counterbass of E♭ for G/).waitFor()
    await press(page, 'Remove the pin')

    // a five-finger run before, the full chord after
    await choose(page, /^Shape it:/, 'Before it', /five-finger/)
    await choose(page, /^Shape it:/, 'After it', /tonic chord/)
    await page.getByText('five fingers first').waitFor()

    await press(page, 'Save')
    await page.waitForURL(/\/desk\/[0-9a-f-]{36}$/)
    await more(page, 'Print')
    await page.locator('svg.page').first().waitFor()
    await page
      .getByText(/Bellows:/)
      .first()
      .waitFor()
    await page.getByText(/An accordion weighs/).waitFor()
    expect(await page.locator('svg.page text.serif-bold').allTextContents()).toContain('5')
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  atNight('grades a pupil’s set, left hand and bellows too, and mends it', async () => {
    const { sets } = await pupilCalled('Oda L.')
    const { page, problems } = await open(`/sets/${sets[0].id}`)
    await page.getByText('9 of 13 in the set as asked').waitFor()
    await page.getByRole('heading', { name: 'Left hand, and both' }).waitFor()
    await press(page, 'Add the 2 missing')
    // what the list leaves to the candidate is asked once
    await page.getByRole('dialog').getByRole('button', { name: 'Add the 2 missing' }).click()
    await page.getByText('11 of 13 in the set as asked').waitFor()
    const { studies } = (await call(`/api/sets/${sets[0].id}`)).body
    // what is added is for the pupil's own instrument
    expect(studies.at(-1).recipe).toMatchObject({
      instrument: 'accordion',
      accordion: { treble: 'keys-37', bass: 96, left: { part: 'waltz' } },
    })
    // a study whose bellows go otherwise is near, and mended by a press
    const study = studies[0]
    const turned = { ...study.recipe.accordion, bellows: { ...study.recipe.accordion.bellows, turn: 'octave' } }
    const recipe = { ...study.recipe, accordion: turned }
    await call(`/api/studies/${study.id}`, 'PUT', { recipe, accepted: study.accepted, version: study.version })
    await page.reload()
    await page.getByText(/bellows to turn at the top, here they turn every octave/).waitFor()
    await press(page, /^Turn the bellows at the top/)
    await page.getByText('11 of 13 in the set as asked').waitFor()
    expect(problems).toEqual([])
  })

  it('keeps what a pupil plays, and by which schools', async () => {
    const { id } = await pupilCalled('Oda L.')
    const { page, problems } = await open('/pupils')
    await press(page, /^How Oda L\. plays/)
    await page.getByLabel('keyboard').selectOption('C-system, 5 rows')
    await page.getByLabel('left hand').selectOption('three and two')
    await page.getByLabel('bass board').selectOption('72 bass')
    await expect
      .poll(
        async () =>
          (await call(`/api/pupils`)).body.find((each: { id: string }) => each.id === id).preferences.settings,
      )
      .toMatchObject({ school: 'four-fingers', accordion: { treble: 'c-5', bass: 72, left: { school: 'three-two' } } })
    expect(problems).toEqual([])
  })
})

describe('an accordion teacher’s lesson, by keyboard', () => {
  atNight('calls it, pins a bass, turns the picture round, and hears it', async () => {
    const { page, problems } = await open('/desk', { width: 1024, height: 768 })
    await callStudy(page, 'G major C-system two octaves alternating bass bellows turn every two bars')
    await shown(page, 'right', '2434324243')
    await shown(page, 'left', '4323')
    await page.locator(at('right', 0)).focus()
    await page.keyboard.press('ArrowDown')
    await page.waitForFunction(() => document.activeElement?.getAttribute('data-finger') === 'left 0')
    await page.keyboard.press('ArrowRight')
    await page.keyboard.press('2')
    await page.waitForFunction(() => document.querySelector('[data-finger="left 1"]')?.textContent?.trim() === '2')
    expect(await page.locator(at('left', 1)).getAttribute('aria-label')).toMatch(/G major chord/)
    const turn = page.getByRole('button', { name: 'seen from the front', exact: true })
    await turn.focus()
    await page.keyboard.press('Enter')
    await page.getByText('seen from the front (the chin is above, the bellows between)').waitFor()
    await page.evaluate(() => document.querySelector('figcaption')!.scrollIntoView({ block: 'center' }))
    await expectAccessible(page)
    await page.keyboard.press('h')
    await page.getByRole('button', { name: 'Stop' }).waitFor()
    await page.keyboard.press('h')
    expect(problems).toEqual([])
  })

  atNight('says what a board lacks, and what it has', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'E flat major accordion 12 bass')
    const alert = page.getByRole('alert')
    await alert.getByText(/A board of 12 has no .*E♭/).waitFor()
    await alert.getByText(/It has this in B♭, F, C, G, D and A/).waitFor()
    await page.getByRole('button', { name: /^Undo/ }).first().focus()
    expect(await fingersShown(page, 'right')).toMatch(/^1/)
    expect(problems).toEqual([])
  })

  atNight('compares the schools side by side, and takes the other', async () => {
    const { page, problems } = await open('/desk')
    await callStudy(page, 'D major accordion one octave')
    await shown(page, 'left', '4323')
    await page.getByRole('link', { name: 'Compare side by side' }).click()
    await page.getByText('left hand: the same fingers on the same notes').waitFor()
    expect(await page.getByText(/stick/).count()).toBe(0)
    // the strokes stand under the notes with which they fall, every second one
    const cells = page.locator('tbody').first().locator('tr.left td')
    expect((await cells.allTextContents()).map((text) => text.trim()).slice(0, 8)).toEqual([
      ...['4', '', '3', '', '2', '', '3', ''],
    ])
    await press(page, /^Put this on the desk/)
    await page.getByRole('button', { name: 'black-key pivot, four and three' }).waitFor()
    expect(problems).toEqual([])
  })

  it('is played on a tablet, by touch: a finger pinned, the board turned round', async () => {
    const { page, problems } = await open('/desk', { width: 1024, height: 768 }, true)
    await callStudy(page, 'bass scale C major accordion one octave')
    await shown(page, 'left', '42542534')
    await page.locator(at('left', 2)).tap()
    await page.getByRole('button', { name: /^Pin finger 4/ }).tap()
    await page.locator(at('left', 2), { hasText: '4' }).waitFor()
    await page.getByRole('button', { name: 'seen from the front' }).tap()
    await page.getByText(/^seen from the front/).waitFor()
    expect(problems).toEqual([])
  })

  atNight('reads a bass scale on the phone', async () => {
    const { page, problems } = await open('/desk', { width: 390, height: 844 })
    await callStudy(page, 'bass scale F major accordion one octave')
    await shown(page, 'left', '42542534')
    await page.getByText('B.S.', { exact: true }).waitFor()
    expect(problems).toEqual([])
  })
})
