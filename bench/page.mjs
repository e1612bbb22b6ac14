// What the browser sees: bytes before the engraver, the first page, and an edit until score and stair are painted.
import fs from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { chromium } from 'playwright-core'

const print = (what, value, budget = '') => console.log(`${what.padEnd(66)} ${value.padStart(12)}   ${budget}`)
const FLAGS = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking']
const FOLDER = '.output/public/_nuxt'

/** Script sizes, compressed as a server would send them. */
export function scripts() {
  const files = fs.readdirSync(FOLDER).filter((name) => name.endsWith('.js'))
  const sizes = files.map((name) => gzipSync(fs.readFileSync(path.join(FOLDER, name))).length)
  const total = sizes.reduce((sum, size) => sum + size, 0)
  print(`all ${files.length} scripts of the build, gzip`, `${Math.round(total / 1000)} kB`)
}

async function firstPage(browser, address) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const loaded = new Map()
  page.on('response', async (response) => {
    if (!response.url().endsWith('.js')) return
    const body = await response.body().catch(() => Buffer.alloc(0))
    loaded.set(new URL(response.url()).pathname, gzipSync(body).length)
  })
  const began = Date.now()
  await page.goto(`${address}/desk`)
  await page.locator('[data-finger]').first().waitFor()
  const interactive = Date.now() - began
  await page.waitForTimeout(300)
  return { page, interactive, bytes: [...loaded.values()].reduce((sum, size) => sum + size, 0) }
}

const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor((times.length - 1) * share)]

/** Pins and frees a finger and waits until the score shows it, in the page's own clock. */
async function pinning(page) {
  await page.locator('[data-finger="right 3"]').click()
  return page.evaluate(async () => {
    const times = []
    const finger = () => document.querySelector('[data-finger="right 3"]')
    for (let round = 0; round < 60; round++) {
      const want = round % 2 === 0
      const began = performance.now()
      finger().dispatchEvent(new KeyboardEvent('keydown', { key: want ? '4' : '0', bubbles: true }))
      while (finger().classList.contains('pinned') !== want) await new Promise(requestAnimationFrame)
      times.push(performance.now() - began)
      await new Promise((resolve) => setTimeout(resolve, 60))
    }
    return times
  })
}

/** Goes through the keys and waits until the new notes stand with their fingers: everything is drawn anew. */
async function rekeying(page) {
  await page.getByRole('button', { name: /^Key:/ }).click()
  await page.getByRole('button', { name: 'harmonic minor', exact: true }).click()
  return page.evaluate(async () => {
    const times = []
    const tonics = [...document.querySelectorAll('[aria-label="Tonic, in circle order"] button')]
    const score = () => document.querySelector('svg[role="group"]')?.getAttribute('aria-label') ?? ''
    for (const tonic of [...tonics, ...tonics.reverse()]) {
      const title = `${tonic.textContent.trim()} harmonic minor`
      if (score().startsWith(title)) continue
      const began = performance.now()
      tonic.click()
      while (!score().startsWith(title)) await new Promise(requestAnimationFrame)
      times.push(performance.now() - began)
      await new Promise((resolve) => setTimeout(resolve, 60))
    }
    return times
  })
}

const rounded = (ms) => `${Math.round(ms)} ms`

export async function page(address) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: FLAGS })
  try {
    const firsts = []
    let first
    for (let round = 0; round < 6; round++) {
      await first?.page.close()
      first = await firstPage(browser, address)
      // the first of all warms the server and the browser
      if (round > 0) firsts.push(first.interactive)
    }
    print('first page, warm server, until a finger can be pressed: median', rounded(at(firsts, 0.5)), 'budget 2000 ms')
    print('   the slowest of five', rounded(Math.max(...firsts)))
    const size = `${Math.round(first.bytes / 1000)} kB`
    print('scripts of the first page, engraver and worker included, gzip', size, 'budget 300 kB')
    for (const [what, edit] of [
      ['a pin', pinning],
      ['another key', rekeying],
    ]) {
      const times = await edit(first.page)
      print(`${what}, until score and stair are repainted: median`, rounded(at(times, 0.5)))
      print('   the same at the 95th percentile', rounded(at(times, 0.95)), 'budget 100 ms')
    }
  } finally {
    await browser.close()
  }
}
