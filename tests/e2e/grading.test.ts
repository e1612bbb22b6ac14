import type { Page } from 'playwright-core'
import { describe, expect, it } from 'vitest'
import { expectAccessible, useBrowser } from '../support/browser'
import { call, freshSet } from '../support/http'
import { atNight } from '../support/night'

const { open } = useBrowser()

/** Walks with Tab to what is called so; the errand is done by keyboard alone. */
async function tabTo(page: Page, name: RegExp, most = 160): Promise<void> {
  for (let tries = 0; tries < most; tries++) {
    await page.keyboard.press('Tab')
    const here = await page.evaluate(() => {
      const { activeElement } = document
      const labelled = activeElement as HTMLInputElement | null
      return (
        activeElement?.getAttribute('aria-label') ??
        labelled?.labels?.[0]?.textContent?.trim() ??
        activeElement?.textContent?.trim() ??
        ''
      )
    })
    if (name.test(here)) return
  }
  throw new Error(`No tab stop called ${name}`)
}

const CSV = [
  ':title;Kestrel Lane autumn list',
  'grade;group;group_title;draw;words',
  '1;A;Scales, hands together;1;C and G majors, hands together, one octave, crotchet = 60 in quavers',
  '1;A;;;D minr, harmonic or melodic, candidate’s choice, hands together, one octave, crotchet = 60 in quavers',
  '1;B;Arpeggios;1;F major arpeggio, right hand, one octave, crotchet = 50 in quavers',
].join('\r\n')

describe('a list and a set graded by it, by keyboard alone', () => {
  atNight(
    'brings a file in, mends it, builds the set, mends what is near, holds a mock exam, prints the coverage',
    async () => {
      const { set } = await freshSet('By the house list')
      const { page, problems } = await open('/syllabi')
      // the file itself is chosen in a window of the system, which no page can type in
      await page.getByLabel('Import a syllabus').setInputFiles({
        name: 'autumn.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(`\uFEFF${CSV}`),
      })
      await page.getByText('One thing is wrong.').waitFor()
      await page.getByText('“minr” is not understood; “minor” would be.').waitFor()
      await expectAccessible(page)
      expect(await page.getByRole('button', { name: 'Save' }).isDisabled()).toBe(true)
      await tabTo(page, /^line 4$/)
      await page.keyboard.press('Enter')
      // the line stands selected: type it again, right
      await page.keyboard.type(
        '1;A;;;D minor, harmonic or melodic, candidate’s choice, hands together, one octave, crotchet = 60 in quavers',
      )
      await page.keyboard.press('Shift+Tab')
      await tabTo(page, /^Check again$/)
      await page.keyboard.press('Enter')
      await page.getByText('All of it was understood.').waitFor()
      await tabTo(page, /^Put it on file$/)
      await page.keyboard.press('Enter')
      await page.getByRole('textbox', { name: 'Title of the list' }).waitFor()
      expect(new URL(page.url()).pathname).toBe('/syllabi/kestrel-lane-autumn-list')
      await expectAccessible(page)

      await page.goto(`/sets/${set.id}`)
      await page.getByRole('button', { name: 'Grade: no grade yet' }).waitFor()
      await tabTo(page, /^Grade: no grade yet/)
      await page.keyboard.press('Enter')
      await page.keyboard.type('Kestrel')
      await page.keyboard.press('Enter')
      await page.getByRole('button', { name: 'Add the 4 missing' }).waitFor()
      await tabTo(page, /^Add the 4 missing/)
      await page.keyboard.press('Enter')
      await page.getByRole('heading', { name: 'The list leaves a choice' }).waitFor()
      await expectAccessible(page)
      await page.getByRole('radio', { name: 'harmonic minor' }).focus()
      await page.keyboard.press('ArrowDown')
      await tabTo(page, /^Add the 4 missing/)
      await page.keyboard.press('Enter')
      await page.getByText('4 of 4 in the set as asked').waitFor()
      await page.getByRole('link', { name: 'D melodic minor' }).waitFor()
      // what is printed is not played
      await page.getByText('4 in the set, not played yet').waitFor()

      // one of them slower than asked, as it is played today
      const { studies } = (await call(`/api/sets/${set.id}`)).body
      const { id, recipe, version } = studies[0]
      await call(`/api/studies/${id}`, 'PUT', { recipe: { ...recipe, tempo: { ...recipe.tempo, bpm: 48 } }, version })
      await page.reload()
      await page.getByText('no. 1: 96 of 120 notes a minute').waitFor()
      await expectAccessible(page)
      await tabTo(page, /^Raise to 60: C major/)
      await page.keyboard.press('Enter')
      await page.getByText('4 of 4 in the set as asked').waitFor()
      await page.getByRole('button', { name: /^Undo Raise to 60/ }).waitFor()
      await tabTo(page, /^Undo Raise to 60/)
      await page.keyboard.press('Enter')
      await page.getByText('no. 1: 96 of 120 notes a minute').waitFor()

      await tabTo(page, /^Mock exam$/)
      await page.keyboard.press('Enter')
      await page.getByRole('heading', { name: 'A mock exam for Test P.' }).waitFor()
      await tabTo(page, /^Draw$/)
      await page.keyboard.press('Enter')
      await page.getByText(/1 of 2$/).waitFor()
      await expectAccessible(page)
      await page.keyboard.type('5455')
      await page.keyboard.press('ArrowRight')
      await page.getByText(/2 of 2$/).waitFor()
      expect(await page.getByRole('button', { name: 'Save the result' }).isDisabled()).toBe(true)
      await page.keyboard.type('4444')
      // 19 + 16 of 40: 87.5 in a hundred
      await page.getByText('88 of 100: Distinction').waitFor()
      await tabTo(page, /^Save the result$/)
      await page.keyboard.press('Enter')
      await page.getByRole('heading', { name: /^Test P\.: 88 of 100/ }).waitFor()
      await expectAccessible(page)

      await tabTo(page, /^Back to the set$/)
      await page.keyboard.press('Enter')
      await page.getByRole('link', { name: 'Coverage on a page' }).waitFor()
      await tabTo(page, /^Coverage on a page$/)
      await page.keyboard.press('Enter')
      await page.getByRole('cell').first().waitFor()
      await expect.poll(() => page.getByRole('row').count()).toBe(4)
      await page.locator('canvas').first().waitFor()
      await expectAccessible(page)
      const pdf = await page.pdf({ preferCSSPageSize: true })
      expect(pdf.toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1)
      await page.evaluate(() => ((window as any).print = () => ((window as any).printed = true)))
      await page.locator('body').focus()
      await tabTo(page, /^Print$/)
      await page.keyboard.press('Enter')
      expect(await page.evaluate(() => (window as any).printed)).toBe(true)
      await page.goto('/pupils')
      await page.getByText('88 of 100, Distinction').first().waitFor()
      expect(problems).toEqual([])
    },
  )
})

