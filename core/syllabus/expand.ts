import { KINDS, type KindId, signatureOf, usualTonics } from '../material'
import { noteName, parseNote, printedName } from '../pitch'
import { octaveWords } from '../realise'
import type { Atom, Entry, Grade, Requirement } from './model'

const HAND_WORDS = { together: 'hands together', right: 'right hand', left: 'left hand' } as const

function tonicsFor(entry: Entry, kind: KindId): string[] {
  const { keys } = entry
  if (!('sharps' in keys)) return [...keys]
  return usualTonics(KINDS[kind])
    .filter((tonic) => {
      const fifths = signatureOf(tonic, KINDS[kind])
      return fifths <= keys.sharps && fifths >= -keys.flats
    })
    .map(noteName)
}

/** The kinds that compete for one atom: with the candidate's choice all of one mode, else each by itself. */
function choices(entry: Entry): KindId[][] {
  if (entry.chooser === 'examiner') return entry.kinds.map((kind) => [kind])
  const modes = [...new Set(entry.kinds.map((kind) => KINDS[kind].mode))]
  return modes.map((mode) => entry.kinds.filter((kind) => KINDS[kind].mode === mode))
}

function atomWords(tonic: string, kinds: readonly KindId[], requirement: Requirement): string {
  const forms = kinds.map((kind) => KINDS[kind].words)
  const shared = forms.every((form) => form.endsWith(' minor')) && forms.length > 1
  const form = shared ? `${forms.map((each) => each.replace(' minor', '')).join(' or ')} minor` : forms.join(' or ')
  const hands = requirement.motion === 'contrary' ? 'contrary motion' : HAND_WORDS[requirement.hands]
  const touch = requirement.articulations.includes('legato') ? '' : requirement.articulations.join(' or ')
  const parts = [`${printedName(parseNote(tonic))} ${form}`, hands, octaveWords(requirement.octaves), touch]
  return parts.filter(Boolean).join(', ')
}

function atomsOfEntry(group: string, entry: Entry): Atom[] {
  const hands = entry.hands === 'separate' ? (['right', 'left'] as const) : [entry.hands]
  return choices(entry).flatMap((kinds) =>
    tonicsFor(entry, kinds[0]!).flatMap((tonic) =>
      hands.map((hand): Atom => {
        const { motion, octaves, course, articulations, tempo } = entry
        const variants = kinds.map((kind): Requirement => ({
          tonic,
          kind,
          hands: hand,
          motion,
          octaves,
          course,
          articulations,
          tempo,
        }))
        return {
          id: [entry.id, tonic, kinds.join('+'), hand].join('/'),
          group,
          entry: entry.id,
          words: atomWords(tonic, kinds, variants[0]!),
          variants,
        }
      }),
    ),
  )
}

/** Everything that a grade can ask, in printed order; choices count once. */
export const expand = (grade: Grade): Atom[] =>
  grade.groups.flatMap((group) => group.entries.flatMap((entry) => atomsOfEntry(group.id, entry)))
