import { pitchName, printedName } from '#core/pitch'
import { lineFor, marksOf, pinnedNotes, type RealisedStudy } from '#core/realise'
import type { Value } from '#core/study'
import type { Place } from '~/stores/desk'

const STICKS: Record<string, string> = { R: 'right stick', L: 'left stick' }

/** What is special about a note's finger or stick. */
function specialAt(study: RealisedStudy, { hand, index }: Place): (string | false | undefined)[] {
  if (hand !== 'sticks') {
    const crossing = study.hands[hand]!.crossings.find((each) => each.index === index)
    return [crossing && (crossing.kind === 'thumb-under' ? 'thumb under' : 'finger over')]
  }
  const { doubles, inversions, rowMoves, roll } = study.sticking!
  const row = rowMoves.find((each) => each.index === index)
  return [
    roll && `rolled, ${roll.perNote[index]} strokes`,
    doubles.some((each) => each.index === index) && 'second of a double',
    inversions.some((each) => each.index === index && each.severity === 'hard') && 'sticks cross',
    row && (row.to === 'accidentals' ? 'out to the accidentals' : 'back in to the naturals'),
  ]
}

/** A finger or stick as a screen reader says it: hand, note, finger, and what is special there. */
export function fingerLabel(study: RealisedStudy, { hand, index }: Place): string {
  const part = lineFor(study, hand)
  const { pitch } = part.notes[index]!
  const mark = marksOf(study, hand)[index]!
  const pinned = pinnedNotes(study).some((pin) => pin.hand === hand && pin.index === index)
  return [
    `${hand === 'sticks' ? '' : `${hand} hand, `}note ${index + 1} of ${part.notes.length}`,
    `${spokenNote(printedName(pitch))}${pitchName(pitch).at(-1)}`,
    ...inTime(study, { hand, index }),
    hand === 'sticks' ? (STICKS[mark] ?? `mallet ${mark}`) : `finger ${mark}`,
    ...specialAt(study, { hand, index }),
    pinned && 'pinned',
  ]
    .filter(Boolean)
    .join(', ')
}

const written = ({ written: value, dots, triplet }: Value): string =>
  [dots > 0 && 'dotted', triplet && 'triplet', value].filter(Boolean).join(' ')

/** What only some notes need told: the bar that begins, a value unlike the one before, what is held or accented. */
function inTime(study: RealisedStudy, { hand, index }: Place): string[] {
  const { rhythm } = study
  const { notes } = lineFor(study, hand)
  const { step, holds } = notes[index]!
  const before = notes[index - 1]
  const here = rhythm.notes[step]!
  const told: string[] = []
  const beat = here.start % rhythm.beatsPerBar
  if (beat === 0 && before?.step !== step) told.push(`bar ${here.start / rhythm.beatsPerBar + 1}`)
  if (holds !== undefined) told.push('held')
  else if (!before || written(rhythm.notes[before.step]!) !== written(here)) told.push(written(here))
  if (rhythm.accents.includes(step)) told.push('accented')
  return told
}

const spokenNote = (name: string): string =>
  name.replace('×', ' double sharp ').replace('♭♭', ' double flat ').replace('♯', ' sharp ').replace('♭', ' flat ')
