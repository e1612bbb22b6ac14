import { describe, expect, it } from 'vitest'
import { draftFrom } from '~/stores/desk/drafts'

const lying = {
  title: { code: 'text', params: { text: 'C major' } },
  saved: null,
  recipe: { material: { tonic: 'C', kind: 'major' } },
  accepted: null,
  wanted: false,
}
const undoLog = { id: '', version: 0, now: lying, back: [], on: [] }

describe('a draft in the browser', () => {
  it('is read as it was written', () => {
    const draft = { here: lying, stashes: [lying], undoLog }
    expect(draftFrom(JSON.stringify(draft))).toEqual(draft)
  })

  it('is read as older versions wrote it: other names, and a title in words', () => {
    const older = { here: { ...lying, title: 'C major' }, asides: [{ ...lying, title: 'C major' }], trail: undoLog }
    expect(draftFrom(JSON.stringify(older))).toEqual({ here: lying, stashes: [lying], undoLog })
  })

  it.each([null, '', 'null', '{', '{"here":null}', '{"stashes":"some"}'])('is none where %j lies', (text) => {
    expect(draftFrom(text)).toBeNull()
  })
})
