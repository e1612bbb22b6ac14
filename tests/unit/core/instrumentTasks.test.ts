import { describe, expect, it } from 'vitest'
import { families, familyOf, INSTRUMENT_TASKS, INSTRUMENTS, type PlayerSettings } from '#core/instrument'
import { noteName } from '#core/pitch'
import { questionsOf, type Task, tasksFor } from '#core/worksheet'

const asked = (task: Task, tonic: string, settings: object, kind = 'major') => {
  const [section] = questionsOf({
    ...{ tasks: [task], kinds: [kind as never], level: 3, keys: [tonic], each: 12, seed: 1 },
    settings: settings as PlayerSettings,
  })
  const written = section?.questions[0]?.written
  return written?.is === 'marks'
    ? { notes: written.notes.map(noteName).join(' '), marks: written.marks.join(' ') }
    : null
}
const BOARD = { instrument: 'accordion', accordion: { bass: 120 } }

describe('worksheets about the board', () => {
  // rows and columns of bass scales: common practice, as method books print them
  it.each([
    ['C', 'B B C B B C C B', '0 +2 0 −1 +1 −1 +1 0'],
    ['G', 'B B C B B C C B', '0 +2 0 −1 +1 −1 +1 0'],
    ['F', 'B B C B B C C B', '0 +2 0 −1 +1 −1 +1 0'],
    ['A', 'B B C B B C C B', '0 +2 0 −1 +1 −1 +1 0'],
    ['Bb', 'B B C B B C C B', '0 +2 0 −1 +1 −1 +1 0'],
  ])('%s major: %s, columns %s', (tonic, rows, columns) => {
    expect(asked('bass-rows', tonic, BOARD)!.marks).toBe(rows)
    expect(asked('bass-columns', tonic, BOARD)!.marks).toBe(columns)
  })

  it('A major on 48 basses takes the counterbass for B', () => {
    const small = { instrument: 'accordion', accordion: { bass: 48 } }
    expect(asked('bass-rows', 'A', small)!.marks.split(' ')[1]).toBe('C')
  })

  it.each([
    ['C', 'major', 'C F G', 'M M 7'],
    ['A', 'harmonic-minor', 'A D E', 'm m 7'],
    ['Cb', 'major', 'Cb Fb Gb', 'M M 7'],
  ])('%s %s: chords on %s are %s', (tonic, kind, notes, marks) => {
    expect(asked('chord-buttons', tonic, BOARD, kind)).toEqual({ notes, marks })
  })

  it('leaves out keys that a board has not', () => {
    expect(asked('bass-rows', 'Ab', { instrument: 'accordion', accordion: { bass: 12 } })).toBeNull()
  })
})

describe('worksheets about buttons and bars', () => {
  // the C-system’s rows of C major, the B-system mirrored: common practice
  it('the rows of C major', () => {
    const rows = (treble: string) =>
      asked('button-rows', 'C', { instrument: 'accordion', accordion: { treble } })?.marks
    expect(rows('c-3')).toBe('1 3 2 3 2 1 3 1')
    expect(rows('b-3')).toBe('3 1 2 1 2 3 1 3')
    expect(rows('keys-41')).toBeUndefined()
  })

  it('the rows of bars, and where the hands go out and in', () => {
    const bars = { instrument: 'marimba-4.3' }
    expect(asked('bar-rows', 'E', bars)!.marks).toBe('N F F N N F F N')
    expect(asked('row-moves', 'E', bars)!.marks).toBe('· + · − · + · −')
  })
})

const MAKES: readonly PlayerSettings[] = [
  ...INSTRUMENTS.map(({ id }) => ({ instrument: id })),
  ...(['keys-26', 'keys-41', 'c-3', 'b-5'] as const).map((treble): PlayerSettings => ({
    instrument: 'accordion',
    accordion: { treble, bass: 72 },
  })),
]

describe('tasks', () => {
  it('about an instrument are those of its family: none speaks of a part that it has not', () => {
    const seen = new Set<Task>()
    for (const make of MAKES) {
      const own = familyOf(make)
      const offered = tasksFor(make).filter((task) => (INSTRUMENT_TASKS as readonly string[]).includes(task))
      for (const task of offered) {
        seen.add(task)
        expect(own.tasks.map((each) => each.task)).toContain(task)
        // whatever is offered has a question
        expect(asked(task, 'C', make), `${task} ${JSON.stringify(make)}`).not.toBeNull()
      }
    }
    expect(seen).toEqual(new Set(INSTRUMENT_TASKS))
    expect(tasksFor({ instrument: 'accordion', accordion: { treble: 'c-5' } })).not.toContain('black-keys')
    expect(tasksFor({ instrument: 'accordion', accordion: { treble: 'keys-26' } })).not.toContain('button-rows')
    expect(new Set(families().flatMap(({ tasks }) => tasks.map(({ task }) => task)))).toEqual(new Set(INSTRUMENT_TASKS))
  })
})
