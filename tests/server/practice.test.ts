import { randomUUID } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { dateOf, dayOf } from '#core/practice'
import { ownService } from '../support/service'
import { call, freshSet, setOfMajors } from '../support/http'

const today = async (setId: string): Promise<string> => (await call(`/api/sets/${setId}/practice`)).body.today
const shifted = (date: string, days: number): string => dateOf(dayOf(date)! + days)

/** A pupil with a set of majors, and a way to add entries of one of its studies. */
async function practising(tonics: readonly string[] = ['C', 'G', 'D']) {
  const { id } = await setOfMajors('Practised', tonics)
  const { body: file } = await call(`/api/sets/${id}/practice`)
  const pupil = file.set.pupil.id as string
  const date = file.today as string
  const entry = (at: number, some: object = {}) => ({
    ...{ id: randomUUID(), studyId: file.set.studies[at].id, date, kind: 'lesson', outcome: 'right', tempo: 96 },
    ...some,
  })
  const add = (...entries: object[]) => call(`/api/pupils/${pupil}/record`, 'POST', { entries })
  const record = async () => (await call(`/api/pupils/${pupil}/record`)).body.entries
  return { id, pupil, date, entry, add, record }
}
const AIM = { minutesADay: 20, days: ['mon', 'wed', 'sat'], lesson: 'thu', away: [], pins: [], version: 0 }

describe('the record', () => {
  it('is added to, with the study as it then stood', async () => {
    const { add, entry, record } = await practising()
    const { status, body } = await add(entry(0, { where: { place: 'turn' }, note: 'late thumb' }), entry(1))
    expect(status).toBe(201)
    expect(body.entries[0]).toMatchObject({
      outcome: 'right',
      hands: 'together',
      by: 'teacher',
      where: { place: 'turn' },
    })
    expect(await record()).toHaveLength(2)
  })

  it('keeps what was sent twice once', async () => {
    const { add, entry, record } = await practising()
    const one = entry(0)
    await add(one)
    await add(one)
    expect(await record()).toHaveLength(1)
  })

  it('loses none of what two windows add at once', async () => {
    const { add, entry, record } = await practising()
    const answers = await Promise.all(Array.from({ length: 20 }, (_, at) => add(entry(at % 3))))
    expect(answers.every(({ status }) => status === 201)).toBe(true)
    expect(await record()).toHaveLength(20)
  })

  it('is put right by an entry that names another; both stay', async () => {
    const { add, entry, record } = await practising()
    const first = entry(0, { outcome: 'wrong' })
    await add(first)
    expect((await add(entry(0, { corrects: first.id }))).status).toBe(201)
    expect(await record()).toHaveLength(2)
    const stray = await add(entry(0, { corrects: randomUUID() }))
    expect(stray).toMatchObject({ status: 422, body: { code: 'entry.unknown', path: 'entries[0].corrects' } })
  })

  it.each([
    ['no such day', { date: '2026-02-30' }, 'entries[0].date'],
    ['the future', { date: '2099-01-01' }, 'entries[0].date'],
    ['no tempo', { tempo: 0 }, 'entries[0].tempo'],
    ['an outcome that is none', { outcome: 'fine' }, 'entries[0].outcome'],
    ['a study that is none', { studyId: randomUUID() }, 'entries[0].studyId'],
    ['where in two ways', { where: { place: 'turn', index: 1, player: 'right' } }, 'entries[0].where'],
  ])('refuses %s, naming the field, and adds none of what came with it', async (_, some, path) => {
    const { add, entry, record } = await practising()
    const answer = await add(entry(0, some), entry(1))
    expect(answer.status).toBe(422)
    expect(answer.body.path).toBe(path)
    expect(await record()).toEqual([])
  })

  it('cannot be changed, whoever asks the database', async () => {
    const { add, entry, pupil } = await practising()
    await add(entry(0))
    const { Client } = (await import('pg')).default
    const client = new Client({ connectionString: ownService().databaseUrl })
    await client.connect()
    try {
      const change = client.query("update record_entry set document = '{}' where pupil_id = $1", [pupil])
      await expect(change).rejects.toThrow(/only added/)
    } finally {
      await client.end()
    }
  })

  it('goes out as a table', async () => {
    const { add, entry, pupil } = await practising()
    const wrong = entry(0, { outcome: 'wrong', note: '=1+1' })
    await add(wrong, entry(0, { corrects: wrong.id, tempo: 88 }))
    const answer = await fetch(`${ownService().address}/api/pupils/${pupil}/export`)
    expect(answer.headers.get('content-type')).toContain('text/csv')
    const [head, ...rows] = (await answer.text()).split(/\r?\n/)
    expect(head).toContain('notes a minute,outcome')
    expect(rows).toHaveLength(2)
    expect(rows[0]).toContain("'=1+1")
    expect(rows[0]).toContain(',no,')
    expect(rows[1]).toContain(',88,right,')
  })

  it('is not anybody’s who is not there', async () => {
    const answer = await call(`/api/pupils/${randomUUID()}/record`)
    expect(answer.status).toBe(404)
  })
})

