// One current picture of each main view, from the demo data, for the README and the handbook.
import fs from 'node:fs'
import { chromium } from 'playwright-core'
import { ensureBrowser, testBrowser } from './lib/browser.mjs'
import { ensureBuild, ensureModules } from './lib/packages.mjs'
import { freePort, startCluster } from './lib/postgres.mjs'
import { fail, say } from './lib/run.mjs'
import { startServer } from './lib/server.mjs'

const FOLDER = 'docs/screenshots'
/** Named on the studio's page. */
const BACKUPS = '/tmp/tactum/backups'
const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--disable-background-networking',
  '--autoplay-policy=no-user-gesture-required',
]

const fingerReady = (page) => page.locator('[data-finger]').first().waitFor()
const key = async (page, tonic, kind, family = 'Scales') => {
  await page.getByRole('button', { name: /^Key:/ }).click()
  await page.getByRole('button', { name: family, exact: true }).click()
  await page.getByRole('button', { name: kind, exact: true }).click()
  await page.getByRole('button', { name: new RegExp(`^${tonic},`) }).click()
  await page.keyboard.press('Escape')
}

const call = async (page, line) => {
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: /^Type a scale/ }).fill(line)
  await page.waitForTimeout(500)
}

const VIEWS = [
  {
    name: 'desk',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await key(page, 'G♯', 'harmonic minor')
    },
  },
  {
    name: 'desk-call',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await call(page, 'A major 2 oct in broken thrids, RH staccato and LH legato')
    },
  },
  {
    // a pupil's own page, on a phone
    name: 'home',
    path: async (pupils, address) => {
      const { id } = pupils.find(({ name }) => name.startsWith('Joss'))
      const made = await fetch(`${address}/api/pupils/${id}/link`, { method: 'POST', headers: { origin: address } })
      return (await made.json()).path
    },
    size: { width: 390, height: 844 },
  },
  {
    name: 'files',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await page.getByRole('link', { name: 'Files' }).click()
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Export' }).click(),
      ])
      const buffer = fs.readFileSync(await download.path())
      const file = { name: download.suggestedFilename(), mimeType: 'text/xml', buffer }
      await page.getByLabel('Choose files').setInputFiles(file)
      await page.getByRole('button', { name: /^Format/ }).click()
      await page.getByRole('option', { name: /^MIDI/ }).click()
      await page.getByRole('button', { name: 'Save the study' }).waitFor()
    },
  },
  {
    name: 'accordion',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await call(page, 'C major accordion 41 keys 96 bass two octaves alternating bass')
      await page.keyboard.press('Enter')
      await page.locator('[data-finger="left 14"]').waitFor()
    },
  },
  {
    name: 'mallets',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await call(page, 'F major on the marimba, left lead')
      await page.keyboard.press('Enter')
    },
  },
  {
    name: 'compare-minors',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await key(page, 'G♯', 'natural minor')
      await page.getByRole('link', { name: 'Compare side by side' }).click()
      await page.locator('.glance').waitFor()
    },
  },
  {
    name: 'pupils',
    path: () => '/pupils',
    act: (page) => page.getByRole('heading', { name: 'Teo R.' }).waitFor(),
  },
  {
    name: 'record',
    path: (pupils) => `/pupils/${pupils[0].id}?set=${pupils[0].sets[0].id}`,
    act: (page) => page.getByRole('region', { name: 'Will they be ready?' }).waitFor(),
  },
  {
    name: 'lesson',
    path: (pupils) => `/pupils/${pupils.find(({ name }) => name === 'Joss P.').id}/lesson`,
    act: async (page) => {
      await page
        .getByRole('button', { name: /^wrong:/ })
        .nth(1)
        .click()
      await page.locator('.where [data-finger]').first().waitFor()
    },
  },
  {
    name: 'today',
    path: () => '/today',
    act: (page) => page.getByRole('region', { name: 'Falling behind' }).waitFor(),
  },
  {
    name: 'test',
    path: (pupils) => `/pupils/${pupils[0].id}/test?set=${pupils[0].sets[0].id}`,
    act: (page) => page.getByText('First try, once').waitFor(),
  },
  {
    name: 'set',
    path: (pupils) => `/sets/${pupils[0].sets[0].id}`,
    act: async (page) => {
      await page.getByRole('button', { name: 'difficulty', exact: true }).click()
    },
  },
  {
    name: 'coverage',
    path: (pupils) => `/sets/${pupils[0].sets[2].id}/coverage`,
    act: (page) => page.locator('canvas').first().waitFor(),
  },
  {
    name: 'exam',
    path: (pupils) => `/sets/${pupils[0].sets[2].id}/exam?seed=7`,
    act: async (page) => {
      await page.getByRole('button', { name: 'Draw' }).click()
      await page.getByText('1 of 6').waitFor()
      await page.keyboard.type('43')
    },
  },
  {
    name: 'library',
    path: () => '/library',
    act: async (page) => {
      await page.locator('li').first().waitFor()
      for (const row of [0, 2]) await page.locator('li').nth(row).getByRole('checkbox').click()
    },
  },
  { name: 'syllabus', path: () => '/syllabi/corvane-piano' },
  { name: 'studio', path: () => '/settings' },
  {
    name: 'paper',
    path: (pupils) => `/paper?sheet=studies&set=${pupils[0].sets[0].id}`,
    act: async (page) => {
      await page.locator('svg.page').first().waitFor()
      for (const name of ['grips, and thumbs that meet', 'the stair of the fingers', 'tempi to tick off'])
        await page.getByRole('checkbox', { name }).check()
      await page
        .locator('svg.page text', { hasText: /^ 5\d$/ })
        .first()
        .waitFor()
    },
  },
]

async function shoot(address) {
  for (let time = 0; time < 3; time++)
    await fetch(`${address}/api/backups`, { method: 'POST', headers: { origin: address } })
  const pupils = await (await fetch(`${address}/api/pupils`)).json()
  const { name, teacher } = await (await fetch(`${address}/api/studio`)).json()
  await fetch(`${address}/api/studio`, {
    method: 'PUT',
    headers: { origin: address, 'content-type': 'application/json' },
    body: JSON.stringify({ name, teacher, settings: { welcomed: true } }),
  })
  const browser = await chromium.launch({ executablePath: testBrowser(), args: FLAGS })
  fs.mkdirSync(FOLDER, { recursive: true })
  for (const { name, path, act, size = { width: 1280, height: 800 } } of VIEWS) {
    // what keeps a page without a connection never comes to rest
    const page = await browser.newPage({ viewport: size, serviceWorkers: 'block' })
    await page.goto(address + (await path(pupils, address)))
    await page.waitForLoadState('networkidle')
    await act?.(page)
    await page.mouse.move(2, 600)
    await page.waitForTimeout(600)
    await page.screenshot({ path: `${FOLDER}/${name}.png` })
    say(`• ${FOLDER}/${name}.png`)
    await page.close()
  }
  await browser.close()
}

async function main() {
  await ensureModules()
  await ensureBuild()
  await ensureBrowser()
  const cluster = await startCluster(`cluster-shots-${process.pid}`, { throwAway: true })
  try {
    const server = await startServer({
      ...{ port: await freePort(), databaseUrl: cluster.url, log: 'shots-server.log' },
      ...{ backups: BACKUPS, binaries: cluster.bin },
    })
    await shoot(server.address).finally(server.stop)
  } finally {
    fs.rmSync(BACKUPS, { recursive: true, force: true })
    await cluster.stop()
  }
}

await main().catch(fail)
