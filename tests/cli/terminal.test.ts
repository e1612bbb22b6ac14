import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import Ajv from 'ajv'
import { describe, expect, it } from 'vitest'
import { run } from '../support/terminal'

const lines = (...values: unknown[]) => `${values.map((value) => JSON.stringify(value)).join('\n')}\n`
const schema = (name: string) => JSON.parse(readFileSync(`docs/schemas/${name}.json`, 'utf8'))
const scratch = mkdtempSync(path.join(tmpdir(), 'tactum-'))
const file = (name: string, content: unknown) => {
  const place = path.join(scratch, name)
  writeFileSync(place, typeof content === 'string' ? content : JSON.stringify(content))
  return place
}

const RECIPE = {
  format: 'tactum-study/1',
  instrument: 'piano',
  material: { tonic: 'G#', kind: 'harmonic-minor' },
  hands: 'together',
  motion: 'similar',
  octaves: 2,
  course: 'up-down',
  school: 'conservatory',
  pins: [{ hand: 'left', index: 3, finger: 4 }],
}

describe('realise', () => {
  it('gives sticks for mallets, sounding and written apart, with what is wrong named', async () => {
    const on = (instrument: string, some: object = {}) => ({
      format: 'tactum-study/1',
      ...{ instrument, material: { tonic: 'F', kind: 'major' }, octaves: 1, course: 'up', ...some },
    })
    const { code, lines: out } = await run(
      'realise',
      lines(
        on('marimba-4.3', { lead: 'left', school: 'doubles' }),
        on('glockenspiel-2.67'),
        on('piano', { lead: 'left' }),
        on('marimba-4.3', { mallets: { count: 4, figure: '1235' } }),
      ),
    )
    expect(code).toBe(1)
    const [left, high, piano, five] = out.map((line) => JSON.parse(line))
    expect(left.hands).toBeUndefined()
    expect(left.sticking).toMatchObject({
      pitches: ['F4', 'G4', 'A4', 'Bb4', 'C5', 'D5', 'E5', 'F5'],
      midi: [65, 67, 69, 70, 72, 74, 76, 77],
      sticks: [...'LRRLRLRL'],
      doubles: [{ index: 2, reason: 'double G A in the right hand, so that C falls to the right' }],
      rowMoves: [
        { index: 3, to: 'accidentals' },
        { index: 4, to: 'naturals' },
      ],
    })
    expect(left.sticking.inversions).toEqual([
      { index: 3, severity: 'mild' },
      { index: 5, severity: 'trivial' },
      { index: 7, severity: 'trivial' },
    ])
    expect(left.recipe).toMatchObject({ lead: 'left', school: 'doubles', strike: 'off-centre', tops: 'once' })
    expect(high.sticking.pitches[0]).toBe('F4')
    expect(high.sticking.midi[0]).toBe(89)
    expect(piano.error).toMatchObject({ code: 'field.instrument', path: 'lead' })
    expect(five.error.path).toBe('mallets.figure')
  })

  it('answers every line in order, errors in place, and says so at the end', async () => {
    const { code, lines: out } = await run(
      'realise',
      `${lines(RECIPE)}not json\n\n${lines({ material: { tonic: 'C', kind: 'major' }, octaves: 99 }, { material: { tonic: 'C', kind: 'major' }, hands: 'left', octaves: 1 })}`,
    )
    expect(code).toBe(1)
    const [study, broken, wide, left] = out.map((line) => JSON.parse(line))
    expect(study).toMatchObject({
      title: 'G♯ harmonic minor, hands together, two octaves',
      keySignature: { fifths: 5 },
    })
    expect(study.hands.right.pitches.slice(0, 7)).toEqual(['G#3', 'A#3', 'B3', 'C#4', 'D#4', 'E4', 'F##4'])
    expect(study.hands.right.midi[0]).toBe(56)
    expect(study.hands.right.fingers.slice(0, 3)).toEqual([3, 4, 1])
    expect(study.hands.right.crossings[0]).toEqual({ index: 2, kind: 'thumb-under' })
    expect(study.hands.left.fingers[3]).toBe(4)
    expect(study.together.crossings).toEqual({ right: expect.any(Array), left: expect.any(Array), both: [] })
    expect(broken.error).toMatchObject({ code: 'json', path: '' })
    expect(wide.error).toMatchObject({ path: 'octaves' })
    expect(Object.keys(left.hands)).toEqual(['left'])
    expect(left.hands.left.fingers.join('')).toBe('543213212312345')
  })

  it('takes any material: inversions, double notes, shared hands, pitches as listed; and any pin', async () => {
    const { code, lines: out } = await run(
      'realise',
      lines(
        { material: { tonic: 'Eb', kind: 'major-arpeggio', inversion: 1 }, hands: 'right', octaves: 1 },
        { material: { tonic: 'C', kind: 'double-thirds-major' }, hands: 'right', octaves: 1, course: 'up' },
        { material: { tonic: 'C', kind: 'tetrachords-major' }, course: 'up' },
        { material: { pitches: ['C4', ['E4', 'G4'], 'C5'] }, hands: 'right', school: 'free-and-smooth' },
        { material: { tonic: 'C', kind: 'major' }, hands: 'right', pins: [{ hand: 'right', degree: 4, finger: 4 }] },
        { material: { tonic: 'G#', kind: 'major' }, hands: 'left' },
      ),
    )
    expect(code).toBe(0)
    const [inverted, thirds, shared, listed, pinned, beyond] = out.map((line) => JSON.parse(line))
    expect(inverted.title).toBe('E♭ major arpeggio, first inversion, right hand, one octave')
    expect(inverted.recipe.material.inversion).toBe(1)
    expect(inverted.hands.right.pitches.slice(0, 4)).toEqual(['G3', 'Bb3', 'Eb4', 'G4'])
    expect(thirds.hands.right.steps.slice(0, 4)).toEqual([0, 0, 1, 1])
    expect(thirds.hands.right.pitches.slice(0, 4)).toEqual(['C4', 'E4', 'D4', 'F4'])
    expect(shared.hands.right.steps).toEqual([4, 5, 6, 7])
    expect(shared.hands.left.fingers).toEqual([5, 4, 3, 2])
    expect(listed.hands.right.steps).toEqual([0, 1, 1, 2])
    expect(pinned.hands.right.fingers.slice(0, 8).join('')).toBe('12341231')
    expect(pinned.hands.right.alternatives.length).toBeGreaterThan(0)
    expect(pinned.difficulty.total).toBeGreaterThan(0)
    expect(beyond).toMatchObject({ keySignature: { fifths: 8 }, twin: { tonic: 'Ab' } })
    expect(beyond.hands.left.pitches[6]).toBe('F##3')
  })

  it('refuses what it cannot finger or write, naming the field', async () => {
    const { code, lines: out } = await run(
      'realise',
      lines(
        { material: { tonic: 'C', kind: 'major', inversion: 1 } },
        { material: { pitches: ['C4', 'H4'] } },
        { material: { pitches: ['C4'], tonic: 'C' } },
        { material: { pitches: [['C3', 'C6']] }, hands: 'right' },
        { material: { tonic: 'Cb', kind: 'diminished-seventh-arpeggio' } },
        { material: { tonic: 'C', kind: 'major' }, pins: [{ hand: 'right', from: 0, finger: 1 }] },
        { material: { tonic: 'C', kind: 'major' }, interval: 'third', motion: 'contrary' },
      ),
    )
    expect(code).toBe(1)
    expect(out.map((line) => JSON.parse(line).error.path)).toEqual([
      'material.inversion',
      'material.pitches[1]',
      'material.tonic',
      'material.pitches[0]',
      'material.tonic',
      'pins[0].finger',
      'interval',
    ])
  })

  it('flushes each answer before the next line comes', async () => {
    const child = spawn('npm', ['run', '--silent', 'realise'], { stdio: ['pipe', 'pipe', 'inherit'] })
    const next = () => new Promise<string>((resolve) => child.stdout.once('data', (chunk) => resolve(String(chunk))))
    for (const tonic of ['C', 'D']) {
      const answer = next()
      child.stdin.write(lines({ material: { tonic, kind: 'major' }, octaves: 1, hands: 'right' }))
      expect(JSON.parse(await answer).title).toMatch(new RegExp(`^${tonic} major`))
    }
    child.stdin.end()
    expect(await new Promise((resolve) => child.on('close', resolve))).toBe(0)
  })

  it('keeps to the published schema', async () => {
    const valid = new Ajv({ allowUnionTypes: true }).compile(schema('tactum-study-1'))
    expect(valid(RECIPE)).toBe(true)
    expect(valid({ ...RECIPE, octaves: 0 })).toBe(false)
    expect(valid({ ...RECIPE, colour: 'blue' })).toBe(false)
    const { lines: out } = await run('realise', lines(RECIPE))
    const filled = JSON.parse(out[0]!).recipe
    expect(valid(filled)).toBe(true)
    // what comes out goes in again and gives the same
    const again = await run('realise', lines(filled))
    expect(again.lines).toEqual(out)
  })
})

