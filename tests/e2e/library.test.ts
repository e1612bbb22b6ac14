import { describe, expect, it } from 'vitest'
import type { Page } from 'playwright-core'
import { expectAccessible, useBrowser } from '../support/browser'
import { call, setOfMajors } from '../support/http'
import { atNight } from '../support/night'

const { open } = useBrowser()
const row = (page: Page, id: string) => page.locator('li', { has: page.locator(`a[href="/desk/${id}"]`) })
async function made(tonic: string, kind: string, hands = 'together'): Promise<string> {
  return (await call('/api/studies', 'POST', { recipe: { material: { tonic, kind }, hands } })).body.id
}
const choose = (page: Page, id: string) => row(page, id).getByRole('checkbox').click()

describe('the library', () => {
  it('is accessible and quiet, with a handful chosen too', async () => {
    const { page, problems } = await open('/library')
    await page.locator('li').first().waitFor()
    await expectAccessible(page)
    await page.locator('li').first().getByRole('checkbox').click()
    await page.getByRole('button', { name: 'Tags' }).click()
    await expectAccessible(page)
    expect(problems).toEqual([])
  })

  it('finds a study as it is typed, in letters or signs', async () => {
    const id = await made('Cb', 'major', 'left')
    const { page } = await open('/library')
    for (const words of ['cb major left', 'C♭ LEFT hand']) {
      await page.getByLabel('Find').fill(words)
      await page.getByText(/^1 found/).waitFor()
    }
    await page.getByLabel('Find').fill('left cb nonsense')
    await page.getByText('No match.').waitFor()
    await page.getByRole('button', { name: 'Show all' }).click()
    await row(page, id).getByRole('link').click()
    await page.getByRole('button', { name: 'Key: C♭ major', exact: true }).waitFor()
  })

  atNight('filters by key, kind, hands, pupil and tag, each saying how many it leaves', async () => {
    const id = await made('D#', 'natural-minor', 'right')
    await call('/api/studies/tags', 'PUT', { ids: [id], add: ['warm up'] })
    const { content } = await setOfMajors('Filtered', ['F#', 'Gb'])
    const { page } = await open('/library')
    const filter = async (label: string, option: RegExp) => {
      await page.getByRole('button', { name: new RegExp(`^${label}:`) }).click()
      await page.getByRole('option', { name: option }).click()
    }
    await filter('Key', /^D♯/)
    await filter('Kind', /^natural minor/)
    await filter('Hands', /^right hand/)
    await filter('Tag', /^warm up 1/)
    await page.getByText('1 found').waitFor()
    await row(page, id).waitFor()
    // what was looked for is still there after a look at the desk
    await row(page, id).getByRole('link').click()
    await page.locator('[data-finger]').first().waitFor()
    await page.getByRole('link', { name: 'Library' }).click()
    await page.getByText('1 found').waitFor()
    await page.getByRole('button', { name: 'Show all' }).click()
    await filter('Pupil', /^Test P\./)
    await filter('Key', /^G♭/)
    const [sharp, flat] = content.studyIds
    await row(page, flat!).waitFor()
    await expect.poll(() => row(page, sharp!).count()).toBe(0)
    await page.getByRole('button', { name: 'Show all' }).click()
    // pupils are found by name too
    await page.getByLabel('Find').fill('test p. f♯')
    await row(page, sharp!).waitFor()
    await expect.poll(() => row(page, flat!).count()).toBe(0)
  })

  it('puts studies into the archive and the bin, and brings them back', async () => {
    const ids = [await made('A#', 'harmonic-minor'), await made('A#', 'melodic-minor')]
    const { page } = await open('/library')
    await page.getByLabel('Find').fill('a# minor')
    for (const id of ids) await choose(page, id)
    await page.getByRole('button', { name: 'Archive', exact: true }).click()
    await page.getByText('2 studies are archived.').waitFor()
    await row(page, ids[0]!).waitFor({ state: 'detached' })
    await page.getByRole('button', { name: 'Undo' }).click()
    await row(page, ids[0]!).waitFor()
    await choose(page, ids[0]!)
    await page.getByRole('button', { name: 'Move to the bin' }).click()
    await page.getByText('One study is in the bin.').waitFor()
    await page.getByRole('button', { name: /^Bin/ }).click()
    await choose(page, ids[0]!)
    await page.getByRole('button', { name: 'Restore', exact: true }).click()
    await page.getByRole('button', { name: /^Library/ }).click()
    await row(page, ids[0]!).waitFor()
    expect((await call(`/api/studies/${ids[0]}`)).body.version).toBe(1)
  })

  it('asks before anything is deleted for good, and then only from the bin', async () => {
    const id = await made('D#', 'minor-arpeggio', 'left')
    await call('/api/studies/shelf', 'PUT', { ids: [id], shelf: 'bin' })
    const { page } = await open('/library')
    await expect.poll(() => page.getByRole('button', { name: 'Delete for good' }).count()).toBe(0)
    await page.getByRole('button', { name: /^Bin/ }).click()
    await choose(page, id)
    await page.getByRole('button', { name: 'Delete for good' }).click()
    await page.getByText('Delete 1 for good?').waitFor()
    await expectAccessible(page)
    await page.keyboard.press('Escape')
    expect((await call(`/api/studies/${id}`)).status).toBe(200)
    await page.getByRole('button', { name: 'Delete for good' }).click()
    await page.getByRole('button', { name: 'Delete', exact: true }).click()
    await row(page, id).waitFor({ state: 'detached' })
    expect((await call(`/api/studies/${id}`)).status).toBe(404)
  })

  it('throws nothing away that a set holds, and says which', async () => {
    const { id: setId } = await setOfMajors('Held fast', ['Cb'])
    const [study] = (await call(`/api/sets/${setId}`)).body.studies
    const { page } = await open('/library')
    await page.getByLabel('Find').fill('C♭ major together')
    await choose(page, study.id)
    await page.getByRole('button', { name: 'Move to the bin' }).click()
    await page.getByText('still in “Held fast”').waitFor()
    expect((await call('/api/studies')).body.find((each: { id: string }) => each.id === study.id).shelf).toBe('library')
  })

  it('tags, duplicates, puts into a set, and lays two side by side', async () => {
    const [one, two] = [await made('E#', 'natural-minor'), await made('E#', 'harmonic-minor')]
    const { id: setId, stored } = await setOfMajors('Chosen ones', [])
    const { page } = await open('/library')
    await page.getByLabel('Find').fill('e# minor')
    await choose(page, one)
    await choose(page, two)
    await page.getByRole('button', { name: 'Tags' }).click()
    await page.getByLabel('A new tag').fill('rare')
    await page.getByLabel('A new tag').press('Enter')
    await row(page, one).getByText('rare').waitFor()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Undo' }).click()
    await row(page, one).getByText('rare').waitFor({ state: 'detached' })
    await page.getByRole('button', { name: 'Tags' }).click()
    await page.getByLabel('A new tag').fill('rare')
    await page.getByLabel('A new tag').press('Enter')
    await row(page, two).getByText('rare').waitFor()
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Add to a set' }).click()
    await page.getByRole('searchbox', { name: 'Find a pupil or a set' }).fill('chosen ones')
    await page.getByRole('button', { name: /^Chosen ones/ }).click()
    await page.getByText('2 added to Test P., Chosen ones.').waitFor()
    expect(await stored()).toHaveLength(2)
    expect((await call(`/api/sets/${setId}`)).body.studies.map((study: { id: string }) => study.id)).toContain(one)
    await page.getByRole('link', { name: 'Compare' }).click()
    await page.getByRole('heading', { name: '2 studies side by side' }).waitFor()
    await page.getByRole('heading', { name: 'E♯ harmonic minor, hands together, two octaves' }).waitFor()
    await page.locator('.changed').first().waitFor()
    await page.goBack()
    await page.getByText('2 found').waitFor()
    await choose(page, one)
    await page.getByRole('button', { name: 'Duplicate' }).click()
    await page.getByText('One study was duplicated.').waitFor()
    await page.getByText('3 found').waitFor()
    const copies = (await call('/api/studies')).body.filter((each: { tags: string[] }) => each.tags.includes('rare'))
    expect(copies).toHaveLength(3)
  })
})
