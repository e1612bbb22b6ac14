import { type Family, KIND_IDS, type KindId, KINDS } from '#core/material'

/** Drawers of the cabinet of material, in a teacher's words. */
export const FAMILY_WORDS: Record<Exclude<Family, 'free'>, string> = {
  scale: 'Scales',
  mode: 'Modes',
  'other-scale': 'Other scales',
  position: 'In one position',
  arpeggio: 'Arpeggios',
  seventh: 'Sevenths',
  'double-notes': 'Double notes',
  chain: 'Chord chains',
  cadence: 'Cadence',
}

/** Kinds of a family, and what each is called within it. */
export const kindsIn = (family: Family): readonly KindId[] => KIND_IDS.filter((id) => KINDS[id].family === family)

/** What its family says already is left out: “double thirds” among double notes, “diminished” among arpeggios. */
export function shortWords(id: KindId): string {
  const { words } = KINDS[id]
  const double = /^(.*) in double (.*)$/.exec(words)
  if (double) return `${double[2]}, ${double[1]}`
  const chain = /^(.*) in diatonic (.*)$/.exec(words)
  if (chain) return `${chain[2]}, ${chain[1]}`
  return words.replace(' seventh arpeggio', '').replace(' arpeggio', '').replace(' cadence I IV I V7 I', '')
}
