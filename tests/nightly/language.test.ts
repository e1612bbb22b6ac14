import { describe, expect, it } from 'vitest'
import { useBrowser } from '../support/browser'
import { call } from '../support/http'
import { deskInPseudo, inPseudo, openAll } from '../support/pseudo'

const { open } = useBrowser()

describe('in another language', () => {
  it.each([
    ['bars', 'F major marimba 4.3', 'L'],
    ['four mallets', 'C major marimba four mallets 1234', null],
  ])('nothing that opens on the desk is English: %s', (name, line, pinned) => deskInPseudo(open, name, line, pinned))

  it('nothing that opens on a set, in the library or in a list of one’s own is English', async () => {
    const list = { title: 'Own words', edition: '', follows: false }
    const { body: own } = await call('/api/syllabi/corvane-piano/copy', 'POST', list)
    const { body: pupils } = await call('/api/pupils')
    const { sets } = pupils.find((pupil: { sets: { gradeId: string | null }[] }) =>
      pupil.sets.some((set) => set.gradeId),
    )
    const set = sets.find((each: { gradeId: string | null }) => each.gradeId)
    const { page, problems, left, note, look } = await inPseudo(open)
    for (const [path, ready] of [
      [`/sets/${set.id}`, '[role="img"]'],
      ['/library', 'ul li'],
      [`/syllabi/${own.id}`, 'section'],
    ] as const) {
      await look(path, ready)
      expect(await openAll(page, (opened) => note(`${path}: ${opened}`)), path).toBeGreaterThan(0)
    }
    expect(left).toEqual({})
    expect(problems).toEqual([])
  })
})
