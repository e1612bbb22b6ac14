// Many teachers at once, each about a day's usual work, and how long everybody waits; beside them one with heavy work.
import { at, print, rounded } from './print.mjs'

const COUNTS = [1, 5, 10, 20, 40]
/** Milliseconds that they work, and that each takes between two presses: brisker than anybody. */
const [LASTING, PAUSE] = [8000, 250]
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'Db', 'Ab', 'Eb', 'Bb', 'F']

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms))

/** Asks as one page does. */
const pageOf =
  (address, page) =>
  async (path, method = 'GET', body) => {
    const headers = { 'x-page': page, origin: address, ...(body && { 'content-type': 'application/json' }) }
    const answer = await fetch(address + path, { method, headers, ...(body && { body: JSON.stringify(body) }) })
    const bytes = await answer.arrayBuffer()
    if (answer.status >= 500)
      throw new Error(`${path}: ${answer.status} ${Buffer.from(bytes).toString().slice(0, 200)}`)
    return answer.headers.get('content-type')?.includes('json') ? JSON.parse(Buffer.from(bytes).toString()) : null
  }

/** What a teacher does between lessons, in turn. */
function usualWork(pupils, which) {
  const sets = pupils.flatMap((pupil) => pupil.sets.map((set) => ({ ...set, pupil: pupil.id })))
  const { id, syllabusId, gradeId, pupil } = sets.filter((set) => set.syllabusId)[which % 4]
  const recipe = (turn) => ({
    material: { tonic: TONICS[turn % 12], kind: 'major' },
    tempo: { bpm: 40 + (turn % 120) },
  })
  return [
    (ask) => ask('/api/pupils'),
    (ask) => ask('/api/progress'),
    (ask) => ask(`/api/sets/${id}`),
    (ask) => ask(`/api/sets/${id}/report?syllabus=${syllabusId}&grade=${gradeId}`),
    (ask, turn) => ask('/api/studies', 'POST', { recipe: recipe(turn) }),
    (ask) => ask(`/api/sets/${id}/practice`),
    (ask) => ask('/api/studies'),
    (ask, turn) => ask('/api/paper', 'POST', { sheet: 'studies', as: 'pages', studies: [{ recipe: recipe(turn) }] }),
    (ask) => ask(`/api/pupils/${pupil}/record`),
  ]
}

async function teacher(address, which, until, times) {
  const ask = pageOf(address, `teacher-${which}`)
  const work = usualWork(await ask('/api/pupils'), which)
  for (let turn = which; Date.now() < until; turn++) {
    const began = performance.now()
    const press = work[turn % work.length] ?? work[0]
    await press?.(ask, turn)
    times.push(performance.now() - began)
    await pause(PAUSE * (0.5 + Math.random()))
  }
}

/** So many teachers at their usual work for a while. */
export async function together(address, count) {
  const times = []
  const until = Date.now() + LASTING
  await Promise.all(Array.from({ length: count }, (_, which) => teacher(address, which, until, times)))
  return { median: at(times, 0.5), p99: at(times, 0.99), slowest: Math.max(...times), asked: times.length }
}

/** Batches as heavy as are taken, one after the other, until told to stop. */
async function heavyWork(address, state) {
  const ask = pageOf(address, 'heavy')
  const recipes = Array.from({ length: 40 }, (_, n) => ({
    ...{ material: { tonic: 'C', kind: 'major' }, instrument: 'accordion', hands: 'left', octaves: 3 },
    ...{ pattern: { walk: 'add-a-note' }, tempo: { bpm: 40 + n } },
  }))
  while (!state.over) await ask('/api/studies/batch', 'POST', { recipes })
}

export async function teachers(_, address) {
  await together(address, 2)
  let alone
  for (const count of COUNTS) {
    const { median, p99, slowest, asked } = await together(address, count)
    alone ??= p99
    const ratio = `${(p99 / alone).toFixed(1)} times one; slowest ${rounded(slowest)}; median ${rounded(median)}; ${asked} asked`
    print(
      `${count} teachers of usual work, 99th percentile`,
      rounded(p99),
      count === 20 ? `budget 1000 ms; ${ratio}` : ratio,
    )
  }
  const state = { over: false }
  const heavy = heavyWork(address, state)
  const { median, p99, slowest } = await together(address, 3)
  state.over = true
  await heavy
  print(
    '3 teachers beside one with heavy batches, 99th percentile',
    rounded(p99),
    `budget 500 ms; slowest ${rounded(slowest)}; median ${rounded(median)}`,
  )
}
