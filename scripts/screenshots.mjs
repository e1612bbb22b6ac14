// One current picture of each main view, from the demo data, for the README and the handbook.
import fs from 'node:fs'
import { chromium } from 'playwright-core'
import { ensureBuild, ensureModules } from './lib/packages.mjs'
import { freePort, startCluster } from './lib/postgres.mjs'
import { fail, say } from './lib/run.mjs'
import { startServer } from './lib/server.mjs'

const FOLDER = 'docs/screenshots'
const FLAGS = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking']

const fingerReady = (page) => page.locator('[data-finger]').first().waitFor()
const key = async (page, tonic, kind, family = 'Scales') => {
  await page.getByRole('button', { name: /^Key:/ }).click()
  await page.getByRole('button', { name: family, exact: true }).click()
  await page.getByRole('button', { name: kind, exact: true }).click()
  await page.getByRole('button', { name: new RegExp(`^${tonic},`) }).click()
  await page.keyboard.press('Escape')
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
    name: 'desk-choices',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await key(page, 'D', 'dorian', 'Modes')
      await page.getByRole('button', { name: /^Key:/ }).click()
    },
  },
  {
    name: 'desk-pinned',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await page.locator('[data-finger="right 3"]').click()
      await page.keyboard.press('4')
    },
  },
  {
    name: 'desk-contrary',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await key(page, 'B♭', 'major', 'Arpeggios')
      await page.getByRole('button', { name: /^Hands:/ }).click()
      await page.getByRole('option', { name: 'contrary motion' }).click()
    },
  },
  {
    name: 'desk-thirds',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await key(page, 'C', 'thirds, major', 'Double notes')
    },
  },
  {
    name: 'desk-schools',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await key(page, 'D', 'major')
      await page.getByRole('button', { name: 'conservatory school' }).click()
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
    name: 'compare-schools',
    path: () => '/desk',
    act: async (page) => {
      await fingerReady(page)
      await key(page, 'D', 'major')
      await page.getByRole('link', { name: 'Compare side by side' }).click()
      await page.locator('.glance').waitFor()
      await page.mouse.wheel(0, 240)
    },
  },
  { name: 'sets', path: () => '/sets' },
  { name: 'set', path: (pupils) => `/sets/${pupils[0].sets[0].id}` },
  { name: 'library', path: () => '/library' },
  { name: 'syllabus', path: () => '/syllabi/corvane-piano' },
  {
    name: 'print',
    path: (pupils) => `/print/set/${pupils[0].sets[0].id}`,
    act: (page) => page.waitForFunction(() => document.querySelectorAll('.sheet-line svg').length >= 20),
  },
]

async function shoot(address) {
  const pupils = await (await fetch(`${address}/api/pupils`)).json()
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: FLAGS })
  fs.mkdirSync(FOLDER, { recursive: true })
  for (const { name, path, act } of VIEWS) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.goto(address + path(pupils))
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
  const cluster = await startCluster(`cluster-shots-${process.pid}`, { throwAway: true })
  try {
    const server = await startServer({ port: await freePort(), databaseUrl: cluster.url, log: 'shots-server.log' })
    await shoot(server.address).finally(server.stop)
  } finally {
    await cluster.stop()
  }
}

await main().catch(fail)
