import { randomUUID } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { TAUGHT } from '#core/instrument'
import { dateOf, dayOf, WEEKDAYS, weekdayOf } from '#core/practice'
import { call } from '../support/http'
import { pupilWithSet } from '../support/filledStudio'

const today = async (): Promise<string> => (await call('/api/pupils')).body && (await ofAnybody()).today
const ofAnybody = async () => {
  const [{ id }] = (await call('/api/pupils')).body
  return (await call(`/api/pupils/${id}/lesson`)).body
}
const newPupil = async (some: object = {}): Promise<string> =>
  (await call('/api/pupils', 'POST', { name: `Lesson ${randomUUID().slice(0, 8)}`, instrument: 'piano', ...some })).body
    .id
const shifted = (date: string, by: number): string => dateOf(dayOf(date)! + by)
const lessonsOn = async (date: string) => (await call(`/api/lessons?date=${date}`)).body
const lesson = (date: string, some: object = {}) => ({
  ...{ date, status: 'planned', time: '16:30', minutes: 30, note: '', movedTo: null, version: 0 },
  ...some,
})

describe('the timetable', () => {
  it('has everybody on their days in the order of the times, and what was written otherwise', async () => {
    const date = await today()
    const weekday = weekdayOf(dayOf(date)!)
    const [early, late] = [
      await newPupil({ lessons: [{ weekday, time: '07:15', minutes: 45 }] }),
      await newPupil({ lessons: [{ weekday, time: '07:45', minutes: 30 }] }),
    ]
    const ofOurs = async (day = date) =>
      (await lessonsOn(day)).filter(({ pupilId }: { pupilId: string }) => [early, late].includes(pupilId))
    expect((await ofOurs()).map(({ pupilId }: { pupilId: string }) => pupilId)).toEqual([early, late])
    expect(await ofOurs(shifted(date, 1))).toEqual([])
    expect(await ofOurs(shifted(date, 7))).toHaveLength(2)

    // swapped: each has the other's time
    expect((await call(`/api/pupils/${early}/lesson`, 'PUT', lesson(date, { time: '07:45' }))).body).toMatchObject({
      version: 1,
    })
    await call(`/api/pupils/${late}/lesson`, 'PUT', lesson(date, { time: '07:15' }))
    expect((await ofOurs()).map(({ pupilId }: { pupilId: string }) => pupilId)).toEqual([late, early])
    // moved: the other day has one; one more on a third
    const moved = lesson(date, { status: 'moved', movedTo: shifted(date, 2), version: 1 })
    expect((await call(`/api/pupils/${early}/lesson`, 'PUT', moved)).status).toBe(200)
    expect((await ofOurs(shifted(date, 2)))[0]).toMatchObject({ pupilId: early, status: 'planned', regular: false })
    await call(`/api/pupils/${late}/lesson`, 'PUT', lesson(shifted(date, 3)))
    expect((await ofOurs(shifted(date, 3)))[0]).toMatchObject({ pupilId: late, regular: false })
    // archived pupils come to none
    await call(`/api/pupils/${late}/archived`, 'PUT', { archived: true })
    expect((await ofOurs()).map(({ pupilId }: { pupilId: string }) => pupilId)).toEqual([early])
  })

  it('is written over the version that was seen, and refuses what is none', async () => {
    const [id, date] = [await newPupil(), await today()]
    const put = (some: object) => call(`/api/pupils/${id}/lesson`, 'PUT', lesson(date, some))
    expect((await put({})).body.version).toBe(1)
    expect(await put({})).toMatchObject({ status: 409, body: { code: 'version.stale', current: { version: 1 } } })
    for (const [some, path] of [
      [{ time: '25:00' }, 'time'],
      [{ minutes: 4 }, 'minutes'],
      [{ status: 'late' }, 'status'],
      [{ date: '2026-02-30' }, 'date'],
      [{ status: 'moved' }, 'movedTo'],
      [{ status: 'moved', movedTo: date, version: 1 }, 'movedTo'],
    ] as const)
      expect(await put(some)).toMatchObject({ status: 422, body: { path } })
    expect((await call(`/api/pupils/${randomUUID()}/lesson`, 'PUT', lesson(date))).status).toBe(404)
    expect((await call('/api/lessons?date=tomorrow')).body).toMatchObject({ code: 'query.date', path: 'date' })
    for (const lessons of [
      [{ weekday: 'monday', time: '16:30', minutes: 30 }],
      Array(8).fill({ weekday: 'mon', time: '16:30', minutes: 30 }),
    ])
      expect((await call('/api/pupils', 'POST', { name: 'Nina', instrument: 'piano', lessons })).status).toBe(422)
  })
})

