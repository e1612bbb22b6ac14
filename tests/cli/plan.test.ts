import { describe, expect, it } from 'vitest'
import { DomainError } from '#core/message'
import { planLine } from '../../cli/plan'
import { run } from '../support/terminal'

describe('plan', () => {
  const entry = (some: object) => ({
    ...{ study: { material: { tonic: 'G', kind: 'harmonic-minor' }, hands: 'together', octaves: 2 }, minutes: 2 },
    ...{ date: '2026-11-27', kind: 'lesson', outcome: 'right', tempo: 96, hands: 'together', octaves: 2 },
    ...some,
  })
  const request = {
    ...{ today: '2026-11-28', exam: '2027-03-12', minutesADay: 20, days: ['mon', 'tue', 'fri'], lesson: 'thu' },
    studies: [entry({}).study, { material: { tonic: 'D', kind: 'major' }, octaves: 2 }],
    record: [entry({})],
  }
  const plan = async (some: object) => {
    // over several lines, as a file would have it
    const { code, lines: out } = await run('plan', JSON.stringify({ ...request, ...some }, null, 1))
    return { code, answer: JSON.parse(out[0]!) }
  }

  it('prints states, days, the chance, what will not be ready and what would help', async () => {
    const { code, answer } = await plan({})
    expect(code).toBe(0)
    expect(answer.states[0]).toMatchObject({ study: 0, stage: 'tempo', cleanTempo: 96, standing: 'right-once' })
    expect(answer.states[0].stability).toBeCloseTo(2.3065, 4)
    expect(answer.states[0].recall).toBeGreaterThan(0.9)
    expect(answer.states[1]).toMatchObject({ study: 1, cleanTempo: 0, stability: 0, recall: 0 })
    expect(answer.days[0].date).toBe('2026-11-30')
    expect(Object.keys(answer.days[0].items[0]).sort()).toEqual(
      ['hands', 'minutes', 'octaves', 'stage', 'study', 'tempo', 'test'].sort(),
    )
    expect(answer.chance).toBeGreaterThan(0)
    expect([answer.notReady, answer.wouldHelp].every(Array.isArray)).toBe(true)
  })

  it('answers the studies of a grade; what it promises without some of them is what it says without them', async () => {
    const board = 'demo/syllabi/corvane-piano.json'
    const all = { studies: undefined, syllabus: board, grade: '2', minutesADay: 30 }
    const { answer } = await plan(all)
    expect(answer.studies).toHaveLength(answer.states.length)
    expect((await plan({ ...all, studies: answer.studies })).answer).toEqual(answer)
    // as many again as the grade asks: to leave them out is the only thing of the kind that helps
    const more = ['B', 'F#', 'Db', 'Ab', 'Eb', 'Bb'].flatMap((tonic) =>
      ['melodic-minor', 'dorian'].map((kind) => ({ material: { tonic, kind }, octaves: 3 })),
    )
    const longer = { ...all, studies: [...answer.studies, ...more] }
    const { answer: whole } = await plan(longer)
    const leave = whole.wouldHelp.find((help: { change: string }) => help.change === 'leave')
    expect(leave.studies).toEqual(more.map((_, at) => answer.studies.length + at))
    const stored = longer.studies.filter((_: unknown, at: number) => !leave.studies.includes(at))
    expect((await plan({ ...longer, studies: stored })).answer.chance).toBe(leave.chance)
  })

  it('takes a grade for the studies, and is the same each time', async () => {
    const grade = { studies: undefined, syllabus: 'demo/syllabi/corvane-piano.json', grade: '2' }
    const [one, other] = [await plan(grade), await plan(grade)]
    expect(one.answer.states).toHaveLength(12)
    expect(other).toEqual(one)
  })

  it.each([
    [{ exam: '2027-02-30' }, 'exam'],
    [{ exam: '2026-11-27' }, 'exam'],
    [{ days: [] }, 'days'],
    [{ days: ['noday'] }, 'days[0]'],
    [{ record: [entry({ tempo: 0 })] }, 'record[0].tempo'],
    [{ record: [entry({ date: '2026-12-24' })] }, 'record[0].date'],
    [{ record: [entry({ date: '2026-11-31' })] }, 'record[0].date'],
    [{ studies: undefined }, ''],
    [{ minutesADay: 0 }, 'minutesADay'],
    [{ help: 'perhaps' }, 'help'],
    [{ level: 0 }, 'level'],
  ])('refuses %j, naming the field', (some, path) => {
    try {
      planLine({ ...request, ...some })
      expect.unreachable()
    } catch (error) {
      expect(error).toBeInstanceOf(DomainError)
      expect((error as DomainError).path).toBe(path)
    }
  })

  it('prints a refusal with its sentence, and ends with 1', async () => {
    const { code, answer } = await plan({ exam: '2026-11-27' })
    expect(code).toBe(1)
    expect(answer.error).toMatchObject({ path: 'exam', message: 'The exam date 2026-11-27 must be after today.' })
  })

  it('says the chance of each study today and on the exam’s day, and leaves out what would help where it is not wanted', async () => {
    const { answer } = await plan({})
    for (const state of answer.states) {
      for (const chance of [state.chanceNow, state.chanceThen]) {
        expect(chance).toBeGreaterThan(0)
        expect(chance).toBeLessThan(1)
      }
    }
    // what was right in a lesson is likelier than what was never played
    expect(answer.states[0].chanceNow).toBeGreaterThan(answer.states[1].chanceNow)
    const { wouldHelp, ...rest } = answer
    expect(wouldHelp).toEqual(expect.any(Array))
    expect((await plan({ help: false })).answer).toEqual(rest)
  })

  it('answers one request a line, each before the next, with errors in their place', async () => {
    const requests = [
      { ...request, help: false },
      { ...request, exam: '2026-11-27' },
      { ...request, minutesADay: 30 },
    ]
    const input = requests.map((each) => JSON.stringify(each)).join('\n')
    const { code, lines } = await run('plan', `${input}\nno json\n`, ['--lines'])
    expect(code).toBe(1)
    const answers = lines.map((line) => JSON.parse(line))
    expect(answers).toHaveLength(4)
    expect(answers[0].states).toHaveLength(2)
    expect(answers[0].wouldHelp).toBeUndefined()
    expect(answers[1].error.path).toBe('exam')
    expect(answers[2].chance).toBeGreaterThanOrEqual(answers[0].chance)
    expect(answers[3].error).toBeDefined()
    expect((await run('plan', '', ['--line'])).code).toBe(1)
  })

  it('reads ten thousand entries', async () => {
    const record = Array.from({ length: 10_000 }, (_, at) =>
      entry({ date: at % 2 ? '2026-11-27' : '2026-11-20', outcome: at % 3 ? 'right' : 'hesitated' }),
    )
    const { code, answer } = await plan({ record })
    expect(code).toBe(0)
    expect(answer.states[0].cleanTempo).toBe(96)
  })
})
