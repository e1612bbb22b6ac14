import { describe, expect, it } from 'vitest'
import { completeRecipe } from '#core/instrument'
import { currentDocument, DOCUMENT_KINDS, type DocumentKind, formatOf, stamped, versionOf } from '#shared/documents'

const RECIPE = completeRecipe({ material: { tonic: 'G', kind: 'harmonic-minor' }, hands: 'together', octaves: 2 })
/** As recipes were written before contrary motion could begin an octave apart, and before they said their format. */
const { format: _, contraryFrom: __, ...BARE } = RECIPE
const ENTRY = { kind: 'lesson', outcome: 'right', tempo: 96, date: '2026-11-20', hands: 'together', octaves: 2 }
const AIM = { exam: '2027-03-12', minutesADay: 15, days: [1, 2, 4], lesson: 3, away: [] }
const LESSON = { status: 'given', time: '16:30', minutes: 30, note: 'thumb early', movedTo: null }
const STEP = { stage: 'hands-apart', times: 2 }
const EXAM = { title: 'Grade 3', seed: 7, items: [{ marks: { notes: 4 } }] }
const STUDY_ROW = { id: 'a', version: 3, accepted: { right: [1, 2, 3] } }

/** A document of every version that was ever written, the newest last, and what it is today. */
const EXAMPLES: Readonly<Record<DocumentKind, { versions: readonly object[]; today: object }>> = {
  study: { versions: [BARE, RECIPE], today: RECIPE },
  entry: {
    versions: [
      { ...ENTRY, study: BARE },
      { ...ENTRY, study: RECIPE, format: 'tactum-entry/1' },
    ],
    today: { ...ENTRY, study: RECIPE, format: 'tactum-entry/1' },
  },
  aim: {
    versions: [AIM, { ...AIM, format: 'tactum-aim/1' }],
    today: { ...AIM, format: 'tactum-aim/1' },
  },
  route: {
    versions: [
      // the column held the list by itself
      [STEP],
      { format: 'tactum-route/1', steps: [STEP] },
    ],
    today: { format: 'tactum-route/1', steps: [STEP] },
  },
  exam: {
    versions: [EXAM, { ...EXAM, format: 'tactum-exam/1' }],
    today: { ...EXAM, format: 'tactum-exam/1' },
  },
  lesson: {
    versions: [LESSON, { ...LESSON, format: 'tactum-lesson/1' }],
    today: { ...LESSON, format: 'tactum-lesson/1' },
  },
  week: {
    versions: [
      { lines: [{ id: 'l', study: BARE }], note: '' },
      { format: 'tactum-week/1', lines: [{ id: 'l', study: RECIPE }], note: '' },
    ],
    today: { format: 'tactum-week/1', lines: [{ id: 'l', study: RECIPE }], note: '' },
  },
  erasure: {
    // the first had its version already; one without is read all the same
    versions: [
      { sets: 1, exams: 0, entries: 12 },
      { format: 'tactum-erasure/1', sets: 1, exams: 0, entries: 12 },
    ],
    today: { format: 'tactum-erasure/1', sets: 1, exams: 0, entries: 12 },
  },
  trash: {
    versions: [
      { row: { id: 'p', name: 'Nina' }, entries: [{ id: 'e', document: { ...ENTRY, study: BARE } }] },
      {
        format: 'tactum-trash/1',
        row: { id: 'p', name: 'Nina' },
        entries: [{ id: 'e', document: { ...ENTRY, study: RECIPE, format: 'tactum-entry/1' } }],
      },
    ],
    today: {
      format: 'tactum-trash/1',
      row: { id: 'p', name: 'Nina' },
      entries: [{ id: 'e', document: { ...ENTRY, study: RECIPE, format: 'tactum-entry/1' } }],
    },
  },
  'bulk-edit': {
    versions: [
      // the column held the list by itself
      [{ ...STUDY_ROW, recipe: BARE }],
      { format: 'tactum-bulk-edit/1', studies: [{ ...STUDY_ROW, recipe: RECIPE }] },
    ],
    today: { format: 'tactum-bulk-edit/1', studies: [{ ...STUDY_ROW, recipe: RECIPE }] },
  },
}

describe.each(DOCUMENT_KINDS)('a stored %s', (kind) => {
  const { versions, today } = EXAMPLES[kind]

  it('has an example of every version, and each is read as it is written today', () => {
    expect(versions).toHaveLength(versionOf(kind) + 1)
    for (const document of versions) expect(currentDocument(kind, document)).toEqual(today)
  })

  it('is written with its version, and read again as it was written', () => {
    const written = stamped(kind, versions.at(-1)!)
    expect(written.format).toBe(formatOf(kind))
    expect(currentDocument(kind, written)).toEqual(written)
  })

  it.each([`tactum-${kind}/${versionOf(kind) + 1}`, 'tactum-other/1', `tactum-${kind}/0`, 7])(
    'is refused by name where it says %s',
    (format) =>
      expect(() => currentDocument(kind, { ...today, format })).toThrow(
        expect.objectContaining({ code: 'document.unknown', path: 'format' }),
      ),
  )
})