describe('a pupil’s lesson', () => {
  it.each(TAUGHT.map(({ id }) => [id]))('has a course to go by where there is no exam: %s', async (instrument) => {
    const id = await newPupil({ instrument, learning: { level: 2, knows: ['C'] } })
    const { course, practice, pupil } = (await call(`/api/pupils/${id}/lesson`)).body
    expect(practice).toBeNull()
    expect(course).toMatchObject({ id: null, level: 1 })
    expect(course.recipes.length).toBeGreaterThan(5)
    expect(pupil.learning).toMatchObject({ level: 2, knows: ['C'], minutesADay: 20 })
  })

  it('follows the studio’s own course once it was copied to be changed', async () => {
    const id = await newPupil({ instrument: 'accordion' })
    const own = (await call('/api/courses', 'POST', { list: 'accordion' })).body.id
    expect((await call('/api/courses', 'POST', { list: 'accordion' })).body.id).toBe(own)
    const { syllabus, version } = (await call(`/api/syllabi/${own}`)).body
    const grades = [{ ...syllabus.grades[0], title: 'First bellows' }]
    await call(`/api/syllabi/${own}`, 'PUT', { syllabus: { ...syllabus, grades }, version })
    const { course } = (await call(`/api/pupils/${id}/lesson`)).body
    expect(course).toMatchObject({ id: own, levels: ['First bellows'] })
    // a course is no exam's list
    const listed = (await call('/api/syllabi')).body.find((each: { id: string }) => each.id === own)
    expect(listed.isCourse).toBe(true)
    expect((await call('/api/courses', 'POST', { list: 'organ' })).body.path).toBe('list')
    await call(`/api/syllabi/${own}`, 'DELETE')
  })

  it('is about the set with an exam ahead, unless another is named', async () => {
    const own = await pupilWithSet(`Sets ${randomUUID().slice(0, 6)}`)
    const other = (await call('/api/sets', 'POST', { title: 'Other', pupilId: own.pupil })).body
    await call(`/api/sets/${other.id}`, 'PUT', {
      ...own.content,
      title: 'Other',
      syllabusId: null,
      gradeId: null,
      version: 1,
    })
    const about = async (query = '') => (await call(`/api/pupils/${own.pupil}/lesson${query}`)).body.practice.set.id
    expect(await about()).toBe(own.set)
    const date = await today()
    const aim = {
      exam: shifted(date, 60),
      minutesADay: 20,
      days: ['mon'],
      lesson: null,
      away: [],
      pins: [],
      version: 0,
    }
    await call(`/api/sets/${other.id}/aim`, 'PUT', aim)
    expect(await about()).toBe(other.id)
    expect(await about(`?set=${own.set}`)).toBe(own.set)
  })
})

