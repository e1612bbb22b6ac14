import { randomUUID } from 'node:crypto'
import { unzipSync } from 'fflate'
import pg from 'pg'
import { describe, expect, it } from 'vitest'
import { AIM, pupilWithSet } from '../support/filledStudio'
import { fillDisk } from '../support/fullDisk'
import { call, asPage } from '../support/http'
import { NIGHT } from '../support/night'
import { ownService } from '../support/service'

const query = async (sql: string, values: unknown[] = []) => {
  const client = new pg.Client(ownService().databaseUrl)
  await client.connect()
  const { rows } = await client.query(sql, values)
  await client.end()
  return rows
}
const restored = async (bin: string) => call(`/api/bin/${bin}/restore`, 'POST', {})

describe('throwing a pupil away while others save', () => {
  it('loses nothing that was acknowledged: it comes back with the pupil, or was refused by 404', async () => {
    for (let round = 0; round < (NIGHT ? 40 : 6); round++) {
      const own = await pupilWithSet(`Thrown ${round} ${Date.now()}`)
      const entries = Array.from({ length: 6 }, () => own.entry())
      const title = `Saved ${round}`
      // in an order of its own each time
      const [later, ...work] = [
        () => call(`/api/pupils/${own.pupil}`, 'DELETE'),
        ...entries.map((entry) => () => own.add(entry)),
        () => call(`/api/sets/${own.set}`, 'PUT', { ...own.content, title, version: 2 }),
        () => call(`/api/sets/${own.set}/aim`, 'PUT', AIM),
        () => call('/api/sets', 'POST', { title: 'Another', pupilId: own.pupil }),
        () => call(`/api/pupils/${own.pupil}`, 'PUT', { name: `Renamed ${round}`, note: '' }),
      ]
      const half = round % work.length
      const answers = await Promise.all([...work.slice(0, half), later!, ...work.slice(half)].map((each) => each()))
      const thrown = answers.splice(half, 1)[0]!
      expect(thrown.status).toBe(200)
      // a set for a pupil that is gone is refused as one for nobody
      expect(answers.map(({ status }) => status).filter((status) => ![200, 201, 404, 422].includes(status))).toEqual([])
      expect((await restored(thrown.body.bin)).status).toBe(200)
      const record = (await call(`/api/pupils/${own.pupil}/record`)).body.entries.map(({ id }: { id: string }) => id)
      const kept = entries.filter((_, at) => answers[at]!.status === 201).map(({ id }) => id)
      expect(record.toSorted()).toEqual(kept.toSorted())
      const [set, aim, another, renamed] = answers.slice(entries.length)
      const { body: now } = await call(`/api/sets/${own.set}`)
      expect(now.studies).toHaveLength(2)
      expect(now.title === title).toBe(set!.status === 200)
      expect((await call(`/api/sets/${own.set}/practice`)).body.aim !== null).toBe(aim!.status === 200)
      if (another!.status === 201) expect((await call(`/api/sets/${another!.body.id}`)).status).toBe(200)
      const [{ name }] = await query('select name from pupil where id = $1', [own.pupil])
      expect(name === `Renamed ${round}`).toBe(renamed!.status === 200)
    }
  })

  it('the same of a set', async () => {
    for (let round = 0; round < (NIGHT ? 20 : 4); round++) {
      const own = await pupilWithSet(`Set ${round} ${Date.now()}`)
      const save = () => call(`/api/sets/${own.set}`, 'PUT', { ...own.content, title: 'Saved', version: 2 })
      const aim = () => call(`/api/sets/${own.set}/aim`, 'PUT', AIM)
      const [saved, aimed, gone] = await Promise.all([save(), aim(), call(`/api/sets/${own.set}`, 'DELETE')])
      expect([200, 404]).toContain(saved.status)
      expect([200, 404]).toContain(aimed.status)
      await restored(gone.body.bin)
      const { body: now } = await call(`/api/sets/${own.set}`)
      expect([now.title === 'Saved', now.studies.length]).toEqual([saved.status === 200, 2])
      expect((await call(`/api/sets/${own.set}/practice`)).body.aim !== null).toBe(aimed.status === 200)
    }
  })
})

