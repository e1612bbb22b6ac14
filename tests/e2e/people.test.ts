import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { expectAccessible, useBrowser } from '../support/browser'
import { asPage } from '../support/http'
import { account, joined, PASSWORD, signIn, signInServer } from '../support/people'

const FIRST = 'first-owner-secret-0002'
const { open } = useBrowser()
let server: Awaited<ReturnType<typeof signInServer>>
beforeAll(async () => {
  server = await signInServer('test-people-page.log', FIRST)
})
afterAll(() => server.stop())

/** A page whose refusals while nobody is signed in are no problem. */
const opened = (path: string, size?: { width: number; height: number }) => open(`${server.address}${path}`, size)

describe('a studio where people sign in', () => {
  it('begins with its owner, at the address that the start printed', async () => {
    const { page, problems } = await opened(`/owner#${FIRST}`)
    await page.getByLabel('Name of the studio').fill('Alder Street')
    await page.getByLabel('Your name').fill('Nora')
    await page.getByLabel('New password').fill('password')
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Create studio' }).click()
    await page.getByRole('alert').filter({ hasText: 'one of the first that are tried' }).waitFor()
    await page.getByLabel('New password').fill(PASSWORD)
    await page.keyboard.press('Enter')
    await page.getByRole('link', { name: 'Alder Street' }).waitFor()
    expect(problems).toEqual([])
  })

  it('asks who is there before it shows anything, by keyboard, and says what was wrong', async () => {
    const { page } = await opened('/settings')
    const sheet = page.getByRole('dialog', { name: 'Sign in to your studio' })
    await sheet.getByLabel('Your name').waitFor()
    await expectAccessible(page, '[role=dialog]')
    await sheet.getByLabel('Your name').fill('Nora')
    await sheet.getByLabel('Password', { exact: true }).fill('no such thing')
    await page.keyboard.press('Enter')
    await sheet.getByRole('alert').filter({ hasText: 'do not go together' }).waitFor()
    await sheet.getByLabel('Password', { exact: true }).fill(PASSWORD)
    await page.keyboard.press('Enter')
    await page.getByRole('link', { name: 'Alder Street' }).waitFor()
    await page.getByRole('region', { name: 'Your account' }).waitFor()
  })

  it('asks again where a session is over, and what was typed goes on', async () => {
    const nora = await signIn(server.address, 'Nora')
    const { page } = await opened('/pupils')
    const [name, value] = nora.cookie.split(/=(.*)/)
    await page.context().addCookies([{ name: name!, value: value!, url: server.address }])
    await page.reload()
    await page.getByLabel('New pupil').fill('Ada, piano')
    // signed out from elsewhere meanwhile
    await asPage(server.address, '/api/session', 'DELETE', undefined, { cookie: nora.cookie })
    await page.keyboard.press('Enter')
    const sheet = page.getByRole('dialog', { name: 'Please sign in again' })
    await sheet.getByLabel('Your name').fill('Nora')
    await sheet.getByLabel('Password', { exact: true }).fill(PASSWORD)
    await sheet.getByRole('button', { name: 'Sign in' }).click()
    await sheet.waitFor({ state: 'detached' })
    await page.getByRole('link', { name: 'Ada' }).waitFor()
  })

  it('is put in order on the settings page: teachers come, and leave', async () => {
    const nora = await signIn(server.address, 'Nora')
    await joined(nora, 'Tam')
    const { page, problems } = await opened('/settings')
    const [name, value] = nora.cookie.split(/=(.*)/)
    await page.context().addCookies([{ name: name!, value: value!, url: server.address }])
    await page.reload()
    const teachers = page.getByRole('region', { name: 'Teachers' })
    await teachers.getByText('Tam').waitFor()
    await teachers.getByRole('button', { name: 'Invite a teacher' }).click()
    await page.getByLabel('Name', { exact: true }).last().fill('Una')
    await page.getByRole('button', { name: 'Create invitation' }).click()
    const address = teachers.getByRole('textbox', { name: 'Address' })
    await address.waitFor()
    expect(await address.inputValue()).toContain('/join#')
    await expectAccessible(page)
    await teachers.getByRole('button', { name: 'Remove Tam' }).click()
    await page.getByRole('button', { name: 'Remove', exact: true }).last().click()
    await teachers.getByText('Tam').waitFor({ state: 'detached' })
    // copies of the whole database are nobody's here
    expect(await page.getByRole('region', { name: 'Backups' }).count()).toBe(0)

    const invited = await open(await address.inputValue(), { width: 390, height: 844 })
    await invited.page.getByText('You are invited to Alder Street').waitFor()
    await expectAccessible(invited.page)
    await invited.page.getByLabel('New password').fill(PASSWORD)
    await invited.page.getByRole('button', { name: 'Save and sign in' }).click()
    await invited.page.getByRole('link', { name: 'Alder Street' }).waitFor()
    expect([...problems, ...invited.problems]).toEqual([])
  })

  it('is opened again from the terminal by whoever forgot the password', async () => {
    const { answer } = await account(server.databaseUrl, ['reset', '--name', 'Nora'])
    const { page } = await opened(answer!.path)
    await page.getByLabel('New password').fill('Two herons, no bridge')
    await page.keyboard.press('Enter')
    await page.getByRole('link', { name: 'Alder Street' }).waitFor()
  })
})
