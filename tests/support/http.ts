import { AsyncLocalStorage } from 'node:async_hooks'
import { english } from './english'
import { ownService } from './service'

export interface Answer {
  readonly status: number
  readonly body: any
}

/** Asks a server as its own pages do. */
export const asPage = (
  address: string,
  path: string,
  method = 'GET',
  body?: unknown,
  besides: Readonly<Record<string, string>> = {},
): Promise<Response> =>
  fetch(address + path, {
    method,
    headers: { ...besides, origin: address, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  })

/** Who asks, where it is not whoever sits at the application under test. */
export interface Asker {
  readonly address: string
  readonly cookie: string
}
const asker = new AsyncLocalStorage<Asker>()
/** Does what asks in somebody's name: `call` goes to their server, with their cookie. */
export const askingAs = <T>(who: Asker, work: () => Promise<T>): Promise<T> => asker.run(who, work)

/** Asks the application under test; what its answer says is read in English. */
export async function call(
  path: string,
  method = 'GET',
  body?: unknown,
  besides: Readonly<Record<string, string>> = {},
): Promise<Answer> {
  const who = asker.getStore()
  const headers = who ? { ...besides, cookie: who.cookie } : besides
  const answer = await asPage(who?.address ?? ownService().address, path, method, body, headers)
  return { status: answer.status, body: english(await answer.json()) }
}

/** A set of major scales on some tonics, and the ids of its studies in order. */
export async function setOfMajors(title: string, tonics: readonly string[]) {
  const { set } = await freshSet(title)
  const studyIds: string[] = []
  for (const tonic of tonics) {
    studyIds.push((await call('/api/studies', 'POST', { recipe: { material: { tonic, kind: 'major' } } })).body.id)
  }
  const content = { title, syllabusId: null, gradeId: null, studyIds, version: 1 }
  await call(`/api/sets/${set.id}`, 'PUT', content)
  const stored = async (): Promise<string[]> =>
    (await call(`/api/sets/${set.id}`)).body.studies.map((study: { id: string }) => tonics[studyIds.indexOf(study.id)])
  return { id: set.id as string, content, stored }
}

/** A pupil and an empty set of their own, so that tests do not disturb each other. */
export async function freshSet(title = 'Test set') {
  const pupil = (await call('/api/pupils', 'POST', { name: 'Test P.', instrument: 'piano' })).body
  const set = (await call('/api/sets', 'POST', { title, pupilId: pupil.id })).body
  return { pupilId: pupil.id as string, set }
}