describe('compare', () => {
  it('tells what changes from one recipe to another, as data and in words', async () => {
    const minor = (kind: string) => ({ material: { tonic: 'A', kind }, hands: 'right' })
    const { code, lines: out } = await run(
      'compare',
      lines([minor('natural-minor'), minor('harmonic-minor')], [minor('blues')]),
    )
    expect(code).toBe(1)
    const [changes, refused] = out.map((line) => JSON.parse(line))
    expect(changes.titles).toEqual([
      'A natural minor, right hand, two octaves',
      'A harmonic minor, right hand, two octaves',
    ])
    expect(changes.hands.right.notes[0]).toEqual({ a: 6, b: 6, from: 'G4', to: 'G#4' })
    expect(changes.words[0]).toBe('G becomes G♯')
    expect(refused.error.code).toBe('compare.two')
  })
})

describe('grade', () => {
  const syllabus = 'demo/syllabi/corvane-piano.json'
  const set = {
    format: 'tactum-set/1',
    studies: [{ material: { tonic: 'C', kind: 'major' }, hands: 'right', octaves: 1 }],
  }

  it('prints the report', async () => {
    const args = ['--syllabus', syllabus, '--grade', 'initial', '--set', file('set.json', set)]
    const { code, lines: out } = await run('grade', '', args)
    expect(code).toBe(0)
    expect(JSON.parse(out[0]!)).toMatchObject({
      syllabus: 'corvane-piano',
      grade: 'initial',
      required: 10,
      covered: 1,
      missing: 9,
      surplus: [],
    })
  })

  it.each([
    ['a file that is not there', ['--syllabus', '/nowhere.json', '--grade', '1', '--set', 'x'], 'syllabus'],
    ['a file that is not JSON', ['--syllabus', file('text.json', 'C major'), '--grade', '1', '--set', 'x'], ''],
    ['an unknown grade', ['--syllabus', syllabus, '--grade', '12', '--set', file('s.json', set)], 'grade'],
    [
      'a set with a bad study',
      ['--syllabus', syllabus, '--grade', '1', '--set', file('b.json', { ...set, studies: [{ octaves: 1 }] })],
      'studies[0].material',
    ],
    ['no options', [], 'syllabus'],
  ])('refuses %s', async (_, args, where) => {
    const { code, lines: out } = await run('grade', '', args)
    expect(code).toBe(1)
    expect(JSON.parse(out[0]!).error).toMatchObject({ path: where, message: expect.any(String) })
  })

  it('places the set in every grade, and counts by policies', async () => {
    const both = { ...set, studies: [{ material: { tonic: 'C', kind: 'major' }, octaves: 1 }] }
    const args = ['--syllabus', syllabus, '--set', file('both.json', both)]
    const placed = JSON.parse((await run('grade', '', [...args, '--all'])).lines[0]!)
    expect(placed.grades.map(({ id }: { id: string }) => id)).toEqual([
      'initial',
      '1',
      '2',
      '3',
      '4',
      '5',
      '6',
      '7',
      '8',
    ])
    expect(placed).toMatchObject({ syllabus: 'corvane-piano', highest: null })
    expect(placed.grades[0]).toMatchObject({ required: 10, covered: 0, near: 1, missing: 9 })
    const policies = ['--policies', file('policies.json', { togetherForSeparate: true })]
    const graded = JSON.parse((await run('grade', '', [...args, '--grade', 'initial', ...policies])).lines[0]!)
    expect(graded).toMatchObject({ required: 10, covered: 2, near: 0, missing: 8 })
    expect(graded.atoms[0]).toMatchObject({ id: 'I.A1/C/major/right', status: 'covered', study: 0, reasons: [] })
  })

  it('takes syllabi and sets that keep to the published schemas', () => {
    const ajv = new Ajv({ allowUnionTypes: true })
    ajv.addSchema(schema('tactum-study-1'))
    expect(ajv.compile(schema('tactum-syllabus-1'))(JSON.parse(readFileSync(syllabus, 'utf8')))).toBe(true)
    expect(ajv.compile(schema('tactum-set-1'))(set)).toBe(true)
  })
})

