// What the browser sees: bytes before the engraver, the first page, and an edit until score and stair are painted.
import fs from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { chromium } from 'playwright-core'

const print = (what, value, budget = '') => console.log(`${what.padEnd(62)} ${value.padStart(12)}   ${budget}`)
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

/** Pins and frees a finger and waits until the score shows it, in the page's own clock. */
async function edits(page) {
  await page.locator('[data-finger="right 3"]').click()
  return page.evaluate(async () => {
    const times = []
    const finger = () => document.querySelector('[data-finger="right 3"]')
    for (let round = 0; round < 40; round++) {
      const want = round % 2 === 0
      const began = performance.now()
      finger().dispatchEvent(new KeyboardEvent('keydown', { key: want ? '4' : '0', bubbles: true }))
      while (finger().classList.contains('pinned') !== want) await new Promise(requestAnimationFrame)
      times.push(performance.now() - began)
      await new Promise((resolve) => setTimeout(resolve, 60))
    }
    return times.sort((a, b) => a - b)
  })
}

export async function page(address) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: FLAGS })
  try {
    await firstPage(browser, address)
    const { page: desk, interactive, bytes } = await firstPage(browser, address)
    print('first page, warm server, until a finger can be pressed', `${interactive} ms`, 'budget 2000 ms')
    print(
      'scripts of the first page, engraver and worker included, gzip',
      `${Math.round(bytes / 1000)} kB`,
      'budget 300 kB',
    )
    const times = await edits(desk)
    print('edit to repainted score and stair: median', `${Math.round(times[times.length >> 1])} ms`)
    print(
      '   the same at the 95th percentile',
      `${Math.round(times[Math.floor(times.length * 0.95)])} ms`,
      'budget 100 ms',
    )
  } finally {
    await browser.close()
  }
}
