import { describe, expect, it } from 'vitest'
import { expectAccessible, fingersShown, more, useBrowser } from '../support/browser'
import { call } from '../support/http'
import { atNight, NIGHT } from '../support/night'

const { open } = useBrowser()
const finger = (hand: string, index: number) => `[data-finger="${hand} ${index}"]`

describe('the study desk, by mouse', () => {
  it('shapes a study in its title, and shows score, stair, map and reasons of it', async () => {
    const { page, problems } = await open('/desk')
    await page.getByRole('button', { name: 'Key: C major', exact: true }).click()
    await page.getByRole('button', { name: 'harmonic minor', exact: true }).click()
    await page.getByRole('button', { name: 'G♯, 5 sharps' }).click()
    await page.getByRole('button', { name: 'Key: G♯ harmonic minor', exact: true }).click()
    await page.locator(finger('right', 28)).waitFor()
    expect(await fingersShown(page, 'right')).toBe('34123123412312321321432132143')
    expect(await fingersShown(page, 'left')).toBe('32143213214321312341231234123')
    const label = await page.locator(finger('right', 6)).getAttribute('aria-label')
    expect(label).toBe('right hand, note 7 of 29, F double sharp 4, finger 2')
    const reasons = page.getByRole('complementary', { name: 'Reasons and alternatives' })
    expect(await reasons.textContent()).toMatch(/thumb under to B, after the black key A♯/)
    expect(await reasons.textContent()).toMatch(/Thumbs meet on B/)
    expect(
      await page
        .getByRole('img', { name: /^Stair of G♯ harmonic minor/ })
        .locator('.slab')
        .count(),
    ).toBe(18)
    await page.getByRole('button', { name: '= A♭ harmonic minor' }).click()
    await page.getByRole('button', { name: 'Key: A♭ harmonic minor', exact: true }).waitFor()
    expect(problems).toEqual([])
  })

  atNight('goes from any study to any other, longer or shorter, without a stumble', async () => {
    const { page, problems } = await open('/desk')
    const choose = async (word: RegExp, option: string) => {
      await page.getByRole('button', { name: word }).click()
      await page.getByRole('option', { name: option }).click()
    }
    await page.getByRole('button', { name: 'Key: C major', exact: true }).click()
    await page.getByRole('button', { name: 'Arpeggios', exact: true }).click()
    await page.getByRole('button', { name: 'major', exact: true }).click()
    await page.keyboard.press('Escape')
    await page.locator('[data-finger]').nth(25).waitFor()
    for (const [word, option, notes] of [
      [/^Hands/, 'contrary motion', 26],
      [/^Octaves/, 'three octaves', 38],
      [/^Hands/, 'left hand', 19],
      [/^Octaves/, 'one octave', 7],
      [/^Course/, 'down only', 4],
      [/^Hands/, 'hands together', 8],
    ] as const) {
      await choose(word, option)
      await page.waitForFunction((count) => document.querySelectorAll('[data-finger]').length === count, notes)
      await expect.poll(() => page.locator('.engraving svg').count()).toBeGreaterThan(0)
    }
    expect(problems).toEqual([])
  })

  it('pins a finger, solves the rest around it, names a conflict, and keeps the last good study', async () => {
    const { page } = await open('/desk')
    await page.locator(finger('right', 3)).click()
    await page.getByRole('button', { name: 'Pin finger 4' }).click()
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
    expect((await fingersShown(page, 'right')).slice(0, 8)).toBe('12341231')
    await page.getByText('pinned: 4 on F').waitFor()
    await page.locator(finger('right', 4)).click()
    await page.getByRole('button', { name: 'Pin finger 4' }).click()
    const alert = page.getByRole('alert').filter({ hasText: 'cannot play' })
    expect(await alert.textContent()).toMatch(/4 on F \(note 4\) and 4 on G \(note 5\) together/)
    expect((await fingersShown(page, 'right')).slice(0, 8)).toBe('12341231')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.getByText('cannot be played, so it was not saved').waitFor()
    await page.getByRole('button', { name: 'Remove the last pin' }).click()
    await alert.waitFor({ state: 'detached' })
  })

  atNight('lets pins go when notes move, and puts them back', async () => {
    const { page } = await open('/desk')
    await page.locator(finger('right', 3)).click()
    await page.keyboard.press('4')
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
    await page.getByRole('button', { name: 'Octaves: two octaves', exact: true }).click()
    await page.getByRole('option', { name: 'one octave' }).click()
    await page.getByText('the pins were let go').waitFor()
    await expect.poll(() => page.locator('.finger.pinned').count()).toBe(0)
    await page.getByRole('button', { name: 'Restore the pins' }).click()
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
  })

  atNight('offers the octave that fits when a study leaves the keyboard', async () => {
    const { page } = await open('/desk')
    await page.getByRole('button', { name: 'Start: from C4', exact: true }).click()
    await page.getByRole('option', { name: 'from C7' }).click()
    expect(await page.getByRole('alert').textContent()).toMatch(/12 semitones above the 88 keys of the piano/)
    await page.getByRole('button', { name: 'Start in octave 6' }).click()
    await page.getByRole('button', { name: 'Start: from C6', exact: true }).waitFor()
    await page.getByRole('alert').filter({ hasText: 'semitones' }).waitFor({ state: 'detached' })
  })

  atNight('takes an alternative, and goes back to its own', async () => {
    const { page } = await open('/desk')
    await page.getByRole('button', { name: 'left hand', exact: true }).click()
    const own = await fingersShown(page, 'left')
    await page.getByRole('button', { name: /^Take 1 3 2 1 4 3 2/ }).click()
    await page.getByRole('button', { name: /^Remove all/ }).waitFor()
    await page.locator('.finger.pinned').first().waitFor()
    expect(await fingersShown(page, 'left')).not.toBe(own)
    await page.getByRole('button', { name: /^Remove all/ }).click()
    await page.locator('.finger.pinned').first().waitFor({ state: 'detached' })
    expect(await fingersShown(page, 'left')).toBe(own)
  })

  atNight('keeps what was not saved when another study comes to the desk, and brings it back', async () => {
    const { body: other } = await call('/api/studies', 'POST', { recipe: { material: { tonic: 'E', kind: 'major' } } })
    const { page } = await open('/desk')
    await page.locator(finger('right', 3)).click()
    await page.keyboard.press('4')
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
    await page.getByRole('link', { name: 'Library' }).click()
    await page.locator(`a[href="/desk/${other.id}"]`).click()
    await page.getByRole('button', { name: 'Key: E major', exact: true }).waitFor()
    await page.getByText('“C major, hands together, two octaves” was not saved').waitFor()
    await expectAccessible(page)
    await page.locator(finger('left', 2)).click()
    await page.keyboard.press('4')
    await page.locator(`${finger('left', 2)}.pinned`).waitFor()
    // what is in the library already is saved on the way; it needs no bringing back
    await page.getByRole('button', { name: 'Back' }).click()
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
    await page.waitForURL(({ pathname }) => pathname === '/desk')
    expect((await call(`/api/studies/${other.id}`)).body).toMatchObject({
      version: 2,
      recipe: { pins: [{ finger: 4 }] },
    })
    await expect.poll(() => page.getByText('was not saved').count()).toBe(0)
    // a third that is not saved leaves the first where it is
    const bring = page.getByLabel('Import a study file')
    const file = (tonic: string) => ({
      name: `${tonic}.json`,
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ material: { tonic, kind: 'major' } })),
    })
    await bring.setInputFiles(file('A'))
    await page.getByRole('button', { name: 'Key: A major', exact: true }).waitFor()
    await bring.setInputFiles(file('F'))
    await page.getByRole('button', { name: 'Key: F major', exact: true }).waitFor()
    await page.getByText('“C major, hands together, two octaves” was not saved').waitFor()
    await page.getByRole('button', { name: 'Back to it: “C major, hands together, two octaves”' }).click()
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
    for (const letter of ['A', 'F']) {
      await page.getByRole('button', { name: `Let it go: “${letter} major, hands together, two octaves”` }).click()
    }
    await page.getByRole('link', { name: 'Pupils' }).click()
    await page.getByRole('link', { name: 'Desk' }).click()
    await page.locator(`${finger('right', 3)}.pinned`).waitFor()
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.getByText(/^saved/).waitFor()
    await more(page, 'New')
    await page.getByRole('button', { name: 'Key: C major', exact: true }).waitFor()
    await expect.poll(() => page.locator('.finger.pinned').count()).toBe(0)
    await expect.poll(() => page.getByText('was not saved').count()).toBe(0)
  })

  it('saves, survives a reload, duplicates without touching the first', async () => {
    const { page } = await open('/desk')
    await page.locator(finger('left', 3)).click()
    await page.keyboard.press('3')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.waitForURL(/\/desk\/[0-9a-f-]{36}$/)
    const id = page.url().split('/').at(-1)!
    const shown = await fingersShown(page, 'left')
    await page.reload()
    await page.locator(`${finger('left', 3)}.pinned`).waitFor()
    expect(await fingersShown(page, 'left')).toBe(shown)
    await more(page, 'Duplicate')
    await page.getByText('a draft in this browser').waitFor()
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await page.waitForURL((url) => /\/desk\/[0-9a-f-]{36}$/.test(url.pathname) && !url.pathname.endsWith(id))
    expect((await call(`/api/studies/${id}`)).body.version).toBe(1)
  })

  atNight('shows both versions when another window saved first, and overwrites only when told', async () => {
    const { body: study } = await call('/api/studies', 'POST', { recipe: { material: { tonic: 'D', kind: 'major' } } })
    const [one, two] = await Promise.all([open(`/desk/${study.id}`), open(`/desk/${study.id}`)])
    for (const [window, key] of [
      [one, '4'],
      [two, '2'],
    ] as const) {
      await window.page.locator(finger('right', 3)).click()
      await window.page.keyboard.press(key)
      await window.page.locator(`${finger('right', 3)}.pinned`).waitFor()
      // the first is saved by itself before the second changes anything
      await window.page.getByText(window === one ? /^saved \d/ : 'Another window saved this study').waitFor()
    }
    const stands = async () => (await call(`/api/studies/${study.id}`)).body
    expect((await stands()).accepted.right[3]).toBe(4)
    await two.page.getByRole('button', { name: 'See both' }).click()
    const dialog = two.page.getByRole('dialog')
    expect(await dialog.textContent()).toMatch(/Nothing has been overwritten/)
    const marks = await dialog.locator('mark').allTextContents()
    // the pinned finger on each side, and what gives way to it
    expect(marks.length % 2).toBe(0)
    expect(marks.slice(0, marks.length / 2)).toContain('2')
    expect(marks.slice(marks.length / 2)).toContain('4')
    await expectAccessible(two.page)
    await dialog.getByRole('button', { name: 'Keep mine' }).click()
    await two.page.getByText(/^saved/).waitFor()
    expect(await stands()).toMatchObject({ version: 3, accepted: { right: expect.any(Array) } })
    expect((await stands()).accepted.right[3]).toBe(2)
  })

  atNight('shows what was accepted, where today’s engine would differ', async () => {
    const recipe = { material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1 }
    const { body: study } = await call('/api/studies', 'POST', { recipe })
    const accepted = { right: [1, 2, 3, 4, 1, 2, 3, 4, 3, 2, 1, 4, 3, 2, 1] }
    await call(`/api/studies/${study.id}`, 'PUT', { recipe, accepted, version: 1 })
    const { page } = await open(`/desk/${study.id}`)
    await page.getByText('Shown as it was saved').waitFor()
    expect(await fingersShown(page, 'right')).toBe(accepted.right.join(''))
    await page.getByRole('link', { name: 'Compare', exact: true }).click()
    await page.getByRole('heading', { name: 'Tactum today', exact: true }).waitFor()
    await page.getByRole('heading', { name: 'as it was accepted', exact: true }).waitFor()
    await page.locator('.changed').first().waitFor()
    await page.goBack()
    await page.getByRole('button', { name: 'Use the new fingering' }).click()
    await page.getByText('Shown as it was saved').waitFor({ state: 'detached' })
    expect(await fingersShown(page, 'right')).toBe('123123454321321')
  })

  atNight('exports and imports the open format, and says what is wrong with another file', async () => {
    const { page } = await open('/desk')
    const [download] = await Promise.all([page.waitForEvent('download'), more(page, 'Export as our own file (.json)')])
    expect(download.suggestedFilename()).toMatch(/^c-major.*\.json$/)
    const input = page.getByLabel('Import a study file')
    await input.setInputFiles({
      name: 'bad.json',
      mimeType: 'application/json',
      buffer: Buffer.from('C major, please'),
    })
    await page.getByText(/bad\.json: .*JSON/).waitFor()
    const recipe = { material: { tonic: 'F#', kind: 'melodic-minor' }, octaves: 1 }
    await input.setInputFiles({
      name: 'good.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(recipe)),
    })
    await page.getByRole('button', { name: 'Key: F♯ melodic minor', exact: true }).waitFor()
    await input.setInputFiles({
      name: 'wide.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"material":{"tonic":"C","kind":"major"},"octaves":99}'),
    })
    await page.getByText('octaves must be a whole number from 1 to 4').waitFor()
    for (const text of ['null', '3', '{"material":{"tonic":"H","kind":"major"}}', '{"material":null}']) {
      await input.setInputFiles({ name: 'odd.json', mimeType: 'application/json', buffer: Buffer.from(text) })
      await page.getByText(/odd\.json: (material is missing|“H” is not a tonic)/).waitFor()
    }
    // the study on the desk has stayed
    await page.getByRole('button', { name: 'Key: F♯ melodic minor', exact: true }).waitFor()
  })
})