describe('dates that there are not', () => {
  const BAD = ['2026-99-99', '2026-02-30', '2027-00-10', '0000-00-00', '2026-1-1', 'soon']

  it('are refused at the door of every field, whatever is in the set', async () => {
    const own = await pupilWithSet(`Dates ${Date.now()}`, [])
    const aim = (some: object) => call(`/api/sets/${own.set}/aim`, 'PUT', { ...AIM, ...some })
    for (const bad of BAD) {
      const asked = [
        [await aim({ exam: bad }), 'exam'],
        [await aim({ away: [{ from: bad, to: AIM.exam }] }), 'away[0].from'],
        [await aim({ away: [{ from: AIM.exam, to: bad }] }), 'away[0].to'],
        [await aim({ pins: [{ studyId: randomUUID(), week: bad }] }), 'pins[0].week'],
      ] as const
      for (const [answer, field] of asked) expect(answer).toMatchObject({ status: 422, body: { path: field } })
    }
    for (const exam of ['1999-01-01', '9999-12-31'])
      expect(await aim({ exam })).toMatchObject({ status: 422, body: { path: 'exam' } })
    const full = await pupilWithSet(`Dated ${Date.now()}`)
    for (const date of BAD)
      expect(await full.add(full.entry({ date }))).toMatchObject({ status: 422, body: { path: 'entries[0].date' } })
  })

  it('that are in the database all the same take away no page: the rest is shown, and the one is named', async () => {
    const [good, bad] = [await pupilWithSet(`Good ${Date.now()}`), await pupilWithSet(`Bad ${Date.now()}`)]
    for (const { set } of [good, bad]) await call(`/api/sets/${set}/aim`, 'PUT', AIM)
    await query(`update aim set document = jsonb_set(document, '{exam}', '"2027-99-99"') where set_id = $1`, [bad.set])
    const { status, body } = await call('/api/progress')
    const of = (set: string) => body.find(({ setId }: { setId: string }) => setId === set)
    expect([status, of(good.set).wrong, of(good.set).studies]).toEqual([200, null, 2])
    expect(of(bad.set)).toMatchObject({ studies: 2, wrong: expect.stringContaining('2027-99-99') })
    await query(`update aim set document = jsonb_set(document, '{exam}', '"2027-05-05"') where set_id = $1`, [bad.set])
    await query(
      `update aim set version = version + 1, document = jsonb_set(document, '{away}', '[{"from":"2027-02-30","to":"2027-03-01"}]')
       where set_id = $1`,
      [bad.set],
    )
    const again = (await call('/api/progress')).body.find(({ setId }: { setId: string }) => setId === bad.set)
    expect(again.wrong).toContain('2027-02-30')
    await query('delete from aim where set_id = $1', [bad.set])
  })
})

describe('the record', () => {
  it('takes no correction of a later entry, nor of itself, and no id of somebody else’s', async () => {
    const own = await pupilWithSet(`Corrected ${Date.now()}`)
    const [first, second] = [own.entry(), own.entry()]
    const early = { ...first, corrects: second.id }
    expect(await own.add(early, second)).toMatchObject({
      status: 422,
      body: { code: 'entry.unknown', path: 'entries[0].corrects' },
    })
    expect((await own.add({ ...first, corrects: first.id })).status).toBe(422)
    expect((await own.add(second, early)).status).toBe(201)
    const other = await pupilWithSet(`Other ${Date.now()}`)
    const taken = { ...other.entry(), id: first.id }
    expect(await other.add(other.entry(), taken)).toMatchObject({
      status: 422,
      body: { code: 'entry.taken', path: 'entries[1].id' },
    })
    // whole or not at all
    expect((await call(`/api/pupils/${other.pupil}/record`)).body.entries).toEqual([])
  })
})

