import { describe, expect, it } from 'vitest'
import { expectAccessible, useBrowser } from '../support/browser'
import { call, freshSet, setOfMajors } from '../support/http'
import { atNight, NIGHT } from '../support/night'

const { open } = useBrowser()
const programme = 'ol[aria-label="Studies of the set, in order"] li'

describe('a teacher’s whole errand', () => {
  it('builds a study, puts it into a pupil’s set, grades the set, adds what is missing, prints it', async () => {
    const { page, problems } = await open('/pupils')
    await page.getByLabel('New pupil').fill('Nell B.')
    await page.getByRole('button', { name: 'Add' }).click()
    await page.getByLabel('Name of a new set for Nell B.').fill('Towards Grade 3')
    await page.getByLabel('Name of a new set for Nell B.').press('Enter')
    await page.getByText('No studies in this set yet.').waitFor()
    await expectAccessible(page)
    const setUrl = new URL(page.url()).pathname

    await page.getByRole('link', { name: 'Desk', exact: true }).click()
    await page.getByRole('button', { name: 'Key: C major', exact: true }).click()
    await page.getByRole('button', { name: 'harmonic minor', exact: true }).click()
    await page.getByRole('button', { name: 'G♯, 5 sharps' }).click()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Key: G♯ harmonic minor', exact: true }).waitFor()
    await page.getByRole('button', { name: 'Save to set' }).click()
    await page.getByRole('searchbox', { name: 'Find a pupil or a set' }).fill('nell b.')
    await page.getByRole('button', { name: /^Towards Grade 3/ }).click()
    await page.getByText('Added to Nell B., Towards Grade 3.').waitFor()

    await page.goto(setUrl)
    await page.getByRole('button', { name: 'Grade: no grade yet' }).click()
    await page.getByRole('option', { name: 'Corvane, Grade 3' }).click()
    await page.getByText('no. 1: 120 of 144 notes a minute').waitFor()
    await page.getByRole('button', { name: 'Add the 15 missing' }).click()
    // the list leaves a choice of minors: what is usual stands there
    await page.getByRole('dialog').getByRole('button', { name: 'Add the 15 missing' }).click()
    await page.getByText('15 studies added').waitFor()
    await expect.poll(() => page.locator(programme).count()).toBe(16)
    expect(await page.getByRole('heading', { level: 1 }).textContent()).toMatch(/15 of 16 in the set as asked/)
    await expectAccessible(page)

    await page.getByRole('link', { name: 'Print the set' }).click()
    const print = page.getByRole('button', { name: 'Print', exact: true })
    const pages = page.locator('svg.page')
    await expect.poll(() => pages.count()).toBeGreaterThan(3)
    expect(await print.isEnabled()).toBe(true)
    expect(await page.locator('svg.page text', { hasText: /^16$/ }).count()).toBe(1)
    await expectAccessible(page)
    for (const size of ['A4', 'Letter']) {
      await page.getByRole('button', { name: /^Paper:/ }).click()
      await page.getByRole('option', { name: size }).click()
      await page.waitForFunction((text) => document.head.innerHTML.includes(`size: ${text}`), size.replace('L', 'l'))
      await expect
        .poll(async () => (await pages.first().getAttribute('viewBox'))!.split(' ')[2])
        .toMatch(size === 'A4' ? /^595/ : /^612/)
      // the browser's own print has just these pages, one to a leaf
      await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')))
      const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1')
      const [, width] = /MediaBox \[0 0 ([\d.]+)/.exec(pdf)!
      expect(Math.round(Number(width))).toBe(size === 'A4' ? 595 : 612)
      expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(await page.locator('.sheet svg.page').count())
    }
    expect(problems).toEqual([])
  })
})

describe('a set, by keyboard alone', () => {
  atNight('moves a study with Alt and arrows, takes one out with Delete, and keeps the order', async () => {
    const { id } = await setOfMajors('Keys', ['C', 'G', 'D'])
    const { page } = await open(`/sets/${id}`)
    await page.getByRole('link', { name: 'C major' }).focus()
    await page.keyboard.press('Alt+ArrowDown')
    await page.waitForFunction(() => document.activeElement?.textContent === 'C major')
    const titles = () => page.locator(`${programme} .title`).allTextContents()
    await page.locator(`${programme}:nth-child(2) .title`, { hasText: 'C major' }).waitFor()
    expect(await titles()).toEqual(['G major', 'C major', 'D major'])
    await page.getByRole('link', { name: 'D major' }).focus()
    await page.keyboard.press('Delete')
    await page.locator(`${programme}:nth-child(3)`).waitFor({ state: 'detached' })
    await page.getByText('saved', { exact: true }).waitFor()
    await page.reload()
    await page.locator(programme).first().waitFor()
    expect(await titles()).toEqual(['G major', 'C major'])
  })

  it('saves moves that come faster than the server answers, and puts back what was taken out', async () => {
    const { id, stored } = await setOfMajors('Haste', ['C', 'G', 'D', 'A'])
    const { page, problems } = await open(`/sets/${id}`)
    await page.route('**/api/sets/*', async (route) => {
      await new Promise((resolve) => setTimeout(resolve, 150))
      await route.continue()
    })
    await page.getByRole('link', { name: 'C major' }).focus()
    for (let times = 0; times < 3; times++) await page.keyboard.press('Alt+ArrowDown')
    const order = () => page.locator(`${programme} .title`).allTextContents()
    expect(await order()).toEqual(['G major', 'D major', 'A major', 'C major'])
    await page.getByText('saved', { exact: true }).waitFor()
    await expect.poll(() => page.getByText('saved elsewhere').count()).toBe(0)
    expect(await stored()).toEqual(['G', 'D', 'A', 'C'])
    await page.getByRole('button', { name: /^Remove D major/ }).click()
    await page.getByRole('button', { name: 'Restore no. 2' }).click()
    await page.getByRole('button', { name: 'Restore no. 2' }).waitFor({ state: 'detached' })
    await page.getByText('saved', { exact: true }).waitFor()
    expect(await stored()).toEqual(['G', 'D', 'A', 'C'])
    expect(problems).toEqual([])
  })

  it('shows what stands when the server is gone, and goes on when it is back', async () => {
    const { id, stored } = await setOfMajors('Gone', ['C', 'G'])
    const { page } = await open(`/sets/${id}`)
    await page.locator(programme).first().waitFor()
    await page.route('**/api/sets/*', (route) => route.abort())
    await page.getByRole('button', { name: /^Remove G major/ }).click()
    await page.getByText('The server does not answer. Your changes stay').waitFor()
    const order = () => page.locator(`${programme} .title`).allTextContents()
    expect(await order()).toEqual(['C major'])
    expect(await stored()).toEqual(['C', 'G'])
    await page.unroute('**/api/sets/*')
    // without a press
    await expect.poll(stored).toEqual(['C'])
    await page.getByText('The server does not answer').waitFor({ state: 'detached' })
    expect(await order()).toEqual(['C major'])
    await page.getByRole('button', { name: 'Restore no. 2' }).waitFor()
  })

  it.each([
    ['was lost', true, 'it was done after all'],
    ...(NIGHT ? [['never came, since it was not asked', false, 'it was not done'] as const] : []),
  ] as const)('asks the set whether a deed was done whose answer %s', async (_, reaches, words) => {
    const { set } = await freshSet(`Unanswered ${reaches}`)
    await call(`/api/sets/${set.id}`, 'PUT', {
      ...{ title: set.title, studyIds: [], version: set.version },
      ...{ syllabusId: 'corvane-piano', gradeId: '1' },
    })
    const { page } = await open(`/sets/${set.id}`)
    await page.route('**/api/sets/*/missing', async (route) => {
      if (reaches) await route.fetch()
      await route.abort()
    })
    await page.getByRole('button', { name: /^Add the 13 missing/ }).click()
    const further = page.getByRole('heading', { name: 'The list leaves a choice' })
    await further.waitFor()
    await page
      .getByRole('button', { name: /^Add the 13 missing/ })
      .last()
      .click()
    await page.getByText(words).waitFor()
    const { body } = await call(`/api/sets/${set.id}`)
    expect(body.studies.length > 0).toBe(reaches)
    expect(await page.locator(programme).count()).toBe(body.studies.length)
  })

  atNight('saves what was changed in one set before it shows another, each in its place', async () => {
    const first = await setOfMajors('First', ['C', 'G', 'D'])
    const second = await setOfMajors('Second', ['A', 'E'])
    const { page, problems } = await open('/pupils')
    await page.route('**/api/sets/*', async (route) => {
      if (route.request().method() === 'PUT') await new Promise((resolve) => setTimeout(resolve, 700))
      await route.continue()
    })
    await page.locator(`a[href="/sets/${first.id}"]`).click()
    await page.getByRole('link', { name: 'C major' }).focus()
    await page.keyboard.press('Alt+ArrowDown')
    await page.keyboard.press('Alt+ArrowDown')
    await page.getByRole('link', { name: 'Pupils' }).click()
    await page.locator(`a[href="/sets/${second.id}"]`).click()
    await page.getByRole('link', { name: 'A major' }).waitFor()
    await page.getByText('saved', { exact: true }).waitFor()
    expect(await first.stored()).toEqual(['G', 'D', 'C'])
    expect(await second.stored()).toEqual(['A', 'E'])
    await expect.poll(() => page.locator(`${programme} .title`).allTextContents()).toEqual(['A major', 'E major'])
    expect(problems).toEqual([])
  })

  it('keeps every change made while two versions wait for a decision', async () => {
    const { id, content, stored } = await setOfMajors('Two', ['C', 'G', 'D'])
    const { page } = await open(`/sets/${id}`)
    await page.getByRole('link', { name: 'C major' }).waitFor()
    await call(`/api/sets/${id}`, 'PUT', { ...content, title: 'Elsewhere', version: 2 })
    await page.getByRole('link', { name: 'C major' }).focus()
    await page.keyboard.press('Alt+ArrowDown')
    await page.getByText('there it is “Elsewhere”').waitFor()
    await page.getByRole('link', { name: 'D major' }).focus()
    await page.keyboard.press('Delete')
    await page.getByText('here “Two” with 2').waitFor()
    await page.getByRole('button', { name: 'Keep mine' }).click()
    await page.getByText('there it is').waitFor({ state: 'detached' })
    expect(await stored()).toEqual(['G', 'C'])
  })

  atNight('holds a study once, however often it is put there', async () => {
    const { id, content, stored } = await setOfMajors('Once', ['C'])
    const [study] = content.studyIds
    const { page } = await open(`/desk/${study}`)
    await page.getByRole('button', { name: 'Save to set' }).click()
    await page.getByRole('searchbox', { name: 'Find a pupil or a set' }).fill('once')
    await page.getByRole('button', { name: /^Once/ }).click()
    await page.getByText('is in Test P., Once already').waitFor()
    expect(await stored()).toEqual(['C'])
    const twice = { ...content, studyIds: [study, study], version: 2 }
    expect(await call(`/api/sets/${id}`, 'PUT', twice)).toMatchObject({ status: 422, body: { path: 'studyIds[1]' } })
  })

  it('says where it stands in whole sentences', async () => {
    const { body: pupils } = await call('/api/pupils')
    const { id } = pupils
      .flatMap(({ sets }: { sets: { id: string; title: string }[] }) => sets)
      .find(({ title }: { title: string }) => title === 'Award 2, nearly')
    const { page } = await open(`/sets/${id}`)
    const counted = page.getByRole('paragraph').filter({ hasText: 'Counted as read' })
    await expect
      .poll(() => counted.innerText())
      .toMatch(/^\d covered, \d near, \d missing\. Counted as read: one question is open\. how this is counted$/)
  })

  atNight('chooses the grade, adds what is missing and goes on to print', async () => {
    const { set } = await freshSet('By keys')
    const { page } = await open(`/sets/${set.id}`)
    const tabTo = async (name: RegExp) => {
      for (let tries = 0; tries < 60; tries++) {
        await page.keyboard.press('Tab')
        const here = await page.evaluate(
          () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent?.trim() ?? '',
        )
        if (name.test(here)) return
      }
      throw new Error(`No tab stop called ${name}`)
    }
    await page.getByRole('button', { name: 'Grade: no grade yet' }).waitFor()
    await tabTo(/^Grade: no grade yet/)
    await page.keyboard.press('Enter')
    await page.keyboard.type('Corvane, Grade 1')
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: 'Add the 13 missing' }).waitFor()
    await tabTo(/^Add the 13 missing/)
    await page.keyboard.press('Enter')
    await page.getByRole('heading', { name: 'The list leaves a choice' }).waitFor()
    await tabTo(/^Add the 13 missing/)
    await page.keyboard.press('Enter')
    await page.getByText('13 of 13 in the set as asked').waitFor()
    await page.locator('body').focus()
    await tabTo(/^Print the set/)
    await page.keyboard.press('Enter')
    await page.locator('svg.page text', { hasText: 'Test P.' }).waitFor()
  })

  it('drags by the number', async () => {
    const { id, stored } = await setOfMajors('Drag', ['C', 'G', 'D'])
    const { page } = await open(`/sets/${id}`)
    await page.locator(programme).first().waitFor()
    await page.locator(`${programme}:nth-child(1) .grip`).dragTo(page.locator(`${programme}:nth-child(3) .grip`))
    await page.locator(`${programme}:nth-child(3) .title`, { hasText: 'C major' }).waitFor()
    await page.getByText('saved', { exact: true }).waitFor()
    expect(await stored()).toEqual(['G', 'D', 'C'])
  })

  atNight('shows both versions of a set that was saved elsewhere', async () => {
    const { set } = await freshSet('Here')
    const { page } = await open(`/sets/${set.id}`)
    await page.getByRole('button', { name: 'Set: Here' }).waitFor()
    await call(`/api/sets/${set.id}`, 'PUT', {
      title: 'There',
      syllabusId: null,
      gradeId: null,
      studyIds: [],
      version: 1,
    })
    await page.getByRole('button', { name: /^Corvane Certificates 2026, Grade 1:/ }).click()
    await page.getByText('there it is “There”').waitFor()
    expect((await call(`/api/sets/${set.id}`)).body).toMatchObject({ title: 'There', gradeId: null })
    await page.getByRole('button', { name: 'Keep mine' }).click()
    await page.getByText('there it is “There”').waitFor({ state: 'detached' })
    expect((await call(`/api/sets/${set.id}`)).body).toMatchObject({ title: 'Here', gradeId: '1' })
  })
})

