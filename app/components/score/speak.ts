import { wordsOf } from '~/components/instrument/words'
import { pitchName, printedName } from '#core/pitch'
import { lineFor, marksOf, pinnedNotes, type RealisedStudy } from '#core/realise'
import type { Value } from '#core/study'
import type { Place } from '~/stores/desk'
import { t } from '~/composables/words'

/** A finger or stick as a screen reader says it: hand, note, finger, and what is special there. */
export function fingerLabel(study: RealisedStudy, { hand, index }: Place): string {
  const view = wordsOf(study)
  const part = lineFor(study, hand)
  const { pitch } = part.notes[index]!
  const mark = marksOf(study, hand)[index]!
  const pinned = pinnedNotes(study).some((pin) => pin.hand === hand && pin.index === index)
  return [
    t('score.speak.note-of', {
      called: view.short(hand) ? `${view.called(hand)}, ` : '',
      value: index + 1,
      count: part.notes.length,
    }),
    `${spokenNote(printedName(pitch))}${pitchName(pitch).at(-1)}`,
    ...inTime(study, { hand, index }),
    view.markWords(mark),
    ...view.special(study, hand, index),
    pinned && t('name.pinned'),
  ]
    .filter(Boolean)
    .join(', ')
}

const written = ({ written: value, dots, triplet }: Value): string =>
  t('name.value', { dotted: dots > 0 ? 'yes' : 'no', triplet: triplet ? 'yes' : 'no', value })

/** What is said of some notes only: the bar that begins, a value unlike the one before, what is held or accented. */
function inTime(study: RealisedStudy, { hand, index }: Place): string[] {
  const { rhythm } = study
  const { notes } = lineFor(study, hand)
  const { step, holds } = notes[index]!
  const before = notes[index - 1]
  const here = rhythm.notes[step]!
  const words: string[] = []
  const beat = here.start % rhythm.beatsPerBar
  if (beat === 0 && before?.step !== step)
    words.push(t('score.speak.bar', { value: here.start / rhythm.beatsPerBar + 1 }))
  if (holds !== undefined) words.push(t('name.held'))
  else if (!before || written(rhythm.notes[before.step]!) !== written(here)) words.push(written(here))
  if (rhythm.accents.includes(step)) words.push(t('name.accented'))
  return words
}

const SIGNS = { '×': 'double-sharp', '♭♭': 'double-flat', '♯': 'sharp', '♭': 'flat' } as const

const spokenNote = (name: string): string =>
  Object.entries(SIGNS).reduce((words, [glyph, sign]) => words.replace(glyph, t('score.speak.sign', { sign })), name)