describe('an aim', () => {
  it('is kept over the version that was seen', async () => {
    const { id, date } = await practising()
    const aim = { ...AIM, exam: shifted(date, 60) }
    expect((await call(`/api/sets/${id}/aim`, 'PUT', aim)).body.version).toBe(1)
    const stale = await call(`/api/sets/${id}/aim`, 'PUT', aim)
    expect(stale).toMatchObject({ status: 409, body: { code: 'version.stale', current: { version: 1 } } })
    const next = await call(`/api/sets/${id}/aim`, 'PUT', { ...aim, minutesADay: 26, version: 1 })
    expect(next.body).toMatchObject({ version: 2, minutesADay: 26 })
  })

  it.each([
    ['an exam that is over', { exam: '2020-01-01' }, 'exam'],
    ['a day that is none', { exam: '2027-02-31' }, 'exam'],
    ['no days', { days: [] }, 'days'],
    ['no minutes', { minutesADay: 0 }, 'minutesADay'],
  ])('refuses %s', async (_, some, path) => {
    const { id, date } = await practising()
    const answer = await call(`/api/sets/${id}/aim`, 'PUT', { ...AIM, exam: shifted(date, 60), ...some })
    expect([answer.status, answer.body.path]).toEqual([422, path])
  })

  it('is a calendar that others read', async () => {
    const { id, date } = await practising()
    await call(`/api/sets/${id}/aim`, 'PUT', { ...AIM, exam: shifted(date, 30) })
    const answer = await fetch(`${ownService().address}/api/sets/${id}/calendar`)
    const text = await answer.text()
    expect(answer.headers.get('content-type')).toContain('text/calendar')
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2\.0/)
    expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(10)
    expect(text).toContain(`DTSTART;VALUE=DATE:${shifted(date, 30).replaceAll('-', '')}`)
    expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true)
  })

  it('names touch, hands and tempo in the calendar, and no two things of a day alike', async () => {
    const { id, date } = await practising()
    await call(`/api/sets/${id}/aim`, 'PUT', { ...AIM, exam: shifted(date, 30) })
    const text = await (await fetch(`${ownService().address}/api/sets/${id}/calendar`)).text()
    const told = text
      .replaceAll(/\r\n[ \t]/g, '')
      .split('\r\n')
      .filter((line) => line.startsWith('DESCRIPTION'))
    expect(told.length).toBeGreaterThan(10)
    for (const line of told) {
      const items = line.slice('DESCRIPTION:'.length).split('\\n')
      expect(new Set(items).size).toBe(items.length)
      for (const item of items) expect(item).toMatch(/♩ = \d+.*min$/)
    }
  })

  it('goes by the day that it is where the page is', async () => {
    const { id, pupil, date, entry } = await practising()
    const ahead = { 'x-today': shifted(date, 1) }
    const body = { entries: [entry(0, { date: shifted(date, 1) })] }
    // tomorrow is none here, and today further east
    expect((await call(`/api/pupils/${pupil}/record`, 'POST', body)).status).toBe(422)
    expect((await call(`/api/pupils/${pupil}/record`, 'POST', body, ahead)).status).toBe(201)
    expect((await call(`/api/sets/${id}/practice`, 'GET', undefined, ahead)).body.today).toBe(shifted(date, 1))
    expect((await call(`/api/sets/${id}/practice`)).body.today).toBe(date)
    // and whoever is behind can still make a plan
    await call(`/api/sets/${id}/aim`, 'PUT', { ...AIM, exam: shifted(date, 30) })
    const own = (await call('/api/progress')).body.find(({ setId }: { setId: string }) => setId === id)
    expect(own.wrong).toBeNull()
    expect(await call('/api/progress', 'GET', undefined, { 'x-today': 'someday' })).toMatchObject({
      status: 422,
      body: { path: 'today' },
    })
  })

  it('has no calendar while there is none', async () => {
    const { id } = await practising()
    expect(await call(`/api/sets/${id}/calendar`)).toMatchObject({ status: 422, body: { code: 'aim.none' } })
  })
})

describe('a way through', () => {
  it('is the teacher’s own until it goes back to the usual', async () => {
    const steps = [
      { stage: 'alone', minutes: 6 },
      { stage: 'tempo', minutes: 5 },
      { stage: 'cold', minutes: 1 },
    ]
    const own = { family: 'keys', school: 'small-hands-none', steps, version: 0 }
    const stored = await call('/api/routes', 'PUT', own)
    const found = stored.body.find(({ school }: { school: string }) => school === own.school)
    expect(found).toMatchObject({ steps, version: 1 })
    expect((await call('/api/routes', 'PUT', own)).status).toBe(409)
    const gone = await call('/api/routes', 'PUT', { ...own, steps: [], version: 1 })
    expect(gone.body.some(({ school }: { school: string }) => school === own.school)).toBe(false)
  })

  it.each([
    [[{ stage: 'juggling', minutes: 3 }], 'steps[0].stage'],
    [
      [
        { stage: 'alone', minutes: 3 },
        { stage: 'cold', minutes: 1 },
      ],
      'steps',
    ],
    [
      [
        { stage: 'cold', minutes: 1 },
        { stage: 'tempo', minutes: 3 },
      ],
      'steps',
    ],
    [[{ stage: 'tempo', minutes: 0 }], 'steps[0].minutes'],
  ])('refuses %j', async (steps, path) => {
    const answer = await call('/api/routes', 'PUT', { family: 'keys', school: '', steps, version: 0 })
    expect([answer.status, answer.body.path]).toEqual([422, path])
  })
})

