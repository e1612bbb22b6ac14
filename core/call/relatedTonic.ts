import { type KindId, type Related, relatedTo } from '../material'
import { type Note, noteName, parseNote } from '../pitch'

/** A kind of either mode, whose key stands for all of that mode. */
const OF_MODE: Readonly<Record<'major' | 'minor', KindId>> = { major: 'major', minor: 'harmonic-minor' }

/** The tonic of the minor that goes with a major key, or of the major that goes with a minor one. */
export function relatedTonic(tonic: Note, { by, mode }: Related): Note | null {
  const kind = OF_MODE[mode === 'major' ? 'minor' : 'major']
  const found = relatedTo({ tonic: noteName(tonic), kind }, { by, mode, form: null })
  return found && parseNote(found.tonic)
}
