import { wordsOf } from '~/components/instrument/words'
import { pitchName, printedName } from '#core/pitch'
import { lineFor, marksOf, pinnedNotes, type RealisedStudy } from '#core/realise'
import type { Value } from '#core/study'
import type { Place } from '~/stores/desk'

/** A finger or stick as a screen reader says it: hand, note, finger, and what is special there. */
export function fingerLabel(study: RealisedStudy, { hand, index }: Place): string {
  const view = wordsOf(study)
  const part = lineFor(study, hand)
  const { pitch } = part.notes[index]!
  const mark = marksOf(study, hand)[index]!
  const pinned = pinnedNotes(study).some((pin) => pin.hand === hand && pin.index === index)
  return [
    `${view.short(hand) ? `${view.called(hand)}, ` : ''}note ${index + 1} of ${part.notes.length}`,
    `${spokenNote(printedName(pitch))}${pitchName(pitch).at(-1)}`,
    ...inTime(study, { hand, index }),
    view.markWords(mark),
    ...view.special(study, hand, index),
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