describe('syllabus check', () => {
  it('counts the atoms of each grade, in JSON and in CSV', async () => {
    const { code, lines: out } = await run('syllabus', '', ['check', 'demo/syllabi/corvane-mallets.json'])
    expect(code).toBe(0)
    const { instrument, grades } = JSON.parse(out[0]!)
    expect([instrument, ...grades.map(({ atoms }: { atoms: number }) => atoms)]).toEqual(['mallets', 6, 11, 12, 18, 26])
    const csv = file('list.csv', 'grade,group,words\n1,A,"C, G majors, hands separately, crotchet = 60 in quavers"\n')
    const checked = JSON.parse((await run('syllabus', '', ['check', csv])).lines[0]!)
    expect(checked.grades).toEqual([{ id: '1', title: '1', atoms: 4 }])
    expect(checked.open).toEqual([{ entry: '1.A1', code: 'octaves', text: 'How many octaves? Taken as one.' }])
    expect(checked.unread).toEqual([])
  })

  it.each([
    ['a file that is not there', ['check', '/nowhere.csv'], 'file', /cannot be read/],
    [
      'a line that is not understood',
      ['check', file('bad.csv', 'grade,words\n1,C majr\n')],
      'words',
      /^Line 2: “majr”/,
    ],
    ['another action', ['mend', 'x'], 'action', /check FILE, and syllabus read/],
    ['no file', ['check'], 'file', /missing/],
  ])('refuses %s', async (_, args, path, message) => {
    const { code, lines: out } = await run('syllabus', '', args)
    expect(code).toBe(1)
    expect(JSON.parse(out[0]!).error).toMatchObject({ path, message: expect.stringMatching(message) })
  })
})

