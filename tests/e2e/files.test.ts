import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { openFile } from '#core/formats'
import { expectAccessible, useBrowser } from '../support/browser'
import { call, setOfMajors } from '../support/http'
import { atNight } from '../support/night'

const { open } = useBrowser()

/** A scale in the form in which any program writes it. */
const notes = ['C', 'D', 'E', 'F', 'G', 'A', 'B'].map(
  (step) => `<note><pitch><step>${step}</step><octave>4</octave></pitch><duration>1</duration><voice>1</voice></note>`,
)
const top = '<note><pitch><step>C</step><octave>5</octave></pitch><duration>1</duration><voice>1</voice></note>'
const FOREIGN = `<?xml version="1.0"?><score-partwise version="4.0"><work><work-title>Warm up</work-title></work>
<part-list><score-part id="P1"><part-name>Piano</part-name></score-part></part-list><part id="P1"><measure number="1">
<attributes><divisions>2</divisions><key><fifths>0</fifths></key></attributes>${notes.join('')}${top}</measure></part></score-partwise>`

describe('files, by mouse', () => {
  it('come in: looked into first, kept when that is said', async () => {
    const { page, problems } = await open('/files')
    const before = (await call('/api/studies')).body.length
    await page.getByLabel('Choose files').setInputFiles({
      name: 'warm-up.xml',
      mimeType: 'text/xml',
      buffer: Buffer.from(FOREIGN),
    })
    await page.getByText('One study in Warm up').waitFor()
    await page.getByText('known by its notes').waitFor()
    await expectAccessible(page)
    expect((await call('/api/studies')).body).toHaveLength(before)
    await page.getByRole('checkbox', { name: /^Select C major, right hand/ }).uncheck()
    expect(await page.getByRole('button', { name: 'Save none' }).isDisabled()).toBe(true)
    await page.getByRole('checkbox', { name: /^Select C major, right hand/ }).check()
    await page.getByRole('button', { name: 'Save the study' }).click()
    await page.getByText('One study is in the library.').waitFor()
    expect((await call('/api/studies')).body).toHaveLength(before + 1)
    await page.getByRole('link', { name: 'Open on the desk' }).click()
    await page.locator('[data-finger="right 0"]').waitFor()
    expect(problems).toEqual([])
  })

  it('are dropped on any page', async () => {
    const { page } = await open('/library')
    await page.getByRole('heading', { name: 'Library', exact: true }).waitFor()
    const dropped = await page.evaluateHandle((text) => {
      const data = new DataTransfer()
      data.items.add(new File([text], 'dropped.musicxml'))
      return data
    }, FOREIGN)
    await page.dispatchEvent('html', 'dragenter', { dataTransfer: dropped })
    await page.getByText('Drop to preview').waitFor()
    await page.dispatchEvent('html', 'drop', { dataTransfer: dropped })
    await page.getByText('One study in Warm up').waitFor()
    expect(new URL(page.url()).pathname).toBe('/files')
  })

  atNight(
    'come in several at once: what cannot be read keeps no other, and sets are sets of a pupil again',
    async () => {
      const { id } = await setOfMajors('Came back', ['C', 'G', 'D'])
      const { studies } = (await call(`/api/sets/${id}`)).body
      const own = { format: 'tactum-set/1', title: 'Came back', studies: studies.map((study: any) => study.recipe) }
      const name = `Tern ${Date.now()}`
      const pupil = (await call('/api/pupils', 'POST', { name, instrument: 'piano' })).body
      const { page, problems } = await open('/files')
      const file = (called: string, text: string) => ({
        name: called,
        mimeType: 'text/plain',
        buffer: Buffer.from(text),
      })
      await page
        .getByLabel('Choose files')
        .setInputFiles([
          file('one.json', JSON.stringify(own)),
          file('letter.txt', 'Dear examiner'),
          file('two.json', JSON.stringify({ ...own, title: undefined, studies: own.studies.slice(0, 1) })),
        ])
      await page.getByText('3 studies in Came back').waitFor()
      await page.getByRole('alert').getByText('no file of music').waitFor()
      await page.getByText('One study in two.json').waitFor()
      await page.getByRole('button', { name: 'Save the 4 studies' }).waitFor()
      await page.getByRole('button', { name: 'Save each as a set of …' }).press('Enter')
      await page.keyboard.type(name.slice(0, -1))
      await expectAccessible(page)
      await page.getByRole('button', { name }).press('Enter')
      await page.getByText('4 studies are in the library.').waitFor()
      const now = (await call('/api/pupils')).body.find((each: any) => each.id === pupil.id)
      expect(now.sets.map((set: any) => [set.title, set.studies])).toEqual([
        ['Came back', 3],
        ['two', 1],
      ])
      await page.getByRole('link', { name: 'Came back' }).click()
      await page.getByRole('link', { name: 'G major', exact: true }).waitFor()
      const back = (await call(`/api/sets/${now.sets[0].id}`)).body.studies
      expect(back.map(({ recipe, accepted }: any) => [recipe, accepted])).toEqual(
        studies.map(({ recipe, accepted }: any) => [recipe, accepted]),
      )
      expect(problems).toEqual([])
    },
  )

  it('that are none are told so, and a list of an exam is sent where it belongs', async () => {
    const { page } = await open('/files')
    const choose = (name: string, text: string) =>
      page.getByLabel('Choose files').setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) })
    await choose('letter.txt', 'Dear examiner')
    await page.getByRole('alert').getByText('no file of music').waitFor()
    await choose('list.csv', 'words\nC major\n')
    await page.getByText('is a syllabus').waitFor()
    await page.getByRole('link', { name: 'Import it on the page Syllabi.' }).click()
    await page.getByRole('heading', { name: 'Syllabi' }).waitFor()
  })
})

describe('files, by keyboard', () => {
  it('go out: a set, in the format that is chosen', async () => {
    const { id } = await setOfMajors('To go out', ['C', 'G', 'D'])
    const { page } = await open(`/files?set=${id}`)
    await page.getByRole('button', { name: /^What: To go out/ }).waitFor()
    await page.getByRole('button', { name: /^Format: MusicXML/ }).focus()
    await page.keyboard.press('Enter')
    await page.keyboard.type('MIDI')
    await page.keyboard.press('Enter')
    await page.getByRole('button', { name: /^Rolls/ }).waitFor()
    await page.getByRole('button', { name: 'Export' }).focus()
    const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
    expect(download.suggestedFilename()).toBe('to-go-out.mid')
    const pieces = openFile(readFileSync(await download.path()))
    expect(pieces.map(({ title }) => title.split(',')[0])).toEqual(['C major', 'G major', 'D major'])
    await page.getByText('Exported: to-go-out.mid').waitFor()
  })
})