describe('the other pages', () => {
  atNight.each(['/pupils', '/syllabi', '/syllabi/corvane-piano'])('%s is accessible and quiet', async (path) => {
    const { page, problems } = await open(path)
    await page.getByRole('heading', { level: 1 }).waitFor()
    await page.getByRole('heading', { level: 2 }).first().waitFor()
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  atNight('syllabus files that are wrong are refused by place, and right ones stand on file', async () => {
    const { page } = await open('/syllabi')
    const input = page.getByLabel('Import a syllabus')
    const give = (name: string, text: string) =>
      input.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
    await give('list.json', 'Grade 1: C major')
    await page.getByText(/There is no header/).waitFor()
    await give('broken.json', '{"format": ')
    await page.getByText(/This is not JSON/).waitFor()
    const { syllabus: shipped } = (await call('/api/syllabi/corvane-piano')).body
    const twice = structuredClone(shipped)
    twice.grades[1].id = 'initial'
    await give('twice.json', JSON.stringify({ ...twice, id: 'e2e-twice' }))
    await page.getByText(/named twice/).waitFor()
    await page.getByText('grades[1].id').waitFor()
    expect(await page.getByRole('button', { name: 'Save' }).isDisabled()).toBe(true)
    await give('good.json', JSON.stringify({ ...shipped, id: 'e2e-good', title: 'A <b>bold</b> list' }))
    await page.getByText('All of it was understood.').waitFor()
    await page.getByRole('button', { name: 'Save' }).click()
    await page.getByRole('textbox', { name: 'Title of the list' }).waitFor()
    expect(await page.getByRole('textbox', { name: 'Title of the list' }).inputValue()).toBe('A <b>bold</b> list')
    await page.goto('/syllabi')
    await page.getByRole('link', { name: 'A <b>bold</b> list' }).waitFor()
    await give('huge.csv', 'x'.repeat(10_000_000))
    await page.getByText('huge.csv has 10 MB. A list has at most 1 MB').waitFor()
  })

  it('an address that leads nowhere says so', async () => {
    const { page } = await open('/nowhere')
    await page.getByRole('heading', { name: 'Page not found' }).waitFor()
    await expectAccessible(page)
    const lost = await open('/desk/00000000-0000-4000-8000-000000000000')
    await lost.page.getByText('There is no such study.').waitFor()
  })
})