describe('a list that is typed', () => {
  const fresh = async (title: string): Promise<string> =>
    (await call('/api/syllabi/tern-quay-accordion/copy', 'POST', { title, edition: '2027', follows: true })).body.id

  it('takes a line as it is printed, tells how it is read, checks as it goes, undoes and saves', async () => {
    const id = await fresh('Typed')
    const { page, problems } = await open(`/syllabi/${id}`)
    const line = (words: string) => page.getByRole('button', { name: words, exact: true })
    await line('C major arpeggio, right hand, one octave, crotchet = 48 in quavers').click()
    const input = page.getByRole('textbox', { name: 'Entry A1.3, as printed' })
    await input.fill('C and G majr arpeggios')
    await page.getByText('“majr” is not understood').waitFor()
    await input.fill('C and G major arpeggios, right hand, one octave, crotchet = 50 in quavers')
    await page.getByText('Understood as major arpeggio: one entry, 2 items.').waitFor()
    await input.press('Enter')
    // a line beneath is empty, and has the caret
    const next = page.getByRole('textbox', { name: 'A new line, as printed' })
    expect(await next.inputValue()).toBe('')
    await page.keyboard.type('F major arpeggio, right hand, one octave')
    await page.getByText('No tempo is named. Taken as 60 in quavers.').waitFor()
    await next.press('Tab')
    await page.getByText('11 items').waitFor()
    await page.getByText('? No tempo is named').waitFor()
    await page.getByRole('button', { name: 'How 1.B2 is read' }).click()
    await page.getByRole('button', { name: 'Done' }).click()
    await page.getByText('? No tempo is named').waitFor({ state: 'detached' })
    await expectAccessible(page)
    await page.keyboard.press('Escape')

    // a rule that cannot be met keeps the list from being saved
    const save = page.getByRole('button', { name: 'Save', exact: true })
    await page.getByRole('button', { name: 'Rule of group B' }).first().click()
    await page.getByLabel('the candidate prepares any').fill('9')
    await page.getByLabel('the candidate prepares any').press('Enter')
    await page
      .getByText(/asks for any 9, but lists only 3/)
      .first()
      .waitFor()
    expect(await save.isDisabled()).toBe(true)
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Undo the rule of B' }).click()
    await save.click()
    await page.getByText('saved', { exact: true }).waitFor()
    expect((await call(`/api/syllabi/${id}`)).body).toMatchObject({ version: 2, past: [{ version: 1 }] })

    await page.getByRole('button', { name: 'What changed since the edition before' }).click()
    await page.getByText('F major arpeggio, right hand, one octave').first().waitFor()
    await page.getByText('96 notes a minute, now 100 notes a minute').waitFor()
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  atNight('grows by copying a grade, and is not left unsaved without a word', async () => {
    const id = await fresh('Grown')
    const { page } = await open(`/syllabi/${id}`)
    await page.getByRole('button', { name: 'Copy as the next' }).last().click()
    await page.getByRole('textbox', { name: 'Title of Award 4' }).waitFor()
    const required: string[] = []
    page.on('dialog', (dialog) => {
      required.push(dialog.message())
      void dialog.dismiss()
    })
    await page.getByRole('link', { name: 'Pupils', exact: true }).click()
    expect(required[0]).toMatch(/not saved/)
    await page.keyboard.press('Control+s')
    await page.getByText('saved', { exact: true }).waitFor()
    const { grades } = (await call(`/api/syllabi/${id}`)).body.syllabus
    expect(grades.map(({ id: own, title }: any) => [own, title]).at(-1)).toEqual(['4', 'Award 4'])
    await page.getByRole('link', { name: 'Pupils', exact: true }).click()
    await page.getByRole('heading', { name: 'Pupils', exact: true }).waitFor()
  })

  atNight('begins with one line', async () => {
    const { page } = await open('/syllabi')
    await page.getByRole('button', { name: 'New list' }).click()
    await page.getByRole('textbox', { name: 'Title' }).fill('Quay Street house list')
    await page.getByRole('combobox', { name: /^Instrument/ }).selectOption('accordion')
    await page.getByRole('button', { name: 'Create' }).click()
    await page.getByRole('textbox', { name: 'Title of the list' }).waitFor()
    expect(new URL(page.url()).pathname).toBe('/syllabi/quay-street-house-list')
    await page.getByText('one item', { exact: true }).waitFor()
    await page.getByRole('button', { name: 'How the board marks' }).click()
    await page.getByLabel('Criteria, with marks for one item').fill('Right notes 5\nFlow')
    await page.getByLabel('Bands, with the lowest mark of each').fill('Pass 12')
    await page.getByLabel('The whole is out of').fill('20')
    await page.getByRole('button', { name: 'Use', exact: true }).click()
    await page.getByText('Every line is some words and a number').waitFor()
    await page.getByLabel('Criteria, with marks for one item').fill('Right notes 5\nFlow 5')
    await page.getByRole('button', { name: 'Use', exact: true }).click()
    await page.keyboard.press('Escape')
    await page.getByRole('textbox', { name: 'asked in all' }).fill('1')
    await page.keyboard.press('Control+s')
    await page.getByText('saved', { exact: true }).waitFor()
    const { syllabus } = (await call('/api/syllabi/quay-street-house-list')).body
    expect(syllabus.grades[0].draw).toBe(1)
    expect(syllabus.marking).toEqual({
      total: 20,
      criteria: [
        { id: 'right-notes', title: 'Accuracy', most: 5 },
        { id: 'flow', title: 'Fluency', most: 5 },
      ],
      bands: [{ title: 'Pass', least: 12 }],
    })
    // the same again has to be called otherwise
    await page.goto('/syllabi')
    await page.getByRole('button', { name: 'New list' }).click()
    await page.getByRole('textbox', { name: 'Title' }).fill('Quay Street house list')
    await page.getByRole('button', { name: 'Create' }).click()
    await page.getByText(/“quay-street-house-list” is on file already/).waitFor()
  })

  it('that came with the program shows how it is read, and is copied', async () => {
    const { page } = await open('/syllabi/corvane-mallets')
    await page.getByRole('button', { name: 'How M2.A1 is read' }).click()
    await page.getByText('Copy it to change it').first().waitFor()
    await expect.poll(() => page.getByRole('button', { name: 'Save', exact: true }).count()).toBe(0)
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Copy this list' }).click()
    await page.getByRole('textbox', { name: 'Title', exact: true }).fill('Mallets at Kestrel Lane')
    await page.getByRole('button', { name: 'Copy', exact: true }).click()
    await page.getByRole('textbox', { name: 'Title of the list' }).waitFor()
    expect(new URL(page.url()).pathname).toBe('/syllabi/mallets-at-kestrel-lane-2027')
    // what it asks of sticks is chosen where it is read
    await page.getByRole('button', { name: 'How M2.A1 is read' }).click()
    await page.getByRole('combobox', { name: 'instrument' }).selectOption('vibraphone')
    await page.getByRole('combobox', { name: 'sticking' }).selectOption('hand to hand')
    await expectAccessible(page)
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    const copied = async () => (await call('/api/syllabi/mallets-at-kestrel-lane-2027')).body
    await expect
      .poll(async () => (await copied()).syllabus.grades[1].groups[0].entries[0].sticks)
      .toEqual({ make: 'vibraphone', alternating: true })
  })
})

describe('what is asked of a study, a pupil and a set', () => {
  it('a study at the desk is found in the grades that ask for it', async () => {
    const { body } = await call('/api/studies', 'POST', {
      recipe: { material: { tonic: 'Eb', kind: 'chromatic' }, octaves: 2 },
    })
    const { page } = await open(`/desk/${body.id}`)
    await page.getByRole('button', { name: 'More', exact: true }).click()
    await page.getByRole('menuitem', { name: 'Which exams ask for this?' }).click()
    const dialog = page.getByRole('dialog', { name: 'Which exams ask for this?' })
    await dialog.getByRole('link', { name: 'Corvane Certificates, Piano, Grade 5' }).waitFor()
    await dialog.getByText('120 of 168 notes a minute').first().waitFor()
    await expectAccessible(page)
  })

  atNight('a pupil’s settings make the studies of a grade; policies and orders hold', async () => {
    const { set } = await freshSet('Settings')
    const { page, problems } = await open('/pupils')
    const own = page.locator('section', { has: page.getByRole('link', { name: 'Settings', exact: true }) })
    await own.getByRole('button', { name: /^How Test P\. plays/ }).click()
    await page.getByRole('combobox', { name: /^hands/ }).selectOption('small')
    await own.getByRole('button', { name: /small hands/ }).waitFor()
    await page.goto(`/sets/${set.id}`)
    await page.getByRole('button', { name: /^Tern Quay Awards 2026, Award 1:/ }).click()
    await page.getByRole('button', { name: 'Add the 13 missing' }).click()
    await page.getByText('13 of 13 in the set as asked').waitFor()
    const { studies } = (await call(`/api/sets/${set.id}`)).body
    expect(studies.every(({ recipe }: any) => recipe.handSize === 'small')).toBe(true)
    const titles = () => page.locator('ol[aria-label="Studies of the set, in order"] .title').allTextContents()
    const before = await titles()
    await page.getByRole('button', { name: 'circle', exact: true }).click()
    await page.getByRole('button', { name: /^Undo the order before/ }).waitFor()
    expect(await titles()).not.toEqual(before)
    await page.getByRole('button', { name: /^Undo the order before/ }).click()
    await page.getByText('undone').waitFor()
    expect(await titles()).toEqual(before)
    await page.getByRole('button', { name: 'How this is counted' }).click()
    await page.getByLabel('a faster tempo than asked').uncheck()
    await page.getByRole('button', { name: 'How this is counted' }).filter({ hasText: '1 unusual' }).waitFor()
    await page.getByText('saved', { exact: true }).waitFor()
    expect((await call(`/api/sets/${set.id}`)).body.policies).toEqual({ fasterTempo: false })
    expect(problems).toEqual([])
  })
})