describe('ids', () => {
  it('are read in capitals, in addresses as in bodies', async () => {
    const own = await pupilWithSet(`Capital ${Date.now()}`)
    const big = (id: string) => id.toUpperCase()
    const gets = ['', '/practice', '/report', '/calendar'].map((rest) => `/api/sets/${big(own.set)}${rest}`)
    await call(`/api/sets/${big(own.set)}/aim`, 'PUT', AIM)
    for (const path of [
      ...gets.slice(0, 3),
      `/api/studies/${big(own.studies[0]!)}`,
      `/api/pupils/${big(own.pupil)}/record`,
    ])
      expect((await call(path)).status).toBe(200)
    expect((await fetch(ownService().address + gets[3])).status).toBe(200)
    const studyIds = own.studies.map(big)
    expect((await call(`/api/sets/${big(own.set)}`, 'PUT', { ...own.content, studyIds, version: 2 })).status).toBe(200)
    const entry = own.entry()
    expect((await own.add({ ...entry, id: big(entry.id), studyId: big(entry.studyId!) })).body.entries[0].id).toBe(
      entry.id,
    )
    const { body } = await call(`/api/sets/${big(own.set)}`, 'DELETE')
    expect((await call(`/api/bin/${big(body.bin)}/restore`, 'POST', {})).status).toBe(200)
    expect((await call(`/api/pupils/${big(own.pupil)}`, 'DELETE')).status).toBe(200)
  })
})

describe('versions', () => {
  it('keep two windows from writing over a pupil’s name, and over a way that was changed', async () => {
    const own = await pupilWithSet(`Versions ${Date.now()}`)
    const name = (called: string, version: number) =>
      call(`/api/pupils/${own.pupil}`, 'PUT', { name: called, note: '', version })
    expect((await name('First', 1)).status).toBe(200)
    expect(await name('Second', 1)).toMatchObject({ status: 409, body: { current: { name: 'First', version: 2 } } })
    const steps = [
      { stage: 'tempo', minutes: 3 },
      { stage: 'cold', minutes: 2 },
    ]
    const way = (some: object) => call('/api/routes', 'PUT', { family: 'keys', school: 'classical', steps, ...some })
    const found = (await call('/api/routes')).body.find(({ school }: { school: string }) => school === 'classical')
    if (found) await way({ steps: [], version: found.version })
    expect((await way({ version: 0 })).status).toBe(200)
    expect((await way({ version: 1 })).status).toBe(200)
    expect((await way({ steps: [], version: 1 })).status).toBe(409)
    expect((await way({ steps: [], version: 2 })).status).toBe(200)
  })
})

describe('answers', () => {
  it('repeat nothing that was sent at length, whatever refuses it', async () => {
    const long = 'x'.repeat(5000)
    const own = await pupilWithSet(`Long ${Date.now()}`)
    const asked: readonly (readonly [string, string, unknown])[] = [
      ['/api/pupils', 'POST', { name: 'A', instrument: long }],
      ['/api/pupils', 'POST', { [long]: 1 }],
      ['/api/studies', 'POST', { recipe: { material: { tonic: long, kind: 'major' } } }],
      ['/api/studies', 'POST', { recipe: { material: { tonic: 'C', kind: long } } }],
      ['/api/studies', 'POST', { recipe: { material: { tonic: 'C', kind: 'major' }, school: long } }],
      [`/api/sets/${own.set}/aim`, 'PUT', { ...AIM, exam: long }],
      [`/api/sets/${own.set}`, 'PUT', { ...own.content, syllabusId: long, version: 2 }],
      [`/api/sets/${own.set}/mend`, 'POST', { atom: long, version: 2 }],
      ['/api/routes', 'PUT', { family: 'keys', school: '', version: 0, steps: [{ stage: long, minutes: 2 }] }],
      ['/api/pupils', 'POST', `{"name": ${long}`],
      ['/api/files/write', 'POST', { format: long }],
      ['/api/paper', 'POST', { sheet: long }],
      ['/api/studies/shelf', 'PUT', { ids: [long], shelf: long }],
    ]
    for (const [path, method, body] of asked) {
      const answer = await asPage(ownService().address, path, method, body)
      const text = await answer.text()
      expect([path, answer.status >= 400 && answer.status < 500]).toEqual([path, true])
      expect([path, /x{201}/.test(text)]).toEqual([path, false])
    }
  })

  it('of calendars are whole lines, whatever a set and a pupil are called', async () => {
    const own = await pupilWithSet(`Ann; B, C \\ D ${Date.now()}`)
    await call(`/api/sets/${own.set}/aim`, 'PUT', AIM)
    const text = await (await fetch(`${ownService().address}/api/sets/${own.set}/calendar`)).text()
    // folded lines joined (RFC 5545, 3.1); separators and backslashes of text escaped (3.3.11)
    const lines = text.replaceAll('\r\n ', '').split('\r\n')
    expect(lines.find((line) => line.startsWith('X-WR-CALNAME:'))).toMatch(/Ann\\; B\\, C \\\\ D/)
    for (const line of lines.filter(Boolean)) expect(line).toMatch(/^[A-Z-]+[:;]/)
  })
})