describe('syllabus read', () => {
  it('answers each printed line with its entries, what it leaves open and what was not read, in order', async () => {
    const lines = [
      'C major, hands together, crotchet = 60 in quavers',
      '',
      'D majr scale, right hand',
      'A major and A minor',
    ]
    const { code, lines: out } = await run('syllabus', lines.join('\n'), ['read'])
    expect(code).toBe(1)
    const [first, second, third] = out.map((line) => JSON.parse(line))
    expect(out).toHaveLength(3)
    expect(first).toMatchObject({
      words: lines[0],
      entries: [{ keys: ['C'], kinds: ['major'], hands: 'together', octaves: 1, tempo: { beat: 'quarter', bpm: 60 } }],
      open: [{ code: 'octaves', text: 'How many octaves? Taken as one.' }],
      unread: [],
    })
    expect(second.unread).toEqual(['majr'])
    expect(third.entries).toMatchObject([{ keys: ['A'], kinds: ['major', 'harmonic-minor'] }])
    expect(third.open.map((each: { code: string }) => each.code)).toContain('assumed.harmonic')
    const ajv = new Ajv({ allowUnionTypes: true })
    ajv.addSchema(schema('tactum-study-1'))
    const list = JSON.parse(readFileSync('demo/syllabi/corvane-piano.json', 'utf8'))
    const grades = [
      {
        ...list.grades[0],
        includes: null,
        groups: [{ id: 'A', title: 'A', entries: [{ id: '1', ...first.entries[0] }] }],
      },
    ]
    expect(ajv.compile(schema('tactum-syllabus-1'))({ ...list, grades })).toBe(true)
  })

  it('takes what a line leaves unsaid from the title of its group', async () => {
    const args = ['read', '--title', 'Arpeggios, hands separately, two octaves']
    const { code, lines: out } = await run('syllabus', 'C and G major, crotchet = 60 in quavers', args)
    expect(code).toBe(0)
    expect(JSON.parse(out[0]!)).toMatchObject({
      entries: [{ kinds: ['major-arpeggio'], hands: 'separate', octaves: 2 }],
      open: [{ code: 'kind-from-title' }],
    })
  })
})
