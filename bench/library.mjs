// A thousand studies: fetching them, searching as it is typed, scrolling.
import { at, print, rounded } from './print.mjs'

const STUDIES = 1000
const BATCH = 120
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const KINDS = [
  'major',
  'harmonic-minor',
  'melodic-minor',
  'natural-minor',
  'dorian',
  'major-arpeggio',
  'minor-arpeggio',
]
const HANDS = ['together', 'right', 'left']

async function fill(address) {
  const recipes = Array.from({ length: STUDIES }, (_, n) => ({
    material: { tonic: TONICS[n % 12], kind: KINDS[Math.floor(n / 12) % KINDS.length] },
    hands: HANDS[n % 3],
    octaves: 1 + (n % 2),
    tempo: { bpm: 50 + (n % 60) },
  }))
  for (let from = 0; from < STUDIES; from += BATCH) {
    const body = JSON.stringify({ recipes: recipes.slice(from, from + BATCH) })
    const headers = { 'content-type': 'application/json', origin: address }
    const { status } = await fetch(`${address}/api/studies/batch`, { method: 'POST', headers, body })
    if (status !== 201) throw new Error(`The studies were not stored: ${status}`)
  }
}

/** Types a search letter by letter; every time until the page says how many were found. */
async function searching(page) {
  const times = []
  const found = page.locator('[role=status]').first()
  await page.getByLabel('Find').click()
  for (const letter of 'eb harmonic') {
    const began = performance.now()
    await page.keyboard.type(letter)
    await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))))
    times.push(performance.now() - began)
  }
  const words = await found.textContent()
  await page.getByLabel('Find').fill('')
  return { times, words }
}

/** Scrolls through all of it; times between frames. */
const scrolling = (page) =>
  page.evaluate(async () => {
    const shelf = /** @type {HTMLElement} */ (document.querySelector('[aria-label="Studies found"]'))
    const times = []
    let before = performance.now()
    for (let top = 0; top < shelf.scrollHeight; top += 180) {
      shelf.scrollTop = top
      await new Promise(requestAnimationFrame)
      times.push(performance.now() - before)
      before = performance.now()
    }
    return times
  })

export async function library(browser, address) {
  await fill(address)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const began = Date.now()
  await page.goto(`${address}/library`)
  await page.locator('li').first().waitFor()
  print(`library of ${STUDIES} studies, until the first line`, `${Date.now() - began} ms`)
  const { times, words } = await searching(page)
  print(`   a letter of a search, until it is painted: 95th percentile`, rounded(at(times, 0.95)), words.trim())
  const frames = await scrolling(page)
  print('   scrolling through all, a frame: median', rounded(at(frames, 0.5)))
  print('   the same at the 95th percentile', rounded(at(frames, 0.95)))
  await page.close()
}
