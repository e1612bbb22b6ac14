import fs from 'node:fs'
import { installDebian } from './packages.mjs'

/** Installs what reads PDF files in the tests, where there is none. @throws Stop */
export async function ensurePdfReader() {
  if (!fs.existsSync('/usr/bin/pdftotext'))
    await installDebian('poppler-utils', 'The tests of PDF files need a reader.')
}
