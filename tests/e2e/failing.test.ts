import { describe, expect, it } from 'vitest'
import { useBrowser } from '../support/browser'

const { open } = useBrowser()

describe('where the core fails', () => {
  it('says so on the desk, and goes on when it is asked again', async () => {
    const { page } = await open('/api/health')
    await page.route('**/realise.worker*', (route) => route.abort())
    await page.goto('/desk')
    await page.getByText('Something went wrong that should not have').waitFor()
    await page.unroute('**/realise.worker*')
    await page.getByRole('button', { name: 'Try again' }).click()
    await page.locator('[data-finger]').first().waitFor()
    await expect.poll(() => page.getByText('Something went wrong that').count()).toBe(0)
  })
})
