import { pitchName, printedName } from '#core/pitch'
import { pinnedNotes, type RealisedStudy } from '#core/realise'
import type { Place } from '~/stores/desk'

/** A finger as a screen reader says it: hand, note, finger, and what is special there. */
export function fingerLabel(study: RealisedStudy, { hand, index }: Place): string {
  const part = study.hands[hand]!
  const { pitch } = part.notes[index]!
  const crossing = part.crossings.find((each) => each.index === index)
  const pinned = pinnedNotes(study).some((pin) => pin.hand === hand && pin.index === index)
  return [
    `${hand} hand, note ${index + 1} of ${part.notes.length}`,
    `${spokenNote(printedName(pitch))}${pitchName(pitch).at(-1)}`,
    `finger ${part.fingers[index]}`,
    crossing && (crossing.kind === 'thumb-under' ? 'thumb under' : 'finger over'),
    pinned && 'pinned',
  ]
    .filter(Boolean)
    .join(', ')
}

const spokenNote = (name: string): string =>
  name.replace('×', ' double sharp ').replace('♭♭', ' double flat ').replace('♯', ' sharp ').replace('♭', ' flat ')
