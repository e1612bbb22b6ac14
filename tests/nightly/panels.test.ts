import { beforeAll, describe, expect, it } from 'vitest'
import { barriers, useBrowser } from '../support/browser'
import { call } from '../support/http'
import { openAll } from '../support/pseudo'

const { open } = useBrowser()

describe('every panel that opens', () => {
  let set = ''
  beforeAll(async () => {
    const pupils = (await call('/api/pupils')).body
    set = pupils.find(({ name }: { name: string }) => name === 'Marit A.').sets[0].id
  })

  it.each(['light', 'dark'] as const)(
    'can be read and reached on a %s ground',
    async (ground) => {
      const { page, problems } = await open('/desk')
      await page.emulateMedia({ colorScheme: ground })
      const dark = ground === 'dark' ? ground : undefined
      const found: string[] = []
      for (const path of [
        '/desk',
        '/library',
        '/pupils',
        `/sets/${set}`,
        '/syllabi/corvane-piano',
        '/paper',
        '/files',
        '/studio',
      ]) {
        await page.goto(path)
        await page.locator('h1, [data-finger]').first().waitFor()
        await page.locator('.waiting').first().waitFor({ state: 'detached' })
        const look = async (opened: string): Promise<void> => {
          // what an open panel half covers is too small a target only while it is open
          const own = (await barriers(page, undefined, dark)).filter((barrier) => !barrier.startsWith('target-size'))
          found.push(...own.map((barrier) => `${path}, ${opened}: ${barrier}`))
        }
        await openAll(page, look)
      }
      expect(found).toEqual([])
      expect(problems).toEqual([])
    },
    600_000,
  )
})
