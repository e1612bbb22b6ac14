import { studyError } from './messages'
import { partOf } from './part'
import type { NamedMaterial } from '../material'
import {
  ACCOMPANIMENTS,
  completeJourney,
  completeMotif,
  completeSequence,
  FIGURES,
  LINKS,
  momentsIn,
  usualLink,
  WALKS,
} from './line'
import { CHORD_LABELS, completeChords, VOICINGS } from './cadence'
import { oneOf, whole } from './checks'
import type { Tempo } from './pace'
import {
  ACCENTS,
  AFTER,
  BEFORE,
  type Bookends,
  LADDERS,
  LENGTHS,
  NO_BOOKENDS,
  type Pattern,
  PLAIN_PATTERN,
  PLAIN_RHYTHM,
  type RhythmShape,
  SWING_RANGE,
} from './shape'

/**
 * @param first where a journey sets out; null where there is no key
 * @throws DomainError naming the field
 */
export function completePattern(value: unknown, first: NamedMaterial | null): Pattern {
  const given = partOf(value, { ...PLAIN_PATTERN, link: undefined as unknown }, 'pattern')
  const journey = completeJourney(given.journey, first)
  return {
    figure: oneOf(given.figure, FIGURES, 'pattern.figure'),
    walk: oneOf(given.walk, WALKS, 'pattern.walk'),
    motif: completeMotif(given.motif),
    sequence: completeSequence(given.sequence),
    journey,
    link: oneOf((given.link ?? usualLink(journey)) as Pattern['link'], LINKS, 'pattern.link'),
    accompaniment: oneOf(given.accompaniment, ACCOMPANIMENTS, 'pattern.accompaniment'),
  }
}

const FILLS_A_BEAT = [3, 4] as const

/** Figures and motifs of three or four notes fill a beat. */
export function usualNotesPerBeat(pattern: Pick<Pattern, 'figure' | 'motif'>): Tempo['notesPerBeat'] {
  const moments = momentsIn(pattern)
  return FILLS_A_BEAT.find((each) => each === moments) ?? 2
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
  const { before, after, chords, voicing, labels } = partOf(value, NO_BOOKENDS, 'bookends')
  const complete: Bookends = {
    before: oneOf(before, BEFORE, 'bookends.before'),
    after: oneOf(after, AFTER, 'bookends.after'),
    chords: completeChords(chords),
    voicing: oneOf(voicing, VOICINGS, 'bookends.voicing'),
    labels: oneOf(labels, CHORD_LABELS, 'bookends.labels'),
  }
  // only a cadence has chords to be told of
  return complete.after === 'cadence' ? complete : { ...NO_BOOKENDS, before: complete.before, after: complete.after }
}
