import { beforeAll, describe, expect, it } from 'vitest'
import { useBrowser } from '../support/browser'
import { call } from '../support/http'

const { open } = useBrowser()
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const KINDS = ['major', 'harmonic-minor', 'melodic-minor', 'major-arpeggio', 'minor-arpeggio']
const HANDS = ['right', 'left', 'together']
const [PUPILS, STUDIES, AT_ONCE, IN_A_SET] = [500, 2000, 50, 12]

const study = (n: number) => ({
  material: { tonic: TONICS[n % 12], kind: KINDS[Math.floor(n / 12) % 5] },
  ...{ hands: HANDS[Math.floor(n / 60) % 3], octaves: 1 + (Math.floor(n / 180) % 2) },
  tempo: { bpm: 60 + Math.floor(n / 360) * 4 },
})

/** A studio as large as any, and one of its pupils. */
async function largeStudio() {
  const ids: string[] = []
  for (let from = 0; from < STUDIES; from += AT_ONCE) {
    const recipes = Array.from({ length: AT_ONCE }, (_, at) => study(from + at))
    const { body } = await call('/api/studies/batch', 'POST', { recipes })
    ids.push(...body.studies.map(({ id }: { id: string }) => id))
  }
  const enter = async (n: number) => {
    const pupil = (await call('/api/pupils', 'POST', { name: `Pupil ${n}`, instrument: 'piano' })).body
    const set = (await call('/api/sets', 'POST', { title: 'Spring', pupilId: pupil.id })).body
    const studyIds = Array.from({ length: IN_A_SET }, (_, at) => ids[(n * 4 + at) % ids.length])
    const graded = { syllabusId: 'corvane-piano', gradeId: '2' }
    await call(`/api/sets/${set.id}`, 'PUT', { title: 'Spring', ...graded, studyIds, version: 1 })
    return { pupil: pupil.id as string, set: set.id as string }
  }
  let last = { pupil: '', set: '' }
  for (let n = 0; n < PUPILS; n += 10)
    last = (await Promise.all(Array.from({ length: 10 }, (_, at) => enter(n + at))))[9]!
  return last
}

describe('a studio with 500 pupils and 2,000 studies', () => {
  let one = { pupil: '', set: '' }
  beforeAll(async () => {
    one = await largeStudio()
  }, 120_000)

  it.each([
    ['/library', 'Library'],
    ['/pupils', 'Pupils'],
    ['/sets/SET', 'Pupil 499'],
    ['/pupils/PUPIL', 'Pupil 499'],
    ['/files', 'Files'],
    ['/studio', 'Studio'],
    ['/paper', 'Print'],
  ])('%s draws what is in view, and no more', async (path, heading) => {
    const from = Date.now()
    const { page, problems } = await open(path.replace('SET', one.set).replace('PUPIL', one.pupil))
    await page.getByRole('heading', { level: 1, name: new RegExp(heading) }).waitFor()
    await page.locator('.waiting').first().waitFor({ state: 'detached' })
    expect(Date.now() - from).toBeLessThan(5000)
    const reached = await page.locator('a[href], button:enabled, input, select, textarea, [tabindex="0"]').count()
    expect(reached).toBeLessThan(300)
    expect(problems).toEqual([])
  })

  it('finds a pupil by typing, and the last by scrolling', async () => {
    const { page, problems } = await open('/pupils')
    const find = page.getByRole('searchbox', { name: 'Find' })
    await find.fill('pupil 321')
    await page.getByRole('heading', { name: /^Pupil 321/ }).waitFor()
    expect(await page.getByRole('heading', { level: 2, name: /^Pupil / }).count()).toBe(1)
    await find.fill('')
    await page.keyboard.press('Tab')
    await page.evaluate(() => scrollTo(0, document.documentElement.scrollHeight))
    await page.getByRole('heading', { name: /^Pupil 499/ }).waitFor()
    expect(problems).toEqual([])
  })

  it('puts a study into a set that is found by typing', async () => {
    const { page } = await open('/library')
    await page.getByRole('checkbox').first().check()
    await page.getByRole('button', { name: 'Add to a set' }).click()
    await page.getByText(/\d+ more: type on\./).waitFor()
    await page.getByRole('searchbox', { name: 'Find a pupil or a set' }).fill('pupil 488')
    await page.getByRole('button', { name: /^Spring/ }).click()
    await page.getByText(/^1 added to Pupil 488, Spring/).waitFor()
  })
})
