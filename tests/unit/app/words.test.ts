import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { FIRST_WORDS } from '#words'
import { ENGLISH } from '#words/english'
import { later } from '#words/later'

/** What stands on the desk, or frames every page, as it opens. */
const FIRST = ['desk', 'call', 'frame', 'hear', 'instrument', 'score', 'why'].map((room) => `app/components/${room}`)
const textsIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((file) => file.isFile())
    .map((file) => readFileSync(join(file.parentPath, file.name), 'utf8'))

it('what the desk says comes with the first page', () => {
  const named = [...FIRST, 'app/stores/desk', 'app/pages/desk', 'app/layouts']
    .flatMap(textsIn)
    .flatMap((text) => [...text.matchAll(/'([a-z][\w-]*(?:\.[\w-]+)+)'/g)].map(([, code]) => code!))
  const codes = named.filter((code) => code in ENGLISH.catalogue)
  expect(codes.length).toBeGreaterThan(400)
  expect(codes.filter((code) => !(code in FIRST_WORDS.catalogue))).toEqual([])
})

it('each code is said either with the first page or after it', () => {
  const first = Object.keys(FIRST_WORDS.catalogue)
  expect(first.filter((code) => code in later)).toEqual([])
  expect(first.length + Object.keys(later).length).toBe(Object.keys(ENGLISH.catalogue).length)
})

/** The page's words as a window begins with them, whatever other tests have fetched. */
const FRESH = '../../../app/composables/words.ts?begun-anew'

it('words that are still on their way are left out, and said when they are there', async () => {
  const page = (await import(/* @vite-ignore */ FRESH)) as typeof import('~/composables/words')
  const { allWords, t, formatMessage, formatItems, formatPieces } = page
  const message = { code: 'library.library', params: {} }
  expect(t('desk.keep-menu.save')).toBe('Save')
  expect([t('library.library'), formatMessage(message), formatItems(message), formatPieces(message)]).toEqual([
    '',
    '',
    [],
    [],
  ])
  await allWords()
  expect([t('library.library'), formatMessage(message)]).toEqual(['Library', 'Library'])
  expect(t('desk.keep-menu.save')).toBe('Save')
  // what nobody ever says is a mistake, and no wait
  expect(() => formatMessage({ code: 'no.such.code', params: {} })).toThrow(RangeError)
})
