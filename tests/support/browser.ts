import AxeBuilder from '@axe-core/playwright'
import { type Browser, type BrowserContext, chromium, type Page } from 'playwright-core'
import { afterAll, afterEach, beforeAll, expect } from 'vitest'
import { testBrowser } from '../../scripts/lib/browser.mjs'
import { NIGHT } from './night'
import { ownService } from './service'

/** Debian's Chromium, started so that it asks nothing of the world outside. */
const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // the page asks for sound only on a press; a driven press does not always count as one
  '--autoplay-policy=no-user-gesture-required',
]

export interface Window {
  readonly page: Page
  readonly problems: string[]
}

/** A browser for a test file; windows made from it complain of whatever the page complains of. */
export function useBrowser() {
  let browser: Browser
  const contexts: BrowserContext[] = []
  beforeAll(async () => {
    browser = await chromium.launch({ executablePath: testBrowser(), args: FLAGS })
  })
  afterEach(async () => {
    await Promise.all(contexts.splice(0).map((context) => context.close()))
  })
  afterAll(async () => {
    await browser?.close()
  })
  async function open(path: string, size = { width: 1280, height: 800 }, touch = false): Promise<Window> {
    const context = await browser.newContext({ viewport: size, hasTouch: touch, baseURL: ownService().address })
    contexts.push(context)
    return openIn(context, path)
  }
  /** A further window of the same browser, which keeps what the browser keeps. */
  async function openIn(context: BrowserContext, path: string): Promise<Window> {
    const page = await context.newPage()
    const problems: string[] = []
    page.on('pageerror', (error) => problems.push(error.message))
    page.on('console', (message) => {
      // refusals that a test provokes are logged by the browser itself
      if (message.type() === 'error' && !message.text().includes('Failed to load resource'))
        problems.push(message.text())
    })
    page.on('request', (request) => {
      if (!/^(http:\/\/127\.0\.0\.1|data:|blob:)/.test(request.url())) problems.push(`asked outside: ${request.url()}`)
    })
    // a slow machine is no failure
    page.setDefaultTimeout(60_000)
    await page.goto(path)
    return { page, problems }
  }
  return { open, openIn }
}

/** Views whose contrast has been measured: half of the time that axe takes, so by day it is done once for each. */
const measured = new Set<string>()

function contrastIsDue(page: Page, part = '', ground = ''): boolean {
  const view = `${new URL(page.url()).pathname.replace(/[0-9a-f-]{36}/g, 'id')} ${part} ${ground}`
  const due = NIGHT || !measured.has(view)
  measured.add(view)
  return due
}

/** What breaks WCAG 2.2 AA as far as axe can tell; of a part of the page, where the rest has been looked at already. */
export async function barriers(page: Page, part?: string, ground?: 'dark'): Promise<string[]> {
  // what is still being worked out fades in, and has no contrast yet
  await page.locator('.waiting').first().waitFor({ state: 'detached' })
  const rules = { 'color-contrast': { enabled: contrastIsDue(page, part, ground) } }
  const runOnly = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
  // no frames to walk into, and no account of what is well: a quarter of the time
  const axe = new AxeBuilder({ page }).options({ runOnly, rules, resultTypes: ['violations'] }).setLegacyMode(true)
  const { violations } = await (part ? axe.include(part) : axe).analyze()
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`)
}

export async function expectAccessible(page: Page, part?: string, ground?: 'dark'): Promise<void> {
  expect(await barriers(page, part, ground)).toEqual([])
}

/** Finger numbers of a hand, or R and L of the sticks, as they stand in the score. */
export async function fingersShown(page: Page, hand: 'right' | 'left' | 'sticks'): Promise<string> {
  const texts = await page.locator(`[data-finger^="${hand} "] text`).allTextContents()
  return texts.map((text) => text.trim()).join('')
}

/** Chooses from the desk's menu of what can be done with a whole study. */
export async function more(page: Page, words: string): Promise<void> {
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('menuitem', { name: words, exact: true }).click()
}

/** Calls a study on the desk's line. */
export async function callStudy(page: Page, line: string): Promise<void> {
  await page.locator('[data-finger]').first().waitFor()
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: /^Type a scale/ }).fill(line)
  await page.keyboard.press('Enter')
  await page.getByRole('region', { name: 'Type a scale' }).waitFor({ state: 'detached' })
}