describe('what is printed, played and ready', () => {
  it('is told apart: a raised sheet makes nothing ready', async () => {
    const { set, pupilId } = await freshSet()
    const CORVANE = { syllabusId: 'corvane-piano', gradeId: '2' }
    await call(`/api/sets/${set.id}`, 'PUT', { title: 'G2', ...CORVANE, studyIds: [], version: 1 })
    const filled = await call(`/api/sets/${set.id}/missing`, 'POST', { ...CORVANE, version: 2 })
    const query = `?syllabus=${CORVANE.syllabusId}&grade=${CORVANE.gradeId}`
    const readiness = async () => (await call(`/api/sets/${set.id}/report${query}`)).body.readiness
    const printed = await readiness()
    expect(printed).toMatchObject({ printed: 12, played: 0, ready: 0, required: 12 })
    expect(printed.chance).toBeLessThan(0.05)
    const [first] = filled.body.set.studies
    const date = await today(set.id)
    const entry = (ago: number) => ({
      ...{ id: randomUUID(), studyId: first.id, date: shifted(date, -ago), kind: 'cold-test', outcome: 'right' },
      tempo: first.recipe.tempo.bpm * first.recipe.tempo.notesPerBeat,
    })
    await call(`/api/pupils/${pupilId}/record`, 'POST', { entries: [entry(3), entry(1)] })
    expect(await readiness()).toMatchObject({ printed: 12, played: 1, ready: 1 })
  })

  it('hears of a mock exam: its marks become entries', async () => {
    const { body: pupils } = await call('/api/pupils')
    const marit = pupils.find(({ name }: { name: string }) => name === 'Marit A.')
    const { body: record } = await call(`/api/pupils/${marit.id}/record`)
    const exam = record.entries.filter(({ kind }: { kind: string }) => kind === 'mock-exam')
    expect(exam.length).toBeGreaterThan(0)
    expect(exam.every(({ by }: { by: string }) => by === 'exam')).toBe(true)
  })

  it('is on one line for each pupil with an aim', async () => {
    const { id, date, add, entry } = await practising()
    await call(`/api/sets/${id}/aim`, 'PUT', { ...AIM, exam: shifted(date, 90) })
    const own = async () => (await call('/api/progress')).body.find(({ setId }: { setId: string }) => setId === id)
    expect(await own()).toMatchObject({ played: 0, ready: 0, studies: 3, missing: 0, over: false })
    await add(entry(0))
    expect(await own()).toMatchObject({ played: 1 })
  })

  it('tells what will not be ready apart from what is not in the set', async () => {
    const { body: pupils } = await call('/api/pupils')
    const marit = pupils.find(({ name }: { name: string }) => name === 'Marit A.')
    const spring = marit.sets.find(({ title }: { title: string }) => title === 'Spring set')
    const all = (await call('/api/progress')).body as { setId: string; behind: number; missing: number }[]
    // sixteen are asked, eight stand as asked and three nearly
    expect(all.find(({ setId }) => setId === spring.id)).toMatchObject({ behind: 0, missing: 5 })
  })
})

describe('how often forecasts came true', () => {
  it('is counted over the studio’s quick tests before today, with what was said the evening before', async () => {
    const before = (await call('/api/forecasts')).body
    const { add, entry, date } = await practising()
    const test = (ago: number, outcome: string) =>
      entry(0, { kind: 'cold-test', outcome, date: shifted(date, -ago), tempo: 144 })
    await add(test(9, 'right'), test(6, 'wrong'), test(2, 'right'))
    await add(entry(1, { kind: 'cold-test', tempo: 144 }), entry(1, { date: shifted(date, -1), tempo: 144 }))
    const { status, body } = await call('/api/forecasts')
    expect(status).toBe(200)
    // today's is not over yet, and a lesson is no test
    expect(body.tests - before.tests).toBe(3)
    const came = (bins: { came: number; count: number }[]) =>
      Math.round(bins.reduce((sum, { came, count }) => sum + came * count, 0))
    expect(came(body.bins) - came(before.bins)).toBe(2)
    for (const { said, came, count } of body.bins) {
      for (const share of [said, came]) expect(share).toBeGreaterThanOrEqual(0)
      expect(Math.max(said, came)).toBeLessThanOrEqual(1)
      expect(count).toBeGreaterThan(0)
    }
  })

  it('goes with what a page works out: the pupil’s level and the studio’s correction', async () => {
    const { id } = await practising()
    const { who } = (await call(`/api/sets/${id}/practice`)).body
    expect(who.level).toBeNull()
    expect(Object.keys(who.correction).sort()).toEqual(['shift', 'slope'])
  })
})
