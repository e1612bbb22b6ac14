import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { accidentalsOf } from '#core/notation'
import { noteName, pitchClass, printedName } from '#core/pitch'
import { crossingsOf, lineFor } from '#core/realise'
import {
  type Level,
  LEVELS,
  type Question,
  questionsOf,
  type Task,
  TASKS,
  type WorksheetRequest,
} from '#core/worksheet'
import { runs } from '../../support/runs'

const request = (some: Partial<WorksheetRequest> = {}): WorksheetRequest => ({
  ...{ tasks: TASKS, kinds: ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor', 'major-arpeggio'] },
  ...{ level: 3, each: 6, seed: 1, settings: {}, ...some },
})
const of = (task: Task, some: Partial<WorksheetRequest> = {}): Question[] => {
  const [section] = questionsOf(request({ tasks: [task], ...some }))
  return [...(section?.questions ?? [])]
}
const keys = (questions: readonly Question[]): string[] => questions.map(({ tonic }) => noteName(tonic))
/** All keys of a kind that a task asks, by tonic. */
const all = (task: Task, kind: WorksheetRequest['kinds'][number]): Map<string, Question> =>
  new Map(of(task, { kinds: [kind], each: 99 }).map((question) => [noteName(question.tonic), question]))

describe('a worksheet', () => {
  it('is the same for the same number, and another for another; what else is asked changes no task', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999_999 }), fc.constantFrom(...LEVELS), (seed, level) => {
        const one = questionsOf(request({ seed, level, each: 2 }))
        expect(questionsOf(request({ seed, level, each: 2 }))).toEqual(one)
        expect(of('steps', { seed, level, each: 2 })).toEqual(one.find(({ task }) => task === 'steps')!.questions)
      }),
      { numRuns: runs(5) },
    )
    const drawn = Array.from({ length: 8 }, (_, seed) => keys(of('notes', { seed, kinds: ['major'] })).join(' '))
    expect(new Set(drawn).size).toBeGreaterThan(5)
  })

  it('asks keys of as many signs as its level has, none twice', () => {
    const most: Record<Level, number> = { 1: 2, 2: 4, 3: 7 }
    for (const level of LEVELS) {
      const own = of('signature', { level, each: 99, kinds: ['major'] })
      const signs = own.map(({ study }) => Math.abs(study.keySignature.fifths))
      expect(Math.max(...signs)).toBe(most[level])
      expect(own).toHaveLength(2 * most[level] + 1)
      expect(new Set(keys(own)).size).toBe(own.length)
    }
    // the forms of a minor scale share their signature
    expect(of('signature', { each: 99, kinds: ['natural-minor', 'harmonic-minor', 'melodic-minor'] })).toHaveLength(15)
  })
})

describe('keys that are named', () => {
  it('are asked, whatever their signs, and no others', () => {
    const own = of('steps', { keys: ['F#', 'Bb', 'C'], kinds: ['major', 'natural-minor'], level: 1, each: 99 })
    expect(new Set(keys(own))).toEqual(new Set(['F#', 'Bb', 'C']))
    expect(own).toHaveLength(6)
  })
})

