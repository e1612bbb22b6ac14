// What the browser sees: bytes before the engraver, the first page, and an edit until score and stair are painted.
import fs from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { at, print, rounded } from './print.mjs'

const LOADS = 10
const FOLDER = '.output/public/_nuxt'

/** Script sizes, compressed as a server would send them. */
export function scripts() {
  const files = fs.readdirSync(FOLDER).filter((name) => name.endsWith('.js'))
  const sizes = files.map((name) => gzipSync(fs.readFileSync(path.join(FOLDER, name))).length)
  const total = sizes.reduce((sum, size) => sum + size, 0)
  print(`all ${files.length} scripts of the build, gzip`, `${Math.round(total / 1000)} kB`)
}

/** Bytes of everything as it came over the wire; a worker's script is not among what a page is told of. */
function wiretapped(page) {
  const sent = new Map()
  page.on('requestfinished', async (request) => {
    const sizes = await request.sizes().catch(() => null)
    if (sizes) sent.set(new URL(request.url()).pathname, sizes.responseBodySize)
  })
  return sent
}

const isScript = (name) => name.endsWith('.js')
/** Scripts that engrave, by what stands in them. */
const engraves = (name) => {
  const file = path.join(FOLDER, path.basename(name))
  return isScript(name) && fs.existsSync(file) && fs.readFileSync(file, 'utf8').includes('VexFlow')
}

/** The solver's worker as it lies ready to be sent. */
function workerBytes() {
  const file = fs.readdirSync(FOLDER).find((name) => /^realise\.worker.*\.js\.br$/.test(name))
  return file ? fs.statSync(path.join(FOLDER, file)).size : 0
}

/** A cold load: nothing of it is in this browser yet. */
async function firstPage(browser, address) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const sent = wiretapped(page)
  const began = Date.now()
  await page.goto(`${address}/desk`)
  await page.locator('[data-finger]').first().waitFor()
  const painted = Date.now() - began
  await page.waitForTimeout(300)
  return { page, painted, sent: [...sent] }
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
  await page.getByRole('combobox', { name: /^Type a scale/ }).waitFor()
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

/** Types a call as fast as one types, each letter worked out and drawn; which tasks kept the page from answering. */
async function typing(page) {
  const tasks = await page.evaluateHandle(() => {
    /** @type {number[]} */
    const long = []
    const seen = new PerformanceObserver((list) => long.push(...list.getEntries().map(({ duration }) => duration)))
    seen.observe({ type: 'longtask' })
    return long
  })
  const line = page.getByRole('combobox', { name: /^Type a scale/ })
  for (const called of ['g sharp harmonic minor together two octaves', 'D melodic minor contrary', 'B flat 4 oct']) {
    await line.fill('')
    await line.pressSequentially(called, { delay: 90 })
    await page.waitForTimeout(300)
  }
  return tasks.jsonValue()
}

export async function page(browser, address) {
  const firsts = []
  // the first of all warms the server
  let first = await firstPage(browser, address)
  for (let round = 0; round < LOADS; round++) {
    await first.page.close()
    first = await firstPage(browser, address)
    firsts.push(first.painted)
  }
  print(`first page, cold, until music is painted: median of ${LOADS}`, rounded(at(firsts, 0.5)), 'budget 1200 ms')
  print('   the slowest', rounded(Math.max(...firsts)))
  const bytes = (some) => `${Math.round(some.reduce((sum, [, size]) => sum + size, 0) / 1000)} kB`
  const before = first.sent.filter(([name]) => isScript(name) && !engraves(name))
  print(
    'scripts of the first page before the engraver, as sent',
    bytes([...before, ['worker', workerBytes()]]),
    'budget 300 kB, the worker’s among them',
  )
  print('   everything of it, as sent', bytes(first.sent))
  const edits = [
    { what: 'a pin', edit: pinning, budget: 40 },
    { what: 'another key', edit: rekeying, budget: 80 },
    { what: 'a called line', edit: calling, budget: 100 },
  ]
  for (const { what, edit, budget } of edits) {
    const times = await edit(first.page)
    print(`${what}, until score and stair are repainted: median`, rounded(at(times, 0.5)))
    print('   the same at the 95th percentile', rounded(at(times, 0.95)), `budget ${budget} ms`)
  }
  const tasks = await typing(first.page)
  print(
    'tasks of more than 50 ms while a call is typed',
    String(tasks.length),
    `the longest ${rounded(Math.max(0, ...tasks))}`,
  )
  await first.page.close()
}
