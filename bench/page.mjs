// What the browser sees: bytes before the engraver, the first page, and an edit until score and stair are painted.
import fs from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { at, print, rounded } from './print.mjs'

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
    const engraves = body.includes('VexFlow')
    loaded.set(new URL(response.url()).pathname, { size: gzipSync(body).length, engraves })
  })
  const began = Date.now()
  await page.goto(`${address}/desk`)
  await page.locator('[data-finger]').first().waitFor()
  const interactive = Date.now() - began
  await page.waitForTimeout(300)
  return { page, interactive, loaded: [...loaded.values()] }
}

/** Pins and frees a finger and waits until the score shows it, in the page's own clock. */
async function pinning(page) {
  await page.locator('[data-finger="right 3"]').click()
  return page.evaluate(async () => {
    const times = []
    const finger = () => /** @type {Element} */ (document.querySelector('[data-finger="right 3"]'))
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
    /** @type {NodeListOf<HTMLElement>} */
    const buttons = document.querySelectorAll('[aria-label="Tonic, in circle order"] button')
    const tonics = [...buttons]
    const score = () => document.querySelector('svg[role="group"]')?.getAttribute('aria-label') ?? ''
    for (const tonic of [...tonics, ...tonics.reverse()]) {
      const title = `${tonic.textContent?.trim()} harmonic minor`
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

/** Calls keys on the line, the last letter until the new score stands: parsed, realised, drawn. */
async function calling(page) {
  await page.keyboard.press('Escape')
  await page.locator('body').click({ position: { x: 5, y: 5 } })
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: /^Call a study/ }).waitFor()
  return page.evaluate(async () => {
    const times = []
    const line = /** @type {HTMLInputElement} */ (document.querySelector('input[role="combobox"]'))
    const score = () => document.querySelector('svg[role="group"]')?.getAttribute('aria-label') ?? ''
    const calls = [
      ...[
        ['g sharp harmonic minor together two octaves', 'G♯ harmonic minor'],
        ['Es-Dur', 'E♭ major'],
        ['si bemol mayor, 3 oct', 'B♭ major'],
        ['F# dorian in broken thirds', 'F♯ dorian'],
        ['D melodic minor contrary', 'D melodic minor'],
        ['A major arpeggio 2nd inv', 'A major arpeggio'],
      ],
      ...['C', 'G', 'D', 'A', 'E', 'B', 'F'].map((tonic) => [`${tonic} natural minor 4 oct`, `${tonic} natural minor`]),
    ]
    for (const [called = '', title = ''] of calls) {
      const began = performance.now()
      line.value = called
      line.dispatchEvent(new Event('input', { bubbles: true }))
      while (!score().startsWith(title)) await new Promise(requestAnimationFrame)
      times.push(performance.now() - began)
      await new Promise((resolve) => setTimeout(resolve, 80))
    }
    return times
  })
}

export async function page(browser, address) {
  const firsts = []
  // the first of all warms the server and the browser
  let first = await firstPage(browser, address)
  for (let round = 0; round < 5; round++) {
    await first.page.close()
    first = await firstPage(browser, address)
    firsts.push(first.interactive)
  }
  print('first page, warm server, until a finger can be pressed: median', rounded(at(firsts, 0.5)), 'budget 2000 ms')
  print('   the slowest of five', rounded(Math.max(...firsts)))
  const bytes = (some) => `${Math.round(some.reduce((sum, { size }) => sum + size, 0) / 1000)} kB`
  const before = first.loaded.filter(({ engraves }) => !engraves)
  print('scripts of the first page, worker included, before the engraver, gzip', bytes(before), 'budget 300 kB')
  print('   with the engraver', bytes(first.loaded))
  for (const [what, edit] of Object.entries({
    'a pin': pinning,
    'another key': rekeying,
    'a called line': calling,
  })) {
    const times = await edit(first.page)
    print(`${what}, until score and stair are repainted: median`, rounded(at(times, 0.5)))
    print('   the same at the 95th percentile', rounded(at(times, 0.95)), 'budget 100 ms')
  }
  await first.page.close()
}
