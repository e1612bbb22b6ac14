import fs from 'node:fs'
import { installDebian } from './packages.mjs'
import { say } from './run.mjs'

const SHELL = '/usr/bin/chromium-headless-shell'
const WHOLE = '/usr/bin/chromium'

/** The browser of the tests: Debian's headless shell opens a page a third sooner than the whole Chromium, which serves too. */
export const testBrowser = () => (fs.existsSync(SHELL) ? SHELL : WHOLE)

/** Installs the browser of the tests where there is none; without the shell an installed Chromium does. @throws Stop */
export async function ensureBrowser() {
  if (fs.existsSync(SHELL)) return
  try {
    await installDebian('chromium-headless-shell', 'The browser tests need Chromium.')
  } catch (error) {
    if (!fs.existsSync(WHOLE)) throw error
    say('• no headless shell: the tests use the installed Chromium')
  }
}