describe('a week', () => {
  const line = (study: object, some: object = {}) => ({
    ...{
      id: randomUUID(),
      studyId: null,
      study,
      hands: 'left',
      octaves: 1,
      stage: 'left-alone',
      tempo: 100,
      reach: 112,
    },
    ...{
      minutes: 5,
      days: ['mon', 'thu'],
      test: false,
      where: { place: 'turn', player: 'left' },
      because: 'wrong',
      note: '',
    },
    ...some,
  })
  const STUDY = { material: { tonic: 'G', kind: 'major' }, hands: 'together', octaves: 2 }

  it('is kept as it was set, over the version that was seen, and taken back', async () => {
    const [id, date] = [await newPupil(), await today()]
    const put = (version: number, lines: object[]) =>
      call(`/api/pupils/${id}/week`, 'PUT', { from: date, lines, note: 'slowly', version })
    const [one, two] = [line(STUDY), line(STUDY, { note: 'listen' })]
    expect((await put(0, [one])).body).toMatchObject({
      from: date,
      version: 1,
      lines: [{ hands: 'left', where: one.where }],
    })
    expect((await put(0, [two])).status).toBe(409)
    expect((await put(1, [two, one])).body.lines.map(({ id: own }: { id: string }) => own)).toEqual([two.id, one.id])
    const file = (await call(`/api/pupils/${id}/lesson`)).body
    expect(file.week).toMatchObject({ version: 2, note: 'slowly' })
    expect((await call(`/api/pupils/${id}/week?from=${date}&version=1`, 'DELETE')).status).toBe(409)
    expect((await call(`/api/pupils/${id}/week?from=${date}&version=2`, 'DELETE')).status).toBe(200)
    expect((await call(`/api/pupils/${id}/lesson`)).body.week).toBeNull()
  })

  it('of an earlier lesson is the one before', async () => {
    const [id, date] = [await newPupil(), await today()]
    const week = { from: shifted(date, -7), lines: [line(STUDY)], note: '', version: 0 }
    await call(`/api/pupils/${id}/week`, 'PUT', week)
    const { before, week: now } = (await call(`/api/pupils/${id}/lesson`)).body
    expect([before.from, now]).toEqual([week.from, null])
    // every week that was set, the last first
    const older = { ...week, from: shifted(date, -14) }
    await call(`/api/pupils/${id}/week`, 'PUT', older)
    const weeks = (await call(`/api/pupils/${id}/weeks`)).body
    expect(weeks.map(({ from }: { from: string }) => from)).toEqual([week.from, older.from])
    expect(weeks[0].lines).toMatchObject([{ hands: 'left' }])
    expect((await call(`/api/pupils/${randomUUID()}/weeks`)).status).toBe(404)
  })

  it.each([
    [{ hands: 'both' }, 'lines[0].hands'],
    [{ reach: 0 }, 'lines[0].reach'],
    [{ minutes: 0 }, 'lines[0].minutes'],
    [{ days: ['never'] }, 'lines[0].days[0]'],
    [{ where: { place: 'middle' } }, 'lines[0].where.place'],
    [{ study: { material: { tonic: 'H', kind: 'major' } } }, 'lines[0].study.material.tonic'],
    [{ note: 'x'.repeat(201) }, 'lines[0].note'],
  ])('with %j is refused by its field', async (some, path) => {
    const [id, from] = [await newPupil(), await today()]
    const body = { from, lines: [line(STUDY, some)], note: '', version: 0 }
    expect(await call(`/api/pupils/${id}/week`, 'PUT', body)).toMatchObject({ status: 422, body: { path } })
    expect((await call(`/api/pupils/${id}/lesson`)).body.week).toBeNull()
  })

  it('goes to the bin with the pupil, and comes back with lessons and level', async () => {
    const date = await today()
    const slot = { weekday: WEEKDAYS[2]!, time: '18:00', minutes: 45 }
    const id = await newPupil({ lessons: [slot], learning: { level: 3, knows: ['F', 'Dm'] } })
    await call(`/api/pupils/${id}/week`, 'PUT', { from: date, lines: [line(STUDY)], note: '', version: 0 })
    await call(`/api/pupils/${id}/lesson`, 'PUT', lesson(date, { note: 'thumb early' }))
    const whole = async () => (await call(`/api/pupils/${id}/lesson`)).body
    const before = await whole()
    const { bin } = (await call(`/api/pupils/${id}`, 'DELETE')).body
    expect((await call(`/api/pupils/${id}/lesson`)).status).toBe(404)
    await call(`/api/bin/${bin}/restore`, 'POST', {})
    expect(await whole()).toEqual(before)
    expect(before).toMatchObject({
      week: { lines: [{ study: { format: 'tactum-study/1' } }] },
      lessons: [{ note: 'thumb early' }],
    })
  })

  it('is printed as one sheet with its music and a box a day', async () => {
    const [id, date] = [await newPupil(), await today()]
    await call(`/api/pupils/${id}/week`, 'PUT', { from: date, lines: [line(STUDY)], note: 'count aloud', version: 0 })
    const { title, pages } = (await call('/api/paper', 'POST', { sheet: 'lesson', pupil: id, as: 'pages' })).body
    expect(title).toMatch(/^Lesson /)
    expect(pages).toHaveLength(1)
    const texts = pages[0].drawn.flatMap((one: { kind: string; text?: string }) =>
      one.kind === 'text' ? [one.text] : [],
    )
    expect(texts.join('|')).toMatch(/G major.*left hand, around the turn.*count aloud/)
    expect((await call('/api/paper', 'POST', { sheet: 'lesson', as: 'pages' })).body.path).toBe('pupil')
  })
})

