import { inject } from 'vitest'

export interface Answer {
  readonly status: number
  readonly body: any
}

/** Asks the application under test. */
export async function call(path: string, method = 'GET', body?: unknown): Promise<Answer> {
  const answer = await fetch(inject('address') + path, {
    method,
    ...(body === undefined
      ? {}
      : {
          body: typeof body === 'string' ? body : JSON.stringify(body),
          headers: { 'content-type': 'application/json' },
        }),
  })
  return { status: answer.status, body: await answer.json() }
}

/** A pupil and an empty set of their own, so that tests do not disturb each other. */
export async function freshSet(title = 'Test set') {
  const pupil = (await call('/api/pupils', 'POST', { name: 'Test P.', instrument: 'piano' })).body
  const set = (await call('/api/sets', 'POST', { title, pupilId: pupil.id })).body
  return { pupilId: pupil.id as string, set }
}
