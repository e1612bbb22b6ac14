import { zipSync } from 'fflate'
import type { PaperRequest } from '#shared/paper'
import type { PaperWanted } from '#shared/paperSchema'
import { fileName, freeName } from '#shared/fileName'
import { type Db, getSets, type Pool, studiesNamed } from './db'
import { refuse } from './messages'
import { wordingFor } from '#shared/languages'
import { lessonOf } from './lessons'
import { practiceOf } from './practice'
import { notFound } from './httpError'
import { linkOf } from './people'
import { thread, weighed } from './work'

type Out = Extract<PaperRequest, { readonly sheet: 'studies' }>['studies'][number]

/** Studies of one sheet: a set's in its order, or those that are named or sent. */
interface Some {
  readonly title: string
  readonly name?: string
  readonly studies: readonly Out[]
}

const outOf = ({ recipe, accepted }: Out): Out => ({ recipe, ...(accepted && { accepted }) })

/** @throws HttpError 404 */
async function setsOut(db: Db, studio: number, ids: readonly string[]): Promise<Some[]> {
  const found = new Map((await getSets(db, studio, ids)).map((set) => [set.id, set]))
  return ids.map((id) => {
    const set = found.get(id)
    if (!set) throw notFound('set')
    return { title: set.title, name: set.pupil.name, studies: set.studies.map(outOf) }
  })
}

/** What is to stand on sheets of studies, sheet by sheet. @throws HttpError where there is nothing to print */
async function someOf(db: Db, studio: number, wanted: PaperWanted): Promise<Some[]> {
  const { sets, ids, title, studies } = wanted
  const sheets =
    sets.length > 0
      ? await setsOut(db, studio, sets)
      : [{ title, studies: (ids.length > 0 ? await studiesNamed(db, studio, ids) : studies).map(outOf) }]
  // each is made by itself, one after the other
  for (const [at, { studies: own }] of sheets.entries()) {
    const path = sets.length > 0 ? `sets[${at}]` : 'studies'
    if (own.length === 0) throw refuse('paper.empty', {}, path)
    await weighed(
      own.map(({ recipe }) => recipe),
      path,
    )
  }
  return sheets
}

/** For whom paper is made: the language, and where this server is. */
interface Reader {
  readonly language: string
  readonly origin: string
}

/** The address of a pupil's own page; null where there is none, or it cannot be read any more. */
async function homeAddress(pool: Pool, studio: number, pupil: string, origin: string): Promise<string | null> {
  const path = (await linkOf(pool, studio, pupil))?.path ?? null
  return path && `${origin}${path}`
}

/** The one sheet that is wanted. @throws HttpError where it is not said of what */
async function requestOf(
  pool: Pool,
  studio: number,
  wanted: PaperWanted,
  { language, origin }: Reader,
): Promise<PaperRequest> {
  const { sheet, size, look, chart, worksheet, sets } = wanted
  if (sheet === 'chart') return { sheet, size, chart: chart! }
  if (sheet === 'worksheet') return { sheet, size, worksheet: worksheet! }
  if (sets.length > 1) throw refuse('paper.several', {}, 'sets')
  if (sheet === 'lesson') {
    const about = { set: sets[0], words: wordingFor(language) }
    const file = await lessonOf(pool, studio, wanted.pupil!, about)
    return { sheet, size, file, address: await homeAddress(pool, studio, wanted.pupil!, origin) }
  }
  if (sheet === 'week') {
    if (sets.length === 0) throw refuse('paper.week', {}, 'sets')
    const practice = await practiceOf(pool, studio, sets[0]!)
    return { sheet, size, name: practice.set.pupil.name, practice }
  }
  const [some] = await someOf(pool, studio, wanted)
  return sheet === 'cards' ? { sheet, size, ...some! } : { sheet, size, look, ...some! }
}

/** A file for each set; two of one name are told apart by a number. @throws HttpError where a set has nothing to print */
async function zipOf(pool: Pool, studio: number, wanted: PaperWanted, language: string): Promise<Uint8Array> {
  const { sheet, size, look } = wanted
  if (sheet !== 'studies' && sheet !== 'cards') throw refuse('paper.zip', {}, 'as')
  const some = await someOf(pool, studio, wanted)
  const files: Record<string, Uint8Array> = {}
  const taken = new Set<string>()
  for (const { title, name = '', studies } of some) {
    const request: PaperRequest = { size, title, name, studies, ...(sheet === 'cards' ? { sheet } : { sheet, look }) }
    const stem = fileName([name, title].filter(Boolean).join(', '))
    files[freeName(stem, '.pdf', taken)] = await thread('pdf', { request, language })
  }
  // a PDF is packed already
  return zipSync(files, { level: 0 })
}

/** Paper that is wanted, as it is wanted. @throws HttpError, DomainError naming the field */
export async function paperFor(pool: Pool, studio: number, wanted: PaperWanted, reader: Reader) {
  const { language } = reader
  if (wanted.as === 'zip') return { as: wanted.as, file: await zipOf(pool, studio, wanted, language) }
  const request = await requestOf(pool, studio, wanted, reader)
  if (wanted.as === 'pages') return { as: wanted.as, made: await thread('pages', { request, language }) }
  return { as: wanted.as, file: await thread('pdf', { request, language }) }
}