describe('its answers', () => {
  it('the steps of the four scales that all theory books give (common practice)', () => {
    const steps = (kind: WorksheetRequest['kinds'][number]) =>
      new Set([...all('steps', kind).values()].map(({ staff }) => staff!.steps!.join('')))
    expect(steps('major')).toEqual(new Set(['2212221']))
    expect(steps('natural-minor')).toEqual(new Set(['2122122']))
    expect(steps('harmonic-minor')).toEqual(new Set(['2122131']))
    expect(steps('melodic-minor')).toEqual(new Set(['2122221']))
  })

  it('the tetrachords: major is two of one kind, a whole step apart', () => {
    const shown = (kind: WorksheetRequest['kinds'][number]) =>
      new Set(
        [...all('tetrachords', kind).values()].map(({ written }) =>
          written?.is === 'tetrachords' ? `${written.lower} ${written.upper} ${written.between}` : '',
        ),
      )
    expect(shown('major')).toEqual(new Set(['major major 2']))
    expect(shown('natural-minor')).toEqual(new Set(['minor phrygian 2']))
    expect(shown('harmonic-minor')).toEqual(new Set(['minor harmonic 2']))
    expect(shown('melodic-minor')).toEqual(new Set(['minor major 2']))
    expect(all('tetrachords', 'major-arpeggio').size).toBe(0)
  })

  it('the black keys: A flat has flats on 1 2 4 5, E has sharps on 2 3 6 7 (common practice)', () => {
    const black = all('black-keys', 'major')
    const degreesOf = (tonic: string) => {
      const { written } = black.get(tonic)!
      return written?.is === 'marks' ? written.marks.filter((mark) => mark !== '·').map(Number) : null
    }
    expect(degreesOf('Ab')).toEqual([1, 2, 4, 5])
    expect(degreesOf('E')).toEqual([2, 3, 6, 7])
    expect(degreesOf('C')).toEqual([])
    expect(degreesOf('Gb')).toEqual([1, 2, 3, 5, 6])
  })

  it('twins name the same keys: F sharp and G flat, six sharps and six flats', () => {
    const twins = all('twin', 'major')
    for (const [tonic, { written, tonic: own }] of twins) {
      if (written?.is !== 'key') throw new Error(tonic)
      expect(pitchClass(written.tonic)).toBe(pitchClass(own))
    }
    expect([...twins.keys()].sort()).toEqual(['B', 'C#', 'Cb', 'Db', 'F#', 'Gb'])
    expect(twins.get('F#')!.written).toMatchObject({ is: 'key', fifths: -6 })
  })

  it('chords are spelled from each of their notes', () => {
    const { written } = all('arpeggio', 'major-arpeggio').get('Eb')!
    const chords = written?.is === 'chords' ? written.chords.map((chord) => chord.map(printedName).join(' ')) : []
    expect(chords).toEqual(['E♭ G B♭', 'G B♭ E♭', 'B♭ E♭ G'])
  })

  it('notes are written with every sign before its note, since there is no signature', () => {
    for (const { study, player } of all('notes', 'harmonic-minor').values()) {
      const { notes } = lineFor(study, player)
      const signs = accidentalsOf(notes, study.keySignature.fifths, () => 0)
      const wanted = notes.map(({ pitch }) => (pitch.alteration === 0 ? undefined : pitch.alteration))
      // the octave's own return needs no second sign in one bar
      expect(signs.slice(0, -1).map((sign) => sign ?? undefined)).toEqual(wanted.slice(0, -1))
    }
  })

  it('crossings are those of the hand that is asked; each hand has its own staff', () => {
    for (const { study, player, staff } of all('crossings', 'major').values())
      expect(staff!.ringed).toEqual(crossingsOf(study, player))
    expect(new Set(of('upper-marks').map(({ player }) => player))).toEqual(new Set(['right']))
    expect(new Set(of('lower-marks').map(({ player }) => player))).toEqual(new Set(['left']))
    const sticks = { settings: { instrument: 'marimba-4.3' } as const }
    expect(new Set(of('upper-marks', sticks).map(({ player }) => player))).toEqual(new Set(['sticks']))
    expect(of('lower-marks', sticks)).toEqual([])
  })

  it('a form of minor is only asked of minors', () => {
    const forms = of('minor-form', { each: 99 }).map(({ written }) => (written?.is === 'form' ? written.form : ''))
    expect(new Set(forms)).toEqual(new Set(['natural', 'harmonic', 'melodic']))
    expect(all('minor-form', 'major').size).toBe(0)
  })
})

describe('a line to go on with', () => {
  it('stands for its first motif, on every kind of single notes, and for nobody else', () => {
    const all = of('line', {
      kinds: ['major', 'blues', 'major-arpeggio', 'cadence-major', 'double-thirds-major'],
      each: 99,
      keys: ['C'],
    })
    expect(all.map(({ study }) => study.recipe.material)).toHaveLength(3)
    for (const { staff } of all) expect(staff).toMatchObject({ notes: 'begun', begun: 4, signature: 'given' })
  })

  it('is the sheet’s own motif from degree to degree, its lengths counted', () => {
    const motif = [1, 4, 2, { degree: 3, beats: 1 }]
    const [question] = of('line', { kinds: ['major'], keys: ['C'], motif })
    const { study, staff, player } = question!
    const { notes } = lineFor(study, player)
    expect(
      notes
        .slice(0, 8)
        .map(({ pitch }) => pitch.letter)
        .join(''),
    ).toBe('CFDEDGEF')
    expect(notes[4]!.step).toBe(staff!.begun)
  })

  it('keeps the signature, and is played by whoever plays', () => {
    const [marimba] = of('line', { kinds: ['major'], keys: ['D'], settings: { instrument: 'marimba-4.3' } as never })
    expect([marimba!.player, marimba!.study.keySignature.fifths]).toEqual(['sticks', 2])
  })
})
