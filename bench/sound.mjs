// Sound and picture over a two-minute loop, watched from outside the program: when the browser was told to start each
// note, and when the mark of its step was painted.
import { at, print } from './print.mjs'

const SECONDS = 120
const TEMPO = 120

/** Notes down every start of a buffer and every move of the mark, in seconds of the audio clock. */
function watchSound() {
  const heard = []
  const drawn = []
  let context
  /** When the first note sounds, on the page's own clock. */
  let first = /** @type {number | null} */ (null)
  const { start } = AudioBufferSourceNode.prototype
  AudioBufferSourceNode.prototype.start = function (when = 0, ...rest) {
    context = this.context
    first ??= performance.now() + 1000 * Math.max(0, when - context.currentTime)
    heard.push(when)
    return start.call(this, when, ...rest)
  }
  let last = /** @type {string | null} */ (null)
  const look = () => {
    const mark = document.querySelector('rect.sounding')
    /** @type {HTMLElement | null | undefined} */
    const system = mark?.closest('section > div')
    const place = mark && `${mark.getAttribute('x')} ${system?.dataset.from ?? ''}`
    if (place && place !== last && context) drawn.push(context.currentTime)
    last = place
    requestAnimationFrame(look)
  }
  requestAnimationFrame(look)
  Object.assign(window, { sound: () => ({ heard, drawn, first, latency: context?.outputLatency ?? 0 }) })
}

/** Each painted mark with the note that was started last before it: how late the picture is, in milliseconds. */
function lags({ heard, drawn }) {
  const times = [...new Set(heard.map((time) => Math.round(time * 1e4) / 1e4))].sort((a, b) => a - b)
  return drawn.flatMap((time) => {
    const before = times.findLast((each) => each <= time + 0.002)
    return before === undefined ? [] : [(time - before) * 1000]
  })
}

const mean = (numbers) => numbers.reduce((sum, each) => sum + each, 0) / numbers.length
const milliseconds = (ms) => `${ms.toFixed(1)} ms`

/** Plays two octaves again and again for two minutes. */
export async function sound(browser, address) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(watchSound)
  await page.addInitScript(() =>
    localStorage.setItem(
      'tactum hearing',
      JSON.stringify({ loop: 'all', hands: 'both', metronome: 'off', countIn: 0, rounds: 0, faster: 5 }),
    ),
  )
  await page.goto(`${address}/desk?type=${encodeURIComponent(`C major at ${TEMPO}`)}`)
  await page.locator('[data-finger]').first().waitFor()
  await page.keyboard.press('Enter')
  await page
    .getByRole('button', { name: new RegExp(`= ${TEMPO}`) })
    .first()
    .waitFor()
  // a hand that reaches for it has fetched what plays
  await page.locator('.hear').dispatchEvent('pointerenter')
  await page.waitForTimeout(300)
  const button = await page.getByRole('button', { name: 'Play' }).elementHandle()
  const pressed = await button?.evaluate((element) => {
    const now = performance.now()
    element.click()
    return now
  })
  await page.locator('rect.sounding').first().waitFor()
  const { first } = await page.evaluate('sound()')
  print('from the first press to the first note (samples worked out)', `${Math.round(first - (pressed ?? 0))} ms`)
  await page.waitForTimeout(SECONDS * 1000)
  const watched = await page.evaluate('sound()')
  await page.close()
  const late = lags(watched)
  const some = Math.round(late.length / 12)
  const drift = mean(late.slice(-some)) - mean(late.slice(0, some))
  print(`two minutes in a loop at ${TEMPO}, ${late.length} notes painted: picture late, mean`, milliseconds(mean(late)))
  print('   at the 95th percentile, and at the worst', `${milliseconds(at(late, 0.95))}, ${milliseconds(at(late, 1))}`)
  print('   drift: the last ten seconds less the first ten', milliseconds(drift))
}