describe('what is remembered of a pupil', () => {
  it('is bounded', async () => {
    const own = await pupilWithSet(`Bounded ${Date.now()}`)
    const choices = (round: number) =>
      Object.fromEntries(Array.from({ length: 60 }, (_, at) => [`choice ${round} ${at}`, 'right']))
    const put = (round: number) => call(`/api/pupils/${own.pupil}/preferences`, 'PUT', { choices: choices(round) })
    for (let round = 0; round < 10; round++) expect((await put(round)).status).toBe(200)
    expect(await put(10)).toMatchObject({ status: 422, body: { code: 'choices.most' } })
    const [{ count }] = await query(
      `select (select count(*)::int from jsonb_object_keys(preferences->'choices')) as count from pupil where id = $1`,
      [own.pupil],
    )
    expect(count).toBe(600)
  })
})

describe('an archive of paper', () => {
  it('has a file for every set, whatever they are called', async () => {
    const names = ['Spring 2', 'Spring', 'Spring', 'spring']
    const sets: string[] = []
    const pupil = (await call('/api/pupils', 'POST', { name: 'Z', instrument: 'piano' })).body.id
    const { studies } = await pupilWithSet(`Paper ${Date.now()}`, ['C'])
    for (const title of names) {
      const { id } = (await call('/api/sets', 'POST', { title, pupilId: pupil })).body
      await call(`/api/sets/${id}`, 'PUT', { title, syllabusId: null, gradeId: null, studyIds: studies, version: 1 })
      sets.push(id)
    }
    const wanted = { sheet: 'studies', size: 'a4', as: 'zip', sets }
    const answer = await asPage(ownService().address, '/api/paper', 'POST', wanted)
    const files = Object.keys(unzipSync(new Uint8Array(await answer.arrayBuffer())))
    expect(files).toHaveLength(names.length)
    expect(new Set(files.map((file) => file.toLowerCase())).size).toBe(names.length)
  })
})

describe('a full disk', () => {
  it('is said, by 503 and in words; reading and health go on, and saving as soon as there is room', async () => {
    const recipe = { material: { tonic: 'C', kind: 'major' } }
    const makeRoom = await fillDisk()
    try {
      const refused = await call('/api/studies', 'POST', { recipe })
      expect(refused).toMatchObject({ status: 503, body: { code: 'disk' } })
      expect(refused.body.message).toMatch(/disk is full/)
      expect((await call('/api/ready')).status).toBe(503)
      expect((await call('/api/health')).status).toBe(200)
      expect((await call('/api/studies')).status).toBe(200)
    } finally {
      await makeRoom()
    }
    expect((await call('/api/studies', 'POST', { recipe })).status).toBe(201)
  })
})
