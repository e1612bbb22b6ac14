import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { unzipSync } from 'fflate'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { ensurePostgres, freePort } from '../../scripts/lib/postgres.mjs'
import { startServer } from '../../scripts/lib/server.mjs'
import { expectAccessible, useBrowser } from '../support/browser'
import { newDatabase } from '../support/database'
import { asPage } from '../support/http'

const { open } = useBrowser()
const folder = mkdtempSync(path.join(tmpdir(), 'studio-'))
let server: Awaited<ReturnType<typeof startServer>>
beforeAll(async () => {
  server = await startServer({
    ...{ port: await freePort(), databaseUrl: await newDatabase('studio'), log: 'test-studio.log' },
    ...{ backups: path.join(folder, 'backups'), binaries: await ensurePostgres() },
  })
})
afterAll(async () => {
  await server.stop()
  rmSync(folder, { recursive: true, force: true })
})
const pupils = async (): Promise<string[]> =>
  ((await (await fetch(`${server.address}/api/pupils`)).json()) as { name: string }[]).map(({ name }) => name)

describe('a studio of one’s own', () => {
  it('is begun empty, beside the demo, filled from an archive, backed up, and put back', async () => {
    const { page, problems } = await open(`${server.address}/desk`)
    const demo = await pupils()
    await page.getByRole('link', { name: 'Kestrel Lane Music Rooms' }).click()
    await page.getByRole('heading', { name: 'Settings', exact: true }).waitFor()
    await page.getByText('No backup yet').waitFor()
    await expectAccessible(page)

    // out, by mouse
    const [exported] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export' }).click(),
    ])
    const file = path.join(folder, 'demo.zip')
    await exported.saveAs(file)
    expect(exported.suggestedFilename()).toMatch(/^kestrel-lane-music-rooms-.*\.zip$/)
    expect(Object.keys(unzipSync(readFileSync(file)))).toContain('archive.json')

    // empty, by keyboard
    await page.getByRole('region', { name: 'Studios' }).getByRole('button', { name: 'Start empty' }).press('Enter')
    await page.getByRole('textbox', { name: 'Name' }).last().fill('Rowan Street Music')
    await page.keyboard.press('Enter')
    await page.getByRole('link', { name: 'Rowan Street Music' }).waitFor()
    expect(await pupils()).toEqual([])
    await asPage(server.address, '/api/pupils', 'POST', { name: 'Real R.', instrument: 'piano' })

    // backed up
    await page.getByRole('button', { name: 'Back up now' }).click()
    await page.getByText(/^Last backup: today, \d\d:\d\d$/).waitFor()
    await expectAccessible(page)

    // in, once it is said what is in it
    const choose = page.getByLabel('Import an archive')
    await choose.setInputFiles({
      name: 'torn.zip',
      mimeType: 'application/zip',
      buffer: readFileSync(file).subarray(0, 999),
    })
    await page.getByText('This archive is damaged: it cannot be unpacked. Nothing was imported.').waitFor()
    await choose.setInputFiles(file)
    await page.getByText(/^Kestrel Lane Music Rooms, exported .*: 4 pupils, 12 sets, 92 studies/).waitFor()
    expect(await pupils()).toEqual(['Real R.'])
    await page.getByRole('button', { name: 'Import', exact: true }).click()
    await page.getByText(/^Imported: 4 pupils/).waitFor()
    expect(new Set(await pupils())).toEqual(new Set(['Real R.', ...demo]))
    await choose.setInputFiles(file)
    await page.getByRole('button', { name: 'Import', exact: true }).click()
    await page.getByText('Everything in this archive was here already.').waitFor()

    // back, in two presses
    // the first is the newest: the program's own of the day may stand under it by now
    await page
      .getByRole('listitem')
      .filter({ hasText: 'made by' })
      .getByRole('button', { name: /^Restore the backup of/ })
      .click()
    await page
      .getByRole('group', { name: /^Put all studios back/ })
      .getByRole('button', { name: 'Restore' })
      .click()
    await expect.poll(pupils).toEqual(['Real R.'])
    await page.getByText('before a restore').waitFor()

    // the demo anew, by keyboard; the own studio stays
    await page.getByRole('button', { name: 'Reset the demo' }).press('Enter')
    await page.keyboard.press('Shift+Tab')
    await page.keyboard.press('Enter')
    await page.getByRole('link', { name: 'Kestrel Lane Music Rooms' }).waitFor()
    expect(await pupils()).toEqual(demo)
    await page.getByRole('button', { name: 'Open Rowan Street Music' }).click()
    await page.getByRole('link', { name: 'Rowan Street Music' }).waitFor()
    expect(await pupils()).toEqual(['Real R.'])
    expect(problems).toEqual([])
  })

  it('erases a pupil for good, once that is said, and only remembers that it happened', async () => {
    await asPage(server.address, '/api/pupils', 'POST', { name: 'Gone G.', instrument: 'piano' })
    const { page, problems } = await open(`${server.address}/pupils`)
    await page.getByRole('button', { name: /^How Gone G\. plays/ }).click()
    await page.getByRole('button', { name: 'Erase for good' }).click()
    await page
      .getByRole('group', { name: /^Erase Gone G\. for good/ })
      .getByRole('button', { name: 'Erase for good' })
      .click()
    await expect.poll(pupils).not.toContain('Gone G.')
    await page.goto(`${server.address}/settings`)
    await page.getByRole('region', { name: 'Erased pupils' }).getByText('no set').or(page.getByText('0 sets')).waitFor()
    expect(await page.content()).not.toContain('Gone G.')
    expect(problems).toEqual([])
  })
})