describe('the study desk, by keyboard alone', () => {
  atNight('names the key, walks the fingers, pins and frees, saves', async () => {
    const { page } = await open('/desk')
    await page.getByRole('button', { name: 'Key: C major', exact: true }).waitFor()
    const focused = () =>
      page.evaluate(
        () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent?.trim(),
      )
    const tabTo = async (name: RegExp) => {
      for (let tries = 0; tries < 60; tries++) {
        await page.keyboard.press('Tab')
        if (name.test((await focused()) ?? '')) return
      }
      throw new Error(`No tab stop called ${name}`)
    }
    await tabTo(/^Key: C major/)
    await page.keyboard.press('Enter')
    await tabTo(/^E, 4 sharps/)
    await page.keyboard.press('Enter')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Key: E major', exact: true }).waitFor()
    await tabTo(/^Hands: hands together/)
    await page.keyboard.press('Enter')
    await page.keyboard.press('ArrowDown')
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: 'Hands: contrary motion', exact: true }).waitFor()
    await tabTo(/^right hand, note 1 of 29/)
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowDown']) await page.keyboard.press(key)
    expect(await focused()).toMatch(/^left hand, note 3 of 29/)
    await page.keyboard.press('2')
    await page.locator(`${finger('left', 2)}.pinned`).waitFor()
    expect(await focused()).toMatch(/^left hand, note 3 .*pinned$/)
    await page.keyboard.press('0')
    await page.locator(`${finger('left', 2)}.pinned`).waitFor({ state: 'detached' })
    await page.keyboard.press('End')
    expect(await focused()).toMatch(/note 29 of 29/)
    await tabTo(/^Save$/)
    await page.keyboard.press('Enter')
    await page.waitForURL(/\/desk\/[0-9a-f-]{36}$/)
  })
})

describe('every size', () => {
  const others = [
    [1024, 768],
    [820, 1180],
  ]
  it.each([[1280, 800], ...(NIGHT ? others : [])])(
    'is accessible at %s x %s, without sideways scrolling',
    async (width, height) => {
      const { page } = await open('/desk', { width, height })
      await page.locator(finger('right', 0)).waitFor()
      await expectAccessible(page)
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
    },
  )

  atNight('is accessible with its choices open', async () => {
    const { page } = await open('/desk')
    for (const name of ['Key: C major', 'Hands: hands together', /^Tempo:/, 'conservatory school']) {
      await page.getByRole('button', { name }).click()
      await expectAccessible(page, '.choices')
      await page.keyboard.press('Escape')
    }
  })
})
