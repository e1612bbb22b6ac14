// Five o'clock: three hundred pupils open their pages and mark what they did, while thirty teachers work.
import { randomUUID } from 'node:crypto'
import autocannon from 'autocannon'
import { print, rounded } from './print.mjs'
import { together } from './teachers.mjs'

const [PUPILS, TEACHERS, AT_ONCE] = [300, 30, 60]
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']
const KINDS = ['major', 'harmonic-minor', 'major-arpeggio']

const today = () => new Date().toISOString().slice(0, 10)
const lineOf = (which, at) => {
  const [hands, octaves] = [at % 2 === 0 ? 'together' : 'right', 1 + (which % 2)]
  const material = { tonic: TONICS[(which + at) % 12], kind: KINDS[at % 3] }
  return {
    ...{ id: randomUUID(), studyId: null, study: { material, hands, octaves }, hands, octaves, stage: null },
    ...{
      tempo: 80,
      reach: 96,
      minutes: 4,
      days: ['mon', 'tue', 'wed'],
      test: false,
      where: null,
      because: 'new',
      note: '',
    },
  }
}

/** A pupil with a week of four lines, and the address of the page. */
async function pupilOf(address, which) {
  const ask = async (path, method, body) => {
    const headers = { origin: address, ...(body && { 'content-type': 'application/json' }) }
    const answer = await fetch(address + path, { method, headers, ...(body && { body: JSON.stringify(body) }) })
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`)
    return answer.json()
  }
  const { id } = await ask('/api/pupils', 'POST', { name: `Pupil ${which}`, instrument: 'piano' })
  const lines = [0, 1, 2, 3].map((at) => lineOf(which, at))
  await ask(`/api/pupils/${id}/week`, 'PUT', { from: today(), lines, note: '', version: 0 })
  const { path } = await ask(`/api/pupils/${id}/link`, 'POST')
  return { path, line: lines[0]?.id ?? '' }
}

/** How one pupil comes: the page, then a mark. */
const visitsOf = (address, pupils) =>
  pupils.flatMap(({ path, line }) => {
    const mark = { id: randomUUID(), line, outcome: 'right', tempo: 80, date: today() }
    const headers = {
      'content-type': 'application/json',
      authorization: `Bearer ${path.split('/').at(-1)}`,
      origin: address,
    }
    return [
      { method: 'GET', path },
      { method: 'POST', path: '/api/home/marks', headers, body: JSON.stringify({ marks: [mark] }) },
    ]
  })

export async function pupils(_, address) {
  const all = []
  for (let which = 0; which < PUPILS; which++) all.push(await pupilOf(address, which))
  const requests = visitsOf(address, all)
  // each that is free takes the next, so that every pupil comes once
  const run = () => {
    let turn = 0
    const setupRequest = (request) => ({ ...request, ...requests[turn++ % requests.length] })
    const load = { connections: AT_ONCE, amount: requests.length, requests: [{ setupRequest }], timeout: 60 }
    return autocannon({ url: address, ...load })
  }
  for (const [called, beside] of [
    ['pages and marks for the first time', null],
    ['again', null],
    [`again, beside ${TEACHERS} teachers`, TEACHERS],
  ]) {
    const working = beside ? together(address, beside) : null
    const { latency, errors, non2xx } = await run()
    await working
    print(
      `${PUPILS} pupils at five o’clock, ${AT_ONCE} at once: ${called}`,
      rounded(latency.p99),
      `99th of 100; median ${rounded(latency.p50)}, slowest ${rounded(latency.max)}; ${errors} errors, ${non2xx} refused`,
    )
  }
}