describe('a studio’s settings', () => {
  it('are kept by themselves, and refuse what is none', async () => {
    const { body: before } = await call('/api/studio')
    const { name, teacher } = before
    const put = (settings: object) => call('/api/studio', 'PUT', { name, teacher, settings })
    expect((await put({ region: 'american' })).body.settings).toMatchObject({ ...before.settings, region: 'american' })
    expect((await put({ instrument: 'accordion' })).body.settings).toMatchObject({
      region: 'american',
      instrument: 'accordion',
    })
    expect((await put({ region: 'lunar' })).body.path).toBe('settings.region')
    expect((await put({ instrument: 'organ' })).body.path).toBe('settings.instrument')
    await put({ region: before.settings.region, instrument: before.settings.instrument })
  })
})

describe('what is undone', () => {
  it('of a move leaves no second lesson behind, unless something was noted of it', async () => {
    const [id, date] = [await newPupil(), await today()]
    const to = shifted(date, 5)
    const put = (some: object) => call(`/api/pupils/${id}/lesson`, 'PUT', lesson(date, some))
    const there = async () => (await lessonsOn(to)).some(({ pupilId }: { pupilId: string }) => pupilId === id)
    await put({ status: 'moved', movedTo: to })
    expect(await there()).toBe(true)
    await put({ version: 1 })
    expect(await there()).toBe(false)
    await put({ status: 'moved', movedTo: to, version: 2 })
    await call(`/api/pupils/${id}/lesson`, 'PUT', lesson(to, { note: 'bring the book', version: 1 }))
    await put({ version: 3 })
    expect(await there()).toBe(true)
  })
})

describe('a week that is prepared', () => {
  it('on the days before the lesson is the lesson’s own', async () => {
    const date = await today()
    const slot = { weekday: weekdayOf(dayOf(date)!), time: '16:30', minutes: 30 }
    const id = await newPupil({ lessons: [slot] })
    const put = (from: string) => call(`/api/pupils/${id}/week`, 'PUT', { from, lines: [], note: from, version: 0 })
    await put(shifted(date, -7))
    await put(shifted(date, -1))
    const { week, before } = (await call(`/api/pupils/${id}/lesson`)).body
    expect([week?.note, before?.note]).toEqual([shifted(date, -1), shifted(date, -7)])
    await put(date)
    expect((await call(`/api/pupils/${id}/lesson`)).body.week.note).toBe(date)
  })
})
