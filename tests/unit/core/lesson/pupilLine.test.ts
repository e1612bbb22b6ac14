import { describe, expect, it } from 'vitest'
import { TAUGHT } from '#core/instrument'
import { readPupilLine } from '#core/lesson'

const NOTHING = { instrument: null, settings: {}, lessons: [], level: null, knows: [], note: '' }
const on = (weekday: string, time: string, minutes = 30) => ({ weekday, time, minutes })

describe('a new pupil in one line', () => {
  it.each([
    ['Nina', {}],
    [
      'Nina, piano, Mondays 16:30, about Grade 3, knows C G D F',
      { instrument: 'piano', lessons: [on('mon', '16:30')], level: 3, knows: ['C', 'G', 'D', 'F'] },
    ],
    [
      'Nina B., marimba, Thu 9.15, 45 min',
      { name: 'Nina B.', instrument: 'marimba', lessons: [on('thu', '09:15', 45)] },
    ],
    ['Nina, on accordion, Saturday 4 pm', { instrument: 'accordion', lessons: [on('sat', '16:00')] }],
    ['Nina, Tuesdays and Fridays 17:00', { lessons: [on('tue', '17:00'), on('fri', '17:00')] }],
    ['Nina, Monday 16:30 45 minutes', { lessons: [on('mon', '16:30', 45)] }],
    ['Nina, beginner', { level: 1 }],
    ['Nina, level 2, knows C, G, D and Am', { level: 2, knows: ['C', 'G', 'D', 'Am'] }],
    ['Nina, knows Bb, F# minor', { knows: ['Bb', 'F#m'] }],
    ['Nina, knows E flat', { knows: ['Eb'] }],
    // what it does not know is kept as a note, and nothing is guessed
    ['Nina, small hands, plays by ear', { note: 'small hands, plays by ear' }],
    ['Nina, knows her sister', { note: 'knows her sister' }],
    ['Nina, Mondays', { note: 'Mondays' }],
    ['Nina, grade 40', { note: 'grade 40' }],
    ['  Nina ,, piano ,', { instrument: 'piano' }],
    ['', { name: '' }],
  ])('“%s”', (line, said) => {
    expect(readPupilLine(line)).toEqual({ name: 'Nina', ...NOTHING, ...said })
  })

  it.each(TAUGHT.map(({ id }) => [id]))('knows %s by its name', (id) => {
    expect(readPupilLine(`Nina, ${id}`).instrument).toBe(id)
  })
})
