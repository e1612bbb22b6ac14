import { studyError } from './messages'
import { partOf } from './part'
import { notesInCell } from './path'
import { oneOf, whole } from './checks'
import type { Tempo } from './recipe'
import {
  ACCENTS,
  ACCOMPANIMENTS,
  AFTER,
  BEFORE,
  type Bookends,
  FIGURES,
  JOURNEYS,
  LADDERS,
  LENGTHS,
  NO_BOOKENDS,
  type Pattern,
  PLAIN_PATTERN,
  PLAIN_RHYTHM,
  type RhythmShape,
  SWING_RANGE,
  WALKS,
} from './shape'

/** @throws DomainError naming the field */
export function completePattern(value: unknown): Pattern {
  const { figure, walk, journey, accompaniment } = partOf(value, PLAIN_PATTERN, 'pattern')
  return {
    figure: oneOf(figure, FIGURES, 'pattern.figure'),
    walk: oneOf(walk, WALKS, 'pattern.walk'),
    journey: oneOf(journey, JOURNEYS, 'pattern.journey'),
    accompaniment: oneOf(accompaniment, ACCOMPANIMENTS, 'pattern.accompaniment'),
  }
}

/** Figures of three or four notes fill a beat. */
export const usualNotesPerBeat = ({ figure }: Pattern): Tempo['notesPerBeat'] => {
  const size = notesInCell(figure)
  return size === 3 || size === 4 ? size : 2
}

/** Notes to the beat that go in twos, so that one of two can be longer. */
const inTwos = ({ notesPerBeat }: Tempo): boolean => ![3, 6].includes(notesPerBeat)

/** @throws DomainError naming the field; `rhythm.beat` where notes in threes are asked to go two by two */
export function completeRhythm(value: unknown, tempo: Tempo): RhythmShape {
  const given = partOf(value, PLAIN_RHYTHM, 'rhythm')
  const rhythm: RhythmShape = {
    ladder: oneOf(given.ladder, LADDERS, 'rhythm.ladder'),
    lengths: oneOf(given.lengths, LENGTHS, 'rhythm.lengths'),
    swing: whole(given.swing, SWING_RANGE.least, SWING_RANGE.most, 'rhythm.swing'),
    accents: oneOf(given.accents, ACCENTS, 'rhythm.accents'),
  }
  const paired = rhythm.lengths !== 'even' ? 'rhythm.lengths' : rhythm.swing !== 50 ? 'rhythm.swing' : null
  if (paired && !inTwos(tempo) && rhythm.ladder === 'none') {
    throw studyError('rhythm.beat', { why: 'threes' }, paired)
  }
  if (rhythm.lengths !== 'even' && tempo.notesPerBeat === 8 && rhythm.ladder === 'none') {
    throw studyError('rhythm.beat', { why: 'sixty-fourths' }, 'rhythm.lengths')
  }
  return rhythm
}

/** @throws DomainError naming the field */
export function completeBookends(value: unknown): Bookends {
  const { before, after } = partOf(value, NO_BOOKENDS, 'bookends')
  return { before: oneOf(before, BEFORE, 'bookends.before'), after: oneOf(after, AFTER, 'bookends.after') }
}
